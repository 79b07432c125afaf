package jugulum.desk.print;

import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import jugulum.desk.words.Words;
import org.openpdf.text.Phrase;
import org.openpdf.text.pdf.PdfPCell;
import org.openpdf.text.pdf.PdfPTable;

/** A bench sheet as one page to hang beside the machine. */
public final class SheetPdf {
  private static final float BOX = 16;

  private SheetPdf() {}

  /**
   * Type as usual, or as much smaller as it takes for all of it to hang on one page, but never too
   * small to read from the bench.
   */
  private static final float[] SCALES = {1, 0.95f, 0.9f, 0.85f};

  /** The page as a PDF file's content. Takes a while: not for the interface thread. */
  public static byte[] of(Words words, SheetPage page) {
    byte[] pdf = {};
    for (float scale : SCALES) {
      Paper paper = laidOut(words, page, scale);
      pdf = paper.bytes();
      if (paper.pages() == 1) {
        return pdf;
      }
    }
    return pdf;
  }

  private static Paper laidOut(Words words, SheetPage page, float scale) {
    Paper paper = new Paper(words, page.title(), scale);
    paper
        .write(page.title(), paper.title)
        .write(page.what(), paper.bold)
        .write(page.suits(), paper.text);
    paper.section("sheet.checks").add(checks(page.checks(), paper));
    paper.section("sheet.dials");
    paper.add(
        paper.table(
            List.of("sheet.page.dial", "sheet.page.start", "sheet.page.now", "sheet.page.how"),
            new float[] {23, 22, 15, 40},
            page.dials()));
    paper.write(String.join("  ", page.sums()), paper.text);
    paper
        .section("sheet.page.wrong")
        .add(paper.table(List.of(), new float[] {26, 74}, page.symptoms()));
    paper.section("sheet.cleaning").write(numbered(words, page.cleaning()), paper.text);
    paper.section("sheet.page.cautions");
    page.cautions().forEach(one -> paper.write(one, paper.text));
    return paper;
  }

  private static String numbered(Words words, List<String> steps) {
    return IntStream.range(0, steps.size())
        .mapToObj(i -> words.of("sheet.page.remedy", Integer.toString(i + 1), steps.get(i)))
        .collect(Collectors.joining("  "));
  }

  /** Boxes to tick with a pen, two in a line. */
  private static PdfPTable checks(List<String> checks, Paper paper) {
    PdfPTable table = Paper.grid(3, 47, 3, 47);
    for (String check : checks) {
      PdfPCell box = new PdfPCell(new Phrase(" ", paper.text));
      box.setFixedHeight(BOX);
      box.setBorderWidth(0.8f);
      table.addCell(box);
      table.addCell(Paper.plain(check, paper.text));
    }
    if (checks.size() % 2 == 1) {
      table.addCell(Paper.plain("", paper.text));
      table.addCell(Paper.plain("", paper.text));
    }
    return table;
  }
}
