package jugulum.core.reconcile;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.stream.IntStream;
import jugulum.core.reconcile.Adjusted.State;
import jugulum.core.reconcile.Reduced.Joined;
import org.hipparchus.distribution.continuous.ChiSquaredDistribution;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.CholeskyDecomposition;
import org.hipparchus.linear.RealMatrix;

/**
 * The most likely flows of a network in which every node gives away what it takes, by weighted
 * least squares.
 *
 * <p>Textbook: x̂ = x − V Aᵀ (A V Aᵀ)⁻¹ A x, with A the balances, x the measured flows and V their
 * variances; global test rᵀ (A V Aᵀ)⁻¹ r against chi-square with as many degrees of freedom as
 * there are balances. S. Narasimhan and C. Jordache, Data Reconciliation and Gross Error Detection
 * (2000), chapters 3 and 7 (from memory). Used: flows nobody measured are taken out first by making
 * one node of the two they join, which for a network is the projection of the textbook; A V Aᵀ is
 * scaled to a diagonal of ones before its Cholesky decomposition, as buckets and gold grains stand
 * in one network.
 */
public final class Reconciliation {
  /** The confidence of the global test. */
  static final double CONFIDENCE = 0.95;

  private final int nodes;
  private final List<Flow> flows;
  private final Reduced reduced;

  /** (A V Aᵀ)⁻¹. */
  private final double[][] inverse;

  /** (A V Aᵀ)⁻¹ r. */
  private final double[] pull;

  private final double statistic;

  private Reconciliation(int nodes, List<Flow> flows) {
    this.nodes = nodes;
    this.flows = List.copyOf(flows);
    this.reduced = Reduced.of(nodes, flows);
    double[] residual = new double[reduced.balances];
    flows.stream()
        .filter(reduced::isChecked)
        .forEach(flow -> add(residual, flow, flow.measured().getAsDouble()));
    this.inverse = inverse();
    this.pull = new double[reduced.balances];
    double sum = 0;
    for (int i = 0; i < pull.length; i++) {
      for (int j = 0; j < pull.length; j++) {
        pull[i] += inverse[i][j] * residual[j];
      }
      sum += pull[i] * residual[i];
    }
    this.statistic = sum;
  }

  /**
   * Reconciles a network.
   *
   * @param nodes how many nodes there are, numbered from 0
   * @param flows the flows between them
   * @throws IllegalArgumentException if a flow names a node there is not
   */
  public static Reconciliation of(int nodes, List<Flow> flows) {
    for (Flow flow : flows) {
      if (flow.from() >= nodes || flow.to() >= nodes) {
        throw new IllegalArgumentException(
            "flow " + flow + " needs a node from 0 to " + (nodes - 1));
      }
    }
    return new Reconciliation(nodes, flows);
  }

  private void add(double[] balances, Flow flow, double amount) {
    if (reduced.enters(flow) != Flow.OUTSIDE) {
      balances[reduced.enters(flow)] += amount;
    }
    if (reduced.leaves(flow) != Flow.OUTSIDE) {
      balances[reduced.leaves(flow)] -= amount;
    }
  }

  private double[][] inverse() {
    int size = reduced.balances;
    if (size == 0) {
      return new double[0][0];
    }
    double[][] spread = new double[size][size];
    for (Flow flow : flows) {
      if (reduced.isChecked(flow)) {
        double variance = flow.sd() * flow.sd();
        int in = reduced.enters(flow);
        int out = reduced.leaves(flow);
        addTo(spread, in, in, variance);
        addTo(spread, out, out, variance);
        addTo(spread, in, out, -variance);
        addTo(spread, out, in, -variance);
      }
    }
    double[] scale = new double[size];
    for (int i = 0; i < size; i++) {
      scale[i] = spread[i][i] > 0 ? 1 / Math.sqrt(spread[i][i]) : 0;
    }
    double[][] scaled = new double[size][size];
    for (int i = 0; i < size; i++) {
      for (int j = 0; j < size; j++) {
        scaled[i][j] = i == j ? 1 : spread[i][j] * scale[i] * scale[j];
      }
    }
    RealMatrix solved =
        new CholeskyDecomposition(new Array2DRowRealMatrix(scaled, false)).getSolver().getInverse();
    double[][] inverse = new double[size][size];
    for (int i = 0; i < size; i++) {
      for (int j = 0; j < size; j++) {
        inverse[i][j] = solved.getEntry(i, j) * scale[i] * scale[j];
      }
    }
    return inverse;
  }

  private static void addTo(double[][] matrix, int row, int column, double value) {
    if (row != Flow.OUTSIDE && column != Flow.OUTSIDE) {
      matrix[row][column] += value;
    }
  }

  /** The flows as given, in order. */
  public List<Flow> flows() {
    return flows;
  }

  /** How far the balances are off, all together: the statistic of the global test, 0 or more. */
  public double statistic() {
    return statistic;
  }

  /** The degrees of freedom of the global test: the balances that measured flows must meet. */
  public int degrees() {
    return (int) IntStream.range(0, reduced.balances).filter(i -> inverse[i][i] > 0).count();
  }

