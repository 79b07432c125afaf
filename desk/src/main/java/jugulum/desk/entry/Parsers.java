package jugulum.desk.entry;

import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.Optional;
import java.util.function.Function;
import jugulum.core.units.Decimal;
import jugulum.core.units.MassText;
import jugulum.core.units.MassText.Ounce;
import jugulum.core.units.MassUnit;
import jugulum.core.units.NumberText;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Words;

/** Turns what was typed into values, or into a sentence at the field. */
public final class Parsers {
  private Parsers() {}

  /** A mass of sand; a bare number is in that unit, and a lone "oz" is the avoirdupois one. */
  public static Function<String, Entry<MassText.Mass>> sand(MassUnit bare) {
    return typed -> mass(typed, bare, Ounce.AVOIRDUPOIS);
  }

  /** A mass of gold; a bare number is in that unit, and a lone "oz" is asked about. */
  public static Function<String, Entry<MassText.Mass>> gold(MassUnit bare) {
    return typed -> mass(typed, bare, Ounce.ASK);
  }

  private static Entry<MassText.Mass> mass(String typed, MassUnit bare, Ounce ounce) {
    return switch (MassText.parse(typed, bare, ounce)) {
      case MassText.Mass mass when mass.grams() < 0 -> bad("entry.negative");
      case MassText.Mass mass -> new Entry.Value<>(mass);
      case MassText.Refused(var why, String part) ->
          bad("entry.mass." + why.name(), part, part.replace(',', '.'), part.replace(",", ""));
    };
  }

  /** A percentage, as a share from 0 to 1; a percent sign may follow. */
  public static Entry<Double> percent(String typed, double lowest, double highest) {
    return switch (number(typed.replace("%", ""), lowest, highest)) {
      case Entry.Value<Double>(Double percent) -> new Entry.Value<>(percent / 100);
      case Entry.Bad<Double> bad -> bad;
    };
  }

  /** Parts in a thousand, given as a share. */
  public static Entry<Double> perMille(String typed, double lowest, double highest) {
    return switch (number(typed, lowest, highest)) {
      case Entry.Value<Double>(Double parts) -> new Entry.Value<>(Decimal.shifted(parts, -3));
      case Entry.Bad<Double> bad -> bad;
    };
  }

  /** A number within a range. */
  public static Entry<Double> number(String typed, double lowest, double highest) {
    return switch (NumberText.parse(typed)) {
      case NumberText.Number(double value, double _) when value >= lowest && value <= highest ->
          new Entry.Value<>(value);
      case NumberText.Number _ ->
          bad("entry.range", Figures.plain(lowest), Figures.plain(highest), typed.strip());
      case NumberText.Ambiguous(String decimal, String thousands) ->
          bad("entry.mass.WHICH_COMMA", typed.strip(), decimal, thousands);
      case NumberText.NotANumber _ ->
          typed.isBlank() ? bad("entry.mass.EMPTY") : bad("entry.number", typed.strip());
    };
  }

  /** A whole number of things. */
  public static Entry<Integer> count(String typed, int highest) {
    return switch (number(typed, 0, highest)) {
      case Entry.Value<Double>(Double value) when value == Math.rint(value) ->
          new Entry.Value<>((int) Math.rint(value));
      case Entry.Value<Double> _ -> bad("entry.whole", typed.strip());
      case Entry.Bad<Double>(String sentence) -> new Entry.Bad<>(sentence);
    };
  }

  /** A text that must say something. */
  public static Function<String, Entry<String>> text(String ifMissing) {
    return typed -> typed.isBlank() ? bad(ifMissing) : new Entry.Value<>(typed.strip());
  }

  /** A day as year-month-day. */
  public static Entry<LocalDate> day(String typed) {
    try {
      return new Entry.Value<>(LocalDate.parse(typed.strip()));
    } catch (DateTimeParseException unreadable) {
      return bad("entry.day", typed.strip());
    }
  }

  /** What may be left out. */
  public static <T> Function<String, Entry<Optional<T>>> optional(
      Function<String, Entry<T>> parser) {
    return typed ->
        typed.isBlank()
            ? new Entry.Value<>(Optional.empty())
            : switch (parser.apply(typed)) {
              case Entry.Value<T>(T value) -> new Entry.Value<>(Optional.of(value));
              case Entry.Bad<T>(String sentence) -> new Entry.Bad<>(sentence);
            };
  }

  private static <T> Entry<T> bad(String key, String... arguments) {
    return new Entry.Bad<>(Words.of(key, arguments));
  }
}
