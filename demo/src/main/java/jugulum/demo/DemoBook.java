package jugulum.demo;

import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import jugulum.book.Books;
import jugulum.book.shop.ShopStream;
import jugulum.book.stream.Bench;
import jugulum.book.stream.Book;
import jugulum.book.stream.Order;
import jugulum.book.stream.Writer;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Machine.Kind;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Measure.Assay;
import jugulum.core.ledger.Measure.Bagged;
import jugulum.core.ledger.Measure.Fineness;
import jugulum.core.ledger.Measure.KnownGold;
import jugulum.core.ledger.Measure.LookedOver;
import jugulum.core.ledger.Measure.MagnetTest;
import jugulum.core.ledger.Measure.Pass.From;
import jugulum.core.ledger.Measure.SandWeight;
import jugulum.core.ledger.Measure.Smelt;
import jugulum.core.ledger.Measure.Smelt.Collector;
import jugulum.core.ledger.Measure.SpeckCount;
import jugulum.core.ledger.Measure.VisibleGold;
import jugulum.core.machine.Gear;
import jugulum.core.screens.StandardScreens;
import jugulum.core.shop.Fees;
import jugulum.core.shop.Magnet;
import jugulum.core.shop.OwnedScreen;
import jugulum.core.shop.OwnedScreen.Having;
import jugulum.core.shop.OwnedScreen.Use;
import jugulum.core.shop.Shop;
import jugulum.core.shop.ShopEdit;
import jugulum.core.shop.Terms;
import jugulum.core.weighing.Container;
import jugulum.scale.played.PlayedScale;

/**
 * Four made-up batches, one finished, one half way, one begun, one only received, a day on which
 * three of them are worked, and two trials. Claims, places and figures are invented.
 */
public final class DemoBook {
  private static final long SEED = 20261019;
  private static final String FIRST_DAY = "2026-10-19T07:40:00Z";

  private final DemoClock clock = new DemoClock(FIRST_DAY);
  private final Book book;

  private DemoBook(Path path) {
    this.book = Books.open(path, new Writer(() -> Bench.UNNAMED, clock, new DemoIds(SEED)));
  }

  /** Makes the demo book at a place where there is none. */
  public static void write(Path path) {
    DemoBook demo = new DemoBook(path);
    try (Book _ = demo.book) {
      shop(demo.book);
      demo.finished();
      DemoTrials trials = new DemoTrials(demo.book, demo.clock);
      demo.clock.jumpTo("2026-10-29T08:00:00Z");
      trials.settled(BOWL, SLATE);
      demo.clock.jumpTo("2026-11-05T13:00:00Z");
      trials.open(OLD_PAN);
      demo.clock.jumpTo("2026-11-12T07:00:00Z");
      demo.received();
      demo.clock.jumpTo("2026-11-16T13:00:00Z");
      DemoDay day = new DemoDay(demo.book, demo.clock);
      day.before();
      Bencher begun = demo.begun();
      demo.clock.jumpTo("2026-11-17T06:20:00Z");
      demo.clock.steps(2);
      day.begins();
      begun.magnetises();
      demo.clock.jumpTo("2026-11-17T07:20:00Z");
      Bencher halfWay = demo.halfWay();
      day.planned();
      halfWay.pictures(Material.TAILINGS);
    }
  }

  /** A shop with fine screens for wet work, and its usual containers. */
  static void shop(Book book) {
    Shop shop = Shop.USUAL;
    for (String label : List.of("40", "60")) {
      shop = shop.with(OwnedScreen.of(StandardScreens.numbered(label).orElseThrow()));
    }
    for (String label : List.of("140", "200")) {
      double opening = StandardScreens.numbered(label).orElseThrow().openingMm();
      shop =
          shop.with(
              new OwnedScreen(
                  label,
                  opening,
                  Having.OWNED,
                  Use.WET,
                  OptionalDouble.of(305),
                  OptionalDouble.of(900)));
    }
    shop =
        shop.with(new Container("tin bowl", 318))
            .with(new Container("steel pan", 642))
            .with(Bencher.BUCKET);
    for (Gear gear :
        List.of(
            DECK.withLines(DemoMarks.lines()), BOWL.with(DemoMarks.of()), SLATE, OLD_PAN, CONE)) {
      shop = shop.with(gear);
    }
    shop = shop.with(PlayedScale.kept("played scale"));
    shop = shop.with(new Magnet("pull rod", 180)).with(new Magnet("block in a bag", 420));
    Fees charges = new Fees(2.5, 16, 200, 75, 38, 6, 0.7, Optional.of(new Fees.Sale(0.4, 60)));
    Terms terms =
        new Terms(104, 0.94, 22, 6, "€", LocalDate.parse("2026-10-01"), Optional.of(charges));
    book.submit(Order.of(ShopStream.SHOP, new ShopEdit.Whole(shop.with(terms))));
  }

