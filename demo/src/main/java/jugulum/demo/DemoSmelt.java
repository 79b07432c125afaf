package jugulum.demo;

import java.util.List;
import java.util.OptionalDouble;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.Measure.Smelt.Collector;
import jugulum.core.ledger.Measure.VisibleGold;
import jugulum.core.ledger.MeltFact;
import jugulum.core.ledger.MeltFact.Phase;
import jugulum.core.ledger.MeltFact.Stop;

/** A sample of magnetics smelted in three crucibles, one of which was lost. */
final class DemoSmelt {
  private static final double CRUCIBLE_G = 150;
  private static final double COLLECTOR_G = 32;
  private static final double BUTTON_G = 31.6;

  private DemoSmelt() {}

  /**
   * Smelts it.
   *
   * @param beads of the first and of the last crucible, in mg
   */
  static void of(Bencher bench, LotId lot, List<Double> beads) {
    VisibleGold none = new VisibleGold(VisibleGold.State.NONE_SEEN, 0);
    says(bench, lot, 0, new MeltFact.Taken(3 * CRUCIBLE_G, none));
    says(bench, lot, 0, new MeltFact.Sure(Stop.NO_MERCURY));
    says(bench, lot, 0, new MeltFact.Sure(Stop.DRY));
    says(bench, lot, 0, new MeltFact.Sands(0.85, 0.1, 0));
    for (int crucible = 1; crucible <= 3; crucible++) {
      charge(bench, lot, crucible);
    }
    says(bench, lot, 2, new MeltFact.Spoilt("cracked in the fire, ran through the bottom"));
    beadOf(bench, lot, 1, beads.getFirst());
    beadOf(bench, lot, 3, beads.getLast());
    says(bench, lot, 0, new MeltFact.Cost(48));
  }

  private static void charge(Bencher bench, LotId lot, int crucible) {
    says(
        bench,
        lot,
        crucible,
        new MeltFact.Charged(CRUCIBLE_G, Collector.LEAD, OptionalDouble.of(COLLECTOR_G)));
    for (Stop stop : Stop.values()) {
      if (stop.isOfOneCrucible()) {
        says(bench, lot, crucible, new MeltFact.Sure(stop));
      }
    }
    says(bench, lot, crucible, new MeltFact.Begun(Phase.MELT));
  }

  private static void beadOf(Bencher bench, LotId lot, int crucible, double beadMg) {
    says(bench, lot, crucible, new MeltFact.Begun(Phase.COOL));
    says(bench, lot, crucible, new MeltFact.Button(BUTTON_G));
    says(bench, lot, crucible, new MeltFact.Begun(Phase.CUPEL));
    says(bench, lot, crucible, new MeltFact.Bead(beadMg));
    says(bench, lot, crucible, new MeltFact.Parted(beadMg * 0.88));
  }

  private static void says(Bencher bench, LotId lot, int crucible, MeltFact fact) {
    bench.measure(lot, new Measure.Melt(crucible, fact));
  }
}
