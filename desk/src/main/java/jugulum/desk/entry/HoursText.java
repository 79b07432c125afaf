package jugulum.desk.entry;

import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import jugulum.core.units.NumberText;
import jugulum.desk.words.Words;

/** Understands how long something took, in hours: 7, 1.5 h, 1 h 30, 1:30, 90 min, 1/2 h. */
public final class HoursText {
  private static final Pattern CLOCK = Pattern.compile("(\\d{1,3}):([0-5]\\d)(?:\\s*h)?");
  private static final Pattern BOTH =
      Pattern.compile("(\\d{1,3})\\s*h\\s*(\\d{1,2})\\s*(?:min|m)?");
  private static final Pattern ONE =
      Pattern.compile("(.+?)\\s*(h|hours?|horas?|min|minutes?|minutos?|)");

  private HoursText() {}

  /** The minutes a text tells, 0 or more. */
  public static Entry<Double> parse(Words words, String typed) {
    String text = typed.strip().toLowerCase(Locale.ROOT);
    if (text.isEmpty()) {
      return new Entry.Bad<>(words.of("hours.empty"));
    }
    return minutes(text)
        .<Entry<Double>>map(Entry.Value::new)
        .orElseGet(() -> new Entry.Bad<>(words.of("hours.bad", typed.strip())));
  }

  private static Optional<Double> minutes(String text) {
    for (Pattern pattern : new Pattern[] {CLOCK, BOTH}) {
      Matcher read = pattern.matcher(text);
      if (read.matches()) {
        return Optional.of(
            60.0 * Integer.parseInt(read.group(1)) + Integer.parseInt(read.group(2)));
      }
    }
    Matcher read = ONE.matcher(text);
    if (read.matches()
        && NumberText.parse(read.group(1)) instanceof NumberText.Number(double value, double _)
        && value >= 0) {
      return Optional.of(read.group(2).startsWith("m") ? value : 60 * value);
    }
    return Optional.empty();
  }
}
