package jugulum.core.day;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;
import jugulum.core.day.Job.Work.Smelt;
import jugulum.core.day.Job.Work.Stage;
import jugulum.core.ledger.Measure.Smelt.Collector;
import jugulum.core.ledger.MeltFact;
import jugulum.core.ledger.MeltFact.Phase;
import jugulum.core.ledger.Melting;

/** What is left of a smelt as work of a day. */
final class MeltAhead {
  /**
   * Sand in a crucible where none was charged yet, in grams: common practice.
   *
   * <p>Off by a half: the crucibles, and so the hours, planned for sand just taken.
   */
  private static final double CRUCIBLE_G = 150;

  private MeltAhead() {}

  static List<Smelt> of(Melting round) {
    int charge = toCharge(round);
    int melt = charge + count(round, one -> one.said().began(Phase.MELT).isEmpty());
    int cupel = charge + count(round, MeltAhead::isToCupel);
    List<Smelt> ahead = new ArrayList<>();
    boolean isToRoast =
        round.said().latest(MeltFact.Sands.class).filter(told -> told.sulfide() > 0).isPresent()
            && round.said().latest(MeltFact.Roasted.class).isEmpty();
    if (isToRoast) {
      ahead.add(new Smelt(Stage.ROAST, 0));
    }
    add(ahead, Stage.CHARGE, charge);
    add(ahead, Stage.MELT, melt);
    add(ahead, Stage.CUPEL, cupel);
    return ahead;
  }

  private static void add(List<Smelt> ahead, Stage stage, int crucibles) {
    if (crucibles > 0) {
      ahead.add(new Smelt(stage, crucibles));
    }
  }

  private static int toCharge(Melting round) {
    double last =
        round.crucibles().stream()
            .mapToDouble(Melting.Crucible::sandG)
            .filter(grams -> grams > 0)
            .reduce((_, later) -> later)
            .orElse(CRUCIBLE_G);
    return round.isMoreToCharge() ? (int) Math.ceil(round.leftG() / last - 0.02) : 0;
  }

  private static int count(Melting round, Predicate<Melting.Crucible> is) {
    return (int) round.crucibles().stream().filter(one -> !one.isOver()).filter(is).count();
  }

  private static boolean isToCupel(Melting.Crucible one) {
    return one.charged()
        .filter(in -> in.collector() == Collector.LEAD || in.collector() == Collector.BISMUTH)
        .isPresent();
  }
}
