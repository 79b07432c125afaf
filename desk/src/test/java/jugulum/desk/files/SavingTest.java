package jugulum.desk.files;

import static javafx.scene.input.KeyCode.CONTROL;
import static javafx.scene.input.KeyCode.DIGIT1;
import static javafx.scene.input.KeyCode.E;
import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import javafx.application.Platform;
import jugulum.desk.OnTheDemoBook;
import jugulum.desk.Person;
import jugulum.desk.told.Told;
import jugulum.desk.work.Notice;
import org.junit.jupiter.api.Test;

/** Whatever comes of writing a file is said; nothing is written over unasked. */
class SavingTest extends OnTheDemoBook {
  private void write(Person person, Saving.Writing writing) {
    new Saving(person.workbench(), FilePicker.NOBODY)
        .write(folder.resolve("page.pdf"), writing)
        .toCompletableFuture()
        .join();
    person.settle();
  }

  private static String notice(Person person) {
    return Told.text(
        person.workbench().notices().notice().get(),
        person.workbench().preferences().figures().get());
  }

  @Test
  void aPageThatCannotBeMadeSaysSoAndIsWrittenDown() throws IOException {
    try (Person person = Person.at(book)) {
      write(
          person,
          _ -> {
            throw new IllegalStateException("a font is missing");
          });
      assertThat(notice(person))
          .contains("should not have", "a font is missing", "demo.book.faults.txt");
      assertThat(person.workbench().notices().notice().get().isFault()).isTrue();
      assertThat(Files.readString(folder.resolve("demo.book.faults.txt")))
          .contains("IllegalStateException: a font is missing", "SavingTest");
      assertThat(person.press(CONTROL, DIGIT1).text("batch-header"))
          .as("the window goes on")
          .contains("Fernhollow 12");
    }
  }

  @Test
  void aDiskThatDoesNotTakeItIsNoFaultOfTheProgram() {
    try (Person person = Person.at(book)) {
      write(
          person,
          _ -> {
            throw new IOException("no space left");
          });
      assertThat(notice(person)).contains("could not be written", "no space left");
      assertThat(folder.resolve("demo.book.faults.txt")).doesNotExist();
    }
  }

  @Test
  void whatWentWellIsSaidToo() {
    try (Person person = Person.at(book)) {
      write(person, path -> new Notice.Said("done " + path.getFileName(), false));
      assertThat(notice(person)).isEqualTo("done page.pdf");
    }
  }

  /** The dialog asks about the batch file; about the tables beside it nobody was asked. */
  @Test
  void tablesBesideABatchFileAreNeverWrittenOver() throws IOException {
    Path json = folder.resolve("out.json");
    Files.writeString(json, "old");
    Files.writeString(folder.resolve("out-lots.csv"), "somebody's own");
    try (Person person = Person.at(book)) {
      person
          .choosing(json)
          .press(CONTROL, E)
          .until(() -> person.text("notice").contains("is written"));
      assertThat(person.text("notice")).contains("out-2-lots.csv");
      assertThat(folder.resolve("out-lots.csv")).hasContent("somebody's own");
      assertThat(folder.resolve("out-2-lots.csv")).content().startsWith("lot");
      assertThat(folder.resolve("out-2-readings.csv")).exists();
      assertThat(json).content().contains("Fernhollow 12");
    }
  }

  /** An exception nobody caught, on a thread of the window's own. */
  @Test
  void whatNobodyCaughtReachesThePerson() throws IOException {
    try (Person person = Person.at(book)) {
      Platform.runLater(
          () -> person.workbench().work().fault(new ArithmeticException("nobody caught it")));
      person.until(() -> notice(person).contains("nobody caught it"));
      assertThat(notice(person))
          .contains("What was shown as recorded is safe", "for whoever mends it");
      assertThat(Files.readString(folder.resolve("demo.book.faults.txt")))
          .contains("nobody caught it");
    }
  }
}
