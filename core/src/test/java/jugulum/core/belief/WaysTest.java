package jugulum.core.belief;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import jugulum.core.check.Band;
import jugulum.core.ledger.Machine.Kind;
import jugulum.core.machine.Dial;
import jugulum.core.machine.Gear;
import jugulum.core.machine.Proven;
import jugulum.core.runs.PastRun;
import jugulum.core.screens.Cut;
import jugulum.core.shop.Shop;
import jugulum.core.window.Conditions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Which machine to choose, what it wins and how long it takes. */
class WaysTest {
  private static final Value MONEY = new Value(Optional.of(Lots.TERMS), 0.9);
  private static final Value GOLD = new Value(Optional.empty(), 0.9);
  private static final List<Gear> ALL = List.of(Lots.DECK, Lots.BOWL, Lots.PAN);
  private final MachineBelief machines = new MachineBelief(Experience.NONE);
  private final Ways ways = new Ways(machines);

  private Proven share(Gear gear, Cut cut) {
    return machines.share(gear, cut, PastRun.Kind.FIRST, Lots.NO_MAGNETITE);
  }

  @Test
  void whatLeavesMostWhenTheHandsArePaidComesFirst() {
    for (Value value : List.of(MONEY, GOLD)) {
      List<MachineWay> all = ways.machines(Lots.sand(Lots.FINE, 4000), 400, ALL, value).byNet();
      assertThat(all).hasSize(3);
      for (MachineWay one : all) {
        assertThat(one.net())
            .isCloseTo(value.net(one.wonMg(), one.handsMinutes(), 0), within(1e-9));
        assertThat(one.wonMg()).isCloseTo(400 * MachineWay.mean(one.share().share()), within(1e-9));
        assertThat(one.handsMinutes()).isLessThanOrEqualTo(one.minutes());
      }
      assertThat(all.get(1).net()).isGreaterThanOrEqualTo(all.get(2).net());
    }
  }

  /** Without a price an hour of hands counts as much as 0.2 g: ours, and said. */
  @Test
  void withoutAPriceHoursAreWeighedAgainstGold() {
    assertThat(GOLD.net(200, 60, 0)).isCloseTo(0, within(1e-9));
    assertThat(GOLD.hourMg()).isEqualTo(Value.HOUR_MG);
    assertThat(MONEY.hourMg()).isCloseTo(20 / (0.9 * 95) * 1000, within(1e-9));
    assertThat(MONEY.net(1000, 60, 5)).isCloseTo(0.9 * 95 - 20 - 5, within(1e-9));
  }

  @Test
  void ofTwoThatLeaveAlikeTheOneWithFewerHandsGoes() {
    Gear same = Lots.gear("short deck", Kind.SHAKER_TABLE);
    MachineBelief quick = new MachineBelief(Experience.NONE, Map.of(Lots.DECK, 40.0, same, 39.0));
    MachineWay first =
        new Ways(quick)
            .machines(Lots.sand(Lots.FINE, 2000), 5000, List.of(same, Lots.DECK), MONEY)
            .first()
            .orElseThrow();
    assertThat(first.gear()).isEqualTo(Lots.DECK);
  }

  /** A school is followed, and what it costs is said. */
  @Test
  void whatARouteAsksForGoesFirstWhereTheShopHasItAndItIsSaidWhatWouldBringMore() {
    Sand plain = Lots.sand(Lots.FINE, 4000);
    Sand panned = wish(plain, Kind.PAN);
    Ways.Machines asked = ways.machines(panned, 400, ALL, MONEY);
    assertThat(asked.first().orElseThrow().gear()).isEqualTo(Lots.PAN);
    MachineWay best = ways.machines(plain, 400, ALL, MONEY).byNet().getFirst();
    assertThat(asked.better().orElseThrow().gear()).isEqualTo(best.gear());
    assertThat(asked.better().orElseThrow().net()).isGreaterThan(asked.first().get().net());
    Sand nobodyHas = wish(plain, Kind.FINISHING_TABLE);
    Ways.Machines fitted = ways.machines(nobodyHas, 400, ALL, MONEY);
    assertThat(fitted.first().orElseThrow()).isEqualTo(best);
    assertThat(fitted.better()).isEmpty();
  }

  private static Sand wish(Sand sand, Kind kind) {
    return new Sand(sand.cut(), sand.grams(), sand.kind(), sand.conditions(), Optional.of(kind));
  }

