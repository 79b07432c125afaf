package jugulum.core.trial;

import java.util.List;
import jugulum.core.check.Check;
import org.hipparchus.distribution.continuous.NormalDistribution;
import org.hipparchus.distribution.continuous.TDistribution;

/**
 * By how much what runs win differs beyond what their specks explain, of all machines of a trial at
 * one size together: a run is charged, fed and watched as a whole, and its specks go the same way
 * more often than those of another run.
 *
 * <p>X² of all repeats over their degrees of freedom, and t of as many: P. McCullagh and J. A.
 * Nelder, Generalized Linear Models, 2nd ed. 1989, section 4.5 (from memory). A range is never
 * narrower than by counting alone. With fewer than {@link #LEAST_DEGREES} degrees a trial does not
 * know; the usual scatter stands in, two specks of one run correlated by {@link
 * #USUAL_CORRELATION}, so that the variance is 1 + (m − 1) times that of m specks counted.
 *
 * @param dispersion how many times the variance is that by counting, 0 or more
 * @param degrees of freedom it is known by, from 0
 */
public record RunScatter(double dispersion, int degrees) {
  /**
   * How specks of one run correlate where nobody knows better (ours). Off by a half: a range of 60
   * specks of one run is 13 % wider or 15 % narrower.
   */
  public static final double USUAL_CORRELATION = 0.02;

  /** Two machines of three runs each. */
  public static final int LEAST_DEGREES = 4;

  /** Runs that differ by nothing but their specks. */
  public static final RunScatter NONE = new RunScatter(1, 0);

  /** Checks the numbers. */
  public RunScatter {
    Check.inRange("dispersion", dispersion, 0, 1e12);
    Check.inRange("degrees", degrees, 0, 1e6);
  }

  /**
   * Of the repeats of each machine of a trial at one size.
   *
   * @param repeats of each machine with two runs or more
   * @param specks of each in a run, on average, from 1
   */
  static RunScatter of(List<Repeats> repeats, double specks) {
    double chiSquared = repeats.stream().mapToDouble(Repeats::chiSquared).sum();
    int degrees = repeats.stream().mapToInt(Repeats::degrees).sum();
    return degrees >= LEAST_DEGREES
        ? new RunScatter(chiSquared / degrees, degrees)
        : new RunScatter(Math.max(usual(specks), degrees == 0 ? 0 : chiSquared / degrees), degrees);
  }

  /**
   * As it is to be expected of a trial that is planned.
   *
   * @param specks of each size in a run, from 1
   * @param runs of each machine, from 1
   * @param machines how many, from 1
   */
  public static RunScatter expected(int specks, int runs, int machines) {
    Check.inRange("runs", runs, 1, 1e4);
    Check.inRange("machines", machines, 1, 1e4);
    return new RunScatter(usual(specks), (runs - 1) * machines);
  }

  /** The dispersion the usual correlation makes of runs of so many specks. */
  private static double usual(double specks) {
    return 1 + (Check.inRange("specks", specks, 1, 1e6) - 1) * USUAL_CORRELATION;
  }

  /** Whether the trial itself tells it; else the usual stands in. */
  public boolean isKnown() {
    return degrees >= LEAST_DEGREES;
  }

  /**
   * How many times as wide as by counting a range is, 1 or more.
   *
   * @param confidence of the range, from 0.5 to 0.99999
   */
  public double times(double confidence) {
    Check.inRange("confidence", confidence, 0.5, 0.99999);
    double spread = Math.sqrt(dispersion);
    return isKnown()
        ? Math.max(1, spread * student(confidence, degrees) / normal(confidence))
        : Math.max(1, spread);
  }

  private static double normal(double confidence) {
    return new NormalDistribution().inverseCumulativeProbability((1 + confidence) / 2);
  }

  private static double student(double confidence, int degrees) {
    return new TDistribution(degrees).inverseCumulativeProbability((1 + confidence) / 2);
  }
}
