package jugulum.book.season;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.UUID;
import jugulum.book.Books;
import jugulum.book.batch.BatchStream;
import jugulum.book.batch.ResultLines;
import jugulum.book.csv.TableCsv;
import jugulum.book.stream.Book;
import jugulum.book.stream.Order;
import jugulum.book.stream.Saved;
import jugulum.book.stream.Writer;
import jugulum.book.table.SeasonTables;
import jugulum.book.table.Table;
import jugulum.core.ledger.Assumptions;
import jugulum.core.ledger.BatchId;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.Label;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Measure;
import jugulum.core.season.BatchResult;
import jugulum.core.season.Change;
import jugulum.core.season.Gravel;
import jugulum.core.season.KindOfWork;
import jugulum.core.season.Season;
import jugulum.core.season.SeasonAccount;
import jugulum.core.season.SeasonEdit;
import jugulum.core.season.SeasonReason;
import jugulum.core.season.Slip;
import jugulum.core.season.Source;
import jugulum.core.shop.Shop;
import jugulum.core.trip.Dug;
import jugulum.core.trip.Trip;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What is told of a season is kept, taken back, shared and rescued; results follow their batch. */
class SeasonStreamTest {
  private static final Clock CLOCK =
      Clock.fixed(Instant.parse("2026-05-04T08:00:00Z"), ZoneOffset.UTC);
  private static final LocalDate DAY = LocalDate.parse("2026-05-04");
  private static final BatchId BATCH = new BatchId(new UUID(5, 5));

  @TempDir private Path folder;

  private Book open(String name) {
    return Books.open(folder.resolve(name), Writer.unnamed(CLOCK));
  }

  private static final Trip TRIP =
      new Trip(
          "t",
          DAY,
          "Larkbeck bar",
          90,
          270.5,
          30,
          OptionalInt.of(40),
          Optional.of(Dug.ofKg(220.5)),
          OptionalDouble.of(9000),
          OptionalDouble.of(0.11),
          Optional.of(BATCH),
          "high water");
  private static final Trip BARE =
      new Trip(
          "u",
          DAY,
          "",
          0,
          60,
          0,
          OptionalInt.empty(),
          Optional.empty(),
          OptionalDouble.empty(),
          OptionalDouble.empty(),
          Optional.empty(),
          "");

  private static List<SeasonEdit> edits() {
    return List.of(
        new SeasonEdit.TellSource(new Source("Larkbeck bar", "left bank", "to 30 September", "")),
        new SeasonEdit.JoinSources("larkbeck bar", "Larkbeck bar"),
        new SeasonEdit.TellGravel(new Gravel(BATCH, 60, 18)),
        new SeasonEdit.AddSlip(
            new Slip("s", DAY, 12.5, 12.4, 0.893, 1010.5, List.of(BATCH), "slag kept")),
        new SeasonEdit.AddSlip(new Slip("t", DAY, 1, 1, 0.9, 80, List.of(), "")),
        new SeasonEdit.DropSlip("t"),
        new SeasonEdit.AddChange(
            new Change("c", DAY, "three drops", Optional.of(KindOfWork.MAGNET), Optional.empty())),
        new SeasonEdit.AddChange(
            new Change("d", DAY, "less water", Optional.empty(), Optional.of("long deck"))),
        new SeasonEdit.DropChange("d"),
        new SeasonEdit.AddTrip(TRIP),
        new SeasonEdit.AddTrip(BARE),
        new SeasonEdit.DropTrip("u"),
        new SeasonEdit.JoinSources("x", "y"),
        new SeasonEdit.PartSource("x"));
  }

  private static void write(Book book) {
    edits()
        .forEach(
            edit ->
                assertThat(book.submit(Order.of(SeasonStream.SEASON, edit)))
                    .isInstanceOf(Saved.Recorded.class));
  }

  @Test
  void everyEditIsWrittenAndReadAgain() {
    Season written;
    try (Book book = open("a.book")) {
      assertThat(SeasonStream.of(book)).isEqualTo(Season.NOTHING);
      write(book);
      written = SeasonStream.of(book);
      book.verify();
    }
    assertThat(written.source("Larkbeck bar").permits()).isEqualTo("to 30 September");
    assertThat(written.joined()).containsOnlyKeys("larkbeck bar");
    assertThat(written.slips())
        .singleElement()
        .satisfies(
            one -> {
              assertThat(one.fineG()).isEqualTo(12.4 * 0.893);
              assertThat(one.batches()).containsExactly(BATCH);
            });
    assertThat(written.changes()).extracting(Change::what).containsExactly("three drops");
    assertThat(written.trips()).containsExactly(TRIP);
    try (Book book = open("a.book")) {
      assertThat(SeasonStream.of(book)).isEqualTo(written);
    }
  }

