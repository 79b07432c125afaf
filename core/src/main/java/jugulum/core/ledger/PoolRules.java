package jugulum.core.ledger;

import java.util.List;
import java.util.Optional;
import jugulum.core.stream.Refusal;
import jugulum.core.stream.Refusal.Told;

/** What must hold for a lot to go into a pool, and for a batch to be one. */
final class PoolRules {
  private PoolRules() {}

  static Optional<Refusal> refusal(Network network, Lot lot, Measure.Pooled pooled) {
    Batch batch = network.batch();
    if (pooled.pool().equals(batch.id())) {
      return ofItself(batch.label().name());
    }
    return StepRules.gone(lot)
        .or(
            () ->
                lot.material() == Material.GOLD
                    ? Optional.of(Refusal.of(Reason.MEASURE_NOT_FOR_THIS))
                    : Optional.empty());
  }

  static Optional<Refusal> refusal(Network network, Lot lot, Measure.PoolOf pool) {
    boolean isFeed = network.feeds().anyMatch(feed -> feed.id().equals(lot.id()));
    if (!isFeed || lot.live(Measure.PoolOf.class).findAny().isPresent()) {
      return Optional.of(Refusal.of(Reason.POOL_NOT_FEED));
    }
    List<PoolPart> parts = pool.parts();
    for (int i = 0; i < parts.size(); i++) {
      PoolPart part = parts.get(i);
      if (part.batch().equals(network.batch().id())) {
        return ofItself(part.name());
      }
      if (parts.subList(0, i).stream().anyMatch(part::isSameLot)) {
        return Optional.of(Refusal.of(Reason.POOLED_TWICE, new Told.Words(part.name())));
      }
    }
    return Optional.empty();
  }

  private static Optional<Refusal> ofItself(String name) {
    return Optional.of(Refusal.of(Reason.POOL_OF_ITSELF, new Told.Words(name)));
  }
}
