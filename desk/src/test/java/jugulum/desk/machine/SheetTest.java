package jugulum.desk.machine;

import static javafx.scene.input.KeyCode.ALT;
import static javafx.scene.input.KeyCode.B;
import static javafx.scene.input.KeyCode.DOWN;
import static javafx.scene.input.KeyCode.ENTER;
import static javafx.scene.input.KeyCode.ESCAPE;
import static javafx.scene.input.KeyCode.G;
import static javafx.scene.input.KeyCode.K;
import static javafx.scene.input.KeyCode.P;
import static javafx.scene.input.KeyCode.W;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.within;

import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import jugulum.core.ledger.Machine.Kind;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.Step;
import jugulum.core.machine.Dial;
import jugulum.core.machine.Sheet;
import jugulum.core.machine.Sheets;
import jugulum.desk.OnTheDemoBook;
import jugulum.desk.Person;
import jugulum.desk.words.English;
import jugulum.desk.words.SheetWords;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** The bench sheet of a run, on the −100 of the half-way demo batch. */
class SheetTest extends OnTheDemoBook {
  private static Step last(Person person) {
    return person.batch().steps().getLast();
  }

  private static Person onTheDeck(Person person) {
    person.click("station-2-5").press(G);
    for (int i = 0; i < 12 && !person.text("machine").contains("long deck"); i++) {
      person.press(DOWN);
    }
    return person.press(ENTER);
  }

  @ParameterizedTest
  @EnumSource(Kind.class)
  void everythingOnASheetHasAText(Kind kind) {
    Sheet sheet = Sheets.of(kind);
    assertThatCode(
            () -> {
              for (Dial dial : sheet.dials()) {
                assertThat(
                        SheetWords.dial(English.WORDS, dial.id())
                            + SheetWords.does(English.WORDS, sheet, dial)
                            + SheetWords.how(English.WORDS, dial)
                            + SheetWords.usual(English.WORDS, dial))
                    .doesNotContain("{");
              }
              sheet.checks().forEach(one -> SheetWords.check(English.WORDS, one));
              sheet.cleaning().forEach(one -> SheetWords.cleaning(English.WORDS, one));
              sheet.cautions().forEach(one -> SheetWords.caution(English.WORDS, one));
              sheet
                  .symptoms()
                  .forEach(
                      symptom ->
                          symptom
                              .causes()
                              .forEach(
                                  cause ->
                                      assertThat(
                                              SheetWords.symptom(English.WORDS, symptom.id())
                                                  + SheetWords.cause(English.WORDS, cause))
                                          .isNotBlank()));
            })
        .doesNotThrowAnyException();
  }

  @Test
  void theSheetTellsWhatIsUsualAndKeepsWhatWasSet() {
    try (Person person = Person.at(book)) {
      onTheDeck(person).press(ALT, B);
      assertThat(person.text("panel-host"))
          .contains(
              "Bench sheet",
              "Shaker table",
              "Bolted down",
              "Tilt, usually 2 to 4 °",
              "In size this cut suits it");
      person.type("dial-tilt", "3").press(ENTER).type("dial-strokes", "290").press(ENTER);
      assertThat(last(person).setting("tilt")).hasValue(3);
      person
          .type("dial-tilt", "35 mm / 1000 mm")
          .press(ENTER)
          .type("dial-wash-water", "3 gal / 40 s")
          .press(ENTER)
          .type("dial-feed", "1.5/0")
          .press(ENTER);
      assertThat(last(person).setting("tilt").orElseThrow()).isCloseTo(2.0045, within(1e-3));
      assertThat(last(person).setting("wash-water").orElseThrow()).isCloseTo(17.03, within(0.01));
      assertThat(person.text("dial-feed-error")).contains("divided by 0");
      person.type("dial-feed", "2 kg / 10 min").press(ENTER);
      assertThat(person.text("sheet-sums")).as("2.58 kg at 12 kg an hour").contains("13 min");
      person.type("dial-tilt", "14").press(ENTER);
      assertThat(person.text("said-tilt")).contains("Outside what it takes, 0 to 10");
      assertThat(last(person).setting("tilt")).as("kept all the same").hasValue(14);
      person.type("dial-tilt", "steep").press(ENTER);
      assertThat(person.text("dial-tilt-error")).contains("is not a number");
      person.press(ESCAPE);
      assertThat(person.text("panel-host"))
          .contains("Tilt 3 °", "Tilt 2 °", "Strokes 290 a minute", "Tilt 14 °");
      int reading = last(person).readings().getLast().id().number();
      person
          .click("correct-" + reading)
          .type("dial-tilt", "70 mm / 1000 mm")
          .type("reason", "slip of the finger")
          .press(ENTER);
      assertThat(last(person).setting("tilt").orElseThrow())
          .as("measured again")
          .isCloseTo(4.004, within(1e-3));
    }
  }

