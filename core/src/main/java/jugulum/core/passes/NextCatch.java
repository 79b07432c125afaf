package jugulum.core.passes;

import java.util.List;
import jugulum.core.check.Check;
import jugulum.core.specks.SpeckMass;
import org.hipparchus.analysis.integration.gauss.GaussIntegrator;
import org.hipparchus.analysis.integration.gauss.GaussIntegratorFactory;
import org.hipparchus.special.Gamma;

/**
 * What one more pass may bring. How many specks are left is not known: every number counts with its likelihood (see {@link Removal}), its
 * catch as Poisson about p·(N − T), and so many specks weigh what their spread of sizes and the doubt of their flatness let expect. Worked
 * out on a grid, without random numbers. The law of total probability; ours in the choice of the grid.
 */
public final class NextCatch {
  private static final int STEPS = 240;
  private static final int MOST_SPECKS = 400;

  /** Points over the doubt of the flatness; more change no chance by a thousandth. */
  private static final int POINTS = 7;

  private static final GaussIntegrator OVER_FLATNESS = new GaussIntegratorFactory().hermite(POINTS);

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
    double sd = SpeckMass.FLATNESS_LOG_SD;
    double weighted =
        OVER_FLATNESS.integrate(
            x -> {
              double factor = Math.exp(sd * Math.sqrt(2) * x - sd * sd / 2);
              return Gamma.regularizedGammaQ(shape, meanSpecks / factor / variance);
            });
    return weighted / Math.sqrt(Math.PI);
  }
}
