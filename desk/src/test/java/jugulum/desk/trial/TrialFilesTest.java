package jugulum.desk.trial;

import static javafx.scene.input.KeyCode.CONTROL;
import static javafx.scene.input.KeyCode.DIGIT6;
import static javafx.scene.input.KeyCode.E;
import static javafx.scene.input.KeyCode.ENTER;
import static javafx.scene.input.KeyCode.I;
import static javafx.scene.input.KeyCode.L;
import static javafx.scene.input.KeyCode.N;
import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import jugulum.desk.OnTheDemoBook;
import jugulum.desk.Person;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.openpdf.text.pdf.PdfReader;
import org.openpdf.text.pdf.parser.PdfTextExtractor;
import org.testfx.framework.junit5.ApplicationExtension;

/** A trial goes to somebody else and is read in there, as theirs. */
@ExtendWith(ApplicationExtension.class)
class TrialFilesTest extends OnTheDemoBook {
  private static Person atTrials(Path book) {
    Person person = Person.at(book);
    person.press(CONTROL, DIGIT6).click("gear-part-TRIALS");
    return person.until(() -> person.sees("trial-read") || person.sees("trial-new"));
  }

  @Test
  void aTrialIsSavedAndReadInElsewhereAsTheirs() {
    Path json = folder.resolve("trial.json");
    try (Person person = atTrials(book)) {
      person.workbench().preferences().callBench("upper shed");
      person.choosing(json).press(CONTROL, E);
      person.until(() -> person.sees("notice"));
      assertThat(person.text("notice"))
          .contains("Old pan, which way round is written", "trial-runs.csv", "trial-shown.csv");
    }
    assertThat(json.resolveSibling("trial-runs.csv")).exists();
    try (Person person = atTrials(folder.resolve("other").resolve("their.book"))) {
      person.choosing(json).press(I);
      person.until(() -> person.sees("trial-answer"));
      assertThat(person.text("notice")).contains("is in this book now");
      assertThat(person.everything()).contains("a trial of upper shed");
      assertThat(person.sees("trial-next")).as("it is theirs to go on with").isFalse();
      person.press(I);
      person.until(() -> person.text("notice").contains("in the book already"));
      person.press(CONTROL, E);
    }
  }

  /** What was read in is in sight, whatever was before. */
  @Test
  void aTrialReadInBesideOthersIsInSight() {
    Path json = folder.resolve("trial.json");
    try (Person person = atTrials(folder.resolve("other").resolve("their.book"))) {
      person.press(N).write("Theirs").press(ENTER);
      person.choosing(json).press(CONTROL, E);
      person.until(() -> person.sees("notice"));
    }
    try (Person person = atTrials(book)) {
      person.choosing(json).press(I);
      person.until(() -> person.text("trial-choice").equals("Theirs"));
      assertThat(person.everything()).contains("a trial of somebody");
    }
  }

  @Test
  void aFileThatIsNoTrialSaysWhyAndChangesNothing() throws IOException {
    Path json = Files.writeString(folder.resolve("no.json"), "{\n  \"format\": \"other\"\n}\n");
    try (Person person = atTrials(book)) {
      person.choosing(json).press(I);
      person.until(() -> person.sees("notice"));
      assertThat(person.text("notice"))
          .contains("no.json was not taken, and nothing changed", "line");
      assertThat(person.workbench().trials().all().get()).hasSize(2);
    }
  }

  @Test
  void aTrialIsPrintedOnOnePage() throws IOException {
    Path pdf = folder.resolve("trial.pdf");
    try (Person person = atTrials(book)) {
      person.choosing(pdf).press(L);
      person.until(() -> person.sees("notice"));
    }
    try (PdfReader reader = new PdfReader(Files.readAllBytes(pdf))) {
      assertThat(reader.getNumberOfPages()).isEqualTo(1);
      assertThat(new PdfTextExtractor(reader).getTextFromPage(1))
          .contains("Old pan, which way round", "280 more specks", "riffles near", "concentrate");
    }
  }
}
