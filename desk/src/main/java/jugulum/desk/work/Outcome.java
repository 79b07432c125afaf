package jugulum.desk.work;

import java.util.Optional;
import jugulum.book.stream.Saved;
import jugulum.core.stream.Refusal;

/** What became of what a person asked for. */
public sealed interface Outcome {
  /** What the book says of edits sent to it. */
  static Outcome of(Saved saved) {
    return switch (saved) {
      case Saved.Recorded(String action) -> new Recorded(Optional.of(action));
      case Saved.Refused(Refusal refusal) -> new Refused(refusal);
    };
  }

  /**
   * It is on disk and the numbers follow.
   *
   * @param action by this it is taken back; empty where nothing new was written
   */
  record Recorded(Optional<String> action) implements Outcome {
    /** Nothing new was written. */
    public Recorded() {
      this(Optional.empty());
    }
  }

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
