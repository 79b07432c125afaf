package jugulum.desk.gear;

import static javafx.scene.input.KeyCode.CONTROL;
import static javafx.scene.input.KeyCode.DIGIT6;
import static javafx.scene.input.KeyCode.DOWN;
import static javafx.scene.input.KeyCode.ENTER;
import static org.assertj.core.api.Assertions.assertThat;

import jugulum.desk.OnTheDemoBook;
import jugulum.desk.Person;
import org.junit.jupiter.api.Test;

/** The runs of the demo's machines, settings beside results. */
class RunsPaneTest extends OnTheDemoBook {
  private static Person runs(Person person) {
    person.press(CONTROL, DIGIT6);
    return person.until(() -> person.text("runs").contains("Tarnbeck 7"));
  }

  @Test
  void theMachineWithMostRunsIsShownWithItsSettingsBesideItsResults() {
    try (Person person = Person.at(book)) {
      runs(person);
      assertThat(person.text("runs-machine")).contains("Shaker table, long deck");
      assertThat(person.text("runs"))
          .contains(
              "Fernhollow 12", "Tilt 4 ° · Wash water, spray 24 L/min", "25 min", "not looked at");
      assertThat(person.text("runs-record"))
          .contains("−20 +50", "first run, 1 run", "reducing a concentrate, 2 runs", "93 %");
      assertThat(person.text("runs-slope")).contains("“Tilt”", "from 4 runs of one cut");
      assertThat(person.text("runs-dial")).contains("Tilt");
      assertThat(person.text("runs-chart")).contains("Tilt, °", "100");
      assertThat(person.text("runs-about")).contains("one dial alone does not explain a run");
    }
  }

  /** Trials stand apart from runs, and a machine that was only tried is there too. */
  @Test
  void whatWasTriedStandsApart() {
    try (Person person = Person.at(book)) {
      runs(person);
      person.click("runs-machine").press(DOWN).press(ENTER);
      assertThat(person.text("runs-machine")).contains("garden bowl");
      assertThat(person.text("runs-record"))
          .contains("in trials, 3 runs", "run again, 1 run", "−100");
    }
  }

  @Test
  void anotherMachineAndItsBatchAreAKeyAway() {
    try (Person person = Person.at(book)) {
      runs(person);
      person.click("runs-machine").press(DOWN).press(ENTER);
      assertThat(person.text("runs-machine")).doesNotContain("long deck");
      person.click("runs").press(ENTER);
      person.until(() -> person.sees("bench-view"));
      assertThat(person.batch().label().name()).isIn("Tarnbeck 7", "Fernhollow 12");
    }
  }
}
