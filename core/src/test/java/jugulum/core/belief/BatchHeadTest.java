package jugulum.core.belief;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import jugulum.core.gold.GoldRange;
import jugulum.core.gold.HeadLeft;
import jugulum.core.gold.LogGold;
import jugulum.core.ledger.Material;
import org.junit.jupiter.api.Test;

/** What is not found yet has to make up the head. */
class BatchHeadTest {
  private static List<StockLot> batch(double headMg, double sd, double foundMg) {
    HeadLeft head = new HeadLeft(new LogGold(Math.log(headMg), sd * sd), foundMg, 0.1 * foundMg);
    return List.of(
        Lots.withHead(Lots.unseen(1, Material.CUT, 4000), head),
        Lots.withHead(Lots.unseen(2, Material.NON_MAGNETICS, 3000), head),
        Lots.withHead(Lots.unseen(3, Material.MAGNETICS, 2000), head));
  }

  private static List<LotBelief> thought(List<StockLot> batch) {
    return new Belief(Experience.NONE, Lots.SHOP).of(batch);
  }

  private static double sum(List<LotBelief> all) {
    return all.stream().mapToDouble(one -> one.free().orElseThrow().gold().milligrams()).sum();
  }

  /** 900 mg in, 300 found: the three that nobody looked at hold about 600 together. */
  @Test
  void theLotsNobodyLookedAtAddUpToWhatIsLeftOfTheHead() {
    List<LotBelief> all = thought(batch(900, 0.05, 300));
    assertThat(all)
        .allSatisfy(one -> assertThat(one.free().orElseThrow().by()).isEqualTo(Thought.By.HEAD));
    assertThat(sum(all)).isCloseTo(600, within(45.0));
    List<LotBelief> without =
        thought(
            List.of(
                Lots.unseen(1, Material.CUT, 4000),
                Lots.unseen(2, Material.NON_MAGNETICS, 3000),
                Lots.unseen(3, Material.MAGNETICS, 2000)));
    Thought by = all.getFirst().free().orElseThrow();
    Thought alone = without.getFirst().free().orElseThrow();
    assertThat(by.logVariance()).isLessThan(alone.logVariance());
    assertThat(by.gold().highMg()).as("no lot holds more than there is").isLessThan(700);
  }

  @Test
  void aDullHeadSaysLess() {
    double sharp = thought(batch(900, 0.05, 0)).getFirst().free().orElseThrow().logVariance();
    double dull = thought(batch(900, 1.5, 0)).getFirst().free().orElseThrow().logVariance();
    assertThat(dull).isGreaterThan(sharp);
  }

  /** More was found than came in: head and lots do not agree, and that is said. */
  @Test
  void aHeadBelowWhatWasFoundDoesNotAgree() {
    List<LotBelief> all = thought(batch(50, 0.02, 5_000));
    assertThat(all)
        .allSatisfy(
            one -> {
              Thought gold = one.free().orElseThrow();
              assertThat(gold.by()).isEqualTo(Thought.By.DISAGREES);
              assertThat(gold.gold().milligrams()).isFinite().isPositive();
            });
  }

  @Test
  void aLotThatWasLookedAtIsNoPartOfIt() {
    HeadLeft head = new HeadLeft(new LogGold(Math.log(900), 0.01), 200, 10);
    List<LotBelief> all =
        thought(
            List.of(
                Lots.withHead(Lots.seen(1, Material.CUT, 4000, new GoldRange(200, 150, 260)), head),
                Lots.withHead(Lots.unseen(2, Material.NON_MAGNETICS, 3000), head)));
    assertThat(all.getFirst().free().orElseThrow().by()).isEqualTo(Thought.By.LOOK);
    assertThat(all.getLast().free().orElseThrow().gold().milligrams()).isCloseTo(700, within(60.0));
  }
}
