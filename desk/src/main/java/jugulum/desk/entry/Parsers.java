package jugulum.desk.entry;

import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.Optional;
import java.util.function.Function;
import jugulum.core.check.UnseenSigns;
import jugulum.core.task.Part;
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
  public static Function<String, Entry<MassText.Mass>> sand(Words words, MassUnit bare) {
    return typed -> said(words, Typing.sand(typed, bare));
  }

  /** A mass of gold; a bare number is in that unit, and a lone "oz" is asked about. */
  public static Function<String, Entry<MassText.Mass>> gold(Words words, MassUnit bare) {
    return typed -> said(words, Typing.gold(typed, bare));
  }

  /**
   * A mass that was understood, within a range.
   *
   * @param typed what was typed, told where it is outside
   * @param low the least, in grams
   * @param high the most, in grams
   */
  public static Entry<MassText.Mass> within(
      Words words, Entry<MassText.Mass> mass, String typed, double low, double high) {
    return mass instanceof Entry.Value<MassText.Mass>(MassText.Mass value)
            && !(value.grams() >= low && value.grams() <= high)
        ? bad(
            words,
            "entry.range",
            EntryField.grams(words, low),
            EntryField.grams(words, high),
            typed.strip())
        : mass;
  }

  /** A percentage, as a share from 0 to 1; a percent sign may follow. */
  public static Entry<Double> percent(Words words, String typed, double lowest, double highest) {
    return said(words, Typing.percent(typed, lowest, highest));
  }

  /** Parts in a thousand, given as a share. */
  public static Entry<Double> perMille(Words words, String typed, double lowest, double highest) {
    return said(
        words, Typing.number(typed, lowest, highest).map(parts -> Decimal.shifted(parts, -3)));
  }

  /** A number within a range. */
  public static Entry<Double> number(Words words, String typed, double lowest, double highest) {
    return said(words, Typing.number(typed, lowest, highest));
  }

  /** A whole number of things. */
  public static Entry<Integer> count(Words words, String typed, int highest) {
    return said(words, Typing.count(typed, highest));
  }

  /** Words that must say something. */
  public static Function<String, Entry<String>> text(Words words, String ifMissing) {
    return typed -> typed.isBlank() ? bad(words, ifMissing) : note(words).apply(typed);
  }

  /** Words that may be left out. A weight alone was meant for another field: it is asked about. */
  public static Function<String, Entry<String>> note(Words words) {
    return typed -> {
      if (Typing.isWeight(typed)) {
        return bad(words, "entry.weight-for-words", typed.strip());
      }
      return UnseenSigns.in(typed)
          ? bad(words, "entry.unseen-signs")
          : new Entry.Value<>(typed.strip());
    };
  }

  /** Signs as they come, whatever they mean. */
  public static Function<String, Entry<String>> signs(Words words, String ifMissing) {
    return typed -> typed.isBlank() ? bad(words, ifMissing) : new Entry.Value<>(typed.strip());
  }

  /** A day as year-month-day. */
  public static Entry<LocalDate> day(Words words, String typed) {
    try {
      return new Entry.Value<>(LocalDate.parse(typed.strip()));
    } catch (DateTimeParseException unreadable) {
      return bad(words, "entry.day", typed.strip());
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

  private static <T> Entry<T> said(Words words, Typed<T> typed) {
    return switch (typed) {
      case Typed.Value<T>(T value) -> new Entry.Value<>(value);
      case Typed.Wrong<T>(Typed.Slip slip) -> new Entry.Bad<>(sentence(words, slip));
    };
  }

  /** What is wrong with an answer; the ends of a range of a weight in the units of the bench. */
  public static String sentence(Figures figures, Part part, Typed.Slip slip) {
    Words words = figures.words();
    if (!(slip instanceof Typed.Slip.OutOfRange(String typed, double low, double high))) {
      return sentence(words, slip);
    }
    return switch (part.unit()) {
      case GOLD -> words.of("entry.range", figures.gold(low), figures.gold(high), typed);
      case SAND -> words.of("entry.range", figures.sand(low), figures.sand(high), typed);
      default -> sentence(words, slip);
    };
  }

  /** What is wrong with a text, in a sentence. */
  public static String sentence(Words words, Typed.Slip slip) {
    return switch (slip) {
      case Typed.Slip.Empty _ -> words.of("entry.mass.EMPTY");
      case Typed.Slip.NoMass(MassText.Why why, String part) ->
          words.of(
              "entry.mass",
              why,
              words.typed(part),
              words.typed(part.replace(',', '.')),
              part.replace(",", ""));
      case Typed.Slip.Negative _ -> words.of("entry.negative");
      case Typed.Slip.NoNumber(String text) -> words.of("entry.number", text);
      case Typed.Slip.WhichComma(String text, String decimal, String thousands) ->
          words.of("entry.mass.WHICH_COMMA", words.typed(text), words.typed(decimal), thousands);
      case Typed.Slip.OutOfRange(String text, double low, double high) ->
          words.of("entry.range", words.plain(low), words.plain(high), text);
      case Typed.Slip.NotWhole(String text) -> words.of("entry.whole", text);
      case Typed.Slip.NoChoice(String text) -> words.of("entry.choice", text);
      case Typed.Slip.OnlyYes(String text) -> words.of("entry.only-yes", text);
      case Typed.Slip.WeightForWords(String text) -> words.of("entry.weight-for-words", text);
      case Typed.Slip.NoContainer(String text) -> words.of("entry.container.unknown", text);
    };
  }

  private static <T> Entry<T> bad(Words words, String key, String... arguments) {
    return new Entry.Bad<>(words.of(key, arguments));
  }
}
