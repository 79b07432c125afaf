package jugulum.book.batch;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import jugulum.book.stream.Book;
import jugulum.book.stream.Order;
import jugulum.core.ledger.Assumptions;
import jugulum.core.ledger.Batch;
import jugulum.core.ledger.BatchId;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.Label;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.PoolPart;
import jugulum.core.pool.Pool;

/** Puts lots of several batches into one: a batch of its own, in one action over all of them. */
public final class Pooling {
  /** A sum of weighings is no sharper than that, in grams. */
  private static final double RESOLUTION_G = 1;

  private static final LotId FEED = new LotId(1);

  private Pooling() {}

  /** A lot of a batch. */
  public record Of(BatchId batch, LotId lot) {}

  /** What lots would be in a pool; those nobody weighed are left out. */
  public static List<PoolPart> parts(Book book, List<Of> lots) {
    Function<BatchId, Optional<Batch>> read = id -> book.standing(BatchStream.of(id)).now();
    return lots.stream()
        .flatMap(
            one -> read.apply(one.batch()).flatMap(batch -> Pool.part(batch, one.lot())).stream())
        .toList();
  }

  /**
   * The edits that put parts together: the new batch with its weight, and every lot gone into it.
   */
  public static List<Order<?, ?>> orders(
      BatchId pool, Label label, Assumptions assumptions, List<PoolPart> parts) {
    double grams = parts.stream().mapToDouble(PoolPart::grams).sum();
    List<Order<?, ?>> orders = new ArrayList<>();
    orders.add(
        Order.on(
            0,
            BatchStream.of(pool),
            List.of(
                new Edit.StartBatch(pool, label, assumptions),
                new Edit.RecordOnLot(FEED, new Measure.PoolOf(parts)),
                new Edit.RecordOnLot(FEED, new Measure.SandWeight(grams, 0, 0, RESOLUTION_G)))));
    for (PoolPart part : parts) {
      orders.add(
          Order.of(
              BatchStream.of(part.batch()),
              new Edit.RecordOnLot(part.lot(), new Measure.Pooled(pool, label.name()))));
    }
    return orders;
  }

  /** The source of a pool: the one its parts share, else none. */
  public static String source(List<PoolPart> parts) {
    List<String> sources = parts.stream().map(PoolPart::source).distinct().toList();
    return sources.size() == 1 ? sources.getFirst() : "";
  }
}
