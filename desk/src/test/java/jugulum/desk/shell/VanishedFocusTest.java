package jugulum.desk.shell;

import static javafx.scene.input.KeyCode.CONTROL;
import static javafx.scene.input.KeyCode.DIGIT5;
import static javafx.scene.input.KeyCode.DIGIT7;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.Pane;
import javafx.scene.robot.Robot;
import jugulum.desk.OnTheDemoBook;
import jugulum.desk.Person;
import org.junit.jupiter.api.Test;

/** A key pressed in the frame in which the thing that had the focus went out of sight. */
class VanishedFocusTest extends OnTheDemoBook {
  private static void pressAsItGoes(Person person, KeyCode... keys) {
    person.drawn(
        () -> {
          Node focused = person.root().getScene().getFocusOwner();
          ((Pane) focused.getParent()).getChildren().remove(focused);
          Robot robot = new Robot();
          List.of(keys).forEach(robot::keyPress);
          List.of(keys).reversed().forEach(robot::keyRelease);
          return null;
        });
    person.settle();
  }

  @Test
  void reachesTheWindow() {
    try (Person person = Person.at(book)) {
      person.press(CONTROL, DIGIT5);
      pressAsItGoes(person, CONTROL, DIGIT7);
      assertThat(person.sees("shop-view")).isTrue();
    }
  }

  @Test
  void reachesTheViewInSight() {
    try (Person person = Person.at(book)) {
      person.press(CONTROL, DIGIT5);
      pressAsItGoes(person, KeyCode.B);
      assertThat(person.everything()).contains(" in demo.book");
    }
  }
}
