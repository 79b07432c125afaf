package jugulum.core.belief;

import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import jugulum.core.gold.GoldRange;
import jugulum.core.gold.HeadLeft;
import org.apache.commons.rng.sampling.distribution.ZigguratSampler;
import org.apache.commons.rng.simple.RandomSource;

/**
 * What the head of a batch says of its lots nobody looked at: together with what was found they
 * have to make up the head. Draws of all of them, with what they have in common, are weighed by how
 * well they do.
 */
final class BatchHead {
  private static final int DRAWS = 4_000;
  private static final long SEED = 0x68656164L;

  /**
   * With fewer draws left, as the weights count them, head and lots do not agree: ours.
   *
   * <p>Off by a half: how far head and lots may be apart before that is said.
   */
  private static final double LEAST_DRAWS = 50;

  /** A head is told no closer than that, as a variance of its logarithm. */
  private static final double SHARPEST = 1e-4;

  private static final double LOW = 0.025;

  private BatchHead() {}

  /** What that makes of one lot's gold. */
  record Told(GoldRange gold, double medianMg, double logVariance, boolean agrees) {
    Thought thought(int others) {
      return new Thought(
          gold, medianMg, logVariance, agrees ? Thought.By.HEAD : Thought.By.DISAGREES, others);
    }
  }

  /** Of the lots of a batch nobody looked at; none where the batch has no head. */
  static Map<StockLot, Told> of(GradeModel model, List<StockLot> batch) {
    List<StockLot> unseen =
        batch.stream()
            .filter(lot -> lot.kin().isPresent() && lot.gold().isEmpty() && lot.sand().grams() > 0)
            .toList();
    Optional<HeadLeft> head = unseen.stream().flatMap(lot -> lot.head().stream()).findFirst();
    if (head.isEmpty()) {
      return Map.of();
    }
    double[][] mg =
        model.draws(unseen.stream().map(lot -> lot.kin().orElseThrow()).toList(), DRAWS, SEED);
    for (int j = 0; j < mg.length; j++) {
      double kg = unseen.get(j).sand().grams() / 1000;
      for (int i = 0; i < DRAWS; i++) {
        mg[j][i] = StrictMath.exp(mg[j][i]) * kg;
      }
    }
    double[] weights = weights(mg, head.get());
    double squares = Arrays.stream(weights).map(one -> one * one).sum();
    boolean agrees = 1 / squares >= LEAST_DRAWS;
    double[] used = agrees ? weights : even();
    Map<StockLot, Told> told = new HashMap<>();
    for (int j = 0; j < mg.length; j++) {
      told.put(unseen.get(j), told(mg[j], used, agrees));
    }
    return told;
  }

  private static double[] even() {
    double[] weights = new double[DRAWS];
    Arrays.fill(weights, 1.0 / DRAWS);
    return weights;
  }

  private static double[] weights(double[][] mg, HeadLeft head) {
    ZigguratSampler.NormalizedGaussian normal =
        ZigguratSampler.NormalizedGaussian.of(RandomSource.XO_SHI_RO_256_PP.create(~SEED));
    double variance = Math.max(SHARPEST, head.head().variance());
    double[] logs = new double[DRAWS];
    for (int i = 0; i < DRAWS; i++) {
      double all = Math.max(0, head.foundMg() + head.foundSd() * normal.sample());
      for (double[] lot : mg) {
        all += lot[i];
      }
      double off = StrictMath.log(Math.max(Double.MIN_NORMAL, all)) - head.head().mean();
      logs[i] = -off * off / 2 / variance;
    }
    double most = Arrays.stream(logs).max().orElseThrow();
    double[] weights = Arrays.stream(logs).map(log -> StrictMath.exp(log - most)).toArray();
    double sum = Arrays.stream(weights).sum();
    return Arrays.stream(weights).map(one -> one / sum).toArray();
  }

  private static Told told(double[] mg, double[] weights, boolean agrees) {
    double mean = 0;
    double log = 0;
    double squares = 0;
    for (int i = 0; i < mg.length; i++) {
      double one = StrictMath.log(mg[i]);
      mean += weights[i] * mg[i];
      log += weights[i] * one;
      squares += weights[i] * one * one;
    }
    int[] order =
        IntStream.range(0, mg.length)
            .boxed()
            .sorted((one, other) -> Double.compare(mg[one], mg[other]))
            .mapToInt(Integer::intValue)
            .toArray();
    double low = at(LOW, mg, weights, order);
    double high = at(1 - LOW, mg, weights, order);
    return new Told(
        new GoldRange(Math.clamp(mean, low, high), low, high),
        at(0.5, mg, weights, order),
        Math.max(0, squares - log * log),
        agrees);
  }

  private static double at(double share, double[] mg, double[] weights, int[] order) {
    double sum = 0;
    for (int i : order) {
      sum += weights[i];
      if (sum >= share) {
        return mg[i];
      }
    }
    return mg[order[order.length - 1]];
  }
}
