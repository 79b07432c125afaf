package jugulum.core.season;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.Instant;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import jugulum.core.check.OutOfRange;
import jugulum.core.ledger.BatchId;
import jugulum.core.season.TripResult.OfSource;
import jugulum.core.shop.Shop;
import jugulum.core.stream.Applied;
import jugulum.core.trip.Dug;
import jugulum.core.trip.Trip;
import org.junit.jupiter.api.Test;

/** What days outdoors came to, by the whole hour. */
class TripResultTest {
  private static final BatchResult BATCH = MadeUp.batch("Alder bend", 1200, 5);

  private static Trip trip(String id, double hours, OptionalDouble carriedG, Optional<Dug> dug) {
    return new Trip(
        id,
        MadeUp.DAY,
        "Alder bend",
        60,
        60 * hours - 90,
        30,
        OptionalInt.of(40),
        dug,
        carriedG,
        OptionalDouble.of(0.1),
        Optional.of(BATCH.id()),
        "");
  }

  private static SeasonAccount account(Trip... trips) {
    SeasonFold fold = new SeasonFold();
    Optional<Season> season = Optional.empty();
    for (Trip trip : trips) {
      Applied<Season> applied = fold.apply(season, new SeasonEdit.AddTrip(trip), Instant.EPOCH);
      assertThat(applied).isInstanceOf(Applied.Done.class);
      season = applied instanceof Applied.Done<Season>(Season after) ? Optional.of(after) : season;
    }
    return SeasonAccount.of(
        List.of(BATCH),
        season.orElse(Season.NOTHING),
        Shop.USUAL,
        OptionalInt.empty(),
        ZoneOffset.UTC);
  }

  @Test
  void goldIsToldByTheWholeHour() {
    TripResult one =
        account(trip("a", 7, OptionalDouble.of(9000), Optional.of(Dug.ofKg(220))))
            .trips()
            .getFirst();
    assertThat(one.milligrams()).hasValue(1200);
    assertThat(one.wholeHours()).as("7 outdoors, 5 at home").isCloseTo(12, within(1e-9));
    assertThat(one.mgPerHour().orElseThrow()).isCloseTo(100, within(1e-9));
    assertThat(one.trip().carriedDryG().orElseThrow()).isCloseTo(8100, within(1e-9));
    assertThat(one.mgPerCubicMetre().orElseThrow().low()).isCloseTo(1200 / 0.14667, within(1.0));
    assertThat(one.mgPerCubicMetre().orElseThrow().high()).isCloseTo(1200 / 0.11, within(1.0));
  }

  @Test
  void severalTripsIntoOneBatchShareItsGoldByWhatTheyBrought() {
    SeasonAccount account =
        account(
            trip("a", 4, OptionalDouble.of(3000), Optional.empty()),
            trip("b", 6, OptionalDouble.of(9000), Optional.empty()));
    assertThat(account.trips().getFirst().milligrams()).hasValue(300);
    assertThat(account.trips().getLast().homeMinutes()).isCloseTo(225, within(1e-9));
    OfSource source = TripResult.bySource(account.trips(), account.season()).getFirst();
    assertThat(source.trips()).isEqualTo(2);
    assertThat(source.mgPerHour()).isCloseTo(1200 / 15.0, within(1e-9));
    SeasonAccount unweighed =
        account(
            trip("a", 4, OptionalDouble.of(3000), Optional.empty()),
            trip("b", 6, OptionalDouble.empty(), Optional.empty()));
    assertThat(unweighed.trips().getFirst().milligrams()).as("alike").hasValue(600);
  }

  @Test
  void aTripOfThirtyHoursIsRefused() {
    SeasonFold fold = new SeasonFold();
    Trip long30 = trip("a", 30, OptionalDouble.empty(), Optional.empty());
    assertThat(fold.apply(Optional.empty(), new SeasonEdit.AddTrip(long30), Instant.EPOCH))
        .isInstanceOfSatisfying(
            Applied.Refused.class,
            not -> assertThat(not.refusal().reason()).isEqualTo(SeasonReason.TRIP_TOO_LONG));
    assertThat(fold.apply(Optional.empty(), new SeasonEdit.DropTrip("a"), Instant.EPOCH))
        .isInstanceOf(Applied.Refused.class);
    assertThatThrownBy(() -> trip("a", Double.NaN, OptionalDouble.empty(), Optional.empty()))
        .isInstanceOf(OutOfRange.class);
  }

  @Test
  void aTripWithoutABatchHasNoGoldYet() {
    Trip trip = trip("a", 5, OptionalDouble.empty(), Optional.empty());
    Trip other =
        new Trip(
            "b",
            trip.date(),
            trip.source(),
            60,
            60,
            0,
            OptionalInt.empty(),
            Optional.empty(),
            OptionalDouble.empty(),
            OptionalDouble.empty(),
            Optional.of(new BatchId(java.util.UUID.randomUUID())),
            "");
    assertThat(account(other).trips().getFirst().mgPerHour()).isEmpty();
    assertThat(TripResult.bySource(account(other).trips(), Season.NOTHING)).isEmpty();
  }
}
