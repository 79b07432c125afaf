package jugulum.practice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.function.DoubleFunction;
import java.util.function.IntPredicate;
import java.util.stream.IntStream;
import java.util.stream.LongStream;
import jugulum.core.check.OutOfRange;
import jugulum.core.water.Water;
import jugulum.practice.bowl.Bowl;
import jugulum.practice.bowl.BowlControls;
import jugulum.practice.bowl.BowlShape;
import jugulum.practice.law.BowlLaws;
import jugulum.practice.law.RoundWeir;
import jugulum.practice.sand.FeedSand;
import jugulum.practice.sand.GrainKind;
import jugulum.practice.sand.Grains;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** What a bowl does of itself: nothing of this is written into it. */
@Tag("simulated")
class BowlTest {
  private static final Water WATER = new Water(12);
  private static final int GOLD = GrainKind.GOLD.ordinal();
  private static final FeedSand MIDDLE = FeedSand.black(0.15, 0.30, 0.3);
  private static final FeedSand FINE = FeedSand.black(0.075, 0.15, 0.3);

  private static Bowl bowl(FeedSand sand, double grams, long seed) {
    Grains grains = Grains.draw(sand, 1500, 600, WATER, seed);
    return new Bowl(BowlShape.USUAL, grains, grams, WATER, seed);
  }

  private static Bowl charged(FeedSand sand, double grams, long seed) {
    Bowl bowl = bowl(sand, grams, seed);
    bowl.charge(grams, true, true);
    return bowl;
  }

  /** Runs with a flow that depends on the seconds that have gone. */
  private static void run(Bowl bowl, double seconds, DoubleFunction<BowlControls> controls) {
    for (long steps = Math.round(seconds / Bowl.STEP_S); steps > 0; steps--) {
      bowl.step(controls.apply(bowl.seconds()));
    }
  }

  private static void run(Bowl bowl, double seconds, double flow) {
    BowlControls controls = BowlControls.SHUT.valve(flow);
    run(bowl, seconds, _ -> controls);
  }

  private static double gone(Bowl bowl, IntPredicate which) {
    Grains grains = bowl.grains();
    int[] all = IntStream.range(0, grains.count()).filter(which).toArray();
    return IntStream.of(all).filter(i -> bowl.state(i) >= Bowl.GONE).count() / (double) all.length;
  }

  @Test
  void itKeepsEveryGrain() {
    Bowl bowl = charged(FINE, 60, 1);
    run(bowl, 60, 11);
    int[] by = new int[4];
    for (int i = 0; i < bowl.grains().count(); i++) {
      by[bowl.state(i)]++;
    }
    int gone = 0;
    for (GrainKind kind : GrainKind.values()) {
      gone += bowl.goneCount(kind);
    }
    assertThat(by[Bowl.GONE] + by[Bowl.FLOATED]).isEqualTo(gone);
    assertThat(by[Bowl.WAITS]).isZero();
    assertThat(bowl.loadG()).isCloseTo(60 * (1 - bowl.sandGone()), within(1e-9));
  }

  @Test
  void theSameSeedAndControlsGiveTheSameRun() {
    Bowl one = charged(MIDDLE, 60, 5);
    Bowl two = charged(MIDDLE, 60, 5);
    run(one, 30, 18);
    run(two, 30, 18);
    for (int i = 0; i < one.grains().count(); i++) {
      assertThat(two.radiusM(i)).isEqualTo(one.radiusM(i));
      assertThat(two.state(i)).isEqualTo(one.state(i));
    }
  }

  @Test
  void theLevelFindsWhatTheWeirSays() {
    Bowl bowl = bowl(MIDDLE, 60, 1);
    run(bowl, 120, 20);
    assertThat(bowl.headM())
        .isCloseTo(new RoundWeir(BowlShape.USUAL.lipM()).headM(20 / 60_000.0), within(1e-5));
  }

