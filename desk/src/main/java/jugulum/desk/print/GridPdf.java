package jugulum.desk.print;

import java.util.Arrays;
import java.util.List;
import jugulum.desk.words.Words;
import org.openpdf.text.pdf.PdfPTable;

/** A table on paper, with its source. */
public final class GridPdf {
  private GridPdf() {}

  /** The pages as a PDF file's content. Takes a while: not for the interface thread. */
  public static byte[] of(
      Words words, String title, List<String> heads, List<List<String>> rows, String source) {
    Paper paper = new Paper(words, title);
    paper.write(title, paper.title);
    float[] widths = new float[heads.size()];
    Arrays.fill(widths, 1);
    for (List<String> row : rows) {
      for (int column = 0; column < widths.length; column++) {
        widths[column] = Math.max(widths[column], Math.min(40, row.get(column).length()));
      }
    }
    for (int column = 0; column < widths.length; column++) {
      widths[column] = Math.max(widths[column], Math.min(14, heads.get(column).length()));
    }
    PdfPTable table = Paper.grid(widths);
    heads.forEach(head -> table.addCell(Paper.lined(head, paper.bold)));
    rows.forEach(row -> row.forEach(cell -> table.addCell(Paper.lined(cell, paper.text))));
    paper.add(table);
    paper.write(source, paper.text);
    return paper.bytes();
  }
}
