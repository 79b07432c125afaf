package jugulum.desk.shell;

import static javafx.scene.input.KeyCode.CONTROL;
import static javafx.scene.input.KeyCode.DIGIT4;
import static org.assertj.core.api.Assertions.assertThat;

import java.lang.ref.WeakReference;
import jugulum.desk.OnTheDemoBook;
import jugulum.desk.Person;
import org.junit.jupiter.api.Test;

/** What is left of a window after it was closed. */
class ClosedWindowTest extends OnTheDemoBook {
  private static final int TRIES = 100;

  private WeakReference<Object> closedAtTheDay() {
    try (Person person = Person.at(book)) {
      person.press(CONTROL, DIGIT4).until(() -> person.sees("plan-pane"));
      return new WeakReference<>(person.root());
    }
  }

  /** The day follows the clock while one looks at it, and not a moment longer. */
  @Test
  void aWindowClosedAtTheDayIsHeldByNothing() throws InterruptedException {
    WeakReference<Object> window = closedAtTheDay();
    // Another one takes the place of the first where tests themselves hold it.
    try (Person next = Person.at(book)) {
      for (int i = 0; i < TRIES && window.get() != null; i++) {
        System.gc();
        Thread.sleep(20);
        next.settle();
      }
      assertThat(window.get()).isNull();
    }
  }
}
