package jugulum.core.season;

import jugulum.core.stream.Refusal;

/** What can be wrong with an edit of a season. */
public enum SeasonReason implements Refusal.Reason {
  SEASON_THERE_ALREADY,
  SOURCE_WITHOUT_NAME,
  /** A source joined with itself. */
  JOIN_OF_ONE,
  NOT_JOINED,
  SLIP_THERE_ALREADY,
  NO_SUCH_SLIP,
  CHANGE_WITHOUT_WORDS,
  CHANGE_THERE_ALREADY,
  NO_SUCH_CHANGE,
  TRIP_THERE_ALREADY,
  NO_SUCH_TRIP,
  TRIP_WITHOUT_TIME,
  /** More than a day: what takes several days is several trips. */
  TRIP_TOO_LONG
}
