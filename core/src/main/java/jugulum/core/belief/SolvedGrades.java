package jugulum.core.belief;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.CholeskyDecomposition;
import org.hipparchus.linear.RealMatrix;

/** {@link GradeModel} solved for one set of spreads. */
final class SolvedGrades {
  /** The terms that lots of all batches share: the base, one of each kind, one of each size. */
  private static final int KINDS = LotKind.values().length;

  static final int SHARED = 1 + KINDS + SizeClass.values().length;

  private final GradeTable table;
  private final double batchPrecision;
  private final double lotVariance;
  private final double[] mean;
  private final RealMatrix covariance;
  private final Map<String, OfSource> sources;
  private final double logDensity;

  private SolvedGrades(
      GradeTable table,
      double[] mean,
      RealMatrix covariance,
      Map<String, OfSource> sources,
      double logDensity) {
    this.table = table;
    this.batchPrecision = 1 / square(table.batchSd());
    this.lotVariance = square(table.lotSd());
    this.mean = mean;
    this.covariance = covariance;
    this.sources = sources;
    this.logDensity = logDensity;
  }

  /** What is left of a source when its batches are integrated out. */
  private static final class OfSource {
    private final double[] cross = new double[SHARED];
    private double precision;
    private double right;
  }

  /** What is left of a batch when its lots are. */
  private static final class OfBatch {
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
    Map<String, OfSource> sources = new HashMap<>();
    for (Map.Entry<String, List<List<SeenGrade>>> source : bySource.entrySet()) {
      OfSource its = new OfSource();
      for (List<SeenGrade> batch : source.getValue()) {
        OfBatch sums = new OfBatch();
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

  private static final double HELD = 1e-12;

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
    OfBatch sums = new OfBatch();
    for (SeenGrade seen : batch) {
      double weight = 1 / (lotVariance + seen.variance());
      for (int term : terms(seen.kin())) {
        sums.cross[term] += weight;
      }
      sums.precision += weight;
      sums.right += weight * (seen.log() - table.log(seen.kin()));
    }
    double all = batchPrecision + sums.precision;
    double kept = batchPrecision / all;
    OfSource source = sources.get(kin.source());
    double precision = source == null ? 1 / square(table.sourceSd()) : source.precision;
    double[] by = new double[SHARED];
    for (int term : terms(kin)) {
      by[term] = 1;
    }
    double told = sums.right / all + (source == null ? 0 : kept * source.right / precision);
    for (int i = 0; i < SHARED; i++) {
      by[i] -= sums.cross[i] / all + (source == null ? 0 : kept * source.cross[i] / precision);
      told += by[i] * mean[i];
    }
    double[] spread = covariance.operate(by);
    double variance = 1 / all + kept * kept / precision;
    for (int i = 0; i < SHARED; i++) {
      variance += by[i] * spread[i];
    }
    return new Told(told, variance);
  }

  private static double square(double value) {
    return value * value;
  }
}
