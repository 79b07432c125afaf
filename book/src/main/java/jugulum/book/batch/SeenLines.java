package jugulum.book.batch;

import static jugulum.book.stream.LineTable.text;

import java.util.List;
import java.util.Optional;
import jugulum.book.json.JsonCodec;
import jugulum.book.stream.Book;
import jugulum.book.stream.Cells;
import jugulum.book.stream.Codec;
import jugulum.book.stream.LineTable;
import jugulum.book.stream.Projection;
import jugulum.core.account.Worked;
import jugulum.core.belief.SeenLot;
import jugulum.core.ledger.Batch;
import jugulum.core.ledger.Look;

/**
 * Every lot somebody looked at, whether it still stands or not: lots nobody looked at are told by
 * them. Brought up when it is read: what a look tells needs the gold of the whole batch.
 */
public final class SeenLines implements Projection<Batch, SeenLot> {
  public static final SeenLines LINES = new SeenLines();

  private static final LineTable TABLE = new LineTable("seen", List.of(text("kind"), text("body")));
  private static final Codec<SeenLot> LOT = new JsonCodec<>(SeenLot.class, List.of());

  private SeenLines() {}

  /** Those of every batch. */
  public static List<SeenLot> all(Book book) {
    return book.lines(BatchStream.KIND, LINES);
  }

  @Override
  public LineTable table() {
    return TABLE;
  }

  @Override
  public int fold() {
    return Worked.RULE;
  }

  /** Only batches in which somebody looked are worked out. */
  @Override
  public List<SeenLot> lines(String id, Optional<Batch> now, Batch last) {
    return now.filter(batch -> batch.lots().stream().anyMatch(lot -> !Look.of(lot).isEmpty()))
        .map(Worked::of)
        .map(worked -> SeenLot.of(worked.network(), worked.sand(), worked.gold().lots()))
        .orElse(List.of());
  }

  @Override
  public List<Object> cells(SeenLot line) {
    return List.of(line.kin().kind().name(), LOT.write(line));
  }

  @Override
  public SeenLot line(Cells cells) {
    return LOT.read(LOT.form(), cells.text(1));
  }
}
