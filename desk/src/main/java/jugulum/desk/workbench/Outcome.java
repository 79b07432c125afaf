package jugulum.desk.workbench;

/** What became of what a person asked for. */
public sealed interface Outcome {
  /** It is on disk and the numbers follow. */
  record Recorded() implements Outcome {}

  /**
   * It was not recorded.
   *
   * @param sentence why, ready to show
   */
  record Refused(String sentence) implements Outcome {}
}
