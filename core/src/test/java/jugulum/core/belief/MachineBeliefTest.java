package jugulum.core.belief;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import jugulum.core.check.Band;
import jugulum.core.gold.Recovery;
import jugulum.core.gold.Stage;
import jugulum.core.ledger.Assumptions;
import jugulum.core.ledger.Machine;
import jugulum.core.ledger.StepId;
import jugulum.core.machine.Gear;
import jugulum.core.machine.Proven;
import jugulum.core.runs.PastRun;
import jugulum.core.screens.Cut;
import jugulum.core.screens.StandardScreens;
import jugulum.core.simulated.Coverage;
import jugulum.core.trial.SpikeBack;
import jugulum.core.trial.TrialPlan.Stuff;
import jugulum.core.trial.TriedRun;
import jugulum.core.window.Conditions;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What a machine has shown, and what that lets expect. */
class MachineBeliefTest {
  private static final Gear TABLE = Gear.any(Machine.Kind.SHAKER_TABLE);
  private static final Cut CUT = cut("30", "50");
  private static final Cut OTHER = cut("50", "100");
  private static final int MACHINES = 1_000;
  private static final Conditions USUAL =
      Conditions.usual(Assumptions.USUAL, Conditions.USUAL_HEAVIES, true);

  private static Cut cut(String passing, String retained) {
    return new Cut(StandardScreens.numbered(passing), StandardScreens.numbered(retained));
  }

  private static PastRun run(PastRun.Kind kind, Cut cut, Band recovery, Stage.Bound bound) {
    return new PastRun(
        new StepId(2),
        TABLE.machine(),
        kind,
        Instant.EPOCH,
        cut,
        OptionalDouble.of(5_000),
        Map.of(),
        OptionalDouble.empty(),
        new Stage(
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            bound,
            Recovery.Of.FREE,
            List.of(),
            List.of(),
            Optional.of(recovery),
            OptionalDouble.empty(),
            Optional.empty(),
            Optional.empty()),
        Optional.empty(),
        OptionalDouble.empty(),
        Optional.empty());
  }

  private static PastRun first(double low, double share, double high) {
    return run(PastRun.Kind.FIRST, CUT, new Band(low, share, high), Stage.Bound.TOLD);
  }

  private static TriedRun tried(int won, int in) {
    return new TriedRun(
        TABLE.machine(),
        CUT,
        Map.of(),
        new SpikeBack(in, won, in - won),
        Stuff.GOLD,
        Optional.empty(),
        Optional.empty());
  }

  private static Optional<Proven> expected(Experience evidence, PastRun.Kind kind) {
    return new MachineBelief(evidence).record(TABLE, CUT, kind, USUAL);
  }

  private static Band practice(PastRun.Kind kind) {
    return new MachineBelief(Experience.NONE).practice(TABLE, CUT, kind, USUAL);
  }

  private static double width(Band band) {
    return band.high() - band.low();
  }

  @Test
  void oneRunDrawsCommonPracticeTowardsItAndManyReachIt() {
    Band practice = practice(PastRun.Kind.FIRST);
    List<PastRun> runs = new ArrayList<>();
    double before = practice.usual();
    for (int count : new int[] {1, 3, 10, 40}) {
      while (runs.size() < count) {
        runs.add(first(0.55, 0.60, 0.65));
      }
      Proven proven = expected(Experience.of(runs), PastRun.Kind.FIRST).orElseThrow();
      assertThat(proven.runs()).isEqualTo(count);
      assertThat(proven.share().usual()).as("after %s runs", count).isLessThan(before);
      before = proven.share().usual();
    }
    assertThat(before).isCloseTo(0.60, within(0.02));
  }

  @Test
  void runsOfOtherCutsKindsAndMachinesAndBoundsAreNotMixed() {
    Band told = new Band(0.97, 0.99, 0.995);
    List<PastRun> runs = new ArrayList<>();
    for (int i = 0; i < 12; i++) {
      runs.add(run(PastRun.Kind.REDUCTION, CUT, told, Stage.Bound.TOLD));
      runs.add(run(PastRun.Kind.FIRST, OTHER, told, Stage.Bound.TOLD));
      runs.add(run(PastRun.Kind.FIRST, CUT, told, Stage.Bound.AT_MOST));
    }
    Experience evidence = Experience.of(runs);
    assertThat(expected(evidence, PastRun.Kind.FIRST)).isEmpty();
    assertThat(expected(evidence, PastRun.Kind.RERUN)).isEmpty();
    assertThat(expected(evidence, PastRun.Kind.REDUCTION).orElseThrow().share().usual())
        .isCloseTo(0.99, within(0.005));
    assertThat(
            new MachineBelief(evidence)
                .record(Gear.any(Machine.Kind.VORTEX_BOWL), CUT, PastRun.Kind.REDUCTION, USUAL))
        .isEmpty();
  }