  @Test
  void theMachinesAreRankedForTheCutWithTheReason() {
    try (Person person = Person.at(book)) {
      person.click("station-2-5").press(G);
      // What machines have shown is gathered batch by batch.
      person.until(() -> person.text("machine-why").contains("by 3 runs"));
      assertThat(person.text("machine-why"))
          .contains(
              "In size this cut suits it",
              "slowest gold over fastest other",
              "Take the magnetite out first.",
              "by 3 runs and trials of this machine on this cut",
              "concentration criterion 3.9");
      person.press(ESCAPE).open(1);
      person.openInOneFrame("Saltergill 3");
      person.click("station-1-1").press(G);
      assertThat(person.text("machine-why")).contains("screen it first", "by common practice");
    }
  }

  @Test
  void somethingLooksWrongNamesCausesInOrderAndNotesWhatWasDone() {
    try (Person person = Person.at(book)) {
      onTheDeck(person).press(ALT, W).click("symptom-heavies-line-low");
      assertThat(person.text("causes"))
          .contains(
              "The heavies line runs into the middlings port", "Too much tilt", "Fed too fast");
      person.click("did-too-much-tilt");
      assertThat(last(person).notes())
          .extracting(note -> note.text())
          .containsExactly(
              "The heavies line runs into the middlings port: Too much tilt: half a degree less,"
                  + " then wait.");
      assertThat(last(person).readings())
          .extracting(reading -> reading.measure())
          .doesNotHaveAnyElementsOfTypes(Measure.Setting.class);
    }
  }

  @Test
  void sumsOfChargesBatteryWaterAndWettingAgent() {
    try (Person person = Person.at(book)) {
      person.click("station-2-5").press(G);
      for (int i = 0; i < 12 && !person.text("machine").contains("garden bowl"); i++) {
        person.press(DOWN);
      }
      person.press(ENTER).press(ALT, B);
      for (String[] dial :
          new String[][] {
            {"charge", "200"}, {"charge-time", "6"}, {"flow", "11"}, {"wetting", "3"}
          }) {
        person.type("dial-" + dial[0], dial[1]).press(ENTER);
      }
      String sums = person.text("sheet-sums");
      assertThat(sums).as("2.58 kg at 200 g; 13 charges of 6 min").contains("13 charges", "1 h 18");
      assertThat(sums)
          .as("900 Wh at 60 W")
          .contains("The battery lasts 15 h 00")
          .doesNotContain("too short");
      assertThat(sums).as("11 L/min over 78 minutes").contains("858 L of water");
      assertThat(sums)
          .as("44 L in the sump and 0.86 L with wet sand; the sump holds 40")
          .contains("45 L", "too small for silt to settle");
      assertThat(sums).contains("12 drops of wetting agent for the 40 L");
      person.type("sum-battery", "50");
      assertThat(person.text("sheet-sums")).contains("lasts 50 min. That is 28 min too short");
      person.type("sum-charger", "60");
      assertThat(person.text("sheet-sums"))
          .as("of 60 W 51 stay in the battery: it loses 9 W; 78 Wh come back at 51 W")
          .contains("With the charger on, the battery lasts 5 h 33", "charged again in 1 h 32");
      person.type("sum-wet", "a lot");
      assertThat(person.text("sum-wet-error")).contains("not a number");
    }
  }

  @Test
  void settingsAreTakenAsTheMachinesUsualAndThePageForTheWallIsWritten() throws Exception {
    try (Person person = Person.at(book)) {
      onTheDeck(person).press(ALT, B);
      person.type("dial-tilt", "6").press(ENTER);
      assertThat(person.text("said-tilt")).contains("Not where one usually starts");
      person.press(ALT, K);
      assertThat(person.workbench().projections().shop().get().gear())
          .anyMatch(
              gear ->
                  gear.name().equals("long deck")
                      && gear.sheet().dial("tilt").orElseThrow().isUsual(6));
      person.press(ALT, B);
      assertThat(person.sees("said-tilt")).isFalse();
      Path page = folder.resolve("deck.pdf");
      person.choosing(page).press(ALT, P).until(() -> person.text("notice").contains("Saved as"));
      assertThat(Files.readString(page, StandardCharsets.ISO_8859_1)).startsWith("%PDF-");
      person
          .choosing(folder.resolve("no such folder").resolve("deck.pdf"))
          .press(ALT, P)
          .until(() -> person.text("notice").contains("could not be written"));
      assertThat(person.text("notice")).contains("could not be written");
    }
  }
}
