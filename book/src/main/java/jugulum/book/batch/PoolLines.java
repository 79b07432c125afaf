package jugulum.book.batch;

import static jugulum.book.stream.LineTable.text;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import jugulum.book.json.JsonCodec;
import jugulum.book.stream.Book;
import jugulum.book.stream.Cells;
import jugulum.book.stream.Codec;
import jugulum.book.stream.LineTable;
import jugulum.book.stream.Projection;
import jugulum.core.ledger.Batch;
import jugulum.core.ledger.BatchId;
import jugulum.core.pool.Later;
import jugulum.core.pool.Pool;
import jugulum.core.pool.Pools;

/** The batches that are pools, with what went in. Brought up when it is read. */
public final class PoolLines implements Projection<Batch, Pool> {
  /** The table of the pools. */
  public static final PoolLines LINES = new PoolLines();

  private static final LineTable TABLE = new LineTable("pool", List.of(text("name"), text("body")));
  private static final Codec<Pool> BODY = new JsonCodec<>(Pool.class, List.of());

  private PoolLines() {}

  /**
   * What was won later of what a batch let go. Only pools are worked out for it, those it went into
   * and those behind them.
   */
  public static Later later(Book book, BatchId batch) {
    List<Pool> pools = book.lines(BatchStream.KIND, LINES);
    if (pools.stream().noneMatch(pool -> isOf(pool, batch))) {
      return Later.NONE;
    }
    Map<BatchId, Pools.Gave> gave = new HashMap<>();
    for (Pool pool : pools) {
      book.lines(BatchStream.of(pool.id()), ResultLines.LINES)
          .forEach(one -> gave.put(pool.id(), new Pools.Gave(one.wonMg(), one.benchMinutes())));
    }
    return Pools.of(pools, gave).later(batch);
  }

  private static boolean isOf(Pool pool, BatchId batch) {
    return pool.parts().stream().anyMatch(part -> part.batch().equals(batch));
  }

  @Override
  public LineTable table() {
    return TABLE;
  }

  @Override
  public List<Pool> lines(String id, Optional<Batch> now, Batch last) {
    return now.flatMap(Pool::of).stream().toList();
  }

  @Override
  public List<Object> cells(Pool line) {
    return List.of(line.name(), BODY.write(line));
  }

  @Override
  public Pool line(Cells cells) {
    return BODY.read(BODY.form(), cells.text(1));
  }
}
