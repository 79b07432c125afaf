package jugulum.core.magnet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.EnumSet;
import java.util.OptionalDouble;
import jugulum.core.ledger.Bench;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.Measure.Pass;
import jugulum.core.ledger.Measure.Pass.From;
import jugulum.core.ledger.Reading;
import jugulum.core.ledger.ReadingId;
import jugulum.core.ledger.Reason;
import jugulum.core.ledger.Step;
import jugulum.core.ledger.StepId;
import jugulum.core.minerals.Mineral;
import org.junit.jupiter.api.Test;

/** Passes as a person records, forgets, corrects and strikes them. */
class LadderTest {
  private static final StepId MAGNET = new StepId(2);

  private static Bench bench() {
    return Bench.started().weighs(1, 8_000).magnet(1);
  }

  private static Bench passes(Bench bench, Pass... passes) {
    for (Pass pass : passes) {
      bench.does(new Edit.RecordOnStep(MAGNET, pass));
    }
    return bench;
  }

  private static Step step(Bench bench) {
    return bench.step(2).orElseThrow();
  }

  private static Pass sand(double lifted, double dropped, int specks) {
    return new Pass(From.SAND, lifted, dropped, specks);
  }

  private static Pass heap(double lifted, double dropped, int specks) {
    return new Pass(From.HEAP, lifted, dropped, specks);
  }

  @Test
  void theHeapGrowsFromTheSandAndShrinksFromItself() {
    Ladder ladder =
        Ladder.of(
            step(passes(bench(), sand(4_316, 212, 46), heap(4_104, 71, 21), heap(4_033, 30, 9))),
            OptionalDouble.empty(),
            1);
    assertThat(ladder.rungs())
        .extracting(Ladder.Rung::heapAfterG)
        .containsExactly(4_104.0, 4_033.0, 4_003.0);
    assertThat(ladder.rungs())
        .allMatch(rung -> rung.closes(0.001))
        .extracting(Ladder.Rung::strayG)
        .containsOnly(0.0);
    assertThat(ladder.magnetiteLeftG()).isEmpty();
  }

  @Test
  void whatTheHeapLostBetweenTwoPassesIsAFindingNotAnError() {
    Ladder ladder =
        Ladder.of(
            step(passes(bench(), sand(4_316, 212, 46), heap(4_004, 71, 21))),
            OptionalDouble.empty(),
            1);
    assertThat(ladder.rungs().getLast().strayG()).isEqualTo(-100);
    assertThat(ladder.rungs().getLast().closes(0.01)).isFalse();
  }

  @Test
  void magnetiteIsBalancedOverThePassesOverTheSand() {
    Ladder ladder =
        Ladder.of(
            step(passes(bench(), sand(4_000, 200, 30), heap(3_800, 60, 9), sand(500, 20, 4))),
            OptionalDouble.of(4_400),
            0.95);
    Ladder.Taken first = ladder.rungs().getFirst().magnetite().orElseThrow();
    assertThat(first.takenG()).isEqualTo(3_800 * 0.95);
    assertThat(first.efficiency()).isCloseTo(3_610 / 4_400.0, within(1e-12));
    assertThat(ladder.rungs().get(1).magnetite()).as("a pass over the heap takes none").isEmpty();
    assertThat(ladder.magnetiteLeftG())
        .as("what the heap gave back is in the sand again")
        .hasValue(4_400 - (3_740 + 480) * 0.95);
    assertThat(first.isTooMuch()).isFalse();
    assertThat(new Ladder.Taken(1_000, 1_060).isTooMuch()).isTrue();
  }

  @Test
  void aPassOverTheSandTrapsAnewSoTheCountBeginsThere() {
    Bench bench =
        passes(
            bench(),
            sand(4_000, 200, 30),
            sand(300, 20, 6),
            heap(4_080, 60, 9),
            heap(4_020, 20, 2));
    assertThat(step(bench).catches(0.03)).containsExactly(36.0, 9.0, 2.0);
    passes(bench, sand(200, 10, 5), heap(4_190, 15, 1));
    assertThat(step(bench).catches(0.03)).containsExactly(5.0, 1.0);
  }

  @Test
  void weighedGoldSpeaksForItsPass() {
    Pass weighed =
        new Pass(From.HEAP, 100, 5, 7, OptionalDouble.of(0.12), java.util.Optional.empty());
    assertThat(weighed.catchSpecks(0.03)).isCloseTo(4, within(1e-12));
  }

  @Test
  void aForgottenPassIsPutInItsPlaceAndAllFiguresFollow() {
    Bench bench = passes(bench(), sand(4_316, 212, 46), heap(4_033, 30, 9));
    ReadingId second = step(bench).readings().getLast().id();
    bench.does(new Edit.InsertOnStep(MAGNET, second, heap(4_104, 71, 21)));
    assertThat(step(bench).passes()).extracting(Pass::specks).containsExactly(46, 21, 9);
    assertThat(Ladder.of(step(bench), OptionalDouble.empty(), 1).rungs())
        .allMatch(rung -> rung.strayG() == 0);
    assertThat(
            bench.refused(new Edit.InsertOnStep(MAGNET, new ReadingId(99), heap(1, 0, 0))).reason())
        .isEqualTo(Reason.NO_SUCH_READING);
    ReadingId first = step(bench).readings().getFirst().id();
    assertThat(bench.refused(new Edit.InsertOnStep(MAGNET, first, heap(1, 0, 0))).reason())
        .as("out of order")
        .isEqualTo(Reason.FIRST_PASS_FROM_HEAP);
    bench.does(new Edit.Strike(second, "read twice"));
    assertThat(step(bench).passes()).extracting(Pass::specks).containsExactly(46, 21);
    assertThat(step(bench).readings())
        .filteredOn(reading -> !reading.isLive())
        .extracting(Reading::id)
        .containsExactly(second);
    bench.undo().undo();
    assertThat(step(bench).passes()).extracting(Pass::specks).containsExactly(46, 9);
  }

  @Test
  void theBenchTestTellsWhatIsThere() {
    MagnetShares shares = MagnetShares.of(new Measure.MagnetTest(100, 55, 0.4));
    EnumSet<Mineral> possible =
        EnumSet.of(
            Mineral.MAGNETITE, Mineral.ILMENITE, Mineral.GARNET, Mineral.ZIRCON, Mineral.QUARTZ);
    assertThat(shares.among(possible))
        .containsExactlyInAnyOrder(Mineral.MAGNETITE, Mineral.ZIRCON, Mineral.QUARTZ);
    MagnetShares after = shares.withMagnetite(0.0);
    assertThat(after.magnetite()).isZero();
    assertThat(after.weakly()).isCloseTo(0.4 / 45, within(1e-12));
    assertThat(after.among(possible)).doesNotContain(Mineral.MAGNETITE);
    assertThat(after.notMagnetic() + after.weakly()).isCloseTo(1, within(1e-12));
  }

  /** Common practice: a drum's first pass takes 90 to 95 % of the magnetite. */
  @Test
  void theDrumsFirstPass() {
    DrumPass pass = DrumPass.of(10_000, 0.6, 5_800, 0.96);
    assertThat(pass.efficiency())
        .isBetween(DrumPass.USUAL_LOW, DrumPass.USUAL_HIGH)
        .isCloseTo(0.928, within(1e-12));
    assertThat(pass.leftG()).isCloseTo(432, within(1e-9));
    assertThat(pass.secondPassG()).isCloseTo(432 * 0.928, within(1e-9));
    assertThat(DrumPass.of(10_000, 0, 10, 1).efficiency()).isZero();
  }
}
