package jugulum.desk.day;

import java.util.Locale;
import java.util.OptionalInt;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import jugulum.core.schedule.DayProblem;
import jugulum.desk.entry.Entry;
import jugulum.desk.words.Words;

/** Understands times of day and the way people write them: 15:00, 15.30, 15 h, 3 pm, 1530. */
final class MinuteText {
  private static final Pattern TIME =
      Pattern.compile("(\\d{1,2})(?:\\s*[:.h]?\\s*([0-5]\\d))?\\s*(h|am|pm)?");

  private MinuteText() {}

  /** The minute of the day a text tells. */
  static Entry<Integer> parse(Words words, String typed) {
    OptionalInt minute = minute(typed.strip().toLowerCase(Locale.ROOT));
    return minute.isPresent()
        ? new Entry.Value<>(minute.getAsInt())
        : new Entry.Bad<>(words.of("day.time.bad", typed.strip()));
  }

  private static OptionalInt minute(String text) {
    Matcher read = TIME.matcher(text);
    if (!read.matches()) {
      return OptionalInt.empty();
    }
    int hour = Integer.parseInt(read.group(1));
    int minutes = read.group(2) == null ? 0 : Integer.parseInt(read.group(2));
    boolean isHalfDay = "am".equals(read.group(3)) || "pm".equals(read.group(3));
    if (isHalfDay && (hour < 1 || hour > 12) || hour > 24) {
      return OptionalInt.empty();
    }
    int of24 = isHalfDay ? hour % 12 + ("pm".equals(read.group(3)) ? 12 : 0) : hour;
    int minute = of24 * 60 + minutes;
    return minute <= DayProblem.DAY ? OptionalInt.of(minute) : OptionalInt.empty();
  }
}
