package jugulum.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import jugulum.core.belief.Experience;
import jugulum.core.check.OutOfRange;
import jugulum.core.ledger.Machine.Kind;
import jugulum.core.machine.Gear;
import jugulum.core.plan.PlanRequest.ScreeningTime;
import jugulum.core.plan.PlanRequest.Sieve;
import jugulum.core.plan.PlanRequest.Surety;
import jugulum.core.plan.PlannedCut.Run;
import jugulum.core.screens.Cut;
import jugulum.core.screens.Screen;
import jugulum.core.screens.StandardScreens;
import jugulum.core.shop.Terms;
import jugulum.core.sizes.GuessedSizes;
import jugulum.core.water.Water;
import jugulum.core.window.Conditions;
import jugulum.core.window.Sorting;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * Hours against gold: the best stack for each number of screens, and where an hour more is no
 * longer worth it.
 */
class TradeTest {
  private static final GuessedSizes FINE_GOLD = new GuessedSizes(0.25, 0.50);
  private static final Terms TERMS = new Terms(104, 0.94, 22, 6, "", LocalDate.EPOCH);
  private static final Machines OWN =
      Machines.of(
          Stream.of(Kind.SHAKER_TABLE, Kind.VORTEX_BOWL, Kind.FINISHING_TABLE, Kind.RIFFLED_PAN)
              .map(Gear::any)
              .toList(),
          Experience.NONE);

  private static PlanRequest request(
      Machines machines, double goldMg, Optional<Terms> terms, String... labels) {
    List<Sieve> sieves =
        Stream.of(labels)
            .map(label -> new Sieve(StandardScreens.numbered(label).orElseThrow(), 2_000))
            .toList();
    Conditions conditions =
        new Conditions(
            new Water(12),
            Conditions.flatnessAround(0.3),
            Conditions.densityAround(17.5),
            Conditions.USUAL_HEAVIES,
            true,
            0.05);
    return new PlanRequest(
        sieves,
        Cut.ALL,
        GuessedSizes.USUAL,
        27_400,
        conditions,
        machines,
        new GoldExpected(goldMg, FINE_GOLD, 0.9, terms),
        1,
        Surety.USUAL,
        1,
        ScreeningTime.USUAL);
  }

  private static final String[] SHOP = {
    "8", "16", "20", "30", "40", "50", "60", "80", "100", "140", "200"
  };

  /** Every subset of the screens, worked out one by one: for each number the one worth most. */
  @ParameterizedTest
  @CsvSource({"3400, true", "3400, false", "600, true", "20000, true"})
  void theBestStackOfEachNumberIsWhatTryingEveryStackFinds(double goldMg, boolean withTerms) {
    PlanRequest request =
        request(
            OWN,
            goldMg,
            Optional.of(TERMS).filter(_ -> withTerms),
            "8",
            "16",
            "30",
            "40",
            "50",
            "80",
            "100",
            "200");
    Planner planner = new Planner(request);
    List<Screen> screens = planner.usable();
    Map<Integer, Plan> every =
        IntStream.range(1, 1 << screens.size())
            .mapToObj(
                bits ->
                    IntStream.range(0, screens.size())
                        .filter(i -> (bits >> i & 1) == 1)
                        .mapToObj(screens::get)
                        .toList())
            .filter(stack -> stack.getFirst().openingMm() >= 1)
            .map(planner::of)
            .collect(
                Collectors.toMap(
                    plan -> plan.stack().size(),
                    plan -> plan,
                    (one, other) -> planner.worthMg(one) >= planner.worthMg(other) ? one : other));
    StackTrade trade = planner.trade();
    assertThat(trade.points()).hasSize(every.size());
    for (StackTrade.Point point : trade.points()) {
      Plan plan = point.plan();
      assertThat(planner.worthMg(plan))
          .as("%d screens", plan.stack().size())
          .isCloseTo(planner.worthMg(every.get(plan.stack().size())), within(1e-6));
    }
    Plan best =
        every.values().stream().max(Comparator.comparingDouble(planner::worthMg)).orElseThrow();
    assertThat(planner.worthMg(trade.proposal().orElseThrow().plan()))
        .isCloseTo(planner.worthMg(best), within(1e-6));
  }

  /**
   * A screen more never wins less on the same machines: where the curve falls, sand goes to another
   * that takes less setting up.
   */
  @Test
  void theCurveFallsOnlyWhereAnotherMachineIsTaken() {
    for (Optional<Terms> terms : List.of(Optional.of(TERMS), Optional.<Terms>empty())) {
      for (double goldMg : new double[] {340, 3_400, 34_000}) {
        List<StackTrade.Point> points =
            new Planner(request(OWN, goldMg, terms, SHOP)).trade().points();
        for (int i = 1; i < points.size(); i++) {
          Plan before = points.get(i - 1).plan();
          Plan after = points.get(i).plan();
          if (points.get(i).moreMg() < -1e-9) {
            assertThat(gear(after)).as("%s screens", i + 1).isNotEqualTo(gear(before));
          }
        }
      }
    }
  }

