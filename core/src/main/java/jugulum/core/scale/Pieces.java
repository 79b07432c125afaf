package jugulum.core.scale;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import jugulum.core.units.MassUnit;

/**
 * A line of a scale, taken apart.
 *
 * @param numbers its numbers, from the left
 * @param all every piece, from the left
 */
record Pieces(List<Weight> numbers, List<Piece> all) {
  private static final Pattern WITH_POINT = number("\\.");
  private static final Pattern WITH_COMMA = number(",");
  private static final Pattern WORD = Pattern.compile("[^\\s,;:]+");
  private static final Pattern POINT = Pattern.compile("\\d\\.\\d");
  private static final Pattern COMMA = Pattern.compile("\\d,\\d");

  /** A number with more digits is a serial number, and no weight. */
  private static final int MOST_DIGITS = 12;

  /**
   * A number of a line.
   *
   * @param value with its sign
   * @param decimals how many places after the decimal mark
   * @param unit the unit written after it
   */
  record Weight(double value, int decimals, Optional<MassUnit> unit) {}

  /** A number begins a word: the 2 of ST2 is none. */
  private static Pattern number(String mark) {
    return Pattern.compile(
        "(?<![\\p{L}\\d"
            + mark
            + "])(?<sign>[+-]?)\\s*(?<digits>\\d+(?:"
            + mark
            + "\\d+)?)"
            + "(?:[\\s,;]*(?<unit>\\p{L}+))?");
  }

  /** The decimal mark a line must be using; a point where it cannot be told. */
  static char decimal(List<String> lines) {
    boolean point = lines.stream().anyMatch(line -> POINT.matcher(line).find());
    boolean comma = lines.stream().anyMatch(line -> COMMA.matcher(line).find());
    return comma && !point ? ',' : '.';
  }

  static Pieces of(String line, char decimal) {
    List<Weight> numbers = new ArrayList<>();
    List<Piece> all = new ArrayList<>();
    StringBuilder rest = new StringBuilder(line);
    Matcher found = (decimal == ',' ? WITH_COMMA : WITH_POINT).matcher(line);
    while (found.find()) {
      String digits = found.group("digits").replace(',', '.');
      if (digits.length() > MOST_DIGITS) {
        continue;
      }
      int point = digits.indexOf('.');
      Optional<MassUnit> unit = Optional.ofNullable(found.group("unit")).flatMap(Pieces::unit);
      double value = Double.parseDouble(digits);
      numbers.add(
          new Weight(
              found.group("sign").equals("-") ? -value : value,
              point < 0 ? 0 : digits.length() - point - 1,
              unit));
      all.add(
          new Piece(
              Piece.Role.NUMBER,
              found.start(),
              found.end("digits"),
              found.group("sign") + found.group("digits")));
      blank(rest, found.start(), found.end("digits"));
      if (unit.isPresent()) {
        all.add(
            new Piece(
                Piece.Role.UNIT, found.start("unit"), found.end("unit"), found.group("unit")));
        blank(rest, found.start("unit"), found.end("unit"));
      }
    }
    Matcher word = WORD.matcher(rest);
    while (word.find()) {
      all.add(new Piece(Piece.Role.WORD, word.start(), word.end(), word.group()));
    }
    all.sort(Comparator.comparingInt(Piece::from));
    return new Pieces(List.copyOf(numbers), List.copyOf(all));
  }

  /** A lone "oz" may be two units; on a scale for sand it is the avoirdupois one till told. */
  private static Optional<MassUnit> unit(String word) {
    return word.equalsIgnoreCase("oz") ? Optional.of(MassUnit.OUNCE) : MassUnit.spelled(word);
  }

  private static void blank(StringBuilder text, int from, int to) {
    for (int i = from; i < to; i++) {
      text.setCharAt(i, ' ');
    }
  }

  List<String> words() {
    return all.stream().filter(piece -> piece.role() == Piece.Role.WORD).map(Piece::text).toList();
  }
}
