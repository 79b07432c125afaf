package jugulum.book.day;

import java.time.LocalDate;
import java.util.List;
import jugulum.book.json.JsonCodec;
import jugulum.book.stream.StreamKind;
import jugulum.book.stream.StreamRef;
import jugulum.core.day.Day;
import jugulum.core.day.DayEdit;
import jugulum.core.day.DayFold;

/** Days as streams of a book: one for each date. */
public final class DayStream {
  /** The number of what its edits make; raised with every change of it. */
  private static final int RULE = 1;

  /** The kind of stream a day is. */
  public static final StreamKind<Day, DayEdit> KIND =
      new StreamKind<>(
          "day",
          new DayFold(),
          RULE,
          new JsonCodec<>(DayEdit.class, List.of()),
          new JsonCodec<>(Day.class, List.of()),
          List.of(DoneLines.LINES));

  private DayStream() {}

  /** The stream of a date. */
  public static StreamRef<Day, DayEdit> of(LocalDate date) {
    return KIND.ref(date.toString());
  }
}
