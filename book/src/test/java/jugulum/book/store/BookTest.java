package jugulum.book.store;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.io.RandomAccessFile;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import jugulum.book.BatchBook;
import jugulum.book.Books;
import jugulum.book.Samples;
import jugulum.book.batch.BatchStream;
import jugulum.book.batch.BatchSummary;
import jugulum.book.json.BatchFile;
import jugulum.book.shop.ShopStream;
import jugulum.book.stream.Bench;
import jugulum.book.stream.Book;
import jugulum.book.stream.BookProblem;
import jugulum.book.stream.BookProblem.Kind;
import jugulum.book.stream.Order;
import jugulum.book.stream.Saved;
import jugulum.book.stream.Standing;
import jugulum.book.stream.Store;
import jugulum.book.stream.Writer;
import jugulum.core.check.OutOfRange;
import jugulum.core.ledger.Assumptions;
import jugulum.core.ledger.Batch;
import jugulum.core.ledger.BatchId;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.Label;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.Reason;
import jugulum.core.shop.Magnet;
import jugulum.core.shop.Shop;
import jugulum.core.shop.ShopEdit;
import jugulum.core.shop.StopRule;
import jugulum.core.shop.Terms;
import jugulum.core.weighing.Container;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class BookTest {
  private static final Shop TWO_SCREENS =
      new Shop(
              Shop.USUAL.screens().subList(0, 2),
              Assumptions.USUAL,
              List.of(),
              List.of(),
              Optional.empty(),
              Optional.empty(),
              List.of(),
              List.of(),
              List.of())
          .with(new Container("tin bowl", 315))
          .with(new Magnet("pull rod", 280))
          .with(new Terms(75, 0.96, 18, 6, "", LocalDate.parse("2026-10-01")))
          .with(new StopRule(StopRule.Kind.PAYS, 3));

  private static final Clock CLOCK =
      Clock.fixed(Instant.parse("2026-04-01T09:30:00Z"), ZoneOffset.UTC);

  @TempDir private Path folder;
  private Path file;

  @BeforeEach
  void nameTheFile() {
    file = folder.resolve("season.book");
  }

  private BatchBook open() {
    return BatchBook.open(file, CLOCK);
  }

  private static BatchId start(BatchBook book, String name) {
    BatchId id = new BatchId(UUID.randomUUID());
    Label label = new Label(name, "Cindermoor gully", LocalDate.of(2026, 4, 1));
    assertThat(book.submit(id, new Edit.StartBatch(id, label, Assumptions.USUAL)))
        .isInstanceOf(Saved.Recorded.class);
    return id;
  }

  private static Edit weight(double grams) {
    return new Edit.RecordOnLot(new LotId(1), new Measure.SandWeight(grams, 0, 0, 1));
  }

  private void sql(String... statements) throws SQLException {
    try (var connection = DriverManager.getConnection("jdbc:sqlite:" + file);
        var statement = connection.createStatement()) {
      for (String sql : statements) {
        statement.execute(sql);
      }
    }
  }

  @Test
  void whatWasRecordedIsThereAfterReopening() {
    BatchId id;
    Batch written;
    try (BatchBook book = open()) {
      id = start(book, "Cindermoor 3");
      book.submit(id, weight(10_000));
      written = book.state(id).now().orElseThrow();
    }
    try (BatchBook book = open()) {
      assertThat(book.state(id)).isEqualTo(new Standing<>(Optional.of(written), 2, 2, 0));
      assertThat(book.list())
          .singleElement()
          .returns("Cindermoor 3", BatchSummary::name)
          .returns(BatchSummary.State.RECEIVED, BatchSummary::state);
      assertThat(book.list().getFirst().feedG()).hasValue(10_000);
      book.verify();
    }
  }

  /**
   * A bag's assay belongs to lots of several batches: one that cannot be recorded leaves the others
   * as they were.
   */
  @Test
  void editsOfSeveralBatchesAreRecordedAllOrNone() {
    try (BatchBook book = open()) {
      BatchId one = start(book, "Cindermoor 3");
      BatchId other = start(book, "Cindermoor 4");
      Edit impossible = new Edit.RecordOnLot(new LotId(99), new Measure.SandWeight(1, 0, 0, 1));
      long before = book.length();
      assertThat(
              book.book()
                  .submit(
                      Order.of(BatchStream.of(one), weight(10_000)),
                      Order.of(BatchStream.of(other), impossible)))
          .isInstanceOf(Saved.Refused.class);
      assertThat(book.length()).as("nothing was written").isEqualTo(before);
      assertThat(book.state(one).now().orElseThrow().lot(new LotId(1)).orElseThrow().readings())
          .isEmpty();
      assertThat(
              book.book()
                  .submit(
                      Order.of(BatchStream.of(one), weight(10_000)),
                      Order.of(BatchStream.of(other), weight(8_000))))
          .isInstanceOf(Saved.Recorded.class);
      assertThat(book.list())
          .extracting(line -> line.feedG().orElse(0))
          .containsExactlyInAnyOrder(10_000.0, 8_000.0);
      assertThat(book.undo(one)).as("taken back together too").contains(weight(10_000));
      assertThat(book.state(other).now().orElseThrow().lot(new LotId(1)).orElseThrow().readings())
          .isEmpty();
      book.verify();
    }
  }

  @Test
  void undoAndRedoGoOnAcrossARestart() {
    BatchId id;
    try (BatchBook book = open()) {
      id = start(book, "Cindermoor 3");
      book.submit(id, weight(10_000));
      assertThat(book.undo(id)).contains(weight(10_000));
    }
    try (BatchBook book = open()) {
      assertThat(book.state(id).redoable()).isEqualTo(1);
      book.undo(id);
      assertThat(book.state(id).now()).isEmpty();
      assertThat(book.list())
          .singleElement()
          .returns(BatchSummary.State.TAKEN_BACK, BatchSummary::state)
          .returns("Cindermoor 3", BatchSummary::name);
      assertThat(book.undo(id)).isEmpty();
    }
    try (BatchBook book = open()) {
      book.redo(id);
      assertThat(book.redo(id)).contains(weight(10_000));
      assertThat(book.state(id).now().orElseThrow().lots().getFirst().readings()).hasSize(1);
      assertThat(book.redo(id)).isEmpty();
      assertThat(book.length()).as("nothing is ever taken out of the journal").isEqualTo(6);
    }
  }

  @Test
  void aRefusedEditWritesNothing() {
    try (BatchBook book = open()) {
      BatchId id = start(book, "Cindermoor 3");
      Saved saved =
          book.submit(id, new Edit.RecordOnLot(new LotId(9), new Measure.KnownGold(1, 0)));
      assertThat(saved)
          .isInstanceOfSatisfying(
              Saved.Refused.class,
              refused -> assertThat(refused.refusal().reason()).isEqualTo(Reason.NO_SUCH_LOT));
      assertThat(book.length()).isEqualTo(1);
    }
  }

  @Test
  void theJournalIsTheTruthAndSnapshotsCanBeLost() throws SQLException {
    BatchId id;
    Standing<Batch> before;
    try (BatchBook book = open()) {
      id = start(book, "Cindermoor 3");
      book.submit(id, weight(10_000));
      before = book.state(id);
    }
    sql("UPDATE kept SET body = replace(body, '10000', '99999')");
    try (BatchBook book = open()) {
      assertThat(book.state(id))
          .as("a snapshot that was tampered with is not believed")
          .isEqualTo(before);
    }
    sql("DELETE FROM kept", "DELETE FROM projected");
    try (BatchBook book = open()) {
      assertThat(book.state(id)).isEqualTo(before);
      assertThat(book.list()).as("lost lines are made again").hasSize(1);
    }
    assertThatThrownBy(() -> sql("UPDATE journal SET body = '{}'"))
        .hasMessageContaining("only added to");
    assertThatThrownBy(() -> sql("DELETE FROM journal")).hasMessageContaining("only added to");
  }

  @Test
  void aSecondWindowHearsWhatTheFirstWrites() {
    Writer south = new Writer(() -> new Bench("b-2", "south bench"), CLOCK, UUID::randomUUID);
    try (Book first = Books.open(file, south);
        Book second = Books.open(file, Writer.unnamed(CLOCK))) {
      assertThat(second.othersWrote()).as("it begins to watch").isEmpty();
      assertThat(second.othersWrote()).isEmpty();
      first.submit(Order.of(ShopStream.SHOP, new ShopEdit.Whole(Shop.USUAL)));
      assertThat(second.othersWrote().orElseThrow().row().from().bench().name())
          .isEqualTo("south bench");
      assertThat(second.othersWrote()).as("told once").isEmpty();
      assertThat(first.othersWrote()).isEmpty();
      first.submit(Order.of(ShopStream.SHOP, new ShopEdit.Whole(Shop.USUAL)));
      assertThat(first.othersWrote()).as("its own are no others'").isEmpty();
    }
  }

  @Test
  void whoFindsABookHeldAloneReadsAndSaysWhy() throws IOException {
    open().close();
    HeldAlone alone = new HeldAlone(file, "the far machine");
    try (BatchBook second = open()) {
      assertThat(second.readOnly()).contains(new Store.ReadOnly.OtherWindow("the far machine"));
      assertThatThrownBy(() -> start(second, "Cindermoor 3"))
          .isInstanceOfSatisfying(
              BookProblem.class, problem -> assertThat(problem.kind()).isEqualTo(Kind.READ_ONLY));
    }
    alone.close();
    try (BatchBook third = open()) {
      assertThat(third.readOnly()).as("the lock goes with its window").isEmpty();
    }
  }

  @Test
  void twoWindowsWriteOneFile() {
    try (BatchBook first = open();
        BatchBook second = open()) {
      BatchId id = start(first, "Cindermoor 3");
      assertThat(first.readOnly()).isEmpty();
      assertThat(second.readOnly()).isEmpty();
      assertThat(second.list()).as("it sees what the first one wrote").hasSize(1);
      second.submit(id, weight(1));
      first.submit(id, weight(2));
      second.submit(id, weight(3));
      assertThat(first.state(id)).isEqualTo(second.state(id));
      assertThat(first.state(id).version()).isEqualTo(4);
      first.verify();
    }
  }

  @Test
  void aNewerBookAndAForeignFileAreRefused() throws SQLException, IOException {
    open().close();
    sql("PRAGMA user_version = 99");
    refused(Kind.NEWER_VERSION);
    Files.writeString(
        file,
        "dear diary, today I panned the creek and found nothing at all but mud and more mud\n"
            .repeat(40));
    refused(Kind.NOT_A_BOOK);
    Files.delete(file);
    sql("CREATE TABLE stamps (id INTEGER)");
    refused(Kind.NOT_A_BOOK);
    assertThat(file).as("a refused file is left as it was").exists();
  }

  private void refused(Kind kind) {
    assertThatThrownBy(this::open)
        .isInstanceOfSatisfying(
            BookProblem.class, problem -> assertThat(problem.kind()).isEqualTo(kind));
  }

  @Test
  void aFolderThatCannotBeIsAProblemInWords() throws IOException {
    Files.writeString(folder.resolve("file"), "");
    file = folder.resolve("file/season.book");
    refused(Kind.CANNOT_CREATE);
  }

  @Test
  void aFullDiskTakesNothingAndLosesNothing() throws SQLException {
    BatchId id;
    try (BatchBook book = open()) {
      id = start(book, "Cindermoor 3");
    }
    SqliteStore store = SqliteStore.open(file, CLOCK);
    try (BatchBook book = new BatchBook(new Book(store, Books.KINDS, Writer.unnamed(CLOCK)))) {
      store.limitPages();
      BookProblem problem = null;
      int recorded = 0;
      while (problem == null && recorded < 10_000) {
        try {
          book.submit(id, weight(1_000));
          recorded++;
        } catch (BookProblem full) {
          problem = full;
        }
      }
      assertThat(problem).isNotNull().extracting(BookProblem::kind).isEqualTo(Kind.DISK_FULL);
      assertThat(book.state(id).now().orElseThrow().lots().getFirst().readings()).hasSize(recorded);
    }
    try (BatchBook book = open()) {
      book.verify();
      assertThat(book.submit(id, weight(1_000)))
          .as("with room again it goes on")
          .isInstanceOf(Saved.Recorded.class);
    }
  }

  @Test
  void damageIsFoundAndWhatIsWholeIsRescued() throws IOException, SQLException {
    BatchId whole;
    Batch written;
    try (BatchBook book = open()) {
      whole = start(book, "Cindermoor 3");
      book.submit(whole, weight(10_000));
      book.undo(whole);
      book.submit(whole, weight(9_000));
      written = book.state(whole).now().orElseThrow();
      BatchId other = start(book, "Hollin 1");
      for (int i = 0; i < 400; i++) {
        book.submit(other, weight(1_000 + i));
      }
      book.submit(new ShopEdit.Whole(TWO_SCREENS));
    }
    try (RandomAccessFile raw = new RandomAccessFile(file.toFile(), "rw")) {
      // What stands where in the file hangs on how many tables there are: two places, so that rows
      // of
      // the long batch are among them.
      for (long share : new long[] {2, 3}) {
        raw.seek(raw.length() * share / 4 / 4096 * 4096);
        raw.write(new byte[3 * 4096]);
      }
    }
    try (BatchBook book = open()) {
      assertThatThrownBy(book::verify)
          .isInstanceOfSatisfying(
              BookProblem.class, problem -> assertThat(problem.kind()).isEqualTo(Kind.DAMAGED));
    }
    Path fresh = folder.resolve("rescued.book");
    Rescue rescue = Books.rescue(file, fresh, Writer.unnamed(CLOCK));
    assertThat(rescue.rowsLost()).isPositive();
    assertThat(rescue.count(BatchStream.KIND)).isEqualTo(2);
    try (BatchBook book = BatchBook.open(fresh, CLOCK)) {
      book.verify();
      assertThat(book.state(whole).now()).contains(written);
      assertThat(book.list()).hasSize(2);
    }
    assertThatThrownBy(() -> Books.rescue(file, fresh, Writer.unnamed(CLOCK)))
        .isInstanceOf(BookProblem.class);
  }

  /**
   * A hole of more than a thousand rows: what comes after it is found, and what is in it is told.
   */
  @Test
  void aLongHoleIsCountedAndWhatComesAfterItIsRescued() throws SQLException {
    BatchId after;
    Batch written;
    try (BatchBook book = open()) {
      BatchId first = start(book, "Hollin 1");
      for (int i = 0; i < 1_500; i++) {
        book.submit(first, weight(1_000 + i));
      }
      after = start(book, "Cindermoor 3");
      book.submit(after, weight(9_000));
      written = book.state(after).now().orElseThrow();
    }
    changed(
        "DELETE FROM journal WHERE seq BETWEEN 51 AND 1450",
        "DELETE FROM kept WHERE stream = (SELECT stream FROM journal WHERE seq = 3)");
    Path fresh = folder.resolve("rescued.book");
    Rescue rescue = Books.rescue(file, fresh, Writer.unnamed(CLOCK));
    assertThat(rescue.rowsLost()).isGreaterThanOrEqualTo(1_400);
    try (BatchBook book = BatchBook.open(fresh, CLOCK)) {
      assertThat(book.state(after).now()).contains(written);
    }
  }

  /** The rows at the end are gone: the book still says how many there were. */
  @Test
  void rowsMissingAtTheEndAreCounted() throws SQLException {
    try (BatchBook book = open()) {
      BatchId first = start(book, "Hollin 1");
      for (int i = 0; i < 40; i++) {
        book.submit(first, weight(1_000 + i));
      }
    }
    changed("DELETE FROM journal WHERE seq > 32", "DELETE FROM kept");
    assertThat(Books.rescue(file, folder.resolve("rescued.book"), Writer.unnamed(CLOCK)).rowsLost())
        .isEqualTo(11);
  }

  private void changed(String... statements) throws SQLException {
    try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + file);
        Statement statement = connection.createStatement()) {
      for (String trigger : List.of("journal_is_never_changed", "journal_is_never_shortened")) {
        statement.execute("DROP TRIGGER IF EXISTS " + trigger);
      }
      for (String one : statements) {
        statement.execute(one);
      }
    }
  }

  /** As a program that wrote it so would have chained it. */
  private void chained() throws SQLException {
    try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + file)) {
      Schema.chain(connection, file);
    }
  }

  /**
   * A version whose ranges were wider recorded twelve tonnes: this one reads it, and only then
   * refuses to take more of that kind.
   */
  @Test
  void aValueOutsideTodaysRangeStaysReadable() throws SQLException {
    BatchId id;
    try (BatchBook book = open()) {
      id = start(book, "Hollin 1");
      book.submit(id, weight(9_000_000));
    }
    String body;
    try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + file);
        Statement statement = connection.createStatement();
        ResultSet row =
            statement.executeQuery(
                "SELECT body FROM journal WHERE kind = 'batch' AND version = 2")) {
      body = row.getString(1).replaceAll("9000000\\.0|9\\.0E6|9000000", "1.2E7");
    }
    assertThat(body).contains("1.2E7");
    changed(
        "UPDATE journal SET body = '"
            + body
            + "', crc = "
            + Chain.crc(body)
            + " WHERE kind = 'batch' AND version = 2",
        "DELETE FROM kept",
        "UPDATE projected SET crc = NULL",
        "UPDATE journal SET chain = ''");
    chained();
    try (BatchBook book = open()) {
      book.verify();
      Batch batch = book.state(id).now().orElseThrow();
      assertThat(batch.lots().getFirst().weighedDryG()).hasValue(1.2e7);
      assertThat(book.list()).hasSize(1);
      assertThat(book.submit(id, weight(1_000))).isInstanceOf(Saved.Recorded.class);
    }
    assertThatThrownBy(() -> weight(1.2e7)).isInstanceOf(OutOfRange.class);
  }

  /**
   * A row no version of today understands is no fault of the disk, and the other batches stay open.
   */
  @Test
  void whatIsNotUnderstoodIsCalledThat() throws SQLException {
    BatchId strange;
    BatchId whole;
    try (BatchBook book = open()) {
      strange = start(book, "Hollin 1");
      whole = start(book, "Cindermoor 3");
    }
    String body = "{\"edit\":\"weigh-by-ear\"}";
    changed(
        "INSERT INTO journal (kind, stream, version, at, who, act, form, body, crc) VALUES"
            + " ('batch', '"
            + strange.value()
            + "', 2, '2026-11-01T08:00:00Z', '', 'edit', 1, '"
            + body
            + "', "
            + Chain.crc(body)
            + ")",
        "UPDATE stream SET version = 2 WHERE stream = '" + strange.value() + "'",
        "UPDATE journal SET chain = ''");
    chained();
    try (BatchBook book = open()) {
      assertThatThrownBy(() -> book.state(strange))
          .isInstanceOfSatisfying(
              BookProblem.class,
              problem -> assertThat(problem.kind()).isEqualTo(Kind.NOT_UNDERSTOOD));
      assertThat(book.state(whole).now()).isPresent();
    }
  }

  @Test
  void aBatchMovesToAnotherBookEqualInEveryValue() {
    Batch batch = Samples.everything();
    String text = BatchFile.write(batch, List.of());
    try (BatchBook book = open()) {
      Batch read = ((BatchFile.Read) BatchFile.read(text)).batch();
      book.submit(read.id(), new Edit.Adopt(read));
      assertThat(book.state(batch.id()).now()).contains(batch);
      assertThat(book.submit(read.id(), new Edit.Adopt(read)))
          .as("the same batch is not taken twice")
          .isInstanceOf(Saved.Refused.class);
    }
  }

  @Test
  void theShopIsKeptWithUndo() {
    Shop two = TWO_SCREENS;
    try (BatchBook book = open()) {
      assertThat(book.shop()).isEqualTo(Shop.USUAL);
      book.submit(new ShopEdit.Whole(two));
    }
    try (BatchBook book = open()) {
      assertThat(book.shop()).isEqualTo(two);
      assertThat(book.undo(ShopStream.SHOP)).isPresent();
      assertThat(book.shop()).isEqualTo(Shop.USUAL);
      assertThat(book.undo(ShopStream.SHOP)).isEmpty();
      assertThat(book.redo(ShopStream.SHOP)).isPresent();
      assertThat(book.shop()).isEqualTo(two);
    }
  }
}
