package jugulum.desk.machine;

import static javafx.scene.input.KeyCode.ALT;
import static javafx.scene.input.KeyCode.B;
import static javafx.scene.input.KeyCode.C;
import static javafx.scene.input.KeyCode.CONTROL;
import static javafx.scene.input.KeyCode.D;
import static javafx.scene.input.KeyCode.DIGIT5;
import static javafx.scene.input.KeyCode.DOWN;
import static javafx.scene.input.KeyCode.E;
import static javafx.scene.input.KeyCode.ENTER;
import static javafx.scene.input.KeyCode.ESCAPE;
import static javafx.scene.input.KeyCode.G;
import static javafx.scene.input.KeyCode.J;
import static javafx.scene.input.KeyCode.L;
import static javafx.scene.input.KeyCode.N;
import static javafx.scene.input.KeyCode.R;
import static javafx.scene.input.KeyCode.U;
import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.List;
import java.util.OptionalDouble;
import jugulum.core.ledger.Machine;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.Process.GravityRun;
import jugulum.core.ledger.Process.Merging;
import jugulum.core.ledger.Step;
import jugulum.desk.OnTheDemoBook;
import jugulum.desk.Person;
import jugulum.desk.WallClock;
import org.junit.jupiter.api.Test;

/** Runs over machines on the −100 of the half-way demo batch, 2.58 kg, which waits. */
class GravityWorkTest extends OnTheDemoBook {
  private final WallClock clock = new WallClock("2026-11-18T09:00:00Z");

  private static Step last(Person person) {
    return person.batch().steps().getLast();
  }

  private static int output(Person person, Material material) {
    return last(person).outputs().stream()
        .map(id -> person.batch().lot(id).orElseThrow())
        .filter(lot -> lot.material() == material)
        .findFirst()
        .orElseThrow()
        .id()
        .number();
  }

  /** Goes down the list of machines until that one is chosen. */
  private static Person on(Person person, String machine) {
    for (int i = 0; i < 12 && !person.text("machine").contains(machine); i++) {
      person.press(DOWN);
    }
    assertThat(person.text("machine")).contains(machine);
    return person;
  }

  private static void weigh(Person person, String... weights) {
    for (String weight : weights) {
      person.type("gross", weight).press(ENTER);
    }
  }

  private static void set(Person person, String dial, String value) {
    person.type("dial-" + dial, value).press(ENTER);
  }

  private Person onTheBowl() {
    Person person = Person.at(book, clock);
    on(person.click("station-2-5").press(G), "garden bowl").press(ENTER);
    person.press(B);
    set(person, "charge", "200");
    set(person, "charge-time", "6");
    set(person, "look-every", "15");
    return person.press(ESCAPE);
  }

  @Test
  void aTableRunInThreeCutsWithMiddlingsRunAgain() {
    try (Person person = Person.at(book, clock)) {
      on(person.click("station-2-5").press(G), "long deck");
      person.click("port-SECOND_CONCENTRATE").press(ENTER);
      person.press(R).press(B);
      set(person, "tilt", "4");
      person.press(ESCAPE).press(R);
      weigh(person, "410", "320", "1840");
      assertThat(person.text("closure")).contains("inside your");
      int middlings = output(person, Material.MIDDLINGS);
      person.press(ALT, U).press(B);
      set(person, "tilt", "3");
      person.press(ESCAPE);
      weigh(person, "96", "52", "260");
      assertThat(person.text("run-cuts"))
          .contains("Cut 2 of 2", "Cut 1: Tilt 4 °", "410 g", "Cut 2: Tilt 3 °");
      int secondMiddlings = output(person, Material.MIDDLINGS);
      person.press(ALT, U).press(B);
      set(person, "tilt", "2");
      person.press(ESCAPE);
      weigh(person, "21", "15", "59.5");
      assertThat(person.text("run-cuts")).contains("Cut 3 of 3", "Cut 3: Tilt 2 °");
      assertThat(person.everything()).as("the board shows it").contains("table, 3 cuts");
      person.click("open-cut-1");
      assertThat(person.text("run-cuts")).contains("Cut 1 of 3");
      person.open(middlings).press(J).click("join-" + secondMiddlings).press(ENTER);
      person.press(ESCAPE);
      person.open(output(person, Material.MERGED)).press(G);
      on(person, "long deck").press(ENTER);
      assertThat(last(person).process())
          .as("what was joined is not weighed yet: it asks first")
          .isEqualTo(new Merging());
      assertThat(person.text("step-error")).contains("Weigh", "Enter again");
      person.press(ENTER);
      assertThat(last(person).process())
          .isEqualTo(new GravityRun(new Machine(Machine.Kind.SHAKER_TABLE, "long deck")));
      assertThat(person.text("panel-host")).contains("Shaker table, long deck", "372 g in");
      assertThat(person.everything()).contains("table, 4 runs");
    }
  }