  @Test
  void lighterSandLeavesFirst() {
    GrainKind[] order = {
      GrainKind.QUARTZ, GrainKind.GARNET, GrainKind.ILMENITE, GrainKind.MAGNETITE, GrainKind.GOLD
    };
    List<Bowl> bowls = LongStream.range(0, 8).mapToObj(seed -> charged(FINE, 60, seed)).toList();
    bowls.forEach(bowl -> run(bowl, 60, 7));
    for (int k = 1; k < order.length; k++) {
      GrainKind lighter = order[k - 1];
      GrainKind denser = order[k];
      assertThat(
              Seeds.atLeast(
                  8,
                  seed -> {
                    Bowl bowl = bowls.get((int) seed);
                    return bowl.gone(lighter) - bowl.gone(denser);
                  }))
          .as("%s before %s", lighter, denser)
          .isPositive();
    }
  }

  @Test
  void finerCutsWantLessWater() {
    assertThat(
            Seeds.atLeast(
                8,
                seed -> {
                  Bowl fine = charged(FINE, 60, seed);
                  Bowl middle = charged(MIDDLE, 60, seed);
                  run(fine, 60, 10);
                  run(middle, 60, 10);
                  return fine.gone(GrainKind.MAGNETITE) - middle.gone(GrainKind.MAGNETITE);
                }))
        .isGreaterThan(0.3);
  }

  /** Runs until nine tenths of the sand are out; gives the share of the gold that went with it. */
  private static double lostForNineTenths(Bowl bowl, DoubleFunction<BowlControls> controls) {
    while (bowl.sandGone() < 0.9 && bowl.seconds() < 600) {
      bowl.step(controls.apply(bowl.seconds()));
    }
    return bowl.gone(GrainKind.GOLD);
  }

  @Test
  void openingFastLosesFinesThatOpeningSlowlyKeeps() {
    assertThat(
            Seeds.atLeast(
                8,
                seed -> {
                  double fast =
                      lostForNineTenths(charged(FINE, 150, seed), _ -> BowlControls.SHUT.valve(18));
                  double slow =
                      lostForNineTenths(
                          charged(FINE, 150, seed),
                          s -> BowlControls.SHUT.valve(Math.min(12.5, 4 + s / 10)));
                  return fast - slow;
                }))
        .isGreaterThan(0.03);
  }

  @Test
  void tooBigAChargeLowersTheLevelWhichThenOvershoots() {
    Bowl small = charged(FINE, 60, 3);
    Bowl big = charged(FINE, 500, 3);
    run(small, 20, 10);
    run(big, 20, 10);
    double wanted = small.headM();
    assertThat(big.headM()).isLessThan(wanted - 0.0005);
    // Opened up until the level stands as with the small charge, it climbs as the sand goes.
    double open = 10;
    while (big.headM() < wanted && open < 30) {
      open += 0.5;
      run(big, 4, open);
    }
    run(big, 400, open);
    run(small, 400, 10);
    assertThat(big.headM()).isGreaterThan(wanted + 0.0005);
    assertThat(big.gone(GrainKind.GOLD)).isGreaterThan(small.gone(GrainKind.GOLD) + 0.05);
  }

  @Test
  void outOfLevelItLosesOnItsLowSide() {
    assertThat(
            Seeds.atLeast(
                8,
                seed -> {
                  Bowl leans = charged(FINE, 60, seed);
                  run(leans, 90, _ -> BowlControls.SHUT.valve(9).tilt(3));
                  double low = 0;
                  double all = 0;
                  for (int i = 0; i < leans.grains().count(); i++) {
                    if (leans.state(i) == Bowl.GONE) {
                      all++;
                      low += Math.cos(leans.angle(i)) > 0 ? 1 : 0;
                    }
                  }
                  return low / all - 0.5;
                }))
        .isGreaterThan(0.02);
  }

  @Test
  void withoutAgentFlatFinesFloat() {
    Bowl dry = bowl(FINE, 60, 2);
    dry.charge(60, true, false);
    Grains grains = dry.grains();
    double flat = gone(dry, i -> grains.kind(i) == GOLD && grains.flatness(i) < 0.3);
    double round = gone(dry, i -> grains.kind(i) == GOLD && grains.flatness(i) > 0.4);
    assertThat(flat).isGreaterThan(round + 0.05);
    assertThat(charged(FINE, 60, 2).gone(GrainKind.GOLD)).isZero();
    assertThat(gone(dry, i -> grains.kind(i) != GOLD)).isZero();
  }

