package jugulum.core.season;

import java.util.ArrayList;
import java.util.Collection;
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
 * <p>The rate is the gold of its batches over what was spent on them. Its range takes the batches
 * of all sources to scatter about the rate of their own by the same factor: logs of the rates of
 * batches about the mean of their source, weighed by what was spent, pooled over the sources, with
 * Student's t. Textbook: analysis of variance with one factor (for example R. Peck and J. L.
 * Devore, Statistics, from memory), on logs since rates of gold lean to the right: ours.
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
    Scatter scatter = Scatter.of(bySource.values(), spent);
    List<SourceRate> rates = new ArrayList<>();
    bySource.forEach((source, its) -> rates.add(of(source, its, spent, scatter)));
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
   * How batches of one source scatter.
   *
   * @param sd the standard deviation of the log of the rate of a batch
   * @param degrees of freedom it was told with
   */
  private record Scatter(double sd, int degrees) {
    static Scatter of(Collection<List<BatchResult>> groups, ToDoubleFunction<BatchResult> spent) {
      double squares = 0;
      int degrees = 0;
      for (List<BatchResult> its : groups) {
        double mean = its.stream().mapToDouble(one -> log(one, spent)).average().orElseThrow();
        squares +=
            its.stream().mapToDouble(one -> log(one, spent) - mean).map(off -> off * off).sum();
        degrees += its.size() - 1;
      }
      return new Scatter(degrees > 0 ? Math.sqrt(squares / degrees) : 0, degrees);
    }

    private static double log(BatchResult one, ToDoubleFunction<BatchResult> spent) {
      return Math.log(one.wonMg() / spent.applyAsDouble(one));
    }

    /** Half the 95 % range of the log of a source's rate. */
    Optional<Double> reach(List<BatchResult> its, ToDoubleFunction<BatchResult> spent) {
      if (degrees < 1) {
        return Optional.empty();
      }
      double sum = 0;
      double squares = 0;
      for (BatchResult one : its) {
        double on = spent.applyAsDouble(one);
        sum += on;
        squares += on * on;
      }
      double counting = sum * sum / squares;
      return Optional.of(
          new TDistribution(degrees).inverseCumulativeProbability(0.975)
              * sd
              / Math.sqrt(counting));
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
