package jugulum.desk.print;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Objects;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import jugulum.desk.words.Words;
import org.openpdf.text.Document;
import org.openpdf.text.Font;
import org.openpdf.text.PageSize;
import org.openpdf.text.Paragraph;
import org.openpdf.text.Phrase;
import org.openpdf.text.Rectangle;
import org.openpdf.text.pdf.BaseFont;
import org.openpdf.text.pdf.PdfPCell;
import org.openpdf.text.pdf.PdfPTable;
import org.openpdf.text.pdf.PdfWriter;

/** A bench sheet as one page to hang beside the machine: black on white, its fonts in the file. */
public final class SheetPdf {
  private static final float MARGIN = 34;
  private static final float TITLE = 26;
  private static final float HEAD = 12;
  private static final float TEXT = 10;
  private static final float BOX = 11;

  private final Document document = new Document(PageSize.A4, MARGIN, MARGIN, MARGIN, MARGIN);
  private final Font title;
  private final Font head;
  private final Font text;
  private final Font bold;

  private SheetPdf() throws IOException {
    BaseFont regular = font("B612-Regular.otf");
    BaseFont strong = font("B612-Bold.otf");
    title = new Font(strong, TITLE);
    head = new Font(strong, HEAD);
    text = new Font(regular, TEXT);
    bold = new Font(strong, TEXT);
  }

  private static BaseFont font(String file) throws IOException {
    try (InputStream in = Objects.requireNonNull(SheetPdf.class.getResourceAsStream("/jugulum/desk/font/" + file), file)) {
      return BaseFont.createFont(file, BaseFont.IDENTITY_H, BaseFont.EMBEDDED, true, in.readAllBytes(), null);
    }
  }

  /** The page as a PDF file's content. Takes a while: not for the interface thread. */
  public static byte[] of(SheetPage page) {
    try {
      return new SheetPdf().written(page);
    } catch (IOException problem) {
      throw new UncheckedIOException(problem);
    }
  }

  private byte[] written(SheetPage page) {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    PdfWriter.getInstance(document, out);
    document.addTitle(page.title());
    document.open();
    document.add(new Paragraph(page.title(), title));
    document.add(new Paragraph(page.what(), bold));
    document.add(new Paragraph(page.suits(), text));
    section("sheet.checks");
    document.add(checks(page.checks()));
    section("sheet.dials");
    document.add(table(List.of("sheet.page.dial", "sheet.page.start", "sheet.page.now", "sheet.page.how"), new float[] {23, 22, 15, 40}, page.dials()));
    if (!page.sums().isEmpty()) {
      document.add(new Paragraph(String.join("  ", page.sums()), text));
    }
    section("sheet.page.wrong");
    document.add(table(List.of(), new float[] {26, 74}, page.symptoms()));
    section("sheet.cleaning");
    document.add(new Paragraph(numbered(page.cleaning()), text));
    section("sheet.page.cautions");
    page.cautions().forEach(one -> document.add(new Paragraph(one, text)));
    document.close();
    return out.toByteArray();
  }

  private static String numbered(List<String> steps) {
    return IntStream.range(0, steps.size()).mapToObj(i -> Words.of("sheet.page.remedy", Integer.toString(i + 1), steps.get(i))).collect(Collectors.joining("  "));
  }

  private void section(String key) {
    Paragraph heading = new Paragraph(Words.of(key), head);
    heading.setSpacingBefore(8);
    heading.setSpacingAfter(3);
    document.add(heading);
  }

  /** Boxes to tick with a pen, two in a line. */
  private PdfPTable checks(List<String> checks) {
    PdfPTable table = new PdfPTable(new float[] {3, 47, 3, 47});
    table.setWidthPercentage(100);
    for (String check : checks) {
      PdfPCell box = new PdfPCell(new Phrase(" ", text));
      box.setFixedHeight(BOX + 5);
      box.setBorderWidth(0.8f);
      table.addCell(box);
      table.addCell(plain(check, text));
    }
    if (checks.size() % 2 == 1) {
      table.addCell(plain("", text));
      table.addCell(plain("", text));
    }
    return table;
  }

  private PdfPTable table(List<String> heads, float[] widths, List<List<String>> rows) {
    PdfPTable table = new PdfPTable(widths);
    table.setWidthPercentage(100);
    heads.forEach(key -> table.addCell(lined(Words.of(key), bold)));
    for (List<String> row : rows) {
      for (int i = 0; i < row.size(); i++) {
        table.addCell(lined(row.get(i), i == 0 ? bold : text));
      }
    }
    return table;
  }

  private static PdfPCell plain(String what, Font font) {
    PdfPCell cell = new PdfPCell(new Phrase(what, font));
    cell.setBorder(Rectangle.NO_BORDER);
    cell.setPaddingBottom(4);
    return cell;
  }

  private static PdfPCell lined(String what, Font font) {
    PdfPCell cell = plain(what, font);
    cell.setBorder(Rectangle.BOTTOM);
    cell.setBorderWidthBottom(0.4f);
    return cell;
  }
}