  @Test
  void ofMixedSizesFineGoldLeavesBeforeCoarseMagnetite() {
    FeedSand mixed = FeedSand.black(0.075, 0.85, 0.3);
    assertThat(
            Seeds.atLeast(
                8,
                seed -> {
                  Bowl bowl = charged(mixed, 60, seed);
                  Grains grains = bowl.grains();
                  IntPredicate coarse =
                      i ->
                          grains.kind(i) == GrainKind.MAGNETITE.ordinal() && grains.sizeMm(i) > 0.5;
                  IntPredicate fine =
                      i ->
                          grains.kind(i) == GOLD
                              && grains.sizeMm(i) < 0.1
                              && grains.flatness(i) < 0.3;
                  run(bowl, 120, 14);
                  return gone(bowl, fine) - gone(bowl, coarse);
                }))
        .isPositive();
  }

  @Test
  void whatCostsLittleCutByCutCostsMuchUnclassified() {
    FeedSand coarse = FeedSand.black(0.3, 0.6, 0.3);
    FeedSand mixed = FeedSand.black(0.075, 0.6, 0.3);
    // Each at the flow that clears it of its magnetite, as the plain run of the same laws had it.
    double kept =
        Seeds.atLeast(
            4,
            seed ->
                3 - lostAt(coarse, 18, seed) - lostAt(MIDDLE, 16, seed) - lostAt(FINE, 9, seed));
    double lost = Seeds.atLeast(4, seed -> lostAt(mixed, 18, seed));
    assertThat(lost).isGreaterThan(2 * (3 - kept) / 3);
  }

  private static double lostAt(FeedSand sand, double flow, long seed) {
    Bowl bowl = charged(sand, 60, seed);
    run(bowl, 120, flow);
    return bowl.gone(GrainKind.GOLD);
  }

  /**
   * Under laws that take on no speed nothing leaves; the laws are what the constructor is given.
   */
  @Test
  void aBowlGoesByTheLawsItIsGiven() {
    BowlLaws ours = BowlLaws.OURS;
    BowlLaws still =
        new BowlLaws(
            2,
            0,
            ours.halvingG(),
            ours.inward(),
            ours.turnedDegrees(),
            ours.lagS(),
            ours.mixing(),
            ours.dammingG(),
            ours.floatsMm(),
            ours.floatsFlatness(),
            ours.floats());
    Grains grains = Grains.draw(FINE, 1500, 600, WATER, 1);
    Bowl bowl = new Bowl(BowlShape.USUAL, still, grains, 60, WATER, 1);
    bowl.charge(60, true, true);
    run(bowl, 60, 10);
    assertThat(bowl.sandGone()).isZero();
    Bowl moving = charged(FINE, 60, 1);
    run(moving, 60, 10);
    assertThat(moving.sandGone()).isPositive();
  }

  @Test
  void whatCannotBeIsRefusedWithItsRange() {
    assertThatThrownBy(() -> new BowlShape(0.17, 0.2, 0.03, 35, 1.5e-4, 0.05))
        .isInstanceOf(OutOfRange.class)
        .hasMessageContaining("footM");
    assertThatThrownBy(() -> new BowlShape(0.17, 0.085, 0.03, 80, 1.5e-4, 0.05))
        .hasMessageContaining("slopeDegrees");
    assertThatThrownBy(() -> BowlControls.SHUT.valve(Double.NaN)).hasMessageContaining("valve");
    assertThatThrownBy(() -> FeedSand.black(0.3, 0.2, 0.3)).hasMessageContaining("coarsestMm");
    assertThatThrownBy(() -> FeedSand.black(0.1, 0.2, 1.2)).hasMessageContaining("magnetite");
    assertThatThrownBy(() -> MIDDLE.withGold(0.1, 0.5)).hasMessageContaining("flattest");
  }
}
