package jugulum.desk.eye;

import static javafx.scene.input.KeyCode.CONTROL;
import static javafx.scene.input.KeyCode.DIGIT6;
import static javafx.scene.input.KeyCode.ENTER;
import static javafx.scene.input.KeyCode.ESCAPE;
import static javafx.scene.input.KeyCode.N;
import static org.assertj.core.api.Assertions.assertThat;

import jugulum.desk.OnTheDemoBook;
import jugulum.desk.Person;
import org.junit.jupiter.api.Test;

/** How many did you see? */
class CountDrillTest extends OnTheDemoBook {
  @Test
  void oneCountsAndIsShownWhatLiesThere() {
    try (Person person = Person.at(book)) {
      person.press(CONTROL, DIGIT6);
      person.click("gear-part-PRACTICE").click("practice-count");
      person.until(() -> person.sees("count-tell"));
      person.write("twelve").press(ENTER);
      assertThat(person.everything()).as("that is no number").contains("twelve");
      person.type("count-specks", "12").press(ENTER);
      assertThat(person.text("count-question")).endsWith("you saw 12.");
      String first = person.text("count-question");
      person.until(() -> person.text("count-told").contains("By itself"));
      person.press(N).until(() -> person.sees("count-tell"));
      assertThat(person.text("count-specks")).isEmpty();
      person.type("count-specks", "12").press(ENTER);
      assertThat(person.text("count-question")).as("another picture").isNotEqualTo(first);
      person.press(ESCAPE);
      assertThat(person.sees("practice-begin")).isTrue();
    }
  }
}
