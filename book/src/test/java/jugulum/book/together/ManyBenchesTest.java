package jugulum.book.together;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import jugulum.book.Books;
import jugulum.book.OtherProgram;
import jugulum.book.batch.BatchStream;
import jugulum.book.store.BookAddress;
import jugulum.book.store.PostgresRows;
import jugulum.book.store.TestServer;
import jugulum.book.stream.Order;
import jugulum.book.stream.Writer;
import jugulum.core.ledger.Assumptions;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.Label;
import jugulum.core.ledger.Measure;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Several benches, each a program of its own, write one served book at the same time. */
class ManyBenchesTest {
  /** So many programs and edits; scripts/together-test asks for five and 10,000. */
  private static final int PROGRAMS = Integer.getInteger("jugulum.programs", 3);

  private static final int EDITS = Integer.getInteger("jugulum.edits", 120);

  @TempDir private Path folder;

  @Test
  void everyEditOfEachStandsOnce() throws IOException, InterruptedException {
    BookAddress book = TestServer.book();
    try (Together first = bench(book, "first")) {
      Label label = new Label("Written by many", "", LocalDate.EPOCH);
      first
          .book()
          .submit(
              Order.of(
                  BatchStream.of(OneOfManyBenches.ID),
                  new Edit.StartBatch(OneOfManyBenches.ID, label, Assumptions.USUAL)));
      assertThat(first.carry()).isEmpty();
    }
    int each = EDITS / PROGRAMS;
    long began = System.nanoTime();
    List<Process> programs = new ArrayList<>();
    for (int which = 1; which <= PROGRAMS; which++) {
      programs.add(start(book, which, each));
    }
    for (Process program : programs) {
      String said =
          new String(program.getInputStream().readAllBytes(), StandardCharsets.UTF_8).strip();
      assertThat(program.waitFor()).isZero();
      assertThat(said).as("recorded, set aside, waiting").isEqualTo(each + " 0 0");
    }
    System.out.printf(
        "%d programs, %d edits in %d s%n",
        PROGRAMS, each * PROGRAMS, (System.nanoTime() - began) / 1_000_000_000);
    try (PostgresRows rows = PostgresRows.open(book)) {
      rows.check();
    }
    try (Together last = bench(book, "last")) {
      last.book().verify();
      assertThat(
              last.book()
                  .standing(BatchStream.of(OneOfManyBenches.ID))
                  .now()
                  .orElseThrow()
                  .readings())
          .extracting(reading -> ((Measure.SandWeight) reading.measure()).grossG())
          .containsExactlyInAnyOrderElementsOf(
              IntStream.rangeClosed(1, PROGRAMS)
                  .boxed()
                  .flatMap(
                      which ->
                          IntStream.range(0, each).mapToObj(i -> OneOfManyBenches.grams(which, i)))
                  .toList());
    }
  }

  private Together bench(BookAddress book, String name) {
    return Together.open(
        book, folder.resolve(name + ".book"), Writer.unnamed(Clock.systemUTC()), Books.KINDS);
  }

  private Process start(BookAddress book, int which, int edits) throws IOException {
    return OtherProgram.of(
            OneOfManyBenches.class, book, folder.resolve("bench-" + which), which, edits)
        .start();
  }
}
