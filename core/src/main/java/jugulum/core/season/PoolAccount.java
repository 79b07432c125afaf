package jugulum.core.season;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import jugulum.core.check.Band;
import jugulum.core.ledger.BatchId;
import jugulum.core.ledger.Machine;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.PoolPart;
import jugulum.core.ledger.StepId;
import jugulum.core.pool.Later;
import jugulum.core.pool.Pool;
import jugulum.core.pool.PoolShare;
import jugulum.core.pool.Pools;

/**
 * What a pool gave back: to its parts, and by batch, source and method. It never compares methods:
 * gold is shared by what was thought to be in the sand, not by what a method left in it.
 *
 * @param pool the pool
 * @param wonMg the gold won out of it, with what was won later of what it let go, in mg
 * @param minutes at the bench with it, in minutes
 * @param shares by part, in the order they went in
 * @param byBatch by the batch they came from
 * @param bySource by the source of that batch
 * @param byMethod by what made them: what they are, and on which machine
 */
public record PoolAccount(
    Pool pool,
    double wonMg,
    double minutes,
    List<PoolShare> shares,
    List<Group> byBatch,
    List<Group> bySource,
    List<Group> byMethod) {
  /** Keeps its own copies. */
  public PoolAccount {
    shares = List.copyOf(shares);
    byBatch = List.copyOf(byBatch);
    bySource = List.copyOf(bySource);
    byMethod = List.copyOf(byMethod);
  }

  /**
   * What made a part of a pool.
   *
   * @param material what it is
   * @param machine on which machine it was made; empty where on none
   */
  public record Method(Material material, Optional<Machine> machine) {}

  /**
   * Parts of a pool together.
   *
   * @param name of their batch or source; empty for a method
   * @param method what made them; empty for a batch or source
   * @param grams what went in, in grams
   * @param milligrams what came of it, in mg, with the share by mass as the other end
   * @param minutes of the time at the bench, in minutes
   * @param wonMg what their batches or steps won before, in mg; 0 where the book does not know them
   */
  public record Group(
      String name,
      Optional<Method> method,
      double grams,
      Band milligrams,
      double minutes,
      double wonMg) {
    /**
     * The share passed over: later ÷ (before + later), 0 to 1; empty where nothing was won before.
     */
    public Optional<Band> passedOver() {
      return wonMg > 0 ? Optional.of(Later.passedOver(wonMg, milligrams)) : Optional.empty();
    }
  }

  /** Every pool among some batches, in their order. */
  public static List<PoolAccount> of(List<BatchResult> all, Season season) {
    return of(pools(all), all, season);
  }

  /** The same of pools that were read before. */
  static List<PoolAccount> of(Pools pools, List<BatchResult> all, Season season) {
    Map<BatchId, BatchResult> byId =
        all.stream().collect(Collectors.toMap(BatchResult::id, one -> one, (one, _) -> one));
    return pools.all().stream().map(pool -> of(pool, pools, byId, season)).toList();
  }

  /** The pools among some batches. */
  public static Pools pools(List<BatchResult> all) {
    List<BatchResult> its = all.stream().filter(one -> !one.pool().isEmpty()).toList();
    return Pools.of(
        its.stream().map(one -> new Pool(one.id(), one.name(), one.pool())).toList(),
        its.stream()
            .collect(
                Collectors.toMap(
                    BatchResult::id,
                    one -> new Pools.Gave(one.wonMg(), one.benchMinutes()),
                    (one, _) -> one)));
  }

  private static PoolAccount of(
      Pool pool, Pools pools, Map<BatchId, BatchResult> byId, Season season) {
    List<PoolShare> shares = pools.shares(pool);
    return new PoolAccount(
        pool,
        shares.stream().mapToDouble(PoolShare::milligrams).sum(),
        shares.stream().mapToDouble(PoolShare::minutes).sum(),
        shares,
        named(grouped(shares, PoolPart::name), byId),
        named(grouped(shares, part -> season.meant(part.source())), byId),
        byMethod(grouped(shares, part -> new Method(part.material(), part.machine())), byId));
  }

  private static <K> Map<K, List<PoolShare>> grouped(
      List<PoolShare> shares, Function<PoolPart, K> by) {
    Map<K, List<PoolShare>> groups = new LinkedHashMap<>();
    shares.forEach(
        share -> groups.computeIfAbsent(by.apply(share.part()), _ -> new ArrayList<>()).add(share));
    return groups;
  }

  private static List<Group> named(
      Map<String, List<PoolShare>> groups, Map<BatchId, BatchResult> byId) {
    List<Group> told = new ArrayList<>();
    groups.forEach((name, its) -> told.add(group(name, Optional.empty(), its, won(its, byId))));
    return told;
  }

  private static List<Group> byMethod(
      Map<Method, List<PoolShare>> groups, Map<BatchId, BatchResult> byId) {
    List<Group> told = new ArrayList<>();
    groups.forEach(
        (method, its) -> told.add(group("", Optional.of(method), its, wonByStep(its, byId))));
    return told;
  }

  private static Group group(
      String name, Optional<Method> method, List<PoolShare> its, double wonMg) {
    return new Group(
        name,
        method,
        its.stream().mapToDouble(share -> share.part().grams()).sum(),
        PoolShare.together(its),
        its.stream().mapToDouble(PoolShare::minutes).sum(),
        wonMg);
  }

  /** What the batches of some parts won, each counted once, in mg. */
  private static double won(List<PoolShare> its, Map<BatchId, BatchResult> byId) {
    return its.stream()
        .map(share -> share.part().batch())
        .distinct()
        .map(byId::get)
        .mapToDouble(one -> one == null ? 0 : one.wonMg())
        .sum();
  }

  private record Made(BatchId batch, StepId step) {}

  /** What the steps that made some parts won, each counted once, in mg. */
  private static double wonByStep(List<PoolShare> its, Map<BatchId, BatchResult> byId) {
    Set<Made> seen = new HashSet<>();
    double won = 0;
    for (PoolShare share : its) {
      PoolPart part = share.part();
      BatchResult of = byId.get(part.batch());
      if (of == null || part.by().isEmpty()) {
        continue;
      }
      StepId step = part.by().get();
      if (seen.add(new Made(part.batch(), step))) {
        won +=
            of.parts().stream()
                .filter(one -> one.step().equals(step))
                .mapToDouble(PartingStep::wonMg)
                .sum();
      }
    }
    return won;
  }
}
