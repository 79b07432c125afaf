package jugulum.desk.hands;

import static javafx.scene.input.KeyCode.A;
import static javafx.scene.input.KeyCode.CONTROL;
import static javafx.scene.input.KeyCode.ENTER;
import static javafx.scene.input.KeyCode.F11;
import static javafx.scene.input.KeyCode.PLUS;
import static javafx.scene.input.KeyCode.RIGHT;
import static javafx.scene.input.KeyCode.TAB;
import static javafx.scene.input.KeyCode.W;

import java.util.List;
import java.util.Locale;
import jugulum.desk.OnTheDemoBook;
import jugulum.desk.Person;
import jugulum.desk.words.Languages;
import jugulum.desk.words.Pseudo;
import org.junit.jupiter.api.Test;

/**
 * Bench mode is read from across the shed: at any question, in any window, nothing moves by itself
 * and nothing is cut off.
 */
class StandsStillTest extends OnTheDemoBook {
  private static final boolean IS_THOROUGH = Boolean.getBoolean("jugulum.thorough");
  private static final int QUESTIONS = IS_THOROUGH ? 12 : 3;

  private record Size(double width, double height) {}

  private static final List<Size> SIZES =
      IS_THOROUGH
          ? List.of(new Size(1024, 700), new Size(1280, 800), new Size(1280, 960))
          : List.of(new Size(1024, 700), new Size(1280, 800));

  private static void atEverySize(Person person, String where) {
    for (Size size : SIZES) {
      person.sized(size.width(), size.height());
      person.standsStill(where + " " + size);
    }
  }

  @Test
  void atTheFirstQuestionOfANewBook() {
    try (Person person = Person.at(folder.resolve("new.book"))) {
      person.press(W).write("20").press(TAB).press(A).press(ENTER).write("A1").press(ENTER);
      person.until(() -> person.workbench().projections().current().get().worked().isPresent());
      person.press(F11).until(() -> !person.text("hands-question").isEmpty());
      atEverySize(person, person.text("hands-question"));
      person.write("2400").press(ENTER).press(ENTER).press(ENTER);
      for (int i = 0; i < QUESTIONS; i++) {
        atEverySize(person, person.text("hands-question"));
        person.press(RIGHT);
      }
      person.press(CONTROL, PLUS).press(CONTROL, PLUS);
      atEverySize(person, "larger " + person.text("hands-question"));
    }
  }

  @Test
  void atEveryQuestionOfTheDemo() {
    try (Person person = Person.at(book)) {
      person.press(F11).until(() -> !person.text("hands-question").isEmpty());
      for (int i = 0; i < QUESTIONS; i++) {
        atEverySize(person, person.text("hands-question"));
        person.press(RIGHT);
      }
    }
  }

  @Test
  void inALanguageOfLongWords() {
    Languages longWords = new Languages(List.of(Pseudo.language()), Locale.ENGLISH, Locale.GERMANY);
    try (Person person = Person.speaking(longWords, book)) {
      person.press(F11).until(() -> !person.text("hands-question").isEmpty());
      for (int i = 0; i < QUESTIONS; i++) {
        atEverySize(person, person.text("hands-question"));
        person.press(RIGHT);
      }
    }
  }
}
