package jugulum.core.trial;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.UUID;
import jugulum.core.ledger.Machine;
import jugulum.core.ledger.Material;
import jugulum.core.screens.Cut;
import jugulum.core.screens.StandardScreens;
import jugulum.core.stream.Applied;
import jugulum.core.stream.Refusal;
import jugulum.core.trial.Comparison.Verdict;
import jugulum.core.trial.TrialPlan.Stuff;
import jugulum.core.trial.TrialResult.Finding;
import org.apache.commons.rng.simple.RandomSource;
import org.junit.jupiter.api.Test;

class TrialFoldTest {
  private static final Instant AT = Instant.parse("2026-05-04T08:00:00Z");
  private static final Cut COARSE = cut("30", "50");
  private static final Cut FINE = cut("50", "100");
  private static final TrialId ID =
      new TrialId(UUID.fromString("5d0f0e6c-0000-4000-8000-000000000015"));
  private static final TrialPlan PLAN =
      new TrialPlan(
          Stuff.GOLD,
          List.of(
              Contender.of(new Machine(Machine.Kind.VORTEX_BOWL, "garden bowl")),
              Contender.of(new Machine(Machine.Kind.PIPE_TRAP, "little trap"))),
          List.of(COARSE, FINE),
          60,
          List.of(0, 1, 1, 0));

  private final TrialFold fold = new TrialFold();
  private Optional<Trial> trial = Optional.empty();

  private static Cut cut(String passing, String retained) {
    return new Cut(StandardScreens.numbered(passing), StandardScreens.numbered(retained));
  }

  private void does(TrialEdit edit) {
    switch (fold.apply(trial, edit, AT)) {
      case Applied.Done<Trial>(Trial after) -> trial = Optional.of(after);
      case Applied.Refused<Trial>(Refusal refusal) -> throw new AssertionError(refusal);
    }
  }

  private Refusal.Reason refused(TrialEdit edit) {
    return switch (fold.apply(trial, edit, AT)) {
      case Applied.Done<Trial> done -> throw new AssertionError(done);
      case Applied.Refused<Trial>(Refusal refusal) -> refusal.reason();
    };
  }

  private void begins() {
    does(new TrialEdit.Begin(ID, " Bowl against trap ", PLAN));
  }

  private void runs(int contender, int coarse, int fine, int fineLost) {
    does(
        new TrialEdit.Run(
            contender, 2_000, List.of(Spike.counted(COARSE, 60), Spike.counted(FINE, 60))));
    does(
        new TrialEdit.Find(
            trial.orElseThrow().runs().size(),
            List.of(
                Found.counted(Material.CONCENTRATE, COARSE, coarse),
                Found.counted(Material.TAILINGS, COARSE, 60 - coarse),
                Found.counted(Material.CONCENTRATE, FINE, fine),
                Found.counted(Material.TAILINGS, FINE, fineLost))));
  }

  @Test
  void aTrialIsPlannedDoneAndRead() {
    begins();
    assertThat(trial.orElseThrow().nextContender()).contains(0);
    runs(0, 59, 55, 4);
    runs(1, 58, 30, 28);
    runs(1, 59, 32, 27);
    runs(0, 58, 54, 5);
    assertThat(trial.orElseThrow().nextContender()).isEmpty();
    TrialResult result = TrialResult.of(trial.orElseThrow());
    TrialLine bowl = result.line(0, FINE).orElseThrow();
    assertThat(bowl.back()).isEqualTo(new SpikeBack(120, 109, 9));
    assertThat(bowl.back().missing()).isEqualTo(2);
    assertThat(bowl.runs()).isEqualTo(2);
    assertThat(result.pairs())
        .extracting(pair -> pair.cut().notation() + " " + pair.comparison().verdict())
        .containsExactly(
            COARSE.notation() + " " + Verdict.NOT_SETTLED, FINE.notation() + " " + Verdict.FIRST);
    assertThat(result.findings())
        .as("two runs of each do not tell how runs differ")
        .hasOnlyElementsOfType(Finding.FewRuns.class);
  }