  /**
   * What the statistic stays below in 95 of 100 cases when every reading is right; 0 without a
   * balance to meet.
   */
  public double limit() {
    return degrees() == 0
        ? 0
        : new ChiSquaredDistribution(degrees()).inverseCumulativeProbability(CONFIDENCE);
  }

  /** Whether the readings fit together; so they do where nothing checks them. */
  public boolean fits() {
    return degrees() == 0 || statistic <= limit();
  }

  /** Whether the other flows check this one. */
  boolean isChecked(int flow) {
    return reduced.isChecked(flows.get(flow));
  }

  /** Whether errors in two flows look the same from here. */
  boolean alike(int one, int other) {
    return reduced.alike(flows.get(one), flows.get(other));
  }

  /**
   * How loudly the others contradict a measured flow: its adjustment over the standard deviation of
   * that.
   */
  double measurementTest(int flow) {
    double weight = weight(flows.get(flow));
    return weight > 0 ? Math.abs(pulled(flows.get(flow))) / Math.sqrt(weight) : 0;
  }

  private double pulled(Flow flow) {
    return at(pull, reduced.enters(flow)) - at(pull, reduced.leaves(flow));
  }

  private static double at(double[] values, int index) {
    return index == Flow.OUTSIDE ? 0 : values[index];
  }

  /** aᵀ (A V Aᵀ)⁻¹ a, with a the flow's column. */
  private double weight(Flow flow) {
    int in = reduced.enters(flow);
    int out = reduced.leaves(flow);
    return in == out ? 0 : entry(in, in) + entry(out, out) - 2 * entry(in, out);
  }

  private double entry(int row, int column) {
    return row == Flow.OUTSIDE || column == Flow.OUTSIDE ? 0 : inverse[row][column];
  }

  /** What the network lets say of a flow. */
  public Adjusted adjusted(int number) {
    Flow flow = flows.get(number);
    if (!flow.isMeasured()) {
      return following(number);
    }
    double measured = flow.measured().getAsDouble();
    if (!reduced.isChecked(flow)) {
      return new Adjusted(State.NONREDUNDANT, OptionalDouble.of(measured), flow.sd(), 0, 0);
    }
    double variance = flow.sd() * flow.sd();
    double adjustment = -variance * pulled(flow);
    double left = Math.max(0, variance - variance * variance * weight(flow));
    return new Adjusted(
        State.REDUNDANT,
        OptionalDouble.of(measured + adjustment),
        Math.sqrt(left),
        adjustment,
        measurementTest(number));
  }

  /** All flows, in order. */
  public List<Adjusted> adjusted() {
    List<Adjusted> all = new ArrayList<>();
    for (int i = 0; i < flows.size(); i++) {
      all.add(adjusted(i));
    }
    return all;
  }

  /**
   * A flow nobody measured follows if without it one side of the network hangs together by measured
   * flows alone: its balance tells it.
   */
  private Adjusted following(int number) {
    Joined joined = new Joined(nodes + 1);
    for (int i = 0; i < flows.size(); i++) {
      if (i != number && !flows.get(i).isMeasured()) {
        joined.join(node(flows.get(i).from()), node(flows.get(i).to()));
      }
    }
    Flow flow = flows.get(number);
    int from = joined.root(node(flow.from()));
    int to = joined.root(node(flow.to()));
    if (from == to) {
      return new Adjusted(State.UNOBSERVABLE, OptionalDouble.empty(), 0, 0, 0);
    }
    boolean fromSide = from != joined.root(nodes);
    int side = fromSide ? from : to;
    double value = 0;
    double variance = 0;
    double[] shared = new double[reduced.balances];
    for (Flow other : flows) {
      int sign = side(joined, side, other);
      if (other.isMeasured() && sign != 0) {
        double signed = fromSide ? sign : -sign;
        value += signed * best(other);
        variance += other.sd() * other.sd();
        if (reduced.isChecked(other)) {
          add(shared, other, signed * other.sd() * other.sd());
        }
      }
    }
    return new Adjusted(
        State.OBSERVABLE,
        OptionalDouble.of(value),
        Math.sqrt(Math.max(0, variance - quadratic(shared))),
        0,
        0);
  }

  private int node(int node) {
    return node == Flow.OUTSIDE ? nodes : node;
  }

  /** 1 for a flow into that side, −1 out of it, 0 for any other. */
  private int side(Joined joined, int side, Flow flow) {
    int in = joined.root(node(flow.to())) == side ? 1 : 0;
    int out = joined.root(node(flow.from())) == side ? 1 : 0;
    return in - out;
  }

  private double best(Flow flow) {
    double measured = flow.measured().getAsDouble();
    return reduced.isChecked(flow) ? measured - flow.sd() * flow.sd() * pulled(flow) : measured;
  }

  private double quadratic(double[] vector) {
    double sum = 0;
    for (int i = 0; i < vector.length; i++) {
      for (int j = 0; j < vector.length; j++) {
        sum += vector[i] * inverse[i][j] * vector[j];
      }
    }
    return sum;
  }
}
