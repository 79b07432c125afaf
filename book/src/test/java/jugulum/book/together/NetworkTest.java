package jugulum.book.together;

import static org.assertj.core.api.Assertions.assertThat;

import io.zonky.test.db.postgres.embedded.EmbeddedPostgres;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.time.LocalDate;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import java.util.stream.IntStream;
import jugulum.book.Books;
import jugulum.book.batch.BatchStream;
import jugulum.book.store.BookAddress;
import jugulum.book.store.PostgresRows;
import jugulum.book.store.ServedSchema;
import jugulum.book.store.TestServer;
import jugulum.book.stream.Bench;
import jugulum.book.stream.Book;
import jugulum.book.stream.Order;
import jugulum.book.stream.Saved;
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

/**
 * The network is cut at any byte, and the server killed at any moment, while a bench records: every
 * weight that was recorded is in the server's book in the end, and none twice.
 */
class NetworkTest {
  private static final BatchId ID =
      new BatchId(UUID.fromString("00000000-0000-4000-8000-00000000cab1"));
  private static final StreamRef<Batch, Edit> BATCH = BatchStream.of(ID);

  /** So many; scripts/together-test tries 200 and 50. */
  private static final int CUTS = Integer.getInteger("jugulum.cuts", 10);

  private static final int KILLS = Integer.getInteger("jugulum.serverKills", 2);

  @TempDir private Path folder;
  private int recorded;

  private Together bench(BookAddress where) {
    Bench bench = new Bench("id of north", "north");
    Together north =
        Together.open(
            where,
            folder.resolve("north.book"),
            new Writer(() -> bench, Clock.systemUTC(), UUID::randomUUID),
            Books.KINDS);
    if (north.book().standing(BATCH).now().isEmpty()) {
      Label label = new Label("Wetherlam 2", "", LocalDate.of(2026, 11, 1));
      north.book().submit(Order.of(BATCH, new Edit.StartBatch(ID, label, Assumptions.USUAL)));
    }
    return north;
  }

  private void record(Book book) {
    Edit weight =
        new Edit.RecordOnLot(new LotId(1), new Measure.SandWeight(1_000 + recorded, 0, 0, 1));
    assertThat(book.submit(Order.of(BATCH, weight))).isInstanceOf(Saved.Recorded.class);
    recorded++;
  }

  private void everyOneIsThereOnce(BookAddress where) {
    try (PostgresRows rows = PostgresRows.open(where)) {
      rows.check();
    }
    Path fresh = folder.resolve("fresh.book");
    try (Together another =
        Together.open(where, fresh, Writer.unnamed(Clock.systemUTC()), Books.KINDS)) {
      another.book().verify();
      assertThat(another.book().standing(BATCH).now().orElseThrow().readings())
          .extracting(reading -> ((Measure.SandWeight) reading.measure()).grossG())
          .containsExactlyElementsOf(
              IntStream.range(0, recorded).mapToObj(i -> 1_000.0 + i).toList());
    }
  }

  @Test
  void theNetworkIsCutAtAnyByte() {
    BookAddress book = TestServer.book();
    Random random = new Random(20_261_201);
    try (Wire wire = new Wire(book.port())) {
      BookAddress through =
          BookAddress.parse(
              "postgresql://bench@localhost:"
                  + wire.port()
                  + "/"
                  + book.database()
                  + "?sslmode=disable");
      int lost = 0;
      try (Together north = bench(through)) {
        assertThat(north.carry()).isEmpty();
        for (int cut = 0; cut < CUTS; cut++) {
          // A connection and one weight take some seven thousand bytes both ways.
          wire.cutAfter(random.nextInt(9_000));
          for (int i = 0; i < 3; i++) {
            record(north.book());
            lost += north.carry().isPresent() ? 1 : 0;
          }
          wire.mend();
        }
        assertThat(north.settle(Duration.ofSeconds(20))).isTrue();
        assertThat(north.setAside()).isEmpty();
      }
      System.out.printf("%d cuts, %d times nobody answered, %d weights%n", CUTS, lost, recorded);
      assertThat(lost).isGreaterThan(CUTS / 4);
      everyOneIsThereOnce(book);
    }
  }

  @Test
  void theServerIsKilledWhileABenchRecords() throws IOException, InterruptedException {
    Path data = folder.resolve("server");
    Random random = new Random(20_261_202);
    EmbeddedPostgres server = start(data, 0);
    int port = server.getPort();
    BookAddress administrator = TestServer.database(server, "gold");
    ServedSchema.init(administrator, TestServer.BENCH);
    BookAddress book = administrator.as(TestServer.BENCH);
    try (Together north = bench(book)) {
      north.start(_ -> {});
      for (int kill = 0; kill < KILLS; kill++) {
        int before = recorded;
        long end = System.nanoTime() + Duration.ofMillis(50 + random.nextInt(150)).toNanos();
        while (System.nanoTime() < end) {
          record(north.book());
        }
        killed(data);
        server.close();
        record(north.book());
        assertThat(recorded).isGreaterThan(before);
        server = start(data, port);
      }
      TogetherTest.until(() -> north.status().isConnected() && north.status().waiting() == 0);
    }
    System.out.printf("%d kills of the server, %d weights%n", KILLS, recorded);
    everyOneIsThereOnce(book);
    server.close();
  }

  private static EmbeddedPostgres start(Path data, int port) throws IOException {
    EmbeddedPostgres.Builder builder =
        EmbeddedPostgres.builder()
            .setDataDirectory(data)
            .setCleanDataDirectory(false)
            .setServerConfig("fsync", "on")
            .setServerConfig("synchronous_commit", "on");
    if (port > 0) {
      builder.setPort(port);
    }
    return builder.start();
  }

  /** The whole server at once, as when its power fails. */
  private static void killed(Path data) throws IOException, InterruptedException {
    List<String> said = Files.readAllLines(data.resolve("postmaster.pid"));
    ProcessHandle server = ProcessHandle.of(Long.parseLong(said.getFirst().strip())).orElseThrow();
    List<ProcessHandle> all = server.descendants().toList();
    server.destroyForcibly();
    all.forEach(ProcessHandle::destroyForcibly);
    server.onExit().join();
    for (ProcessHandle one : all) {
      one.onExit().join();
    }
    Files.deleteIfExists(data.resolve("postmaster.pid"));
  }
}
