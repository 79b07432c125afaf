package jugulum.core.passes;

import java.util.List;
import jugulum.core.check.Check;
import jugulum.core.specks.SpeckMass;
import org.hipparchus.special.Gamma;

/**
 * What one more pass may bring. How many specks are left is not known: every number counts with its likelihood (see {@link Removal}), its
 * catch as Poisson about p·(N − T), and so many specks weigh what their spread of sizes and the doubt of their flatness let expect. Worked
 * out on a grid, without random numbers. The law of total probability; ours in the choice of the grid.
 */
public final class NextCatch {
  private static final int STEPS = 240;
  private static final int MOST_SPECKS = 400;

  /** Gauss-Hermite nodes and weights for a normal variable, five points (handbook values, Abramowitz and Stegun 25.10, from memory). */
  private static final double[] NODES = {-2.8569700138728, -1.3556261799742, 0, 1.3556261799742, 2.8569700138728};

  private static final double[] WEIGHTS = {0.0112574113277, 0.2220759220056, 0.5333333333333, 0.2220759220056, 0.0112574113277};

  private final double[] chances;
  private final double farther;

  private NextCatch(double[] chances, double farther) {
    this.chances = chances;
    this.farther = farther;
  }

  /**
   * From the catches so far.
   *
   * @param catches at least two, at least one above 0
   */
  public static NextCatch after(List<? extends Number> catches) {
    Check.inRange("passes", catches.size(), 2, 100_000);
    double[] chances = new double[MOST_SPECKS + 1];
    for (Likelihood.Weighted one : Likelihood.of(catches).nextCatches(STEPS)) {
      double poisson = Math.exp(-one.meanCatch());
      for (int k = 0; k <= MOST_SPECKS; k++) {
        chances[k] += one.weight() * poisson;
        poisson *= one.meanCatch() / (k + 1);
      }
    }
    double sum = 0;
    for (double chance : chances) {
      sum += chance;
    }
    return new NextCatch(chances, Math.max(0, 1 - sum));
  }

  /**
   * The chance that it frees so many specks or more, 0 to 1.
   *
   * @param specks 0 to 400
   */
  public double chanceOf(int specks) {
    Check.inRange("specks", specks, 0, MOST_SPECKS);
    double sum = farther;
    for (int k = specks; k <= MOST_SPECKS; k++) {
      sum += chances[k];
    }
    return Math.min(1, sum);
  }

  /**
   * The chance that what it frees weighs so much or more, 0 to 1.
   *
   * @param milligrams native gold, in mg; 0 or less is certain
   * @param speckMg the mean mass of a speck, in mg, above 0
   * @param variance how much single specks differ, as variance over the square of the mean, 0 or more
   */
  public double chanceOfMass(double milligrams, double speckMg, double variance) {
    Check.inRange("speckMg", speckMg, Double.MIN_NORMAL, 1e9);
    Check.inRange("variance", variance, 0, 1e3);
    if (milligrams <= 0) {
      return 1;
    }
    double sum = farther;
    for (int k = 1; k <= MOST_SPECKS; k++) {
      if (chances[k] > 1e-12) {
        sum += chances[k] * weighsAtLeast(milligrams / speckMg, k, Math.max(variance, 1e-6));
      }
    }
    return Math.min(1, sum);
  }

  private static double weighsAtLeast(double meanSpecks, int specks, double variance) {
    double shape = specks / variance;
    double sum = 0;
    for (int i = 0; i < NODES.length; i++) {
      double sd = SpeckMass.FLATNESS_LOG_SD;
      double factor = Math.exp(sd * NODES[i] - sd * sd / 2);
      sum += WEIGHTS[i] * Gamma.regularizedGammaQ(shape, meanSpecks / factor / variance);
    }
    return sum;
  }
}
