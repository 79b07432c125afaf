package jugulum.desk.gear;

import static javafx.scene.input.KeyCode.CONTROL;
import static javafx.scene.input.KeyCode.DIGIT6;
import static javafx.scene.input.KeyCode.ENTER;
import static javafx.scene.input.KeyCode.Z;
import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import jugulum.core.machine.Gear;
import jugulum.core.marks.OwnMarks;
import jugulum.desk.OnTheDemoBook;
import jugulum.desk.Person;
import org.junit.jupiter.api.Test;
import org.openpdf.text.pdf.PdfReader;
import org.openpdf.text.pdf.parser.PdfTextExtractor;

/** A bowl is looked at, cut by cut, and set by its own marks from then on. */
class MarksPaneTest extends OnTheDemoBook {
  private static List<OwnMarks> marks(Person person) {
    return person.workbench().projections().shop().get().gear().stream()
        .filter(gear -> gear.name().equals("garden bowl"))
        .map(Gear::ownMarks)
        .findFirst()
        .orElseThrow();
  }

  private static int looks(Person person) {
    return marks(person).stream()
        .filter(own -> own.cut().notation().equals("−30 +50"))
        .mapToInt(own -> own.looks().size())
        .sum();
  }

  private static void opens(Person person, String cut) {
    person.press(CONTROL, DIGIT6).click("gear-part-MARKS").type("marks-cut", cut);
  }

  private static void looksAt(Person person, String turns, String litres, String saw) {
    int before = looks(person);
    person
        .click("marks-saw-" + saw)
        .type("marks-turns", turns)
        .type("marks-litres", litres)
        .press(ENTER)
        .until(() -> looks(person) == before + 1);
  }

  @Test
  void threeLooksMakeAWindowThatTheSheetStandsAt() throws Exception {
    try (Person person = Person.at(book)) {
      opens(person, "−30 +50");
      assertThat(person.text("marks-says")).contains("Nobody looked");
      looksAt(person, "2", "16", "GRAINS");
      assertThat(person.text("marks-says")).contains("open further");
      looksAt(person, "2.25", "18", "THREAD");
      looksAt(person, "2.75", "21", "THREAD");
      assertThat(person.text("marks-aim")).contains("19 L/min");
      assertThat(person.text("marks-says"))
          .contains("Clean up to 21", "None of 40 specks", "7.2 %");
      looksAt(person, "2.875", "22", "SPECK");
      assertThat(person.text("marks-says")).doesNotContain("None of 40");
      person.press(CONTROL, Z).until(() -> looks(person) == 3);
      Path file = folder.resolve("marks.pdf");
      person.choosing(file).click("marks-card").until(() -> Files.exists(file));
      try (PdfReader page = new PdfReader(Files.readAllBytes(file))) {
        assertThat(new PdfTextExtractor(page).getTextFromPage(1).replaceAll("\\s+", " "))
            .contains("garden bowl", "−30 +50", "19 (18 to 21)", "ever run above");
      }
    }
  }

  @Test
  void whatCannotBeIsSaidAtItsField() {
    try (Person person = Person.at(book)) {
      opens(person, "");
      person.type("marks-turns", "2").type("marks-litres", "16").press(ENTER);
      assertThat(person.text("marks-cut-error")).isNotEmpty();
      person.type("marks-cut", "−30 +50").type("marks-litres", "0").press(ENTER);
      assertThat(person.text("marks-litres-error")).contains("0.05");
      assertThat(person.text("marks-turns")).as("what was typed stays").isEqualTo("2");
      assertThat(looks(person)).isZero();
    }
  }
}
