package jugulum.desk.entry;

import java.util.Locale;
import java.util.Optional;
import java.util.function.DoubleBinaryOperator;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import jugulum.core.machine.BenchSums;
import jugulum.core.machine.Dial.Unit;
import jugulum.desk.words.Words;

/**
 * What is typed for a dial: the value, or what was measured on the bench to work it out: rise / run
 * for a tilt, litres or gallons / seconds for a flow, kilograms / minutes for a feed.
 */
public final class DialText {
  private static final double MOST = 1e6;
  private static final Pattern MEASURED =
      Pattern.compile(
          "\\s*([0-9.,]+)\\s*(gal|l|kg|mm|cm)?\\s*/\\s*([0-9.,]+)\\s*(s|min|mm|cm)?\\s*");

  private DialText() {}

  /** Understands what was typed for a dial of that unit. */
  public static Entry<Double> parse(Words words, Unit unit, String typed) {
    Matcher measured = MEASURED.matcher(typed.toLowerCase(Locale.ROOT));
    Optional<DoubleBinaryOperator> sum =
        sum(unit, measured.matches() && "gal".equals(measured.group(2)));
    if (!measured.matches() || sum.isEmpty()) {
      return Parsers.number(words, typed, 0, MOST);
    }
    return switch (Parsers.number(words, measured.group(1), 0, MOST)) {
      case Entry.Value<Double>(Double first) ->
          switch (Parsers.number(words, measured.group(3), 0, MOST)) {
            case Entry.Value<Double>(Double second) when second > 0 ->
                new Entry.Value<>(sum.get().applyAsDouble(first, second));
            case Entry.Value<Double> _ -> new Entry.Bad<>(words.of("dial.by-nothing"));
            case Entry.Bad<Double> bad -> bad;
          };
      case Entry.Bad<Double> bad -> bad;
    };
  }

  private static Optional<DoubleBinaryOperator> sum(Unit unit, boolean gallons) {
    return switch (unit) {
      case DEGREES -> Optional.of(BenchSums::tiltDegrees);
      case LITRES_PER_MINUTE ->
          Optional.of(
              (volume, seconds) ->
                  BenchSums.litresPerMinute(
                      gallons ? volume * BenchSums.LITRES_PER_GALLON : volume, seconds));
      case KG_PER_HOUR -> Optional.of(BenchSums::kgPerHour);
      case MILLIMETRES, GRAMS, PER_MINUTE, MINUTES, LITRES_PER_MINUTE_WIDE, DROPS ->
          Optional.empty();
    };
  }
}
