package jugulum.core.reconcile;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import jugulum.core.check.OutOfRange;
import jugulum.core.reconcile.Adjusted.State;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.LUDecomposition;
import org.hipparchus.linear.RealMatrix;
import org.junit.jupiter.api.Test;

class ReconciliationTest {
  private static final int OUT = Flow.OUTSIDE;

  /**
   * Narasimhan and Jordache (2000), first example of a splitter, from memory: measured, unit
   * variances.
   */
  private static List<Flow> splitter() {
    return new ArrayList<>(
        List.of(
            Flow.measured(OUT, 0, 101.91, 1),
            Flow.measured(0, 1, 68.45, 1),
            Flow.measured(0, 2, 34.65, 1),
            Flow.measured(1, 3, 64.20, 1),
            Flow.measured(2, 3, 36.44, 1),
            Flow.measured(3, OUT, 98.88, 1)));
  }

  @Test
  void theTextbookSplitterComesOutAsPublished() {
    Reconciliation fit = Reconciliation.of(4, splitter());
    assertThat(fit.adjusted())
        .extracting(one -> Math.rint(one.value().getAsDouble() * 100) / 100)
        .containsExactly(100.89, 65.83, 35.05, 65.83, 35.05, 100.89);
    assertThat(fit.statistic()).isCloseTo(16.674, within(0.001));
    assertThat(fit.limit()).isCloseTo(9.488, within(0.001));
    assertThat(fit.degrees()).isEqualTo(4);
    assertThat(fit.fits()).isFalse();
  }

  /**
   * The same by the formula as it stands in the book, with the library's matrices: x − V Aᵀ (A V
   * Aᵀ)⁻¹ A x.
   */
  @Test
  void aNetworkComesOutAsByTheFormulaOfTheTextbook() {
    Random random = new Random(7);
    List<Flow> flows = new ArrayList<>();
    int[][] ends = {
      {OUT, 0}, {0, 1}, {0, 2}, {0, 3}, {1, OUT}, {1, 4}, {2, OUT}, {2, 4}, {3, OUT}, {4, OUT},
      {4, 3}
    };
    for (int[] end : ends) {
      flows.add(
          Flow.measured(end[0], end[1], 50 + 20 * random.nextDouble(), 0.5 + random.nextDouble()));
    }
    double[][] balance = new double[5][flows.size()];
    double[][] variance = new double[flows.size()][flows.size()];
    double[] x = new double[flows.size()];
    for (int i = 0; i < flows.size(); i++) {
      variance[i][i] = flows.get(i).sd() * flows.get(i).sd();
      x[i] = flows.get(i).measured().orElseThrow();
      if (ends[i][0] != OUT) {
        balance[ends[i][0]][i] -= 1;
      }
      if (ends[i][1] != OUT) {
        balance[ends[i][1]][i] += 1;
      }
    }
    RealMatrix a = new Array2DRowRealMatrix(balance);
    RealMatrix v = new Array2DRowRealMatrix(variance);
    RealMatrix gain =
        v.multiply(a.transpose())
            .multiply(
                new LUDecomposition(a.multiply(v).multiply(a.transpose()))
                    .getSolver()
                    .getInverse());
    double[] correction = gain.operate(a.operate(x));
    RealMatrix left = v.subtract(gain.multiply(a).multiply(v));
    List<Adjusted> adjusted = Reconciliation.of(5, flows).adjusted();
    for (int i = 0; i < x.length; i++) {
      assertThat(adjusted.get(i).value().orElseThrow())
          .isCloseTo(x[i] - correction[i], within(1e-9));
      assertThat(adjusted.get(i).sd()).isCloseTo(Math.sqrt(left.getEntry(i, i)), within(1e-9));
    }
  }

  @Test
  void aFlowNobodyMeasuredFollowsWithItsSpreadOrIsOpen() {
    List<Flow> flows = splitter();
    flows.set(1, flows.get(1).freed());
    flows.set(3, flows.get(3).freed());
    Adjusted first = Reconciliation.of(4, flows).adjusted(1);
    assertThat(first.state()).isEqualTo(State.OBSERVABLE);
    Reconciliation all = Reconciliation.of(4, flows);
    assertThat(first.value().orElseThrow())
        .isCloseTo(
            all.adjusted(0).value().orElseThrow() - all.adjusted(2).value().orElseThrow(),
            within(1e-9));
    assertThat(first.sd()).isPositive();
    flows.set(2, flows.get(2).freed());
    flows.set(4, flows.get(4).freed());
    Reconciliation open = Reconciliation.of(4, flows);
    assertThat(open.adjusted(2).state()).isEqualTo(State.UNOBSERVABLE);
    assertThat(open.adjusted(2).value()).isEmpty();
    assertThat(open.adjusted(0).value().orElseThrow())
        .as("the two ends still check each other")
        .isCloseTo((101.91 + 98.88) / 2, within(1e-9));
  }

