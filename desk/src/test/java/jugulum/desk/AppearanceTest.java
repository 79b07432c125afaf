package jugulum.desk;

import static javafx.scene.input.KeyCode.TAB;
import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Path;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.Labeled;
import javafx.scene.text.Text;
import jugulum.desk.board.ThroatBoard;
import org.junit.jupiter.api.Test;

/**
 * Every view at 1280 x 800 and in a small window on the demo data: nothing cut off, nothing mute,
 * nothing too small to read, nothing Tab does not come to. What a screen reader is told is written
 * out below the build's folder. {@link LanguageTest} looks at the same in another light, unit and
 * language.
 */
class AppearanceTest extends OnTheDemoBook {
  /** One walk for all that is asked, since the walk takes longest. */
  @Test
  void everyViewIsWholeReadableNamedAndReachedByTab() throws IOException {
    ScreenReader reader = new ScreenReader();
    TabRound tab = new TabRound();
    try (Person person = Person.at(book)) {
      EveryView.walk(
          person,
          "",
          (seen, where) -> {
            Sight.isWhole(seen, where);
            seen.sized(1024, 700);
            assertThat(Sight.cutOff(seen)).as("%s in a small window", where).isEmpty();
            seen.sized(1280, 800);
            reader.at(seen, where);
            tab.at(seen, where);
          });
    }
    reader.write(Path.of("target/screen-reader/views.txt"));
    assertThat(reader.faults()).isEmpty();
    assertThat(tab.faults()).isEmpty();
  }

  /** By the key itself, on the first page. */
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

  /**
   * The very frame that shows another batch must be styled: new parts of the board come in while
   * the window is being laid out.
   */
  @Test
  void anotherBatchIsStyledInItsFirstFrame() {
    try (Person person = Person.at(book)) {
      for (String name : List.of("Tarnbeck 7", "Saltergill 3", "Fernhollow 12")) {
        person.openInOneFrame(name);
        List<Writing> writings =
            Sight.told(
                person,
                node ->
                    node instanceof Text text
                            && text.getParent() instanceof Labeled labeled
                            && Sight.inside(text, ThroatBoard.class)
                            && !text.getText().isBlank()
                        ? Stream.of(
                            new Writing(
                                text.getText(), text.getFont().getFamily(), labeled.getWidth()))
                        : Stream.empty());
        assertThat(writings).hasSizeGreaterThan(8);
        for (Writing writing : writings) {
          assertThat(writing.family()).as(writing.text()).isEqualTo("B612");
          assertThat(writing.width()).as(writing.text()).isPositive();
        }
      }
    }
  }

  private record Writing(String text, String family, double width) {}

  private record Placed(String text, Bounds there) {}

  /** The writings of one row of the board must not lie over each other. */
  @Test
  void writingsOnTheBoardDoNotOverlap() {
    try (Person person = Person.at(book)) {
      List<Placed> labels =
          Sight.told(
              person,
              node ->
                  node instanceof Label label
                          && label.getParent() != null
                          && label.getParent().getStyleClass().contains("board-pane")
                      ? Stream.of(new Placed(label.getText(), label.getBoundsInParent()))
                      : Stream.empty());
      assertThat(labels).hasSizeGreaterThan(30);
      for (Placed one : labels) {
        for (Placed other : labels) {
          if (one != other && !one.text().isBlank() && !other.text().isBlank()) {
            Bounds here = one.there();
            Bounds there = other.there();
            double across =
                Math.min(here.getMaxX(), there.getMaxX())
                    - Math.max(here.getMinX(), there.getMinX());
            double down =
                Math.min(here.getMaxY(), there.getMaxY())
                    - Math.max(here.getMinY(), there.getMinY());
            assertThat(across > 1 && down > 3)
                .as("“%s” over “%s”", one.text(), other.text())
                .isFalse();
          }
        }
      }
    }
  }
}
