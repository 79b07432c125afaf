package jugulum.core.belief;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import jugulum.core.ledger.BatchId;

/** Which container is worth working first, and which one look would decide most. */
public final class Stock {
  private Stock() {}

  /**
   * Ranks containers of all batches: what leaves most of an hour of hands first; what nothing can
   * be said of last. Won gold is not to be worked.
   */
  public static List<LotBelief> ranked(Belief belief, List<StockLot> lots) {
    Map<BatchId, List<StockLot>> byBatch = new LinkedHashMap<>();
    lots.forEach(lot -> byBatch.computeIfAbsent(lot.batch(), _ -> new ArrayList<>()).add(lot));
    return byBatch.values().stream()
        .map(belief::of)
        .flatMap(Collection::stream)
        .sorted(
            Comparator.comparingDouble(
                    (LotBelief one) -> -one.netPerHour().orElse(Double.NEGATIVE_INFINITY))
                .thenComparing(one -> one.lot().label())
                .thenComparing(one -> one.lot().lot().number()))
        .toList();
  }

  /** The container of which one look would decide most; empty where none is worth its minutes. */
  public static Optional<LotBelief> decides(List<LotBelief> ranked) {
    return ranked.stream()
        .filter(one -> one.look().isPresent())
        .max(Comparator.comparingDouble(one -> one.look().orElseThrow().worth()));
  }
}
