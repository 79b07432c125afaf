package jugulum.scale;

/** What comes from a line to a scale. */
public sealed interface FromScale {
  /**
   * A line of text.
   *
   * @param nanos when, by a clock that only runs forward
   */
  record Line(long nanos, String text) implements FromScale {}

  /** Nothing came for a while though the line is open. */
  record Still() implements FromScale {}

  /** The line is open. */
  record Opened() implements FromScale {}

  /**
   * The line broke off, or does not open; it is tried again.
   *
   * @param why as the machine tells it
   */
  record Lost(String why) implements FromScale {}
}
