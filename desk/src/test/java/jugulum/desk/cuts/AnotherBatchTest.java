package jugulum.desk.cuts;

import static javafx.scene.input.KeyCode.CONTROL;
import static javafx.scene.input.KeyCode.DIGIT2;
import static javafx.scene.input.KeyCode.DIGIT3;
import static javafx.scene.input.KeyCode.M;
import static javafx.scene.input.KeyCode.O;
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
      person.openInOneFrame("Saltergill 3");
      person.open(1).press(M).press(O).type("school-magnetite", "60").type("school-gold", "4000");
      assertThat(person.text("school-sand")).isEqualTo("27.394");
      person.openInOneFrame("Fernhollow 12");
      int waiting =
          person.batch().lots().stream()
              .filter(
                  lot ->
                      person.workbench().projections().current().get().worked().stream()
                          .anyMatch(now -> now.network().taker(lot.id()).isEmpty()))
              .map(lot -> lot.id().number())
              .findFirst()
              .orElseThrow();
      person.open(waiting).press(M).press(O);
      assertThat(person.text("school-sand")).isNotEqualTo("27.394");
      assertThat(person.text("school-magnetite")).isNotEqualTo("60");
      assertThat(person.text("school-gold")).isNotEqualTo("4000");
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
