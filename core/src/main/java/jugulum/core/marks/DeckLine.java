package jugulum.core.marks;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import jugulum.core.check.Check;
import org.hipparchus.stat.regression.OLSMultipleLinearRegression;

/**
 * Where the line of a table stands against tilt and wash water, for one cut, by least squares over
 * what was looked at. It is told between the lowest and the highest tilt of them.
 *
 * <p>Textbook: ordinary least squares. Used: tilt alone, and water beside it once four marks tell
 * it and it was turned apart from the tilt.
 *
 * @param at where it would stand at no tilt and no water, in mm; may be below 0
 * @param perDegree how far it moves for one degree more, in mm
 * @param perLitre how far for one litre a minute more, in mm; empty where water was not told apart
 * @param meanWater of the marks, in L/min; 0 where it was not told apart
 * @param lowest the least tilt looked at, in degrees
 * @param highest the most, in degrees
 * @param scatter how far marks lie off, in mm, as a standard deviation; empty where none is over
 * @param stands the longest it took to stand, in minutes; empty where nobody looked
 */
public record DeckLine(
    double at,
    double perDegree,
    OptionalDouble perLitre,
    double meanWater,
    double lowest,
    double highest,
    OptionalDouble scatter,
    OptionalDouble stands) {
  private static final int FOR_WATER = 4;

  /** Water counts as turned apart from tilt where that share of its spread is its own. */
  private static final double APART = 0.05;

  /** The line of marks of one cut; empty where they are of one tilt. */
  public static Optional<DeckLine> of(List<LineMark> marks) {
    double lowest = marks.stream().mapToDouble(LineMark::tilt).min().orElse(0);
    double highest = marks.stream().mapToDouble(LineMark::tilt).max().orElse(0);
    if (!(lowest < highest)) {
      return Optional.empty();
    }
    boolean byWater = isByWater(marks);
    double[] place = marks.stream().mapToDouble(LineMark::lineMm).toArray();
    double[][] set =
        marks.stream()
            .map(
                mark ->
                    byWater
                        ? new double[] {mark.tilt(), mark.water().orElseThrow()}
                        : new double[] {mark.tilt()})
            .toArray(double[][]::new);
    OptionalDouble stands = marks.stream().flatMapToDouble(mark -> mark.minutes().stream()).max();
    double[] found = found(place, set);
    int free = place.length - found.length;
    return Optional.of(
        new DeckLine(
            found[0],
            found[1],
            byWater ? OptionalDouble.of(found[2]) : OptionalDouble.empty(),
            byWater ? marks.stream().mapToDouble(m -> m.water().orElse(0)).average().orElse(0) : 0,
            lowest,
            highest,
            free > 0 ? OptionalDouble.of(scatter(place, set, found, free)) : OptionalDouble.empty(),
            stands));
  }

  /** Two marks lie on their line; more are fitted. */
  private static double[] found(double[] place, double[][] set) {
    if (place.length == 2) {
      double slope = (place[1] - place[0]) / (set[1][0] - set[0][0]);
      return new double[] {place[0] - slope * set[0][0], slope};
    }
    OLSMultipleLinearRegression fit = new OLSMultipleLinearRegression();
    fit.newSampleData(place, set);
    return fit.estimateRegressionParameters();
  }

  private static double scatter(double[] place, double[][] set, double[] found, int free) {
    double squares = 0;
    for (int i = 0; i < place.length; i++) {
      double off = place[i] - found[0];
      for (int j = 0; j < set[i].length; j++) {
        off -= found[j + 1] * set[i][j];
      }
      squares += off * off;
    }
    return Math.sqrt(squares / free);
  }

  /** Whether water was told everywhere and turned apart from the tilt. */
  private static boolean isByWater(List<LineMark> marks) {
    if (marks.size() < FOR_WATER || marks.stream().anyMatch(mark -> mark.water().isEmpty())) {
      return false;
    }
    double tilts = marks.stream().mapToDouble(LineMark::tilt).average().orElse(0);
    double waters = marks.stream().mapToDouble(m -> m.water().orElse(0)).average().orElse(0);
    double tt = 0;
    double ww = 0;
    double tw = 0;
    for (LineMark mark : marks) {
      double t = mark.tilt() - tilts;
      double w = mark.water().orElse(0) - waters;
      tt += t * t;
      ww += w * w;
      tw += t * w;
    }
    return ww > 0 && ww - tw * tw / tt > APART * ww;
  }

  /**
   * Where it stands, in mm; empty beyond the tilts looked at.
   *
   * @param tilt in degrees, 0 to 30
   * @param water in L/min; the mean of the marks where it is not told
   */
  public OptionalDouble mm(double tilt, OptionalDouble water) {
    Check.inRange("tilt", tilt, 0, 30);
    return tilt >= lowest && tilt <= highest
        ? OptionalDouble.of(at + perDegree * tilt + ofWater(water))
        : OptionalDouble.empty();
  }

  /**
   * The tilt at which it stands there, in degrees; empty beyond the tilts looked at, and where the
   * line does not move with the tilt.
   *
   * @param mm 0 to 10,000
   * @param water in L/min; the mean of the marks where it is not told
   */
  public OptionalDouble tilt(double mm, OptionalDouble water) {
    Check.inRange("mm", mm, 0, 10_000);
    double found = (mm - at - ofWater(water)) / perDegree;
    return found >= lowest && found <= highest ? OptionalDouble.of(found) : OptionalDouble.empty();
  }

  private double ofWater(OptionalDouble water) {
    return perLitre.orElse(0) * Check.inRange("water", water.orElse(meanWater), 0, 1000);
  }
}
