package jugulum.core.reconcile;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/**
 * Twelve weights of a batch: a feed in three cuts, a magnet over each, a table over what one magnet
 * left, and losses at every step.
 */
class GrossErrorsTest {
  private static final int OUT = Flow.OUTSIDE;
  private static final int TIMES = 2_000;
  private static final int[][] ENDS = {
    {OUT, 0}, {0, 1}, {0, 2}, {0, 3}, {1, OUT}, {1, 4}, {2, OUT}, {2, 5}, {3, OUT}, {4, OUT},
    {4, OUT}, {5, OUT}
  };
  private static final double[] TRUTH = {
    24_000, 9_000, 8_000, 7_000, 4_000, 5_000, 4_500, 3_500, 7_000, 1_000, 4_000, 3_500
  };
  private static final int STEPS = 6;
  private static final double WEIGHING = 0.004;
  private static final double LOSS = 0.001;

  /**
   * Cuts and the sand two magnets left: weighed as the product of one step and the feed of the
   * next.
   */
  private static final List<Integer> BETWEEN = List.of(1, 2, 3, 5, 7);

  /**
   * Read with the spread of the scale, one weight off by so many grams; that a step lost something
   * is read as nothing lost.
   */
  private static List<Flow> read(Random random, int wrong, double byG) {
    List<Flow> flows = new ArrayList<>();
    for (int i = 0; i < ENDS.length; i++) {
      double sd = WEIGHING * TRUTH[i];
      flows.add(
          Flow.measured(
              ENDS[i][0],
              ENDS[i][1],
              TRUTH[i] + random.nextGaussian() * sd + (i == wrong ? byG : 0),
              sd));
    }
    for (int step = 0; step < STEPS; step++) {
      double sd = LOSS * into(step);
      flows.add(Flow.measured(step, OUT, random.nextGaussian() * sd, sd));
    }
    return flows;
  }

  private static double into(int step) {
    return IntStream.range(0, ENDS.length)
        .filter(i -> ENDS[i][1] == step)
        .mapToDouble(i -> TRUTH[i])
        .sum();
  }

  /** From 5 to 15 standard deviations of what the others say it should be, either way. */
  private static double offBy(Random random, int wrong) {
    List<Flow> clean = read(random, -1, 0);
    double sd = Math.hypot(withoutIt(clean, wrong).sd(), clean.get(wrong).sd());
    return (random.nextBoolean() ? 1 : -1) * (5 + 10 * random.nextDouble()) * sd;
  }

  private static Adjusted withoutIt(List<Flow> flows, int flow) {
    List<Flow> others = new ArrayList<>(flows);
    others.set(flow, flows.get(flow).freed());
    return Reconciliation.of(STEPS, others).adjusted(flow);
  }

  private record Tally(double aloneShare, double inSetShare, int largestSet) {}

  private static Tally search(List<Integer> candidates, long seed) {
    Random random = new Random(seed);
    int alone = 0;
    int inSet = 0;
    int largest = 0;
    for (int i = 0; i < TIMES; i++) {
      int wrong = candidates.get(random.nextInt(candidates.size()));
      List<GrossErrors.Suspect> suspects =
          GrossErrors.of(STEPS, read(random, wrong, offBy(random, wrong))).suspects();
      alone += suspects.size() == 1 && suspects.getFirst().flows().equals(List.of(wrong)) ? 1 : 0;
      inSet += !suspects.isEmpty() && suspects.getFirst().flows().contains(wrong) ? 1 : 0;
      largest =
          Math.max(largest, suspects.stream().mapToInt(one -> one.flows().size()).max().orElse(0));
    }
    return new Tally(100.0 * alone / TIMES, 100.0 * inSet / TIMES, largest);
  }

  @Test
  void oneWrongWeightBetweenTwoStepsIsNamedAlone() {
    Tally tally = search(BETWEEN, 20261125);
    System.out.printf(
        "slip finder: named alone in %.1f %%, in the set named in %.1f %% of %d%n",
        tally.aloneShare(), tally.inSetShare(), TIMES);
    assertThat(tally.aloneShare()).isGreaterThanOrEqualTo(90);
    assertThat(tally.inSetShare()).isGreaterThanOrEqualTo(95);
  }

  @Test
  void oneThatCannotBeToldApartIsInTheSetNamed() {
    Tally tally = search(List.of(0, 4, 6, 8, 9, 10, 11), 7);
    System.out.printf(
        "slip finder, at the ends: in the set named in %.1f %% of %d, at most %d named%n",
        tally.inSetShare(), TIMES, tally.largestSet());
    assertThat(tally.inSetShare()).isGreaterThanOrEqualTo(95);
    assertThat(tally.largestSet()).as("of twelve weights and six losses").isLessThanOrEqualTo(6);
  }

  @Test
  void cleanBatchesAreLeftAlone() {
    Random random = new Random(42);
    int alarms = 0;
    for (int i = 0; i < TIMES; i++) {
      alarms += GrossErrors.of(STEPS, read(random, -1, 0)).suspects().isEmpty() ? 0 : 1;
    }
    System.out.printf(
        "slip finder: false alarms in %.1f %% of %d clean batches%n",
        100.0 * alarms / TIMES, TIMES);
    assertThat(100.0 * alarms / TIMES).isLessThan(5);
  }

  @Test
  void whatTheWeightMustBeIsToldByTheOthers() {
    List<Flow> flows = read(new Random(3), 2, 900);
    GrossErrors found = GrossErrors.of(STEPS, flows);
    assertThat(found.suspects()).extracting(GrossErrors.Suspect::flows).containsExactly(List.of(2));
    Adjusted expected = found.expected(found.suspects().getFirst(), 2);
    assertThat(expected.value().orElseThrow()).isCloseTo(TRUTH[2], within(3 * expected.sd()));
    assertThat(found.isExplained()).isTrue();
  }

  /** Šidák for 12 questions at 5 %: each at 0.427 %, by the normal quantile. */
  @Test
  void theLimitIsSidaks() {
    assertThat(GrossErrors.limit(1)).isCloseTo(1.959964, within(1e-5));
    assertThat(GrossErrors.limit(12)).isCloseTo(2.8575, within(0.002));
  }
}
