package jugulum.demo;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.ByteArrayOutputStream;
import java.io.StringReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.Clock;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;
import jugulum.book.Books;
import jugulum.book.batch.PoolLines;
import jugulum.book.batch.ResultLines;
import jugulum.book.batch.RunLines;
import jugulum.book.json.BookFile;
import jugulum.book.season.SeasonStream;
import jugulum.book.shop.ShopStream;
import jugulum.book.stream.Book;
import jugulum.book.stream.Key;
import jugulum.book.stream.Row;
import jugulum.book.stream.Writer;
import jugulum.core.account.Worked;
import jugulum.core.ledger.Machine.Kind;
import jugulum.core.pool.PoolShare;
import jugulum.core.season.BatchResult;
import jugulum.core.season.Habit;
import jugulum.core.season.HabitCost;
import jugulum.core.season.KindOfWork;
import jugulum.core.season.PoolAccount;
import jugulum.core.season.SeasonAccount;
import jugulum.core.season.SourceRate;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The book of two seasons tells what is true of it, and goes through a file unharmed. */
class DemoSeasonTest {
  private static final Writer WRITER = Writer.unnamed(Clock.systemUTC());

  @TempDir static Path folder;
  private static Book book;

  @BeforeAll
  static void write() {
    DemoSeason.write(folder.resolve("season.book"));
    book = Books.open(folder.resolve("season.book"), WRITER);
  }

  @AfterAll
  static void close() {
    book.close();
  }

  private static SeasonAccount account(OptionalInt year) {
    return SeasonAccount.of(
        ResultLines.all(book), SeasonStream.of(book), ShopStream.of(book), year, ZoneOffset.UTC);
  }

  @Test
  void itHasTwoYearsOfBatchesEachWorkedOut() {
    SeasonAccount all = account(OptionalInt.empty());
    assertThat(all.batches()).hasSize(DemoSeason.BATCHES).hasSizeGreaterThanOrEqualTo(40);
    assertThat(all.years()).containsExactly(2026, 2025);
    assertThat(all.sum().open()).isEqualTo(2);
    assertThat(all.batches())
        .filteredOn(BatchResult::closed)
        .allMatch(one -> one.share().isPresent() && !one.isAtMost());
    SeasonAccount last = account(OptionalInt.of(2026));
    SeasonAccount first = account(OptionalInt.of(2025));
    assertThat(last.sum().wonMg() + first.sum().wonMg()).isEqualTo(all.sum().wonMg());
    assertThat(last.changes()).hasSize(3);
    assertThat(first.changes()).isEmpty();
    assertThat(first.slips()).hasSize(2);
  }

  /**
   * What a book keeps of its batches is worked out by numbered rules. Where this fails a rule gives
   * other figures than it did: raise {@link Worked#RULE}, or books keep the old ones, and write
   * both down here.
   */
  @Test
  void otherFiguresAreOfAnotherRule() {
    assertThat(Worked.RULE + " " + FigurePrint.of(ResultLines.all(book))).isEqualTo("13 9783a365");
  }

  /** What was made true: see {@link DemoTruth}. */
  @Test
  void itsAnswersAreTheTruthItWasMadeOf() {
    SeasonAccount all = account(OptionalInt.empty());
    assertThat(all.rates(SourceRate.Of.HOUR).getFirst().source()).isEqualTo(DemoTruth.TARNBECK);
    assertThat(all.rates(SourceRate.Of.HOUR).getLast().source()).isEqualTo(DemoTruth.HEAP);
    assertThat(all.habits())
        .filteredOn(HabitCost::isSeen)
        .extracting(HabitCost::habit)
        .contains(
            new Habit(Habit.Kind.FEW_DROPS, ""),
            new Habit(Habit.Kind.DIAL_HIGH, "charge"),
            new Habit(Habit.Kind.DIAL_HIGH, "feed"),
            new Habit(Habit.Kind.WIDE_CUT, ""));
    assertThat(all.changes().get(0).isSeen()).isTrue();
    assertThat(all.changes().get(1).isSeen()).isTrue();
    assertThat(all.changes().get(2).isSeen()).isFalse();
    assertThat(all.slips())
        .extracting(one -> one.isShort())
        .containsExactly(false, false, true, false);
    assertThat(all.alike()).hasSize(1);
    assertThat(all.sum().minutes())
        .containsKeys(KindOfWork.MAGNET, KindOfWork.MACHINES, KindOfWork.SCREENING);
  }

