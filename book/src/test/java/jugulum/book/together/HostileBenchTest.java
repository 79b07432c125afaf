package jugulum.book.together;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import jugulum.book.Books;
import jugulum.book.batch.BatchLines;
import jugulum.book.batch.BatchStream;
import jugulum.book.batch.BatchSummary;
import jugulum.book.store.BookAddress;
import jugulum.book.store.PostgresRows;
import jugulum.book.store.TestServer;
import jugulum.book.stream.Bench;
import jugulum.book.stream.Key;
import jugulum.book.stream.Order;
import jugulum.book.stream.Origin;
import jugulum.book.stream.Placed;
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
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A bench that means ill writes what the server lets it: the others go on, and miss nothing. */
class HostileBenchTest {
  @TempDir private Path folder;
  private final BookAddress book = TestServer.book();

  private Together bench(String name) {
    Bench bench = new Bench("id of " + name, name);
    return Together.open(
        book,
        folder.resolve(name + ".book"),
        new Writer(() -> bench, Clock.systemUTC(), UUID::randomUUID),
        Books.KINDS);
  }

  private static StreamRef<Batch, Edit> started(Together bench, String name) {
    BatchId id = new BatchId(UUID.randomUUID());
    Label label = new Label(name, "", LocalDate.of(2026, 11, 1));
    bench
        .book()
        .submit(Order.of(BatchStream.of(id), new Edit.StartBatch(id, label, Assumptions.USUAL)));
    return BatchStream.of(id);
  }

  private static void weigh(Together bench, StreamRef<Batch, Edit> batch, double grams) {
    bench
        .book()
        .submit(
            Order.of(
                batch, new Edit.RecordOnLot(new LotId(1), new Measure.SandWeight(grams, 0, 0, 1))));
  }

  private static Row row(long version, String body, Instant at) {
    return new Row(
        version,
        at,
        new Origin(new Bench("id of nobody", "'; DROP TABLE journal; --\u202e"), "x-" + version),
        Row.Act.EDIT,
        1,
        body);
  }

  @Test
  void nobodysWindowIsBrokenAndNoRowIsHidden() {
    Instant now = Instant.parse("2026-11-26T09:00:00Z");
    Instant farAhead = Instant.parse("9999-12-31T23:59:59Z");
    try (Together north = bench("north");
        Together south = bench("south")) {
      StreamRef<Batch, Edit> spoilt = started(north, "Spoilt");
      StreamRef<Batch, Edit> sound = started(north, "Sound");
      assertThat(north.carry()).isEmpty();
      try (PostgresRows hostile = PostgresRows.open(book)) {
        for (Placed one :
            List.of(
                new Placed(new Key("nonsense", "x"), row(1, "{}", now)),
                new Placed(new Key("batch", "no identity at all"), row(1, "{}", now)),
                new Placed(
                    new Key("batch", UUID.randomUUID().toString()), row(1, "not even JSON", now)),
                new Placed(new Key("shop", "shop"), row(1, "{\"x\":1}", farAhead)),
                new Placed(new Key("trial", "t"), row(1, "[" + "[".repeat(100_000), now)),
                new Placed(spoilt.key(), row(2, "x".repeat(3_900_000), farAhead)))) {
          hostile.append(List.of(one));
        }
        hostile.append(
            List.of(
                new Placed(
                    new Key("book", "book"),
                    row(hostile.version(new Key("book", "book")) + 1, "stream batch gone", now))));
      }
      weigh(north, sound, 4_180);
      assertThat(north.carry()).isEmpty();
      assertThat(south.carry()).isEmpty();
      for (Together bench : List.of(north, south)) {
        assertThat(BatchLines.all(bench.book()))
            .extracting(BatchSummary::name)
            .contains("Sound")
            .as("named, not shown half");
        assertThat(bench.book().standing(sound).now().orElseThrow().readings()).hasSize(1);
        assertThat(bench.book().setAside()).isNotEmpty();
        assertThat(bench.setAside()).isEmpty();
      }
      weigh(south, sound, 4_181);
      assertThat(south.carry()).isEmpty();
      assertThat(north.carry()).isEmpty();
      assertThat(north.book().standing(sound).now().orElseThrow().readings()).hasSize(2);
      assertThat(north.book().faults())
          .as("check names what is nonsense")
          .hasSizeGreaterThanOrEqualTo(4);
    }
  }
}
