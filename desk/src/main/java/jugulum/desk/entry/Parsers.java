package jugulum.desk.entry;

import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.Optional;
import java.util.function.Function;
import jugulum.core.units.Decimal;
import jugulum.core.units.MassText;
import jugulum.core.units.MassUnit;
import jugulum.core.units.Typed;
import jugulum.core.units.Typing;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Words;

/** Turns what was typed into values, or into a sentence at the field. */
public final class Parsers {
  private Parsers() {}

  /** A mass of sand; a bare number is in that unit, and a lone "oz" is the avoirdupois one. */
  public static Function<String, Entry<MassText.Mass>> sand(MassUnit bare) {
    return typed -> said(Typing.sand(typed, bare));
  }

  /** A mass of gold; a bare number is in that unit, and a lone "oz" is asked about. */
  public static Function<String, Entry<MassText.Mass>> gold(MassUnit bare) {
    return typed -> said(Typing.gold(typed, bare));
  }

  /** A percentage, as a share from 0 to 1; a percent sign may follow. */
  public static Entry<Double> percent(String typed, double lowest, double highest) {
    return said(Typing.percent(typed, lowest, highest));
  }

  /** Parts in a thousand, given as a share. */
  public static Entry<Double> perMille(String typed, double lowest, double highest) {
    return said(Typing.number(typed, lowest, highest).map(parts -> Decimal.shifted(parts, -3)));
  }

  /** A number within a range. */
  public static Entry<Double> number(String typed, double lowest, double highest) {
    return said(Typing.number(typed, lowest, highest));
  }

  /** A whole number of things. */
  public static Entry<Integer> count(String typed, int highest) {
    return said(Typing.count(typed, highest));
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

  private static <T> Entry<T> said(Typed<T> typed) {
    return switch (typed) {
      case Typed.Value<T>(T value) -> new Entry.Value<>(value);
      case Typed.Wrong<T>(Typed.Slip slip) -> new Entry.Bad<>(sentence(slip));
    };
  }

  /** What is wrong with a text, in a sentence. */
  public static String sentence(Typed.Slip slip) {
    return switch (slip) {
      case Typed.Slip.Empty _ -> Words.of("entry.mass.EMPTY");
      case Typed.Slip.NoMass(MassText.Why why, String part) ->
          Words.of("entry.mass", why, part, part.replace(',', '.'), part.replace(",", ""));
      case Typed.Slip.Negative _ -> Words.of("entry.negative");
      case Typed.Slip.NoNumber(String text) -> Words.of("entry.number", text);
      case Typed.Slip.WhichComma(String text, String decimal, String thousands) ->
          Words.of("entry.mass.WHICH_COMMA", text, decimal, thousands);
      case Typed.Slip.OutOfRange(String text, double low, double high) ->
          Words.of("entry.range", Figures.plain(low), Figures.plain(high), text);
      case Typed.Slip.NotWhole(String text) -> Words.of("entry.whole", text);
      case Typed.Slip.NoChoice(String text) -> Words.of("entry.choice", text);
      case Typed.Slip.NoContainer(String text) -> Words.of("entry.container.unknown", text);
    };
  }

  private static <T> Entry<T> bad(String key, String... arguments) {
    return new Entry.Bad<>(Words.of(key, arguments));
  }
}