  static final Gear DECK = gear("long deck", Kind.SHAKER_TABLE, 180, 60);
  static final Gear BOWL = gear("garden bowl", Kind.VORTEX_BOWL, 60, 40);
  private static final Gear SLATE = gear("slate", Kind.FINISHING_TABLE, 25, 20);
  private static final Gear OLD_PAN =
      new Gear(
          "old pan",
          Kind.RIFFLED_PAN,
          Optional.empty(),
          Map.of(),
          OptionalDouble.empty(),
          OptionalDouble.empty(),
          OptionalDouble.empty());
  private static final Gear CONE =
      new Gear(
          "little cone",
          Kind.CONICAL_PAN,
          Optional.empty(),
          Map.of(),
          OptionalDouble.empty(),
          OptionalDouble.empty(),
          OptionalDouble.empty());

  private static Gear gear(String name, Kind kind, double watts, double sumpL) {
    return new Gear(
        name,
        kind,
        Optional.empty(),
        Map.of(),
        OptionalDouble.of(watts),
        OptionalDouble.of(900),
        OptionalDouble.of(sumpL));
  }

  private static final String FINISHED = "7a3e5c10-0000-4000-8000-000000000007";
  private static final String HALF_WAY = "7a3e5c10-0000-4000-8000-000000000012";
  private static final String BEGUN = "7a3e5c10-0000-4000-8000-000000000004";
  static final String RECEIVED = "7a3e5c10-0000-4000-8000-000000000003";

  private void finished() {
    Bencher bench =
        new Bencher(book, clock, FINISHED, "Tarnbeck 7", "Tarnbeck gravel fan", "2026-10-19");
    bench.measure(bench.feed(), new SandWeight(24_310, 640, 0.061, 10));
    bench.measure(
        bench.feed(), new Assay(131, 0.08, 400, Optional.empty(), Optional.of(VisibleGold.LEFT)));
    List<LotId> cuts = bench.screen(bench.feed(), "20", "50");
    bench.weigh(cuts.get(0), 3_920);
    bench.weigh(cuts.get(1), 10_870);
    bench.weigh(cuts.get(2), 7_390);
    bench.done();
    List<LotId> coarse =
        bench.machine(OLD_PAN, cuts.get(0), Material.CONCENTRATE, Material.TAILINGS);
    bench.set("charge", 800);
    bench.weigh(coarse.get(0), 41.2);
    bench.weigh(coarse.get(1), 3_870);
    bench.note("Five pickers, two of them with quartz.");
    bench.done();
    bench.measure(coarse.get(1), new KnownGold(4, 2));
    won(bench, coarse.get(0), 40.3, 0.688, 0.689);
    middle(bench, cuts.get(1));
    fine(bench, cuts.get(2));
    hidden(bench);
    bench.close();
  }

  /**
   * What gravity cannot win is asked of two bags, one of all tailings and one of all residues,
   * their visible gold panned out first.
   */
  private static void hidden(Bencher bench) {
    bench
        .ends(Material.TAILINGS)
        .forEach(lot -> bench.measure(lot, ofBag("tailings of the fan", 0.42, 500, 0.06)));
    bench
        .ends(Material.RESIDUE)
        .forEach(lot -> bench.measure(lot, ofBag("last black of the fan", 38, 12, 0.04)));
  }

  private static Assay ofBag(String bag, double gramsPerTonne, double sampleG, double visibleMg) {
    return new Assay(
        gramsPerTonne,
        0.1,
        sampleG,
        Optional.of(bag),
        Optional.of(new VisibleGold(VisibleGold.State.TAKEN_BEFORE, visibleMg)));
  }

