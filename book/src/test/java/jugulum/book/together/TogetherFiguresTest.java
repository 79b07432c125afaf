package jugulum.book.together;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.UUID;
import jugulum.book.Books;
import jugulum.book.batch.BatchLines;
import jugulum.book.batch.BatchStream;
import jugulum.book.store.BookAddress;
import jugulum.book.store.Move;
import jugulum.book.store.PostgresRows;
import jugulum.book.store.TestServer;
import jugulum.book.stream.Bench;
import jugulum.book.stream.Book;
import jugulum.book.stream.Order;
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
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;
import org.junit.jupiter.api.io.TempDir;

/**
 * How fast a book is that several benches share; told, not asserted. Run by scripts/together-test.
 */
@EnabledIfSystemProperty(named = "jugulum.thorough", matches = "true")
class TogetherFiguresTest {
  private static final int BATCHES = 5_000;
  private static final int READINGS = 20;

  @TempDir private Path folder;

  private Together bench(String name, BookAddress where) {
    Bench bench = new Bench("id of " + name, name);
    return Together.open(
        where,
        folder.resolve(name + ".book"),
        new Writer(() -> bench, Clock.systemUTC(), UUID::randomUUID),
        Books.KINDS);
  }

  private static StreamRef<Batch, Edit> started(Book book) {
    BatchId id = new BatchId(UUID.randomUUID());
    Label label = new Label("Wetherlam 2", "", LocalDate.of(2026, 11, 1));
    book.submit(Order.of(BatchStream.of(id), new Edit.StartBatch(id, label, Assumptions.USUAL)));
    return BatchStream.of(id);
  }

  private static Edit weight(double grams) {
    return new Edit.RecordOnLot(new LotId(1), new Measure.SandWeight(grams, 0, 0, 1));
  }

  private static void say(String what, double[] millis) {
    Arrays.sort(millis);
    System.out.printf(
        "%s: median %.0f ms, best %.0f, worst %.0f of %d%n",
        what, millis[millis.length / 2], millis[0], millis[millis.length - 1], millis.length);
  }

  private static double since(long nanos) {
    return (System.nanoTime() - nanos) / 1e6;
  }

  @Test
  void untilAnotherBenchHasAReading() {
    BookAddress book = TestServer.book();
    double[] seen = new double[200];
    try (Together north = bench("north", book);
        Together south = bench("south", book)) {
      north.start(_ -> {});
      south.start(_ -> {});
      StreamRef<Batch, Edit> batch = started(north.book());
      for (int i = 0; i < seen.length; i++) {
        long began = System.nanoTime();
        north.book().submit(Order.of(batch, weight(1_000 + i)));
        int wanted = i + 1;
        TogetherTest.until(
            () ->
                south.book().standing(batch).now().map(it -> it.readings().count()).orElse(0L)
                    == wanted);
        seen[i] = since(began);
      }
      assertThat(south.book().standing(batch).version()).isEqualTo(201);
    }
    say("until another bench's copy has a reading (its window looks once a second)", seen);
  }

  @Test
  void aNetworkThatIsSlow() {
    BookAddress book = TestServer.book();
    try (Wire wire = new Wire(book.port())) {
      wire.late(15);
      BookAddress through =
          BookAddress.parse(
              "postgresql://bench@localhost:"
                  + wire.port()
                  + "/"
                  + book.database()
                  + "?sslmode=disable");
      double[] here = new double[100];
      double[] there = new double[100];
      try (PostgresRows server = PostgresRows.open(book);
          Together north = bench("north", through)) {
        north.start(_ -> {});
        StreamRef<Batch, Edit> batch = started(north.book());
        TogetherTest.until(() -> server.length() >= 3);
        long before = server.length();
        for (int i = 0; i < here.length; i++) {
          long began = System.nanoTime();
          north.book().submit(Order.of(batch, weight(1_000 + i)));
          here[i] = since(began);
          long wanted = before + i + 1;
          TogetherTest.until(() -> server.length() >= wanted);
          there[i] = since(began);
        }
      }
      say("an edit recorded, 30 ms of network there and back", here);
      say("… until the server has it, seen by looking every 10 ms", there);
    }
  }

  @Test
  void aBookOfManyBatches() {
    Path file = folder.resolve("many.book");
    try (Book book = Books.open(file, Writer.unnamed(Clock.systemUTC()))) {
      for (int hundred = 0; hundred < BATCHES / 100; hundred++) {
        List<Order<?, ?>> orders = new ArrayList<>();
        for (int i = 0; i < 100; i++) {
          BatchId id = new BatchId(UUID.randomUUID());
          List<Edit> edits = new ArrayList<>();
          edits.add(
              new Edit.StartBatch(
                  id,
                  new Label("Batch " + hundred + "-" + i, "", LocalDate.of(2026, 11, 1)),
                  Assumptions.USUAL));
          for (int reading = 0; reading < READINGS; reading++) {
            edits.add(weight(1_000 + reading));
          }
          orders.add(Order.on(0, BatchStream.of(id), edits));
        }
        book.submit(orders);
      }
    }
    BookAddress there = TestServer.book();
    long began = System.nanoTime();
    Move move = Move.there(file, there, Clock.systemUTC());
    System.out.printf("%d rows copied to the server in %.0f ms%n", move.rows(), since(began));
    began = System.nanoTime();
    try (Together first = bench("first", there)) {
      System.out.printf("opened for the first time, its copy whole: %.0f ms%n", since(began));
      began = System.nanoTime();
      assertThat(BatchLines.all(first.book())).hasSize(BATCHES);
      System.out.printf("… and its list worked out: %.0f ms%n", since(began));
    }
    double[] again = new double[5];
    for (int i = 0; i < again.length; i++) {
      began = System.nanoTime();
      try (Together bench = bench("first", there)) {
        assertThat(BatchLines.all(bench.book())).hasSize(BATCHES);
        again[i] = since(began);
      }
    }
    say("opened again, with its list", again);
  }
}
