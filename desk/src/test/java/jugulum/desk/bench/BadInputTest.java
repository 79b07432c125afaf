package jugulum.desk.bench;

import static javafx.scene.input.KeyCode.CONTROL;
import static javafx.scene.input.KeyCode.ENTER;
import static javafx.scene.input.KeyCode.N;
import static javafx.scene.input.KeyCode.S;
import static javafx.scene.input.KeyCode.SHIFT;
import static javafx.scene.input.KeyCode.Z;
import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import jugulum.core.ledger.Batch;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.Reading;
import jugulum.desk.OnTheDemoBook;
import jugulum.desk.Person;
import org.junit.jupiter.api.Test;

/**
 * Bad input gets a sentence at the field, keeps what was typed and changes nothing; every reading
 * can be corrected.
 */
class BadInputTest extends OnTheDemoBook {
  /** Where a window that has a book alone holds its lock. */
  private static final long HELD_ALONE = (1L << 40) + 1;

  private static void refused(Person person, String field, String typed, String sentence) {
    Batch before = person.batch();
    person.type(field, typed).press(ENTER);
    assertThat(person.text(field + "-error")).contains(sentence);
    assertThat(person.text(field)).as("what was typed stays").isEqualTo(typed);
    assertThat(person.focused().getId()).isEqualTo(field);
    assertThat(person.batch()).as("nothing is stored").isEqualTo(before);
  }

  @Test
  void weightsThatCannotBe() {
    try (Person person = Person.at(book)) {
      person.click("station-1-0");
      refused(person, "gross", "-5 kg", "cannot be negative");
      refused(person, "gross", "heavy", "is not a weight");
      refused(person, "gross", "NaN", "is not a weight");
      refused(person, "gross", "", "Nothing is written");
      refused(person, "gross", "12 stone", "not a unit known here");
      refused(person, "gross", "4,316", "4.316 or 4316");
      refused(person, "gross", "51 kg", "more than the 33.91 kg that went in");
      person.type("gross", "2 kg");
      refused(person, "moisture", "100", "Between 0 and 99");
      person.type("moisture", "5");
      refused(person, "tare", "3 kg", "no heavier than the whole");
    }
  }

  @Test
  void goldAndPassesThatCannotBe() {
    try (Person person = Person.at(book)) {
      person.click("station-4-2");
      refused(person, "gold", "0.5 oz", "which ounce");
      refused(person, "gold", "90 g", "more than the 46.8 g it came from");
      refused(person, "fineness", "1010", "Between 10 and 1000");
      person.click("station-2-4");
      refused(person, "lifted", "9 kg", "but only 3.43 kg is there to lift");
      person.type("lifted", "1 kg");
      refused(person, "dropped", "1.2 kg", "no more than was lifted");
      person.type("dropped", "10");
      refused(person, "pass-specks", "-3", "Between 0");
      refused(person, "pass-specks", "2.5", "whole number");
    }
  }

  @Test
  void aBatchWithoutANameOrWithAnImpossibleDay() {
    try (Person person = Person.at(book)) {
      int before = person.workbench().projections().batches().get().size();
      person.press(CONTROL, N).press(ENTER);
      assertThat(person.text("batch-name-error")).contains("needs a name");
      person.type("batch-name", "Nether Hollin 2").type("batch-received", "31.2.2026").press(ENTER);
      assertThat(person.text("batch-received-error")).contains("is not a day");
      assertThat(person.text("batch-name")).isEqualTo("Nether Hollin 2");
      assertThat(person.workbench().projections().batches().get()).hasSize(before);
    }
  }

  @Test
  void aScreeningWithoutAScreen() {
    try (Person person = Person.at(book)) {
      person.click("station-2-5").press(S).click("start-step");
      assertThat(person.text("stack-error")).contains("Choose at least one screen");
    }
  }

  @Test
  void aCorrectedReadingIsStruckThroughAndUndoBringsItBack() {
    try (Person person = Person.at(book)) {
      Batch before = person.batch();
      Reading last = before.steps().getLast().readings().getLast();
      person.click("station-2-4").click("correct-" + last.id().number());
      person.type("dropped", "26 g").press(ENTER);
      assertThat(person.text("reason-error")).contains("Say why");
      person.type("reason", "misread the pan").press(ENTER);
      Batch after = person.batch();
      assertThat(
              after
                  .readings()
                  .filter(reading -> reading.id().equals(last.id()))
                  .findFirst()
                  .orElseThrow()
                  .struck()
                  .orElseThrow()
                  .reason())
          .isEqualTo("misread the pan");
      assertThat(person.text("passes")).contains("24.0 g", "26.0 g");
      person.press(CONTROL, Z);
      assertThat(person.batch()).isEqualTo(before);
      assertThat(person.text("notice")).contains("Taken back: correction");
      person.press(CONTROL, SHIFT, Z);
      assertThat(person.batch()).isEqualTo(after);
    }
  }

  @Test
  void controlZInAFieldTakesTheTypingFirst() {
    try (Person person = Person.at(book)) {
      Batch before = person.batch();
      person.click("station-2-4").type("lifted", "3.4");
      for (int i = 0; i < 3 && !person.text("lifted").isEmpty(); i++) {
        person.press(CONTROL, Z);
      }
      assertThat(person.text("lifted")).isEmpty();
      assertThat(person.batch()).as("typing was taken back, no reading").isEqualTo(before);
      person.press(CONTROL, Z);
      assertThat(person.batch())
          .as("with nothing typed it takes back the last reading")
          .isNotEqualTo(before);
    }
  }

  @Test
  void whereAnotherHasTheBookAloneOneReadsAndWhatWasTypedIsKept() throws IOException {
    Path lock = book.resolveSibling(book.getFileName() + ".lock");
    try (FileChannel other =
            FileChannel.open(lock, StandardOpenOption.CREATE, StandardOpenOption.WRITE);
        FileLock _ = other.lock(HELD_ALONE, 1, false);
        Person second = Person.at(book)) {
      assertThat(second.text("notice")).contains("has this book open alone");
      Batch before = second.batch();
      second.click("station-2-4").type("lifted", "3.4 kg").press(ENTER);
      assertThat(second.text("lifted-error")).contains("may only read");
      assertThat(second.text("lifted")).isEqualTo("3.4 kg");
      assertThat(second.batch()).isEqualTo(before);
    }
  }

  /**
   * What one window writes stands in the other by itself, and what is typed there stays and can be
   * recorded.
   */
  @Test
  void twoWindowsWriteAndFollowEachOther() {
    try (Person first = Person.at(book);
        Person second = Person.at(book)) {
      second.click("station-2-4").type("lifted", "3.4 kg");
      Batch before = second.batch();
      // It begins to watch at its first beat.
      second.until(() -> second.workbench().session().isFollowing());
      LotId lot = first.batch().lots().getLast().id();
      first.drawn(
          () ->
              first
                  .workbench()
                  .session()
                  .submit(new Edit.RecordOnLot(lot, new Measure.SandWeight(812, 0, 0, 1))));
      first.settle();
      assertThat(first.batch()).isNotEqualTo(before);
      second.until(() -> second.batch().equals(first.batch()));
      second.until(() -> second.text("notice").contains("is shown here"));
      assertThat(second.text("lifted")).isEqualTo("3.4 kg");
      first.until(() -> first.workbench().session().isFollowing());
      second.press(ENTER);
      second.settle();
      first.until(() -> first.batch().equals(second.batch()));
    }
  }
}
