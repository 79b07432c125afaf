package jugulum.book.batch;

import static jugulum.book.stream.LineTable.real;
import static jugulum.book.stream.LineTable.text;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import jugulum.book.json.JsonCodec;
import jugulum.book.stream.Cells;
import jugulum.book.stream.Codec;
import jugulum.book.stream.LineTable;
import jugulum.book.stream.Projection;
import jugulum.core.account.Worked;
import jugulum.core.belief.StockLot;
import jugulum.core.ledger.Batch;

/**
 * What stands in the shop: every lot that no step has taken and nobody threw away, with its gold.
 * Brought up when it is read.
 */
public final class StockLines implements Projection<Batch, StockLot> {
  /** The table of the stock. */
  public static final StockLines LINES = new StockLines();

  private static final LineTable TABLE =
      new LineTable(
          "stock",
          List.of(
              text("batch"),
              real("lot"),
              text("material"),
              text("name"),
              real("grams"),
              text("bag"),
              text("body")));
  private static final Codec<StockLot> LOT = new JsonCodec<>(StockLot.class, List.of());

  private StockLines() {}

  @Override
  public LineTable table() {
    return TABLE;
  }

  @Override
  public int fold() {
    return Worked.RULE;
  }

  @Override
  public List<StockLot> lines(String id, Optional<Batch> now, Batch last) {
    return now.map(StockLot::of).orElse(List.of());
  }

  @Override
  public List<Object> cells(StockLot line) {
    return Arrays.asList(
        line.label(),
        (double) line.lot().number(),
        line.material().name(),
        line.name(),
        BatchLines.orNull(line.grams()),
        line.bag().orElse(null),
        LOT.write(line));
  }

  @Override
  public StockLot line(Cells cells) {
    return LOT.read(LOT.form(), cells.text(6));
  }
}
