package jugulum.desk.print;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import jugulum.core.schedule.DayPlan.Left;
import jugulum.core.schedule.DayPlan.Slot;
import jugulum.desk.follow.Days;
import jugulum.desk.words.DayWords;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Words;
import org.openpdf.text.pdf.PdfPTable;

/** A day on one page: when it ends, what is done when with what, what is tight, what is left. */
public final class DayPdf {
  private static final float[] SCALES = {1, 0.9f, 0.8f, 0.7f, 0.6f};

  private DayPdf() {}

  /** The page as a PDF file's content. Takes a while: not for the interface thread. */
  public static byte[] of(Figures figures, Days.Shown shown) {
    byte[] pdf = {};
    for (float scale : SCALES) {
      Paper paper = laidOut(figures.words(), shown, scale);
      pdf = paper.bytes();
      if (paper.pages() == 1) {
        return pdf;
      }
    }
    return pdf;
  }

  private static Paper laidOut(Words words, Days.Shown shown, float scale) {
    String title = DayWords.date(words, shown.day().date());
    Paper paper = new Paper(words, title, scale);
    paper.write(title, paper.title);
    paper.write(words.of("day.done-by", DayWords.clock(words, shown.plan().end())), paper.figure);
    paper.write(DayWords.proof(words, shown.plan(), shown.likely()), paper.text);
    paper.section("day.page.order").add(order(words, shown, paper));
    if (!shown.tight().isEmpty()) {
      paper.section("day.tight");
      shown
          .tight()
          .forEach(
              finding ->
                  paper.write(
                      DayWords.finding(words, shown.day(), shown.asked(), finding), paper.text));
    }
    List<Left> left =
        Stream.concat(shown.asked().left().stream(), shown.plan().left().stream()).toList();
    if (!left.isEmpty()) {
      paper.section("day.left");
      left.forEach(
          one ->
              paper.write(
                  words.of(
                      "day.left.line",
                      DayWords.whole(words, shown.day(), shown.asked(), one.task()),
                      words.of("day.why", one.why())),
                  paper.text));
    }
    return paper;
  }

  private static PdfPTable order(Words words, Days.Shown shown, Paper paper) {
    List<List<String>> rows = new ArrayList<>();
    for (Slot slot : shown.plan().slots()) {
      rows.add(
          List.of(
              DayWords.clock(words, slot.from()),
              DayWords.clock(words, slot.to()),
              DayWords.whole(words, shown.day(), shown.asked(), slot.task()),
              shown
                  .asked()
                  .problem()
                  .task(slot.task())
                  .map(task -> words.of("day.hands", task.hands()))
                  .orElse("")));
    }
    return paper.table(
        List.of("day.page.from", "day.page.to", "day.page.what", "day.page.hands"),
        new float[] {12, 12, 48, 28},
        rows);
  }
}
