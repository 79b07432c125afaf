package jugulum.desk.lot;

import static javafx.scene.input.KeyCode.D;
import static javafx.scene.input.KeyCode.S;
import static org.assertj.core.api.Assertions.assertThat;

import jugulum.desk.OnTheDemoBook;
import jugulum.desk.Person;
import org.junit.jupiter.api.Test;

/** The arithmetic of handling, where it is used: at the screens and before the sand is dry. */
class HandlingTest extends OnTheDemoBook {
  private static Person atTheFeed(Person person) {
    person.openInOneFrame("Saltergill 3");
    return person.open(1);
  }

  @Test
  void waterAndLiftsAreWorkedOutWhereSandIsScreened() {
    try (Person person = Person.at(book)) {
      atTheFeed(person).press(S).click("water");
      assertThat(person.text("handling-sand")).isEqualTo("27.394");
      person.type("handling-sand", "12").type("handling-per-kg", "5").type("handling-flow", "6");
      assertThat(person.text("water-answer")).isEqualTo("60 litres, 10 min");
      person.type("handling-sand", "38.36").type("handling-moisture", "20");
      assertThat(person.text("lift-answer")).contains("4 lifts for 47.9 kg wet");
      person.type("handling-bucket", "20");
      assertThat(person.text("handling-bucket-error")).contains("more than one lift");
      assertThat(person.sees("lift-picture")).isFalse();
    }
  }

  @Test
  void whetherSandIsDryIsAskedAtTheLot() {
    try (Person person = Person.at(book)) {
      atTheFeed(person)
          .press(D)
          .type("drying-earlier", "6000")
          .type("drying-later", "5700")
          .type("drying-hours", "1.5")
          .type("drying-left", "5");
      assertThat(person.text("dry-answer")).contains("Not dry yet", "3.51 % an hour", "1 h 26");
      assertThat(person.sees("dry-picture")).isTrue();
      person.type("drying-later", "5999").type("drying-hours", "1");
      assertThat(person.text("dry-answer")).startsWith("Dry");
      person.type("drying-later", "6100");
      assertThat(person.text("drying-later-error")).contains("gets lighter");
    }
  }
}
