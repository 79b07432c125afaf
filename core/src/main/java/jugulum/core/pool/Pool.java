package jugulum.core.pool;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import jugulum.core.gold.GoldAccount;
import jugulum.core.gold.GoldRange;
import jugulum.core.gold.LotGold;
import jugulum.core.ledger.Batch;
import jugulum.core.ledger.BatchId;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Network;
import jugulum.core.ledger.PoolPart;
import jugulum.core.ledger.Step;
import jugulum.core.mass.LotMass;
import jugulum.core.mass.SandAccount;

/**
 * A batch that was put together of lots of others.
 *
 * @param id the batch
 * @param name what is written on its bucket
 * @param parts what went into it, one or more
 */
public record Pool(BatchId id, String name, List<PoolPart> parts) {
  /** Keeps its own copy. */
  public Pool {
    parts = List.copyOf(parts);
  }

  /** The batch as a pool; empty where it is none. */
  public static Optional<Pool> of(Batch batch) {
    return batch.pool().map(told -> new Pool(batch.id(), batch.label().name(), told.parts()));
  }

  /**
   * What a lot would be in a pool.
   *
   * @return empty where the batch has no such lot, or nobody weighed it
   */
  public static Optional<PoolPart> part(Batch batch, LotId id) {
    Network network = Network.of(batch);
    SandAccount sand = SandAccount.of(network);
    return network
        .lot(id)
        .filter(_ -> sand.mass(id).isKnown() && sand.mass(id).grams() > 0)
        .map(lot -> part(network, lot, sand, GoldAccount.standing(network, sand)));
  }

  private static PoolPart part(
      Network network, Lot lot, SandAccount sand, GoldAccount.Standing gold) {
    Batch batch = network.batch();
    LotMass mass = sand.mass(lot.id());
    Optional<Step> maker = network.maker(lot.id());
    return new PoolPart(
        batch.id(),
        lot.id(),
        batch.label().name(),
        batch.label().source(),
        lot.material(),
        maker.map(Step::id),
        maker.flatMap(step -> step.process().on()),
        mass.grams(),
        Optional.ofNullable(gold.lots().get(lot.id()))
            .map(LotGold::all)
            .map(GoldRange::milligrams)
            .map(milligrams -> OptionalDouble.of(milligrams / mass.grams() * 1000))
            .orElse(OptionalDouble.empty()));
  }
}
