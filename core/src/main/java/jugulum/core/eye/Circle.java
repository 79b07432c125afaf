package jugulum.core.eye;

import java.util.Arrays;
import java.util.Optional;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.QRDecomposition;

/**
 * A circle through points, by least squares of x² + y² = 2ax + 2by + c (I. Kåsa, IEEE Transactions
 * on Instrumentation and Measurement 25 (1976) 8–14, from memory).
 *
 * @param x its middle
 * @param y its middle
 * @param radius in pixels
 */
record Circle(double x, double y, double radius) {
  /** Through the points that are to count; empty where they lie on a line. */
  static Optional<Circle> through(double[] px, double[] py, boolean[] counts) {
    int n = 0;
    for (boolean one : counts) {
      n += one ? 1 : 0;
    }
    if (n < 3) {
      return Optional.empty();
    }
    // About their middle: squares of large numbers have no room for what is told by the last place.
    double meanX = mean(px, counts, n);
    double meanY = mean(py, counts, n);
    double[][] rows = new double[n][];
    double[] squares = new double[n];
    int row = 0;
    for (int i = 0; i < px.length; i++) {
      if (counts[i]) {
        double dx = px[i] - meanX;
        double dy = py[i] - meanY;
        rows[row] = new double[] {2 * dx, 2 * dy, 1};
        squares[row++] = dx * dx + dy * dy;
      }
    }
    var solver = new QRDecomposition(new Array2DRowRealMatrix(rows, false), 1e-9).getSolver();
    if (!solver.isNonSingular()) {
      return Optional.empty();
    }
    double[] found = solver.solve(new ArrayRealVector(squares, false)).toArray();
    double radius = Math.sqrt(Math.max(1, found[2] + found[0] * found[0] + found[1] * found[1]));
    return Optional.of(new Circle(found[0] + meanX, found[1] + meanY, radius));
  }

  private static double mean(double[] values, boolean[] counts, int n) {
    double sum = 0;
    for (int i = 0; i < values.length; i++) {
      sum += counts[i] ? values[i] : 0;
    }
    return sum / n;
  }

  /** How far a point lies beyond it, in pixels; below 0 inside. */
  double off(double px, double py) {
    return Math.hypot(px - x, py - y) - radius;
  }

  /** The middle one of some values. */
  static double median(double[] values) {
    double[] sorted = values.clone();
    Arrays.sort(sorted);
    int n = sorted.length;
    return n == 0 ? 0 : (sorted[(n - 1) / 2] + sorted[n / 2]) / 2;
  }
}
