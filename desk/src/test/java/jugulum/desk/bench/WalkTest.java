package jugulum.desk.bench;

import static javafx.scene.input.KeyCode.DOWN;
import static javafx.scene.input.KeyCode.ENTER;
import static javafx.scene.input.KeyCode.ESCAPE;
import static javafx.scene.input.KeyCode.LEFT;
import static javafx.scene.input.KeyCode.RIGHT;
import static javafx.scene.input.KeyCode.UP;
import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import jugulum.desk.DemoBooks;
import jugulum.desk.Person;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.framework.junit5.ApplicationExtension;

/** The board by keys alone. */
@ExtendWith(ApplicationExtension.class)
class WalkTest {
  @TempDir private Path folder;

  @Test
  void arrowsWalkEnterOpensEscapeReturns() {
    Path book = folder.resolve("demo.book");
    DemoBooks.demo(book);
    try (Person person = Person.at(book)) {
      person.click("station-0-0").press(ESCAPE);
      assertThat(person.focused().getId()).isEqualTo("station-0-0");
      person.press(RIGHT);
      assertThat(person.focused().getId()).isEqualTo("station-1-0");
      assertThat(person.focused().getAccessibleText()).contains("SCREEN", "5 cuts");
      person.press(DOWN);
      String below = person.focused().getId();
      assertThat(below).startsWith("station-").isNotEqualTo("station-1-0");
      person.press(DOWN).press(RIGHT).press(LEFT).press(UP);
      person.press(RIGHT).press(ENTER);
      assertThat(person.focused().getId())
          .as("typing starts in the panel")
          .doesNotStartWith("station-");
      person.press(ESCAPE);
      assertThat(person.focused().getId()).startsWith("station-");
    }
  }
}
