package jugulum.desk.entry;

import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.DoubleBinaryOperator;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import jugulum.core.machine.BenchSums;
import jugulum.core.machine.Dial.Unit;
import jugulum.desk.words.Words;
import org.jspecify.annotations.Nullable;

/**
 * What is typed for a dial: the value, or what was measured on the bench to work it out: rise / run
 * for a tilt, litres / seconds for a flow, kilograms / minutes for a feed; a unit written beside a
 * number counts.
 */
public final class DialText {
  private static final double MOST = 1e6;
  private static final Pattern MEASURED =
      Pattern.compile(
          "\\s*([0-9.,]+)\\s*(gal|l|ml|kg|g|mm|cm)?\\s*/\\s*([0-9.,]+)\\s*(s|min|h|mm|cm)?\\s*");

  /** What a unit written beside a number is of the one a sum counts in where none is written. */
  private static final Map<String, Double> LITRES =
      Map.of("l", 1.0, "ml", 0.001, "gal", BenchSums.LITRES_PER_GALLON);

  private static final Map<String, Double> KILOGRAMS = Map.of("kg", 1.0, "g", 0.001);
  private static final Map<String, Double> MILLIMETRES = Map.of("mm", 1.0, "cm", 10.0);
  private static final Map<String, Double> SECONDS = Map.of("s", 1.0, "min", 60.0, "h", 3600.0);
  private static final Map<String, Double> MINUTES = Map.of("s", 1 / 60.0, "min", 1.0, "h", 60.0);

  /** What one dial is worked out of. */
  private record Sum(
      DoubleBinaryOperator of, Map<String, Double> above, Map<String, Double> below) {}

  private DialText() {}

  /** Understands what was typed for a dial of that unit. */
  public static Entry<Double> parse(Words words, Unit unit, String typed) {
    Matcher measured = MEASURED.matcher(typed.toLowerCase(Locale.ROOT));
    Optional<Sum> sum = sum(unit);
    if (!measured.matches() || sum.isEmpty()) {
      return Parsers.number(words, typed, 0, MOST);
    }
    OptionalDouble above = factor(measured.group(2), sum.get().above());
    OptionalDouble below = factor(measured.group(4), sum.get().below());
    if (above.isEmpty() || below.isEmpty()) {
      return new Entry.Bad<>(words.of("dial.other-unit"));
    }
    return switch (Parsers.number(words, measured.group(1), 0, MOST)) {
      case Entry.Value<Double>(Double first) ->
          switch (Parsers.number(words, measured.group(3), 0, MOST)) {
            case Entry.Value<Double>(Double second) when second > 0 ->
                new Entry.Value<>(
                    sum.get()
                        .of()
                        .applyAsDouble(first * above.getAsDouble(), second * below.getAsDouble()));
            case Entry.Value<Double> _ -> new Entry.Bad<>(words.of("dial.by-nothing"));
            case Entry.Bad<Double> bad -> bad;
          };
      case Entry.Bad<Double> bad -> bad;
    };
  }

  /** Of a unit that is none of the sum's there is no factor. */
  private static OptionalDouble factor(@Nullable String written, Map<String, Double> known) {
    if (written == null) {
      return OptionalDouble.of(1);
    }
    Double factor = known.get(written);
    return factor == null ? OptionalDouble.empty() : OptionalDouble.of(factor);
  }

  private static Optional<Sum> sum(Unit unit) {
    return switch (unit) {
      case DEGREES -> Optional.of(new Sum(BenchSums::tiltDegrees, MILLIMETRES, MILLIMETRES));
      case LITRES_PER_MINUTE -> Optional.of(new Sum(BenchSums::litresPerMinute, LITRES, SECONDS));
      case KG_PER_HOUR -> Optional.of(new Sum(BenchSums::kgPerHour, KILOGRAMS, MINUTES));
      case MILLIMETRES,
          GRAMS,
          PER_MINUTE,
          MINUTES,
          LITRES_PER_MINUTE_WIDE,
          DROPS,
          VOLTS,
          WATTS,
          GRAINS ->
          Optional.empty();
    };
  }
}
