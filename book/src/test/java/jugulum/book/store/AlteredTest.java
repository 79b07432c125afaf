package jugulum.book.store;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.IntStream;
import jugulum.book.Books;
import jugulum.book.Samples;
import jugulum.book.batch.BatchLines;
import jugulum.book.batch.BatchStream;
import jugulum.book.shop.ShopStream;
import jugulum.book.stream.Bench;
import jugulum.book.stream.Book;
import jugulum.book.stream.BookProblem;
import jugulum.book.stream.Key;
import jugulum.book.stream.Order;
import jugulum.book.stream.Row;
import jugulum.book.stream.StreamRef;
import jugulum.book.stream.Writer;
import jugulum.core.ledger.Assumptions;
import jugulum.core.ledger.Batch;
import jugulum.core.ledger.BatchId;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.Label;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Measure;
import jugulum.core.shop.ShopEdit;
import jugulum.core.weighing.Container;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/**
 * Somebody changes a book behind the program's back, one thing at a time: a row, a cell, a byte of
 * the file. Either it is found, or everything the book tells is as it was.
 */
class AlteredTest {
  private static final Clock CLOCK =
      Clock.fixed(Instant.parse("2026-11-29T09:30:00Z"), ZoneOffset.UTC);

  /** How many bytes of the file are changed in every build; all of them when thorough. */
  private static final int BYTES = 400;

  /** Every so many-th row is changed in every build; each of them when thorough. */
  private static final int EVERY = 9;

  private static final boolean IS_THOROUGH = Boolean.getBoolean("jugulum.thorough");

  @TempDir private Path folder;
  private Path whole;
  private Map<Key, List<Row>> said;

  private static Writer writer() {
    return new Writer(() -> new Bench("b-1", "north bench"), CLOCK, UUID::randomUUID);
  }

  private static StreamRef<Batch, Edit> batch(int i) {
    return BatchStream.of(new BatchId(new UUID(28, i)));
  }

  private static Edit weight(double grams) {
    return new Edit.RecordOnLot(new LotId(1), new Measure.SandWeight(grams, 0, 0, 1));
  }

  @BeforeEach
  void writeABook() {
    whole = folder.resolve("whole.book");
    try (Book book = Books.open(whole, writer())) {
      for (int i = 1; i <= 3; i++) {
        BatchId id = BatchStream.id(batch(i).id());
        book.submit(
            Order.of(
                batch(i),
                new Edit.StartBatch(
                    id, new Label("Wetherlam " + i, "", LocalDate.EPOCH), Assumptions.USUAL)));
        for (int weighed = 0; weighed < 7 * i; weighed++) {
          book.submit(Order.of(batch(i), weight(1_000 + weighed)));
        }
      }
      book.submit(
          Order.of(ShopStream.SHOP, new ShopEdit.KnowContainer(new Container("tin bowl", 315))));
      Batch sample = Samples.everything();
      book.submit(Order.of(BatchStream.of(sample.id()), new Edit.Adopt(sample)));
      book.submit(Order.of(batch(1), weight(1_500)), Order.of(batch(2), weight(1_500)));
      book.undo(batch(2), book.standing(batch(2)).version());
      BatchLines.all(book);
    }
    said = told(whole).orElseThrow();
  }

  /** Everything a book tells that finds nothing wrong with itself. */
  private static Optional<Map<Key, List<Row>>> told(Path file) {
    try (Book book = Books.open(file, writer())) {
      book.verify();
      Map<Key, List<Row>> all = new TreeMap<>((a, b) -> a.toString().compareTo(b.toString()));
      for (Key stream : book.streams()) {
        List<Row> rows = new ArrayList<>();
        book.rows(stream, rows::add);
        all.put(stream, rows);
      }
      book.streams(BatchStream.KIND).forEach(key -> book.standing(BatchStream.KIND.ref(key.id())));
      BatchLines.all(book);
      return Optional.of(all);
    } catch (BookProblem found) {
      assertThat(found.detail() + found.kind()).isNotBlank();
      return Optional.empty();
    }
  }

  private Path copy() throws IOException {
    Path copy = folder.resolve("altered.book");
    for (String end : List.of("-wal", "-shm", ".lock", "")) {
      Files.deleteIfExists(copy.resolveSibling(copy.getFileName() + end));
    }
    return Files.copy(whole, copy);
  }

