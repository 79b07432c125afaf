package jugulum.desk.smelt;

import static javafx.scene.input.KeyCode.BACK_SPACE;
import static javafx.scene.input.KeyCode.CONTROL;
import static javafx.scene.input.KeyCode.DOWN;
import static javafx.scene.input.KeyCode.ENTER;
import static javafx.scene.input.KeyCode.F11;
import static javafx.scene.input.KeyCode.RIGHT;
import static javafx.scene.input.KeyCode.UP;
import static javafx.scene.input.KeyCode.Z;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import jugulum.core.gold.Smelts;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Melting;
import jugulum.desk.OnTheDemoBook;
import jugulum.desk.Person;
import org.junit.jupiter.api.Test;
import org.openpdf.text.pdf.PdfReader;
import org.openpdf.text.pdf.parser.PdfTextExtractor;

/** A sample of sand is smelted in the window, question by question at the foot. */
class SmeltPanelTest extends OnTheDemoBook {
  private static Lot tailings(Person person) {
    return person.batch().lots().stream()
        .filter(lot -> lot.material() == Material.TAILINGS)
        .filter(lot -> lot.cut().notation().equals("−30 +50"))
        .findFirst()
        .orElseThrow();
  }

  private static Melting round(Person person) {
    return Melting.of(tailings(person)).getLast();
  }

  /** Takes sand of which nothing visible was seen. */
  private static void takes(Person person, String grams) {
    person.open(tailings(person).id().number()).click("next-smelt");
    person.type("melt-sample", grams);
    person.click("melt-visible").press(UP).press(UP).press(UP).press(UP).press(ENTER);
    person.click("melt-begin").until(() -> person.sees("melt-take"));
  }

  private static double height(Person person) {
    person.pulses(3);
    return person.drawn(() -> person.root().lookup(".navigation").getBoundsInParent().getHeight());
  }

  private static void yes(Person person, int times) {
    for (int i = 0; i < times; i++) {
      long before = person.batch().readings().count();
      person.click("melt-take").until(() -> person.batch().readings().count() > before);
    }
  }

  private static void says(Person person, String... fieldsAndTexts) {
    for (int i = 0; i < fieldsAndTexts.length; i += 2) {
      person.type("ask-" + fieldsAndTexts[i], fieldsAndTexts[i + 1]);
    }
    yes(person, 1);
  }

  /** Charged, stopped for, melted and poured. */
  private static void melts(Person person, String sand, String metal) {
    if (!sand.isEmpty()) {
      person.click("ask-COLLECTOR").press(DOWN).press(ENTER);
    }
    says(person, "MELTED", sand, "COLLECTOR_MASS", metal);
    yes(person, 4);
    yes(person, 1);
  }

  @Test
  void twoCruciblesOneLostComeToABead() {
    try (Person person = Person.at(book)) {
      takes(person, "300 g");
      assertThat(person.text("melt-question")).contains("mercury");
      yes(person, 2);
      says(person, "IRON", "80", "GARNET", "20");
      assertThat(person.everything()).contains("borax", "crucible of");
      double bar = height(person);
      melts(person, "150", "40");
      assertThat(height(person)).as("nothing jumps when a timer starts").isEqualTo(bar);
      assertThat(person.text("melt-time")).contains("Crucible 1, melt");
      assertThat(person.text("run-timer")).contains("Crucible 1", "pour");
      melts(person, "", "40.1");
      person.click("melt-more").type("melt-reason", "").click("melt-record");
      assertThat(person.text("melt-reason-error")).isNotEmpty();
      person
          .type("melt-reason", "ran through the bottom")
          .click("melt-record")
          .until(() -> round(person).crucibles().getLast().spoilt().isPresent());
      assertThat(person.text("melt-question")).as("the other one goes on").contains("poured");
      yes(person, 1);
      says(person, "BUTTON", "40.5");
      yes(person, 1);
      says(person, "BEAD", "3.4");
      assertThat(person.text("melt-tells")).endsWith("g/t");
      assertThat(Smelts.of(tailings(person)))
          .singleElement()
          .satisfies(one -> assertThat(one.beadMg()).isEqualTo(3.4));
      says(person, "PARTED", "3.0");
      assertThat(person.text("melt-beads"))
          .as("less than twenty steps of a scale that shows 10 mg, and what is not gold")
          .contains("under 20 steps of the scale", "0.40 mg of silver by difference");
      String tells = person.text("melt-tells");
      assertThat(tells).endsWith(" g/t");
      assertThat(Double.parseDouble(tells.replace(" g/t", "")))
          .as("3.0 mg of 150 g")
          .isCloseTo(20, within(0.4));
      assertThat(person.text("whole-says")).contains("keep it");
      assertThat(person.everything()).as("the hours always").contains("of hands");
      person
          .press(CONTROL, Z)
          .until(() -> round(person).crucibles().getFirst().partedMg().isEmpty());
    }
  }

