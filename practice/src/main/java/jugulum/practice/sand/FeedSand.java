package jugulum.practice.sand;

import java.util.EnumMap;
import java.util.Map;
import jugulum.core.check.Check;

/**
 * What a run is fed with: sizes, minerals, and gold of some flatness.
 *
 * @param finestMm the finest grains, in mm, from {@link #FINEST_MM}
 * @param coarsestMm the coarsest, in mm, above the finest, to {@link #COARSEST_MM}
 * @param shares of each mineral but gold, by mass, 0 to 1; together 1
 * @param flattest the flattest gold, from 0.2
 * @param roundest the roundest gold, from the flattest to 1
 */
public record FeedSand(
    double finestMm,
    double coarsestMm,
    Map<GrainKind, Double> shares,
    double flattest,
    double roundest) {
  /** The finest sand taken, in mm: the pan under the finest screen. */
  public static final double FINEST_MM = 0.02;

  /** The coarsest sand taken, in mm: nobody feeds a bowl or a deck with coarser. */
  public static final double COARSEST_MM = 2.4;

  /** How far shares may be from one together. */
  private static final double ROUNDING = 1e-6;

  /** What is left of the concentrate of a sluice without its magnetite: common practice. */
  private static final Map<GrainKind, Double> WITHOUT_MAGNETITE =
      Map.of(GrainKind.ILMENITE, 0.22, GrainKind.GARNET, 0.28, GrainKind.QUARTZ, 0.50);

  /** Placer gold: flakes more often than nuggets. */
  private static final double FLATTEST = 0.2;

  private static final double ROUNDEST = 0.5;

  /** Checks every value and keeps its own copy. */
  public FeedSand {
    Check.inRange("finestMm", finestMm, FINEST_MM, COARSEST_MM);
    Check.inRange("coarsestMm", coarsestMm, Math.nextUp(finestMm), COARSEST_MM);
    Check.inRange("flattest", flattest, 0.2, 1);
    Check.inRange("roundest", roundest, flattest, 1);
    shares.forEach((kind, share) -> Check.inRange("share of " + kind, share, 0, 1));
    Check.inRange("share of GOLD", shares.getOrDefault(GrainKind.GOLD, 0.0), 0, 0);
    double sum = shares.values().stream().mapToDouble(share -> share).sum();
    Check.inRange("shares together", sum, 1 - ROUNDING, 1 + ROUNDING);
    shares = Map.copyOf(shares);
  }

  /**
   * Black sand with that much magnetite in it, and flaky gold.
   *
   * @param finestMm in mm
   * @param coarsestMm in mm
   * @param magnetite its share by mass, 0 to 1
   */
  public static FeedSand black(double finestMm, double coarsestMm, double magnetite) {
    Check.share("magnetite", magnetite);
    Map<GrainKind, Double> shares = new EnumMap<>(GrainKind.class);
    WITHOUT_MAGNETITE.forEach((kind, share) -> shares.put(kind, share * (1 - magnetite)));
    shares.put(GrainKind.MAGNETITE, magnetite);
    return new FeedSand(finestMm, coarsestMm, shares, FLATTEST, ROUNDEST);
  }

  /** The same with gold of other flatness. */
  public FeedSand withGold(double flattest, double roundest) {
    return new FeedSand(finestMm, coarsestMm, shares, flattest, roundest);
  }

  /** The share of a mineral, 0 to 1. */
  public double share(GrainKind kind) {
    return shares.getOrDefault(kind, 0.0);
  }
}
