package jugulum.core.season;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import jugulum.core.stream.Applied;
import jugulum.core.stream.Fold;
import jugulum.core.stream.Refusal;
import jugulum.core.trip.Trip;

/** A season as a stream of edits. */
public final class SeasonFold implements Fold<Season, SeasonEdit> {
  @Override
  public Applied<Season> apply(Optional<Season> before, SeasonEdit edit, Instant at) {
    return reason(before, edit)
        .<Applied<Season>>map(reason -> new Applied.Refused<>(Refusal.of(reason)))
        .orElseGet(() -> new Applied.Done<>(replay(before, edit, at)));
  }

  private static Optional<SeasonReason> reason(Optional<Season> before, SeasonEdit edit) {
    Season now = before.orElse(Season.NOTHING);
    return switch (edit) {
      case SeasonEdit.Whole _ -> when(before.isPresent(), SeasonReason.SEASON_THERE_ALREADY);
      case SeasonEdit.TellSource(Source source) ->
          when(source.name().isBlank(), SeasonReason.SOURCE_WITHOUT_NAME);
      case SeasonEdit.JoinSources(String from, String into) ->
          when(from.isBlank() || into.isBlank(), SeasonReason.SOURCE_WITHOUT_NAME)
              .or(() -> when(from.equals(now.meant(into)), SeasonReason.JOIN_OF_ONE));
      case SeasonEdit.PartSource(String from) ->
          when(!now.joined().containsKey(from), SeasonReason.NOT_JOINED);
      case SeasonEdit.TellGravel _ -> Optional.empty();
      case SeasonEdit.AddSlip(Slip slip) ->
          when(now.slip(slip.id()).isPresent(), SeasonReason.SLIP_THERE_ALREADY);
      case SeasonEdit.DropSlip(String id) ->
          when(now.slip(id).isEmpty(), SeasonReason.NO_SUCH_SLIP);
      case SeasonEdit.AddChange(Change change) ->
          when(change.what().isBlank(), SeasonReason.CHANGE_WITHOUT_WORDS)
              .or(
                  () ->
                      when(now.change(change.id()).isPresent(), SeasonReason.CHANGE_THERE_ALREADY));
      case SeasonEdit.DropChange(String id) ->
          when(now.change(id).isEmpty(), SeasonReason.NO_SUCH_CHANGE);
      case SeasonEdit.AddTrip(Trip trip) ->
          when(trip.minutes() <= 0, SeasonReason.TRIP_WITHOUT_TIME)
              .or(() -> when(trip.minutes() > Trip.MOST_MINUTES, SeasonReason.TRIP_TOO_LONG))
              .or(() -> when(now.trip(trip.id()).isPresent(), SeasonReason.TRIP_THERE_ALREADY));
      case SeasonEdit.DropTrip(String id) ->
          when(now.trip(id).isEmpty(), SeasonReason.NO_SUCH_TRIP);
    };
  }

  private static Optional<SeasonReason> when(boolean wrong, SeasonReason reason) {
    return wrong ? Optional.of(reason) : Optional.empty();
  }

  @Override
  public Season replay(Optional<Season> before, SeasonEdit edit, Instant at) {
    Season now = before.orElse(Season.NOTHING);
    return switch (edit) {
      case SeasonEdit.Whole(Season season) -> season;
      case SeasonEdit.TellSource(Source source) -> now.with(source);
      case SeasonEdit.JoinSources(String from, String into) -> now.joining(from, now.meant(into));
      case SeasonEdit.PartSource(String from) -> now.parting(from);
      case SeasonEdit.TellGravel(Gravel gravel) -> now.with(gravel);
      case SeasonEdit.AddSlip(Slip slip) ->
          now.withSlips(Stream.concat(now.slips().stream(), Stream.of(slip)).toList());
      case SeasonEdit.DropSlip(String id) ->
          now.withSlips(now.slips().stream().filter(one -> !one.id().equals(id)).toList());
      case SeasonEdit.AddChange(Change change) ->
          now.withChanges(Stream.concat(now.changes().stream(), Stream.of(change)).toList());
      case SeasonEdit.DropChange(String id) ->
          now.withChanges(now.changes().stream().filter(one -> !one.id().equals(id)).toList());
      case SeasonEdit.AddTrip(Trip trip) ->
          now.withTrips(Stream.concat(now.trips().stream(), Stream.of(trip)).toList());
      case SeasonEdit.DropTrip(String id) ->
          now.withTrips(now.trips().stream().filter(one -> !one.id().equals(id)).toList());
    };
  }

  /** What is said of one source, slip or change says the same while that one is as it was. */
  @Override
  public boolean saysTheSame(Optional<Season> seen, Optional<Season> now, List<SeasonEdit> edits) {
    Season before = seen.orElse(Season.NOTHING);
    Season after = now.orElse(Season.NOTHING);
    return edits.stream().allMatch(edit -> saysTheSame(before, after, edit));
  }

  private static boolean saysTheSame(Season seen, Season now, SeasonEdit edit) {
    return switch (edit) {
      case SeasonEdit.Whole _ -> seen.equals(now);
      case SeasonEdit.TellSource(Source source) ->
          seen.source(source.name()).equals(now.source(source.name()));
      case SeasonEdit.JoinSources(String from, String into) ->
          seen.meant(from).equals(now.meant(from)) && seen.meant(into).equals(now.meant(into));
      case SeasonEdit.PartSource(String from) -> seen.meant(from).equals(now.meant(from));
      case SeasonEdit.TellGravel(Gravel gravel) ->
          seen.gravel(gravel.batch()).equals(now.gravel(gravel.batch()));
      case SeasonEdit.AddSlip _, SeasonEdit.AddChange _, SeasonEdit.AddTrip _ -> true;
      case SeasonEdit.DropSlip(String id) -> seen.slip(id).equals(now.slip(id));
      case SeasonEdit.DropChange(String id) -> seen.change(id).equals(now.change(id));
      case SeasonEdit.DropTrip(String id) -> seen.trip(id).equals(now.trip(id));
    };
  }

  @Override
  public SeasonEdit whole(Season season) {
    return new SeasonEdit.Whole(season);
  }
}
