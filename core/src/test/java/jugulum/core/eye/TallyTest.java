package jugulum.core.eye;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import jugulum.core.eye.SeenSpeck.Verdict;
import jugulum.core.eye.SeenSpeck.Why;
import org.junit.jupiter.api.Test;

/** A person goes through what was seen. */
class TallyTest {
  private static final double[] BLACK = {0.028, 0.028, 0.03};
  private static final PictureScale SCALE =
      new PictureScale(
          40,
          0.004,
          false,
          new PictureScale.Found.Drawn(new Point(0, 0), new Point(400, 0)),
          new boolean[640 * 480]);

  private static SeenSpeck speck(double x, Verdict verdict) {
    SeenSpeck round = Shapes.ellipse(new Point(x, 100), 20, 16);
    return round.judged(
        verdict, verdict == Verdict.UNSURE ? Optional.of(Why.PALE) : Optional.empty());
  }

  private static Tally tally() {
    return Tally.of(
        new PictureSeen(
            List.of(
                speck(50, Verdict.GOLD),
                speck(100, Verdict.UNSURE),
                speck(150, Verdict.NOT_GOLD),
                speck(200, Verdict.UNSURE)),
            SCALE,
            0,
            OptionalDouble.empty(),
            0));
  }

  @Test
  void theUnsureAreGoneThroughOneAfterTheOther() {
    Tally tally = tally();
    assertThat(tally.gold()).hasSize(3);
    assertThat(tally.unsure()).isEqualTo(2);
    assertThat(tally.nextUnsure(-1)).hasValue(1);
    tally = tally.saying(1, false);
    assertThat(tally.nextUnsure(1)).hasValue(3);
    tally = tally.saying(3, true);
    assertThat(tally.nextUnsure(3)).isEmpty();
    assertThat(tally.unsure()).isZero();
    assertThat(tally.gold()).hasSize(2);
    assertThat(tally.takenOut()).isEqualTo(1);
    assertThat(tally.putIn()).isZero();
    tally = tally.saying(2, true);
    assertThat(tally.putIn()).as("it did not look like gold").isEqualTo(1);
  }

  @Test
  void whatIsPutInCountsAndWhatLiesThereIsFound() {
    Tally tally = tally().with(Shapes.ellipse(new Point(300, 300), 12, 12));
    assertThat(tally.gold()).hasSize(4);
    assertThat(tally.putIn()).isEqualTo(1);
    assertThat(tally.at(new Point(301, 299))).hasValue(4);
    assertThat(tally.at(new Point(400, 400))).isEmpty();
  }

  @Test
  void twoAsOneHaveTheAreaOfBothAndOneMadeTwoToo() {
    List<DrawnDiscs.Disc> discs =
        List.of(new DrawnDiscs.Disc(300, 240, 40), new DrawnDiscs.Disc(318, 240, 40));
    Light light = DrawnDiscs.of(discs, BLACK, 0.7, 1);
    Tally tally = Tally.of(Eye.look(light, SCALE, Tray.BLACK, Optional.empty()));
    assertThat(tally.gold()).as("nine tenths of a neck").hasSize(1);
    double area = tally.gold().getFirst().areaPx();
    Tally two = tally.with(0, Shapes.split(tally.gold().getFirst()));
    assertThat(two.gold()).hasSize(2);
    assertThat(two.gold().stream().mapToDouble(SeenSpeck::areaPx).sum()).isEqualTo(area);
    assertThat(two.gold().getFirst().areaPx() / area).isBetween(0.4, 0.6);
    Tally one = two.joined(0, 1);
    assertThat(one.gold())
        .singleElement()
        .satisfies(both -> assertThat(both.areaPx()).isCloseTo(area, within(1e-9)));
    assertThat(one.gold().getFirst().longPx())
        .isCloseTo(tally.gold().getFirst().longPx(), within(0.5));
  }

  @Test
  void oneGrowsFromAPlace() {
    Light light = DrawnDiscs.of(List.of(new DrawnDiscs.Disc(300, 240, 30)), BLACK, 0.7, 1);
    SeenSpeck grown = Shapes.grown(light, SCALE, new Point(303, 238)).orElseThrow();
    assertThat(grown.areaPx()).isCloseTo(Math.PI / 4 * 900, within(40.0));
    assertThat(grown.centre().to(new Point(300, 240))).isLessThan(0.5);
    assertThat(Shapes.grown(light, SCALE, new Point(0, 0))).isEmpty();
  }
}