  /** Magnet in three passes, with a look at what is set aside; gives what stays. */
  private static LotId demagnetised(
      Bencher bench, LotId cut, double lifted, int firstCatch, double leftG, List<Double> beads) {
    List<LotId> parted = bench.magnet(cut);
    bench.pass(From.SAND, lifted, lifted * 0.04, firstCatch);
    bench.pass(From.HEAP, lifted * 0.96, lifted * 0.012, firstCatch / 3);
    bench.pass(From.HEAP, lifted * 0.948, lifted * 0.005, firstCatch / 9);
    bench.weigh(parted.get(0), Math.rint(lifted * 0.943));
    bench.measure(parted.get(0), new Bagged("season bag 1"));
    if (beads.size() > 1) {
      DemoSmelt.of(bench, parted.get(0), beads);
    } else {
      beads.forEach(bead -> bench.measure(parted.get(0), smelt(bead)));
    }
    bench.weigh(parted.get(1), leftG);
    bench.done();
    return parted.get(1);
  }

  /** A small sample ground fine and smelted with lead, nothing visible in it. */
  private static Smelt smelt(double beadMg) {
    OptionalDouble none = OptionalDouble.empty();
    return new Smelt(
        150,
        Collector.LEAD,
        OptionalDouble.of(32),
        OptionalDouble.of(27.5),
        beadMg,
        OptionalDouble.of(beadMg * 0.88),
        none,
        new VisibleGold(VisibleGold.State.NONE_SEEN, 0),
        OptionalDouble.of(16));
  }

  /**
   * The deck in three cuts with less tilt each time; the middlings, looked at first, joined and run
   * again.
   */
  private static void middle(Bencher bench, LotId cut) {
    LotId sand = demagnetised(bench, cut, 4_610, 18, 6_510, List.of(0.7));
    List<LotId> first = onDeck(bench, sand, 4, 24, new double[] {610, 820, 5_060});
    bench.looks(first.get(1), 100, 12);
    bench.looks(first.get(2), 250, "30", 12, 50);
    bench.note("The feed came in lumps for a while: these tailings are to go over it again.");
    bench.done();
    List<LotId> second = onDeck(bench, first.get(0), 3, 21, new double[] {148, 190, 268});
    bench.looks(second.get(1), 50, 10);
    bench.looks(second.get(2), 100, "30", 0, 2);
    bench.done();
    List<LotId> third = onDeck(bench, second.get(0), 2, 18, new double[] {58.4, 61, 28});
    bench.looks(third.get(1), 30, 7);
    bench.looks(third.get(2), 28, "30", 0, 1);
    bench.done();
    LotId middlings = bench.join(first.get(1), second.get(1), third.get(1));
    bench.weigh(middlings, 1_068);
    bench.done();
    List<LotId> again = bench.machine(DECK, middlings, Material.CONCENTRATE, Material.TAILINGS);
    bench.set("tilt", 3);
    bench.set("wash-water", 20);
    bench.starts(DECK);
    bench.lets(6);
    bench.stops();
    bench.weigh(again.get(0), 44);
    bench.weigh(again.get(1), 1_020);
    bench.looks(again.get(1), 150, "30", 0, 2);
    bench.note("All three middlings together.");
    bench.done();
    List<LotId> clean = onSlate(bench, third.get(0), 8, 50.3);
    bench.looks(clean.get(1), 50.3, 1);
    bench.done();
    won(bench, clean.get(0), 6.8, 1.2, 1.201, 1.2);
    List<LotId> panned = inCone(bench, again.get(0), 3.4, 40.5);
    bench.looks(panned.get(1), 40.5, 2);
    bench.done();
    won(bench, panned.get(0), 3.32, 0.074, 0.074);
  }

  private static List<LotId> inCone(
      Bencher bench, LotId lot, double concentrateG, double tailingsG) {
    List<LotId> products = bench.machine(CONE, lot, Material.CONCENTRATE, Material.TAILINGS);
    bench.set("charge", 45);
    bench.weigh(products.get(0), concentrateG);
    bench.weigh(products.get(1), tailingsG);
    return products;
  }

  private static List<LotId> onDeck(
      Bencher bench, LotId lot, double tilt, double wash, double[] weights) {
    List<LotId> products =
        bench.machine(DECK, lot, Material.CONCENTRATE, Material.MIDDLINGS, Material.TAILINGS);
    bench.set("tilt", tilt);
    bench.set("wash-water", wash);
    bench.set("feed", 18);
    bench.set("wetting", 3);
    bench.starts(DECK);
    bench.lets(weights[1] > 500 ? 21 : 4);
    bench.stops();
    for (int i = 0; i < weights.length; i++) {
      bench.weigh(products.get(i), weights[i]);
    }
    return products;
  }

