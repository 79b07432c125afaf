package jugulum.desk.speck;

import static javafx.scene.input.KeyCode.CONTROL;
import static javafx.scene.input.KeyCode.DIGIT7;
import static org.assertj.core.api.Assertions.assertThat;

import jugulum.core.ledger.Measure;
import jugulum.desk.OnTheDemoBook;
import jugulum.desk.Person;
import org.junit.jupiter.api.Test;

/** A person asks the key what a speck is, and keeps what was tested. */
class SpeckPaneTest extends OnTheDemoBook {
  private static Person open(Person person) {
    person.press(CONTROL, DIGIT7).click("shop-part-SPECK");
    return person;
  }

  @Test
  void answersShiftWhatItCanBeAndTheKeySaysWhatToAskNext() {
    try (Person person = Person.at(book)) {
      open(person);
      assertThat(person.text("speck-verdict")).startsWith("Say what you see");
      assertThat(person.text("speck-next")).startsWith("Find out next: ");
      assertThat(person.everything()).contains("Never heat it");
      person
          .click("speck-COLOUR-brassy")
          .click("speck-TURNED-flashes")
          .click("speck-SHAPE-cube")
          .click("speck-NEEDLE-shatters");
      assertThat(person.text("speck-verdict")).startsWith("This is pyrite");
      assertThat(person.everything()).doesNotContain("Never heat it");
      person.click("speck-NEEDLE-shatters");
      person.click("speck-again");
      assertThat(person.text("speck-verdict")).startsWith("Say what you see");
      person
          .click("speck-COLOUR-silvery")
          .click("speck-NEEDLE-dents")
          .click("speck-DENSITY-above-12_5");
      assertThat(person.text("speck-verdict")).startsWith("Most likely amalgam");
      assertThat(person.everything()).contains("Never heat it");
    }
  }

  @Test
  void theShareProvedGoldIsKeptWithALot() {
    try (Person person = Person.at(book)) {
      open(person);
      person.click("speck-COLOUR-brassy");
      person.type("tested", "20").type("proved-gold", "21").click("speck-keep");
      assertThat(person.text("proved-gold-error")).isNotEmpty();
      person.type("proved-gold", "17").click("speck-keep").settle();
      assertThat(person.text("speck-said")).startsWith("Kept with ");
      assertThat(
              person.batch().lots().stream()
                  .flatMap(lot -> lot.live(Measure.SpeckTest.class))
                  .toList())
          .singleElement()
          .satisfies(
              test -> {
                assertThat(test.tested()).isEqualTo(20);
                assertThat(test.gold()).isEqualTo(17);
                assertThat(test.found()).containsEntry("COLOUR", "brassy");
              });
    }
  }
}
