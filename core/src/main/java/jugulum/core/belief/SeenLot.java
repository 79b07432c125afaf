package jugulum.core.belief;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import jugulum.core.gold.LogGold;
import jugulum.core.gold.LotGold;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Network;
import jugulum.core.mass.LotMass;
import jugulum.core.mass.SandAccount;

/**
 * A lot somebody looked at, whether it still stands or not: it tells of others.
 *
 * @param kin what it has in common with them
 * @param free the logarithm of its grade of free gold in mg/kg, as its draws tell it
 * @param hidden that of hidden gold
 */
public record SeenLot(Kin kin, Optional<LogGold> free, Optional<LogGold> hidden) {
  /** The lots of a batch that were looked at and whose mass is known. */
  public static List<SeenLot> of(Network network, SandAccount sand, Map<LotId, LotGold> gold) {
    List<SeenLot> seen = new ArrayList<>();
    network.lots().stream()
        .filter(lot -> lot.material() != Material.GOLD)
        .forEach(
            lot ->
                Optional.ofNullable(gold.get(lot.id()))
                    .flatMap(told -> of(Kin.of(network.batch(), lot), told, sand.mass(lot.id())))
                    .ifPresent(seen::add));
    return seen;
  }

  private static Optional<SeenLot> of(Kin kin, LotGold gold, LotMass mass) {
    if (!mass.isKnown() || !(mass.grams() > 0)) {
      return Optional.empty();
    }
    double logKg = Math.log(mass.grams() / 1000);
    // A look that speaks of the coarser pieces alone tells no grade.
    Optional<LogGold> free = gold.freeLog().filter(_ -> !gold.finerOpen());
    return Stream.of(free, gold.hiddenLog()).allMatch(Optional::isEmpty)
        ? Optional.empty()
        : Optional.of(
            new SeenLot(
                kin,
                free.map(log -> new LogGold(log.mean() - logKg, log.variance())),
                gold.hiddenLog().map(log -> new LogGold(log.mean() - logKg, log.variance()))));
  }

  Optional<SeenGrade> freeGrade() {
    return free.map(log -> new SeenGrade(kin, log.mean(), log.variance()));
  }

  Optional<SeenGrade> hiddenGrade() {
    return hidden.map(log -> new SeenGrade(kin, log.mean(), log.variance()));
  }
}
