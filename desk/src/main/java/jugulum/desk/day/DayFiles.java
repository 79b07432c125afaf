package jugulum.desk.day;

import java.nio.charset.StandardCharsets;
import jugulum.desk.files.FileKind;
import jugulum.desk.files.FilePicker;
import jugulum.desk.files.Saving;
import jugulum.desk.follow.Days;
import jugulum.desk.print.DayPdf;
import jugulum.desk.session.Workbench;
import jugulum.desk.words.Figures;

/** Takes a day out to a page and to a calendar. */
final class DayFiles {
  private final Workbench workbench;
  private final Saving saving;

  DayFiles(Workbench workbench, FilePicker picker) {
    this.workbench = workbench;
    this.saving = new Saving(workbench, picker);
  }

  private Figures figures() {
    return workbench.preferences().figures().get();
  }

  /** Prints it on one page. */
  void print(Days.Shown shown) {
    Figures figures = figures();
    saving.file(FileKind.PAGES, title(shown), () -> DayPdf.of(figures, shown));
  }

  /** Writes what is still to do as events of a calendar. */
  void calendar(Days.Shown shown) {
    Figures figures = figures();
    saving.file(
        FileKind.CALENDAR,
        title(shown),
        () -> DayCalendar.of(figures, shown).getBytes(StandardCharsets.UTF_8));
  }

  private String title(Days.Shown shown) {
    return workbench.words().of("day.file", shown.day().date().toString());
  }
}
