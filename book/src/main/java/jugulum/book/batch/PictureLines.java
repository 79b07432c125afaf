package jugulum.book.batch;

import static jugulum.book.stream.LineTable.real;
import static jugulum.book.stream.LineTable.text;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import jugulum.book.stream.Book;
import jugulum.book.stream.Cells;
import jugulum.book.stream.LineTable;
import jugulum.book.stream.Projection;
import jugulum.core.eye.AcrossPx;
import jugulum.core.eye.Corrections;
import jugulum.core.eye.Tray;
import jugulum.core.gold.PicturedGold;
import jugulum.core.ledger.Batch;

/** What the pictures of every batch taught of what looks like gold: by tray and size. */
public final class PictureLines implements Projection<Batch, Corrections> {
  public static final PictureLines LINES = new PictureLines();

  private static final LineTable TABLE =
      new LineTable(
          "pictured",
          List.of(
              text("tray"),
              text("across"),
              real("looked"),
              real("taken_out"),
              real("gold"),
              real("put_in")));

  private PictureLines() {}

  /** What all of a book taught. */
  public static Corrections all(Book book) {
    return Corrections.all(book.lines(BatchStream.KIND, LINES).stream());
  }

  @Override
  public LineTable table() {
    return TABLE;
  }

  @Override
  public List<Corrections> lines(String id, Optional<Batch> now, Batch last) {
    List<Corrections> lines = new ArrayList<>();
    now.map(PicturedGold::corrections)
        .orElse(Corrections.NONE)
        .counts()
        .forEach((of, counts) -> lines.add(new Corrections(Map.of(of, counts))));
    return lines;
  }

  @Override
  public List<Object> cells(Corrections line) {
    Map.Entry<Corrections.Of, Corrections.Counts> only = line.counts().entrySet().iterator().next();
    return List.of(
        only.getKey().tray().name(),
        only.getKey().across().name(),
        (double) only.getValue().looked(),
        (double) only.getValue().takenOut(),
        (double) only.getValue().gold(),
        (double) only.getValue().putIn());
  }

  @Override
  public Corrections line(Cells cells) {
    return new Corrections(
        Map.of(
            new Corrections.Of(Tray.valueOf(cells.text(0)), AcrossPx.valueOf(cells.text(1))),
            new Corrections.Counts(
                whole(cells, 2), whole(cells, 3), whole(cells, 4), whole(cells, 5))));
  }

  private static int whole(Cells cells, int column) {
    return (int) cells.number(column).orElse(0);
  }
}
