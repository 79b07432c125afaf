package jugulum.desk;

import java.util.ArrayList;
import java.util.Collections;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.TraversalDirection;
import javafx.scene.control.ToggleButton;

/** Goes by Tab alone through every view it looks at: to everything there is, and round. */
final class TabRound implements EveryView.Look {
  private static final int MOST = 600;

  private final TreeSet<String> faults = new TreeSet<>();

  /** What cannot be reached by Tab, and where Tab does not come round. */
  Set<String> faults() {
    return faults;
  }

  @Override
  public void at(Person person, String where) {
    List<Node> there = Sight.told(person, TabRound::wanted);
    faults.addAll(person.drawn(() -> faults(person.root().getScene(), there, where)));
  }

  private static Stream<Node> wanted(Node node) {
    return Sight.isWanted(node) ? Stream.of(node) : Stream.empty();
  }

  /** Where Tab comes to a second time. */
  private static Node round(Scene scene, Node first, Set<Node> been) {
    Node at = first;
    while (been.add(at) && been.size() < MOST) {
      at.requestFocusTraversal(TraversalDirection.NEXT);
      at = Objects.requireNonNullElse(scene.getFocusOwner(), at);
    }
    return at;
  }

  private static boolean isMissed(Node node, Scene scene, Set<Node> been) {
    return isThere(node, scene) && !been.contains(node) && !isOfAGroup(node, been);
  }

  private static List<String> faults(Scene scene, List<Node> there, String where) {
    List<String> faults = new ArrayList<>();
    Node first = scene.getFocusOwner();
    if (first == null) {
      return List.of("nothing has the focus in" + where);
    }
    // A page one only reads may hold the focus at first, and is none of those Tab goes to.
    if (!first.isFocusTraversable()) {
      first.requestFocusTraversal(TraversalDirection.NEXT);
      first = Objects.requireNonNullElse(scene.getFocusOwner(), first);
    }
    Set<Node> been = Collections.newSetFromMap(new IdentityHashMap<>());
    Node at = round(scene, first, been);
    if (at != first && isThere(first, scene)) {
      faults.add("Tab does not come round in" + where + " but to " + name(at));
    }
    there.stream()
        .filter(node -> isMissed(node, scene, been))
        .forEach(node -> faults.add("Tab never comes to " + name(node) + " in" + where));
    first.requestFocus();
    return faults;
  }

  /** Where the focus goes something may be taken in hand, and what is offered changes with it. */
  private static boolean isThere(Node node, Scene scene) {
    return node.getScene() == scene && isInSight(node);
  }

  private static boolean isInSight(Node node) {
    return node.isVisible() && (node.getParent() == null || isInSight(node.getParent()));
  }

  /** Of a group of choices Tab comes to the chosen one, and arrows go on from there. */
  private static boolean isOfAGroup(Node node, Set<Node> been) {
    return node instanceof ToggleButton button
        && button.getToggleGroup() != null
        && button.getToggleGroup().getToggles().stream().anyMatch(been::contains);
  }

  private static String name(Node node) {
    return node.getClass().getSimpleName() + "#" + node.getId();
  }
}
