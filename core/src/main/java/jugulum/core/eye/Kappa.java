package jugulum.core.eye;

import java.util.Optional;
import jugulum.core.check.Check;

/**
 * What turns areas seen from above into milligrams: m = κ A^1.5. Of an ellipsoid with axes a, b, c
 * and flatness f = c/√(ab), m = ρ ⅔ A c, so κ = (4/(3√π)) f ρ = 0.75225 f ρ. Thickness is not seen
 * from above; so what was weighed goes before what was told.
 *
 * @param value κ, in mg/mm³, above 0
 * @param logSd standard deviation of its logarithm, 0 or more
 * @param from what it rests on
 */
public record Kappa(double value, double logSd, From from) {
  /** What κ rests on, the best first. */
  public enum From {
    /** Specks looked at by the same eye and weighed. */
    HANDFUL,
    /** Flatness as the batch's weighed specks of a cut tell it. */
    SCREENS,
    /** Flatness as it was told. */
    TOLD
  }

  /** 4/(3√π). */
  public static final double SHAPE = 4 / (3 * Math.sqrt(Math.PI));

  /** One speck's flatness about the mean of its gold, as a logarithm: measured on drawn gold. */
  static final double ONE_SPECK = 0.26;

  /**
   * What is left of a handful however many it holds, as a logarithm: ours.
   *
   * <p>Off by a half: the narrowest a weighed range gets.
   */
  private static final double LEAST = 0.03;

  /**
   * Gold of another size class has another shape, as a logarithm: ours.
   *
   * <p>Off by a half: ranges of cuts whose own gold nobody weighed.
   */
  private static final double OTHER_CUTS = 0.1;

  /** A handful holds at least so many. */
  public static final int FEWEST = 20;

  /** It weighs at least so many steps of the scale. */
  public static final int STEPS = 10;

  /**
   * Told, it may be so many times more or less: ours, as a 95 % range.
   *
   * <p>Off by a half: the width of every range without a weighed handful.
   */
  private static final double TOLD = 1.5;

  private static final double NINETY_FIVE = 1.959964;

  /** Checks both. */
  public Kappa {
    Check.inRange("kappa", value, 1e-6, 100);
    Check.inRange("kappaLogSd", logSd, 0, 10);
  }

  /**
   * Of a weighed handful; empty where it is too small to tell.
   *
   * @param specks how many, 0 or more
   * @param milligrams what they weigh together, 0 or more
   * @param stepMg one step of the scale, in mg, above 0
   * @param sum15 the sum of their areas to the power 1.5, in mm³, above 0
   * @param sum30 the sum of their cubes, in mm⁶, above 0: the square of the one over the other says
   *     how many tell
   */
  public static Optional<Kappa> handful(
      int specks, double milligrams, double stepMg, double sum15, double sum30) {
    Check.inRange("stepMg", stepMg, 1e-6, 1e6);
    Check.inRange("sum15", sum15, 1e-9, 1e9);
    Check.inRange("sum30", sum30, 1e-18, 1e18);
    if (specks < FEWEST || milligrams < STEPS * stepMg) {
      return Optional.empty();
    }
    double telling = sum15 * sum15 / sum30;
    double byStep = stepMg / milligrams;
    double variance = ONE_SPECK * ONE_SPECK / telling + byStep * byStep / 12 + LEAST * LEAST;
    return Optional.of(new Kappa(milligrams / sum15, Math.sqrt(variance), From.HANDFUL));
  }

  /**
   * Of a flatness that was told.
   *
   * @param flatness thickness through the root of both other axes, 0.01 to 1
   * @param density of the gold, in g/mL, 10 to 22
   */
  public static Kappa told(double flatness, double density) {
    return new Kappa(kappa(flatness, density), Math.log(TOLD) / NINETY_FIVE, From.TOLD);
  }

  /**
   * Of the flatness that weighed specks of a cut tell, which was got as if they were as wide as
   * long, so that it holds their elongation.
   *
   * @param ofScreens that flatness, 0.01 to 1
   * @param elongation Σb³/Σ(ab)^1.5 of the specks seen, longest and shortest axis, above 0 to 1
   * @param logSd of that flatness, 0 to 10
   */
  public static Kappa screens(double ofScreens, double elongation, double density, double logSd) {
    Check.inRange("elongation", elongation, 0.01, 1);
    return new Kappa(kappa(ofScreens, density) * elongation, logSd, From.SCREENS);
  }

  private static double kappa(double flatness, double density) {
    return SHAPE
        * Check.inRange("flatness", flatness, 0.01, 1)
        * Check.inRange("density", density, 10, 22);
  }

  /** The same for gold of another size class. */
  public Kappa ofOtherCut() {
    return new Kappa(value, Math.hypot(logSd, OTHER_CUTS), from);
  }

  /**
   * The flatness seen from above that gives it.
   *
   * @param density of the gold, in g/mL, 10 to 22
   */
  public double flatness(double density) {
    return value / (SHAPE * Check.inRange("density", density, 10, 22));
  }

  /**
   * The side of the smallest square opening a flake slips through, in mm: s = b √((1 + (c/b)²)/2).
   *
   * @param longMm its longest axis, in mm, above 0
   * @param shortMm its shortest as seen from above, in mm, above 0
   * @param flatness thickness through the root of both, 0 to 1
   */
  public static double slipsThroughMm(double longMm, double shortMm, double flatness) {
    double thick = Check.share("flatness", flatness) * Math.sqrt(longMm * shortMm);
    double through = Math.min(1, thick / Check.inRange("shortMm", shortMm, 1e-6, 1e3));
    return shortMm * Math.sqrt((1 + through * through) / 2);
  }
}
