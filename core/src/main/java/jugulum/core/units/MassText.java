package jugulum.core.units;

import java.math.BigDecimal;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Reads a mass as people type it: "12 lb 6 oz", "33.25gr", "1,5 kg", "1 1/2 lb", "18 dwt", or a
 * bare number in the field's unit.
 *
 * <p>"oz" alone means two units that differ by a tenth. After pounds it is the avoirdupois ounce;
 * otherwise the field says what it takes it for, or that it must ask.
 */
public final class MassText {
  private static final String NUMBER = "[+\\-−]?(?:\\d+\\s+)?\\d+/\\d+|[+\\-−]?[\\d.,]+";

  private static final Pattern PART =
      Pattern.compile(
          "\\G\\s*(" + NUMBER + ")\\s*([a-zA-Z]+(?:\\s+(?:t|av|avdp|oz)\\b)?)?\\s*",
          Pattern.CASE_INSENSITIVE);

  /** How much of an endless text is told of, in signs. */
  private static final int QUOTED = 40;

  private MassText() {}

  /** What a field takes a lone "oz" for. */
  public enum Ounce {
    /** Sand and water: the avoirdupois ounce, 28.35 g. */
    AVOIRDUPOIS,
    /** Gold: do not guess, ask. */
    ASK
  }

  /** What a typed mass turned out to be. */
  public sealed interface Result permits Mass, Refused {}

  /**
   * A mass that was understood.
   *
   * @param grams the mass in grams; may be negative, the reading's own check decides
   * @param resolutionG the size of the last place typed, in grams, greater than 0
   */
  public record Mass(double grams, double resolutionG) implements Result {
    /** The mass in milligrams. */
    public double milligrams() {
      return Decimal.shifted(grams, 3);
    }
  }

  /** Why a typed mass was not taken. */
  public enum Why {
    EMPTY,
    NOT_A_MASS,
    UNKNOWN_UNIT,
    WHICH_OUNCE,
    WHICH_COMMA
  }

  /**
   * A mass that was not understood.
   *
   * @param why the reason
   * @param part the part of the text it lies in
   */
  public record Refused(Why why, String part) implements Result {}

  /**
   * A mass in grams as {@link #parse} reads it back to its last bit, in no language: for weights
   * that nobody typed, where a text is asked for.
   */
  public static String written(double grams) {
    return BigDecimal.valueOf(grams).toPlainString() + " " + MassUnit.GRAM.sign();
  }

  /**
   * Reads a typed mass.
   *
   * @param typed the text
   * @param bare the unit of a number without one
   * @param ounce what a lone "oz" means in this field
   */
  public static Result parse(String typed, MassUnit bare, Ounce ounce) {
    String text = typed.strip();
    if (text.isEmpty()) {
      return new Refused(Why.EMPTY, "");
    }
    if (text.length() > NumberText.LONGEST) {
      return new Refused(Why.NOT_A_MASS, text.substring(0, QUOTED) + "…");
    }
    Matcher part = PART.matcher(text);
    Optional<Mass> sum = Optional.empty();
    Optional<MassUnit> last = Optional.empty();
    int end = 0;
    while (part.find()) {
      end = part.end();
      String word = Optional.ofNullable(part.group(2)).orElse("");
      if (isOunce(word) && !last.equals(Optional.of(MassUnit.POUND)) && ounce == Ounce.ASK) {
        return new Refused(Why.WHICH_OUNCE, part.group().strip());
      }
      Optional<MassUnit> unit =
          word.isEmpty()
              ? Optional.of(bare)
              : isOunce(word) ? Optional.of(MassUnit.OUNCE) : MassUnit.spelled(word);
      if (unit.isEmpty()) {
        return new Refused(Why.UNKNOWN_UNIT, word);
      }
      boolean first = last.isEmpty();
      boolean smallerThanLast =
          !word.isEmpty() && last.filter(one -> unit.get().grams() < one.grams()).isPresent();
      switch (NumberText.parse(part.group(1))) {
        case NumberText.Number number when first || smallerThanLast && number.value() >= 0 ->
            sum = Optional.of(plus(sum, unit.get(), number));
        case NumberText.Ambiguous _ -> {
          return new Refused(Why.WHICH_COMMA, part.group(1));
        }
        default -> {
          return new Refused(Why.NOT_A_MASS, text);
        }
      }
      last = unit;
    }
    if (end < text.length()) {
      return new Refused(Why.NOT_A_MASS, text);
    }
    return sum.<Result>map(mass -> mass).orElseGet(() -> new Refused(Why.NOT_A_MASS, text));
  }

  private static Mass plus(Optional<Mass> sum, MassUnit unit, NumberText.Number number) {
    double before = sum.map(Mass::grams).orElse(0.0);
    double more = unit.toGrams(number.value());
    return new Mass(before < 0 ? before - more : before + more, unit.toGrams(number.step()));
  }

  private static boolean isOunce(String word) {
    String lower = word.toLowerCase(Locale.ROOT);
    return lower.equals("oz") || lower.equals("ounce") || lower.equals("ounces");
  }
}
