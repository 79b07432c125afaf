package jugulum.core.belief;

import java.util.Locale;
import java.util.Optional;
import jugulum.core.ledger.Batch;
import jugulum.core.ledger.BatchId;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Measure;

/**
 * What a lot has in common with others: lots of one source, batch, kind and size are more alike.
 *
 * @param source where its sand came from, as {@link #source} writes it
 * @param batch its batch
 * @param kind what it is
 * @param size its size; empty where it holds all
 */
public record Kin(String source, BatchId batch, LotKind kind, Optional<SizeClass> size) {
  /** Of a lot that is not won gold. */
  public static Kin of(Batch batch, Lot lot) {
    return new Kin(
        source(batch),
        batch.id(),
        LotKind.of(like(batch, lot), lot.cut()),
        SizeClass.of(lot.cut()));
  }

  /** Sand of a pool that no machine has parted yet is like what it was put together of. */
  private static Material like(Batch batch, Lot lot) {
    return switch (lot.material()) {
      case FEED, CUT, NON_MAGNETICS, MERGED, PART ->
          batch.pool().map(Measure.PoolOf::mostly).orElse(lot.material());
      default -> lot.material();
    };
  }

  /** One source however it is written; where none is told the batch is a source of its own. */
  public static String source(Batch batch) {
    String told = batch.label().source().strip().toLowerCase(Locale.ROOT).replaceAll("\\s+", " ");
    return told.isEmpty() ? batch.id().value().toString() : told;
  }
}
