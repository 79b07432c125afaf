package jugulum.core.scale;

/** When a scale sends a line. */
public enum Sends {
  /** All the time. */
  ALWAYS,
  /** When a key of the scale is pressed: what it sends then is meant. */
  ON_KEY,
  /** When it is asked. */
  WHEN_ASKED
}
