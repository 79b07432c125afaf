package jugulum.desk;

import static javafx.scene.input.KeyCode.TAB;
import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.LinkedHashSet;
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
import org.junit.jupiter.api.Test;

/**
 * What a screen reader is told of every view: role, name and value of each thing that can have the
 * focus, in the order of the keys. Written out below the build's folder, view by view.
 */
class ScreenReaderTest extends OnTheDemoBook {
  /** What says nothing of what a thing is for. */
  private static final Set<AccessibleRole> MUTE =
      EnumSet.of(AccessibleRole.NODE, AccessibleRole.PARENT, AccessibleRole.TEXT);

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

  @Test
  void everyThingHasARoleANameAndItsPlace() throws IOException {
    Path out = Files.createDirectories(Path.of("target/screen-reader"));
    TreeSet<String> faults = new TreeSet<>();
    List<String> views = new ArrayList<>();
    try (Person person = Person.at(book)) {
      EveryView.walk(
          person,
          "",
          (seen, where) -> {
            List<Told> tree = Sight.told(seen, ScreenReaderTest::told);
            views.add(
                where.strip()
                    + "\n"
                    + String.join("\n", tree.stream().map(Told::toString).toList()));
            assertThat(tree).as(where).isNotEmpty();
            tree.stream()
                .filter(one -> MUTE.contains(one.role()) && !one.id().equals("board"))
                .forEach(one -> faults.add("no role in" + where + ": " + one.id() + " " + one));
            tree.stream()
                .filter(one -> one.name().isBlank() && one.role() != AccessibleRole.LIST_VIEW)
                .forEach(
                    one -> faults.add("no name in" + where + ": " + one.id() + " " + one.role()));
          });
    }
    Files.writeString(out.resolve("views.txt"), String.join("\n\n", views));
    assertThat(faults).isEmpty();
  }

  /** Tab alone goes to everything of the first page and comes round again. */
  @Test
  void tabGoesRound() {
    try (Person person = Person.at(book)) {
      Set<Node> been = new LinkedHashSet<>();
      Node first = person.focused();
      Node at = first;
      do {
        been.add(at);
        person.press(TAB);
        at = person.focused();
      } while (!been.contains(at) && been.size() < 300);
      assertThat(at).as("comes round").isEqualTo(first);
      assertThat(been).hasSizeGreaterThan(15);
    }
  }
}
