package jugulum.desk.magnet;

import static javafx.scene.input.KeyCode.M;
import static javafx.scene.input.KeyCode.O;
import static org.assertj.core.api.Assertions.assertThat;

import jugulum.desk.OnTheDemoBook;
import jugulum.desk.Person;
import org.junit.jupiter.api.Test;

class SchoolPanelTest extends OnTheDemoBook {
  private static Person compare(Person person) {
    person.openInOneFrame("Saltergill 3");
    return person.open(1).press(M).press(O);
  }

  @Test
  void nothingIsMadeUpWhereTheShopDoesNotKnow() {
    try (Person person = Person.at(book)) {
      compare(person);
      assertThat(person.text("school-sand")).isEqualTo("27.394");
      assertThat(person.text("school-said")).contains("Fill in sand, magnetite");
      person.type("school-magnetite", "60");
      assertThat(person.text("school-table"))
          .contains(
              "Before gravity", "After a first pass", "At home only", "Never", "gold not known");
      assertThat(person.text("school-said")).contains("Tell the gold");
    }
  }

  /** 30 kg, 60 % magnetite, magnet 12 and machine 8 kg an hour: 2.5 + 1.5 hours against 3.75. */
  @Test
  void theSchoolsAreComparedOnOnesOwnNumbers() {
    try (Person person = Person.at(book)) {
      compare(person)
          .type("school-sand", "30")
          .type("school-magnetite", "60")
          .type("school-magnet-rate", "12")
          .type("school-gravity-rate", "8");
      assertThat(person.text("school-table")).contains("4 h 00", "3 h 45");
      assertThat(person.text("school-said")).contains("It costs 15 min more");
      person
          .type("school-gold", "4000")
          .type("school-trapped", "60")
          .type("school-with", "95")
          .type("school-without", "80");
      assertThat(person.text("school-table")).contains("3.743 g", "3.200 g");
      assertThat(person.text("school-said")).contains("would have to win 93.6 % of the gold");
      person.type("school-with", "195");
      assertThat(person.text("school-with-error")).contains("Between 0 and 100");
    }
  }
}
