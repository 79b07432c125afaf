package jugulum.desk;

import static javafx.scene.input.KeyCode.CONTROL;
import static javafx.scene.input.KeyCode.DIGIT1;
import static javafx.scene.input.KeyCode.DIGIT2;
import static javafx.scene.input.KeyCode.DIGIT3;
import static javafx.scene.input.KeyCode.DIGIT4;
import static javafx.scene.input.KeyCode.DIGIT5;
import static javafx.scene.input.KeyCode.DIGIT6;
import static javafx.scene.input.KeyCode.DIGIT7;
import static javafx.scene.input.KeyCode.DOWN;
import static javafx.scene.input.KeyCode.E;
import static javafx.scene.input.KeyCode.ENTER;
import static javafx.scene.input.KeyCode.ESCAPE;
import static javafx.scene.input.KeyCode.G;
import static javafx.scene.input.KeyCode.N;
import static javafx.scene.input.KeyCode.S;
import static javafx.scene.input.KeyCode.T;
import static javafx.scene.input.KeyCode.U;
import static javafx.scene.input.KeyCode.Z;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import javafx.geometry.Bounds;
import javafx.geometry.Orientation;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.Control;
import javafx.scene.control.Label;
import javafx.scene.control.Labeled;
import javafx.scene.control.ListView;
import javafx.scene.control.ScrollBar;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TableView;
import javafx.scene.input.KeyCode;
import javafx.scene.text.Text;
import jugulum.core.ledger.LotId;
import jugulum.desk.board.ThroatBoard;
import org.junit.jupiter.api.Test;

/**
 * Every view at 1280 x 800 on the demo data: nothing cut off, nothing mute, nothing too small to
 * read.
 */
class AppearanceTest extends OnTheDemoBook {
  private static final double SMALLEST_TYPE = 14;

  private interface Look {
    void at(Person person, String where);
  }

  /** Walks through the views in both themes, and once in another unit. */
  private void everywhere(Look look) {
    try (Person person = Person.at(book)) {
      for (String theme : List.of("dark", "light")) {
        for (KeyCode view : List.of(DIGIT2, DIGIT3, DIGIT4, DIGIT5, DIGIT6, DIGIT7, N, DIGIT1)) {
          person.press(CONTROL, view);
          look.at(person, theme + " " + view);
        }
        for (String part :
            List.of(
                "cuts-part-SIZES", "cuts-part-MAGNET", "cuts-part-HANDLING", "cuts-part-PLAN")) {
          person.press(CONTROL, DIGIT2).click(part);
          look.at(person, theme + " " + part);
        }
        for (String part :
            List.of(
                "account-part-STEPS",
                "account-part-SAND",
                "account-part-NEXT",
                "account-part-SMELTS",
                "account-part-GOLD")) {
          person.press(CONTROL, DIGIT3).click(part);
          look.at(person, theme + " " + part);
        }
        for (String part : List.of("season-part-MAGNETICS", "season-part-BATCHES")) {
          person.press(CONTROL, DIGIT5).click(part);
          look.at(person, theme + " " + part);
        }
        person.press(CONTROL, DIGIT4).click("day-part-STOCK");
        look.at(person, theme + " stock");
        person.click("day-part-TODAY").press(CONTROL, DIGIT1);
        for (String opened : List.of("bench-sheet", "looks-wrong", "look")) {
          person.click("station-3-2").click(opened);
          look.at(person, theme + " " + opened);
          person.click("back");
        }
        for (String station :
            List.of(
                "station-1-0",
                "station-2-4",
                "station-3-2",
                "station-3-1",
                "station-4-3",
                "station-2-5",
                "station-0-0",
                "bucket-TAILINGS")) {
          person.click(station);
          look.at(person, theme + " " + station);
        }
        person.click("station-2-5").click("measure-SMELT");
        look.at(person, theme + " a smelt");
        person
            .open(3)
            .click(
                "correct-"
                    + person
                        .batch()
                        .lot(new LotId(3))
                        .orElseThrow()
                        .readings()
                        .getFirst()
                        .id()
                        .number());
        look.at(person, theme + " a reading to correct or doubt");
        person.press(ESCAPE).press(ESCAPE);
        running(person);
        look.at(person, theme + " a machine that runs");
        for (int edit = 0; edit < 3; edit++) {
          person.press(ESCAPE).press(CONTROL, Z);
        }
        eightUnweighed(person, theme, look);
        person.openInOneFrame("Tarnbeck 7");
        look.at(person, theme + " a closed batch");
        person.openInOneFrame("Fernhollow 12");
        person.press(CONTROL, T);
        person.press(CONTROL, U);
      }
    }
  }

  /** Another batch, screened into eight cuts of which none is weighed yet. */
  private static void eightUnweighed(Person person, String theme, Look look) {
    person.openInOneFrame("Saltergill 3");
    person.press(S).type("stack", "16 20 30 50 70 100 140").press(ENTER);
    look.at(person, theme + " eight cuts, none weighed");
    for (String bucket : List.of("bucket-OVERSIZE", "bucket-TAILINGS", "station-1-1")) {
      person.click(bucket);
      look.at(person, theme + " " + bucket + " of eight cuts, none weighed");
    }
    person.press(ESCAPE).press(CONTROL, Z);
    person.openInOneFrame("Fernhollow 12");
  }

