package jugulum.desk.board;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Supplier;
import javafx.collections.ObservableList;
import javafx.scene.Node;

/**
 * The nodes of a drawing, each known by what it shows and where. Drawing again takes from the last
 * drawing every node that would come out the same: most edits change two or three numbers, and
 * styling a node anew costs more than all the rest.
 */
final class NodeStock {
  private Map<Object, Node> before = new HashMap<>();
  private Map<Object, Node> now = new HashMap<>();
  private final List<Node> order = new ArrayList<>();

  /** Begins a drawing. */
  void begin() {
    before = now;
    now = new HashMap<>();
    order.clear();
  }

  /** Adds on top the node of that description, made only if the last drawing has none. */
  void add(Object description, Supplier<Node> maker) {
    Object key = now.containsKey(description) ? List.of(description, order.size()) : description;
    Node node = before.containsKey(key) ? before.get(key) : maker.get();
    now.put(key, node);
    order.add(node);
  }

  /** Brings a pane's children to the drawing, touching only those that differ. */
  void show(ObservableList<Node> children) {
    if (children.equals(order)) {
      return;
    }
    List<Node> fresh = order.stream().filter(node -> !children.contains(node)).toList();
    boolean inPlace = children.size() == order.size() && differences(children) == fresh.size();
    if (!inPlace) {
      children.setAll(order);
      return;
    }
    for (int i = 0; i < order.size(); i++) {
      if (children.get(i) != order.get(i)) {
        children.set(i, order.get(i));
      }
    }
  }

  private int differences(List<Node> children) {
    int count = 0;
    for (int i = 0; i < order.size(); i++) {
      count += children.get(i) == order.get(i) ? 0 : 1;
    }
    return count;
  }
}
