package jugulum.desk.bench;

import static javafx.scene.input.KeyCode.ALT;
import static javafx.scene.input.KeyCode.C;
import static javafx.scene.input.KeyCode.CONTROL;
import static javafx.scene.input.KeyCode.DIGIT1;
import static javafx.scene.input.KeyCode.DIGIT3;
import static javafx.scene.input.KeyCode.DOWN;
import static javafx.scene.input.KeyCode.ENTER;
import static javafx.scene.input.KeyCode.ESCAPE;
import static javafx.scene.input.KeyCode.F;
import static javafx.scene.input.KeyCode.G;
import static javafx.scene.input.KeyCode.M;
import static javafx.scene.input.KeyCode.N;
import static javafx.scene.input.KeyCode.RIGHT;
import static javafx.scene.input.KeyCode.S;
import static javafx.scene.input.KeyCode.SHIFT;
import static javafx.scene.input.KeyCode.TAB;
import static javafx.scene.input.KeyCode.U;
import static javafx.scene.input.KeyCode.UP;
import static javafx.scene.input.KeyCode.Z;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.nio.file.Path;
import jugulum.core.ledger.Batch;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.NetworkCheck;
import jugulum.desk.Person;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.framework.junit5.ApplicationExtension;

/**
 * One bucket of concentrate from receiving to recovery, by keyboard and mouse, then closed and
 * opened again.
 */
@ExtendWith(ApplicationExtension.class)
class WholeBatchTest {
  @TempDir private Path folder;

  @Test
  void fromBucketToVial() {
    Path book = folder.resolve("my.book");
    Batch worked;
    String recovery;
    try (Person person = Person.at(book)) {
      receive(person);
      screen(person);
      magnet(person);
      table(person);
      finish(person);
      assertThat(person.text("header-gold")).isEqualTo("1.251 g");
      assertThat(person.text("header-found")).as("lots nobody looked at").startsWith("at most");
      lookAtWhatIsLeft(person);
      recovery = person.text("header-found");
      assertThat(recovery).doesNotContain("at most").endsWith("%");
      assertThat(person.text("header-head")).endsWith("%");
      account(person);
      units(person);
      worked = person.batch();
      assertThat(NetworkCheck.findings(worked)).isEmpty();
    }
    try (Person person = Person.at(book)) {
      assertThat(person.batch()).as("closed and opened again").isEqualTo(worked);
      assertThat(person.text("header-found")).isEqualTo(recovery);
      assertThat(person.text("header-gold")).as("the unit chosen is remembered").endsWith(" gr");
      person.press(CONTROL, Z);
      assertThat(person.batch()).as("undo works across a restart").isNotEqualTo(worked);
      person.press(CONTROL, SHIFT, Z);
      assertThat(person.batch()).isEqualTo(worked);
    }
  }

  private static void receive(Person person) {
    person.press(CONTROL, N).write("Hollin 1");
    person.press(TAB).write("Hollin creek").press(TAB, TAB).settle();
    person.type("gross", "22 lb 6 oz").type("tare", "6 oz").type("moisture", "10 %");
    person.type("grade", "160").type("sample", "500 g").press(ENTER);
    assertThat(person.text("batch-header")).contains("Hollin 1", "Hollin creek");
    double dry = person.batch().lots().getFirst().weighedDryG().orElseThrow();
    assertThat(dry).as("22 lb less a tenth of water").isCloseTo(22 * 453.59237 * 0.9, within(0.01));
  }

  private static void screen(Person person) {
    person.press(RIGHT).press(ENTER).press(S);
    person.write("16 30");
    assertThat(person.text("cuts-preview")).contains("+16 · −16 +30 · −30");
    person.press(ENTER).press(ESCAPE);
    assertThat(person.focused().getId())
        .as("the board walked along to the new step")
        .isEqualTo("station-1-0");
    person.press(ENTER);
    person.type("gross", "1.2 kg").press(ENTER);
    assertThat(person.text("closure")).contains("Not weighed");
    person.type("gross", "3,4 kg").press(ENTER).type("gross", "4350").press(ENTER);
    assertThat(person.text("closure")).contains("99.7 % found", "inside your 1.0 %");
  }

