package jugulum.desk.print;

import java.util.List;
import java.util.Optional;
import jugulum.core.account.Account;
import jugulum.core.gold.GoldRange;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.Reading;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Sentences;
import jugulum.desk.words.Words;
import org.openpdf.text.Paragraph;
import org.openpdf.text.Rectangle;
import org.openpdf.text.pdf.PdfPCell;
import org.openpdf.text.pdf.PdfPTable;

/** Labels for the vials of a batch, to be cut out along the lines: three across. */
public final class LabelsPdf {
  private static final int ACROSS = 3;
  private static final float HEIGHT = 92;
  private static final float INSIDE = 7;

  private LabelsPdf() {}

  /** The page as a PDF file's content. Takes a while: not for the interface thread. */
  public static byte[] of(Account account, Figures figures, LabelSize size) {
    Words words = figures.words();
    Paper paper =
        Paper.labels(
            words, words.of("labels.title", account.network().batch().label().name()), size);
    if (size.isOneAPage()) {
      for (Lot lot : account.vials()) {
        PdfPTable one = Paper.grid(1);
        one.addCell(label(lot, account, figures, paper, size));
        paper.add(one).page();
      }
      return paper.bytes();
    }
    PdfPTable table = Paper.grid(1, 1, 1);
    List<Lot> vials = account.vials();
    vials.forEach(lot -> table.addCell(label(lot, account, figures, paper, size)));
    for (int i = vials.size(); i % ACROSS != 0; i++) {
      table.addCell(Paper.plain("", paper.text));
    }
    return paper.add(table).bytes();
  }

  private static PdfPCell label(
      Lot lot, Account account, Figures figures, Paper paper, LabelSize size) {
    Words words = figures.words();
    PdfPCell cell = new PdfPCell();
    cell.setBorder(size.isOneAPage() ? Rectangle.NO_BORDER : Rectangle.BOX);
    cell.setBorderWidth(0.4f);
    cell.setFixedHeight(size.room(HEIGHT, Paper.LABEL_MARGIN));
    cell.setPadding(size.isOneAPage() ? 1 : INSIDE);
    var batch = account.network().batch();
    cell.addElement(new Paragraph(batch.label().name(), paper.bold));
    cell.addElement(
        new Paragraph(
            words.of(
                "labels.cut", Sentences.cut(words, lot.cut()), Integer.toString(lot.id().number())),
            paper.text));
    Optional<GoldRange> gold = account.gold().known(lot.id());
    cell.addElement(
        new Paragraph(
            gold.map(range -> figures.gold(range.milligrams())).orElse(words.of("header.none")),
            paper.head));
    cell.addElement(
        new Paragraph(
            words.of(
                "labels.fineness",
                words.fixed(account.gold().fineness() * 1000, 0),
                weighedOn(lot, figures)),
            paper.text));
    cell.addElement(new Paragraph(batch.label().source(), paper.text));
    return cell;
  }

  private static String weighedOn(Lot lot, Figures figures) {
    return lot.readings().stream()
        .filter(Reading::isLive)
        .map(Reading::at)
        .reduce((_, later) -> later)
        .map(at -> figures.words().day(at.atZone(figures.zone()).toLocalDate()))
        .orElse("");
  }
}
