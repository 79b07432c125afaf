package jugulum.desk.shell;

import static javafx.scene.input.KeyCode.CONTROL;
import static javafx.scene.input.KeyCode.DIGIT1;
import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import jugulum.book.Books;
import jugulum.book.batch.BatchStream;
import jugulum.book.stream.Book;
import jugulum.book.stream.Writer;
import jugulum.core.ledger.BatchId;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Measure;
import jugulum.desk.OnTheDemoBook;
import jugulum.desk.Person;
import org.junit.jupiter.api.Test;

/** Somebody removes the book while it is open in the window. */
class MovedBookTest extends OnTheDemoBook {
  @Test
  void aPersonIsToldAtOnceAndLosesNothing() throws IOException {
    Path kept = Path.of(book.toAbsolutePath() + ".kept");
    BatchId id;
    long readings;
    try (Person person = Person.at(book)) {
      person.press(CONTROL, DIGIT1);
      Files.delete(book);
      person.until(() -> person.sees("notice") && person.text("notice").contains("demo.book.kept"));
      Edit weight = new Edit.RecordOnLot(new LotId(1), new Measure.SandWeight(33_123, 0, 0, 10));
      person.workbench().session().submit(weight);
      person.settle();
      id = person.batch().id();
      readings = person.batch().readings().count();
    }
    try (Book there = Books.open(kept, Writer.unnamed(Clock.systemUTC()))) {
      there.verify();
      assertThat(there.standing(BatchStream.of(id)).now().orElseThrow().readings())
          .hasSize((int) readings)
          .anyMatch(
              one ->
                  one.measure() instanceof Measure.SandWeight weight && weight.grossG() == 33_123);
    }
  }
}
