package jugulum.core.settling;

import java.util.List;
import java.util.stream.DoubleStream;
import jugulum.core.check.Band;
import jugulum.core.check.Check;
import org.hipparchus.stat.descriptive.StreamingStatistics;

/** The flatness of gold from a few grains measured under a microscope. */
public final class GrainShapes {
  private static final double SPREADS = 1.645;

  private GrainShapes() {}

  /**
   * One grain, its axes in any one unit and any order.
   *
   * @param one above 0
   * @param two above 0
   * @param three above 0
   */
  public record Axes(double one, double two, double three) {
    /** Checks every value against its range. */
    public Axes {
      Check.inRange("axis", one, Double.MIN_NORMAL, 1e6);
      Check.inRange("axis", two, Double.MIN_NORMAL, 1e6);
      Check.inRange("axis", three, Double.MIN_NORMAL, 1e6);
    }

    /**
     * The Corey shape factor: the short axis over the root of the product of the other two; above
     * 0, at most 1.
     */
    public double flatness() {
      double[] sorted = DoubleStream.of(one, two, three).sorted().toArray();
      return sorted[0] / Math.sqrt(sorted[1] * sorted[2]);
    }
  }

  /**
   * The usual flatness and the range that holds nine grains in ten, from a normal spread of what
   * was measured; for one grain, half of it and half more. Within what {@link Grain} takes.
   *
   * @param grains at least one
   */
  public static Band flatness(List<Axes> grains) {
    Check.inRange("grains", grains.size(), 1, 10_000);
    StreamingStatistics seen = new StreamingStatistics();
    grains.forEach(grain -> seen.addValue(grain.flatness()));
    double mean = within(seen.getMean());
    double spread = grains.size() == 1 ? mean / 2 : SPREADS * seen.getStandardDeviation();
    return new Band(within(mean - spread), mean, within(mean + spread));
  }

  private static double within(double flatness) {
    return Math.clamp(flatness, Grain.FLATTEST, 1);
  }
}
