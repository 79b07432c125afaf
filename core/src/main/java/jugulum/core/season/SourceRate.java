package jugulum.core.season;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.ToDoubleFunction;
import java.util.stream.Collectors;
import jugulum.core.check.Band;
import jugulum.core.ledger.BatchId;
import org.hipparchus.distribution.continuous.TDistribution;

/**
 * What a source gives of something that was spent on it.
 *
 * <p>The rate is the gold of its batches over what was spent on them. Its range: logs of the rates
 * of batches about the mean of their source, with Student's t; on logs since rates of gold lean to
 * the right: ours. Textbook: analysis of variance with one factor, all sources scattering alike.
 * Used: each source scatters as itself, and what the others do fills its degrees of freedom up to
 * {@link #ENOUGH} (variances shrunk to a common one: G. K. Smyth, Statistical Applications in
 * Genetics and Molecular Biology 3 (2004) article 3, from memory), since sources do not scatter
 * alike and few batches tell little of how they do.
 *
 * @param source which, as meant
 * @param batches how many closed batches have gold and something spent on them
 * @param wonMg their gold, in mg
 * @param spent what was spent on them, in the unit of {@link Of}
 * @param rate gold for one unit spent, in mg; a sharp band where no two batches of any source tell
 *     how they scatter
 * @param isSharp whether nothing tells how wide the range is
 */
public record SourceRate(
    String source, int batches, double wonMg, double spent, Band rate, boolean isSharp) {
  /** Batches with less gold than that share of a milligram say nothing on a log scale. */
  private static final double LEAST_MG = 0.01;

  /**
   * Up to so many degrees of freedom the scatter of the other sources fills up one's own, and
   * always counts as one: ours.
   *
   * <p>Off by a half: how wide the rate of a source with few batches is told.
   */
  private static final double ENOUGH = 3;

  /** What is spent on a source. */
  public enum Of {
    /** An hour at the bench. */
    HOUR,
    /** A bucket of gravel washed for it. */
    BUCKET,
    /** A cubic metre of such gravel. */
    CUBIC_METRE,
    /** A kilogram of concentrate. */
    KILOGRAM
  }

  private static ToDoubleFunction<BatchResult> spent(Of of, Season season) {
    Map<BatchId, Gravel> gravel =
        season.gravel().stream().collect(Collectors.toMap(Gravel::batch, one -> one));
    return batch ->
        switch (of) {
          case HOUR -> batch.benchMinutes() / 60;
          case BUCKET ->
              Optional.ofNullable(gravel.get(batch.id())).map(Gravel::buckets).orElse(0.0);
          case CUBIC_METRE ->
              Optional.ofNullable(gravel.get(batch.id())).map(Gravel::cubicMetres).orElse(0.0);
          case KILOGRAM -> batch.feedG().orElse(0) / 1000;
        };
  }

  /** Sources with something to tell, the best first. */
  public static List<SourceRate> ranked(List<BatchResult> batches, Season season, Of of) {
    ToDoubleFunction<BatchResult> spent = spent(of, season);
    Map<String, List<BatchResult>> bySource =
        batches.stream()
            .filter(one -> one.closed() && one.wonMg() >= LEAST_MG && spent.applyAsDouble(one) > 0)
            .collect(
                Collectors.groupingBy(
                    one -> season.meant(one.source()), TreeMap::new, Collectors.toList()));
    Map<String, Scatter> own = new TreeMap<>();
    bySource.forEach((source, its) -> own.put(source, Scatter.of(its, spent)));
    Scatter all = own.values().stream().reduce(Scatter.NONE, Scatter::and);
    List<SourceRate> rates = new ArrayList<>();
    bySource.forEach(
        (source, its) -> {
          Scatter scatter = own.getOrDefault(source, Scatter.NONE);
          rates.add(
              of(source, its, spent, scatter.and(all.without(scatter).atMost(scatter.others()))));
        });
    rates.sort(Comparator.comparingDouble((SourceRate one) -> -one.rate().usual()));
    return rates;
  }

  private static SourceRate of(
      String source, List<BatchResult> its, ToDoubleFunction<BatchResult> spent, Scatter scatter) {
    double won = its.stream().mapToDouble(BatchResult::wonMg).sum();
    double all = its.stream().mapToDouble(spent).sum();
    double rate = won / all;
    return new SourceRate(
        source,
        its.size(),
        won,
        all,
        scatter
            .reach(its, spent)
            .map(reach -> new Band(rate / Math.exp(reach), rate, rate * Math.exp(reach)))
            .orElseGet(() -> Band.sharp(rate)),
        scatter.degrees() < 1);
  }

  /**
   * How batches scatter about the rate of their source.
   *
   * @param squares of the log of the rate of a batch about its mean, added up
   * @param degrees of freedom they have
   */
  private record Scatter(double squares, double degrees) {
    static final Scatter NONE = new Scatter(0, 0);

    static Scatter of(List<BatchResult> its, ToDoubleFunction<BatchResult> spent) {
      double mean = its.stream().mapToDouble(one -> log(one, spent)).average().orElseThrow();
      return new Scatter(
          its.stream().mapToDouble(one -> log(one, spent) - mean).map(off -> off * off).sum(),
          its.size() - 1);
    }

    private static double log(BatchResult one, ToDoubleFunction<BatchResult> spent) {
      return Math.log(one.wonMg() / spent.applyAsDouble(one));
    }

    Scatter and(Scatter other) {
      return new Scatter(squares + other.squares, degrees + other.degrees);
    }

    Scatter without(Scatter other) {
      return new Scatter(Math.max(0, squares - other.squares), degrees - other.degrees);
    }

    /** As how many degrees of freedom the scatter of others counts beside this. */
    double others() {
      return Math.max(1, ENOUGH - degrees);
    }

    /** The same variance, told by no more degrees of freedom than that. */
    Scatter atMost(double most) {
      return degrees > most ? new Scatter(squares * most / degrees, most) : this;
    }

    /** Half the 95 % range of the log of a source's rate. */
    Optional<Double> reach(List<BatchResult> its, ToDoubleFunction<BatchResult> spent) {
      if (degrees < 1) {
        return Optional.empty();
      }
      double sum = 0;
      double each = 0;
      for (BatchResult one : its) {
        double on = spent.applyAsDouble(one);
        sum += on;
        each += on * on;
      }
      double counting = sum * sum / each;
      return Optional.of(
          new TDistribution(degrees).inverseCumulativeProbability(0.975)
              * Math.sqrt(squares / degrees / counting));
    }
  }

  /**
   * Whether this one's rate lies so far above another's that chance does not explain it: the
   * difference of the logs beyond the root of the summed squares of both reaches.
   */
  public boolean isSurelyAbove(SourceRate other) {
    if (isSharp) {
      return false;
    }
    double one = Math.log(rate.high() / rate.usual());
    double two = Math.log(other.rate().high() / other.rate().usual());
    return Math.log(rate.usual() / other.rate().usual()) > Math.hypot(one, two);
  }
}