  private static List<LotId> onSlate(
      Bencher bench, LotId lot, double concentrateG, double tailingsG) {
    List<LotId> products = bench.machine(SLATE, lot, Material.CONCENTRATE, Material.TAILINGS);
    bench.set("tilt", 1.5);
    bench.set("film", 0.9);
    bench.set("spoon", 8);
    bench.weigh(products.get(0), concentrateG);
    bench.weigh(products.get(1), tailingsG);
    return products;
  }

  /**
   * The bowl charge by charge, its tailings over it a second time, both concentrates cleaned apart.
   */
  private static void fine(Bencher bench, LotId cut) {
    LotId sand = demagnetised(bench, cut, 3_180, 31, 4_380, List.of(0.9, 1.3));
    List<LotId> first = inBowl(bench, sand, 5, 11, 212, 4_150);
    bench.looks(first.get(1), 200, "80", 14, 21);
    bench.done();
    List<LotId> second = inBowl(bench, first.get(1), 4, 11, 41, 4_095);
    bench.looks(second.get(1), 200, "80", 3, 6);
    bench.note("Two millimetres higher than one would think: the sand is coarse for its cut.");
    bench.done();
    List<LotId> clean = onSlate(bench, first.get(0), 12.2, 199);
    bench.looks(clean.get(1), 100, 1);
    bench.done();
    won(bench, clean.get(0), 11.6, 0.571, 0.572);
    List<LotId> panned = inCone(bench, second.get(0), 4.1, 36.6);
    bench.looks(panned.get(1), 36.6, 1);
    bench.done();
    won(bench, panned.get(0), 4.09, 0.011, 0.012);
  }

  private static List<LotId> inBowl(
      Bencher bench, LotId lot, double rim, int charges, double concentrateG, double tailingsG) {
    List<LotId> products = bench.machine(BOWL, lot, Material.CONCENTRATE, Material.TAILINGS);
    bench.set("rim", rim);
    bench.set("charge", 400);
    bench.set("charge-time", 5);
    bench.set("flow", 11);
    bench.set("wetting", 3);
    bench.starts(BOWL);
    bench.charges(charges, 400);
    bench.stops();
    bench.weigh(products.get(0), concentrateG);
    bench.weigh(products.get(1), tailingsG);
    return products;
  }

  private static void won(Bencher bench, LotId concentrate, double residueG, double... gold) {
    List<LotId> finished = bench.finish(concentrate);
    bench.gold(finished.get(0), gold);
    bench.measure(finished.get(0), new Fineness(0.884, 0.006));
    bench.weigh(finished.get(1), residueG);
    bench.measure(finished.get(1), new SpeckCount(2, 1));
    bench.done();
  }

  private void received() {
    Bencher bench =
        new Bencher(
            book, clock, RECEIVED, "Saltergill 3", "Saltergill lease, for its owner", "2026-11-12");
    bench.measure(bench.feed(), new SandWeight(31_600, 820, 0.11, 10));
  }

  /** Screened the day before. */
  private Bencher begun() {
    Bencher bench =
        new Bencher(book, clock, BEGUN, "Thornsike 4", "Thornsike bank, bought", "2026-11-16");
    bench.measure(bench.feed(), new SandWeight(13_900, 710, 0, 10));
    List<LotId> cuts = bench.screen(bench.feed(), "30", "50", "100");
    bench.weigh(cuts.get(0), 2_940);
    bench.weigh(cuts.get(1), 4_110);
    bench.weigh(cuts.get(2), 3_880);
    bench.weigh(cuts.get(3), 2_190);
    bench.done();
    return bench;
  }

