package jugulum.core.smelt;

import java.util.EnumMap;
import java.util.Map;
import jugulum.core.check.Band;
import jugulum.core.check.Check;

/**
 * What goes into a crucible with dry sand, each in grams.
 *
 * @param sandG dry sand
 * @param fluxes of every flux where to start, and between what to move
 */
public record Charge(double sandG, Map<Flux, Band> fluxes) {
  private static final double TOGETHER = 1e-6;

  /** Nobody charges more, in g. */
  public static final double MOST_G = 100_000;

  /** Keeps its own copy. */
  public Charge {
    fluxes = Map.copyOf(fluxes);
  }

  /**
   * For sand that is a mixture: every flux by the shares of its sands.
   *
   * @param sandG dry, 0.1 to 100,000 g
   * @param shares by mass, each 0 to 1, 1 together
   */
  public static Charge of(double sandG, Map<SandKind, Double> shares) {
    Check.inRange("sandG", sandG, 0.1, MOST_G);
    double all = 0;
    for (Map.Entry<SandKind, Double> one : shares.entrySet()) {
      all += Check.share("share of " + one.getKey(), one.getValue());
    }
    Check.inRange("shares together", all, 1 - TOGETHER, 1 + TOGETHER);
    Map<Flux, Band> fluxes = new EnumMap<>(Flux.class);
    for (Flux flux : Flux.values()) {
      double low = 0;
      double usual = 0;
      double high = 0;
      for (Map.Entry<SandKind, Double> one : shares.entrySet()) {
        Band per100 = one.getKey().per100(flux);
        low += one.getValue() * per100.low();
        usual += one.getValue() * per100.usual();
        high += one.getValue() * per100.high();
      }
      fluxes.put(flux, new Band(low, usual, high).times(sandG / 100));
    }
    return new Charge(sandG, fluxes);
  }

  /** How much of a flux, in g. */
  public Band of(Flux flux) {
    return Check.known(fluxes, flux);
  }

  /** All fluxes together where one starts, over the sand. */
  public double ratio() {
    return fluxes.values().stream().mapToDouble(Band::usual).sum() / sandG;
  }

  /**
   * The flour that makes a button of lead out of litharge, in g: lead asks for it, ores that take
   * oxygen ask for more, pyrite brings its own reduction along: (button + 0.9 magnetite + 1.3
   * hematite − 11 pyrite)/11. From memory: figures of the trade. Below 0 there is too much pyrite:
   * roast first.
   *
   * @param buttonG of lead wanted, 0 to 1,000 g
   * @param magnetiteG in the sand, 0 to 100,000 g
   * @param hematiteG the same
   * @param pyriteG the same
   */
  public static double flourForLead(
      double buttonG, double magnetiteG, double hematiteG, double pyriteG) {
    return (Check.inRange("buttonG", buttonG, 0, 1000)
            + 0.9 * Check.inRange("magnetiteG", magnetiteG, 0, 100_000)
            + 1.3 * Check.inRange("hematiteG", hematiteG, 0, 100_000)
            - 11 * Check.inRange("pyriteG", pyriteG, 0, 100_000))
        / 11;
  }
}
