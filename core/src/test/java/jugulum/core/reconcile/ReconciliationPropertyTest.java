package jugulum.core.reconcile;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import jugulum.core.reconcile.Adjusted.State;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What must hold of every network, on made-up ones. */
class ReconciliationPropertyTest {
  private static final int OUT = Flow.OUTSIDE;

  /** A chain of splits and joins with what truly flows in it. */
  private record Made(int nodes, List<int[]> ends, double[] truth) {
    List<Flow> flows(SplittableRandom random, double relativeSd, double share) {
      List<Flow> flows = new ArrayList<>();
      for (int i = 0; i < truth.length; i++) {
        int[] end = ends.get(i);
        double sd = Math.max(truth[i] * relativeSd, 0.01);
        flows.add(
            random.nextDouble() < share
                ? Flow.measured(end[0], end[1], truth[i] + sd * random.nextGaussian(), sd)
                : Flow.free(end[0], end[1]));
      }
      return flows;
    }
  }

  /** Every node takes what the one before it gives, sets some aside and passes the rest on. */
  private static Made makeUp(SplittableRandom random) {
    int nodes = random.nextInt(2, 9);
    List<int[]> ends = new ArrayList<>();
    List<Double> truth = new ArrayList<>();
    double on = random.nextDouble(20, 2_000);
    ends.add(new int[] {OUT, 0});
    truth.add(on);
    for (int node = 0; node < nodes; node++) {
      int ways = random.nextInt(1, 4);
      double left = on;
      for (int way = 1; way < ways; way++) {
        double aside = left * random.nextDouble(0.05, 0.6);
        ends.add(new int[] {node, OUT});
        truth.add(aside);
        left -= aside;
      }
      ends.add(new int[] {node, node + 1 < nodes ? node + 1 : OUT});
      truth.add(left);
      on = left;
    }
    return new Made(nodes, ends, truth.stream().mapToDouble(value -> value).toArray());
  }

  /** A made-up network with its readings, fitted. */
  private record Fitted(SplittableRandom random, Made made, List<Flow> flows, Reconciliation fit) {
    static Fitted of(int seed, double relativeSd, double share) {
      SplittableRandom random = new SplittableRandom(seed);
      Made made = makeUp(random);
      List<Flow> flows = made.flows(random, relativeSd, share);
      return new Fitted(random, made, flows, Reconciliation.of(made.nodes(), flows));
    }
  }

  static IntStream seeds() {
    return IntStream.range(0, 150);
  }

  @ParameterizedTest
  @MethodSource("seeds")
  void everyNodeGivesWhatItTakes(int seed) {
    Fitted network = Fitted.of(seed, 0.02, 0.8);
    List<Flow> flows = network.flows();
    Reconciliation fit = network.fit();
    for (int node = 0; node < network.made().nodes(); node++) {
      double sum = 0;
      boolean told = true;
      for (int i = 0; i < flows.size(); i++) {
        OptionalDouble value = fit.adjusted(i).value();
        int sign = (flows.get(i).to() == node ? 1 : 0) - (flows.get(i).from() == node ? 1 : 0);
        told &= sign == 0 || value.isPresent();
        sum += sign == 0 || value.isEmpty() ? 0 : sign * value.getAsDouble();
      }
      if (told) {
        assertThat(sum).as("node %d", node).isCloseTo(0, Offset.offset(1e-6));
      }
    }
  }

  /** A measured value is redundant or not, one not measured is observable or not; never mixed. */
  @ParameterizedTest
  @MethodSource("seeds")
  void theStateTellsOnWhatAValueRests(int seed) {
    Fitted network = Fitted.of(seed, 0.05, 0.6);
    List<Flow> flows = network.flows();
    Reconciliation fit = network.fit();
    for (int i = 0; i < flows.size(); i++) {
      Adjusted one = fit.adjusted(i);
      if (flows.get(i).measured().isPresent()) {
        assertThat(one.state()).isIn(State.REDUNDANT, State.NONREDUNDANT);
        assertThat(one.sd())
            .as("no surer by others, or as it was")
            .isLessThanOrEqualTo(flows.get(i).sd() * (1 + 1e-9));
      } else {
        assertThat(one.state()).isIn(State.OBSERVABLE, State.UNOBSERVABLE);
        assertThat(one.value().isPresent()).isEqualTo(one.state() == State.OBSERVABLE);
      }
    }
  }

  @ParameterizedTest
  @MethodSource("seeds")
  void weighedInOtherUnitsItIsTheSame(int seed) {
    Fitted network = Fitted.of(seed, 0.02, 0.9);
    List<Flow> flows = network.flows();
    double unit = network.random().nextDouble(0.002, 400);
    List<Flow> others =
        flows.stream()
            .map(
                flow ->
                    flow.measured().isPresent()
                        ? Flow.measured(
                            flow.from(),
                            flow.to(),
                            flow.measured().getAsDouble() * unit,
                            flow.sd() * unit)
                        : Flow.free(flow.from(), flow.to()))
            .toList();
    Reconciliation one = network.fit();
    Reconciliation other = Reconciliation.of(network.made().nodes(), others);
    assertThat(other.statistic()).isCloseTo(one.statistic(), Offset.offset(1e-6));
    for (int i = 0; i < flows.size(); i++) {
      Adjusted here = one.adjusted(i);
      Adjusted there = other.adjusted(i);
      assertThat(there.state()).isEqualTo(here.state());
      assertThat(there.measurementTest()).isCloseTo(here.measurementTest(), Offset.offset(1e-5));
      if (here.value().isPresent()) {
        double value = here.value().getAsDouble();
        assertThat(there.value().getAsDouble() / unit)
            .isCloseTo(value, Offset.offset(1e-7 * Math.max(1, Math.abs(value))));
      }
    }
  }

  /** The global test says “does not fit” of honest readings one time in twenty. */
  @Test
  void honestReadingsAreDoubtedAsOftenAsTheTestSays() {
    SplittableRandom random = new SplittableRandom(5);
    int asked = 0;
    int doubted = 0;
    for (int i = 0; i < 4_000; i++) {
      Made made = makeUp(random);
      Reconciliation fit = Reconciliation.of(made.nodes(), made.flows(random, 0.01, 1));
      asked += fit.degrees() > 0 ? 1 : 0;
      doubted += fit.degrees() > 0 && !fit.fits() ? 1 : 0;
    }
    assertThat(doubted / (double) asked).isBetween(0.04, 0.06);
  }
}
