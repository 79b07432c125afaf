package jugulum.core.trial;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import jugulum.core.settling.Grain;
import jugulum.core.settling.Settling;
import jugulum.core.water.Water;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SpecksNeededTest {
  private static final int TRIALS = 2_000;

  /** Near the normal formula n = z² p (1 − p)/w², above it for the promise. */
  @Test
  void itIsNearTheFormulaOfTheHandbooks() {
    double formula = 1.96 * 1.96 * 0.9 * 0.1 / (0.05 * 0.05);
    assertThat((double) SpecksNeeded.of(0.9, 0.05)).isBetween(formula, 1.6 * formula);
    assertThat(SpecksNeeded.of(0.9, 0.02)).isGreaterThan(4 * SpecksNeeded.of(0.9, 0.05));
    assertThat(SpecksNeeded.of(0.5, 0.05)).isGreaterThan(SpecksNeeded.of(0.9, 0.05));
    assertThat(SpecksNeeded.of(0.1, 0.05))
        .as("what is lost is counted as well as what is won")
        .isEqualTo(SpecksNeeded.of(0.9, 0.05));
  }

  @ParameterizedTest
  @CsvSource({"0.9, 0.05", "0.8, 0.1", "0.95, 0.04", "0.6, 0.08", "0.99, 0.03", "0.5, 0.15"})
  void aPlannedTrialIsAsSureAsPromised(double share, double halfWidth) {
    int specks = SpecksNeeded.of(share, halfWidth);
    Random random = new Random(3);
    int reached = 0;
    for (int trial = 0; trial < TRIALS; trial++) {
      int found = ComparisonTest.found(specks, share, random);
      reached += ShareRange.of(found, specks, 0.95).halfWidth() <= halfWidth ? 1 : 0;
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