  /** Twenty kilograms of fine sand by hand: pans are slow and lose the fines. */
  @ParameterizedTest
  @CsvSource({"50, 100", "100, 200"})
  void nobodyPansMuchFineSand(String passing, String retained) {
    Cut cut = Lots.cut(passing, retained);
    for (Value value : List.of(MONEY, GOLD)) {
      assertThat(
              ways.machines(Lots.sand(cut, 20_000), 2000, ALL, value).first().orElseThrow().gear())
          .isNotEqualTo(Lots.PAN);
    }
  }

  /** Common practice: the finer the sand, the slower one pans it and the less one wins. */
  @Test
  void pansGetSlowerAndWinLessTheFinerTheSand() {
    double pace = Double.MAX_VALUE;
    double won = 1;
    for (Cut cut :
        List.of(Lots.cut("16", "30"), Lots.cut("30", "50"), Lots.FINE, Lots.cut("100", "200"))) {
      assertThat(machines.pace(Lots.PAN, cut).kgPerHour()).isLessThan(pace);
      pace = machines.pace(Lots.PAN, cut).kgPerHour();
      assertThat(share(Lots.PAN, cut).share().usual()).isLessThanOrEqualTo(won);
      won = share(Lots.PAN, cut).share().usual();
    }
    assertThat(pace).isEqualTo(0.4);
  }

  /** A narrow cut is won better than a wide one, and sizes a machine is not good for hardly. */
  @Test
  void theShareGoesByTheSizesOfTheCut() {
    assertThat(share(Lots.BOWL, Lots.cut("60", "80")).share().usual())
        .isGreaterThan(share(Lots.BOWL, Lots.cut("30", "200")).share().usual());
    assertThat(share(Lots.BOWL, Lots.cut("4", "8")).share().high())
        .as("far too coarse for it")
        .isLessThanOrEqualTo(Lots.BOWL.sheet().expected().low());
    Conditions withMagnetite =
        Conditions.usual(jugulum.core.ledger.Assumptions.USUAL, Conditions.USUAL_HEAVIES, false);
    assertThat(
            machines.share(Lots.BOWL, Lots.FINE, PastRun.Kind.FIRST, withMagnetite).share().usual())
        .as("magnetite falls faster than garnet")
        .isLessThan(share(Lots.BOWL, Lots.FINE).share().usual());
    for (Gear gear : Gear.everyKind()) {
      for (Cut cut :
          List.of(
              Cut.ALL, Lots.cut("16", "none"), new Cut(Optional.empty(), Lots.FINE.passing()))) {
        Band told = share(gear, cut).share();
        assertThat(told.low()).as(gear.kind() + " " + cut.notation()).isBetween(0.0, 1.0);
        assertThat(told.high()).isBetween(told.usual(), 1.0);
      }
    }
  }

  /** One place for the rates of machines: what the sheet says of its dials, until it has run. */
  @Test
  void thePaceOfAMachineIsThatOfItsSheetUntilItHasRun() {
    for (Gear gear : Gear.everyKind()) {
      Pace usual = Pace.usual(gear, Lots.FINE);
      assertThat(usual.byRecord()).isFalse();
      assertThat(usual).isEqualTo(machines.pace(gear, Lots.FINE));
      gear.sheet()
          .dial("feed")
          .flatMap(Dial::usual)
          .ifPresent(
              feed ->
                  assertThat(usual.kgPerHour())
                      .as(gear.kind().name())
                      .isCloseTo(feed.usual(), within(1e-9)));
    }
    Pace bowl = Pace.usual(Gear.any(Kind.VORTEX_BOWL), Lots.FINE);
    assertThat(bowl.kgPerHour()).as("150 g every six minutes").isCloseTo(1.5, within(1e-9));
    assertThat(bowl.minutes(3_000)).isCloseTo(10 + 120, within(1e-9));
    assertThat(bowl.handsMinutes(3_000)).as("a look now and then").isCloseTo(10 + 40, within(1e-9));
    assertThat(bowl.at(3).minutes(3_000)).isCloseTo(10 + 60, within(1e-9));
    assertThat(Pace.usual(Lots.PAN, Lots.FINE).handsMinutes(800))
        .as("who pans does nothing else")
        .isCloseTo(62, within(1e-9));
  }

  @Test
  void theShopsOwnMachinesCountElseTheUsualKinds() {
    assertThat(Lots.SHOP.gearCountedOn()).containsExactlyInAnyOrderElementsOf(ALL);
    assertThat(Shop.USUAL.gearCountedOn()).hasSize(4);
  }
}
