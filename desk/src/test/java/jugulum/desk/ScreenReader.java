package jugulum.desk;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import javafx.scene.AccessibleAttribute;
import javafx.scene.AccessibleRole;
import javafx.scene.Node;
import javafx.scene.control.ScrollPane;

/**
 * What a screen reader is told of every view it looks at: role, name and value of each thing that
 * can have the focus, in the order of the keys.
 */
final class ScreenReader implements EveryView.Look {
  /** What says nothing of what a thing is for. */
  private static final Set<AccessibleRole> MUTE =
      EnumSet.of(AccessibleRole.NODE, AccessibleRole.PARENT, AccessibleRole.TEXT);

  private final List<String> views = new ArrayList<>();
  private final TreeSet<String> faults = new TreeSet<>();

  private record Told(String id, AccessibleRole role, String name, String value) {
    @Override
    public String toString() {
      return role + ": " + name + (value.isEmpty() ? "" : " = " + value);
    }
  }

  private static Stream<Told> told(Node node) {
    return node.isFocusTraversable() && !node.isDisabled() && !(node instanceof ScrollPane)
        ? Stream.of(
            new Told(
                Objects.requireNonNullElse(node.getId(), ""),
                node.getAccessibleRole(),
                text(node, AccessibleAttribute.TEXT),
                value(node)))
        : Stream.empty();
  }

  private static String text(Node node, AccessibleAttribute what) {
    String own = Objects.requireNonNullElse(node.getAccessibleText(), "");
    return own.isBlank()
        ? String.valueOf(Objects.requireNonNullElse(node.queryAccessibleAttribute(what), ""))
        : own;
  }

  private static String value(Node node) {
    return Optional.ofNullable(node.queryAccessibleAttribute(AccessibleAttribute.SELECTED))
        .filter(Boolean.TRUE::equals)
        .map(_ -> "selected")
        .orElse("");
  }

  @Override
  public void at(Person person, String where) {
    List<Told> tree = Sight.told(person, ScreenReader::told);
    assertThat(tree).as(where).isNotEmpty();
    views.add(where.strip() + "\n" + String.join("\n", tree.stream().map(Told::toString).toList()));
    tree.stream()
        .filter(one -> MUTE.contains(one.role()) && !one.id().equals("board"))
        .forEach(one -> faults.add("no role in" + where + ": " + one.id() + " " + one));
    tree.stream()
        .filter(one -> one.name().isBlank() && one.role() != AccessibleRole.LIST_VIEW)
        .forEach(one -> faults.add("no name in" + where + ": " + one.id() + " " + one.role()));
  }

  /** What says nothing of itself to who does not see it. */
  Set<String> faults() {
    return faults;
  }

  /** Writes down what was told, view by view. */
  void write(Path file) throws IOException {
    Files.createDirectories(file.toAbsolutePath().getParent());
    Files.writeString(file, String.join("\n\n", views));
  }
}
