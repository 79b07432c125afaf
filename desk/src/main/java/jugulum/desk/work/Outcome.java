package jugulum.desk.work;

import jugulum.book.stream.Saved;
import jugulum.core.stream.Refusal;

/** What became of what a person asked for. */
public sealed interface Outcome {
  /** What the book says of edits sent to it. */
  static Outcome of(Saved saved) {
    return switch (saved) {
      case Saved.Recorded _ -> new Recorded();
      case Saved.Refused(Refusal refusal) -> new Refused(refusal);
    };
  }

  /** It is on disk and the numbers follow. */
  record Recorded() implements Outcome {}

  /** It was not recorded, and nothing changed. */
  sealed interface Not extends Outcome {}

  /**
   * A rule says why not.
   *
   * @param refusal which, with its values
   */
  record Refused(Refusal refusal) implements Not {}

  /**
   * It could not be written, or worked out.
   *
   * @param failure what went wrong
   */
  record Failed(Failure failure) implements Not {}
}