  private Bencher halfWay() {
    Bencher bench =
        new Bencher(book, clock, HALF_WAY, "Fernhollow 12", "Fernhollow Bench claim", "2026-11-16");
    bench.measure(bench.feed(), new SandWeight(37_450, 710, 0.077, 10));
    bench.measure(
        bench.feed(), new Assay(124, 0.07, 500, Optional.empty(), Optional.of(VisibleGold.LEFT)));
    List<LotId> cuts = bench.screen(bench.feed(), "16", "30", "50", "100");
    bench.weigh(cuts.get(0), 4_180);
    bench.weigh(cuts.get(1), 8_350);
    bench.weigh(cuts.get(2), 11_960);
    bench.correct(cuts.get(2), bench.inBucket(11_690), "digits swapped when writing it down");
    bench.weigh(cuts.get(3), 7_020);
    bench.weigh(cuts.get(4), 2_580);
    bench.done();
    oversize(bench, cuts.get(0));
    coarse(bench, cuts.get(1));
    medium(bench, cuts.get(2));
    bench.measure(cuts.get(3), new MagnetTest(100, 51.3, 21.8));
    bench.magnet(cuts.get(3));
    bench.pass(From.SAND, 3_702, 188, 44);
    bench.pass(From.HEAP, 3_514, 63, 19);
    bench.pass(From.HEAP, 3_451, 24, 8);
    return bench;
  }

  private static void oversize(Bencher bench, LotId cut) {
    bench.measure(cut, new LookedOver(2, 0.218));
    List<LotId> panned = bench.machine(OLD_PAN, cut, Material.CONCENTRATE, Material.TAILINGS);
    bench.weigh(panned.get(0), 22.5);
    bench.weigh(panned.get(1), 4_155);
    bench.note("Panned after the two pickers were out.");
    bench.done();
    bench.measure(panned.get(1), new KnownGold(0, 0));
    won(bench, panned.get(0), 21.9, 0.384, 0.384);
  }

  private static void coarse(Bencher bench, LotId cut) {
    List<LotId> parted = bench.magnet(cut);
    bench.pass(From.SAND, 4_520, 165, 11);
    bench.pass(From.HEAP, 4_355, 40, 3);
    bench.pass(From.HEAP, 4_315, 12, 1);
    bench.weigh(parted.get(0), 4_300);
    bench.weigh(parted.get(1), 4_030);
    bench.done();
    List<LotId> table =
        bench.machine(
            DECK, parted.get(1), Material.CONCENTRATE, Material.MIDDLINGS, Material.TAILINGS);
    bench.weigh(table.get(0), 46.8);
    bench.weigh(table.get(1), 310.5);
    bench.weigh(table.get(2), 3_655);
    bench.measure(table.get(2), new SpeckCount(1, 0.1));
    bench.set("tilt", 3);
    bench.set("wash-water", 22);
    bench.set("feed", 16);
    bench.note("The band wandered until the feed was steadied.");
    bench.done();
    List<LotId> again = bench.machine(DECK, table.get(1), Material.CONCENTRATE, Material.TAILINGS);
    bench.set("tilt", 2.5);
    bench.set("wash-water", 18);
    bench.weigh(again.get(0), 8.4);
    bench.weigh(again.get(1), 301.2);
    bench.measure(again.get(1), new SpeckCount(1, 0.5));
    bench.done();
    won(bench, table.get(0), 45.5, 1.061, 1.062, 1.061);
  }

  private static void medium(Bencher bench, LotId cut) {
    List<LotId> parted = bench.magnet(cut);
    bench.pass(From.SAND, 6_840, 290, 29);
    bench.pass(From.HEAP, 6_550, 84, 9);
    bench.pass(From.HEAP, 6_466, 31, 3);
    bench.pass(From.HEAP, 6_435, 9, 1);
    bench.weigh(parted.get(0), 6_420);
    bench.weigh(parted.get(1), 5_240);
    bench.done();
    List<LotId> table = bench.machine(DECK, parted.get(1), Material.CONCENTRATE, Material.TAILINGS);
    bench.set("tilt", 3.5);
    bench.set("wash-water", 26);
    bench.weigh(table.get(0), 88.3);
    bench.weigh(table.get(1), 5_130);
    bench.measure(table.get(1), new SpeckCount(7, 0.05));
    bench.done();
    List<LotId> bowl = bench.machine(BOWL, table.get(0), Material.CONCENTRATE, Material.TAILINGS);
    bench.set("rim", 5);
    bench.set("charge", 45);
    bench.weigh(bowl.get(0), 9.7);
    bench.weigh(bowl.get(1), 78.2);
    bench.measure(bowl.get(1), new SpeckCount(3, 0.5));
    bench.done();
    List<LotId> finished = bench.finish(bowl.get(0));
    bench.gold(finished.get(0), 1.806, 1.807, 1.806);
    bench.weigh(finished.get(1), 7.9);
    bench.measure(finished.get(1), new SpeckCount(1, 1));
    bench.done();
  }
}
