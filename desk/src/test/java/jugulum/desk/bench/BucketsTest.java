package jugulum.desk.bench;

import static javafx.scene.input.KeyCode.ENTER;
import static javafx.scene.input.KeyCode.S;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import jugulum.core.account.Worked;
import jugulum.core.gold.Place;
import jugulum.desk.OnTheDemoBook;
import jugulum.desk.Person;
import jugulum.desk.words.Figures;
import org.junit.jupiter.api.Test;

/**
 * One heap has one figure: bucket, bar and account speak of the same lots with the same estimate.
 */
class BucketsTest extends OnTheDemoBook {
  @Test
  void bucketsAndPlacesAreTheSameSand() {
    try (Person person = Person.at(book)) {
      for (String name : List.of("Fernhollow 12", "Tarnbeck 7", "Saltergill 3")) {
        person.openInOneFrame(name);
        Worked worked = person.workbench().projections().current().get().worked().orElseThrow();
        for (Bucket bucket : Bucket.values()) {
          assertThat(bucket.lots(worked))
              .as("%s of %s", bucket, name)
              .isEqualTo(worked.gold().place(bucket.place()).map(Place::lots).orElse(List.of()));
        }
      }
    }
  }

  @Test
  void aBucketShowsTheFigureOfTheAccount() {
    try (Person person = Person.at(book)) {
      Worked worked = person.workbench().projections().current().get().worked().orElseThrow();
      Figures figures = person.workbench().preferences().figures().get();
      for (Bucket bucket : List.of(Bucket.MAGNETICS, Bucket.TAILINGS, Bucket.RESIDUE)) {
        Place place = worked.gold().place(bucket.place()).orElseThrow();
        assertThat(person.text("bucket-" + bucket))
            .contains(figures.gold(place.gold().milligrams()));
        assertThat(person.text("gold-bar"))
            .as("the bar says the same")
            .contains(figures.gold(place.gold().milligrams()));
      }
    }
  }

  @Test
  void whatIsNotWeighedIsNotNothing() {
    try (Person person = Person.at(book)) {
      person.openInOneFrame("Saltergill 3");
      person.click("station-1-1").press(S).type("stack", "16 50").press(ENTER);
      assertThat(person.text("bucket-OVERSIZE")).contains("not weighed").doesNotContain("0.0");
      person.type("gross", "1.29 kg").press(ENTER);
      assertThat(person.text("bucket-OVERSIZE")).contains("1.29 kg");
    }
  }
}
