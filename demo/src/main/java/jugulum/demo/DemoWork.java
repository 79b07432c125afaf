package jugulum.demo;

import java.util.List;
import java.util.Optional;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Measure.Bagged;
import jugulum.core.ledger.Measure.Discarded;
import jugulum.core.ledger.Measure.KnownGold;
import jugulum.core.ledger.Measure.LookedOver;
import jugulum.core.ledger.Measure.Pass.From;
import jugulum.core.ledger.Measure.SandWeight;
import jugulum.core.screens.Cut;
import jugulum.core.screens.StandardScreens;
import jugulum.core.specks.Speck;

/** One made-up batch of a season, from the bucket to the vial. */
final class DemoWork {
  private static final double FLATNESS = 0.3;
  private static final double DENSITY = 17.5;
  private static final double SAMPLE = 0.12;

  private final Bencher bench;
  private final DemoTruth.About about;
  private final int number;
  private double gold;

  DemoWork(Bencher bench, DemoTruth.About about, int number) {
    this.bench = bench;
    this.about = about;
    this.number = number;
  }

  /**
   * Works it so far.
   *
   * @param upTo how many of its stages: 0 receives it, 1 screens it, 3 closes it
   * @return its gold in the vial, in grams
   */
  double carriedOut(int upTo) {
    double moisture = 0.03 + 0.01 * (number % 5);
    double wet = Math.round(about.feedG() / (1 - moisture) / 10) * 10.0;
    bench.measure(bench.feed(), new SandWeight(wet + 640, 640, moisture, 10));
    if (upTo == 0) {
      return 0;
    }
    double fed = wet * (1 - moisture);
    String upper = about.isWide() ? "16" : "30";
    List<LotId> cuts = bench.screen(bench.feed(), upper, "50");
    double coarse = fed * (about.isWide() ? 0.18 : 0.26);
    double fine = fed * 0.34;
    double middle = fed * 0.996 - coarse - fine;
    bench.weigh(cuts.get(0), tens(coarse));
    bench.weigh(cuts.get(1), tens(middle));
    bench.weigh(cuts.get(2), tens(fine));
    bench.done();
    if (upTo == 1) {
      return 0;
    }
    bench.measure(cuts.get(0), new LookedOver(0, 0));
    bench.measure(cuts.get(0), new KnownGold(3, 1.5));
    double mg = about.gradeMgKg() * fed / 1000;
    table(cuts.get(1), middle, mg * 0.42, upper);
    bowl(cuts.get(2), fine, mg * 0.58);
    bench.close();
    return gold;
  }

  private static double tens(double grams) {
    return Math.round(grams / 10) * 10.0;
  }

  private static double tenths(double grams) {
    return Math.round(grams * 10) / 10.0;
  }

  private static Cut cut(String upper, String lower) {
    return new Cut(
        StandardScreens.numbered(upper),
        lower.isEmpty() ? Optional.empty() : StandardScreens.numbered(lower));
  }

  /** The magnet, with a look at what is set aside; the sand that goes on. */
  private LotId magnetised(LotId lot, double grams, double trappedMg, Cut cut) {
    List<LotId> parted = bench.magnet(lot);
    double heap = tens(grams * 0.46);
    for (int drop = 0; drop <= about.drops(); drop++) {
      double back = tens(heap * 0.03 / (drop + 1));
      bench.pass(drop == 0 ? From.SAND : From.HEAP, heap, back, chance(4.0 / (drop + 1)));
      heap -= back;
    }
    bench.weigh(parted.get(0), tens(heap));
    bench.weigh(parted.get(1), tens(grams - heap));
    bench.lets((int) Math.round(6 + grams / 1000 * 2.5));
    looks(parted.get(0), heap, trappedMg, cut);
    bench.done();
    bench.measure(parted.get(0), new Bagged(number < 21 ? "season bag 1" : "season bag 2"));
    return parted.get(1);
  }

  private int chance(double mean) {
    int specks = 0;
    for (double left = Math.exp(-mean), u = about.chance().nextDouble(); u > left; specks++) {
      u *= about.chance().nextDouble();
    }
    return specks;
  }

  /** A share of a lot is panned; the specks in it are a matter of chance. */
  private void looks(LotId lot, double grams, double mg, Cut cut) {
    double specks = mg / Speck.of(cut, FLATNESS, DENSITY).meanMg();
    bench.looks(lot, tenths(grams * SAMPLE), chance(specks * SAMPLE));
  }

  private void table(LotId lot, double grams, double mg, String upper) {
    Cut cut = cut(upper, "50");
    LotId sand = magnetised(lot, grams, mg * about.trapped(), cut);
    double in = mg * (1 - about.trapped());
    double clean = grams * 0.54;
    List<LotId> ports = bench.machine(DemoBook.DECK, sand, Material.CONCENTRATE, Material.TAILINGS);
    bench.set("tilt", 3);
    bench.set("wash-water", number > 40 ? 20 : 22);
    bench.set("feed", about.feedKgH());
    bench.starts(DemoBook.DECK);
    bench.lets((int) Math.round(clean / 1000 / about.feedKgH() * 60) + 4);
    bench.stops();
    bench.weigh(ports.get(0), tenths(clean * 0.012));
    bench.weigh(ports.get(1), tens(clean * 0.985));
    won(ports, clean, in, about.byTable(), cut);
  }

  private void bowl(LotId lot, double grams, double mg) {
    Cut cut = cut("50", "");
    LotId sand = magnetised(lot, grams, mg * about.trapped(), cut);
    double in = mg * (1 - about.trapped());
    double clean = grams * 0.54;
    List<LotId> ports = bench.machine(DemoBook.BOWL, sand, Material.CONCENTRATE, Material.TAILINGS);
    bench.set("rim", 5);
    bench.set("charge", about.chargeG());
    bench.starts(DemoBook.BOWL);
    bench.lets((int) Math.round(clean / about.chargeG() * 2.2));
    bench.stops();
    bench.weigh(ports.get(0), tenths(clean * 0.01));
    bench.weigh(ports.get(1), tens(clean * 0.987));
    won(ports, clean, in, about.byBowl(), cut);
  }

  /** What stayed in the tailings is looked at, what was won goes to the vial. */
  private void won(List<LotId> ports, double grams, double mg, double share, Cut cut) {
    looks(ports.get(1), grams * 0.987, mg * (1 - share), cut);
    bench.done();
    // Tailings are kept where they may be worth another run, and go out in the other batches.
    if (number % 4 != 0) {
      bench.measure(ports.get(1), new Discarded(""));
    }
    List<LotId> finished = bench.finish(ports.get(0));
    double grammes = Math.round(mg * share) / 1000.0;
    bench.gold(finished.get(0), grammes, grammes + 0.001);
    bench.weigh(finished.get(1), tenths(grams * 0.009));
    bench.looks(finished.get(1), tenths(grams * 0.009), chance(0.4));
    bench.lets(12);
    bench.done();
    gold += grammes;
  }
}
