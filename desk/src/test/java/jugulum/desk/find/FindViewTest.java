package jugulum.desk.find;

import static javafx.scene.input.KeyCode.CONTROL;
import static javafx.scene.input.KeyCode.DIGIT6;
import static javafx.scene.input.KeyCode.DOWN;
import static javafx.scene.input.KeyCode.ENTER;
import static javafx.scene.input.KeyCode.ESCAPE;
import static javafx.scene.input.KeyCode.SLASH;
import static org.assertj.core.api.Assertions.assertThat;

import javafx.scene.control.ListView;
import jugulum.desk.OnTheDemoBook;
import jugulum.desk.Person;
import org.junit.jupiter.api.Test;

/** A person finds things from anywhere, by a part of a word and in spite of slips. */
class FindViewTest extends OnTheDemoBook {
  private static int found(Person person) {
    return person.drawn(() -> ((ListView<?>) person.root().lookup("#found")).getItems().size());
  }

  private static void look(Person person, String text) {
    person.type("find", text);
    person.settle();
    person.until(() -> found(person) > 0);
  }

  @Test
  void aSlipIsUnderstoodAndEnterGoesThere() {
    try (Person person = Person.at(book)) {
      person.press(CONTROL, DIGIT6).press(SLASH);
      person.settle();
      look(person, "saltergil");
      look(person, "saltregill");
      assertThat(person.text("find-told")).contains("“saltregill” read as saltergill");
      person.press(DOWN).press(DOWN).press(ENTER).settle();
      assertThat(person.text("batch-header")).contains("Saltergill 3");
    }
  }

  @Test
  void aNoteLeadsToItsStepAndAContainerToItsPanel() {
    try (Person person = Person.at(book)) {
      person.press(SLASH);
      person.settle();
      look(person, "pickers quartz");
      assertThat(person.everything()).contains("Five pickers, two of them with quartz.");
      person.press(ENTER).settle();
      person.until(() -> person.text("batch-header").contains("Tarnbeck 7"));
      assertThat(person.text("batch-header")).contains("Tarnbeck 7");
      person.press(ESCAPE).press(SLASH);
      person.settle();
      look(person, "-50 not looked at");
      assertThat(person.everything()).contains("nobody looked");
    }
  }

  @Test
  void nothingIsSaidInASentenceAndEscapeGoesBack() {
    try (Person person = Person.at(book)) {
      person.press(CONTROL, DIGIT6).press(SLASH);
      person.settle();
      person.type("find", "zzzz");
      person.until(() -> person.text("find-told").contains("Nothing is called"));
      assertThat(person.text("find-told")).isEqualTo("Nothing is called “zzzz” here.");
      person.press(ESCAPE);
      assertThat(person.sees("gear-view")).isTrue();
    }
  }
}
