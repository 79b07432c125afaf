package jugulum.core.units;

import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Reads a number as people type it, with a decimal point or a decimal comma.
 *
 * <p>A comma before exactly three last digits, as in "4,316", may be either; such a text is not
 * guessed at but reported as {@link Ambiguous}. A point is always decimal unless a comma follows it
 * ("1.234,5"). Broken numbers are read as well: "2/3", "1 1/2", "⅔".
 */
public final class NumberText {
  private static final Pattern PLAIN = Pattern.compile("[+-]?(\\d+([.,]\\d*)?|[.,]\\d+)");
  private static final Pattern THOUSANDS_POINT_LAST =
      Pattern.compile("[+-]?\\d{1,3}(,\\d{3})+\\.\\d*");
  private static final Pattern THOUSANDS_COMMA_LAST =
      Pattern.compile("[+-]?\\d{1,3}(\\.\\d{3})+,\\d*");
  private static final Pattern EITHER_WAY = Pattern.compile("[+-]?[1-9]\\d{0,2},\\d{3}");

  /** A broken number, with or without a whole one before it; "150 / 2" is a sum, and none. */
  private static final Pattern BROKEN = Pattern.compile("([+-]?)(?:(\\d+)\\s+)?(\\d+)/(\\d+)");

  /** Signs that are broken numbers by themselves. */
  private static final Map<String, String> SIGNS =
      Map.of("½", "1/2", "⅓", "1/3", "⅔", "2/3", "¼", "1/4", "¾", "3/4");

  /** The longest a number can be that is read, in signs; what is longer is none. */
  static final int LONGEST = 400;

  private NumberText() {}

  /** What a typed number turned out to be. */
  public sealed interface Result permits Number, Ambiguous, NotANumber {}

  /**
   * A number that was understood.
   *
   * @param value the number
   * @param step the size of one unit in its last place as typed: 0.01 for "3.20", 1 for "12"
   */
  public record Number(double value, double step) implements Result {}

  /** A text that reads as two different numbers. */
  public record Ambiguous(String asDecimal, String asThousands) implements Result {}

  /** A text that is no number. */
  public record NotANumber(String typed) implements Result {}

  /** Reads one number; blanks around it are ignored. */
  public static Result parse(String typed) {
    String text = typed.strip().replace("−", "-");
    if (text.length() > LONGEST) {
      return new NotANumber(typed);
    }
    if (EITHER_WAY.matcher(text).matches()) {
      return new Ambiguous(text.replace(',', '.'), text.replace(",", ""));
    }
    Matcher broken = BROKEN.matcher(written(text));
    if (broken.matches()) {
      return broken(broken, typed);
    }
    String plain;
    if (PLAIN.matcher(text).matches()) {
      plain = text.replace(',', '.');
    } else if (THOUSANDS_POINT_LAST.matcher(text).matches()) {
      plain = text.replace(",", "");
    } else if (THOUSANDS_COMMA_LAST.matcher(text).matches()) {
      plain = text.replace(".", "").replace(',', '.');
    } else {
      return new NotANumber(typed);
    }
    double value = Double.parseDouble(plain);
    return Double.isFinite(value) ? new Number(value, lastPlace(plain)) : new NotANumber(typed);
  }

  private static String written(String text) {
    String written = text;
    for (Map.Entry<String, String> sign : SIGNS.entrySet()) {
      written = written.replace(sign.getKey(), " " + sign.getValue());
    }
    return written.strip();
  }

  private static Result broken(Matcher parts, String typed) {
    double whole = Optional.ofNullable(parts.group(2)).map(Double::parseDouble).orElse(0.0);
    double parted = Double.parseDouble(parts.group(4));
    double value = whole + Double.parseDouble(parts.group(3)) / parted;
    return parted > 0 && Double.isFinite(value)
        ? new Number(parts.group(1).equals("-") ? -value : value, 1 / parted)
        : new NotANumber(typed);
  }

  private static double lastPlace(String plain) {
    int point = plain.indexOf('.');
    return point < 0 ? 1 : Math.pow(10, -(plain.length() - 1.0 - point));
  }
}
