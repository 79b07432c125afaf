package jugulum.desk.session;

import jugulum.core.stream.Refusal;

/** What became of what a person asked for. */
public sealed interface Outcome {
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
