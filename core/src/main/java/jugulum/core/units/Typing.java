package jugulum.core.units;

import jugulum.core.units.MassText.Mass;
import jugulum.core.units.MassText.Ounce;
import jugulum.core.units.Typed.Slip;
import jugulum.core.units.Typed.Value;
import jugulum.core.units.Typed.Wrong;

/** Reads what people type for a quantity, within the range it can have. */
public final class Typing {
  private Typing() {}

  /**
   * A mass of sand, 0 g or more; a lone "oz" is the avoirdupois one.
   *
   * @param bare the unit of a number without one
   */
  public static Typed<Mass> sand(String typed, MassUnit bare) {
    return mass(typed, bare, Ounce.AVOIRDUPOIS);
  }

  /**
   * A mass of gold, 0 g or more; a lone "oz" is asked about.
   *
   * @param bare the unit of a number without one
   */
  public static Typed<Mass> gold(String typed, MassUnit bare) {
    return mass(typed, bare, Ounce.ASK);
  }

  private static Typed<Mass> mass(String typed, MassUnit bare, Ounce ounce) {
    return switch (MassText.parse(typed, bare, ounce)) {
      case Mass mass when mass.grams() < 0 -> new Wrong<>(new Slip.Negative());
      case Mass mass -> new Value<>(mass);
      case MassText.Refused(MassText.Why why, String part) ->
          new Wrong<>(new Slip.NoMass(why, part));
    };
  }

  /**
   * Whether a text is a weight with its unit and nothing else, whatever is to be asked about it.
   */
  public static boolean isWeight(String typed) {
    return typed.chars().anyMatch(Character::isLetter)
        && switch (MassText.parse(typed, MassUnit.GRAM, Ounce.ASK)) {
          case Mass _ -> true;
          case MassText.Refused(MassText.Why why, String _) ->
              why == MassText.Why.WHICH_OUNCE || why == MassText.Why.WHICH_COMMA;
        };
  }

  /** A number within a closed range. */
  public static Typed<Double> number(String typed, double low, double high) {
    return switch (NumberText.parse(typed)) {
      case NumberText.Number(double value, double _) when value >= low && value <= high ->
          new Value<>(value);
      case NumberText.Number _ -> new Wrong<>(new Slip.OutOfRange(typed.strip(), low, high));
      case NumberText.Ambiguous(String decimal, String thousands) ->
          new Wrong<>(new Slip.WhichComma(typed.strip(), decimal, thousands));
      case NumberText.NotANumber _ ->
          new Wrong<>(typed.isBlank() ? new Slip.Empty() : new Slip.NoNumber(typed.strip()));
    };
  }

  /**
   * A percentage, as a share; a percent sign may follow.
   *
   * @param low the lowest, in percent
   * @param high the highest, in percent
   */
  public static Typed<Double> percent(String typed, double low, double high) {
    String text = typed.strip();
    String bare = text.endsWith("%") ? text.substring(0, text.length() - 1) : text;
    return number(bare, low, high).map(percent -> percent / 100);
  }

  /** A whole number of things, from 0. */
  public static Typed<Integer> count(String typed, int highest) {
    return number(typed, 0, highest)
        .then(
            value ->
                value == Math.rint(value)
                    ? new Value<>((int) Math.rint(value))
                    : new Wrong<>(new Slip.NotWhole(typed.strip())));
  }
}
