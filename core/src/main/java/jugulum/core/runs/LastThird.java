package jugulum.core.runs;

import java.util.EnumSet;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import jugulum.core.gold.GoldAccount;
import jugulum.core.gold.GoldRange;
import jugulum.core.gold.LotGold;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Machine;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Network;
import jugulum.core.ledger.Step;

/**
 * How much of what a sluice caught lay in the last third of it, rinsed out apart as its second
 * concentrate. Gold there was on its way out.
 */
public final class LastThird {
  /**
   * Above that share the box is to be cleaned out sooner: ours.
   *
   * <p>Off by a half: when a sluice is told to be cleaned out sooner.
   */
  public static final double MOST = 0.1;

  private static final Set<Machine.Kind> SLUICES =
      EnumSet.of(Machine.Kind.RIFFLE_SLUICE, Machine.Kind.MAT_SLUICE, Machine.Kind.CLEANUP_SLUICE);

  private LastThird() {}

  /** Whether a machine is a sluice, whose last third can be rinsed out apart. */
  public static boolean isTold(Machine.Kind kind) {
    return SLUICES.contains(kind);
  }

  /**
   * The share.
   *
   * @return 0 to 1; empty on what is no sluice, where the step made no second concentrate, or gold
   *     of one of both is not known
   */
  public static OptionalDouble of(Step step, Network network, GoldAccount gold) {
    if (step.process().on().filter(machine -> isTold(machine.kind())).isEmpty()) {
      return OptionalDouble.empty();
    }
    Optional<Double> upper = found(network.output(step, Material.CONCENTRATE), network, gold);
    Optional<Double> last = found(network.output(step, Material.SECOND_CONCENTRATE), network, gold);
    if (upper.isEmpty() || last.isEmpty() || upper.get() + last.get() <= 0) {
      return OptionalDouble.empty();
    }
    return OptionalDouble.of(last.get() / (upper.get() + last.get()));
  }

  /**
   * The gold of a lot, in mg; where it went on, what was found in all that was made of it alone.
   */
  private static Optional<Double> found(Optional<Lot> lot, Network network, GoldAccount gold) {
    return lot.flatMap(one -> found(one.id(), network, gold));
  }

  private static Optional<Double> found(LotId lot, Network network, GoldAccount gold) {
    Optional<Step> taker = network.taker(lot);
    if (taker.isEmpty() || taker.get().inputs().size() > 1) {
      return Optional.ofNullable(gold.lots().get(lot)).map(LotGold::all).map(GoldRange::milligrams);
    }
    double sum = 0;
    boolean isAny = false;
    for (LotId made : taker.get().outputs()) {
      Optional<Double> its = found(made, network, gold);
      isAny |= its.isPresent();
      sum += its.orElse(0.0);
    }
    return isAny ? Optional.of(sum) : Optional.empty();
  }
}
