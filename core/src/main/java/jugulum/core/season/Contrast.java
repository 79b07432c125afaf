package jugulum.core.season;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import org.hipparchus.distribution.continuous.TDistribution;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.MatrixUtils;
import org.hipparchus.linear.QRDecomposition;
import org.hipparchus.linear.RealMatrix;

/**
 * What several things that are so or not so make of a figure, among cases of the same kind.
 *
 * <p>Least squares of the figure on all of them together with a mean for every kind of case
 * (textbook: regression with fixed effects, each case less the mean of its kind); ranges with
 * Student's t. One case of a kind tells nothing, and of a thing that is always or never so within
 * every kind nothing is told.
 *
 * @param effects what each makes of the figure, in the order asked; empty where nothing is told
 * @param degrees of freedom, 0 or more
 */
record Contrast(List<Optional<Effect>> effects, int degrees) {
  private static final double SINGULAR = 1e-9;

  /**
   * A case.
   *
   * @param kind its kind: only cases of one kind are compared
   * @param figure the figure
   * @param so what is so of it, in one order for all
   */
  record Case(String kind, double figure, List<Boolean> so) {}

  /**
   * What one thing makes of the figure.
   *
   * @param mean how much it moves it
   * @param half half the 95 % range of that, 0 or more
   */
  record Effect(double mean, double half) {
    /** Whether the range excludes that it makes nothing. */
    boolean isSeen() {
      return Math.abs(mean) > half;
    }

    double low() {
      return mean - half;
    }

    double high() {
      return mean + half;
    }
  }

  /**
   * Compares.
   *
   * @param things how many things are asked about
   */
  static Contrast of(List<Case> cases, int things) {
    Map<String, List<Case>> kinds = new TreeMap<>();
    cases.forEach(one -> kinds.computeIfAbsent(one.kind(), _ -> new ArrayList<>()).add(one));
    kinds.values().removeIf(its -> its.size() < 2);
    int rows = kinds.values().stream().mapToInt(List::size).sum();
    double[][] so = new double[rows][things];
    double[] figures = new double[rows];
    int row = 0;
    for (List<Case> its : kinds.values()) {
      double mean = its.stream().mapToDouble(Case::figure).average().orElseThrow();
      double[] shares = shares(its, things);
      for (Case one : its) {
        figures[row] = one.figure() - mean;
        for (int thing = 0; thing < things; thing++) {
          so[row][thing] = (one.so().get(thing) ? 1 : 0) - shares[thing];
        }
        row++;
      }
    }
    return solved(so, figures, independent(so, things), things, kinds.size());
  }

  private static double[] shares(List<Case> its, int things) {
    double[] shares = new double[things];
    for (int thing = 0; thing < things; thing++) {
      int at = thing;
      shares[thing] = its.stream().filter(one -> one.so().get(at)).count() / (double) its.size();
    }
    return shares;
  }

  /** The things that vary within kinds and do not follow from those before them. */
  private static List<Integer> independent(double[][] so, int things) {
    List<Integer> kept = new ArrayList<>();
    for (int thing = 0; thing < things && kept.size() < so.length; thing++) {
      kept.add(thing);
      RealMatrix r = new QRDecomposition(columns(so, kept)).getR();
      if (Math.abs(r.getEntry(kept.size() - 1, kept.size() - 1)) <= SINGULAR) {
        kept.removeLast();
      }
    }
    return kept;
  }

  private static RealMatrix columns(double[][] so, List<Integer> kept) {
    RealMatrix x = new Array2DRowRealMatrix(so.length, kept.size());
    for (int row = 0; row < so.length; row++) {
      for (int column = 0; column < kept.size(); column++) {
        x.setEntry(row, column, so[row][kept.get(column)]);
      }
    }
    return x;
  }

  private static Contrast solved(
      double[][] so, double[] figures, List<Integer> kept, int things, int kinds) {
    List<Optional<Effect>> effects = new ArrayList<>();
    for (int thing = 0; thing < things; thing++) {
      effects.add(Optional.empty());
    }
    int degrees = so.length - kinds - kept.size();
    if (kept.isEmpty() || degrees < 1) {
      return new Contrast(effects, Math.max(0, degrees));
    }
    RealMatrix x = columns(so, kept);
    QRDecomposition qr = new QRDecomposition(x);
    double[] found = qr.getSolver().solve(new ArrayRealVector(figures)).toArray();
    int last = kept.size() - 1;
    RealMatrix inverse = MatrixUtils.inverse(qr.getR().getSubMatrix(0, last, 0, last));
    double[] fitted = x.operate(found);
    double squares = 0;
    for (int row = 0; row < figures.length; row++) {
      squares += (figures[row] - fitted[row]) * (figures[row] - fitted[row]);
    }
    double t = new TDistribution(degrees).inverseCumulativeProbability(0.975);
    for (int column = 0; column < kept.size(); column++) {
      // (XᵀX)⁻¹ is R⁻¹R⁻ᵀ.
      double sd = Math.sqrt(squares / degrees) * inverse.getRowVector(column).getNorm();
      effects.set(kept.get(column), Optional.of(new Effect(found[column], t * sd)));
    }
    return new Contrast(effects, degrees);
  }
}
