package jugulum.book.batch;

import static jugulum.book.stream.LineTable.text;

import java.util.List;
import java.util.Optional;
import jugulum.book.json.JsonCodec;
import jugulum.book.stream.Book;
import jugulum.book.stream.Cells;
import jugulum.book.stream.Codec;
import jugulum.book.stream.Key;
import jugulum.book.stream.LineTable;
import jugulum.book.stream.Projection;
import jugulum.core.account.Worked;
import jugulum.core.ledger.Batch;
import jugulum.core.season.BatchResult;

/** What every batch brings to a season. Brought up when it is read: it takes the gold of each. */
public final class ResultLines implements Projection<Batch, BatchResult> {
  /** The table of the results. */
  public static final ResultLines LINES = new ResultLines();

  private static final LineTable TABLE =
      new LineTable(
          "result", List.of(text("name"), text("source"), text("received"), text("body")));
  private static final Codec<BatchResult> BODY = new JsonCodec<>(BatchResult.class, List.of());

  private ResultLines() {}

  /** The results of every batch, those behind worked out first, all at once. */
  public static List<BatchResult> all(Book book) {
    return book.lines(BatchStream.KIND, LINES);
  }

  /** The batches whose results are yet to be worked out. */
  public static List<Key> behind(Book book) {
    return book.behind(BatchStream.KIND, LINES);
  }

  /** The result of one batch, worked out where it is behind; empty where it was taken back. */
  public static Optional<BatchResult> of(Book book, Key batch) {
    return book.lines(BatchStream.KIND.ref(batch.id()), LINES).stream().findFirst();
  }

  /** The results as they stand in the book, none worked out anew. */
  public static List<BatchResult> asTheyStand(Book book) {
    return book.linesAsTheyStand(LINES);
  }

  @Override
  public LineTable table() {
    return TABLE;
  }

  @Override
  public int fold() {
    return Worked.RULE;
  }

  @Override
  public List<BatchResult> lines(String id, Optional<Batch> now, Batch last) {
    return now.map(Worked::of).map(BatchResult::of).stream().toList();
  }

  @Override
  public List<Object> cells(BatchResult line) {
    return List.of(line.name(), line.source(), line.received().toString(), BODY.write(line));
  }

  @Override
  public BatchResult line(Cells cells) {
    return BODY.read(BODY.form(), cells.text(3));
  }
}
