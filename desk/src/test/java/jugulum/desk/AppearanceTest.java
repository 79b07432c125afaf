package jugulum.desk;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import javafx.geometry.Bounds;
import javafx.scene.control.Label;
import javafx.scene.control.Labeled;
import javafx.scene.text.Text;
import jugulum.desk.board.ThroatBoard;
import org.junit.jupiter.api.Test;

/**
 * Every view at 1280 x 800 and in a small window on the demo data: nothing cut off, nothing mute,
 * nothing too small to read. {@link LanguageTest} looks at the same in another light, unit and
 * language.
 */
class AppearanceTest extends OnTheDemoBook {
  /** One walk for all that is asked, since the walk takes longest. */
  @Test
  void everyViewIsWholeReadableAndNamed() {
    try (Person person = Person.at(book)) {
      EveryView.walk(
          person,
          "",
          (seen, where) -> {
            Sight.isWhole(seen, where);
            seen.sized(1024, 700);
            assertThat(Sight.cutOff(seen)).as("%s in a small window", where).isEmpty();
            seen.sized(1280, 800);
          });
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
        List<Text> writings =
            Sight.visible(person).stream()
                .filter(Text.class::isInstance)
                .map(Text.class::cast)
                .filter(text -> Sight.inside(text, ThroatBoard.class) && !text.getText().isBlank())
                .toList();
        assertThat(writings).hasSizeGreaterThan(8);
        for (Text writing : writings) {
          assertThat(writing.getFont().getFamily()).as(writing.getText()).isEqualTo("B612");
          assertThat(((Labeled) writing.getParent()).getWidth()).as(writing.getText()).isPositive();
        }
      }
    }
  }

  /** The writings of one row of the board must not lie over each other. */
  @Test
  void writingsOnTheBoardDoNotOverlap() {
    try (Person person = Person.at(book)) {
      List<Label> labels =
          Sight.visible(person).stream()
              .filter(Label.class::isInstance)
              .map(Label.class::cast)
              .filter(
                  label ->
                      label.getParent() != null
                          && label.getParent().getStyleClass().contains("board-pane"))
              .toList();
      assertThat(labels).hasSizeGreaterThan(30);
      for (Label one : labels) {
        for (Label other : labels) {
          if (one != other && !one.getText().isBlank() && !other.getText().isBlank()) {
            Bounds here = one.getBoundsInParent();
            Bounds there = other.getBoundsInParent();
            double across =
                Math.min(here.getMaxX(), there.getMaxX())
                    - Math.max(here.getMinX(), there.getMinX());
            double down =
                Math.min(here.getMaxY(), there.getMaxY())
                    - Math.max(here.getMinY(), there.getMinY());
            assertThat(across > 1 && down > 3)
                .as("“%s” over “%s”", one.getText(), other.getText())
                .isFalse();
          }
        }
      }
    }
  }
}
