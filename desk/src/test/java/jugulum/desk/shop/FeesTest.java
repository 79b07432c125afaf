package jugulum.desk.shop;

import static javafx.scene.input.KeyCode.CONTROL;
import static javafx.scene.input.KeyCode.DIGIT7;
import static javafx.scene.input.KeyCode.ENTER;
import static javafx.scene.input.KeyCode.Z;
import static org.assertj.core.api.Assertions.assertThat;

import jugulum.core.shop.Fees;
import jugulum.desk.OnTheDemoBook;
import jugulum.desk.Person;
import org.junit.jupiter.api.Test;

/** What others take, told under Shop, with the day it was told. */
class FeesTest extends OnTheDemoBook {
  private static Fees charges(Person person) {
    return person.workbench().projections().shop().get().terms().orElseThrow().charged();
  }

  @Test
  void chargesAreKeptWithTheirDayAndTakenBack() {
    try (Person person = Person.at(book)) {
      Fees before = charges(person);
      person
          .press(CONTROL, DIGIT7)
          .type("charge-smelt", "24,5")
          .type("charge-share", "65")
          .press(ENTER);
      assertThat(charges(person).smeltCost()).isEqualTo(24.5);
      assertThat(charges(person).ownersShare()).isEqualTo(0.65);
      assertThat(charges(person).assayCost()).as("the others stay").isEqualTo(before.assayCost());
      assertThat(person.text("terms-said"))
          .as("the day is that of the clock")
          .contains("4 May 2026");
      person.press(CONTROL, Z);
      assertThat(charges(person)).isEqualTo(before);
    }
  }

  @Test
  void whatCannotBeStaysAtItsFieldAndChangesNothing() {
    try (Person person = Person.at(book)) {
      Fees before = charges(person);
      person.press(CONTROL, DIGIT7).type("charge-share", "130").press(ENTER);
      assertThat(person.text("charge-share-error")).contains("0", "100");
      assertThat(person.text("charge-share")).isEqualTo("130");
      assertThat(charges(person)).isEqualTo(before);
    }
  }

  @Test
  void anEmptyFieldStandsForWhatItShows() {
    try (Person person = Person.at(book)) {
      person.press(CONTROL, DIGIT7).type("charge-smelt-minutes", "").press(ENTER);
      assertThat(charges(person).smeltMinutes()).isEqualTo(Fees.NONE.smeltMinutes());
    }
  }
}