  /** The machine gold of every size goes to, fine to coarse. */
  private static List<Optional<Gear>> gear(Plan plan) {
    return DoubleStream.iterate(0.08, mm -> mm < 4, mm -> mm * 1.1)
        .mapToObj(
            mm ->
                plan.cuts().stream()
                    .filter(cut -> cut.cut().lowerMm() < mm && mm <= cut.cut().upperMm())
                    .map(PlannedCut::fate)
                    .filter(Run.class::isInstance)
                    .map(fate -> ((Run) fate).gear())
                    .findFirst())
        .toList();
  }

  /** Common practice: 27 kg of fine gold are screened into four to seven cuts, not ten. */
  @Test
  void twentySevenKilogramsTakeThreeToSixScreens() {
    for (Optional<Terms> terms : List.of(Optional.of(TERMS), Optional.<Terms>empty())) {
      Plan plan =
          new Planner(request(OWN, 3_400, terms, SHOP)).trade().proposal().orElseThrow().plan();
      assertThat(plan.stack()).as("terms %s", terms.isPresent()).hasSizeBetween(3, 6);
      assertThat(plan.minutes() / 60).isBetween(3.0, 8.0);
    }
  }

  @Test
  void aDearHourTakesFewerScreensAndDearGoldMore() {
    int usual = proposed(3_400, TERMS);
    assertThat(proposed(3_400, new Terms(104, 0.94, 90, 6, "", LocalDate.EPOCH))).isLessThan(usual);
    assertThat(proposed(34_000, TERMS)).isGreaterThan(usual);
    assertThat(proposed(3_400, new Terms(0, 0.94, 22, 6, "", LocalDate.EPOCH)))
        .as("gold worth nothing takes as little time as may be")
        .isEqualTo(1);
  }

  private static int proposed(double goldMg, Terms terms) {
    return new Planner(request(OWN, goldMg, Optional.of(terms), SHOP))
        .trade()
        .proposal()
        .orElseThrow()
        .plan()
        .stack()
        .size();
  }

  @Test
  void goldAndSandAreAllThereWhateverTheStack() {
    for (StackTrade.Point point :
        new Planner(request(OWN, 3_400, Optional.of(TERMS), SHOP)).trade().points()) {
      Plan plan = point.plan();
      assertThat(plan.goldMg()).as(plan.stack().toString()).isCloseTo(3_400, within(1e-6));
      assertThat(plan.won().low()).isLessThanOrEqualTo(plan.won().usual());
      assertThat(plan.won().high()).isBetween(plan.won().usual(), 3_400.0);
      plan.cuts()
          .forEach(cut -> assertThat(cut.won().high()).isLessThanOrEqualTo(cut.goldMg() + 1e-9));
    }
  }

  /**
   * The curve rises, and each screen more wins less in its hour, as the sketch of any such trade
   * has it.
   */
  @Test
  void theFirstScreensWinMost() {
    List<StackTrade.Point> points =
        new Planner(request(OWN, 3_400, Optional.of(TERMS), SHOP)).trade().points();
    double first = points.get(1).moreMgPerHour().orElseThrow();
    double later = points.get(7).moreMgPerHour().orElseThrow();
    assertThat(first).isGreaterThan(5 * later);
    assertThat(points.getLast().plan().won().usual())
        .isGreaterThan(1.3 * points.getFirst().plan().won().usual());
  }

  /**
   * Own pace and own machines decide: a table fed twice as fast halves its time, and a shop with a
   * pan alone pans everything.
   */
  @Test
  void ownMachinesAtTheirOwnPaceAreUsed() {
    Gear pan = Gear.any(Kind.FLAT_PAN);
    Plan panned =
        new Planner(
                request(
                    new Machines(List.of(pan), Map.of(pan, 6.0), Experience.NONE),
                    3_400,
                    Optional.of(TERMS),
                    "16",
                    "50"))
            .of(List.of(StandardScreens.numbered("16").orElseThrow()));
    Run run = (Run) panned.cuts().getLast().fate();
    assertThat(run.gear()).isEqualTo(pan);
    assertThat(run.minutes())
        .as("two to set up, six kilograms an hour")
        .isCloseTo(2 + panned.cuts().getLast().massG() / 1000 / 6 * 60, within(1e-9));
    assertThat(run.gear().sheet().working().sorting()).isEqualTo(Sorting.FREE);
  }

  @Test
  void whatCannotBeIsRefused() {
    assertThatThrownBy(() -> new GoldExpected(Double.NaN, FINE_GOLD, 0.9, Optional.empty()))
        .isInstanceOf(OutOfRange.class)
        .hasMessageContaining("milligrams");
    assertThatThrownBy(() -> new GoldExpected(1, FINE_GOLD, 1.2, Optional.empty()))
        .isInstanceOf(OutOfRange.class)
        .hasMessageContaining("fineness");
    assertThat(new Planner(request(OWN, 3_400, Optional.of(TERMS), "50", "100")).trade().proposal())
        .as("no screen for the oversize")
        .isEmpty();
  }
}
