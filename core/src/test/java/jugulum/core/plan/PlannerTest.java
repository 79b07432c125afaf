package jugulum.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import jugulum.core.belief.Experience;
import jugulum.core.check.Band;
import jugulum.core.ledger.Machine;
import jugulum.core.machine.Gear;
import jugulum.core.minerals.Mineral;
import jugulum.core.plan.PlanRequest.ScreeningTime;
import jugulum.core.plan.PlanRequest.Sieve;
import jugulum.core.plan.PlanRequest.Surety;
import jugulum.core.plan.PlannedCut.LookedOver;
import jugulum.core.plan.PlannedCut.Remedy;
import jugulum.core.plan.PlannedCut.Run;
import jugulum.core.screens.Cut;
import jugulum.core.screens.Screen;
import jugulum.core.screens.StandardScreens;
import jugulum.core.sizes.GuessedSizes;
import jugulum.core.sizes.SizeCurve;
import jugulum.core.sizes.SizeSpread;
import jugulum.core.water.Water;
import jugulum.core.window.Conditions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PlannerTest {
  private static final SizeSpread SAND = new GuessedSizes(0.4, 0.7);
  private static final Band NATIVE = new Band(16, 17.5, 19);
  private static final GoldExpected GOLD =
      new GoldExpected(3_400, new GuessedSizes(0.30, 0.60), 0.9, Optional.empty());

  private static List<Sieve> sieves(String... labels) {
    return Stream.of(labels)
        .map(label -> new Sieve(StandardScreens.numbered(label).orElseThrow(), 2_000))
        .toList();
  }

  private static final List<Sieve> SHOP =
      sieves("8", "16", "20", "30", "40", "50", "60", "80", "100", "140", "200");

  private static PlanRequest request(
      List<Sieve> sieves, Cut feed, double flatness, boolean magnetFirst, double margin) {
    Conditions conditions =
        new Conditions(
            new Water(15),
            new Band(0.6 * flatness, flatness, Math.min(1, 1.6 * flatness)),
            NATIVE,
            Set.of(Mineral.MAGNETITE, Mineral.GARNET),
            magnetFirst,
            0.075);
    return new PlanRequest(
        sieves,
        feed,
        SAND,
        30_000,
        conditions,
        Machines.USUAL,
        GOLD,
        margin,
        Surety.USUAL,
        1.0,
        ScreeningTime.USUAL);
  }

  /** Every subset of the screens, worked out one by one. */
  private static List<Plan> allPlans(PlanRequest request) {
    Planner planner = new Planner(request);
    List<Screen> screens = planner.usable();
    return IntStream.range(0, 1 << screens.size())
        .mapToObj(
            bits ->
                IntStream.range(0, screens.size())
                    .filter(i -> (bits >> i & 1) == 1)
                    .mapToObj(screens::get)
                    .toList())
        .filter(
            stack ->
                request.feed().passing().isPresent()
                    || !stack.isEmpty()
                        && stack.getFirst().openingMm() >= request.lookedOverAboveMm())
        .map(planner::of)
        .sorted(Plan.BEST_FIRST)
        .toList();
  }

  @ParameterizedTest
  @CsvSource({
    "0.35, true, 1.0",
    "0.35, false, 1.0",
    "0.5, true, 1.2",
    "0.2, true, 0.8",
    "0.7, true, 1.5",
    "0.3, false, 2.0"
  })
  void theSearchFindsWhatTryingEveryStackFinds(
      double flatness, boolean magnetFirst, double margin) {
    PlanRequest request = request(SHOP, Cut.ALL, flatness, magnetFirst, margin);
    List<Plan> every = allPlans(request);
    List<Plan> found = new Planner(request).best(5);
    assertThat(every).hasSizeGreaterThan(500);
    assertThat(found).hasSize(5);
    for (int i = 0; i < found.size(); i++) {
      assertThat(Plan.BEST_FIRST.compare(found.get(i), every.get(i)))
          .as("plan %s of %s", found.get(i).stack(), every.get(i).stack())
          .isZero();
    }
    assertThat(found.getFirst().stack()).isEqualTo(every.getFirst().stack());
  }

  @Test
  void noPlanWithFewerScreensReachesTheMargin() {
    PlanRequest request = request(SHOP, Cut.ALL, 0.5, true, 1.0);
    Plan best = new Planner(request).best(1).getFirst();
    assertThat(best.shortfall()).isZero();
    assertThat(
            allPlans(request).stream()
                .filter(plan -> plan.shortfall() == 0)
                .mapToInt(plan -> plan.stack().size())
                .min())
        .hasValue(best.stack().size());
  }

  @Test
  void theSandOfACutIsWhatTheCurveSays() {
    SizeCurve curve =
        new SizeCurve(
            List.of(
                new SizeCurve.Sieved(1.18, 0),
                new SizeCurve.Sieved(0.6, 40),
                new SizeCurve.Sieved(0.3, 35)),
            25);
    PlanRequest asked = request(sieves("16", "30", "50"), Cut.ALL, 0.35, true, 1);
    PlanRequest measured =
        new PlanRequest(
            asked.screens(),
            Cut.ALL,
            curve,
            10_000,
            asked.conditions(),
            asked.machines(),
            GOLD,
            1,
            Surety.USUAL,
            1,
            ScreeningTime.USUAL);
    Plan plan =
        new Planner(measured)
            .of(
                List.of(
                    StandardScreens.numbered("30").orElseThrow(),
                    StandardScreens.numbered("50").orElseThrow()));
    assertThat(plan.cuts())
        .extracting(PlannedCut::massG)
        .map(Math::rint)
        .containsExactly(4_000.0, 3_500.0, 2_500.0);
    assertThat(plan.cuts().getFirst().cut().upperMm())
        .as("nothing stayed on No. 16, so it bounds the sand")
        .isEqualTo(1.18);
    double loads = Math.ceil(10_000 / 2_000.0) + Math.ceil(6_000 / 2_000.0);
    assertThat(plan.cuts().stream().mapToDouble(PlannedCut::screeningMinutes).sum())
        .isEqualTo(2 * 6 + loads * 4);
  }

  @Test
  void theOversizeIsLookedOverAndCanOnlyBeCoarse() {
    Plan plan = new Planner(request(SHOP, Cut.ALL, 0.35, true, 1)).best(1).getFirst();
    assertThat(plan.cuts().getFirst().fate()).isEqualTo(new LookedOver());
    assertThat(plan.stack().getFirst().openingMm()).isGreaterThanOrEqualTo(1.0);
    assertThat(new Planner(request(sieves("30", "50"), Cut.ALL, 0.35, true, 1)).best(3))
        .as("no screen for the oversize")
        .isEmpty();
  }

  @Test
  void aNarrowCutNeedsNoScreen() {
    Cut narrow = new Cut(StandardScreens.numbered("80"), StandardScreens.numbered("100"));
    Plan plan = new Planner(request(SHOP, narrow, 0.5, true, 1)).best(1).getFirst();
    assertThat(plan.stack()).isEmpty();
    assertThat(plan.shortfall()).isZero();
    assertThat(plan.cuts()).extracting(PlannedCut::massG).containsExactly(30_000.0);
  }

  private static Optional<Remedy> remedy(PlanRequest request, String... stack) {
    Plan plan = new Planner(request).of(sieves(stack).stream().map(Sieve::screen).toList());
    return plan.cuts().stream()
        .map(PlannedCut::fate)
        .filter(Run.class::isInstance)
        .map(Run.class::cast)
        .filter(run -> !run.meets())
        .findFirst()
        .flatMap(Run::remedy);
  }

  @Test
  void aCutThatIsTooWideIsToldWhatWouldHelp() {
    Cut wide = new Cut(StandardScreens.numbered("50"), StandardScreens.numbered("100"));
    assertThat(remedy(request(SHOP, wide, 0.35, true, 1))).contains(new Remedy.SplitAt("60"));
    assertThat(remedy(request(sieves("50", "100"), wide, 0.47, false, 1)))
        .contains(new Remedy.MagnetFirst());
    assertThat(remedy(request(sieves("50", "100"), wide, 0.35, true, 1)))
        .hasValueSatisfying(
            found -> assertThat(((Remedy.FinerScreen) found).openingMm()).isBetween(0.18, 0.30));
    assertThat(remedy(request(SHOP, wide, 0.2, false, 3))).contains(new Remedy.NoScreen());
  }

  @Test
  void theWholeBandAsksForMoreScreensThanTheUsualGold() {
    PlanRequest usual = request(SHOP, Cut.ALL, 0.6, true, 1);
    PlanRequest sure =
        new PlanRequest(
            usual.screens(),
            usual.feed(),
            usual.sizes(),
            usual.feedG(),
            usual.conditions(),
            usual.machines(),
            GOLD,
            usual.margin(),
            Surety.WHOLE_BAND,
            1,
            ScreeningTime.USUAL);
    Plan one = new Planner(usual).best(1).getFirst();
    Plan other = new Planner(sure).best(1).getFirst();
    assertThat(other.stack().size() + (other.shortfall() == 0 ? 0 : 100))
        .isGreaterThan(one.stack().size());
  }

  @Test
  void nextBestPlansAreOtherStacksAndNoBetter() {
    List<Plan> plans = new Planner(request(SHOP, Cut.ALL, 0.35, true, 1)).best(4);
    assertThat(plans).extracting(Plan::stack).doesNotHaveDuplicates();
    assertThat(plans).isSortedAccordingTo(Plan.BEST_FIRST);
  }

  @Test
  void benchTimeComesFromTheRatesGiven() {
    Machines slow =
        new Machines(
            List.of(Gear.any(Machine.Kind.PAN)),
            Map.of(Gear.any(Machine.Kind.PAN), 6.0),
            Experience.NONE);
    PlanRequest asked =
        request(
            SHOP,
            new Cut(StandardScreens.numbered("50"), StandardScreens.numbered("100")),
            0.35,
            true,
            1);
    PlanRequest panned =
        new PlanRequest(
            asked.screens(),
            asked.feed(),
            SAND,
            12_000,
            asked.conditions(),
            slow,
            GOLD,
            1,
            Surety.USUAL,
            1,
            ScreeningTime.USUAL);
    assertThat(new Planner(panned).of(List.of()).minutes()).isEqualTo(2 + 12 / 6.0 * 60);
  }

  @Test
  void schoolsChooseFromWhatThereIs() {
    List<Screen> owned = SHOP.stream().map(Sieve::screen).toList();
    assertThat(School.ONE_SCREEN.stack(owned)).extracting(Screen::label).containsExactly("30");
    assertThat(School.FULL_STACK.stack(owned)).isEqualTo(owned);
    assertThat(School.TIGHT_FINES.stack(owned))
        .extracting(Screen::label)
        .containsExactly("16", "30", "40", "50", "60", "80", "100", "140", "200");
    for (School school : School.values()) {
      List<Screen> stack = new ArrayList<>(school.stack(owned));
      assertThat(stack)
          .isSortedAccordingTo(Comparator.comparingDouble(Screen::openingMm).reversed());
    }
    assertThat(School.ONE_SCREEN.stack(List.of())).isEmpty();
  }
}
