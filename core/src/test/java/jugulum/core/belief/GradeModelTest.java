package jugulum.core.belief;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import jugulum.core.ledger.BatchId;
import org.junit.jupiter.api.Test;

/**
 * Check values worked out independently, with the whole matrix of all lots and another language's
 * library for linear algebra: three batches of two sources.
 */
class GradeModelTest {
  private static final BatchId ONE = batch(1);
  private static final BatchId TWO = batch(2);
  private static final BatchId THREE = batch(3);

  private static final SeenGrade TAILINGS_30_50 =
      new SeenGrade(kin("a", ONE, LotKind.TAILINGS, SizeClass.OVER_50), Math.log(6), 0.09);
  private static final SeenGrade TAILINGS_50_100 =
      new SeenGrade(kin("a", ONE, LotKind.TAILINGS, SizeClass.OVER_100), Math.log(14), 0.16);
  private static final SeenGrade MAGNETICS =
      new SeenGrade(kin("a", ONE, LotKind.MAGNETICS, SizeClass.OVER_50), Math.log(0.4), 0.6);
  private static final SeenGrade FEED =
      new SeenGrade(new Kin("a", TWO, LotKind.FEED, Optional.empty()), Math.log(110), 0.05);
  private static final List<SeenGrade> SEEN =
      List.of(TAILINGS_30_50, TAILINGS_50_100, MAGNETICS, FEED);

  static BatchId batch(int number) {
    return new BatchId(new UUID(0, number));
  }

  static Kin kin(String source, BatchId batch, LotKind kind, SizeClass size) {
    return new Kin(source, batch, kind, Optional.of(size));
  }

  private static void agrees(GradeBelief told, double mean, double variance) {
    assertThat(told.log()).isCloseTo(mean, within(2e-4));
    assertThat(told.variance()).isCloseTo(variance, within(2e-4));
  }

  private static void agrees(
      GradeBelief told, double mean, double variance, double low, double high) {
    agrees(told, mean, variance);
    assertThat(Math.log(told.lowMgPerKg())).isCloseTo(low, within(2e-3));
    assertThat(Math.log(told.highMgPerKg())).isCloseTo(high, within(2e-3));
  }

  @Test
  void atTheTablesOwnSpreadsItGivesWhatTheWholeMatrixGives() {
    GradeModel model = GradeModel.fixed(GradeTable.FREE, SEEN);
    agrees(model.seen(TAILINGS_30_50), 1.78323, 0.08236);
    agrees(model.seen(TAILINGS_50_100), 2.51109, 0.13953);
    agrees(model.seen(MAGNETICS), -0.20162, 0.41976);
    agrees(model.seen(FEED), 4.68029, 0.04873);
    agrees(model.of(kin("a", ONE, LotKind.CUT, SizeClass.UNDER_100)), 4.08493, 1.51115);
    agrees(model.of(kin("a", TWO, LotKind.TAILINGS, SizeClass.OVER_100)), 2.47532, 1.02285);
    agrees(model.of(kin("a", TWO, LotKind.NON_MAGNETICS, SizeClass.OVER_100)), 4.93702, 1.47716);
    agrees(model.of(kin("b", THREE, LotKind.MAGNETICS, SizeClass.OVER_100)), 0.76943, 2.11419);
    agrees(model.of(kin("b", THREE, LotKind.OVERSIZE, SizeClass.OVER_16)), 2.15314, 2.46903);
  }

  @Test
  void overTheSpreadsShopsMayHaveItGivesTheMixture() {
    GradeModel model = GradeModel.of(GradeTable.FREE, SEEN);
    agrees(model.seen(TAILINGS_30_50), 1.78928, 0.08078, 1.231, 2.3456);
    agrees(model.seen(TAILINGS_50_100), 2.48604, 0.14190, 1.7585, 3.2347);
    agrees(model.seen(MAGNETICS), -0.11197, 0.53387, -1.5987, 1.244);
    agrees(model.seen(FEED), 4.67687, 0.04848, 4.2457, 5.1088);
    agrees(
        model.of(kin("a", ONE, LotKind.CUT, SizeClass.UNDER_100)),
        4.10736,
        1.81022,
        1.2877,
        6.7612);
    agrees(
        model.of(kin("a", TWO, LotKind.TAILINGS, SizeClass.OVER_100)),
        2.45259,
        1.22812,
        0.2648,
        4.7694);
    agrees(
        model.of(kin("a", TWO, LotKind.NON_MAGNETICS, SizeClass.OVER_100)),
        4.93890,
        1.76310,
        2.2117,
        7.6239);
    agrees(
        model.of(kin("b", THREE, LotKind.MAGNETICS, SizeClass.OVER_100)),
        0.81014,
        2.48053,
        -2.5277,
        3.8463);
    agrees(
        model.of(kin("b", THREE, LotKind.OVERSIZE, SizeClass.OVER_16)),
        2.17185,
        2.86887,
        -1.3505,
        5.5392);
    assertThat(model.factorWeights())
        .containsExactly(
            new double[] {
              0.01456, 0.04843, 0.12351, 0.22310, 0.26478, 0.19802, 0.09326, 0.02847, 0.00587
            },
            within(2e-5));
  }

  @Test
  void whatOneWayOfPuttingBatchesTogetherGivesAnyOtherGives() {
    List<SeenGrade> turned = new ArrayList<>(SEEN).reversed();
    Kin asked = kin("a", TWO, LotKind.MIDDLINGS, SizeClass.OVER_50);
    assertThat(GradeModel.of(GradeTable.FREE, turned).of(asked).log())
        .isCloseTo(GradeModel.of(GradeTable.FREE, SEEN).of(asked).log(), within(1e-9));
  }

  @Test
  void aPersonsWordIsOneMoreLook() {
    Kin asked = kin("a", THREE, LotKind.FEED, SizeClass.OVER_50);
    SeenGrade word = SeenGrade.word(asked, 150);
    GradeBelief with = GradeModel.fixed(GradeTable.FREE, SEEN).of(word);
    // One more observation of that very lot, by the model that learns from it.
    List<SeenGrade> all = new ArrayList<>(SEEN);
    all.add(word);
    GradeBelief asObserved = GradeModel.fixed(GradeTable.FREE, all).seen(word);
    assertThat(with.log()).isCloseTo(asObserved.log(), within(1e-9));
    assertThat(with.variance()).isCloseTo(asObserved.variance(), within(1e-9));
  }

  @Test
  void ofNothingSeenItIsTheTable() {
    GradeBelief feed =
        GradeModel.fixed(GradeTable.FREE, List.of())
            .of(new Kin("a", ONE, LotKind.FEED, Optional.empty()));
    assertThat(feed.medianMgPerKg()).isCloseTo(50, within(1e-6));
    assertThat(feed.variance()).isCloseTo(1.5 * 1.5 + 0.6 * 0.6 * 3 + 0.7 * 0.7, within(1e-9));
  }
}
