package jugulum.book.store;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.UUID;
import java.util.stream.Stream;
import jugulum.book.BatchBook;
import jugulum.book.Samples;
import jugulum.book.batch.BatchLines;
import jugulum.book.batch.BatchSummary;
import jugulum.book.stream.BookProblem;
import jugulum.book.stream.BookProblem.Kind;
import jugulum.book.stream.Standing;
import jugulum.core.ledger.Batch;
import jugulum.core.ledger.BatchFold;
import jugulum.core.ledger.BatchId;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Measure;
import jugulum.core.stream.History;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What the journal promises: it is the truth, whatever is done after it. */
class JournalTest {
  @TempDir private Path folder;

  private void sql(Path file, String... statements) throws SQLException {
    try (var connection = DriverManager.getConnection("jdbc:sqlite:" + file);
        var statement = connection.createStatement()) {
      for (String sql : statements) {
        statement.execute(sql);
      }
    }
  }

  @Test
  void aJournalRowThatWasTamperedWithIsDamage() throws SQLException {
    Path file = folder.resolve("a.book");
    Batch batch = Samples.everything();
    try (BatchBook book = BatchBook.open(file, Clock.systemUTC())) {
      book.submit(batch.id(), new Edit.Adopt(batch));
    }
    sql(
        file,
        "DROP TRIGGER journal_is_never_changed",
        "UPDATE journal SET body = replace(body, '3.934', '9.934')",
        "DELETE FROM kept");
    try (BatchBook book = BatchBook.open(file, Clock.systemUTC())) {
      assertThatThrownBy(book::verify)
          .isInstanceOfSatisfying(
              BookProblem.class, problem -> assertThat(problem.kind()).isEqualTo(Kind.DAMAGED));
      assertThatThrownBy(() -> book.state(batch.id())).isInstanceOf(BookProblem.class);
    }
  }

  /**
   * A long random walk of edits, undos and redos; after each the snapshot must be what the journal
   * folds to, also after reopening.
   */
  @Test
  void snapshotAndJournalAgreeOnAnyWalk() {
    Path file = folder.resolve("walk.book");
    Random random = new Random(7);
    Batch start = Samples.everything();
    BatchId id = start.id();
    try (BatchBook book = BatchBook.open(file, Clock.systemUTC())) {
      book.submit(id, new Edit.Adopt(start));
      for (int i = 0; i < 120; i++) {
        int dice = random.nextInt(10);
        if (dice < 5) {
          book.submit(
              id,
              new Edit.RecordOnLot(
                  new LotId(2), new Measure.SandWeight(4_000 + random.nextInt(900), 0, 0, 1)));
        } else if (dice < 8) {
          book.undo(id);
        } else {
          book.redo(id);
        }
        History<Edit> history = book.history(id);
        assertThat(book.state(id))
            .isEqualTo(
                new Standing<>(
                    new BatchFold().replay(history),
                    book.state(id).version(),
                    history.done().size(),
                    history.undone().size()));
      }
    }
    try (BatchBook book = BatchBook.open(file, Clock.systemUTC())) {
      History<Edit> history = book.history(id);
      assertThat(book.state(id).now()).isEqualTo(new BatchFold().replay(history));
      book.verify();
    }
  }

  @Test
  void anEmptyFileBecomesABookAndAHalfMadeOneIsFinished() throws IOException, SQLException {
    Path file = Files.createFile(folder.resolve("empty.book"));
    BatchBook.open(file, Clock.systemUTC()).close();
    sql(file, "PRAGMA user_version = 0", "PRAGMA application_id = 0");
    try (BatchBook book = BatchBook.open(file, Clock.systemUTC())) {
      assertThat(book.list()).as("a kill between making the tables and marking them").isEmpty();
    }
  }

  @Test
  void manyBatchesKeepApart() {
    Path file = folder.resolve("many.book");
    Batch sample = Samples.everything();
    try (BatchBook book = BatchBook.open(file, Clock.systemUTC())) {
      List<BatchId> ids = Stream.generate(() -> new BatchId(UUID.randomUUID())).limit(20).toList();
      ids.forEach(
          id ->
              book.submit(
                  id,
                  new Edit.Adopt(
                      new Batch(
                          id,
                          sample.label(),
                          sample.assumptions(),
                          sample.lots(),
                          sample.steps(),
                          false,
                          Optional.empty()))));
      book.submit(ids.get(3), new Edit.CloseBatch(true));
      book.undo(ids.get(4));
      assertThat(book.list())
          .hasSize(20)
          .filteredOn(line -> line.state() == BatchSummary.State.CLOSED)
          .singleElement()
          .returns(ids.get(3), BatchSummary::id);
      assertThat(book.list())
          .filteredOn(line -> line.state() == BatchSummary.State.TAKEN_BACK)
          .singleElement()
          .returns(ids.get(4), BatchSummary::id);
      assertThat(book.list().getLast().id())
          .as("what was taken back comes last")
          .isEqualTo(ids.get(4));
      assertThat(BatchLines.one(book.book(), ids.get(5)))
          .contains(
              book.list().stream()
                  .filter(line -> line.id().equals(ids.get(5)))
                  .findFirst()
                  .orElseThrow());
    }
  }
}
