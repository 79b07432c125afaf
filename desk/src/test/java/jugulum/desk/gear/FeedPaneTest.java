package jugulum.desk.gear;

import static javafx.scene.input.KeyCode.CONTROL;
import static javafx.scene.input.KeyCode.DIGIT6;
import static javafx.scene.input.KeyCode.ENTER;
import static javafx.scene.input.KeyCode.Z;
import static org.assertj.core.api.Assertions.assertThat;

import jugulum.core.ledger.Machine;
import jugulum.core.ledger.Machine.Kind;
import jugulum.core.machine.Gear;
import jugulum.core.shop.ShopEdit;
import jugulum.desk.OnTheDemoBook;
import jugulum.desk.Person;
import org.junit.jupiter.api.Test;

/** A feeder is weighed at some settings and set by its line from then on. */
class FeedPaneTest extends OnTheDemoBook {
  private static Gear feeder(Person person) {
    return person
        .workbench()
        .projections()
        .shop()
        .get()
        .gear(new Machine(Kind.FEEDER, "belt feeder"));
  }

  private static void opens(Person person) {
    person
        .workbench()
        .session()
        .change(new ShopEdit.KnowMachine(Gear.any(new Machine(Kind.FEEDER, "belt feeder"))));
    person
        .until(
            () ->
                person.workbench().projections().shop().get().gear().stream()
                    .anyMatch(gear -> gear.kind() == Kind.FEEDER))
        .press(CONTROL, DIGIT6)
        .click("gear-part-FEED");
  }

  private static void weighs(Person person, String setting, String ran) {
    int before = feeder(person).ownFeeds().size();
    person
        .type("feeds-setting", setting)
        .type("feeds-ran", ran)
        .press(ENTER)
        .until(() -> feeder(person).ownFeeds().size() == before + 1);
  }

  @Test
  void minutesMakeALineThatIsSetBy() {
    try (Person person = Person.at(book)) {
      opens(person);
      assertThat(person.text("feeds-says")).contains("two settings");
      weighs(person, "6", "180 g / 1 min");
      weighs(person, "9", "20.4");
      person.type("feeds-wanted", "15");
      assertThat(person.text("feeds-answer")).isEqualTo("set 7.31");
      assertThat(person.text("feeds-says")).contains("Straight between 6 and 9", "A third setting");
      person.type("feeds-wanted", "25");
      assertThat(person.text("feeds-says")).contains("25 kg/h lies beyond");
      weighs(person, "7.5", "16.2");
      assertThat(person.text("feeds-says")).contains("off the line");
      person
          .click("feeds-last")
          .until(() -> feeder(person).ownFeeds().size() == 2)
          .press(CONTROL, Z)
          .until(() -> feeder(person).ownFeeds().size() == 3);
    }
  }

  @Test
  void whatCannotBeIsSaidAndStays() {
    try (Person person = Person.at(book)) {
      opens(person);
      person.type("feeds-setting", "6").type("feeds-ran", "3 L / 1 min").press(ENTER);
      assertThat(person.text("feeds-ran-error")).contains("another unit");
      assertThat(person.text("feeds-ran")).isEqualTo("3 L / 1 min");
      person.type("feeds-ran", "1000000").press(ENTER);
      assertThat(person.text("feeds-ran-error")).contains("At most");
      assertThat(feeder(person).ownFeeds()).isEmpty();
      weighs(person, "6", "10");
      weighs(person, "9", "8");
      assertThat(person.text("feeds-says")).contains("gave no more sand");
    }
  }
}
