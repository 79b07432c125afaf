package jugulum.core.reconcile;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.OptionalInt;
import java.util.stream.IntStream;
import org.hipparchus.distribution.continuous.NormalDistribution;

/**
 * Finds the flows that cannot be right, by serial elimination: while the global test says that the
 * readings do not fit together, the one the others contradict loudest is taken for not measured, if
 * it is loud enough. Loud enough is the two-sided limit of a normal variate with the correction of
 * Šidák for as many questions as flows can be told apart.
 *
 * <p>Source: serial elimination with the measurement test, S. Narasimhan and C. Jordache, Data
 * Reconciliation and Gross Error Detection (2000), chapters 7 and 8 (from memory). Flows in the
 * same balances cannot be told apart, and some nearly so: they are named together.
 */
public final class GrossErrors {
  /** The chance of a false alarm among readings that are all right. */
  static final double FALSE_ALARM = 0.05;

  /**
   * What falls behind the loudest by less than that in chi-square is named with it: its likelihood
   * is more than e⁻¹ of the best. Simulated, it keeps the wrong weight in the set in 99 of 100
   * cases and still names one alone in more than 90 (docs/science/balance.md).
   */
  private static final double AS_LIKELY = 2;

  private final int nodes;
  private final List<Flow> flows;
  private final List<Suspect> suspects;
  private final Reconciliation left;

  /**
   * Flows of which one cannot be right.
   *
   * @param flows their numbers: one, or those that cannot be told apart, the likeliest first
   * @param measurementTest how loudly the others contradict: the adjustment over its standard
   *     deviation
   */
  public record Suspect(List<Integer> flows, double measurementTest) {
    /** Keeps its own copy. */
    public Suspect {
      flows = List.copyOf(flows);
    }
  }

  private GrossErrors(int nodes, List<Flow> flows, List<Suspect> suspects, Reconciliation left) {
    this.nodes = nodes;
    this.flows = List.copyOf(flows);
    this.suspects = List.copyOf(suspects);
    this.left = left;
  }

  /**
   * Looks for flows that cannot be right.
   *
   * @param nodes how many nodes there are
   * @param flows the flows between them
   */
  public static GrossErrors of(int nodes, List<Flow> flows) {
    List<Suspect> found = new ArrayList<>();
    List<Flow> now = new ArrayList<>(flows);
    Reconciliation fit = Reconciliation.of(nodes, now);
    while (!fit.fits()) {
      OptionalInt loudest = loudest(fit);
      if (loudest.isEmpty()) {
        break;
      }
      Suspect suspect =
          new Suspect(asLikely(fit, loudest.getAsInt()), fit.measurementTest(loudest.getAsInt()));
      found.add(suspect);
      free(now, suspect.flows().getFirst());
      fit = Reconciliation.of(nodes, now);
    }
    return new GrossErrors(nodes, flows, found, fit);
  }

  /** The suspects, the loudest first. */
  public List<Suspect> suspects() {
    return suspects;
  }

  /** The network with the first flow of every suspect taken for not measured. */
  public Reconciliation left() {
    return left;
  }

  /**
   * Whether what is left fits together: else the weights contradict each other, and none stands
   * out.
   */
  public boolean isExplained() {
    return left.fits();
  }

  /**
   * What a flow must be by all the others that are not suspect themselves, if it is the one of its
   * suspect that is wrong.
   */
  public Adjusted expected(Suspect of, int flow) {
    List<Flow> freed = new ArrayList<>(flows);
    suspects.stream()
        .filter(other -> !other.equals(of))
        .forEach(other -> free(freed, other.flows().getFirst()));
    free(freed, flow);
    return Reconciliation.of(nodes, freed).adjusted(flow);
  }

  private static void free(List<Flow> flows, int flow) {
    flows.set(flow, flows.get(flow).freed());
  }

  private static OptionalInt loudest(Reconciliation fit) {
    List<Integer> kinds = new ArrayList<>();
    IntStream.range(0, fit.flows().size())
        .filter(fit::isChecked)
        .filter(flow -> kinds.stream().noneMatch(other -> fit.alike(flow, other)))
        .forEach(kinds::add);
    int loudest =
        kinds.stream()
            .reduce(
                (one, other) -> fit.measurementTest(other) > fit.measurementTest(one) ? other : one)
            .orElse(-1);
    return loudest >= 0 && fit.measurementTest(loudest) > limit(kinds.size())
        ? OptionalInt.of(loudest)
        : OptionalInt.empty();
  }

  /** Šidák's limit for so many questions. */
  static double limit(int questions) {
    double each = 1 - Math.pow(1 - FALSE_ALARM, 1.0 / questions);
    return new NormalDistribution().inverseCumulativeProbability(1 - each / 2);
  }

  /**
   * Those that cannot be told apart from the loudest: in the same balances, or contradicted about
   * as loudly.
   */
  private static List<Integer> asLikely(Reconciliation fit, int loudest) {
    double least = Math.pow(fit.measurementTest(loudest), 2) - AS_LIKELY;
    return IntStream.range(0, fit.flows().size())
        .filter(
            other ->
                fit.isChecked(other)
                    && (fit.alike(loudest, other)
                        || Math.pow(fit.measurementTest(other), 2) >= least))
        .boxed()
        .sorted(
            Comparator.comparingDouble((Integer other) -> fit.alike(loudest, other) ? 0 : 1)
                .thenComparing(other -> -fit.measurementTest(other)))
        .toList();
  }
}
