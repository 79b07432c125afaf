package jugulum.core.trial;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import jugulum.core.settling.Grain;
import jugulum.core.settling.Settling;
import jugulum.core.water.Water;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SpecksNeededTest {
  private static final int TRIALS = 2_000;

  /** Near the normal formula n = z² p (1 − p)/w², above it for the promise and for the runs. */
  @Test
  void itIsNearTheFormulaOfTheHandbooks() {
    double formula = 1.96 * 1.96 * 0.9 * 0.1 / (0.15 * 0.15);
    int one = SpecksNeeded.of(0.9, 0.15, 1);
    assertThat((double) one).isBetween(1.5 * formula, 6 * formula);
    assertThat(3 * SpecksNeeded.of(0.9, 0.15, 3)).as("more runs, fewer specks").isLessThan(one);
    assertThat(SpecksNeeded.of(0.5, 0.1, 3)).isGreaterThan(SpecksNeeded.of(0.9, 0.1, 3));
    assertThat(SpecksNeeded.of(0.1, 0.1, 3))
        .as("what is lost is counted as well as what is won")
        .isEqualTo(SpecksNeeded.of(0.9, 0.1, 3));
    assertThat(SpecksNeeded.of(0.9, 0.01, 1))
        .as("no number of specks in one run tells that")
        .isEqualTo(SpecksNeeded.ENOUGH);
  }

  /** Of trials whose runs differ as usual so many are as sure as it was said. */
  @ParameterizedTest
  @CsvSource({"0.9, 0.08, 3", "0.8, 0.12, 2", "0.95, 0.06, 5", "0.6, 0.15, 4"})
  void aPlannedTrialIsAsSureAsPromised(double share, double halfWidth, int runs) {
    int specks = SpecksNeeded.of(share, halfWidth, runs);
    assertThat(specks).isLessThan(SpecksNeeded.ENOUGH);
    RunScatter scatter = RunScatter.expected(specks, runs, 1);
    ScatteringRuns draws = new ScatteringRuns(specks, 3);
    int reached = 0;
    for (int trial = 0; trial < TRIALS; trial++) {
      SpikeBack back =
          draws
              .trial(List.of(share), runs, RunScatter.USUAL_CORRELATION)
              .line(0, ScatteringRuns.CUT)
              .orElseThrow()
              .back();
      ShareRange counted = ShareRange.of(back.won(), back.in(), 0.95);
      reached += counted.halfWidth() * Math.sqrt(scatter.dispersion()) <= halfWidth ? 1 : 0;
    }
    assertThat(reached / (double) TRIALS).isGreaterThan(0.85);
  }

  /** Lead of that size falls as fast as the gold; being lighter it is larger. */
  @ParameterizedTest
  @CsvSource({"0.2, 0.3", "0.5, 0.2", "1.0, 0.7", "0.1, 0.1"})
  void leadThatStandsInForGoldFallsAsFast(double goldMm, double flatness) {
    Water water = new Water(15);
    double leadMm = StandIn.leadMm(goldMm, flatness, 17.5, water);
    assertThat(leadMm).isBetween(goldMm, 4 * goldMm);
    assertThat(
            Settling.of(Grain.natural(leadMm, flatness, StandIn.LEAD_GCM3), water)
                .metresPerSecond())
        .isCloseTo(
            Settling.of(Grain.natural(goldMm, flatness, 17.5), water).metresPerSecond(),
            within(1e-6));
  }
}
