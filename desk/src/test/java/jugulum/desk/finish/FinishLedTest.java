package jugulum.desk.finish;

import static javafx.scene.input.KeyCode.BACK_SPACE;
import static javafx.scene.input.KeyCode.DOWN;
import static javafx.scene.input.KeyCode.ENTER;
import static javafx.scene.input.KeyCode.F11;
import static javafx.scene.input.KeyCode.RIGHT;
import static javafx.scene.input.KeyCode.UP;
import static org.assertj.core.api.Assertions.assertThat;

import jugulum.core.finish.Finishing;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Network;
import jugulum.core.ledger.Process;
import jugulum.core.ledger.Step;
import jugulum.desk.OnTheDemoBook;
import jugulum.desk.Person;
import org.junit.jupiter.api.Test;

/** Gold is finished on a bowl, one step a screen, in the window and in bench mode. */
class FinishLedTest extends OnTheDemoBook {
  private static Lot concentrate(Person person) {
    return person.batch().lots().stream()
        .filter(lot -> lot.material() == Material.CONCENTRATE)
        .filter(
            lot ->
                person.batch().steps().stream().noneMatch(step -> step.inputs().contains(lot.id())))
        .findFirst()
        .orElseThrow();
  }

  private static Step step(Person person) {
    return person.batch().steps().stream()
        .filter(step -> step.process() instanceof Process.Finishing)
        .reduce((_, later) -> later)
        .orElseThrow();
  }

  private static Finishing now(Person person) {
    return Finishing.of(step(person));
  }

  private static void begins(Person person) {
    person.open(concentrate(person).id().number()).click("next-finish");
    long before = person.batch().steps().size();
    person.click("start-step").until(() -> person.batch().steps().size() > before);
  }

  private static void recorded(Person person, Runnable what) {
    long before = person.batch().readings().count();
    what.run();
    person.until(() -> person.batch().readings().count() > before);
  }

  private static void yes(Person person, int times) {
    for (int i = 0; i < times; i++) {
      recorded(person, () -> person.click("finish-take"));
    }
  }

  private static void chooses(Person person, String id, int down) {
    person.click(id);
    for (int i = 0; i < down; i++) {
      person.press(DOWN);
    }
    for (int i = 0; i > down; i--) {
      person.press(UP);
    }
    person.press(ENTER);
  }

  @Test
  void twoTurnsOnTheBowlTellWhatIsLeft() {
    try (Person person = Person.at(book)) {
      begins(person);
      chooses(person, "ask-TOOL", -2);
      yes(person, 1);
      assertThat(person.sees("weigh-gold")).as("one thing at a time").isFalse();
      yes(person, 5);
      assertThat(person.text("finish-question")).contains("last lift");
      person.click("finish-take");
      assertThat(person.text("finish-wrong")).as("nobody said how it ended").isNotEmpty();
      chooses(person, "ask-LIFTED_SAW", 1);
      recorded(person, () -> person.type("ask-LIFT", "5").click("finish-take"));
      recorded(person, () -> person.type("ask-TURN_GOLD", "620").click("finish-take"));
      chooses(person, "ask-AGAIN", 1);
      yes(person, 1);
      yes(person, 5);
      chooses(person, "ask-LIFTED_SAW", 1);
      recorded(person, () -> person.click("finish-take"));
      recorded(person, () -> person.type("ask-TURN_GOLD", "240").click("finish-take"));
      assertThat(now(person).lifts()).extracting(lift -> lift.seconds()).containsExactly(5.0, 5.0);
      assertThat(person.text("finish-left")).startsWith("left");
      assertThat(person.text("finish-says")).contains("A turn wins", "Another turn");
      chooses(person, "ask-AGAIN", 2);
      yes(person, 1);
      assertThat(person.sees("weigh-gold")).as("now all of it goes on the scale").isTrue();
    }
  }

  @Test
  void benchModeLeadsThroughATurn() {
    try (Person person = Person.at(book)) {
      begins(person);
      person.press(F11);
      for (int i = 0; i < 60 && !person.text("hands-question").contains("finished"); i++) {
        person.press(RIGHT);
      }
      recorded(person, () -> person.write("1").press(ENTER));
      assertThat(person.text("hands-question")).contains("Valve closed slowly");
      for (int act = 0; act < 5; act++) {
        recorded(person, () -> person.press(ENTER));
      }
      assertThat(person.text("hands-question")).contains("listen");
      person.write("4").press(ENTER);
      assertThat(person.text("hands-under")).contains("speck in the catch");
      recorded(person, () -> person.write("3").press(ENTER));
      assertThat(Finishing.liftSeconds(Network.of(person.batch()), step(person)))
          .as("a speck at four seconds")
          .isEqualTo(3);
      recorded(person, () -> person.write("310").press(ENTER).press(ENTER));
      assertThat(now(person).turns())
          .singleElement()
          .satisfies(turn -> assertThat(turn.goldMg()).as("milligrams").isEqualTo(310));
      long before = person.batch().readings().count();
      person.press(BACK_SPACE).until(() -> person.batch().readings().count() == before - 1);
      assertThat(now(person).turns()).isEmpty();
    }
  }
}