  @Test
  void aBowlRunInChargesWithATimer() {
    try (Person person = onTheBowl()) {
      assertThat(person.text("run-state")).contains("Not started");
      assertThat(person.text("charge")).contains("Charge 1 of 13 in");
      person.press(E);
      assertThat(last(person).readings())
          .extracting(reading -> reading.measure())
          .endsWith(
              new Measure.Running(Measure.Running.State.STARTED),
              new Measure.Charge(OptionalDouble.of(200)));
      assertThat(person.text("run-due"))
          .contains(
              "1 of 13 charges in", "next charge in 6:00", "next look at the tailings in 15:00");
      assertThat(person.text("run-timer")).contains("bowl: charge in 6:00");
      clock.goes(Duration.ofMinutes(5));
      person.until(() -> person.text("run-due").contains("next charge in 1:00"));
      assertThat(person.text("run-state")).contains("Running, 5 min");
      clock.goes(Duration.ofSeconds(130));
      person.until(() -> person.text("run-timer").contains("bowl: charge due −1:10"));
      person.press(CONTROL, DIGIT5);
      assertThat(person.text("run-timer")).as("in sight from every view").contains("charge due");
      person.press(CONTROL, R).press(E);
      assertThat(person.text("run-due")).contains("2 of 13 charges in", "next charge in 6:00");
    }
    clock.goes(Duration.ofMinutes(40));
    try (Person person = Person.at(book, clock)) {
      assertThat(person.text("run-timer"))
          .as("it kept time while the window was closed")
          .contains("charge due −34:00");
      person.openInOneFrame("Tarnbeck 7");
      assertThat(person.settle().text("run-timer"))
          .as("also while another batch is on the bench")
          .contains("charge due −34:00");
      person.press(CONTROL, R).until(() -> person.sees("run-state"));
      assertThat(person.batch().label().name()).isEqualTo("Fernhollow 12");
      assertThat(person.text("run-state")).contains("47 min");
      person.press(ALT, R);
      assertThat(person.sees("run-timer")).isFalse();
      assertThat(person.text("run-state")).contains("Ran 47 min, stands");
    }
  }

  @Test
  void theLastChargeIsWhatIsLeft() {
    try (Person person = onTheBowl()) {
      for (int i = 0; i < 13; i++) {
        person.press(E);
      }
      person.click("close-batch");
      assertThat(person.sees("run-timer")).as("a closed batch asks for nothing").isFalse();
      person.click("close-batch");
      assertThat(person.sees("run-timer")).isTrue();
      assertThat(last(person).readings().getLast().measure())
          .isEqualTo(new Measure.Charge(OptionalDouble.of(180)));
      assertThat(person.sees("charge")).as("all is in").isFalse();
      assertThat(person.text("run-due"))
          .contains("13 of 13 charges in")
          .doesNotContain("next charge");
    }
  }

  @Test
  void timeThatRunsBackwardsIsToldAndNothingIsLost() {
    try (Person person = onTheBowl()) {
      person.press(E);
      int readings = last(person).readings().size();
      clock.goes(Duration.ofHours(-3));
      person.press(R);
      assertThat(person.text("run-error"))
          .contains("18 Nov 06:00 is before 18 Nov 09:00", "time does not run backwards");
      assertThat(last(person).readings()).hasSize(readings);
      clock.goes(Duration.ofHours(4));
      person.press(R);
      assertThat(person.sees("run-error")).isFalse();
      int stop = last(person).readings().getLast().id().number();
      person
          .click("correct-" + stop)
          .type("running-at", "2026-11-18 8:15")
          .type("reason", "looked at the wrong clock")
          .press(ENTER);
      assertThat(person.text("running-at-error")).contains("time does not run backwards");
      assertThat(person.text("running-at")).as("what was typed stays").isEqualTo("2026-11-18 8:15");
      person.type("running-at", "quarter past").press(ENTER);
      assertThat(person.text("running-at-error")).contains("no day and time");
      person.type("running-at", "2026-11-18 9:45").press(ENTER);
      assertThat(person.text("run-state")).contains("Ran 45 min, stands");
    }
  }

