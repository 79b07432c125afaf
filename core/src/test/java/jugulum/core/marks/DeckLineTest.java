package jugulum.core.marks;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Random;
import jugulum.core.check.OutOfRange;
import jugulum.core.ledger.Machine;
import jugulum.core.machine.Gear;
import jugulum.core.screens.Cut;
import jugulum.core.screens.StandardScreens;
import org.junit.jupiter.api.Test;

class DeckLineTest {
  private static final Cut CUT =
      new Cut(StandardScreens.numbered("30"), StandardScreens.numbered("50"));
  private static final OptionalDouble NONE = OptionalDouble.empty();

  private static LineMark mark(double tilt, double mm) {
    return new LineMark(CUT, tilt, NONE, mm, OptionalDouble.of(tilt + 2));
  }

  private static LineMark mark(double tilt, double water, double mm) {
    return new LineMark(CUT, tilt, OptionalDouble.of(water), mm, NONE);
  }

  /** 120, 152 and 181 mm at 2, 3 and 4°: 30.5 mm a degree, 166 mm at 3.5°. */
  @Test
  void theLineMovesWithTheTilt() {
    DeckLine line = DeckLine.of(List.of(mark(2, 120), mark(3, 152), mark(4, 181))).orElseThrow();
    assertThat(line.perDegree()).isCloseTo(30.5, within(1e-9));
    assertThat(line.mm(3.5, NONE).orElseThrow()).isCloseTo(166.25, within(1e-9));
    assertThat(line.tilt(166.25, NONE).orElseThrow()).isCloseTo(3.5, within(1e-9));
    assertThat(line.perLitre()).isEmpty();
    assertThat(line.scatter().orElseThrow()).isCloseTo(1.2247, within(1e-3));
    assertThat(line.stands()).hasValue(6);
    assertThat(line.mm(4.5, NONE)).as("nobody looked").isEmpty();
    assertThat(line.tilt(300, NONE)).isEmpty();
  }

  @Test
  void twoMarksLieOnTheirLineAndOneTiltIsNone() {
    DeckLine line = DeckLine.of(List.of(mark(2, 120), mark(4, 180))).orElseThrow();
    assertThat(line.mm(3, NONE)).hasValue(150);
    assertThat(line.scatter()).isEmpty();
    assertThat(DeckLine.of(List.of(mark(2, 120), mark(2, 130)))).isEmpty();
    assertThat(DeckLine.of(List.of())).isEmpty();
  }

  /** Turned together, nobody can say which of both moved it. */
  @Test
  void waterCountsOnlyWhereItWasTurnedApart() {
    List<LineMark> together =
        List.of(mark(2, 10, 120), mark(3, 15, 150), mark(4, 20, 180), mark(5, 25, 210));
    assertThat(DeckLine.of(together).orElseThrow().perLitre()).isEmpty();
    List<LineMark> apart = new ArrayList<>();
    Random noise = new Random(4);
    for (double tilt : new double[] {2, 3, 4}) {
      for (double water : new double[] {12, 18, 24}) {
        apart.add(mark(tilt, water, 40 + 25 * tilt + 3 * water + noise.nextGaussian()));
      }
    }
    DeckLine line = DeckLine.of(apart).orElseThrow();
    assertThat(line.perDegree()).isCloseTo(25, within(1.5));
    assertThat(line.perLitre().orElseThrow()).isCloseTo(3, within(0.3));
    assertThat(line.mm(3, OptionalDouble.of(20)).orElseThrow()).isCloseTo(175, within(3.0));
    assertThat(line.mm(3, NONE)).isEqualTo(line.mm(3, OptionalDouble.of(18)));
  }

  @Test
  void whatCannotBeIsRefused() {
    assertThatThrownBy(() -> mark(-1, 100)).isInstanceOf(OutOfRange.class);
    assertThatThrownBy(() -> mark(3, Double.NaN)).isInstanceOf(OutOfRange.class);
    assertThatThrownBy(() -> mark(3, 0, 100)).isInstanceOf(OutOfRange.class);
  }

  @Test
  void aTableKeepsItsOwnByCut() {
    Gear deck = Gear.any(new Machine(Machine.Kind.SHAKER_TABLE, "long deck"));
    Gear known = deck.withLines(List.of(mark(2, 120), mark(4, 180)));
    assertThat(known.line(CUT).orElseThrow().perDegree()).isEqualTo(30);
    assertThat(known.line(Cut.ALL)).isEmpty();
    assertThat(deck.keepingMarksOf(known)).isEqualTo(known);
    assertThat(known.withLines(List.of())).isEqualTo(deck);
  }
}