  /** Tailings run together over drum, second magnet and bowl; three days outdoors. */
  @Test
  void itsEndIsAPoolAndDaysOutdoors() {
    SeasonAccount all = account(OptionalInt.of(2026));
    PoolAccount pool = all.pools().getFirst();
    assertThat(pool.byBatch()).hasSizeGreaterThan(3);
    assertThat(pool.wonMg()).isBetween(5.0, 500.0);
    assertThat(pool.shares().stream().mapToDouble(PoolShare::milligrams).sum())
        .isCloseTo(pool.wonMg(), within(1e-9));
    assertThat(PoolLines.later(book, pool.shares().getFirst().part().batch()).isAny()).isTrue();
    assertThat(RunLines.of(book, pool.pool().id()))
        .extracting(ran -> ran.run().machine().kind())
        .contains(Kind.DRUM_SEPARATOR, Kind.SECOND_STAGE, Kind.VORTEX_BOWL);
    assertThat(all.trips()).hasSize(3).allMatch(one -> one.mgPerHour().isPresent());
    assertThat(all.rates(SourceRate.Of.HOUR)).extracting(SourceRate::source).doesNotContain("");
  }

  @Test
  void theWholeBookReadsBackEqual() {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    BookFile.write(book, out);
    String text = out.toString(StandardCharsets.UTF_8);
    try (Book other = Books.open(folder.resolve("other.book"), WRITER)) {
      BookFile.Result read = BookFile.read(new StringReader(text), other, Books.KINDS);
      assertThat(read)
          .isEqualTo(
              new BookFile.Read(book.streams().size(), book.length(), book.pictures().size()));
      assertThat(other.streams()).containsExactlyInAnyOrderElementsOf(book.streams());
      for (Key stream : book.streams()) {
        assertThat(rows(other, stream)).isEqualTo(rows(book, stream));
      }
      assertThat(SeasonStream.of(other)).isEqualTo(SeasonStream.of(book));
    }
  }

  private static List<Row> rows(Book of, Key stream) {
    List<Row> rows = new ArrayList<>();
    of.rows(stream, rows::add);
    return rows;
  }

  @Test
  void aFileThatIsNoBookChangesNothing() {
    try (Book empty = Books.open(folder.resolve("empty.book"), WRITER)) {
      String head = "{\"format\":\"jugulum-book\",\"version\":1,\"streams\":[{\"kind\":";
      String row = "\"season\",\"id\":\"season\",\"rows\":[{\"version\":";
      for (String bad :
          List.of(
              "",
              "[1]",
              "{\"format\":\"jugulum-batch\",\"version\":1}",
              "{\"format\":\"jugulum-book\",\"version\":4}",
              head + "\"what\",\"id\":\"a\"}]}",
              head
                  + row
                  + "1,\"at\":\"2026-11-17T10:00:00Z\",\"act\":\"EDIT\",\"form\":1,\"edit\":{}}]}]}",
              head + row + "3}]}]}")) {
        assertThat(BookFile.read(new StringReader(bad), empty, Books.KINDS))
            .as(bad)
            .isInstanceOfSatisfying(
                BookFile.Faulty.class,
                faulty ->
                    assertThat(faulty.faults())
                        .first()
                        .satisfies(one -> assertThat(one.reason()).isNotBlank()));
        assertThat(empty.length()).isZero();
      }
    }
  }
}
