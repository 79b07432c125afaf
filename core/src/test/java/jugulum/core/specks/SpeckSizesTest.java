package jugulum.core.specks;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.function.IntSupplier;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import jugulum.core.check.OutOfRange;
import jugulum.core.screens.Cut;
import jugulum.core.screens.StandardScreens;
import org.hipparchus.analysis.integration.IterativeLegendreGaussIntegrator;
import org.hipparchus.distribution.continuous.LogNormalDistribution;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SpeckSizesTest {
  private static final double INFINITE = Double.POSITIVE_INFINITY;

  /** Check values of the design, worked out apart: gold of 17.4 g/cm³, a flatness of 0.3. */
  @ParameterizedTest
  @CsvSource({"0.05,0.6,0.067886", "0.05,0.15,0.0035223", "0.6,Infinity,3.8923"})
  void whatASpeckWeighsByALawOfSizes(double from, double to, double milligrams) {
    SizeLaw law = new SizeLaw(Math.log(0.2), 0.8);
    assertThat(Math.PI / 6 * 0.3 * 17.4 * law.cubeMm3(from, to))
        .isCloseTo(milligrams, within(milligrams * 1e-4));
  }

  /** Against the integral of the library's density, term by term. */
  @ParameterizedTest
  @CsvSource({"0.02,0.15", "0.3,2.5", "1.18,4"})
  void agreesWithTheIntegral(double from, double to) {
    SizeLaw law = new SizeLaw(Math.log(0.15), 0.6);
    LogNormalDistribution density = new LogNormalDistribution(law.logMedian(), law.sigma());
    IterativeLegendreGaussIntegrator sum = new IterativeLegendreGaussIntegrator(20, 1e-10, 1e-14);
    double number = sum.integrate(100_000, density::density, from, to);
    double cubes = sum.integrate(100_000, x -> x * x * x * density.density(x), from, to);
    double sixth = sum.integrate(100_000, x -> Math.pow(x, 6) * density.density(x), from, to);
    assertThat(law.share(from, to)).isCloseTo(number, within(1e-9));
    assertThat(law.cubesMm3(from, to)).isCloseTo(cubes, within(1e-9));
    assertThat(law.cubeMm3(from, to)).isCloseTo(cubes / number, within(1e-6 * cubes / number));
    assertThat(law.cubes(from, to).variance())
        .isCloseTo(sixth * number / (cubes * cubes) - 1, within(1e-6 * sixth / (cubes * cubes)));
  }

  @Test
  void farFromItsSizesALawStaysBetweenTheScreens() {
    SizeLaw law = new SizeLaw(Math.log(0.2), 0.05);
    assertThat(law.cubeMm3(50, 100)).isBetween(125_000.0, 1_000_000.0);
    assertThat(law.cubeMm3(1e-5, 1e-4)).isBetween(1e-15, 1.001e-12);
    assertThat(law.cubes(50, 100).variance()).isBetween(0.0, 100.0);
  }

  @Test
  void beforehandItIsTheTablesMedianGiveOrTake() {
    SpeckSizes sizes = SpeckSizes.BEFOREHAND;
    assertThat(sizes.mean(SizeLaw::logMedian)).isCloseTo(Math.log(0.2), within(1e-9));
    assertThat(sizes.mean(SizeLaw::sigma)).isCloseTo(0.8, within(1e-9));
    double sd = Math.sqrt(sizes.mean(law -> Math.pow(law.logMedian() - Math.log(0.2), 2)));
    assertThat(sd).isCloseTo(0.5, within(0.01));
    assertThat(sizes.mean(law -> law.sigma() < 0.49 || law.sigma() > 1.11 ? 1 : 0)).isZero();
  }

  /** A fine cut is bounded above, sand no screen has seen is not: how wide it is follows. */
  @Test
  void anOpenCutIsInDoubtAsFarAsItIsOpen() {
    Speck fine = Speck.of(cut("100", false), 0.3, 17.5);
    Speck middle = Speck.of(cut("30", false), 0.3, 17.5);
    Speck coarse = Speck.of(cut("16", true), 0.3, 17.5);
    Speck all = Speck.of(Cut.ALL, 0.3, 17.5);
    assertThat(fine.meanMg()).isBetween(0.0034, 0.0037);
    assertThat(middle.meanMg()).isBetween(0.06, 0.08);
    assertThat(coarse.meanMg()).isBetween(5.0, 15.0);
    assertThat(all.meanMg()).isBetween(0.1, 0.3);
    assertThat(fine.logSd()).isLessThan(middle.logSd());
    assertThat(middle.logSd()).isLessThan(all.logSd());
    assertThat(all.logSd()).isBetween(0.8, 1.2);
    assertThat(List.of(fine, middle, coarse, all))
        .allSatisfy(
            one -> {
              assertThat(one.open()).isPresent();
              assertThat(one.variance()).isBetween(0.0, Speck.MOST_VARIANCE);
            });
    assertThat(Speck.of(closed("30", "50"), 0.3, 17.5).open()).isEmpty();
  }

  /** Specks sorted into three classes tell the law they were drawn from. */
  @Test
  void specksBySizeTellTheMedian() {
    RandomGenerator chance = RandomGeneratorFactory.of("L64X128MixRandom").create(4);
    double[] ends = {0.05, 0.15, 0.3, 0.6};
    int[] counts = new int[3];
    for (int i = 0; i < 400; i++) {
      double mm = Math.exp(Math.log(0.12) + 0.65 * chance.nextGaussian());
      for (int k = 0; k < 3; k++) {
        counts[k] += mm > ends[k] && mm <= ends[k + 1] ? 1 : 0;
      }
    }
    SpeckSizes told =
        SpeckSizes.BEFOREHAND.given(
            law -> {
              double log = 0;
              for (int k = 0; k < 3; k++) {
                log +=
                    counts[k]
                        * Math.log(law.share(ends[k], ends[k + 1]) / law.share(ends[0], ends[3]));
              }
              return log;
            });
    assertThat(Math.exp(told.mean(SizeLaw::logMedian))).isBetween(0.1, 0.15);
    assertThat(told.weights().stream().mapToDouble(one -> one).sum()).isCloseTo(1, within(1e-12));
    assertThat(told.drawn(() -> 0).getAsInt()).isZero();
    assertThat(told.drawn(() -> Math.nextDown(1.0)).getAsInt())
        .isBetween(0, told.weights().size() - 1);
    IntSupplier drawn = told.drawn(chance::nextDouble);
    int[] often = new int[told.weights().size()];
    for (int i = 0; i < 20_000; i++) {
      often[drawn.getAsInt()]++;
    }
    for (int i = 0; i < often.length; i++) {
      double weight = told.weights().get(i);
      assertThat(often[i] / 20_000.0)
          .isCloseTo(weight, within(5 * Math.sqrt(weight / 20_000) + 1e-3));
    }
  }

  @Test
  void refusesWhatIsNoLaw() {
    assertThatThrownBy(() -> new SizeLaw(Double.NaN, 0.8)).isInstanceOf(OutOfRange.class);
    assertThatThrownBy(() -> new SizeLaw(0, 0)).isInstanceOf(OutOfRange.class);
    assertThatThrownBy(() -> new Speck.Between(0.3, 0.3))
        .isInstanceOf(IllegalArgumentException.class);
    assertThatThrownBy(() -> new SpeckSizes(Collections.nCopies(3, 1.0 / 3)))
        .isInstanceOf(IllegalArgumentException.class)
        .hasMessageContaining("3");
    assertThat(new Speck.Between(0.1, INFINITE).toMm()).isInfinite();
  }

  private static Cut cut(String mesh, boolean isOversize) {
    var screen = StandardScreens.numbered(mesh);
    return isOversize ? new Cut(Optional.empty(), screen) : new Cut(screen, Optional.empty());
  }

  private static Cut closed(String upper, String lower) {
    return new Cut(StandardScreens.numbered(upper), StandardScreens.numbered(lower));
  }
}
