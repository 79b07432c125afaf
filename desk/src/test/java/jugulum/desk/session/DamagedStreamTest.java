package jugulum.desk.session;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.SQLException;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;
import java.util.Random;
import jugulum.book.Books;
import jugulum.book.batch.BatchStream;
import jugulum.book.batch.BatchSummary;
import jugulum.book.stream.Book;
import jugulum.book.stream.BookProblem;
import jugulum.book.stream.Key;
import jugulum.book.stream.Writer;
import jugulum.core.belief.Belief;
import jugulum.core.belief.LotBelief;
import jugulum.core.ledger.BatchId;
import jugulum.desk.DemoBooks;
import jugulum.desk.preference.BenchMemory;
import jugulum.desk.words.Languages;
import jugulum.desk.work.HandDriven;
import jugulum.desk.work.Notice;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/**
 * One stream of a book is damaged, whichever and wherever: it is set aside and named, and whoever
 * asks for many gets all the others.
 */
class DamagedStreamTest {
  private static final boolean IS_THOROUGH = Boolean.getBoolean("jugulum.thorough");
  private static final Clock CLOCK =
      Clock.fixed(Instant.parse("2026-05-04T08:00:00Z"), ZoneOffset.UTC);

  @TempDir private static Path shared;
  @TempDir private Path folder;

  private final List<Notice> said = new ArrayList<>();

  @BeforeAll
  static void writeTheDemos() {
    DemoBooks.demo(shared.resolve("demo.book"));
    DemoBooks.season(shared.resolve("season.book"));
  }

  private static List<Key> streams(String name) {
    try (Book book = Books.open(shared.resolve(name), Writer.unnamed(CLOCK))) {
      return book.streams();
    }
  }

  /** A copy with one row of one stream changed: the first, one in the middle or the last. */
  private Path damaged(String name, Key stream, int part) throws IOException, SQLException {
    Path copy = folder.resolve(name + stream.hashCode() + part);
    Files.copy(shared.resolve(name), copy);
    Damage.row(copy, stream, part);
    return copy;
  }

  private void everythingElseIsThere(String name, Key stream, int part)
      throws IOException, SQLException {
    Path copy = damaged(name, stream, part);
    HandDriven bookThread = new HandDriven();
    HandDriven window = new HandDriven();
    Book book = Books.open(copy, Writer.unnamed(CLOCK));
    Workbench bench =
        Workbench.of(book, BenchMemory.untilTheEnd(), Languages.english(), bookThread, window);
    said.clear();
    bench.notices().notice().addListener((_, _, now) -> said.add(now));
    List<Belief> evidence = new ArrayList<>();
    List<List<LotBelief>> stock = new ArrayList<>();
    bench.session().begin();
    drain(bench, bookThread, window);
    int all = (int) streams(name).stream().filter(DamagedStreamTest::isBatch).count();
    assertThat(bench.projections().batches().get()).as("%s %s", name, stream).hasSize(all);
    bench.projections().everyBatch().belief(evidence::add);
    bench.projections().everyBatch().stock(stock::add);
    bench.trials().read();
    bench.seasons().choose(OptionalInt.empty());
    bench.days().refresh(CLOCK.instant());
    drain(bench, bookThread, window);
    assertThat(evidence).as("%s %s", name, stream).hasSize(1);
    assertThat(stock).as("%s %s", name, stream).hasSize(1);
    assertThat(bench.seasons().shown().get()).as("%s %s", name, stream).isPresent();
    assertThat(bench.days().today().get()).as("%s %s", name, stream).isPresent();
    for (BatchSummary line : bench.projections().batches().get()) {
      BatchId id = line.id();
      if (!isOf(stream, id)) {
        bench.session().open(id);
        drain(bench, bookThread, window);
        assertThat(bench.projections().current().get().id()).contains(id);
      }
    }
    assertThat(said)
        .as("%s %s", name, stream)
        .anyMatch(Notice.CannotRead.class::isInstance)
        .noneMatch(Notice.Failed.class::isInstance);
    assertThat(book.setAside()).containsOnlyKeys(stream);
    assertThat(book.faults())
        .extracting(BookProblem::detail)
        .anyMatch(one -> one.contains(stream.id()));
    bench.close();
  }

  private static boolean isBatch(Key stream) {
    return stream.kind().equals(BatchStream.KIND.name());
  }

  private static boolean isOf(Key stream, BatchId id) {
    return isBatch(stream) && stream.id().equals(id.value().toString());
  }

  private static void drain(Workbench bench, HandDriven bookThread, HandDriven window) {
    while (bookThread.step() || window.step() || bench.work().isBusy()) {
      // until nobody has anything left to do
    }
  }

  @Test
  void ofTheDemoBook() throws IOException, SQLException {
    int place = 0;
    for (Key stream : streams("demo.book")) {
      for (int part = 0; part <= 2; part++) {
        if (IS_THOROUGH || part == place % 3) {
          everythingElseIsThere("demo.book", stream, part);
        }
      }
      place++;
    }
  }

  @Test
  void ofTwoYears() throws IOException, SQLException {
    List<Key> all = streams("season.book");
    Random random = new Random(28);
    for (Key stream : all) {
      if (IS_THOROUGH || stream.equals(all.get(all.size() / 2))) {
        everythingElseIsThere("season.book", stream, random.nextInt(3));
      }
    }
  }
}