  @Test
  void theSandsOwnGoldIsTakenOff() {
    begins();
    runs(0, 59, 55, 4);
    double before =
        TrialResult.of(trial.orElseThrow()).line(0, FINE).orElseThrow().recovered().least();
    does(new TrialEdit.Run(0, 1_000, List.of()));
    does(new TrialEdit.Find(2, List.of(Found.counted(Material.CONCENTRATE, FINE, 3))));
    TrialLine line = TrialResult.of(trial.orElseThrow()).line(0, FINE).orElseThrow();
    assertThat(line.own()).as("3 in 1 kg are 6 in 2 kg").hasValue(6);
    assertThat(line.recovered().least()).isCloseTo(before - 0.1, within(1e-12));
  }

  @Test
  void whatIsDoubtfulIsAFindingAndNoRefusal() {
    begins();
    runs(0, 60, 63, 2);
    runs(1, 0, 20, 20);
    TrialResult result = TrialResult.of(trial.orElseThrow());
    assertThat(result.findings())
        .anyMatch(one -> one instanceof Finding.TooMuch much && much.over() == 5)
        .anyMatch(one -> one instanceof Finding.AllFound all && all.cut().equals(COARSE))
        .anyMatch(one -> one instanceof Finding.NoneFound none && none.contender() == 1)
        .anyMatch(one -> one instanceof Finding.Missing lost && lost.much() == 20)
        .anyMatch(Finding.FewRuns.class::isInstance);
    assertThat(result.line(0, COARSE).orElseThrow().recovered().low()).isLessThan(1);
  }

  private void weighs(double wonMg, double lostMg, double sdMg) {
    does(
        new TrialEdit.Run(
            0,
            2_000,
            List.of(new Spike(FINE, OptionalInt.empty(), OptionalDouble.of(50), sdMg, 0.96))));
    does(
        new TrialEdit.Find(
            trial.orElseThrow().runs().size(),
            List.of(weighed(Material.CONCENTRATE, wonMg), weighed(Material.TAILINGS, lostMg))));
  }

  private static Found weighed(Material port, double mg) {
    return new Found(port, FINE, OptionalInt.empty(), OptionalDouble.of(mg));
  }

  /** 50 mg of 96 % are 48 mg of gold; 36 of them are three quarters. */
  @Test
  void aSpikeThatWasOnlyWeighedIsReadByWeight() {
    begins();
    weighs(36, 11.9, 0.1);
    TrialResult result = TrialResult.of(trial.orElseThrow());
    TrialLine line = result.line(0, FINE).orElseThrow();
    assertThat(line.basis()).isEqualTo(TrialLine.Basis.WEIGHED);
    assertThat(line.recovered().least()).isCloseTo(0.75, within(1e-12));
    assertThat(line.recovered().most()).as("0.1 mg is what the scale leaves open").isEqualTo(0.75);
    assertThat(result.findings()).hasOnlyElementsOfType(Finding.FewRuns.class);
    ShareRange counted = ShareRange.of(line.back().won(), line.back().in(), 0.95);
    double times = Math.sqrt(1 + (line.back().in() - 1) * RunScatter.USUAL_CORRELATION);
    assertThat(line.recovered().low())
        .as("as by counting, and the usual scatter of runs")
        .isCloseTo(0.75 - times * (0.75 - counted.low()), within(0.015));
    assertThat(line.recovered().high())
        .isCloseTo(0.75 + times * (counted.high() - 0.75), within(0.015));
    weighs(36, 2, 0.1);
    assertThat(TrialResult.of(trial.orElseThrow()).findings(0, FINE))
        .anySatisfy(
            one ->
                assertThat(one)
                    .isInstanceOfSatisfying(
                        Finding.Missing.class,
                        missing -> assertThat(missing.much()).isCloseTo(10.1, within(1e-9))));
  }

