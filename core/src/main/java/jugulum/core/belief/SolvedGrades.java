package jugulum.core.belief;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.DoubleSupplier;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.CholeskyDecomposition;
import org.hipparchus.linear.RealMatrix;

/** {@link GradeModel} solved for one set of spreads. */
final class SolvedGrades {
  /** The terms that lots of all batches share: the base, one of each kind, one of each size. */
  private static final int KINDS = LotKind.values().length;

  static final int SHARED = 1 + KINDS + SizeClass.values().length;

  /** The variance of a term that is held at 0. */
  private static final double HELD = 1e-12;

  private final GradeTable table;
  private final double batchPrecision;
  private final double lotVariance;
  private final double[] mean;
  private final RealMatrix covariance;
  private final Map<String, Left> sources;
  private final double logDensity;

  private SolvedGrades(
      GradeTable table,
      double[] mean,
      RealMatrix covariance,
      Map<String, Left> sources,
      double logDensity) {
    this.table = table;
    this.batchPrecision = 1 / square(table.batchSd());
    this.lotVariance = square(table.lotSd());
    this.mean = mean;
    this.covariance = covariance;
    this.sources = sources;
    this.logDensity = logDensity;
  }

  /** What is left of a source when its batches are integrated out, or of a batch when its lots. */
  private static final class Left {
    private final double[] cross = new double[SHARED];
    private double precision;
    private double right;
  }

  /**
   * A lot that is asked for.
   *
   * @param variance of what was seen of it; infinite where nobody looked
   * @param isIn whether that is among what the model learnt from
   */
  record Lot(Kin kin, double log, double variance, boolean isIn) {
    static Lot unseen(Kin kin) {
      return new Lot(kin, 0, Double.POSITIVE_INFINITY, false);
    }
  }

  /** A logarithm of a grade, Gaussian. */
  record Told(double mean, double variance) {}

  static SolvedGrades of(GradeTable table, Map<String, List<List<SeenGrade>>> bySource) {
    double batchPrecision = 1 / square(table.batchSd());
    double sourcePrecision = 1 / square(table.sourceSd());
    double lotVariance = square(table.lotSd());
    double[][] shared = new double[SHARED][SHARED];
    double[] right = new double[SHARED];
    double quadratic = 0;
    double logs = 0;
    Map<String, Left> sources = new HashMap<>();
    for (Map.Entry<String, List<List<SeenGrade>>> source : bySource.entrySet()) {
      Left its = new Left();
      for (List<SeenGrade> batch : source.getValue()) {
        Left sums = new Left();
        for (SeenGrade seen : batch) {
          double weight = 1 / (lotVariance + seen.variance());
          double residual = seen.log() - table.log(seen.kin());
          int[] terms = terms(seen.kin());
          for (int term : terms) {
            right[term] += weight * residual;
            sums.cross[term] += weight;
            for (int other : terms) {
              shared[term][other] += weight;
            }
          }
          sums.precision += weight;
          sums.right += weight * residual;
          quadratic += weight * residual * residual;
          logs -= Math.log(weight);
        }
        double all = batchPrecision + sums.precision;
        eliminate(shared, right, sums.cross, sums.right, all);
        quadratic -= sums.right * sums.right / all;
        logs += Math.log(all / batchPrecision);
        double kept = batchPrecision / all;
        its.precision += sums.precision * kept;
        its.right += sums.right * kept;
        for (int i = 0; i < SHARED; i++) {
          its.cross[i] += sums.cross[i] * kept;
        }
      }
      its.precision += sourcePrecision;
      eliminate(shared, right, its.cross, its.right, its.precision);
      quadratic -= its.right * its.right / its.precision;
      logs += Math.log(its.precision / sourcePrecision);
      sources.put(source.getKey(), its);
    }
    double[] prior = prior(table);
    for (int i = 0; i < SHARED; i++) {
      shared[i][i] += prior[i];
      logs -= Math.log(prior[i]);
    }
    CholeskyDecomposition solved =
        new CholeskyDecomposition(new Array2DRowRealMatrix(shared, false));
    double[] mean = solved.getSolver().solve(new ArrayRealVector(right, false)).toArray();
    for (int i = 0; i < SHARED; i++) {
      quadratic -= right[i] * mean[i];
      logs += 2 * Math.log(solved.getL().getEntry(i, i));
    }
    return new SolvedGrades(
        table, mean, solved.getSolver().getInverse(), sources, -(logs + quadratic) / 2);
  }

  private static void eliminate(
      double[][] shared, double[] right, double[] cross, double own, double precision) {
    for (int i = 0; i < SHARED; i++) {
      if (cross[i] != 0) {
        right[i] -= cross[i] * own / precision;
        for (int j = 0; j < SHARED; j++) {
          shared[i][j] -= cross[i] * cross[j] / precision;
        }
      }
    }
  }

