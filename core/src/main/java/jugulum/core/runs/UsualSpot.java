package jugulum.core.runs;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import jugulum.core.check.Check;
import jugulum.core.machine.Spot;
import org.hipparchus.stat.descriptive.StreamingStatistics;
import org.hipparchus.stat.regression.SimpleRegression;

/**
 * Where something usually is on a machine at a setting, by the runs in which it was noted.
 *
 * <p>Textbook: the least-squares line of what was noted against a dial, its residual standard
 * deviation with n − 2 degrees of freedom. Used: the line where the dial stood at two values at
 * least and three runs tell, else the mean.
 *
 * @param at where it usually is, in the unit of the spot
 * @param perUnit how far it moves for one unit of the dial; empty where the dial stood still
 * @param spread the standard deviation about that, 0 or more; empty below three runs
 * @param runs how many runs tell
 */
public record UsualSpot(double at, OptionalDouble perUnit, OptionalDouble spread, int runs) {
  /** Runs below that tell no spread. */
  private static final int ENOUGH = 3;

  /** So many standard deviations away is not usual: common practice. */
  private static final double FAR = 2;

  /**
   * Where it usually is.
   *
   * @param past how each run of that machine stood, by dial and spot
   * @param dial the dial that moves it, by its name on the sheet
   * @param set how that dial stands now; empty where nobody said
   * @return empty where it was never noted
   */
  public static Optional<UsualSpot> of(
      List<Map<String, Double>> past, Spot spot, String dial, OptionalDouble set) {
    List<Map<String, Double>> noted =
        past.stream().filter(run -> run.containsKey(spot.id())).toList();
    List<Map<String, Double>> both = noted.stream().filter(run -> run.containsKey(dial)).toList();
    boolean isMoved = both.stream().map(run -> run.get(dial)).distinct().count() > 1;
    return set.isPresent() && both.size() >= ENOUGH && isMoved
        ? Optional.of(byDial(both, spot, dial, set.getAsDouble()))
        : mean(noted.stream().map(run -> Check.known(run, spot.id())).toList());
  }

  private static UsualSpot byDial(
      List<Map<String, Double>> runs, Spot spot, String dial, double set) {
    SimpleRegression line = new SimpleRegression();
    runs.forEach(run -> line.addData(Check.known(run, dial), Check.known(run, spot.id())));
    return new UsualSpot(
        line.predict(set),
        OptionalDouble.of(line.getSlope()),
        OptionalDouble.of(Math.sqrt(Math.max(0, line.getMeanSquareError()))),
        runs.size());
  }

  private static Optional<UsualSpot> mean(List<Double> seen) {
    StreamingStatistics noted = new StreamingStatistics();
    seen.forEach(noted::addValue);
    return seen.isEmpty()
        ? Optional.empty()
        : Optional.of(
            new UsualSpot(
                noted.getMean(),
                OptionalDouble.empty(),
                seen.size() < ENOUGH
                    ? OptionalDouble.empty()
                    : OptionalDouble.of(noted.getStandardDeviation()),
                seen.size()));
  }

  /** Whether something is so far from there that it is worth a look. */
  public boolean isFar(double seen) {
    return spread.isPresent() && Math.abs(seen - at) > FAR * spread.getAsDouble();
  }
}
