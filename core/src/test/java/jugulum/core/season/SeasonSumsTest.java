package jugulum.core.season;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import jugulum.core.account.Worked;
import jugulum.core.check.Band;
import jugulum.core.gold.GoldMemory;
import jugulum.core.ledger.Assumptions;
import jugulum.core.ledger.BatchId;
import jugulum.core.ledger.Bench;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Measure.GoldWeight;
import jugulum.core.ledger.Measure.KnownGold;
import jugulum.core.ledger.Measure.SpeckCount;
import jugulum.core.simulated.Coverage;
import jugulum.core.specks.SpeckMass;
import org.hipparchus.distribution.discrete.PoissonDistribution;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** What several batches come to, where one thing is off in all of them alike. */
class SeasonSumsTest {
  private static final double COARSE_MM = 0.3;
  private static final double FINE_MM = 0.15;
  private static final double SHARE = 0.1;

  private static Spread.One one(double low, double usual, double high, String kin, double alike) {
    return new Spread.One(new Band(low, usual, high), kin, alike);
  }

  /** JCGM 100:2008, 5.2.2: with correlation 1 uncertainties add up as they are. */
  @Test
  void whatIsOffAlikeAddsUpAndTheRestBySquares() {
    Band apart = Spread.sum(List.of(one(7, 10, 14, "a", 0), one(6, 10, 13, "a", 0)));
    assertThat(apart).isEqualTo(new Band(15, 20, 25));
    Band alike = Spread.sum(List.of(one(7, 10, 14, "a", 9), one(6, 10, 13, "a", 9)));
    assertThat(alike).isEqualTo(new Band(13, 20, 27));
    Band others = Spread.sum(List.of(one(7, 10, 14, "a", 9), one(6, 10, 13, "b", 9)));
    assertThat(others).isEqualTo(new Band(15, 20, 25));
    double common = 2 / 1.959964;
    Band partly = Spread.sum(List.of(one(7, 10, 13, "a", common), one(7, 10, 13, "a", common)));
    assertThat(partly.high()).isCloseTo(20 + Math.sqrt(5 + 5 + 16), within(1e-5));
  }

  /**
   * A season of ten batches of two places, each with the flatness of its place, which nobody
   * measured. Its sum holds what it says; by squares alone, as if each batch had a gold of its own,
   * it held far less.
   */
  @Tag("simulated")
  @Test
  void theSumOfASeasonHoldsWhatWasNotWon() {
    Random random = new Random(6);
    int[] bySquares = new int[2];
    Coverage.holds(
        "what a season did not win",
        400,
        () -> {
          double truth = 0;
          List<BatchResult> results = new ArrayList<>();
          for (int place = 0; place < 2; place++) {
            double sd = SpeckMass.FLATNESS_LOG_SD;
            double flatness = 0.3 * Math.exp(sd * random.nextGaussian() - sd * sd / 2);
            for (int batch = 0; batch < 5; batch++) {
              int specks = 300 + random.nextInt(900);
              truth += mg(random, specks, flatness);
              results.add(result(random, "place " + place, specks));
            }
          }
          YearSum sum = YearSum.of(results, Season.NOTHING);
          Band plain =
              Spread.sum(
                  results.stream()
                      .map(one -> new Spread.One(one.awayMg().orElseThrow(), "", 0))
                      .toList());
          bySquares[plain.low() <= truth && truth <= plain.high() ? 1 : 0]++;
          return sum.awayMg().low() <= truth && truth <= sum.awayMg().high();
        });
    double held = (double) bySquares[1] / (bySquares[0] + bySquares[1]);
    System.out.printf("by squares alone: %.1f %%%n", 100 * held);
    assertThat(held).isLessThan(0.75);
  }

  private static double mg(Random random, int specks, double flatness) {
    double mg = 0;
    for (int i = 0; i < specks; i++) {
      double mm = FINE_MM * Math.pow(COARSE_MM / FINE_MM, random.nextDouble());
      mg += Math.PI / 6 * flatness * Assumptions.USUAL.goldDensity() * mm * mm * mm;
    }
    return mg;
  }

  private static BatchResult result(Random random, String source, int specks) {
    int counted =
        new PoissonDistribution(specks * SHARE).inverseCumulativeProbability(random.nextDouble());
    Bench bench =
        Bench.started()
            .weighs(1, 10_000)
            .screens(1, "50", "100")
            .measures(2, new KnownGold(0, 0))
            .measures(4, new KnownGold(0, 0))
            .table(3, Material.CONCENTRATE, Material.TAILINGS)
            .measures(6, new SpeckCount(counted, SHARE))
            .finishes(5)
            .measures(7, new GoldWeight(0.1, 0.0001))
            .measures(8, new KnownGold(0, 0))
            .does(new Edit.CloseBatch(true));
    BatchResult result = BatchResult.of(Worked.of(bench.batch(), new GoldMemory(2_000)));
    return new BatchResult(
        new BatchId(new UUID(random.nextLong(), random.nextLong())),
        result.name(),
        source,
        result.received(),
        result.closed(),
        result.feedG(),
        result.won(),
        result.fineness(),
        result.share(),
        result.isAtMost(),
        result.alikeMg(),
        result.minutes(),
        result.parts(),
        List.of());
  }
}
