package jugulum.book.stream;

import java.time.Instant;

/**
 * One row of a journal, as it was written.
 *
 * @param version its place in its stream, from 1 without gaps
 * @param at when it was written
 * @param from the bench that wrote it, and in which action
 * @param act what it does
 * @param form the form its body is written in, see {@link Codec}
 * @param body the edit; for an undo or redo the action it takes or brings back, empty for the last
 *     edit
 */
public record Row(long version, Instant at, Origin from, Act act, int form, String body) {
  /** What a row does. */
  public enum Act {
    EDIT,
    /** Takes an action back. */
    UNDO,
    /** Brings an action taken back back again. */
    REDO
  }

  /** The same at another place in its stream. */
  public Row numbered(long place) {
    return new Row(place, at, from, act, form, body);
  }
}
