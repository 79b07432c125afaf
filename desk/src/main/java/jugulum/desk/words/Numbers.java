package jugulum.desk.words;

import java.text.DecimalFormat;
import java.text.DecimalFormatSymbols;
import java.util.Locale;

/**
 * How a person writes numbers: with a decimal point or a decimal comma, without marks between
 * thousands, with the digits 0 to 9 everywhere.
 *
 * @param locale the person's
 * @param mark the decimal mark
 */
record Numbers(Locale locale, char mark) {
  /** As people of a place write them; a mark that no keyboard has is a point here. */
  static Numbers of(Locale locale) {
    char mark = DecimalFormatSymbols.getInstance(locale).getDecimalSeparator();
    return new Numbers(locale, mark == ',' ? ',' : '.');
  }

  boolean writesComma() {
    return mark == ',';
  }

  String fixed(double value, int places) {
    String text = marked(String.format(Locale.ROOT, "%." + places + "f", value));
    return text.startsWith("-") ? "−" + text.substring(1) : text;
  }

  String plain(double value) {
    return marked(
        new DecimalFormat("0.######", DecimalFormatSymbols.getInstance(Locale.ROOT)).format(value));
  }

  private String marked(String text) {
    return mark == '.' ? text : text.replace('.', mark);
  }
}
