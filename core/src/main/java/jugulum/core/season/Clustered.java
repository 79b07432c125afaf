package jugulum.core.season;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import jugulum.core.season.Contrast.Effect;
import org.hipparchus.distribution.continuous.TDistribution;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.MatrixUtils;
import org.hipparchus.linear.QRDecomposition;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;

/**
 * Least squares of cases that come in batches. What the means of batches tell and what the cases
 * within a batch tell are each weighed by their own scatter (W. A. Fuller and G. E. Battese,
 * Journal of Econometrics 2 (1974) 67-78; from memory): where every batch is wholly so or wholly
 * not so, that is the comparison of batch means. Ranges with Student's t, its degrees of freedom
 * put together as F. E. Satterthwaite has it (Biometrics Bulletin 2 (1946) 110-114; from memory).
 * What nothing tells the scatter of is left out: with fewer than three batches only what differs
 * within them counts.
 *
 * <p>A row is what is so of a case, and its figure last, each less the mean of its kind.
 *
 * @param sizes how many cases each batch has
 * @param between the mean row of each batch, times the root of its size
 * @param within each row less the mean of its batch
 * @param things how many things are asked about
 * @param kinds how many means were taken off before
 */
record Clustered(
    List<Integer> sizes, List<double[]> between, List<double[]> within, int things, int kinds) {
  private static final double SINGULAR = 1e-9;

  /** Cases that are all alike scatter by so little; it keeps sums finite. */
  private static final double LEAST_VARIANCE = 1e-18;

  /** Effects and scatter rest on each other: taken in turn so often. */
  private static final int TURNS = 3;

  /**
   * The mean of a batch scatters at least by this share of what its cases alone let expect: ours.
   *
   * <p>Off by a half: the range of a change where the batches happen to be very much alike.
   */
  private static final double LEAST_BETWEEN = 0.1;

  /** Sorts rows by batch. */
  static Clustered of(Collection<List<double[]>> batches, int things, int kinds) {
    List<Integer> sizes = new ArrayList<>();
    List<double[]> between = new ArrayList<>();
    List<double[]> within = new ArrayList<>();
    for (List<double[]> rows : batches) {
      double[] mean = Contrast.mean(rows, things + 1);
      sizes.add(rows.size());
      between.add(times(mean, Math.sqrt(rows.size())));
      rows.forEach(row -> within.add(minus(row, mean)));
    }
    return new Clustered(sizes, between, within, things, kinds);
  }

  /** What each thing makes of the figure, with its range; empty where nothing tells. */
  List<Optional<Effect>> effects() {
    int cases = within.size();
    Scatter scatter =
        new Scatter(
            1,
            sizes.size() - 1 - independent(between).size(),
            1,
            cases - kinds - (sizes.size() - 1) - independent(within).size());
    if (scatter.betweenDegrees() < 1 && scatter.withinDegrees() < 1) {
      return nothing();
    }
    Solved solved = solved(scatter);
    for (int turn = 0; turn < TURNS; turn++) {
      scatter = scatter.of(solved.left(between), solved.left(within));
      solved = solved(scatter);
    }
    return solved.effects(scatter);
  }

  private List<Optional<Effect>> nothing() {
    List<Optional<Effect>> effects = new ArrayList<>();
    for (int thing = 0; thing < things; thing++) {
      effects.add(Optional.empty());
    }
    return effects;
  }

  /**
   * How far things lie apart that nothing explains.
   *
   * @param between the variance of the means of batches, each times its size
   * @param betweenDegrees of freedom of that; below 1 nothing tells it
   * @param within the variance of cases about the mean of their batch
   * @param withinDegrees of freedom of that; below 1 nothing tells it
   */
  private record Scatter(double between, int betweenDegrees, double within, int withinDegrees) {
    Scatter of(double betweenSquares, double withinSquares) {
      return new Scatter(
          Math.max(LEAST_VARIANCE, betweenSquares / Math.max(1, betweenDegrees)),
          betweenDegrees,
          Math.max(LEAST_VARIANCE, withinSquares / Math.max(1, withinDegrees)),
          withinDegrees);
    }
  }

  /** Each row over the root of its variance; rows whose scatter nothing tells are left out. */
  private Solved solved(Scatter scatter) {
    List<double[]> means = new ArrayList<>();
    if (scatter.betweenDegrees() >= 1) {
      double more = moreByBatch(scatter);
      for (int batch = 0; batch < sizes.size(); batch++) {
        double variance =
            scatter.withinDegrees() >= 1
                ? Math.max(
                    LEAST_BETWEEN * scatter.within(), scatter.within() + sizes.get(batch) * more)
                : scatter.between();
        means.add(times(between.get(batch), 1 / Math.sqrt(variance)));
      }
    }
    List<double[]> cases =
        scatter.withinDegrees() >= 1
            ? within.stream().map(row -> times(row, 1 / Math.sqrt(scatter.within()))).toList()
            : List.of();
    return Solved.of(means, cases, things);
  }

  /**
   * The variance that the cases of a batch share, by the method of moments; below 0 where the means
   * lie closer together than their cases let expect.
   */
  private double moreByBatch(Scatter scatter) {
    double cases = within.size();
    double squares = sizes.stream().mapToDouble(size -> (double) size * size).sum();
    double perBatch = (cases - squares / cases) / Math.max(1, sizes.size() - 1);
    return (scatter.between() - scatter.within()) / perBatch;
  }

  /** The things that vary in rows and do not follow from those before them. */
  private List<Integer> independent(List<double[]> rows) {
    return independent(rows, things);
  }

  private static List<Integer> independent(List<double[]> rows, int things) {
    List<Integer> kept = new ArrayList<>();
    for (int thing = 0; thing < things && kept.size() < rows.size(); thing++) {
      kept.add(thing);
      RealMatrix r = new QRDecomposition(columns(rows, kept)).getR();
      if (Math.abs(r.getEntry(kept.size() - 1, kept.size() - 1)) <= SINGULAR) {
        kept.removeLast();
      }
    }
    return kept;
  }

  private static RealMatrix columns(List<double[]> rows, List<Integer> kept) {
    RealMatrix x = new Array2DRowRealMatrix(rows.size(), kept.size());
    for (int row = 0; row < rows.size(); row++) {
      for (int column = 0; column < kept.size(); column++) {
        x.setEntry(row, column, rows.get(row)[kept.get(column)]);
      }
    }
    return x;
  }

  /**
   * Least squares.
   *
   * @param means weighed rows of batches
   * @param cases weighed rows of cases
   * @param kept the things told of
   * @param found what each of them makes of the figure
   * @param inverse (XᵀX)⁻¹ of the weighed rows
   */
  private record Solved(
      List<double[]> means,
      List<double[]> cases,
      int things,
      List<Integer> kept,
      RealVector found,
      Optional<RealMatrix> inverse) {
    static Solved of(List<double[]> means, List<double[]> cases, int things) {
      List<double[]> all = Stream.concat(means.stream(), cases.stream()).toList();
      List<Integer> kept = independent(all, things);
      if (kept.isEmpty()) {
        return new Solved(means, cases, things, kept, new ArrayRealVector(), Optional.empty());
      }
      QRDecomposition qr = new QRDecomposition(columns(all, kept));
      double[] figures = all.stream().mapToDouble(row -> row[things]).toArray();
      int last = kept.size() - 1;
      RealMatrix r = MatrixUtils.inverse(qr.getR().getSubMatrix(0, last, 0, last));
      return new Solved(
          means,
          cases,
          things,
          kept,
          qr.getSolver().solve(new ArrayRealVector(figures)),
          Optional.of(r.multiplyTransposed(r)));
    }

    /** The squares of what the effects leave of the figures of rows. */
    double left(List<double[]> rows) {
      double squares = 0;
      for (double[] row : rows) {
        double left = row[things];
        for (int column = 0; column < kept.size(); column++) {
          left -= row[kept.get(column)] * found.getEntry(column);
        }
        squares += left * left;
      }
      return squares;
    }

    List<Optional<Effect>> effects(Scatter scatter) {
      List<Optional<Effect>> effects = new ArrayList<>();
      for (int thing = 0; thing < things; thing++) {
        int column = kept.indexOf(thing);
        effects.add(column < 0 ? Optional.empty() : Optional.of(effect(column, scatter)));
      }
      return effects;
    }

    private Effect effect(int column, Scatter scatter) {
      double[] row = inverse.orElseThrow().getRow(column);
      double ofMeans = variance(means, row);
      double ofCases = variance(cases, row);
      double all = ofMeans + ofCases;
      double degrees =
          all
              * all
              / (part(ofMeans, scatter.betweenDegrees()) + part(ofCases, scatter.withinDegrees()));
      TDistribution t = new TDistribution(Math.max(1, degrees));
      double sd = Math.sqrt(all);
      return new Effect(
          found.getEntry(column),
          t.inverseCumulativeProbability(0.975) * sd,
          2 * t.cumulativeProbability(-Math.abs(found.getEntry(column)) / sd));
    }

    private static double part(double variance, int degrees) {
      return degrees < 1 ? 0 : variance * variance / degrees;
    }

    /** What rows, each of variance 1, add to the variance of an effect. */
    private double variance(List<double[]> rows, double[] inverse) {
      double sum = 0;
      for (double[] row : rows) {
        double moves = 0;
        for (int column = 0; column < kept.size(); column++) {
          moves += row[kept.get(column)] * inverse[column];
        }
        sum += moves * moves;
      }
      return sum;
    }
  }

  static double[] minus(double[] row, double[] other) {
    double[] less = row.clone();
    for (int column = 0; column < less.length; column++) {
      less[column] -= other[column];
    }
    return less;
  }

  private static double[] times(double[] row, double factor) {
    double[] more = row.clone();
    for (int column = 0; column < more.length; column++) {
      more[column] *= factor;
    }
    return more;
  }
}
