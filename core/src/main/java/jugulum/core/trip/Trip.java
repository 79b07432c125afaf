package jugulum.core.trip;

import java.time.LocalDate;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import jugulum.core.check.Check;
import jugulum.core.ledger.BatchId;

/**
 * A day outdoors.
 *
 * @param id its name within the season
 * @param date the day
 * @param source where, as written on buckets, may be empty
 * @param travelMinutes there and back, 0 to 10,000
 * @param workMinutes digging, sluicing, panning, 0 to 10,000
 * @param restMinutes resting, eating, talking, 0 to 10,000
 * @param pans how many pans were washed, 0 to 100,000; empty where nobody counted
 * @param dug the gravel that was washed; empty where nobody told
 * @param carriedG the concentrate carried home, wet, in grams; empty where it was not weighed
 * @param water of that, (wet − dry)/wet, 0 to 0.99; empty where nobody told
 * @param batch the batch the concentrate became or went into; empty before it was received
 * @param note what else there is to say, may be empty
 */
public record Trip(
    String id,
    LocalDate date,
    String source,
    double travelMinutes,
    double workMinutes,
    double restMinutes,
    OptionalInt pans,
    Optional<Dug> dug,
    OptionalDouble carriedG,
    OptionalDouble water,
    Optional<BatchId> batch,
    String note) {
  /** No trip is longer: what takes several days is several trips. */
  public static final double MOST_MINUTES = 24 * 60.0;

  private static final double MOST_TOLD = 10_000;

  /**
   * Water that drains no further out of a bag of black sand: common practice.
   *
   * <p>Off by a half: dry concentrate of trips whose water nobody told.
   */
  public static final double USUAL_WATER = 0.12;

  /** Checks every value against its range. */
  public Trip {
    Check.inRange("travelMinutes", travelMinutes, 0, MOST_TOLD);
    Check.inRange("workMinutes", workMinutes, 0, MOST_TOLD);
    Check.inRange("restMinutes", restMinutes, 0, MOST_TOLD);
    pans.ifPresent(many -> Check.inRange("pans", many, 0, 100_000));
    carriedG.ifPresent(grams -> Check.grams("carriedG", grams));
    water.ifPresent(share -> Check.inRange("moisture", share, 0, 0.99));
    source = source.strip();
    note = note.strip();
  }

  /** All of it, in minutes. */
  public double minutes() {
    return travelMinutes + workMinutes + restMinutes;
  }

  /** The concentrate carried home, dry, in grams; empty where it was not weighed. */
  public OptionalDouble carriedDryG() {
    return carriedG.isPresent()
        ? OptionalDouble.of(carriedG.getAsDouble() * (1 - water.orElse(USUAL_WATER)))
        : OptionalDouble.empty();
  }
}