  @Test
  void itIsTakenBackBroughtBackAndRescued() {
    try (Book book = open("a.book")) {
      write(book);
      Season full = SeasonStream.of(book);
      for (int i = 0; i < 2; i++) {
        book.undo(SeasonStream.SEASON, book.standing(SeasonStream.SEASON).version());
      }
      assertThat(SeasonStream.of(book).joined()).containsOnlyKeys("larkbeck bar");
      for (int i = 0; i < 2; i++) {
        book.redo(SeasonStream.SEASON, book.standing(SeasonStream.SEASON).version());
      }
      assertThat(SeasonStream.of(book)).isEqualTo(full);
    }
    Books.rescue(folder.resolve("a.book"), folder.resolve("b.book"), Writer.unnamed(CLOCK));
    try (Book one = open("a.book");
        Book other = open("b.book")) {
      assertThat(SeasonStream.of(other)).isEqualTo(SeasonStream.of(one));
    }
  }

  @Test
  void whatIsRefusedChangesNothing() {
    try (Book book = open("a.book")) {
      write(book);
      Season before = SeasonStream.of(book);
      Saved saved =
          book.submit(Order.of(SeasonStream.SEASON, new SeasonEdit.JoinSources("q", "q")));
      assertThat(saved)
          .isInstanceOfSatisfying(
              Saved.Refused.class,
              refused ->
                  assertThat(refused.refusal().reason()).isEqualTo(SeasonReason.JOIN_OF_ONE));
      assertThat(SeasonStream.of(book)).isEqualTo(before);
    }
  }

  private static void start(Book book) {
    book.submit(
        Order.of(
            BatchStream.of(BATCH),
            new Edit.StartBatch(
                BATCH, new Label("Larkbeck 1", "larkbeck bar", DAY), Assumptions.USUAL)));
  }

  @Test
  void resultsFollowTheirBatchAndGoWhereItIsTakenBack() {
    try (Book book = open("a.book")) {
      start(book);
      assertThat(ResultLines.behind(book)).hasSize(1);
      assertThat(ResultLines.asTheyStand(book)).isEmpty();
      assertThat(ResultLines.of(book, ResultLines.behind(book).getFirst()))
          .hasValueSatisfying(one -> assertThat(one.feedG()).isEmpty());
      assertThat(ResultLines.behind(book)).isEmpty();
      book.submit(
          Order.of(
              BatchStream.of(BATCH),
              new Edit.RecordOnLot(new LotId(1), new Measure.SandWeight(5000, 0, 0, 10))));
      assertThat(ResultLines.behind(book)).hasSize(1);
      BatchResult now = ResultLines.all(book).getFirst();
      assertThat(now.feedG()).hasValue(5000);
      assertThat(ResultLines.asTheyStand(book)).containsExactly(now);
      for (int i = 0; i < 2; i++) {
        book.undo(BatchStream.of(BATCH), book.standing(BatchStream.of(BATCH)).version());
      }
      assertThat(ResultLines.all(book)).isEmpty();
    }
  }

  @Test
  void aSeasonGoesOutAsTablesWithUnitsInTheirHeads() {
    try (Book book = open("a.book")) {
      write(book);
      start(book);
      SeasonAccount account =
          SeasonAccount.of(
              ResultLines.all(book),
              SeasonStream.of(book),
              Shop.USUAL,
              OptionalInt.empty(),
              ZoneOffset.UTC);
      List<Table> tables = SeasonTables.all(account);
      assertThat(tables)
          .extracting(Table::name)
          .containsExactly(
              "batches",
              "sources",
              "steps",
              "habits",
              "changes",
              "slips",
              "trips",
              "pool_parts",
              "pool_shares");
      Table batches = tables.getFirst();
      assertThat(batches.heads()).contains("feed_g", "won_mg", "gravel_m3", "machines_minutes");
      assertThat(batches.rows()).hasSize(1);
      assertThat(batches.rows().getFirst().get(1))
          .as("the source as meant")
          .isEqualTo("Larkbeck bar");
      assertThat(batches.rows().getFirst().get(batches.heads().indexOf("gravel_m3")))
          .isEqualTo(1.08);
      assertThat(TableCsv.print(tables.get(5))).contains("2026-05-04,12.5,12.4,0.893,,1010.5");
      assertThat(tables.get(4).rows().getFirst()).contains("three drops", "MAGNET");
    }
  }
}
