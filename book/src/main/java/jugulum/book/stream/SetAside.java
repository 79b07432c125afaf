package jugulum.book.stream;

import java.time.Instant;
import jugulum.core.stream.Refusal;

/**
 * What was set aside at this bench, and what became of it. It stays, whatever became of it.
 *
 * @param id its number at this bench
 * @param what it, as it was done
 * @param why why it could not be taken
 * @param mayBeAgain whether doing it again would mean the same things
 * @param at when that was found
 * @param state what became of it
 * @param note the reason it was let go for; may be empty
 */
public record SetAside(
    long id, Waiting what, Refusal why, boolean mayBeAgain, Instant at, State state, String note) {
  /** What became of it. */
  public enum State {
    /** Nobody decided yet. */
    OPEN,
    /** It was done again. */
    DONE_AGAIN,
    /** It was let go. */
    LET_GO
  }
}
