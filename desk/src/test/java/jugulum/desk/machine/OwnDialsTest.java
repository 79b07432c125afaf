package jugulum.desk.machine;

import static javafx.scene.input.KeyCode.CONTROL;
import static javafx.scene.input.KeyCode.DIGIT1;
import static javafx.scene.input.KeyCode.DIGIT6;
import static javafx.scene.input.KeyCode.DIGIT7;
import static javafx.scene.input.KeyCode.ENTER;
import static org.assertj.core.api.Assertions.assertThat;

import jugulum.desk.OnTheDemoBook;
import jugulum.desk.Person;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.framework.junit5.ApplicationExtension;

/** What nobody's sheet has can be noted with every run: volts, the hole of a tip. */
@ExtendWith(ApplicationExtension.class)
class OwnDialsTest extends OnTheDemoBook {
  @Test
  void dialsOfItsOwnAreKeptWithAMachineAndSetAtItsRuns() {
    try (Person person = Person.at(book)) {
      person.press(CONTROL, DIGIT7).click("change-gear-long-deck");
      person.type("gear-dials", "volts; tip hole, mm").press(ENTER);
      assertThat(person.workbench().projections().shop().get().gear())
          .filteredOn(gear -> gear.name().equals("long deck"))
          .singleElement()
          .satisfies(gear -> assertThat(gear.ownDials()).containsExactly("volts", "tip hole, mm"));
      person.press(CONTROL, DIGIT1).click("station-3-2").click("bench-sheet");
      person.type("own-dial-0", "twelve").press(ENTER);
      assertThat(person.text("own-dial-0-error")).contains("not a number");
      person.type("own-dial-0", "12.2").press(ENTER);
      assertThat(
              person.batch().steps().stream()
                  .flatMap(step -> step.setting("volts").stream().boxed()))
          .containsExactly(12.2);
      person.press(CONTROL, DIGIT6);
      person.until(() -> person.text("runs").contains("volts 12.2"));
      assertThat(person.text("runs")).contains("volts 12.2");
    }
  }
}