  private static void magnet(Person person) {
    person.press(ESCAPE).press(DOWN).press(DOWN).press(DOWN);
    person.press(ENTER).press(M).click("start-step");
    assertThat(person.text("step-error")).contains("Let a handful run through the fingers");
    person.click("dry-check-RAN_FREELY").click("start-step");
    person.type("lifted", "2.1 kg").type("dropped", "95").type("pass-specks", "40").press(ENTER);
    assertThat(person.text("pass-advice")).contains("Go on", "One pass cannot tell");
    person.type("lifted", "2005").type("dropped", "31").press(ALT, C).press(ALT, C);
    assertThat(person.text("pass-specks")).as("each key press counts a speck").isEqualTo("2");
    person.press(ENTER);
    assertThat(person.text("trapped")).contains("still caught in the magnetics");
    assertThat(person.text("passes")).contains("1 sand", "2 heap", "95.0 g");
    person.type("gross", "1974").press(ENTER).type("gross", "2370").press(ENTER);
    assertThat(person.text("closure")).contains("inside your");
  }

  private static void table(Person person) {
    person.click("station-3-3").press(G).click("start-step");
    for (String weight : new String[] {"41.5", "12.0", "230", "2080"}) {
      person.type("gross", weight).press(ENTER);
    }
    person.type("note", "3 degrees, water a little low").press(ENTER);
    assertThat(person.batch().steps().getLast().notes()).hasSize(1);
    person.click("outputs").press(UP).press(UP).press(UP).press(DOWN).press(DOWN);
    person.click("open-lot").press(G).click("start-step");
    assertThat(person.text("panel-host")).contains("middlings −30");
    for (String weight : new String[] {"8.2", "1.1", "40", "179"}) {
      person.type("gross", weight).press(ENTER);
    }
    assertThat(person.everything()).contains(", 2 runs");
  }

  private static void finish(Person person) {
    person.press(ESCAPE).click("station-4-3").press(F).click("start-step");
    for (String reading : new String[] {"1.25 g", "1.251g", "0.80436 dwt"}) {
      person.type("gold", reading).press(ENTER);
    }
    assertThat(person.text("weighed")).contains("1.251 g", "mean of 3 weighings");
    person.type("fineness", "891").press(ENTER);
    assertThat(person.batch().lots())
        .anyMatch(lot -> lot.material() == Material.GOLD && lot.readings().size() == 4);
  }

  /** Counts specks in a share of every lot that is left over. */
  private static void lookAtWhatIsLeft(Person person) {
    int unseen =
        person
            .workbench()
            .projections()
            .current()
            .get()
            .worked()
            .orElseThrow()
            .gold()
            .recoveries()
            .getFirst()
            .notLookedAt()
            .size();
    assertThat(unseen).isGreaterThan(4);
    person
        .workbench()
        .projections()
        .current()
        .get()
        .worked()
        .orElseThrow()
        .gold()
        .recoveries()
        .getFirst()
        .notLookedAt()
        .forEach(lot -> look(person, lot.number()));
  }

  private static void look(Person person, int lot) {
    person.open(lot).click("measure-SPECKS");
    person.type("specks", "2").type("share", "10 %").press(ENTER);
  }

  private static void account(Person person) {
    String inTheHeader = person.text("header-found");
    person.press(CONTROL, DIGIT3);
    assertThat(person.text("account-view"))
        .contains("Hollin 1, the account", "parts in 1000", "tailings", "What next");
    assertThat(person.text("account-FREE_FOUND"))
        .as("every view shows the same figure")
        .isEqualTo(inTheHeader);
    person.click("account-part-SAND");
    assertThat(person.text("account-view")).contains("How the sand adds up", "made to fit");
    person.click("account-part-GOLD").press(CONTROL, DIGIT1);
  }

  private static void units(Person person) {
    person.press(CONTROL, U);
    assertThat(person.text("header-gold")).isEqualTo("19.30 gr");
    assertThat(person.text("batch-header")).doesNotContain(" g ");
    person.press(CONTROL, U);
    assertThat(person.text("header-gold")).isEqualTo("0.804 dwt");
    person.press(CONTROL, U);
    assertThat(person.text("header-gold")).isEqualTo("0.0402 ozt");
    person.press(CONTROL, U);
    assertThat(person.text("header-gold")).isEqualTo("1.251 g");
    person.press(CONTROL, U);
  }
}
