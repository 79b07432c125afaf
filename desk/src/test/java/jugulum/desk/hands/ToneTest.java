package jugulum.desk.hands;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.UUID;
import jugulum.core.ledger.BatchId;
import jugulum.core.ledger.Machine;
import jugulum.core.ledger.StepId;
import jugulum.core.machine.Due;
import jugulum.desk.live.RunWatch.Going;
import jugulum.desk.live.RunWatch.Watched;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Tones are looked at as samples, for no test can hear them. */
class ToneTest {
  private static final Instant NOW = Instant.parse("2026-05-04T08:00:00Z");

  /** A sine goes through nought twice a period. */
  @ParameterizedTest
  @EnumSource(Due.What.class)
  void aToneHasThePitchOfWhatIsAskedFor(Due.What what) {
    Tone tone = Tone.of(what);
    double[] samples = tone.samples();
    int crossings = 0;
    for (int i = 1; i < samples.length; i++) {
      if (samples[i - 1] < 0 != samples[i] < 0) {
        crossings++;
      }
    }
    double seconds = (double) samples.length / Tone.RATE;
    assertThat(crossings / 2.0 / seconds).isCloseTo(tone.hertz(), within(4.0));
    assertThat(samples[0]).as("it begins softly").isCloseTo(0, within(0.01));
    assertThat(samples[samples.length - 1]).as("it ends softly").isCloseTo(0, within(0.01));
    assertThat(Arrays.stream(samples).map(Math::abs).max().orElseThrow())
        .as("it is not clipped")
        .isLessThanOrEqualTo(1);
    assertThat(tone.bytes()).hasSize(2 * samples.length);
  }

  @Test
  void secondsAreCountedByAToneEachAndALongOne() {
    double[] samples = new Counted(3).samples();
    for (int second = 0; second < 3; second++) {
      assertThat(loudness(samples, second + 0.1)).as("second %d", second).isPositive();
      assertThat(loudness(samples, second + 0.7)).as("between").isZero();
    }
    assertThat(loudness(samples, 3.1)).isPositive();
    assertThat(loudness(samples, 3.5)).as("the long one goes on").isPositive();
    assertThat(new Counted(3.4).samples())
        .as("also parts of a second")
        .hasSizeGreaterThan(samples.length);
  }

  /** The loudest of a tenth of a second. */
  private static double loudness(double[] samples, double from) {
    int at = (int) (from * Tone.RATE);
    return Arrays.stream(samples, at, at + Tone.RATE / 10).map(Math::abs).max().orElseThrow();
  }

  @Test
  void aChargeIsHigherThanALook() {
    assertThat(Tone.of(Due.What.CHARGE).hertz())
        .isGreaterThan(1.3 * Tone.of(Due.What.LOOK).hertz());
  }

  private static Watched run(Due... due) {
    BatchId batch = new BatchId(UUID.fromString("00000000-0000-4000-8000-00000000ba7c"));
    Machine bowl = new Machine(Machine.Kind.VORTEX_BOWL, "garden bowl");
    return new Watched(batch, "Hollin 1", new Going.Run(new StepId(4), bowl), List.of(due));
  }

  @Test
  void everyDueTimeSoundsOnce() {
    List<Tone> heard = new ArrayList<>();
    Alarm alarm = new Alarm(heard::add);
    Due charge = new Due(Due.What.CHARGE, NOW);
    Due look = new Due(Due.What.LOOK, NOW.plusSeconds(60));
    alarm.tick(List.of(run(charge, look)), NOW.minusSeconds(1), true);
    assertThat(heard).isEmpty();
    alarm.tick(List.of(run(charge, look)), NOW, true);
    alarm.tick(List.of(run(charge, look)), NOW.plusSeconds(1), true);
    assertThat(heard).containsExactly(Tone.of(Due.What.CHARGE));
    alarm.tick(List.of(run(charge, look)), NOW.plus(Duration.ofMinutes(2)), true);
    assertThat(heard).containsExactly(Tone.of(Due.What.CHARGE), Tone.of(Due.What.LOOK));
  }

  @Test
  void whatIsOffIsNotHeardLaterEither() {
    List<Tone> heard = new ArrayList<>();
    Alarm alarm = new Alarm(heard::add);
    Due charge = new Due(Due.What.CHARGE, NOW);
    alarm.tick(List.of(run(charge)), NOW, false);
    alarm.tick(List.of(run(charge)), NOW.plusSeconds(1), true);
    assertThat(heard).isEmpty();
  }
}