  /** What follows in a chain is a difference, and its variance is that of the difference. */
  @Test
  void whatFollowsHasTheSpreadOfTheDifference() {
    List<Flow> flows =
        List.of(Flow.measured(OUT, 0, 100, 3), Flow.measured(0, OUT, 40, 4), Flow.free(0, OUT));
    Adjusted rest = Reconciliation.of(1, flows).adjusted(2);
    assertThat(rest.value().orElseThrow()).isCloseTo(60, within(1e-12));
    assertThat(rest.sd()).isCloseTo(5, within(1e-12));
    assertThat(Reconciliation.of(1, flows).adjusted(0).state()).isEqualTo(State.NONREDUNDANT);
    assertThat(Reconciliation.of(1, flows).fits()).as("nothing checks anything").isTrue();
  }

  @Test
  void gramsAndTonnesStandInOneNetwork() {
    List<Flow> flows =
        List.of(
            Flow.measured(OUT, 0, 1e6, 100),
            Flow.measured(0, 1, 10, 0.01),
            Flow.measured(0, OUT, 1e6, 100),
            Flow.measured(1, OUT, 9.9, 0.0001),
            Flow.measured(1, OUT, 0.1, 1e-6));
    Reconciliation fit = Reconciliation.of(2, flows);
    assertThat(fit.fits()).isTrue();
    assertThat(fit.adjusted(1).value().orElseThrow()).isCloseTo(10, within(0.001));
    assertThat(fit.adjusted(1).sd()).as("the fine scale speaks").isCloseTo(0.0001, within(0.00001));
  }

  /** Two batches in one book know nothing of each other: each is as if it were alone. */
  @Test
  void whatDoesNotHangTogetherDoesNotDisturbEachOther() {
    List<Flow> one = List.of(Flow.measured(OUT, 0, 100, 1), Flow.measured(0, OUT, 97, 1));
    List<Flow> other = List.of(Flow.measured(OUT, 1, 50, 1), Flow.free(1, OUT));
    List<Flow> both = new ArrayList<>(one);
    both.addAll(other);
    Reconciliation apart = Reconciliation.of(1, one);
    Reconciliation together = Reconciliation.of(2, both);
    assertThat(together.statistic()).isEqualTo(apart.statistic());
    assertThat(together.degrees()).isEqualTo(1);
    assertThat(together.adjusted(0)).isEqualTo(apart.adjusted(0));
    assertThat(together.adjusted(3).value().orElseThrow()).isEqualTo(50);
    assertThat(Reconciliation.of(0, List.of()).fits())
        .as("nothing at all contradicts nothing")
        .isTrue();
  }

  /**
   * Seventy splits one after another, 211 flows and losses, one in six not measured: every balance
   * is met by what comes out.
   */
  @Test
  void aNetworkOfTwoHundredLotsMeetsAllItsBalances() {
    Random random = new Random(11);
    int steps = 70;
    List<Flow> flows = new ArrayList<>(List.of(Flow.measured(OUT, 0, 30_000, 30)));
    double left = 30_000;
    for (int step = 0; step < steps; step++) {
      double off = left * 0.03 * random.nextDouble();
      int to = step == steps - 1 ? OUT : step + 1;
      left -= off;
      double read = left * (1 + 0.001 * random.nextGaussian());
      flows.add(
          random.nextInt(6) == 0
              ? Flow.free(step, to)
              : Flow.measured(step, to, read, 0.001 * left));
      flows.add(
          Flow.measured(step, OUT, off * (1 + 0.001 * random.nextGaussian()), 0.001 * off + 0.01));
      flows.add(Flow.measured(step, OUT, 0, 0.002 * left));
    }
    Reconciliation fit = Reconciliation.of(steps, flows);
    assertThat(fit.fits()).isTrue();
    double[] sums = new double[steps];
    for (int i = 0; i < flows.size(); i++) {
      double value = fit.adjusted(i).value().orElseThrow();
      if (flows.get(i).to() != OUT) {
        sums[flows.get(i).to()] += value;
      }
      if (flows.get(i).from() != OUT) {
        sums[flows.get(i).from()] -= value;
      }
    }
    assertThat(sums)
        .as("what each step takes less what it gives, in grams of 30 kg")
        .usingComparatorWithPrecision(1e-6)
        .containsOnly(0);
  }

  @Test
  void valuesThatCannotBeAreRefusedByName() {
    assertThatThrownBy(() -> Flow.measured(OUT, 0, Double.NaN, 1))
        .isInstanceOf(OutOfRange.class)
        .hasMessageContaining("measured");
    assertThatThrownBy(() -> Flow.measured(OUT, 0, 1, 0))
        .isInstanceOf(OutOfRange.class)
        .hasMessageContaining("sd");
    assertThatThrownBy(() -> Reconciliation.of(1, List.of(Flow.measured(OUT, 1, 1, 1))))
        .isInstanceOf(IllegalArgumentException.class)
        .hasMessageContaining("node");
  }
}
