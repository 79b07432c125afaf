package jugulum.core.belief;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Comparator;
import java.util.List;
import java.util.Random;
import java.util.function.ToDoubleFunction;
import jugulum.core.belief.SimulatedShop.Unseen;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/**
 * Shops whose lots differ as much as the table says, half and twice as much: how often the range of
 * a lot nobody looked at holds its true grade, and how much of the gold of the three best lots the
 * three hold that one would work first. The figures are in docs/science/belief.md.
 */
@Tag("simulated")
class GradesOfShopsTest {
  private static final int SHOPS = 150;
  private static final int CHOSEN = 3;

  private static double gold(List<Unseen> lots, ToDoubleFunction<Unseen> by) {
    return lots.stream()
        .sorted(Comparator.comparingDouble(by).reversed())
        .limit(CHOSEN)
        .mapToDouble(lot -> Math.exp(lot.log()))
        .sum();
  }

  private static double ofItsKind(List<SeenGrade> seen, LotKind kind) {
    double all = seen.stream().mapToDouble(SeenGrade::log).average().orElse(0);
    return seen.stream()
        .filter(one -> one.kin().kind() == kind)
        .mapToDouble(SeenGrade::log)
        .average()
        .orElse(all);
  }

  @ParameterizedTest
  @ValueSource(doubles = {0.5, 1, 2})
  void rangesHoldWhereLotsDifferHalfOrTwiceAsMuch(double factor) {
    Random random = new Random(20261130);
    int asked = 0;
    int held = 0;
    int heldFixed = 0;
    double byModel = 0;
    double byKind = 0;
    double byChance = 0;
    for (int i = 0; i < SHOPS; i++) {
      SimulatedShop shop = new SimulatedShop(GradeTable.FREE.spreads(factor), random, 6, 6);
      GradeModel model = GradeModel.of(GradeTable.FREE, shop.seen());
      GradeModel fixed = GradeModel.fixed(GradeTable.FREE, shop.seen());
      for (Unseen lot : shop.unseen()) {
        asked++;
        held += holds(model.of(lot.kin()), lot) ? 1 : 0;
        heldFixed += holds(fixed.of(lot.kin()), lot) ? 1 : 0;
      }
      double best = gold(shop.unseen(), Unseen::log);
      byModel += gold(shop.unseen(), lot -> model.of(lot.kin()).meanMgPerKg()) / best;
      byKind += gold(shop.unseen(), lot -> ofItsKind(shop.seen(), lot.kin().kind())) / best;
      byChance += gold(shop.unseen(), _ -> random.nextDouble()) / best;
    }
    System.out.printf(
        "spreads x %.1f: ranges held in %.1f %% of %d (the table’s own spreads: %.1f %%); gold of"
            + " the three chosen over the three best: by the model %.2f, by the mean of its kind"
            + " %.2f, by chance %.2f%n",
        factor,
        100.0 * held / asked,
        asked,
        100.0 * heldFixed / asked,
        byModel / SHOPS,
        byKind / SHOPS,
        byChance / SHOPS);
    assertThat((double) held / asked).isBetween(0.90, 0.985);
    assertThat(byModel).isGreaterThan(byKind);
    assertThat(byKind).isGreaterThan(byChance);
  }

  private static boolean holds(GradeBelief told, Unseen lot) {
    return lot.log() >= Math.log(told.lowMgPerKg()) && lot.log() <= Math.log(told.highMgPerKg());
  }
}
