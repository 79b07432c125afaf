package jugulum.desk;

import static javafx.scene.input.KeyCode.ADD;
import static javafx.scene.input.KeyCode.CONTROL;
import static javafx.scene.input.KeyCode.MINUS;
import static javafx.scene.input.KeyCode.PLUS;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.TreeSet;
import javafx.scene.Node;
import org.junit.jupiter.api.Test;
import org.testfx.util.WaitForAsyncUtils;

/** Larger and smaller windows, larger and smaller type. */
class SizesTest extends OnTheDemoBook {
  /** How much larger than told a tab is drawn. */
  private static double drawn(Person person) {
    return WaitForAsyncUtils.waitForAsyncFx(
        10_000,
        () -> {
          Node tab = person.root().lookup("#tab-BENCH");
          return tab.localToScene(tab.getLayoutBounds()).getWidth()
              / tab.getLayoutBounds().getWidth();
        });
  }

  @Test
  void everythingGrowsAndShrinksByKeyAsFarAsThereIsRoomAndStaysSo() {
    try (Person person = Person.at(book)) {
      assertThat(drawn(person)).isEqualTo(1);
      person.press(CONTROL, PLUS);
      assertThat(drawn(person)).isEqualTo(1.1);
      person.press(CONTROL, ADD).press(CONTROL, ADD);
      assertThat(drawn(person)).as("as far as 800 pixels go").isEqualTo(800 / 700.0);
      assertThat(Sight.cutOff(person)).isEmpty();
      for (int i = 0; i < 9; i++) {
        person.press(CONTROL, MINUS);
      }
      assertThat(drawn(person)).isEqualTo(0.8);
    }
    try (Person again = Person.at(book)) {
      assertThat(drawn(again)).as("it is remembered").isEqualTo(0.8);
    }
  }

  @Test
  void aSmallWindowCutsNothingOff() {
    TreeSet<String> cut = new TreeSet<>();
    try (Person person = Person.at(book).sized(1024, 700)) {
      EveryView.walk(
          person,
          "small",
          (seen, where) -> Sight.cutOff(seen).forEach(text -> cut.add(where + ": " + text)));
    }
    assertThat(cut).isEmpty();
  }
}
