package jugulum.book.stream;

import java.time.Instant;

/**
 * One row of a journal, as it was written.
 *
 * @param version its place in its stream, from 1 without gaps
 * @param at when it was written
 * @param who the bench that wrote it; empty in rows of books that did not say
 * @param act what it does
 * @param form the form its body is written in, see {@link Codec}
 * @param body the edit; empty for an undo or redo
 */
public record Row(long version, Instant at, String who, Act act, int form, String body) {
  /** What a row does. */
  public enum Act {
    EDIT,
    /** Takes the last edit that stands back. */
    UNDO,
    /** Brings the last edit taken back back again. */
    REDO
  }

  /** The same at another place in its stream. */
  public Row numbered(long place) {
    return new Row(place, at, who, act, form, body);
  }
}