  @Test
  void whatCannotBeIsSaidAtItsFieldAndChangesNothing() {
    try (Person person = Person.at(book)) {
      takes(person, "300 g");
      yes(person, 2);
      long before = person.batch().readings().count();
      person.type("ask-IRON", "80").type("ask-GARNET", "30").click("melt-take");
      assertThat(person.text("ask-GARNET-error")).contains("20");
      assertThat(person.text("ask-IRON")).as("what was typed stays").isEqualTo("80");
      person.type("ask-GARNET", "10");
      says(person, "SULFIDE", "");
      person.type("ask-MELTED", "9 kg").click("melt-take");
      assertThat(person.text("ask-MELTED-error")).contains("9 kg");
      assertThat(person.batch().readings().count()).isEqualTo(before + 1);
    }
  }

  @Test
  void theSheetHasEveryStopAndALineForEveryCrucible() throws Exception {
    try (Person person = Person.at(book)) {
      takes(person, "300 g");
      Path file = folder.resolve("smelt.pdf");
      person.choosing(file).click("melt-sheet").until(() -> Files.exists(file));
      try (PdfReader page = new PdfReader(Files.readAllBytes(file))) {
        String text = new PdfTextExtractor(page).getTextFromPage(1).replaceAll("\\s+", " ");
        assertThat(text).contains("meet mercury", "collector in", "regulated waste", "300.0 g");
        assertThat(page.getNumberOfPages()).isEqualTo(1);
      }
    }
  }

  @Test
  void aRoastThatLostTooLittleIsSaid() {
    try (Person person = Person.at(book)) {
      takes(person, "250 g");
      yes(person, 2);
      says(person, "IRON", "50", "SULFIDE", "8");
      yes(person, 1);
      assertThat(person.text("run-timer")).contains("Roast");
      says(person, "ROASTED", "249");
      assertThat(person.text("melt-roast")).contains("sulfide is left", "2.4", "6.7");
      assertThat(person.text("melt-question")).as("nobody is held up").contains("Charge");
    }
  }

  /** Begun in the window, gone on with at the furnace: every stop, both weights, one key each. */
  @Test
  void benchModeLeadsFromTheStopsToTheBead() {
    try (Person person = Person.at(book)) {
      takes(person, "150 g");
      person.press(F11);
      turnTo(person, "mercury");
      answers(person, "");
      turnTo(person, "dry");
      answers(person, "");
      turnTo(person, "magnetite");
      answers(person, "70", "", "");
      turnTo(person, "sand goes into it");
      assertThat(person.everything()).contains("Smelt");
      person.write("150").press(ENTER);
      assertThat(person.text("hands-under")).contains("lead", "bismuth");
      answers(person, "1", "40");
      for (String stop : List.of("sound", "collector", "mould", "fume", "furnace", "poured")) {
        turnTo(person, stop);
        answers(person, "");
      }
      turnTo(person, "button weigh");
      answers(person, "40.2");
      turnTo(person, "cupel");
      answers(person, "");
      turnTo(person, "bead weigh");
      answers(person, "2.2");
      assertThat(Smelts.of(tailings(person)))
          .singleElement()
          .satisfies(one -> assertThat(one.beadMg()).as("milligrams").isEqualTo(2.2));
      long before = person.batch().readings().count();
      person.press(BACK_SPACE).until(() -> person.batch().readings().count() == before - 1);
      assertThat(Smelts.of(tailings(person))).as("the last one is taken back").isEmpty();
    }
  }

  /** Puts off what else is open in the batch until that is asked. */
  private static void turnTo(Person person, String question) {
    for (int i = 0; i < 60 && !person.text("hands-question").contains(question); i++) {
      person.press(RIGHT);
    }
    assertThat(person.text("hands-question")).contains(question);
  }

  private static void answers(Person person, String... texts) {
    long before = person.batch().readings().count();
    for (String text : texts) {
      person.write(text).press(ENTER);
    }
    person.until(() -> person.batch().readings().count() > before);
    assertThat(person.sees("hands-wrong")).isFalse();
  }
}
