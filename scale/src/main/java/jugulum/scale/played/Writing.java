package jugulum.scale.played;

import java.util.Locale;

/** Ways of writing a line, all made up: a scale of any of them is learnt like any other. */
public enum Writing {
  /** A number and its unit. */
  PLAIN,
  /** A word before the number tells whether it stands. */
  FLAGS,
  /** The unit is left out while it moves. */
  UNIT_AT_REST,
  /** A mark behind while it moves. */
  MARK,
  /** Kilograms with a comma. */
  COMMA;

  /**
   * A line.
   *
   * @param grams what it shows, rounded to its step
   * @param decimals the places of its step, in grams
   */
  String line(double grams, int decimals, boolean rests) {
    String number = String.format(Locale.ROOT, "%." + decimals + "f", grams);
    return switch (this) {
      case PLAIN -> pad(number, 10) + " g";
      case FLAGS -> (rests ? "still" : "swing") + ";" + pad(number, 10) + " g";
      case UNIT_AT_REST -> pad(number, 10) + (rests ? " g" : "");
      case MARK -> "W:" + pad(number, 10) + " g" + (rests ? "" : " ?");
      case COMMA ->
          pad(String.format(Locale.ROOT, "%." + (decimals + 3) + "f", grams / 1000), 10)
                  .replace('.', ',')
              + " kg "
              + (rests ? "*" : "");
    };
  }

  private static String pad(String number, int width) {
    return " ".repeat(Math.max(0, width - number.length())) + number;
  }
}
