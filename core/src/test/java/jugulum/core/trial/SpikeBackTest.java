package jugulum.core.trial;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import jugulum.core.simulated.Coverage;
import jugulum.core.trial.MassBack.Weighed;
import jugulum.core.trial.SpikeBack.Recovered;
import org.hipparchus.distribution.discrete.PoissonDistribution;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SpikeBackTest {
  private static final int TRIALS = 2_000;

  /** 60 in, 47 won, 8 in the tailings: 5 found nowhere count neither way. */
  @Test
  void specksFoundNowhereAreNeitherWonNorLost() {
    SpikeBack back = new SpikeBack(60, 47, 8);
    assertThat(back.missing()).isEqualTo(5);
    Recovered recovered = back.recovery();
    assertThat(recovered.least()).isCloseTo(47 / 60.0, within(1e-12));
    assertThat(recovered.most()).isCloseTo(52 / 60.0, within(1e-12));
    assertThat(recovered.low()).isEqualTo(ShareRange.of(47, 60, 0.95).low());
    assertThat(recovered.high()).isEqualTo(ShareRange.of(52, 60, 0.95).high());
  }

  @Test
  void noneAndAllAndTooManyHaveARangeToo() {
    assertThat(new SpikeBack(30, 0, 30).recovery().low()).isZero();
    assertThat(new SpikeBack(30, 0, 30).recovery().high()).isBetween(0.05, 0.13);
    assertThat(new SpikeBack(30, 30, 0).recovery().high()).isEqualTo(1);
    SpikeBack tooMany = new SpikeBack(30, 31, 2);
    assertThat(tooMany.isTooMuch()).isTrue();
    assertThat(tooMany.missing()).isZero();
    assertThat(tooMany.recovery().least()).isCloseTo(31 / 33.0, within(1e-12));
  }

  /**
   * Known truth in: sand with gold of its own, a blank run of it, specks that are lost to sight.
   */
  @Tag("simulated")
  @ParameterizedTest
  @CsvSource({"40, 0.8, 3, 1", "100, 0.9, 5, 1", "100, 0.6, 8, 0.5", "200, 0.95, 4, 2"})
  void withTheSandsOwnGoldTakenOffItHolds(int specks, double share, double ownMean, double ratio) {
    Random random = new Random(44);
    Coverage.upTo(0.995, "the sand's own gold taken off %d specks".formatted(specks), TRIALS)
        .asking(
            () -> {
              int blank = poisson(ownMean, random);
              int won =
                  ComparisonTest.found(specks, share, random) + poisson(ownMean * ratio, random);
              int lost = Math.max(0, specks - won);
              Recovered recovered = new SpikeBack(specks, won, lost).lessOwn(blank, ratio);
              return recovered.low() <= share && share <= recovered.high();
            });
  }

  private static int poisson(double mean, Random random) {
    return new PoissonDistribution(mean).inverseCumulativeProbability(random.nextDouble());
  }

  @Test
  void theSandsOwnGoldLowersTheRecovery() {
    SpikeBack back = new SpikeBack(100, 90, 10);
    assertThat(back.lessOwn(5, 2).least()).isCloseTo(0.8, within(1e-12));
    assertThat(back.lessOwn(0, 1).least()).isEqualTo(back.recovery().least());
    assertThat(back.lessOwn(0, 1).low())
        .as("a blank run without a speck is no proof of none")
        .isLessThan(back.recovery().low());
  }

  /**
   * Repeats by specks alone are called scattered in 1 of 20; whose share wanders, nearly always.
   */
  @Tag("simulated")
  @Test
  void repeatsThatScatterMoreThanSpecksAreFound() {
    Random random = new Random(7);
    int quiet = 0;
    int loud = 0;
    for (int trial = 0; trial < TRIALS; trial++) {
      quiet += repeats(0, random).isMoreThanSpecks() ? 1 : 0;
      loud += repeats(0.2, random).isMoreThanSpecks() ? 1 : 0;
    }
    assertThat(quiet / (double) TRIALS).isBetween(0.02, 0.08);
    assertThat(loud / (double) TRIALS).isGreaterThan(0.9);
    assertThat(Repeats.of(List.of(new SpikeBack(50, 45, 5), new SpikeBack(50, 45, 5))).chance())
        .isCloseTo(1, within(1e-9));
  }

  private static Repeats repeats(double wander, Random random) {
    return Repeats.of(
        random
            .doubles(6)
            .map(draw -> 0.75 + wander * 2 * (draw - 0.5))
            .mapToObj(
                share -> {
                  int found = ComparisonTest.found(80, share, random);
                  return new SpikeBack(80, found, 80 - found);
                })
            .toList());
  }

  /** 48.2 mg in, 40 mg back: the weights alone, and with few specks chance above all. */
  @Test
  void byWeightChanceCountsToo() {
    Weighed in = new Weighed(48.2, 0.15);
    Weighed won = new Weighed(40, 0.15);
    MassBack many = new MassBack(in, won, Weighed.NONE, Weighed.NONE, 1_000_000, 0.6);
    double ratio = 40 / 48.2;
    double byWeights = 1.96 * 0.15 / 48.2 * Math.sqrt(1 + ratio * ratio);
    assertThat(many.recovery().usual()).isCloseTo(ratio, within(1e-12));
    assertThat(many.recovery().usual() - many.recovery().low()).isCloseTo(byWeights, within(2e-3));
    MassBack few = new MassBack(in, won, Weighed.NONE, Weighed.NONE, 60, 0.6);
    assertThat(few.recovery().low()).isBetween(0.68, 0.73);
    assertThat(
            new MassBack(in, new Weighed(49, 0.15), Weighed.NONE, Weighed.NONE, 60, 0.6)
                .isTooMuch())
        .isTrue();
    assertThat(
            new MassBack(in, new Weighed(48.4, 0.15), Weighed.NONE, Weighed.NONE, 60, 0.6)
                .isTooMuch())
        .as("within what the scale leaves open")
        .isFalse();
  }

  /** A spike is seldom clean: 50 mg of 94 % are 47 mg of gold. */
  @Test
  void whatIsNotGoldInASpikeIsTakenOff() {
    Weighed pure = new Weighed(50, 0.1).pure(0.94, 0.01);
    assertThat(pure.mg()).isCloseTo(47, within(1e-12));
    assertThat(pure.sdMg()).isCloseTo(Math.hypot(0.094, 0.5), within(1e-12));
  }

  @Tag("simulated")
  @ParameterizedTest
  @CsvSource({"60, 0.8", "150, 0.9", "150, 0.6"})
  void byWeightItHolds(int specks, double share) {
    Random random = new Random(23);
    double logSd = 0.5;
    double spread = Math.exp(logSd * logSd) - 1;
    Coverage.holds(
        "%d specks by weight".formatted(specks),
        TRIALS,
        () -> {
          double in = 0;
          double won = 0;
          for (int i = 0; i < specks; i++) {
            double mg = 0.4 * Math.exp(logSd * random.nextGaussian());
            in += mg;
            won += random.nextDouble() < share ? mg : 0;
          }
          MassBack back =
              new MassBack(
                  new Weighed(in + 0.1 * random.nextGaussian(), 0.1),
                  new Weighed(Math.max(0, won + 0.1 * random.nextGaussian()), 0.1),
                  Weighed.NONE,
                  Weighed.NONE,
                  specks,
                  spread);
          return back.recovery().low() <= share && share <= back.recovery().high();
        });
  }
}
