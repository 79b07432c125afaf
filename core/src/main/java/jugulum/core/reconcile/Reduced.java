package jugulum.core.reconcile;

import java.util.Arrays;
import java.util.List;

/**
 * A network with the flows nobody measured taken out: the nodes at both ends of such a flow become
 * one, and what the outside is one with has nothing to add up. What is left are balances of
 * measured flows alone. The columns are whole numbers, so whether two flows can be told apart is an
 * exact question.
 */
final class Reduced {
  /** The number of balances left. */
  final int balances;

  private final int[] balanceOf;
  private final int nodes;

  private Reduced(int nodes, int[] balanceOf, int balances) {
    this.nodes = nodes;
    this.balanceOf = balanceOf;
    this.balances = balances;
  }

  static Reduced of(int nodes, List<Flow> flows) {
    Joined joined = new Joined(nodes + 1);
    flows.stream()
        .filter(flow -> !flow.isMeasured())
        .forEach(flow -> joined.join(at(flow.from(), nodes), at(flow.to(), nodes)));
    int[] balanceOf = new int[nodes + 1];
    int[] numberOf = new int[nodes + 1];
    Arrays.fill(numberOf, Flow.OUTSIDE);
    int balances = 0;
    for (int node = 0; node <= nodes; node++) {
      int root = joined.root(node);
      if (root == joined.root(nodes)) {
        balanceOf[node] = Flow.OUTSIDE;
      } else {
        if (numberOf[root] == Flow.OUTSIDE) {
          numberOf[root] = balances++;
        }
        balanceOf[node] = numberOf[root];
      }
    }
    return new Reduced(nodes, balanceOf, balances);
  }

  private static int at(int node, int nodes) {
    return node == Flow.OUTSIDE ? nodes : node;
  }

  /** The balance a flow leaves, or outside. */
  int leaves(Flow flow) {
    return balanceOf[at(flow.from(), nodes)];
  }

  /** The balance a flow enters, or outside. */
  int enters(Flow flow) {
    return balanceOf[at(flow.to(), nodes)];
  }

  /** Whether a measured flow takes part in a balance. */
  boolean isChecked(Flow flow) {
    return flow.isMeasured() && leaves(flow) != enters(flow);
  }

  /** Whether an error in one looks the same as an error in the other. */
  boolean alike(Flow one, Flow other) {
    return leaves(one) == leaves(other) && enters(one) == enters(other)
        || leaves(one) == enters(other) && enters(one) == leaves(other);
  }

  /** Which nodes hang together. */
  static final class Joined {
    private final int[] parent;

    Joined(int nodes) {
      parent = new int[nodes];
      Arrays.setAll(parent, i -> i);
    }

    int root(int node) {
      int at = node;
      while (parent[at] != at) {
        parent[at] = parent[parent[at]];
        at = parent[at];
      }
      return at;
    }

    void join(int one, int other) {
      parent[root(one)] = root(other);
    }
  }
}
