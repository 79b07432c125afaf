package jugulum.book.store;

import jugulum.core.ledger.Refusal;

/** What became of an edit sent to the book. */
public sealed interface Saved {
  /** It is on disk. */
  record Recorded(BatchState state) implements Saved {}

  /** It was refused; nothing was written. */
  record Refused(Refusal refusal) implements Saved {}
}