  /** Whether a change by SQL is found; it has to be, or to change nothing that is told. */
  private boolean isFound(String... statements) throws IOException, SQLException {
    Path file = copy();
    try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + file);
        Statement statement = connection.createStatement()) {
      List<String> guards = new ArrayList<>();
      try (var rows =
          statement.executeQuery("SELECT name, sql FROM sqlite_master WHERE type = 'trigger'")) {
        while (rows.next()) {
          guards.add(rows.getString(1));
          guards.add(rows.getString(2));
        }
      }
      for (int i = 0; i < guards.size(); i += 2) {
        statement.execute("DROP TRIGGER " + guards.get(i));
      }
      for (String one : statements) {
        statement.execute(one);
      }
      for (int i = 1; i < guards.size(); i += 2) {
        statement.execute(guards.get(i));
      }
    }
    Optional<Map<Key, List<Row>>> now = told(file);
    now.ifPresent(rows -> assertThat(rows).as(String.join("; ", statements)).isEqualTo(said));
    return now.isEmpty();
  }

  private List<Long> numbers() throws SQLException {
    List<Long> all = new ArrayList<>();
    try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + whole);
        Statement statement = connection.createStatement();
        var rows = statement.executeQuery("SELECT seq FROM journal ORDER BY seq")) {
      while (rows.next()) {
        all.add(rows.getLong(1));
      }
    }
    return IntStream.range(0, all.size())
        .filter(i -> IS_THOROUGH || i % EVERY == 0 || i == all.size() - 1)
        .mapToObj(all::get)
        .toList();
  }

  @Test
  void anyCellOfAnyRowThatIsChangedIsFound() throws IOException, SQLException {
    for (String change :
        List.of(
            "at = '2026-11-29T09:30:01Z'",
            "who = 'south bench'",
            "bench = 'b-2'",
            "action = 'another'",
            "form = form + 1",
            "body = body || ' '",
            "crc = crc + 1",
            "chain = CASE substr(chain, 1, 1) WHEN 'a' THEN 'b' ELSE 'a' END || substr(chain, 2)",
            "act = CASE act WHEN 'edit' THEN 'redo' ELSE 'edit' END",
            "version = version + 1000",
            "stream = stream || '0'",
            "kind = 'trial'",
            "seq = seq + 1000")) {
      for (long seq : numbers()) {
        assertThat(isFound("UPDATE journal SET " + change + " WHERE seq = " + seq))
            .as("%s of row %d", change, seq)
            .isTrue();
      }
    }
  }

  @Test
  void anyRowTakenOutIsFound() throws IOException, SQLException {
    for (long seq : numbers()) {
      assertThat(isFound("DELETE FROM journal WHERE seq = " + seq)).as("row %d", seq).isTrue();
    }
  }

  /** With its checksum put right too, as somebody would who knows of it. */
  @Test
  void aBodyAndItsChecksumChangedIsFound() throws IOException, SQLException {
    for (long seq : numbers()) {
      assertThat(
              isFound(
                  "UPDATE journal SET body = 'x', crc = " + Chain.crc("x") + " WHERE seq = " + seq))
          .isTrue();
    }
  }

  @Test
  void rowsSwappedOrDoubledAreFound() throws IOException, SQLException {
    List<Long> all = numbers();
    for (int i = 1; i < all.size(); i++) {
      long one = all.get(i) - 1;
      long other = all.get(i);
      assertThat(
              isFound(
                  "UPDATE journal SET seq = -1 WHERE seq = " + one,
                  "UPDATE journal SET seq = " + one + " WHERE seq = " + other,
                  "UPDATE journal SET seq = " + other + " WHERE seq = -1"))
          .as("rows %d and %d swapped", one, other)
          .isTrue();
      assertThat(
              isFound(
                  "INSERT INTO journal (kind, stream, version, at, who, bench, action, act, form,"
                      + " body, crc, chain) SELECT kind, stream, (SELECT max(version) + 1 FROM"
                      + " journal j WHERE j.stream = k.stream), at, who, bench, action, act, form,"
                      + " body, crc, chain FROM journal k WHERE seq = "
                      + one))
          .as("row %d doubled", one)
          .isTrue();
    }
  }

  /** A stream that is gone with its head, and one put in with one. */
  @Test
  void streamsGoneOrPutInAreFound() throws IOException, SQLException {
    for (int i = 1; i <= 3; i++) {
      String stream = " WHERE stream = '" + batch(i).id() + "'";
      assertThat(
              isFound(
                  "DELETE FROM journal" + stream,
                  "DELETE FROM stream" + stream,
                  "DELETE FROM kept" + stream,
                  "DELETE FROM projected" + stream))
          .isTrue();
      assertThat(isFound("DELETE FROM stream" + stream)).isTrue();
      assertThat(isFound("UPDATE stream SET version = version - 1" + stream)).isTrue();
      assertThat(isFound("UPDATE stream SET chain = ''" + stream)).isTrue();
    }
    assertThat(isFound("INSERT INTO stream (kind, stream, version) VALUES ('day', 'x', 1)"))
        .isTrue();
  }

  @Test
  void whatFollowsFromTheRowsIsComparedWithThem() throws IOException, SQLException {
    for (String change :
        List.of(
            "UPDATE kept SET body = replace(body, '1000', '1001')",
            "UPDATE kept SET version = version - 1",
            "UPDATE kept SET undoable = undoable + 1",
            "UPDATE kept SET stream = stream || '0'",
            "UPDATE projection_batch SET name = 'another'",
            "DELETE FROM projection_batch",
            "UPDATE projected SET version = version + 1",
            "INSERT INTO projection_batch SELECT 'x', place, name, source, received, state,"
                + " feed_g, won_g FROM projection_batch LIMIT 1",
            "DROP TRIGGER journal_is_never_shortened")) {
      boolean isGuard = change.startsWith("DROP");
      assertThat(isGuard ? isFoundWithout() : isFound(change)).as(change).isTrue();
    }
  }

  private boolean isFoundWithout() throws IOException, SQLException {
    Path file = copy();
    try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + file);
        Statement statement = connection.createStatement()) {
      statement.execute("DROP TRIGGER journal_is_never_shortened");
    }
    return told(file).isEmpty();
  }

  /** What was kept is wrong, and its checksum right: as a fault of the program would write it. */
  @Test
  void whatWasKeptIsFoldedAgain() throws IOException, SQLException {
    Path file = copy();
    try (Book book = Books.open(file, writer());
        SqliteStore store = SqliteStore.open(folder.resolve("other.book"), CLOCK)) {
      assertThat(book.streams()).isNotEmpty();
      assertThat(store.streams()).isEmpty();
    }
    try (SqliteStore store = SqliteStore.open(file, CLOCK)) {
      var kept = store.kept(new Key("batch", batch(3).id())).orElseThrow();
      store.keep(
          new Key("batch", batch(3).id()),
          new jugulum.book.stream.Kept(
              kept.version(),
              kept.undoable(),
              kept.redoable(),
              kept.rule(),
              kept.form(),
              kept.body().map(body -> body.replace("1000", "1009"))));
    }
    assertThat(told(file)).isEmpty();
  }

  /** One byte after the other of the file itself, the whole one. */
  @Test
  void anyByteOfTheFileThatIsChangedIsFoundOrHarmless() throws IOException {
    byte[] good = Files.readAllBytes(whole);
    int[] places =
        IS_THOROUGH
            ? IntStream.range(0, good.length).toArray()
            : new Random(28).ints(BYTES, 0, good.length).toArray();
    int found = 0;
    Path file = folder.resolve("altered.book");
    for (int place : places) {
      byte[] bad = good.clone();
      bad[place] ^= (byte) (1 << (place % 8));
      for (String end : List.of("-wal", "-shm", ".lock")) {
        Files.deleteIfExists(file.resolveSibling(file.getFileName() + end));
      }
      Files.write(file, bad);
      Optional<Map<Key, List<Row>>> now = told(file);
      if (now.isEmpty()) {
        found++;
      } else {
        assertThat(now.get()).as("byte %d", place).isEqualTo(said);
      }
    }
    System.out.printf(
        "%d of %d single bytes of a book of %d: %d found, %d harmless, none missed%n",
        places.length, good.length, good.length, found, places.length - found);
    assertThat(found).isGreaterThan(places.length / 10);
  }
}
