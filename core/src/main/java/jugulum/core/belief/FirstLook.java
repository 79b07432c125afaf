package jugulum.core.belief;

import java.util.Comparator;
import java.util.Optional;
import java.util.stream.DoubleStream;
import java.util.stream.Stream;
import jugulum.core.shop.Fees;
import jugulum.core.shop.Shop;
import jugulum.core.shop.Terms;
import org.hipparchus.special.Gamma;

/**
 * A look at a lot before anything is done with it, and what that is worth.
 *
 * @param kind how one looks
 * @param grams the sample, in grams
 * @param minutes the hands' time it takes, in minutes
 * @param costs what it costs besides, in the shop's money
 * @param worth what it is worth less its own minutes and costs, as {@link Value} tells it, above 0
 */
public record FirstLook(Kind kind, double grams, double minutes, double costs, double worth) {
  /** How one looks. */
  public enum Kind {
    /** A measured sample is panned and its specks are counted: tells free gold. */
    PAN,
    /** A sample goes to the laboratory: tells all gold. */
    ASSAY
  }

  private static final double[] SAMPLES_G = {25, 50, 100, 200, 300, 500, 1000, 2000};

  /** No more of a lot is called a sample. */
  private static final double MOST = 0.5;

  /**
   * Taking a sample, counting and weighing what it shows, in minutes: ours.
   *
   * <p>Off by a half: whether a small lot is looked at first or run at once.
   */
  private static final double COUNTING_MINUTES = 4;

  /** What a laboratory takes for one assay, in grams: common practice. */
  private static final double ASSAY_G = 30;

  /**
   * What an assay leaves open of the logarithm of the grade of fine hidden gold, its laboratory and
   * the sample together, as a variance: ours.
   *
   * <p>Off by a half: what an assay is worth, by less than a tenth.
   */
  private static final double ASSAY_VARIANCE = 0.02;

  /** The look that is worth most; empty where none is worth its minutes. */
  static Optional<FirstLook> of(LotBelief lot, Shop shop) {
    return Stream.concat(pans(lot), assay(lot, shop).stream())
        .filter(look -> look.worth() > 0)
        .max(Comparator.comparingDouble(FirstLook::worth));
  }

  private static Stream<FirstLook> pans(LotBelief lot) {
    Optional<Way> over =
        lot.ways().stream().filter(way -> way.kind() == Way.Kind.MACHINE).findFirst();
    return over.stream()
        .flatMap(
            way ->
                DoubleStream.of(SAMPLES_G)
                    .filter(grams -> grams <= MOST * lot.lot().sand().grams())
                    .mapToObj(grams -> pan(lot, way, grams)));
  }

  private static FirstLook pan(LotBelief lot, Way way, double grams) {
    Thought gold = lot.free().orElseThrow();
    double minutes = COUNTING_MINUTES + grams / 1000 / Panning.kgPerHour(lot.lot().cut()) * 60;
    double worth =
        worth(way, way.wonMg(), gold.logVariance(), left(lot.lot(), gold, grams), lot.value());
    return new FirstLook(Kind.PAN, grams, minutes, 0, worth - lot.value().hands(minutes));
  }

  /** Hidden gold decides what fire or a buyer brings. */
  private static Optional<FirstLook> assay(LotBelief lot, Shop shop) {
    Optional<Fees> charges = shop.terms().flatMap(Terms::charges);
    Optional<Way> all =
        lot.ways().stream().filter(way -> way.kind() != Way.Kind.MACHINE).findFirst();
    Optional<Thought> hidden = lot.hidden().filter(Thought::isUnseen);
    if (charges.isEmpty()
        || all.isEmpty()
        || hidden.isEmpty()
        || ASSAY_G > MOST * lot.lot().sand().grams()) {
      return Optional.empty();
    }
    double minutes = LotWays.SAMPLE_MINUTES;
    double costs = charges.get().assayCost();
    double hiddenMg = hidden.get().gold().milligrams();
    double allMg = all.get().thereMg() + hiddenMg;
    // What is open of the sum is open of its hidden part.
    double open = hiddenMg / allMg * hiddenMg / allMg * hidden.get().logVariance();
    double worth =
        worth(
            all.get(),
            allMg * MachineWay.mean(all.get().share()),
            open,
            ASSAY_VARIANCE,
            lot.value());
    return Optional.of(
        new FirstLook(
            Kind.ASSAY, ASSAY_G, minutes, costs, worth - lot.value().hands(minutes) - costs));
  }

  private static double worth(Way way, double wonMg, double logVariance, double left, Value value) {
    double cost = value.hands(way.handsMinutes()) + (value.isMoney() ? way.costs() : 0);
    return LookWorth.of(
        Math.min(1e15, value.of(wonMg)), Math.sqrt(logVariance), Math.min(1e15, cost), left);
  }

  /**
   * What a sample leaves open of the logarithm: it holds n specks, as if all weighed what a
   * milligram's speck does (P. Gy's law for one size, from memory), and a count of n is gamma of n
   * + ½, the variance of whose logarithm is ψ₁(n + ½).
   */
  private static double left(StockLot lot, Thought thought, double grams) {
    double specks = thought.medianMg() * grams / lot.sand().grams() / lot.speckMg();
    return Gamma.trigamma(specks + 0.5);
  }
}
