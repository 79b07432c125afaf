package jugulum.core.season;

import jugulum.core.trip.Trip;

/** The only ways what is told of a season changes. {@link SeasonFold} carries them out. */
public sealed interface SeasonEdit {
  /** All of it is set, from a rescue or a file. */
  record Whole(Season season) implements SeasonEdit {}

  /** Something is told of a source, in place of what was told before. */
  record TellSource(Source source) implements SeasonEdit {}

  /** One name on buckets means another source. */
  record JoinSources(String from, String into) implements SeasonEdit {}

  /** A name on buckets means itself again. */
  record PartSource(String from) implements SeasonEdit {}

  /** The gravel behind a batch is told, in place of what was told before. */
  record TellGravel(Gravel gravel) implements SeasonEdit {}

  /** A slip came. */
  record AddSlip(Slip slip) implements SeasonEdit {}

  /** A slip was written down by mistake. */
  record DropSlip(String id) implements SeasonEdit {}

  /** Something is done otherwise. */
  record AddChange(Change change) implements SeasonEdit {}

  /** A change was written down by mistake. */
  record DropChange(String id) implements SeasonEdit {}

  /** Somebody was outdoors. */
  record AddTrip(Trip trip) implements SeasonEdit {}

  /** A trip was written down by mistake. */
  record DropTrip(String id) implements SeasonEdit {}
}
