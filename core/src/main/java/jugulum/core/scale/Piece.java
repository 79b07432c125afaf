package jugulum.core.scale;

/**
 * A piece of a line a scale sent.
 *
 * @param role what it is
 * @param from where it begins, counted from 0
 * @param to where it ends: the place after its last letter
 * @param text it itself, a number without the blanks after its sign
 */
public record Piece(Role role, int from, int to, String text) {
  /** What a piece can be. */
  public enum Role {
    /** A number with its sign. */
    NUMBER,
    /** The unit of the number before it. */
    UNIT,
    /** Anything else: letters or signs whose meaning has to be learnt. */
    WORD
  }
}
