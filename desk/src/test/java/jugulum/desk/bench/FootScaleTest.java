package jugulum.desk.bench;

import static javafx.scene.input.KeyCode.ENTER;
import static javafx.scene.input.KeyCode.F7;
import static javafx.scene.input.KeyCode.F8;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import jugulum.core.ledger.Batch;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.ReadOn;
import jugulum.core.ledger.Step;
import jugulum.core.scale.ScaleView;
import jugulum.desk.OnTheDemoBook;
import jugulum.desk.Person;
import org.junit.jupiter.api.Test;

/** The scale over the foot of the panels, on the demo batch whose magnet waits for a pass. */
class FootScaleTest extends OnTheDemoBook {
  private static Step magnet(Batch batch) {
    return batch.steps().stream()
        .filter(step -> !step.passes().isEmpty() && step.finishedAt().isEmpty())
        .findFirst()
        .orElseThrow();
  }

  private static Person atTheMagnet(Person person) {
    return person
        .openStep(magnet(person.batch()).id().number())
        .until(() -> person.sees("foot-scale"));
  }

  private static boolean stands(Person person, double grams) {
    ScaleView seen = person.workbench().scale().view().get();
    boolean isStill =
        seen.state() == ScaleView.State.STEADY || seen.state() == ScaleView.State.EMPTY;
    return isStill && Math.abs(seen.grams() - grams) < 0.1;
  }

  private static Person lay(Person person, double grams) {
    person.workbench().scale().played().put(grams);
    return person.until(() -> stands(person, grams));
  }

  @Test
  void spaceTakesWhatStandsIntoTheFieldOneIsIn() {
    try (Person person = Person.at(book)) {
      atTheMagnet(person);
      int before = magnet(person.batch()).passes().size();
      lay(person, 341.2);
      person.write(" ");
      assertThat(person.text("lifted")).startsWith("341.2").endsWith(" g");
      lay(person, 0);
      lay(person, 12.6);
      person.write(" ");
      assertThat(person.text("dropped")).startsWith("12.6");
      person.press(ENTER).until(() -> magnet(person.batch()).passes().size() == before + 1);
      Measure.Pass pass = magnet(person.batch()).passes().getLast();
      assertThat(pass.liftedG()).isCloseTo(341.2, within(0.1));
      assertThat(pass.droppedBackG()).isCloseTo(12.6, within(0.1));
      assertThat(pass.on().map(ReadOn::scale)).contains("played scale");
    }
  }

  @Test
  void whatIsTypedOverIsNoReadingOfTheScale() {
    try (Person person = Person.at(book)) {
      atTheMagnet(person);
      int before = magnet(person.batch()).passes().size();
      lay(person, 341.2);
      person.write(" ").type("lifted", "350 g").press(ENTER);
      person.until(() -> magnet(person.batch()).passes().size() == before + 1);
      assertThat(magnet(person.batch()).passes().getLast().on()).isEqualTo(Optional.empty());
    }
  }

  @Test
  void nothingIsTakenFromAnEmptyScaleAndItIsSaid() {
    try (Person person = Person.at(book)) {
      atTheMagnet(person).until(() -> stands(person, 0));
      person.write(" ");
      assertThat(person.text("lifted")).isEmpty();
      assertThat(person.everything()).contains("nothing was taken");
    }
  }

  /** The same load is not taken twice. */
  @Test
  void oneLoadFillsOneField() {
    try (Person person = Person.at(book)) {
      lay(atTheMagnet(person), 341.2);
      person.write("  ");
      assertThat(person.text("lifted")).startsWith("341.2");
      assertThat(person.text("dropped")).isEmpty();
    }
  }

  @Test
  void thePlayedScaleIsLaidOnByKeys() {
    try (Person person = Person.at(book)) {
      atTheMagnet(person).press(F7);
      person.until(() -> person.workbench().scale().view().get().ready());
      person.press(F8).until(() -> stands(person, 0));
      assertThat(person.text("lifted")).isEmpty();
    }
  }

  @Test
  void itIsListenedToOnlyWhileItCanBeOfUse() {
    try (Person person = Person.at(book)) {
      atTheMagnet(person).until(() -> stands(person, 0));
      person.press(javafx.scene.input.KeyCode.CONTROL, javafx.scene.input.KeyCode.DIGIT3);
      person.until(() -> person.workbench().scale().view().get().state() == ScaleView.State.SILENT);
      assertThat(person.sees("foot-scale")).isFalse();
    }
  }

  /** A known bowl is recognised by its weight and told as the tare. */
  @Test
  void aKnownBowlIsToldAsTheTare() {
    try (Person person = Person.at(book)) {
      int lot =
          person.batch().lots().stream()
              .filter(one -> one.bowls().isEmpty())
              .map(one -> one.id().number())
              .reduce((_, later) -> later)
              .orElseThrow();
      person.open(lot).until(() -> person.sees("foot-scale"));
      lay(person, 0);
      lay(person, 642);
      person.until(() -> person.workbench().scale().view().get().pan().isPresent());
      lay(person, 1042);
      person.click("foot-take");
      assertThat(person.text("gross")).startsWith("1042");
      assertThat(person.text("tare")).isEqualTo("steel pan");
    }
  }
}
