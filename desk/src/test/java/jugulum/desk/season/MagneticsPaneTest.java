package jugulum.desk.season;

import static javafx.scene.input.KeyCode.CONTROL;
import static javafx.scene.input.KeyCode.DIGIT5;
import static javafx.scene.input.KeyCode.ENTER;
import static javafx.scene.input.KeyCode.UP;
import static org.assertj.core.api.Assertions.assertThat;

import jugulum.core.ledger.Measure;
import jugulum.desk.OnTheDemoBook;
import jugulum.desk.Person;
import org.junit.jupiter.api.Test;

/**
 * The magnetics of all demo batches: those of the finished one lie in a bag, those of the half-way
 * one stand loose.
 */
class MagneticsPaneTest extends OnTheDemoBook {
  private static Person magnetics(Person person) {
    person.press(CONTROL, DIGIT5).click("season-part-MAGNETICS");
    return person.until(() -> person.text("magnetics").contains("Tarnbeck 7"));
  }

  @Test
  void everyBatchIsThereWithWhatIsKnown() {
    try (Person person = Person.at(book)) {
      magnetics(person);
      assertThat(person.text("magnetics"))
          .contains(
              "Fernhollow 12",
              "only by its passes",
              "set aside",
              "bag “season bag 1”",
              "not measured");
      assertThat(person.text("magnetics-sum")).contains("6 lots", "Nobody has looked at 4 of them");
      assertThat(person.text("composite-shares")).contains("2 lots");
    }
  }

  @Test
  void theAssayOfABagIsSharedOutByMassAlsoToAClosedBatch() {
    try (Person person = Person.at(book)) {
      magnetics(person)
          .type("composite-sample", "500 g")
          .type("composite-grade", "lots")
          .press(ENTER);
      assertThat(person.text("composite-grade-error")).contains("is not a number");
      person.type("composite-grade", "12").press(ENTER);
      person.until(() -> person.text("magnetics").contains("assayed"));
      assertThat(person.text("composite-said"))
          .contains(
              "Shared out", "Tarnbeck 7 −20 +50: 52.2 mg fine", "Tarnbeck 7 −50: 36.0 mg fine");
      person.openInOneFrame("Tarnbeck 7");
      assertThat(person.batch().closed()).isTrue();
      assertThat(
              person.batch().lots().stream()
                  .flatMap(lot -> lot.live(Measure.Assay.class))
                  .filter(assay -> assay.composite().filter("season bag 1"::equals).isPresent()))
          .hasSize(2);
    }
  }

  /**
   * Its visible gold was taken out before: the result tells the hidden gold of every lot in the
   * bag.
   */
  @Test
  void theAssayOfABagSaysOfWhichGoldItSpeaks() {
    try (Person person = Person.at(book)) {
      magnetics(person)
          .type("composite-sample", "500 g")
          .type("composite-grade", "12")
          .click("composite-visible")
          .press(UP)
          .press(UP)
          .press(ENTER);
      assertThat(person.sees("composite-visible-mass"))
          .as("taken out before, and weighed")
          .isTrue();
      person.click("share-out");
      assertThat(person.text("composite-visible-mass-error"))
          .as("how much it weighed must be told")
          .isNotEmpty();
      person
          .type("composite-visible-mass", "0.4 mg")
          .click("share-out")
          .until(() -> person.text("composite-said").contains("Shared out"));
      person.openInOneFrame("Tarnbeck 7");
      assertThat(
              person.batch().lots().stream()
                  .flatMap(lot -> lot.live(Measure.Assay.class))
                  .filter(assay -> assay.composite().filter("season bag 1"::equals).isPresent()))
          .hasSize(2)
          .allSatisfy(
              assay ->
                  assertThat(assay.visible())
                      .contains(
                          new Measure.VisibleGold(Measure.VisibleGold.State.TAKEN_BEFORE, 0.4)));
    }
  }

  @Test
  void aLotOpensItsBatch() {
    try (Person person = Person.at(book)) {
      magnetics(person).click("magnetics").press(ENTER);
      assertThat(person.batch().label().name()).isIn("Fernhollow 12", "Tarnbeck 7");
      assertThat(person.sees("panel-host")).isTrue();
    }
  }
}
