package jugulum.desk.cuts;

import static javafx.scene.input.KeyCode.CONTROL;
import static javafx.scene.input.KeyCode.DIGIT2;
import static javafx.scene.input.KeyCode.DIGIT3;
import static org.assertj.core.api.Assertions.assertThat;

import jugulum.core.ledger.LotId;
import jugulum.desk.OnTheDemoBook;
import jugulum.desk.Person;
import org.junit.jupiter.api.Test;

/**
 * Lots are numbered within a batch: the first lot of one batch is not the first of the next, and
 * nothing of the one is shown of the other.
 */
class AnotherBatchTest extends OnTheDemoBook {
  private static Person on(Person person, String batch, String part) {
    person.openInOneFrame(batch);
    assertThat(person.batch().lots().getFirst().id())
        .as("equal numbers in every batch")
        .isEqualTo(new LotId(1));
    return person.press(CONTROL, DIGIT2).click("cuts-part-" + part).settle();
  }

  @Test
  void magnetOrNotShowsTheSandOfTheBatchOnTheBench() {
    try (Person person = Person.at(book)) {
      on(person, "Saltergill 3", "MAGNET")
          .type("school-magnetite", "60")
          .type("school-gold", "4000");
      assertThat(person.text("school-sand")).isEqualTo("27.394");
      on(person, "Tarnbeck 7", "MAGNET");
      assertThat(person.text("school-sand")).as("22.23 kg dry").startsWith("22.2");
      assertThat(person.text("school-magnetite")).isNotEqualTo("60");
      assertThat(person.text("school-gold")).isNotEqualTo("4000");
    }
  }

  @Test
  void handlingShowsTheSandOfTheBatchOnTheBench() {
    try (Person person = Person.at(book)) {
      on(person, "Saltergill 3", "HANDLING");
      String one = person.text("handling-sand");
      on(person, "Tarnbeck 7", "HANDLING");
      assertThat(person.text("handling-sand")).isNotEqualTo(one);
      on(person, "Saltergill 3", "HANDLING");
      assertThat(person.text("handling-sand")).isEqualTo(one);
    }
  }

  @Test
  void thePlanForgetsWhatWasTypedForAnotherBatch() {
    try (Person person = Person.at(book)) {
      on(person, "Saltergill 3", "PLAN")
          .type("plan-grains", "0.30x0.25x0.20 0.2x0.2x0.17")
          .type("plan-margin", "1.4");
      String trade = person.text("trade-chart");
      on(person, "Tarnbeck 7", "PLAN");
      assertThat(person.text("plan-grains")).isNotEqualTo("0.30x0.25x0.20 0.2x0.2x0.17");
      assertThat(person.text("trade-chart")).isNotEqualTo(trade);
    }
  }

  @Test
  void theAccountIsThatOfTheBatchOnTheBench() {
    try (Person person = Person.at(book)) {
      for (String name : new String[] {"Tarnbeck 7", "Fernhollow 12", "Tarnbeck 7"}) {
        person.openInOneFrame(name);
        person
            .press(CONTROL, DIGIT3)
            .until(() -> person.text("account-view").contains(name + ", the account"));
        assertThat(person.text("account-view")).contains(name + ", the account");
      }
    }
  }
}
