package jugulum.desk.print;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.EncodeHintType;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.QRCodeWriter;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Map;
import jugulum.core.belief.StockLot;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Sentences;
import jugulum.desk.words.Words;
import org.openpdf.text.Image;
import org.openpdf.text.Paragraph;
import org.openpdf.text.Rectangle;
import org.openpdf.text.pdf.PdfPCell;
import org.openpdf.text.pdf.PdfPTable;

/**
 * Labels for containers, to be cut out along the lines: two across, each with a QR code (ISO/IEC
 * 18004) of the container's own short code, which is printed beside it for those who type.
 */
public final class StockLabelsPdf {
  private static final int ACROSS = 2;
  private static final float HEIGHT = 96;
  private static final float INSIDE = 7;
  private static final float SIDE = 78;

  /** White around a QR code, in modules: what a reader needs. */
  private static final int QUIET = 4;

  private StockLabelsPdf() {}

  /** The pages as a PDF file's content. Takes a while: not for the interface thread. */
  public static byte[] of(List<StockLot> lots, Figures figures, LabelSize size) {
    Words words = figures.words();
    Paper paper = Paper.labels(words, words.of("stock.labels.file"), size);
    if (size.isOneAPage()) {
      for (StockLot lot : lots) {
        PdfPTable one = Paper.grid(1, 2);
        one.addCell(code(lot, size));
        one.addCell(text(lot, figures, paper, size));
        paper.add(one).page();
      }
      return paper.bytes();
    }
    PdfPTable table = Paper.grid(1, 2, 1, 2);
    for (StockLot lot : lots) {
      table.addCell(code(lot, size));
      table.addCell(text(lot, figures, paper, size));
    }
    for (int i = lots.size(); i % ACROSS != 0; i++) {
      table.addCell(Paper.plain("", paper.text));
      table.addCell(Paper.plain("", paper.text));
    }
    return paper.add(table).bytes();
  }

  private static PdfPCell boxed(int borders, LabelSize size) {
    PdfPCell cell = new PdfPCell();
    cell.setBorder(size.isOneAPage() ? Rectangle.NO_BORDER : borders);
    cell.setBorderWidth(0.4f);
    cell.setFixedHeight(size.room(HEIGHT, Paper.LABEL_MARGIN));
    cell.setPadding(size.isOneAPage() ? 1 : INSIDE);
    return cell;
  }

  private static PdfPCell code(StockLot lot, LabelSize size) {
    PdfPCell cell = boxed(Rectangle.LEFT | Rectangle.TOP | Rectangle.BOTTOM, size);
    try {
      Image image = Image.getInstance(drawn(lot.code()), null, true);
      float side = Math.min(SIDE, size.room(SIDE, Paper.LABEL_MARGIN + 1));
      image.scaleAbsolute(side, side);
      cell.addElement(image);
    } catch (IOException problem) {
      throw new UncheckedIOException(problem);
    }
    return cell;
  }

  /** The modules of a code, dark where set. */
  private static BitMatrix matrix(String code) {
    try {
      return new QRCodeWriter()
          .encode(code, BarcodeFormat.QR_CODE, 0, 0, Map.of(EncodeHintType.MARGIN, QUIET));
    } catch (WriterException problem) {
      throw new IllegalStateException(problem);
    }
  }

  /** A code as it is printed, one pixel a module, the quiet zone around it. */
  public static BufferedImage drawn(String code) {
    BitMatrix matrix = matrix(code);
    BufferedImage image =
        new BufferedImage(matrix.getWidth(), matrix.getHeight(), BufferedImage.TYPE_BYTE_BINARY);
    for (int x = 0; x < matrix.getWidth(); x++) {
      for (int y = 0; y < matrix.getHeight(); y++) {
        image.setRGB(x, y, matrix.get(x, y) ? 0 : 0xffffff);
      }
    }
    return image;
  }

  private static PdfPCell text(StockLot lot, Figures figures, Paper paper, LabelSize size) {
    Words words = figures.words();
    PdfPCell cell = boxed(Rectangle.RIGHT | Rectangle.TOP | Rectangle.BOTTOM, size);
    cell.addElement(new Paragraph(lot.label(), paper.bold));
    String holds = lot.name().isEmpty() ? words.of("material", lot.material()) : lot.name();
    cell.addElement(
        new Paragraph(
            lot.cut().isAll()
                ? holds
                : words.of("stock.whole", holds, Sentences.cut(words, lot.cut())),
            paper.text));
    lot.grams().ifPresent(grams -> cell.addElement(new Paragraph(figures.sand(grams), paper.text)));
    lot.bag().ifPresent(bag -> cell.addElement(new Paragraph(bag, paper.text)));
    cell.addElement(new Paragraph(lot.code(), paper.bold));
    return cell;
  }
}