  /** A term without a spread is held at 0. */
  private static double[] prior(GradeTable table) {
    double[] precisions = new double[SHARED];
    for (int i = 0; i < SHARED; i++) {
      double sd = i == 0 ? table.baseSd() : i <= KINDS ? table.kindSd() : table.sizeSd();
      precisions[i] = 1 / Math.max(square(sd), HELD);
    }
    return precisions;
  }

  /** The shared terms of a lot: each counts once. */
  private static int[] terms(Kin kin) {
    int kind = 1 + kin.kind().ordinal();
    return kin.size()
        .map(size -> new int[] {0, kind, 1 + KINDS + size.ordinal()})
        .orElseGet(() -> new int[] {0, kind});
  }

  /**
   * The logarithm of the density of all that was seen, but for what every set of spreads shares.
   */
  double logDensity() {
    return logDensity;
  }

  /**
   * What is thought of a lot.
   *
   * @param batch what was seen of its batch
   */
  Told told(Lot lot, List<SeenGrade> batch) {
    Told common = common(lot.kin(), batch);
    double middle = table.log(lot.kin()) + common.mean();
    if (Double.isInfinite(lot.variance())) {
      return new Told(middle, common.variance() + lotVariance);
    }
    double share = lotVariance / (lotVariance + lot.variance());
    if (lot.isIn()) {
      return new Told(
          middle + share * (lot.log() - middle),
          square(1 - share) * common.variance() + share * lot.variance());
    }
    double all = common.variance() + lotVariance;
    double by = all / (all + lot.variance());
    return new Told(middle + by * (lot.log() - middle), by * lot.variance());
  }

  /** The sum of all terms but the lot's own. */
  private Told common(Kin kin, List<SeenGrade> batch) {
    Common common = new Common(kin.source(), batch);
    double[] by = common.by(kin);
    return new Told(common.mean(by), common.covariance(by, covariance.operate(by)));
  }

  /** What the lots of one batch have in common. */
  private final class Common {
    private final double[] less = new double[SHARED];
    private final double told;
    private final double variance;

    Common(String source, List<SeenGrade> batch) {
      double precision = batchPrecision;
      double right = 0;
      for (SeenGrade seen : batch) {
        double weight = 1 / (lotVariance + seen.variance());
        for (int term : terms(seen.kin())) {
          less[term] += weight;
        }
        precision += weight;
        right += weight * (seen.log() - table.log(seen.kin()));
      }
      double kept = batchPrecision / precision;
      Left its = sources.get(source);
      double sourcePrecision = its == null ? 1 / square(table.sourceSd()) : its.precision;
      for (int i = 0; i < SHARED; i++) {
        less[i] = less[i] / precision + (its == null ? 0 : kept * its.cross[i] / sourcePrecision);
      }
      told = right / precision + (its == null ? 0 : kept * its.right / sourcePrecision);
      variance = 1 / precision + kept * kept / sourcePrecision;
    }

    /** How much of each shared term is in the sum, for a lot. */
    double[] by(Kin kin) {
      double[] by = new double[SHARED];
      for (int i = 0; i < SHARED; i++) {
        by[i] = -less[i];
      }
      for (int term : terms(kin)) {
        by[term] += 1;
      }
      return by;
    }

    double mean(double[] by) {
      double sum = told;
      for (int i = 0; i < SHARED; i++) {
        sum += by[i] * mean[i];
      }
      return sum;
    }

    double covariance(double[] by, double[] spread) {
      double sum = variance;
      for (int i = 0; i < SHARED; i++) {
        sum += by[i] * spread[i];
      }
      return sum;
    }
  }

  /** Draws the logarithms of the grades of unseen lots of one batch, into columns of an array. */
  void draw(
      List<Kin> lots,
      List<SeenGrade> batch,
      double[][] into,
      int from,
      int to,
      DoubleSupplier normal) {
    Common common = new Common(lots.getFirst().source(), batch);
    int n = lots.size();
    double[] middle = new double[n];
    double[][] by = new double[n][];
    double[][] together = new double[n][n];
    for (int j = 0; j < n; j++) {
      by[j] = common.by(lots.get(j));
      middle[j] = table.log(lots.get(j)) + common.mean(by[j]);
    }
    for (int j = 0; j < n; j++) {
      double[] spread = covariance.operate(by[j]);
      for (int k = 0; k < n; k++) {
        together[j][k] = common.covariance(by[k], spread) + (j == k ? lotVariance : 0);
      }
    }
    // Both halves are worked out apart and may differ in the last place.
    for (int j = 0; j < n; j++) {
      for (int k = 0; k < j; k++) {
        together[j][k] = together[k][j];
      }
    }
    RealMatrix lower = new CholeskyDecomposition(new Array2DRowRealMatrix(together, false)).getL();
    double[] z = new double[n];
    for (int i = from; i < to; i++) {
      for (int j = 0; j < n; j++) {
        z[j] = normal.getAsDouble();
      }
      for (int j = 0; j < n; j++) {
        double log = middle[j];
        for (int k = 0; k <= j; k++) {
          log += lower.getEntry(j, k) * z[k];
        }
        into[j][i] = log;
      }
    }
  }

  private static double square(double value) {
    return value * value;
  }
}
