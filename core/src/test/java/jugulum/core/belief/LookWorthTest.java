package jugulum.core.belief;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.hipparchus.analysis.integration.IterativeLegendreGaussIntegrator;
import org.hipparchus.distribution.continuous.LogNormalDistribution;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LookWorthTest {
  /** Worked out independently from the formula, with another language. */
  @ParameterizedTest
  @CsvSource({"20, 1, 25, 0.3, 5.3565", "60, 1.2, 25, 0.3, 4.6414", "10, 0.6, 25, 0.3, 0.0486"})
  void aLookIsWorthWhatTheFormulaGives(
      double mean, double sd, double cost, double left, double worth) {
    assertThat(LookWorth.of(mean, sd, cost, left)).isCloseTo(worth, within(1e-4));
  }

  /** A look that told all: the mean above a cost by quadrature of the density, tool: Hipparchus. */
  @ParameterizedTest
  @CsvSource({"100, 0.5, 100", "40, 1.2, 100", "300, 0.9, 100", "5, 1.9, 60"})
  void knowingAllIsWorthTheIntegral(double mean, double sd, double cost) {
    LogNormalDistribution worth = new LogNormalDistribution(Math.log(mean) - sd * sd / 2, sd);
    double above =
        new IterativeLegendreGaussIntegrator(16, 1e-10, 1e-12)
            .integrate(
                5_000_000,
                t -> Math.exp(t) * (Math.exp(t) - cost) * worth.density(Math.exp(t)),
                Math.log(cost),
                Math.log(cost) + 25);
    assertThat(LookWorth.of(mean, sd, cost, 0))
        .isCloseTo(above - Math.max(0, mean - cost), within(1e-6 * mean));
  }

  @Test
  void knowingIsWorthNothingWhereItChangesNothing() {
    assertThat(LookWorth.of(100, 0, 50, 0)).isZero();
    assertThat(LookWorth.of(100, 1, 0, 0)).isZero();
    assertThat(LookWorth.of(0, 1, 50, 0)).isZero();
    assertThat(LookWorth.of(1e6, 0.2, 1, 0)).isCloseTo(0, within(1e-9));
    double even = LookWorth.of(100, 1, 100, 0);
    assertThat(even)
        .isGreaterThan(LookWorth.of(300, 1, 100, 0))
        .isGreaterThan(LookWorth.of(20, 1, 100, 0));
    assertThat(LookWorth.of(100, 1, 100, 0.5)).as("a duller look").isLessThan(even).isPositive();
    assertThatThrownBy(() -> LookWorth.of(Double.NaN, 1, 1, 0)).hasMessageContaining("mean");
  }
}
