package jugulum.core.trial;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.UUID;
import jugulum.core.ledger.Machine;
import jugulum.core.ledger.Material;
import jugulum.core.screens.Cut;
import jugulum.core.screens.StandardScreens;
import jugulum.core.simulated.Coverage;
import jugulum.core.trial.Comparison.Verdict;
import jugulum.core.trial.TrialPlan.Stuff;
import org.hipparchus.distribution.continuous.BetaDistribution;
import org.hipparchus.random.RandomDataGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * Trials of machines whose runs differ by more than their specks explain, as runs do: the share won
 * is drawn anew for each run, beta-distributed, so that two specks of one run go the same way more
 * often than two of different runs (their correlation).
 */
class ScatteringTrialsTest {
  private static final int SPECKS = 40;
  private static final int TRIALS = Coverage.THOROUGH ? 10_000 : 1_500;
  private static final Cut CUT =
      Cut.of(
              Cut.ALL,
              List.of(
                  StandardScreens.numbered("50").orElseThrow(),
                  StandardScreens.numbered("100").orElseThrow()))
          .get(1);

  private final Random random = new Random(29);
  private final RandomDataGenerator draws = new RandomDataGenerator(29);

  /** A run of a machine that wins so much on average. */
  private TrialRun run(int number, int contender, double share, double correlation) {
    double now = share;
    if (correlation > 0) {
      double both = 1 / correlation - 1;
      now = draws.nextDeviate(new BetaDistribution(share * both, (1 - share) * both));
    }
    int won = ComparisonTest.found(SPECKS, now, random);
    return new TrialRun(
        number,
        contender,
        1_000,
        List.of(Spike.counted(CUT, SPECKS)),
        List.of(
            Found.counted(Material.CONCENTRATE, CUT, won),
            Found.counted(Material.TAILINGS, CUT, SPECKS - won)),
        Optional.empty(),
        Instant.EPOCH,
        Optional.empty());
  }

  private TrialResult trial(List<Double> shares, int runs, double correlation) {
    List<Contender> contenders = new ArrayList<>();
    List<TrialRun> all = new ArrayList<>();
    for (int contender = 0; contender < shares.size(); contender++) {
      contenders.add(
          new Contender(new Machine(Machine.Kind.PAN, "pan " + contender), "", Map.of(), ""));
      for (int i = 0; i < runs; i++) {
        all.add(run(all.size() + 1, contender, shares.get(contender), correlation));
      }
    }
    TrialPlan plan =
        new TrialPlan(
            Stuff.GOLD,
            contenders,
            List.of(CUT),
            SPECKS,
            all.stream().map(TrialRun::contender).toList());
    return TrialResult.of(
        new Trial(
            new TrialId(new UUID(29, 1)), "equal", Optional.empty(), plan, all, List.of(), false));
  }

  private static boolean namesOne(TrialResult result) {
    return result.pairs().stream()
        .map(pair -> pair.comparison().verdict())
        .anyMatch(verdict -> verdict == Verdict.FIRST || verdict == Verdict.SECOND);
  }

  /** Machines that do alike are told apart in at most 5 of 100 trials (and what chance adds). */
  @ParameterizedTest
  @CsvSource({"0, 3", "0.02, 3", "0.05, 3", "0.1, 3", "0.02, 5", "0.05, 5", "0.02, 2", "0.02, 1"})
  void ofTwoAlikeOneIsSeldomCalledBetterAlsoWhereRunsScatter(double correlation, int runs) {
    int named = 0;
    for (int i = 0; i < TRIALS; i++) {
      named += namesOne(trial(List.of(0.8, 0.8), runs, correlation)) ? 1 : 0;
    }
    assertThat(named / (double) TRIALS).isLessThan(0.065);
  }

  /** However many are compared: among nine pairs there is always one that looks apart. */
  @Test
  void amongManyAlikeNoneIsCalledBetterMoreOftenThanInFiveOfAHundred() {
    int named = 0;
    for (int i = 0; i < TRIALS; i++) {
      named += namesOne(trial(List.of(0.8, 0.8, 0.8, 0.8, 0.8), 3, 0.02)) ? 1 : 0;
    }
    assertThat(named / (double) TRIALS).isLessThan(0.065);
  }

  /** What differs by much is still told, though wider ranges take more runs. */
  @Test
  void whatDiffersByMuchIsTold() {
    int told = 0;
    for (int i = 0; i < TRIALS / 3; i++) {
      told += namesOne(trial(List.of(0.95, 0.65), 5, 0.02)) ? 1 : 0;
    }
    assertThat(told / (TRIALS / 3.0)).isGreaterThan(0.8);
  }

  /** The range of a share holds it, whether runs scatter or not. */
  @ParameterizedTest
  @CsvSource({"0, 3", "0.02, 3", "0.05, 3", "0.1, 4", "0.02, 1"})
  void theRangeOfAShareHoldsItWhereRunsScatter(double correlation, int runs) {
    Coverage.upTo(1, "share at correlation " + correlation + " over " + runs, 4_000)
        .asking(
            () -> {
              SpikeBack.Recovered told =
                  trial(List.of(0.8, 0.8), runs, correlation)
                      .line(0, CUT)
                      .orElseThrow()
                      .recovered();
              return told.low() <= 0.8 && told.high() >= 0.8;
            });
  }
}
