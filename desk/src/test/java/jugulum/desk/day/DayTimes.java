package jugulum.desk.day;

import java.util.Optional;
import jugulum.desk.entry.Entry;
import jugulum.desk.words.Words;

/** Times of day as the fields of the day read them, for tests. */
public final class DayTimes {
  private DayTimes() {}

  /** The minute a text tells; empty where it is no time of day. */
  public static Optional<Integer> minute(Words words, String typed) {
    return MinuteText.parse(words, typed) instanceof Entry.Value<Integer>(Integer minute)
        ? Optional.of(minute)
        : Optional.empty();
  }
}
