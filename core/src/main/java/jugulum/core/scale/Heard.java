package jugulum.core.scale;

/** What a line of a scale says. */
public sealed interface Heard {
  /**
   * A weight.
   *
   * @param grams with its sign, in grams
   * @param steady whether the scale itself says it stands
   * @param isNet whether the scale says a tare is taken off
   */
  record Weight(double grams, Steady steady, boolean isNet) implements Heard {}

  /** A line without a number, such as a scale sends when too much lies on it. */
  record NoWeight(String line) implements Heard {}

  /** A line shorter or otherwise than those it was learnt from: a part of it may be missing. */
  record Half(String line) implements Heard {}

  /** A word that was not learnt, so what the number means is not known. */
  record Strange(String word, String line) implements Heard {}

  /** Signs no scale sends as text: the speed of the line is wrong, or something disturbs it. */
  record Garbled() implements Heard {}

  /** What a scale says of its own rest. */
  enum Steady {
    YES,
    NO,
    /** It says nothing of it: the readings themselves must tell. */
    NOT_TOLD
  }
}
