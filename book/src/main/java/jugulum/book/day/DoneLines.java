package jugulum.book.day;

import static jugulum.book.stream.LineTable.real;
import static jugulum.book.stream.LineTable.text;

import java.util.List;
import java.util.Optional;
import jugulum.book.stream.Cells;
import jugulum.book.stream.LineTable;
import jugulum.book.stream.Projection;
import jugulum.core.day.Day;
import jugulum.core.day.Day.Done;

/**
 * What was done on every day, against how it was planned: what the pace of the next is learnt by.
 */
public final class DoneLines implements Projection<Day, DoneLines.OnDay> {
  /** The table of what was done. */
  public static final DoneLines LINES = new DoneLines();

  private static final LineTable TABLE =
      new LineTable(
          "day_done",
          List.of(
              text("day"),
              text("task"),
              text("kind"),
              text("machine"),
              real("planned_min"),
              real("done_min")));

  private DoneLines() {}

  /**
   * Something that was done on a day.
   *
   * @param date which day
   * @param done what, and how long it took
   */
  public record OnDay(String date, Done done) {}

  @Override
  public LineTable table() {
    return TABLE;
  }

  @Override
  public List<OnDay> lines(String id, Optional<Day> now, Day last) {
    return now.stream()
        .flatMap(day -> day.done().stream())
        .map(done -> new OnDay(id, done))
        .toList();
  }

  @Override
  public List<Object> cells(OnDay line) {
    Done done = line.done();
    return List.of(
        line.date(), done.id(), done.kind(), done.machine(), done.planned(), done.minutes());
  }

  @Override
  public OnDay line(Cells cells) {
    return new OnDay(
        cells.text(0),
        new Done(
            cells.text(1),
            cells.text(2),
            cells.text(3),
            cells.number(4).orElseThrow(),
            cells.number(5).orElseThrow()));
  }
}
