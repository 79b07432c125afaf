package jugulum.desk.print;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Objects;
import jugulum.desk.words.Words;
import org.openpdf.text.Document;
import org.openpdf.text.Element;
import org.openpdf.text.Font;
import org.openpdf.text.PageSize;
import org.openpdf.text.Paragraph;
import org.openpdf.text.Phrase;
import org.openpdf.text.Rectangle;
import org.openpdf.text.pdf.BaseFont;
import org.openpdf.text.pdf.PdfPCell;
import org.openpdf.text.pdf.PdfPTable;
import org.openpdf.text.pdf.PdfWriter;

/** What pages to print are made of: black on white, the fonts in the file. */
final class Paper {
  private static final float MARGIN = 34;
  static final float LABEL_MARGIN = 4;
  private static final float TITLE = 26;
  private static final float FIGURE = 20;
  private static final float HEAD = 12;
  private static final float TEXT = 10;
  private static final float LEADING = 1.2f;
  private static final float LINE = 0.4f;
  private static final float BAR_GREY = 0.35f;

  private final Words words;
  private final Document document;
  private final ByteArrayOutputStream out = new ByteArrayOutputStream();
  final Font title;
  final Font figure;
  final Font head;
  final Font text;
  final Font bold;

  /** An empty sheet of paper with a title in the file. */
  Paper(Words words, String name) {
    this(words, name, 1);
  }

  /**
   * The same with smaller type.
   *
   * @param scale of the type, 1 as usual
   */
  Paper(Words words, String name, float scale) {
    this(words, name, scale, new Document(PageSize.A4, MARGIN, MARGIN, MARGIN, MARGIN));
  }

  /** Labels of that size. */
  static Paper labels(Words words, String name, LabelSize size) {
    float margin = size.isOneAPage() ? LABEL_MARGIN : MARGIN;
    return new Paper(
        words, name, size.type(), new Document(size.page(), margin, margin, margin, margin));
  }

  private Paper(Words words, String name, float scale, Document document) {
    this.words = words;
    this.document = document;
    try {
      BaseFont regular = font("B612-Regular.otf");
      BaseFont strong = font("B612-Bold.otf");
      title = new Font(strong, TITLE * scale);
      figure = new Font(strong, FIGURE * scale);
      head = new Font(strong, HEAD * scale);
      text = new Font(regular, TEXT * scale);
      bold = new Font(strong, TEXT * scale);
    } catch (IOException problem) {
      throw new UncheckedIOException(problem);
    }
    PdfWriter.getInstance(document, out);
    document.addTitle(name);
    document.open();
  }

  private static BaseFont font(String file) throws IOException {
    try (InputStream in =
        Objects.requireNonNull(
            Paper.class.getResourceAsStream("/jugulum/desk/font/" + file), file)) {
      return BaseFont.createFont(
          file, BaseFont.IDENTITY_H, BaseFont.EMBEDDED, true, in.readAllBytes(), null);
    }
  }

  /** On how many pages it is so far. */
  int pages() {
    return document.getPageNumber();
  }

  /** The file's content; nothing can be added any more. */
  byte[] bytes() {
    document.close();
    return out.toByteArray();
  }

  Paper write(String what, Font font) {
    if (!what.isEmpty()) {
      document.add(new Paragraph(what, font));
    }
    return this;
  }

  Paper add(Element element) {
    document.add(element);
    return this;
  }

  /** What follows begins a new page. */
  Paper page() {
    document.newPage();
    return this;
  }

  Paper section(String key, String... arguments) {
    Paragraph heading = new Paragraph(words.of(key, arguments), head);
    heading.setSpacingBefore(8);
    heading.setSpacingAfter(3);
    return add(heading);
  }

  static PdfPTable grid(float... widths) {
    PdfPTable table = new PdfPTable(widths);
    table.setWidthPercentage(100);
    return table;
  }

  /** Lines with rules between them, the first column bold; a null head is an empty one. */
  PdfPTable table(List<String> heads, float[] widths, List<List<String>> rows) {
    PdfPTable table = grid(widths);
    heads.forEach(key -> table.addCell(lined(key.isEmpty() ? "" : words.of(key), bold)));
    for (List<String> row : rows) {
      for (int i = 0; i < row.size(); i++) {
        table.addCell(lined(row.get(i), i == 0 ? bold : text));
      }
    }
    return table;
  }

  static PdfPCell plain(String what, Font font) {
    PdfPCell cell = new PdfPCell(new Phrase(what, font));
    cell.setBorder(Rectangle.NO_BORDER);
    cell.setPaddingBottom(4);
    cell.setLeading(0, LEADING);
    return cell;
  }

  static PdfPCell lined(String what, Font font) {
    PdfPCell cell = plain(what, font);
    cell.setBorder(Rectangle.BOTTOM);
    cell.setBorderWidthBottom(LINE);
    return cell;
  }

  /**
   * A bar over the part from and to, 0 to 1, of a cell's width: dark enough to be seen in black and
   * white.
   */
  static PdfPCell bar(double from, double to) {
    float least = 0.004f;
    float before = (float) Math.clamp(from, least, 1 - 4 * least);
    float long1 = (float) Math.clamp(to - from, 2 * least, 1 - before - least);
    PdfPTable parts = grid(before, long1, Math.max(least, 1 - before - long1));
    for (int i = 0; i < 3; i++) {
      PdfPCell part = new PdfPCell(new Phrase(" "));
      part.setBorder(Rectangle.NO_BORDER);
      part.setFixedHeight(TEXT);
      if (i == 1) {
        part.setGrayFill(BAR_GREY);
      }
      parts.addCell(part);
    }
    PdfPCell cell = new PdfPCell(parts);
    cell.setBorder(Rectangle.BOTTOM);
    cell.setBorderWidthBottom(LINE);
    cell.setPaddingTop(2);
    cell.setPaddingBottom(3);
    return cell;
  }
}