  @Test
  void theSandsOwnGoldIsTakenOffByWeightToo() {
    begins();
    weighs(40, 10, 0.1);
    does(new TrialEdit.Run(0, 1_000, List.of()));
    does(new TrialEdit.Find(2, List.of(weighed(Material.CONCENTRATE, 2))));
    TrialLine line = TrialResult.of(trial.orElseThrow()).line(0, FINE).orElseThrow();
    assertThat(line.own()).as("2 mg in 1 kg are 4 mg in 2 kg").hasValue(4);
    assertThat(line.recovered().least()).isCloseTo(36.0 / 48, within(1e-12));
    assertThat(line.net()).isEqualTo(line.back());
  }

  @Test
  void moreThanWasPutInAndWhatTheScaleCannotWeighAreSaid() {
    begins();
    weighs(46, 3, 0.1);
    assertThat(TrialResult.of(trial.orElseThrow()).findings(0, FINE))
        .anySatisfy(
            one ->
                assertThat(one)
                    .isInstanceOfSatisfying(
                        Finding.TooMuch.class,
                        much -> {
                          assertThat(much.over()).isCloseTo(1, within(1e-9));
                          assertThat(much.chance().orElseThrow()).isLessThan(1e-6);
                        }));
    does(new TrialEdit.StrikeRun(1, "again"));
    weighs(40, 8, 10);
    assertThat(TrialResult.of(trial.orElseThrow()).findings(0, FINE))
        .anyMatch(one -> one instanceof Finding.TooLight light && light.sdMg() == 10)
        .noneMatch(Finding.TooMuch.class::isInstance);
  }

  @Test
  void repeatsThatDoNotAgreeWidenTheRange() {
    begins();
    runs(0, 59, 58, 2);
    runs(0, 59, 30, 30);
    TrialResult result = TrialResult.of(trial.orElseThrow());
    assertThat(result.findings()).anyMatch(Finding.Scattered.class::isInstance);
    TrialLine line = result.line(0, FINE).orElseThrow();
    assertThat(line.recovered().low()).isLessThan(line.back().recovery().low());
  }

  @Test
  void whatCannotBeIsRefusedWithItsReason() {
    assertThat(refused(new TrialEdit.Rename("x"))).isEqualTo(TrialReason.TRIAL_NOT_THERE);
    TrialPlan overlapping =
        new TrialPlan(
            Stuff.GOLD, PLAN.contenders(), List.of(COARSE, cut("40", "60")), 60, List.of());
    assertThat(refused(new TrialEdit.Begin(ID, "x", overlapping)))
        .isEqualTo(TrialReason.CLASSES_OVERLAP);
    assertThat(refused(new TrialEdit.Begin(ID, " ", PLAN)))
        .isEqualTo(TrialReason.TRIAL_WITHOUT_NAME);
    begins();
    assertThat(trial.orElseThrow().name()).isEqualTo("Bowl against trap");
    assertThat(refused(new TrialEdit.Begin(ID, "x", PLAN)))
        .isEqualTo(TrialReason.TRIAL_THERE_ALREADY);
    assertThat(refused(new TrialEdit.Run(2, 100, List.of())))
        .isEqualTo(TrialReason.NO_SUCH_CONTENDER);
    assertThat(refused(new TrialEdit.Find(1, List.of()))).isEqualTo(TrialReason.NO_SUCH_RUN);
    does(new TrialEdit.Run(0, 100, List.of(Spike.counted(FINE, 60))));
    assertThat(refused(new TrialEdit.Find(1, List.of(Found.counted(Material.TAILINGS, COARSE, 1)))))
        .isEqualTo(TrialReason.CLASS_NOT_IN_SPIKE);
    assertThat(refused(new TrialEdit.StrikeRun(1, " ")))
        .isEqualTo(TrialReason.STRIKE_WITHOUT_REASON);
    does(new TrialEdit.StrikeRun(1, "the pan tipped over"));
    assertThat(refused(new TrialEdit.StrikeRun(1, "again")))
        .isEqualTo(TrialReason.RUN_STRUCK_ALREADY);
    does(new TrialEdit.Close(true));
    assertThat(refused(new TrialEdit.Rename("x"))).isEqualTo(TrialReason.TRIAL_CLOSED);
    does(new TrialEdit.Close(false));
  }

