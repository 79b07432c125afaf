package jugulum.book.stream;

import jugulum.core.stream.Refusal;

/** What became of edits sent to the book. */
public sealed interface Saved {
  /**
   * They are on disk.
   *
   * @param action by this they are taken back together
   */
  record Recorded(String action) implements Saved {}

  /** One was refused; nothing was written. */
  record Refused(Refusal refusal) implements Saved {}
}