  @Test
  void trialsShiftWhatAFirstRunStartsFromAndNothingElse() {
    Experience tried =
        new Experience(List.of(), List.of(tried(30, 60), tried(33, 60), tried(28, 60)));
    Proven alone = expected(tried, PastRun.Kind.FIRST).orElseThrow();
    assertThat(alone.tried()).isEqualTo(3);
    assertThat(alone.runs()).isZero();
    Band practice = practice(PastRun.Kind.FIRST);
    assertThat(alone.share().usual()).isLessThan(practice.usual());
    assertThat(expected(tried, PastRun.Kind.RERUN)).isEmpty();
    Experience both = new Experience(List.of(first(0.85, 0.88, 0.91)), tried.tried());
    Experience runAlone = Experience.of(both.runs());
    assertThat(expected(both, PastRun.Kind.FIRST).orElseThrow().share().usual())
        .isBetween(
            alone.share().usual(),
            expected(runAlone, PastRun.Kind.FIRST).orElseThrow().share().usual());
  }

  @Test
  void leadAndTrialsOfOthersDoNotCountAsItsOwn() {
    TriedRun own = tried(30, 60);
    TriedRun lead =
        new TriedRun(
            own.machine(),
            CUT,
            Map.of(),
            own.back(),
            Stuff.LEAD,
            Optional.empty(),
            Optional.empty());
    TriedRun theirs =
        new TriedRun(
            own.machine(),
            CUT,
            Map.of(),
            own.back(),
            Stuff.GOLD,
            Optional.of("the other shed"),
            Optional.empty());
    assertThat(expected(new Experience(List.of(), List.of(lead, theirs)), PastRun.Kind.FIRST))
        .isEmpty();
    assertThat(new MachineBelief(Experience.NONE).tried(List.of(theirs), TABLE, CUT, USUAL).tried())
        .isEqualTo(1);
  }

  /** 54 of 60 specks: mid-P 80 to 96 %, though nobody looked at the tailings. */
  @Test
  void aSpikeTellsARunWhoseTailingsNobodyLookedAt() {
    PastRun open = run(PastRun.Kind.FIRST, CUT, new Band(0.2, 1, 1), Stage.Bound.AT_MOST);
    assertThat(open.isTold()).isFalse();
    PastRun spiked = open.with(new SpikeBack(60, 54, 6));
    assertThat(spiked.isTold()).isTrue();
    assertThat(spiked.bound()).isEqualTo(Stage.Bound.TOLD);
    assertThat(spiked.recovery().orElseThrow().usual()).isCloseTo(0.9, within(1e-12));
    assertThat(spiked.recovery().orElseThrow().low()).isCloseTo(0.80, within(0.01));
    assertThat(expected(Experience.of(List.of(spiked)), PastRun.Kind.FIRST)).isPresent();
    PastRun looked = first(0.80, 0.84, 0.88).with(new SpikeBack(60, 54, 6));
    assertThat(looked.recovery().orElseThrow().usual()).as("its lots go before").isEqualTo(0.84);
  }

  /** Where nobody has a record the low end is halved for what was missed once. */
  @Test
  void whatWasMissedOnceIsWonLessOften() {
    Band fresh = practice(PastRun.Kind.FIRST);
    Band again = practice(PastRun.Kind.RERUN);
    assertThat(again.low()).isEqualTo(fresh.low() / 2);
    assertThat(again.usual()).isLessThan(fresh.usual());
    assertThat(width(again)).isGreaterThan(width(fresh));
  }

  private static double logit(double share) {
    return Math.log(share / (1 - share));
  }

  private static double share(double logit) {
    return 1 / (1 + Math.exp(-logit));
  }

  private static int found(int specks, double share, Random random) {
    int found = 0;
    for (int i = 0; i < specks; i++) {
      found += random.nextDouble() < share ? 1 : 0;
    }
    return found;
  }

  /**
   * Machines as common practice has them, each tried and run: the next first run lies in the range.
   * With trials the range errs to the wide side.
   */
  @Tag("simulated")
  @ParameterizedTest
  @CsvSource({"0, 4", "3, 0", "6, 2", "4, 8"})
  void theNextRunLiesInItsRange(int trials, int runs) {
    Band practice = practice(PastRun.Kind.FIRST);
    double m0 = (logit(practice.low()) + logit(practice.high())) / 2;
    double s0 = (logit(practice.high()) - logit(practice.low())) / 2 / 1.6448536;
    Random random = new Random(71 + trials + runs);
    String what = "the next run after %d trials and %d runs".formatted(trials, runs);
    Coverage coverage =
        trials == 0 ? Coverage.of(what, MACHINES) : Coverage.upTo(1, what, MACHINES);
    coverage.asking(
        () -> {
          double machine = m0 + s0 * Math.sqrt(0.5) * random.nextGaussian();
          List<TriedRun> tried = new ArrayList<>();
          for (int one = 0; one < trials; one++) {
            double truth = share(machine + s0 * Math.sqrt(0.5) * random.nextGaussian());
            tried.add(tried(found(60, truth, random), 60));
          }
          List<PastRun> past = new ArrayList<>();
          for (int one = 0; one < runs; one++) {
            double truth = machine + s0 * Math.sqrt(0.5) * random.nextGaussian();
            double told = truth + 0.3 * random.nextGaussian();
            past.add(first(share(told - 1.96 * 0.3), share(told), share(told + 1.96 * 0.3)));
          }
          Band range =
              expected(new Experience(past, tried), PastRun.Kind.FIRST).orElseThrow().share();
          double next = share(machine + s0 * Math.sqrt(0.5) * random.nextGaussian());
          return range.low() <= next && next <= range.high();
        });
  }
}
