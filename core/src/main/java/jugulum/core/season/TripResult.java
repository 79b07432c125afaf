package jugulum.core.season;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Collectors;
import jugulum.core.check.Band;
import jugulum.core.ledger.BatchId;
import jugulum.core.trip.Trip;

/**
 * What a trip came to. Gold and bench time of a batch that several trips fed are shared among them
 * by the dry concentrate each brought home, alike where that was not weighed of all of them.
 *
 * @param trip the trip
 * @param milligrams its gold, in mg; empty before its batch has any
 * @param homeMinutes its share of the time at the bench, in minutes, 0 or more
 */
public record TripResult(Trip trip, OptionalDouble milligrams, double homeMinutes) {

  /** Travel, work, rest and what followed at home, in hours, above 0. */
  public double wholeHours() {
    return (trip.minutes() + homeMinutes) / 60;
  }

  /** Gold of a whole hour, in mg; empty before there is any. */
  public OptionalDouble mgPerHour() {
    return milligrams.isPresent()
        ? OptionalDouble.of(milligrams.getAsDouble() / wholeHours())
        : OptionalDouble.empty();
  }

  /** Gold of a cubic metre of loose gravel, in mg; empty where one of both is not known. */
  public Optional<Band> mgPerCubicMetre() {
    return milligrams.isPresent()
        ? trip.dug()
            .flatMap(dug -> dug.cubicMetres())
            .map(volume -> Band.sharp(milligrams.getAsDouble()).over(volume))
        : Optional.empty();
  }

  /** What every trip came to, by its day. */
  static List<TripResult> of(List<Trip> trips, Map<BatchId, BatchResult> results) {
    Map<BatchId, List<Trip>> byBatch =
        trips.stream()
            .filter(trip -> trip.batch().isPresent())
            .collect(Collectors.groupingBy(trip -> trip.batch().orElseThrow()));
    List<TripResult> told = new ArrayList<>();
    for (Trip trip : trips) {
      Optional<BatchResult> batch = trip.batch().map(results::get);
      if (batch.isEmpty()) {
        told.add(new TripResult(trip, OptionalDouble.empty(), 0));
        continue;
      }
      double share = share(trip, byBatch.getOrDefault(batch.get().id(), List.of(trip)));
      double won = batch.get().wonMg();
      told.add(
          new TripResult(
              trip,
              won > 0 ? OptionalDouble.of(won * share) : OptionalDouble.empty(),
              batch.get().benchMinutes() * share));
    }
    return told;
  }

  private static double share(Trip trip, List<Trip> together) {
    boolean isWeighed = together.stream().allMatch(one -> one.carriedDryG().orElse(0) > 0);
    return isWeighed
        ? trip.carriedDryG().orElseThrow()
            / together.stream().mapToDouble(one -> one.carriedDryG().orElseThrow()).sum()
        : 1.0 / together.size();
  }

  /**
   * What the trips to a source came to.
   *
   * @param source which, as meant
   * @param trips how many have gold
   * @param milligrams their gold, in mg
   * @param hours their whole hours
   */
  public record OfSource(String source, int trips, double milligrams, double hours) {
    /** Gold of a whole hour, in mg. */
    public double mgPerHour() {
      return milligrams / hours;
    }
  }

  /** By source, the best whole hour first; trips without gold yet are left out. */
  public static List<OfSource> bySource(List<TripResult> all, Season season) {
    Map<String, List<TripResult>> groups = new LinkedHashMap<>();
    all.stream()
        .filter(one -> one.milligrams().isPresent())
        .forEach(
            one ->
                groups
                    .computeIfAbsent(season.meant(one.trip().source()), _ -> new ArrayList<>())
                    .add(one));
    List<OfSource> told = new ArrayList<>();
    groups.forEach(
        (source, its) ->
            told.add(
                new OfSource(
                    source,
                    its.size(),
                    its.stream().mapToDouble(one -> one.milligrams().orElseThrow()).sum(),
                    its.stream().mapToDouble(TripResult::wholeHours).sum())));
    told.sort((one, other) -> Double.compare(other.mgPerHour(), one.mgPerHour()));
    return told;
  }
}
