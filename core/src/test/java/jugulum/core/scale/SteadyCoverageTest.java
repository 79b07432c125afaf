package jugulum.core.scale;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import org.apache.commons.rng.UniformRandomProvider;
import org.apache.commons.rng.sampling.distribution.ZigguratSampler;
import org.apache.commons.rng.simple.RandomSource;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/**
 * Loads as they come on a scale in a shed: poured, settling, in some wind; the scale rounds to its
 * step. What is taken is compared with what really lay there.
 */
@Tag("simulated")
class SteadyCoverageTest {
  private static final Instant START = Instant.parse("2026-05-04T08:00:00Z");
  private static final int LOADS = 10_000;

  /** Slower pouring than that looks like rest to anybody within a second. */
  private static final double LEAST_STEPS_A_SECOND = 1.5;

  /** One load: how it was laid on, and what the scale made of it. */
  private record Taken(
      boolean wasMoving, double errorSteps, double secondsAfterRest, boolean calm) {}

  @Test
  void noLoadIsTakenWhileItMovesAndEachIsRightToAStep() {
    UniformRandomProvider random = RandomSource.XO_RO_SHI_RO_128_PP.create(14);
    List<Taken> all = new ArrayList<>();
    for (int i = 0; i < LOADS; i++) {
      all.add(load(random));
    }
    assertThat(all.stream().filter(Taken::wasMoving).toList()).isEmpty();
    assertThat(all.stream().mapToDouble(Taken::errorSteps).max().orElseThrow())
        .as("the worst error, in steps")
        .isLessThanOrEqualTo(1);
    assertThat(
            all.stream()
                .filter(Taken::calm)
                .mapToDouble(Taken::secondsAfterRest)
                .max()
                .orElseThrow())
        .as("seconds after a load without wind came to rest")
        .isLessThanOrEqualTo(1.2);
    assertThat(all.stream().filter(Taken::calm).count()).isGreaterThan(LOADS / 3);
  }

  private static Taken load(UniformRandomProvider random) {
    double step = new double[] {0.001, 0.01, 0.1, 1}[random.nextInt(4)];
    double hertz = 5 + 15 * random.nextDouble();
    boolean calm = random.nextBoolean();
    double noise = calm ? 0 : 0.35 * random.nextDouble();
    double end = 100 + 3000 * random.nextDouble();
    double rate = LEAST_STEPS_A_SECOND * Math.pow(1000, random.nextDouble());
    double pouring = 0.3 + 3 * random.nextDouble();
    ZigguratSampler.NormalizedGaussian wind = ZigguratSampler.NormalizedGaussian.of(random);
    ScaleWatch watch = ScaleWatch.of(new ScaleRules(step, 10_000 * step, Sends.ALWAYS, List.of()));
    double phase = random.nextDouble() / hertz;
    for (int line = 0; line < 60 * hertz; line++) {
      double t = phase + line / hertz;
      double load = t < pouring ? end - rate * (pouring - t) : end;
      double shown = Math.rint(load + noise * wind.sample()) * step;
      Instant at = START.plusNanos((long) (t * 1e9));
      watch = watch.hear(at, new Heard.Weight(shown, Heard.Steady.NOT_TOLD, false));
      ScaleView view = watch.at(at);
      if (view.ready()) {
        return new Taken(t < pouring, Math.abs(view.grams() / step - load), t - pouring, calm);
      }
    }
    throw new AssertionError("a load that lay still for a minute was not taken");
  }
}
