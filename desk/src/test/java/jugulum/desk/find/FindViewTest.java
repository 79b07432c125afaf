package jugulum.desk.find;

import static javafx.scene.input.KeyCode.CONTROL;
import static javafx.scene.input.KeyCode.DIGIT6;
import static javafx.scene.input.KeyCode.DOWN;
import static javafx.scene.input.KeyCode.ENTER;
import static javafx.scene.input.KeyCode.ESCAPE;
import static javafx.scene.input.KeyCode.SLASH;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Locale;
import javafx.scene.control.ListView;
import jugulum.desk.OnTheDemoBook;
import jugulum.desk.Person;
import jugulum.desk.words.Language;
import jugulum.desk.words.Languages;
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

  /** The board says "tails 5.21 kg" beside −30 +50. */
  @Test
  void theBoardsOwnWordsAreUnderstood() {
    try (Person person = Person.at(book)) {
      person.press(SLASH).settle();
      for (String typed : List.of("tails 30", "mags 30", "cons 16")) {
        look(person, typed);
        assertThat(person.text("find-told")).as(typed).doesNotContain("Nothing", "read as");
      }
      look(person, "tails fernhollow");
      assertThat(person.everything()).contains("tailings");
      look(person, "bowl 50");
      assertThat(person.everything()).contains("garden bowl");
    }
  }

  @Test
  void machinesAndTrialsAreFound() {
    try (Person person = Person.at(book)) {
      person.press(SLASH).settle();
      look(person, "garden bowl");
      person.until(() -> person.everything().contains("Garden bowl against slate"));
      person.press(ENTER).settle();
      assertThat(person.sees("gear-view")).isTrue();
      person.press(SLASH).settle();
      look(person, "against slate");
      person.until(() -> found(person) == 1);
      person.press(ENTER).settle();
      person.until(() -> person.sees("trials-pane"));
    }
  }

  @Test
  void wordsOfAnotherLanguageFindTheSame() {
    Languages spanish = new Languages(Language.shipped(), Locale.forLanguageTag("es"), Locale.ROOT);
    try (Person person = Person.speaking(spanish, book)) {
      person.press(SLASH).settle();
      for (String typed : List.of("relaves", "colas 30", "mesa", "magnéticos", "sin revisar")) {
        look(person, typed);
        assertThat(person.text("find-told")).as(typed).doesNotContain("Aquí nada", "leído como");
      }
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
