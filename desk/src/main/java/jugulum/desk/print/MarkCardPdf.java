package jugulum.desk.print;

import java.util.List;
import java.util.OptionalDouble;
import jugulum.core.machine.Gear;
import jugulum.core.marks.OwnMarks;
import jugulum.core.marks.OwnWindow;
import jugulum.desk.words.Figures;
import jugulum.desk.words.MarkWords;
import jugulum.desk.words.Sentences;
import jugulum.desk.words.Words;

/** The marks of a bowl on one card to hang beside it, coarse cuts first. */
public final class MarkCardPdf {
  private MarkCardPdf() {}

  /** The page as a PDF file's content. Takes a while: not for the interface thread. */
  public static byte[] of(Gear gear, Figures figures) {
    Words words = figures.words();
    String title = words.of("marks.card.title", Sentences.machine(words, gear.machine()));
    Paper paper = new Paper(words, title);
    paper.write(title, paper.title).write(words.of("marks.card.about"), paper.text);
    paper.section("marks.card.marks");
    paper.add(
        paper.table(
            List.of(
                "marks.card.cut",
                "marks.card.turns",
                "marks.card.rim",
                "marks.card.flow",
                "marks.card.charge",
                "marks.card.water",
                "marks.card.day"),
            new float[] {16, 12, 14, 22, 12, 10, 14},
            gear.ownMarks().stream().map(own -> row(own, figures)).toList()));
    paper.write(MarkWords.runOn(words), paper.text);
    return paper.bytes();
  }

  private static List<String> row(OwnMarks own, Figures figures) {
    Words words = figures.words();
    OwnWindow window = OwnWindow.of(own);
    return List.of(
        Sentences.cut(words, own.cut()),
        rounded(words, window.turns(), 2),
        rounded(words, window.rimMm(), 1),
        window
            .flow()
            .map(
                flow ->
                    words.of(
                        "marks.card.between",
                        words.rounded(flow.usual(), 1),
                        words.rounded(flow.low(), 1),
                        words.rounded(flow.high(), 1)))
            .orElseGet(() -> words.of("marks.state.short", window.state())),
        figures.read(own.chargeG(), 1),
        rounded(words, own.celsius(), 0),
        words.day(own.on()));
  }

  private static String rounded(Words words, OptionalDouble value, int places) {
    return value.isPresent() ? words.rounded(value.getAsDouble(), places) : "";
  }
}
