package jugulum.desk.bench;

import static javafx.scene.input.KeyCode.B;
import static javafx.scene.input.KeyCode.CONTROL;
import static javafx.scene.input.KeyCode.DIGIT5;
import static javafx.scene.input.KeyCode.DIGIT7;
import static javafx.scene.input.KeyCode.DOWN;
import static javafx.scene.input.KeyCode.E;
import static javafx.scene.input.KeyCode.ENTER;
import static javafx.scene.input.KeyCode.I;
import static javafx.scene.input.KeyCode.SHIFT;
import static javafx.scene.input.KeyCode.T;
import static javafx.scene.input.KeyCode.Z;
import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import jugulum.core.ledger.Batch;
import jugulum.core.screens.Screen;
import jugulum.desk.DemoBooks;
import jugulum.desk.Person;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.framework.junit5.ApplicationExtension;

/** Batches out to files and into another book; the list of batches; the shop. */
@ExtendWith(ApplicationExtension.class)
class FilesTest {
  @TempDir private Path folder;

  private static void waitFor(Path file) throws IOException {
    for (int i = 0; i < 200 && !(Files.exists(file) && Files.size(file) > 0); i++) {
      try {
        Thread.sleep(25);
      } catch (InterruptedException ended) {
        Thread.currentThread().interrupt();
      }
    }
  }

  @Test
  void aBatchGoesToAnotherBookEqualInEveryValue() throws IOException {
    Path demo = folder.resolve("demo.book");
    DemoBooks.demo(demo);
    Path json = folder.resolve("out.json");
    Batch batch;
    try (Person person = Person.at(demo)) {
      batch = person.batch();
      person.choosing(json).press(CONTROL, E);
      waitFor(folder.resolve("out-readings.csv"));
      assertThat(folder.resolve("out-lots.csv")).exists();
    }
    try (Person person = Person.at(folder.resolve("other.book"))) {
      assertThat(person.everything()).contains("No batch on the bench");
      person.choosing(json).press(CONTROL, I);
      person.until(() -> !person.workbench().projections().batches().get().isEmpty());
      assertThat(person.batch()).isEqualTo(batch);
      person.settle();
      Files.writeString(
          json, Files.readString(json).replace("\"moisture\" : 0.077", "\"moisture\" : 7.7"));
      person.press(CONTROL, I);
      person.until(() -> person.text("notice").contains("not taken"));
      assertThat(person.text("notice")).contains("nothing changed", "line", "moisture");
      assertThat(person.batch()).isEqualTo(batch);
    }
  }

  @Test
  void theListOpensABatchAndTheShopIsKept() {
    Path demo = folder.resolve("demo.book");
    DemoBooks.demo(demo);
    try (Person person = Person.at(demo)) {
      person.press(CONTROL, DIGIT5).press(B).press(DOWN).press(DOWN).press(ENTER);
      assertThat(person.text("batch-header")).contains("Saltergill 3");
      person.press(CONTROL, T).press(CONTROL, DIGIT7).click("own-270");
      assertThat(person.workbench().projections().shop().get().owned())
          .extracting(Screen::label)
          .contains("270");
      person.press(CONTROL, Z);
      assertThat(person.workbench().projections().shop().get().owned())
          .extracting(Screen::label)
          .doesNotContain("270");
      person.press(CONTROL, SHIFT, Z);
      person.type("screen-label", "1/8 in").type("screen-opening", "0").press(ENTER);
      assertThat(person.text("screen-opening-error")).contains("Between 0.001 and 200");
      person.type("screen-opening", "3.1").press(ENTER);
      assertThat(person.workbench().projections().shop().get().owned())
          .contains(new Screen("1/8 in", 3.1));
    }
    try (Person person = Person.at(demo)) {
      assertThat(person.text("batch-header")).as("the batch last open").contains("Saltergill 3");
      assertThat(person.workbench().preferences().theme().get()).hasToString("QUARTZ");
      assertThat(person.workbench().projections().shop().get().owned()).hasSize(13);
    }
  }
}
