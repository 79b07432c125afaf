package jugulum.core.belief;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import jugulum.core.ledger.BatchId;
import org.apache.commons.rng.sampling.distribution.ZigguratSampler;
import org.apache.commons.rng.simple.RandomSource;

/**
 * What lots that were looked at tell of those nobody looked at.
 *
 * <p>The logarithm of the grade of a lot is Gaussian: y = base + source + batch + kind + size +
 * lot, each with its spread ({@link GradeTable}); a look tells y with a variance of its own. Shops
 * differ in how much their lots differ: one factor f on every spread but that of the base, its
 * logarithm normal about 0 ({@link #F_SD}) on a grid, weighed by the density of what was seen. What
 * is answered is the mixture (linear mixed model; the elimination of a batch's own term is a Schur
 * complement, textbook).
 *
 * <p>Whatever only lots of one batch, or only batches of one source, have in common is integrated
 * out by itself, so the work grows with the number of lots seen and not with its cube.
 */
public final class GradeModel {
  /**
   * How far a shop's spreads may be from the table's, as a logarithm: ours.
   *
   * <p>Off by a half: how soon the lots of a shop that are all alike, or all different, say so.
   */
  static final double F_SD = 0.5;

  /** The grid of the logarithm of f. */
  private static final double[] LN_F = {-1, -0.75, -0.5, -0.25, 0, 0.25, 0.5, 0.75, 1};

  private final Map<BatchId, List<SeenGrade>> byBatch;
  private final double[] weights;
  private final List<SolvedGrades> solved;
  private final Map<LotKind, Long> byKind;

  private GradeModel(GradeTable table, List<SeenGrade> seen, double[] logFactors, boolean weighed) {
    byBatch = seen.stream().collect(Collectors.groupingBy(one -> one.kin().batch()));
    byKind =
        seen.stream()
            .collect(Collectors.groupingBy(one -> one.kin().kind(), Collectors.counting()));
    Map<String, List<List<SeenGrade>>> bySource = new HashMap<>();
    byBatch
        .values()
        .forEach(
            batch ->
                bySource
                    .computeIfAbsent(batch.getFirst().kin().source(), _ -> new ArrayList<>())
                    .add(batch));
    solved =
        Arrays.stream(logFactors)
            .mapToObj(log -> SolvedGrades.of(table.spreads(Math.exp(log)), bySource))
            .toList();
    double[] logs =
        IntStream.range(0, logFactors.length)
            .mapToDouble(
                i ->
                    weighed
                        ? solved.get(i).logDensity()
                            - logFactors[i] * logFactors[i] / 2 / F_SD / F_SD
                        : 0)
            .toArray();
    double most = Arrays.stream(logs).max().orElseThrow();
    double[] raw = Arrays.stream(logs).map(log -> Math.exp(log - most)).toArray();
    double all = Arrays.stream(raw).sum();
    weights = Arrays.stream(raw).map(one -> one / all).toArray();
  }

  /**
   * Learns from what was seen.
   *
   * @param seen of all batches; several of one lot count as so many lots, so put together what
   *     tells of one
   */
  public static GradeModel of(GradeTable table, List<SeenGrade> seen) {
    return new GradeModel(table, seen, LN_F, true);
  }

  /** With the table's own spreads, whatever the lots seen say of them. */
  static GradeModel fixed(GradeTable table, List<SeenGrade> seen) {
    return new GradeModel(table, seen, new double[] {0}, false);
  }

  /** What is thought of a lot nobody looked at. */
  public GradeBelief of(Kin kin) {
    return belief(SolvedGrades.Lot.unseen(kin));
  }

  /** What is thought of a lot of which only a person's word is known. */
  public GradeBelief of(SeenGrade word) {
    return belief(new SolvedGrades.Lot(word.kin(), word.log(), word.variance(), false));
  }

  /** What all that was seen tells of one of the lots seen; only to check the algebra. */
  GradeBelief seen(SeenGrade one) {
    return belief(new SolvedGrades.Lot(one.kin(), one.log(), one.variance(), true));
  }

  private GradeBelief belief(SolvedGrades.Lot lot) {
    List<SeenGrade> batch = byBatch.getOrDefault(lot.kin().batch(), List.of());
    double[] means = new double[weights.length];
    double[] variances = new double[weights.length];
    for (int i = 0; i < weights.length; i++) {
      SolvedGrades.Told told = solved.get(i).told(lot, batch);
      means[i] = told.mean();
      variances[i] = told.variance();
    }
    return new GradeBelief(weights, means, variances);
  }

  /**
   * Draws of the logarithms of the grades of lots of one batch nobody looked at, with what they
   * have in common; a look at the feed of the batch is left out: it is its head, and speaks
   * elsewhere.
   *
   * @param lots of one batch
   * @param count how many draws
   * @return a row a lot
   */
  double[][] draws(List<Kin> lots, int count, long seed) {
    List<SeenGrade> batch =
        byBatch.getOrDefault(lots.getFirst().batch(), List.of()).stream()
            .filter(one -> one.kin().kind() != LotKind.FEED)
            .toList();
    ZigguratSampler.NormalizedGaussian normal =
        ZigguratSampler.NormalizedGaussian.of(RandomSource.XO_SHI_RO_256_PP.create(seed));
    double[][] drawn = new double[lots.size()][count];
    double before = 0;
    int from = 0;
    for (int i = 0; i < weights.length; i++) {
      before += weights[i];
      int to = i == weights.length - 1 ? count : (int) Math.round(before * count);
      if (to > from) {
        solved.get(i).draw(lots, batch, drawn, from, to, normal::sample);
      }
      from = Math.max(from, to);
    }
    return drawn;
  }

  /** How likely each factor of the grid is, smallest first; they add up to 1. */
  public double[] factorWeights() {
    return weights.clone();
  }

  /** How many lots of a kind were looked at, in all batches. */
  public int seen(LotKind kind) {
    return byKind.getOrDefault(kind, 0L).intValue();
  }
}