  /** What comes from a file is looked at like what is typed. */
  @Test
  void aTrialOfSomebodyElseMustMeanSomething() {
    begins();
    runs(0, 59, 55, 4);
    Trial theirs = trial.orElseThrow().signed("the other shed");
    assertThat(refused(new TrialEdit.TakeOver(theirs))).isEqualTo(TrialReason.TRIAL_THERE_ALREADY);
    trial = Optional.empty();
    TrialRun run = theirs.runs().getFirst();
    TrialPlan alone =
        new TrialPlan(Stuff.GOLD, PLAN.contenders().subList(0, 1), PLAN.classes(), 60, List.of(0));
    TrialRun nobodys =
        new TrialRun(1, 1, 10, run.spikes(), run.found(), Optional.empty(), AT, Optional.empty());
    assertThat(refused(takeOver(theirs, "x", alone, nobodys)))
        .isEqualTo(TrialReason.NO_SUCH_CONTENDER);
    TrialRun other =
        new TrialRun(
            1,
            0,
            10,
            run.spikes().subList(0, 1),
            run.found(),
            Optional.empty(),
            AT,
            Optional.empty());
    assertThat(refused(takeOver(theirs, "x", PLAN, other)))
        .isEqualTo(TrialReason.CLASS_NOT_IN_SPIKE);
    assertThat(refused(takeOver(theirs, " ", PLAN, run))).isEqualTo(TrialReason.TRIAL_WITHOUT_NAME);
    does(new TrialEdit.TakeOver(theirs));
    assertThat(trial.orElseThrow().from()).contains("the other shed");
    assertThat(theirs.signed("nobody").from()).as("whose it is stays").contains("the other shed");
  }

  private static TrialEdit takeOver(Trial trial, String name, TrialPlan plan, TrialRun run) {
    return new TrialEdit.TakeOver(
        new Trial(trial.id(), name, trial.from(), plan, List.of(run), List.of(), false));
  }

  @Test
  void aStruckRunDoesNotCountAndItsTurnComesAgain() {
    begins();
    runs(0, 59, 20, 40);
    does(new TrialEdit.StrikeRun(1, "unlevel"));
    assertThat(TrialResult.of(trial.orElseThrow()).lines()).isEmpty();
    assertThat(trial.orElseThrow().nextContender()).contains(0);
  }

  /**
   * Runs of two benches stand beside each other; what is said of one run does not if it changed.
   */
  @Test
  void twoBenchesAddRunsBesideEachOther() {
    begins();
    Optional<Trial> seen = trial;
    runs(0, 59, 55, 4);
    TrialEdit run = new TrialEdit.Run(1, 100, List.of());
    assertThat(fold.saysTheSame(seen, trial, List.of(run))).isTrue();
    Optional<Trial> withRun = trial;
    does(new TrialEdit.StrikeRun(1, "unlevel"));
    TrialEdit find = new TrialEdit.Find(1, List.of());
    assertThat(fold.saysTheSame(withRun, trial, List.of(find))).isFalse();
    does(new TrialEdit.Replan(PLAN));
    assertThat(fold.saysTheSame(withRun, trial, List.of(run))).as("the same plan").isTrue();
  }

  @Test
  void anOrderDrawnByLotGivesEachItsTurnInEveryRound() {
    List<Integer> order = TrialPlan.drawn(3, 40, RandomSource.XO_SHI_RO_256_PP.create(15));
    int[] firsts = new int[3];
    for (int round = 0; round < 40; round++) {
      assertThat(order.subList(3 * round, 3 * round + 3)).containsExactlyInAnyOrder(0, 1, 2);
      firsts[order.get(3 * round)]++;
    }
    assertThat(Arrays.stream(firsts).min().orElseThrow()).isGreaterThan(4);
  }
}