  /** A machine is chosen and runs, its first charge in. */
  private static void running(Person person) {
    person.click("station-2-5").press(G);
    for (int i = 0; i < 12 && !person.text("machine").contains("bowl"); i++) {
      person.press(DOWN);
    }
    person.press(ENTER).press(E);
  }

  private static List<Node> visible(Node node, List<Node> found) {
    if (node.isVisible() && node.getOpacity() > 0) {
      found.add(node);
      if (node instanceof Parent parent) {
        parent.getChildrenUnmodifiable().forEach(child -> visible(child, found));
      }
    }
    return found;
  }

  private static List<Node> visible(Person person) {
    return visible(person.root(), new ArrayList<>());
  }

  private static boolean inside(Node node, Class<?> kind) {
    for (Node parent = node.getParent(); parent != null; parent = parent.getParent()) {
      if (kind.isInstance(parent)) {
        return true;
      }
    }
    return false;
  }

  /** One walk for all that is asked, since the walk takes longest. */
  @Test
  void everyViewIsWholeReadableAndNamed() {
    everywhere(
        (person, where) -> {
          noTextIsCutOff(person, where);
          noTypeIsTooSmall(person, where);
          whatCanHaveTheFocusHasANameAndARole(person, where);
          nothingSticksOutOfTheWindowAndNothingScrollsSideways(person, where);
        });
  }

  private static void noTextIsCutOff(Person person, String where) {
    for (Node node : visible(person)) {
      if (node instanceof Text text && text.getParent() instanceof Labeled labeled) {
        assertThat(text.getText())
            .as("%s: %s", where, labeled.getText())
            .doesNotEndWith("...")
            .doesNotEndWith("…");
      }
    }
  }

  private static void noTypeIsTooSmall(Person person, String where) {
    for (Node node : visible(person)) {
      if (node instanceof Text text && !text.getText().isBlank()) {
        assertThat(text.getFont().getSize())
            .as("%s: %s", where, text.getText())
            .isGreaterThanOrEqualTo(SMALLEST_TYPE);
        assertThat(text.getFont().getFamily())
            .as("%s: %s", where, text.getText())
            .isEqualTo("B612");
      }
    }
  }

  private static void whatCanHaveTheFocusHasANameAndARole(Person person, String where) {
    for (Node node : visible(person)) {
      boolean wanted =
          node.isFocusTraversable()
              && !node.isDisabled()
              && !(node instanceof ScrollBar)
              && !(node instanceof ScrollPane);
      if (wanted) {
        String name = node.getAccessibleText();
        String shown = node instanceof Labeled labeled ? labeled.getText() : "";
        boolean named =
            name != null && !name.isBlank()
                || shown != null && !shown.isBlank()
                || node instanceof ListView;
        assertThat(named)
            .as("%s: %s %s has a name", where, node.getClass().getSimpleName(), node.getId())
            .isTrue();
        assertThat(node.getAccessibleRole())
            .as("%s: %s has a role", where, node.getId())
            .isNotNull();
      }
    }
  }

  private static void nothingSticksOutOfTheWindowAndNothingScrollsSideways(
      Person person, String where) {
    for (Node node : visible(person)) {
      if (node instanceof Control
          && !inside(node, ScrollPane.class)
          && !inside(node, ListView.class)
          && !inside(node, TableView.class)) {
        Bounds bounds = node.localToScene(node.getLayoutBounds());
        assertThat(bounds.getMaxX())
            .as("%s: %s %s", where, node.getClass().getSimpleName(), node.getId())
            .isLessThanOrEqualTo(1281);
        assertThat(bounds.getMaxY())
            .as("%s: %s %s", where, node.getClass().getSimpleName(), node.getId())
            .isLessThanOrEqualTo(801);
      }
      if (node instanceof ScrollPane pane && pane.isFitToWidth() && pane.getContent() != null) {
        assertThat(pane.getContent().getLayoutBounds().getWidth())
            .as("%s: %s is cut off at the right", where, pane.getId())
            .isLessThanOrEqualTo(pane.getViewportBounds().getWidth() + 1);
      }
      if (node instanceof ScrollBar bar && bar.getOrientation() == Orientation.HORIZONTAL) {
        assertThat(
                bar.getWidth() > 0
                    && bar.getHeight() > 0
                    && bar.getVisibleAmount() < bar.getMax() - bar.getMin() - 1e-9
                    && bar.isVisible())
            .as("%s: a horizontal scroll bar in %s", where, bar.getParent())
            .isFalse();
      }
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
            visible(person).stream()
                .filter(Text.class::isInstance)
                .map(Text.class::cast)
                .filter(text -> inside(text, ThroatBoard.class) && !text.getText().isBlank())
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
          visible(person).stream()
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
