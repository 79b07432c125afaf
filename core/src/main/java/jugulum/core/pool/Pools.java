package jugulum.core.pool;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import jugulum.core.check.Band;
import jugulum.core.ledger.BatchId;
import jugulum.core.ledger.PoolPart;

/**
 * All pools of a book, and what each gave back to what went into it. What a pool let go may have
 * gone into another pool; what was won there is carried back through both.
 */
public final class Pools {
  private final List<Pool> pools;
  private final Map<BatchId, Gave> gave;

  /**
   * What a batch gave.
   *
   * @param wonMg the gold in hand, in mg, 0 or more
   * @param minutes at the bench, in minutes, 0 or more
   */
  public record Gave(double wonMg, double minutes) {
    private static final Gave NOTHING = new Gave(0, 0);
  }

  private Pools(List<Pool> pools, Map<BatchId, Gave> gave) {
    this.pools = List.copyOf(pools);
    this.gave = Map.copyOf(gave);
  }

  /**
   * The pools of a book.
   *
   * @param gave what each of them gave; one that is missing gave nothing yet
   */
  public static Pools of(List<Pool> pools, Map<BatchId, Gave> gave) {
    return new Pools(pools, gave);
  }

  /** Every pool, in the order given. */
  public List<Pool> all() {
    return pools;
  }

  /** Whether a batch is a pool. */
  public boolean isPool(BatchId batch) {
    return pools.stream().anyMatch(pool -> pool.id().equals(batch));
  }

  /** What came out of a pool for each of its parts, with what was won later of what it let go. */
  public List<PoolShare> shares(Pool pool) {
    return shares(pool, Set.of());
  }

  private List<PoolShare> shares(Pool pool, Set<BatchId> on) {
    Gave own = gave.getOrDefault(pool.id(), Gave.NOTHING);
    Later later = later(pool.id(), on);
    return PoolShare.of(
        pool.parts(), own.wonMg() + later.milligrams().usual(), own.minutes() + later.minutes());
  }

  /** What was won later of what a batch let go. */
  public Later later(BatchId batch) {
    return later(batch, Set.of());
  }

  /**
   * @param on the batches on the way here: only a file that was tampered with leads in a circle,
   *     and a circle gives nothing
   */
  private Later later(BatchId batch, Set<BatchId> on) {
    if (on.contains(batch)) {
      return Later.NONE;
    }
    Set<BatchId> deeper = new HashSet<>(on);
    deeper.add(batch);
    Band milligrams = Band.sharp(0);
    double minutes = 0;
    List<String> names = new ArrayList<>();
    for (Pool pool : pools) {
      List<PoolPart> parts = pool.parts();
      boolean isPart = parts.stream().anyMatch(part -> part.batch().equals(batch));
      if (!isPart || deeper.contains(pool.id())) {
        continue;
      }
      List<PoolShare> its =
          shares(pool, deeper).stream()
              .filter(share -> share.part().batch().equals(batch))
              .toList();
      names.add(pool.name());
      milligrams = milligrams.plus(PoolShare.together(its));
      minutes += its.stream().mapToDouble(PoolShare::minutes).sum();
    }
    return new Later(milligrams, minutes, names);
  }
}
