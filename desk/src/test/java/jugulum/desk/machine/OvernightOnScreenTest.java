package jugulum.desk.machine;

import static javafx.scene.input.KeyCode.B;
import static javafx.scene.input.KeyCode.DOWN;
import static javafx.scene.input.KeyCode.E;
import static javafx.scene.input.KeyCode.ENTER;
import static javafx.scene.input.KeyCode.ESCAPE;
import static javafx.scene.input.KeyCode.G;
import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.Process.GravityRun;
import jugulum.desk.OnTheDemoBook;
import jugulum.desk.Person;
import jugulum.desk.WallClock;
import org.junit.jupiter.api.Test;

/** The −100 of the half-way demo batch, 2.58 kg, left alone over night on the bowl. */
class OvernightOnScreenTest extends OnTheDemoBook {
  private final WallClock clock = new WallClock("2026-11-18T20:00:00Z");

  private static void records(Person person, Material port, Measure measure) {
    LotId lot =
        person.batch().steps().getLast().outputs().stream()
            .map(id -> person.batch().lot(id).orElseThrow())
            .filter(made -> made.material() == port)
            .findFirst()
            .orElseThrow()
            .id();
    person.workbench().session().submit(new Edit.RecordOnLot(lot, measure));
    person.settle();
  }

  private static Person onTheBowl(Person person) {
    person.click("station-2-5").press(G);
    for (int i = 0; i < 12 && !person.text("machine").contains("garden bowl"); i++) {
      person.press(DOWN);
    }
    return person;
  }

  @Test
  void aBowlIsLeftAloneAndLookedAtInTheMorning() {
    try (Person person = Person.at(book, clock)) {
      onTheBowl(person);
      assertThat(person.text("machine-why")).doesNotContain("Look after 15 and 60 minutes");
      person.click("manner-OVERNIGHT");
      assertThat(person.text("machine-why"))
          .contains("Look after 15 and 60 minutes", "More than one charge", "300 g at most");
      person.click("start-step");
      assertThat(person.batch().steps().getLast().process())
          .isInstanceOfSatisfying(GravityRun.class, run -> assertThat(run.isOvernight()).isTrue());
      person.press(B);
      assertThat(person.sees("check-night-cut-out")).isTrue();
      person.type("dial-charge", "280").press(ENTER).press(ESCAPE);
      person.press(E);
      assertThat(person.text("run-due"))
          .contains("1 of 1 charges in", "Left alone: through between 02:0", "and 08:0", "look");
      assertThat(person.sees("charge")).as("none is added").isFalse();
      clock.goes(Duration.ofMinutes(60));
      records(person, Material.TAILINGS, new Measure.SandWeight(20, 0, 0, 1));
      assertThat(person.text("run-due")).contains("of 280 g will have left after 9 h");
      clock.goes(Duration.ofHours(8));
      person.click("run");
      records(person, Material.CONCENTRATE, new Measure.SandWeight(260, 0, 0, 1));
      assertThat(person.text("run-due")).contains("hardly moved");
    }
  }

  @Test
  void aTableIsNotLeftAlone() {
    try (Person person = Person.at(book, clock)) {
      person.click("station-2-5").press(G);
      for (int i = 0; i < 12 && !person.text("machine").contains("deck"); i++) {
        person.press(DOWN);
      }
      assertThat(person.sees("manner-OVERNIGHT")).isFalse();
    }
  }
}
