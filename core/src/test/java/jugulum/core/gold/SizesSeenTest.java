package jugulum.core.gold;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import jugulum.core.ledger.Bench;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Measure.GoldWeight;
import jugulum.core.ledger.Measure.PannedSample;
import jugulum.core.ledger.Measure.PannedSample.Seen;
import jugulum.core.ledger.Measure.Pictured;
import jugulum.core.ledger.Measure.SpeckCount;
import jugulum.core.ledger.Measure.WeighedSpecks;
import jugulum.core.ledger.Network;
import jugulum.core.mass.SandAccount;
import jugulum.core.screens.Cut;
import jugulum.core.screens.StandardScreens;
import jugulum.core.simulated.Coverage;
import jugulum.core.specks.SizeLaw;
import jugulum.core.specks.Speck;
import jugulum.core.specks.SpeckMass;
import jugulum.core.specks.SpeckSizes;
import org.hipparchus.distribution.discrete.PoissonDistribution;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class SizesSeenTest {
  private static final double FINEST_MM = SpeckMass.USUAL_FINEST_SEEN_MM;
  private static final double SCREEN_MM = 0.6;

  private static Cut cut(String upper, String lower) {
    return new Cut(
        Optional.of(upper).flatMap(StandardScreens::numbered),
        Optional.of(lower).flatMap(StandardScreens::numbered));
  }

  private static BatchSpecks specks(Bench bench) {
    return BatchSpecks.of(Network.of(bench.batch()));
  }

  private static double median(Bench bench) {
    return Math.exp(specks(bench).sizes().mean(SizeLaw::logMedian));
  }

  private static GoldRange gold(Bench bench, int lot) {
    Network network = Network.of(bench.batch());
    return GoldAccount.of(network, SandAccount.of(network), new GoldMemory(4_000))
        .known(new LotId(lot))
        .orElseThrow();
  }

  /** Feed 10 kg, parted by No. 30; lot 3 is what passed. */
  private static Bench screened() {
    return Bench.started().weighs(1, 10_000).screens(1, "30").weighs(2, 4_000).weighs(3, 5_990);
  }

  @Test
  void whatNobodyMeasuredIsAsBeforehand() {
    assertThat(specks(screened()).sizes()).isEqualTo(SpeckSizes.BEFOREHAND);
    Speck speck = specks(screened()).of(cut("30", ""));
    assertThat(speck).isEqualTo(Speck.of(cut("30", ""), 0.3, 17.5));
  }

  private static Pictured picture(List<Double> mm) {
    return new Pictured(
        "0f".repeat(32),
        "",
        60,
        mm.stream()
            .map(size -> new Pictured.SpeckSize(Math.PI / 4 * size * size, size, size))
            .toList(),
        0,
        0,
        1,
        2,
        3,
        1,
        false,
        Optional.empty());
  }

  /** Sizes of a picture stand in place of the guess; counted by size as well, they count once. */
  @Test
  void specksOfAPictureTellTheSizesOfTheBatchsGold() {
    Random random = new Random(5);
    List<Double> mm = new ArrayList<>();
    while (mm.size() < 60) {
      double one = Math.exp(Math.log(0.32) + 0.5 * random.nextGaussian());
      if (one > 0.1) {
        mm.add(one);
      }
    }
    Bench bench = screened().measures(1, picture(mm));
    assertThat(median(bench)).isBetween(0.26, 0.36);
    assertThat(specks(bench).of(cut("30", "")).logSd())
        .as("a speck of an open cut is no guess any more")
        .isLessThan(specks(screened()).of(cut("30", "")).logSd());
    double alone = median(bench);
    int coarse = (int) mm.stream().filter(one -> one > 0.3).count();
    bench.measures(
        1,
        new PannedSample(
            100,
            List.of(new Seen(cut("", "50"), coarse), new Seen(cut("50", ""), mm.size() - coarse))));
    assertThat(median(bench)).isEqualTo(alone);
  }

  /** What a machine had first is no longer the gold of the batch. */
  @Test
  void aPictureOfTailingsTellsNothingOfSizes() {
    Bench bench = screened().table(3, Material.CONCENTRATE, Material.TAILINGS);
    bench.measures(5, picture(List.of(0.2, 0.2, 0.3, 0.4)));
    assertThat(specks(bench).sizes()).isEqualTo(SpeckSizes.BEFOREHAND);
  }

  /** Many fine ones beside few coarse ones: the median sinks, and a speck of −30 weighs less. */
  @Test
  void aSampleCountedBySizeTellsWhatASpeckOfAnOpenCutWeighs() {
    Bench bench = screened();
    Speck before = specks(bench).of(cut("30", ""));
    bench.measures(
        1,
        new PannedSample(
            500,
            List.of(
                new Seen(cut("30", "50"), 4),
                new Seen(cut("50", "100"), 20),
                new Seen(cut("100", ""), 60))));
    Speck after = specks(bench).of(cut("30", ""));
    assertThat(median(bench)).isBetween(0.08, 0.14);
    assertThat(after.meanMg()).isLessThan(0.6 * before.meanMg());
    assertThat(after.logSd()).isLessThan(before.logSd());
  }

  /** Of tailings it tells what a machine leaves, not what the gold was. */
  @Test
  void aSampleOfTailingsTellsNothingOfTheGold() {
    Bench bench =
        Bench.started()
            .weighs(1, 5_000)
            .table(1, Material.CONCENTRATE, Material.TAILINGS)
            .measures(
                3,
                new PannedSample(
                    245, List.of(new Seen(cut("30", "50"), 0), new Seen(cut("50", "100"), 30))));
    assertThat(specks(bench).sizes()).isEqualTo(SpeckSizes.BEFOREHAND);
  }

  /** Won by cut: little of −30 +50, much of −50 +100. */
  @Test
  void goldWonByCutTellsTheSizes() {
    Bench fine = won(0.2, 2);
    Bench coarse = won(2, 0.1);
    assertThat(median(fine)).isLessThan(0.17);
    assertThat(median(coarse)).isGreaterThan(0.23);
  }

  private static Bench won(double coarseG, double fineG) {
    return Bench.started()
        .weighs(1, 10_000)
        .screens(1, "30", "50", "100")
        .weighs(3, 3_000)
        .weighs(4, 3_000)
        .finishes(3)
        .finishes(4)
        .measures(6, new GoldWeight(coarseG, 0.001))
        .measures(8, new GoldWeight(fineG, 0.001));
  }

  /** 40 specks of −100 that weigh together as 0.14 mm each would are coarse for that cut. */
  @Test
  void aHandfulOfOneOpenCutSpeaksOfAnother() {
    Bench bench = screened();
    double mg = 40 * Math.PI / 6 * 0.3 * 17.5 * Math.pow(0.5, 3);
    bench.measures(3, new WeighedSpecks(40, mg, 0.01));
    assertThat(median(bench)).isGreaterThan(0.24);
    assertThat(specks(bench).of(cut("30", "")).meanMg()).isCloseTo(mg / 40, within(1e-9));
    assertThat(specks(bench).of(cut("20", "")).meanMg())
        .isGreaterThan(Speck.of(cut("20", ""), 0.3, 17.5).meanMg());
  }

  /** The sizes are those of one gold: two lots of it are too high or too low together. */
  @Test
  void lotsOfOneBatchShareTheDoubtOfTheirSizes() {
    Bench bench =
        screened().measures(3, new SpeckCount(400, 1)).measures(1, new SpeckCount(400, 1));
    GoldRange fine = gold(bench, 3);
    assertThat(Math.log(fine.highMg() / fine.lowMg()) / 2 / 1.96)
        .isCloseTo(specks(bench).of(cut("30", "")).logSd(), within(0.15));
  }

  /**
   * Specks of a cut with one screen, counted in a fifth of it: sizes as the table takes them, and
   * evenly spread as for two screens, which the table does not know of. Before, their mass was that
   * of sizes from half the screen up: too high by a factor of three to four.
   */
  @Tag("simulated")
  @ParameterizedTest
  @ValueSource(booleans = {true, false})
  void theRangeOfACountInAnOpenCutHoldsTheTruth(boolean isLogNormal) {
    Random random = new Random(29);
    Coverage coverage =
        isLogNormal
            ? Coverage.of("specks of −30, sizes log-normal", 1_000)
            : Coverage.upTo(1, "specks of −30, sizes log-uniform", 1_000);
    coverage.asking(
        () -> {
          double sd = SpeckMass.FLATNESS_LOG_SD;
          double flatness = 0.3 * Math.exp(sd * random.nextGaussian() - sd * sd / 2);
          double median = Math.log(0.2) + 0.5 * random.nextGaussian();
          double sigma = Math.clamp(0.8 + 0.15 * random.nextGaussian(), 0.2, 1.4);
          int specks = 100 + random.nextInt(900);
          double mg = 0;
          for (int i = 0; i < specks; i++) {
            double mm = isLogNormal ? seen(random, median, sigma) : even(random);
            mg += Math.PI / 6 * flatness * 17.5 * mm * mm * mm;
          }
          int counted =
              new PoissonDistribution(specks / 5.0)
                  .inverseCumulativeProbability(random.nextDouble());
          GoldRange range = gold(screened().measures(3, new SpeckCount(counted, 0.2)), 3);
          return range.lowMg() <= mg && mg <= range.highMg();
        });
  }

  private static double seen(Random random, double median, double sigma) {
    double mm;
    do {
      mm = Math.exp(median + sigma * random.nextGaussian());
    } while (mm < FINEST_MM || mm > SCREEN_MM);
    return mm;
  }

  private static double even(Random random) {
    return FINEST_MM * Math.pow(SCREEN_MM / FINEST_MM, random.nextDouble());
  }
}