  @Test
  void aLookAtTheTailingsChangesTheRecovery() {
    try (Person person = onTheBowl()) {
      person.press(R);
      weigh(person, "20", "2540");
      int concentrate = output(person, Material.CONCENTRATE);
      person
          .open(concentrate)
          .click("measure-KNOWN")
          .type("known", "90 mg")
          .press(ENTER)
          .press(ESCAPE);
      person.click("station-3-5");
      assertThat(person.text("stage"))
          .contains("at most 100.0 % of the gold", "Nobody has looked at: tailings −100");
      assertThat(person.text("stage")).contains("129 to 1");
      person.press(ALT, L);
      assertThat(person.text("panel-host")).contains("look at both places");
      person.type("panned-sample", "50").press(ALT, C).press(ALT, C).press(ALT, C).press(ENTER);
      assertThat(person.text("look-loss")).contains("That lets expect", "Never nothing");
      assertThat(person.text("look-act"))
          .as("three fine specks of two kilograms: worth no minute")
          .contains("What leaves is not worth the minutes", "Pays from", "leave it")
          .doesNotContain("1. ", "Now");
      assertThat(person.text("look-specks")).contains("3 in 2.0 % of it", "31 to 445 specks");
      person.type("panned-sample", "150 g").type("panned-specks", "+140 0, -140 0").press(ENTER);
      assertThat(person.text("look-act"))
          .contains("Before 3 specks in 50.0 g", "Now 0 specks in 150 g");
      assertThat(person.text("look-specks"))
          .as("both samples together")
          .contains("3 in 7.9 % of it");
      person.press(ESCAPE);
      String told = person.text("stage");
      assertThat(told).doesNotContain("at most").contains("% of the gold", "Still in the tailings");
      assertThat(person.text("panel-host")).contains("Enrichment");
      person.press(ALT, L).type("panned-sample", "60 kg").type("panned-specks", "1").press(ENTER);
      assertThat(person.text("panned-sample-error")).contains("is more than the 2.54 kg");
      person.type("panned-sample", "60").type("panned-specks", "+16 1").press(ENTER);
      assertThat(person.text("panned-specks-error")).contains("is outside").contains("+16 1");
      person.type("panned-sample", "10").type("panned-specks", "-140 400").press(ENTER);
      assertThat(person.text("look-act"))
          .as("so many that it pays: what to do")
          .contains("Gold leaves, and turning one dial pays", "do it", "an hour")
          .contains("1. ", "2. ", "3. ", "Look again after 2 minutes")
          .doesNotContain("4. ");
    }
  }

  @Test
  void aSampleWithoutASpeckIsABoundNotNothing() {
    try (Person person = onTheBowl()) {
      weigh(person, "20", "2540");
      person.press(ALT, L).type("panned-sample", "254").type("panned-specks", "0").press(ENTER);
      assertThat(person.text("look-specks"))
          .contains("None in 10.0 % of it: there may still be up to 30 specks");
      assertThat(person.text("look-loss")).contains("Never nothing").doesNotContain("expect 0 mg");
    }
  }

  @Test
  void ticksAreKeptAndTakenBack() {
    try (Person person = onTheBowl()) {
      person.press(B).click("check-level").click("check-valve-closed");
      assertThat(last(person).live(Measure.Checked.class)).hasSize(2);
      person.click("check-level");
      assertThat(last(person).live(Measure.Checked.class)).hasSize(1);
      person.press(ESCAPE);
      assertThat(person.text("panel-host"))
          .as("ticks are on the sheet, not in the log")
          .doesNotContain("Dead level");
      person.press(B);
      assertThat(person.text("target-rim")).contains("With this cut start at");
    }
  }

  @Test
  void notesAndChangesCarryTheirTime() {
    try (Person person = onTheBowl()) {
      clock.goes(Duration.ofMinutes(12));
      person.press(N).write("lowered by a millimetre").press(ENTER);
      assertThat(person.text("panel-host"))
          .contains("09:12  lowered by a millimetre", "09:00  Charge 200 g");
    }
  }

  @Test
  void aRunDoneWithoutAProductIsSaid() {
    try (Person person = onTheBowl()) {
      assertThat(person.text("stage")).contains("Weigh its products");
      person.press(D);
      assertThat(person.text("stage")).contains("No product of this run was weighed or looked at");
    }
  }

  @Test
  void outputsHeavierThanTheInputAreRefusedOneByOneAndToldTogether() {
    try (Person person = onTheBowl()) {
      weigh(person, "2700");
      assertThat(person.text("gross-error"))
          .contains("2.70 kg is more than the 2.58 kg that went in");
      weigh(person, "300", "2500");
      assertThat(person.text("closure")).contains("too much");
    }
  }

  /** The finished demo batch ran the tailings of its bowl a second time. */
  @Test
  void repeatedRunsTellWhatTheNextOneIsWorth() {
    try (Person person = Person.at(book, clock)) {
      person.openInOneFrame("Tarnbeck 7");
      person.settle();
      List<Step> bowl =
          person.batch().steps().stream()
              .filter(
                  step ->
                      step.process()
                          .equals(
                              new GravityRun(new Machine(Machine.Kind.VORTEX_BOWL, "garden bowl"))))
              .toList();
      person.openStep(bowl.getLast().id().number());
      assertThat(person.text("stage"))
          .contains(
              "Running the tailings again would win about", "minutes cost", "Chance that it pays");
    }
  }
}
