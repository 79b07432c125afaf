package jugulum.core.weighing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Instant;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import jugulum.core.ledger.ReadOn;
import jugulum.core.ledger.ScaleCheck;
import jugulum.core.scale.Dialect;
import jugulum.core.scale.ScaleLine;
import jugulum.core.scale.Sends;
import jugulum.core.shop.Scale;
import jugulum.core.shop.Shop;
import jugulum.core.units.MassUnit;
import org.junit.jupiter.api.Test;

class ScaleDoubtTest {
  private static final Instant MORNING = Instant.parse("2026-05-04T07:00:00Z");
  private static final Dialect BARE =
      new Dialect(".", 0, 2, MassUnit.GRAM, false, Map.of(), OptionalInt.empty());
  private static final Scale SCALE =
      new Scale(
          "fine scale", new ScaleLine.Played(), BARE, Sends.ALWAYS, 0.01, 500, Optional.empty());

  private static ScaleCheck check(double readG) {
    return new ScaleCheck(MORNING, 100, readG, 0.005, 0.02);
  }

  private static Optional<ReadOn> on(double zeroG, Optional<ScaleCheck> check) {
    return Optional.of(new ReadOn("fine scale", 0.01, OptionalDouble.of(zeroG), check));
  }

  @Test
  void aScalePassesUpToWhatItIsAllowed() {
    assertThat(check(100.02).passed()).isTrue();
    assertThat(check(99.98).passed()).isTrue();
    assertThat(check(100.03).passed()).isFalse();
    assertThat(check(100.03).offG()).isCloseTo(0.03, within(1e-9));
  }

  /** GUM 4.3.7: a rectangle of half-width a has the standard uncertainty a/√3. */
  @Test
  void theCheckWeightTellsTheCalibration() {
    assertThat(check(100.02).calibration()).isCloseTo(0.025 / Math.sqrt(3) / 100, within(1e-12));
  }

  @Test
  void whatNobodyCheckedIsAssumedAndTheWorstCounts() {
    assertThat(ScaleDoubt.calibration(List.of(Optional.empty()), 0.001)).isEqualTo(0.001);
    assertThat(ScaleDoubt.calibration(List.of(on(0, Optional.of(check(100)))), 0.001))
        .isCloseTo(0.005 / Math.sqrt(3) / 100, within(1e-12));
    assertThat(
            ScaleDoubt.calibration(
                List.of(on(0, Optional.of(check(100))), on(0, Optional.empty())), 0.001))
        .isEqualTo(0.001);
  }

  @Test
  void aZeroThatWasNotZeroStaysOpen() {
    assertThat(ScaleDoubt.zeroSdG(List.of(on(-0.03, Optional.empty()), Optional.empty())))
        .isCloseTo(0.03 / Math.sqrt(3), within(1e-12));
  }

  @Test
  void aFailedCheckMarksItsReadingsTillTheNextDay() {
    Scale failed = SCALE.checked(check(101));
    Instant sameDay = MORNING.plusSeconds(12 * 3600);
    assertThat(failed.readOn(sameDay, ZoneOffset.UTC, OptionalDouble.empty()).isDoubtful())
        .isTrue();
    assertThat(
            failed
                .readOn(sameDay.plusSeconds(6 * 3600), ZoneOffset.UTC, OptionalDouble.empty())
                .check())
        .as("yesterday's says nothing of today")
        .isEmpty();
  }

  @Test
  void theScaleTakenLastIsInUse() {
    Scale other =
        new Scale("old", new ScaleLine.Played(), BARE, Sends.ON_KEY, 1, 5000, Optional.empty());
    Shop shop = Shop.USUAL.with(SCALE).with(other);
    assertThat(shop.scale()).contains(other);
    assertThat(shop.with(SCALE).scale()).contains(SCALE);
    assertThat(shop.with(SCALE).scales()).hasSize(2);
    assertThat(shop.withoutScale("OLD").scales()).containsExactly(SCALE);
  }
}
