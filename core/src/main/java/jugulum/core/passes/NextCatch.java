package jugulum.core.passes;

import java.util.List;
import java.util.function.ToDoubleFunction;
import jugulum.core.check.Check;
import jugulum.core.specks.Speck;
import org.hipparchus.analysis.integration.gauss.GaussIntegrator;
import org.hipparchus.analysis.integration.gauss.GaussIntegratorFactory;
import org.hipparchus.special.Erf;
import org.hipparchus.special.Gamma;

/**
 * What one more pass may bring. How many specks are left is not known: every number counts with its
 * likelihood (see {@link Removal}), its catch as Poisson about p·(N − T), and so many specks weigh
 * what their spread of sizes and the doubt of their flatness let expect. Worked out on a grid,
 * without random numbers and without a greatest number of specks. The law of total probability;
 * ours in the choice of the grid.
 *
 * <p>Textbook: a Poisson number of specks whose masses are gamma, added up over every number. Used:
 * that sum up to a mean catch of {@link #FEW}; beyond it one gamma of the same mean λ and variance
 * λ(1 + v) (moments of a compound Poisson sum, A. Gut, Probability: A Graduate Course, chapter 3;
 * from memory), which at that mean differs from the sum by less than 0.002.
 */
public final class NextCatch {
  private static final int STEPS = 240;

  /** Up to so many specks expected every number is added up by itself. */
  private static final int FEW = 200;

  /** A Poisson catch about {@link #FEW} goes beyond this once in 10^30. */
  private static final int MOST_OF_FEW = 400;

  /** Points over a normal distribution. */
  private static final int POINTS = 15;

  /** From that shape on a gamma is narrower than the doubt of the flatness. */
  private static final double NARROW = 30;

  /**
   * Specks that are all alike would have no gamma: so little variance changes no chance by a
   * thousandth.
   */
  private static final double LEAST_VARIANCE = 1e-6;

  /** So little doubt of the mean changes no chance by a thousandth. */
  private static final double LEAST_DOUBT = 1e-4;

  private static final GaussIntegrator OVER_NORMAL = new GaussIntegratorFactory().hermite(POINTS);

  private final List<Likelihood.Weighted> catches;

  private NextCatch(List<Likelihood.Weighted> catches) {
    this.catches = catches;
  }

  /**
   * From the catches so far.
   *
   * @param catches at least two, at least one above 0
   */
  public static NextCatch after(List<? extends Number> catches) {
    Check.inRange("passes", catches.size(), 2, 100_000);
    return new NextCatch(Likelihood.of(catches).nextCatches(STEPS));
  }

  /**
   * The chance that it frees so many specks or more, 0 to 1.
   *
   * @param specks 0 to 1e9
   */
  public double chanceOf(int specks) {
    Check.inRange("specks", specks, 0, 1e9);
    return specks == 0
        ? 1
        : over(one -> one.meanCatch() > 0 ? Gamma.regularizedGammaP(specks, one.meanCatch()) : 0);
  }

  /**
   * The chance that what it frees weighs so much or more, 0 to 1.
   *
   * @param milligrams native gold, in mg; 0 or less is certain
   * @param speck what one speck weighs
   */
  public double chanceOfMass(double milligrams, Speck speck) {
    if (milligrams <= 0) {
      return 1;
    }
    double meanSpecks = milligrams / speck.meanMg();
    double spread = Math.max(speck.variance(), LEAST_VARIANCE);
    double sd = Math.max(speck.logSd(), LEAST_DOUBT);
    double few = fewWeighAtLeast(meanSpecks, spread, sd);
    return Math.min(
        1,
        few
            + over(
                one ->
                    one.meanCatch() > FEW
                        ? overDoubt(one.meanCatch() / (1 + spread), meanSpecks / (1 + spread), sd)
                        : 0));
  }

  private double over(ToDoubleFunction<Likelihood.Weighted> chance) {
    double sum = 0;
    for (Likelihood.Weighted one : catches) {
      sum += one.weight() * chance.applyAsDouble(one);
    }
    return Math.min(1, sum);
  }

  private double fewWeighAtLeast(double meanSpecks, double variance, double sd) {
    double[] chances = new double[MOST_OF_FEW + 1];
    for (Likelihood.Weighted one : catches) {
      double poisson = one.meanCatch() > FEW ? 0 : one.weight() * Math.exp(-one.meanCatch());
      for (int k = 0; k <= MOST_OF_FEW && poisson > 0; k++) {
        chances[k] += poisson;
        poisson *= one.meanCatch() / (k + 1);
      }
    }
    double sum = 0;
    for (int k = 1; k <= MOST_OF_FEW; k++) {
      if (chances[k] > 1e-12) {
        sum += chances[k] * overDoubt(k / variance, meanSpecks / variance, sd);
      }
    }
    return sum;
  }

  /**
   * The chance that a gamma of that shape is so much or more, over the doubt of the mass of a
   * speck. A narrow gamma would be a step between the points over the flatness: there the points
   * lie over the gamma, as the cube of a normal (E. Wilson and M. Hilferty, 1931; from memory), and
   * the flatness has its normal distribution.
   */
  private static double overDoubt(double shape, double least, double sd) {
    double weighted =
        shape < NARROW
            ? OVER_NORMAL.integrate(
                x ->
                    Gamma.regularizedGammaQ(
                        shape, least / StrictMath.exp(sd * Math.sqrt(2) * x - sd * sd / 2)))
            : OVER_NORMAL.integrate(
                x ->
                    heavyEnough(
                        shape
                            * cube(1 - 1 / (9 * shape) + Math.sqrt(2) * x / (3 * Math.sqrt(shape)))
                            / least,
                        sd));
    return weighted / Math.sqrt(Math.PI);
  }

  private static double cube(double root) {
    return Math.max(Double.MIN_NORMAL, root * root * root);
  }

  /** The chance that the doubt of the mass makes up for so much more or less than asked for. */
  private static double heavyEnough(double more, double sd) {
    return 1 - 0.5 * Erf.erfc((StrictMath.log(more) - sd * sd / 2) / sd / Math.sqrt(2));
  }
}
