package jugulum.desk;

import static javafx.scene.input.KeyCode.ADD;
import static javafx.scene.input.KeyCode.CONTROL;
import static javafx.scene.input.KeyCode.MINUS;
import static javafx.scene.input.KeyCode.PLUS;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import javafx.scene.Node;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;
import org.testfx.util.WaitForAsyncUtils;

/** Larger and smaller type; {@link AppearanceTest} looks at smaller windows. */
class SizesTest extends OnTheDemoBook {
  private static final Offset<Double> EXACTLY = within(1e-6);

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
      for (int i = 0; i < 9; i++) {
        person.press(CONTROL, i == 0 ? PLUS : ADD);
      }
      assertThat(drawn(person)).as("as far as 1280 pixels go").isCloseTo(1280 / 1200.0, EXACTLY);
      assertThat(Sight.cutOff(person)).isEmpty();
      for (int i = 0; i < 12; i++) {
        person.press(CONTROL, MINUS);
      }
      assertThat(drawn(person)).isCloseTo(0.8, EXACTLY);
    }
    try (Person again = Person.at(book)) {
      assertThat(drawn(again)).as("it is remembered").isCloseTo(0.8, EXACTLY);
    }
  }
}
