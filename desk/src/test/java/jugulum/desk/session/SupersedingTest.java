package jugulum.desk.session;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionStage;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.function.Supplier;
import jugulum.book.Books;
import jugulum.book.batch.BatchSummary;
import jugulum.book.stream.Writer;
import jugulum.core.account.Worked;
import jugulum.core.ledger.BatchId;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Measure;
import jugulum.desk.DemoBooks;
import jugulum.desk.preference.BenchMemory;
import jugulum.desk.words.Languages;
import jugulum.desk.work.Outcome;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/**
 * Many edits sent before the first is worked out: all are written and told, and the figures are
 * those of the last.
 */
class SupersedingTest {
  private static final int EDITS = 12;

  @TempDir private Path folder;

  private final ExecutorService bookThread = Executors.newSingleThreadExecutor();
  private final ExecutorService window = Executors.newSingleThreadExecutor();

  private <T> T on(Supplier<T> work) {
    return CompletableFuture.supplyAsync(work, window).join();
  }

  @Test
  void everyEditIsWrittenAndToldAndOnlyTheLastNeedsToBeWorkedOut() {
    Path path = folder.resolve("demo.book");
    DemoBooks.demo(path);
    Workbench workbench =
        Workbench.of(
            Books.open(path, Writer.unnamed(Clock.systemUTC())),
            BenchMemory.untilTheEnd(),
            Languages.english(),
            bookThread,
            window);
    on(workbench.session()::begin).toCompletableFuture().join();
    BatchId batch =
        workbench.projections().batches().get().stream()
            .filter(one -> one.name().equals("Fernhollow 12"))
            .map(BatchSummary::id)
            .findFirst()
            .orElseThrow();
    on(() -> workbench.session().open(batch)).toCompletableFuture().join();
    List<Current> shown = new ArrayList<>();
    on(
        () -> {
          workbench.projections().current().addListener((_, _, now) -> shown.add(now));
          return null;
        });
    CountDownLatch sent = new CountDownLatch(1);
    bookThread.execute(() -> await(sent));
    List<CompletionStage<Outcome>> told = new ArrayList<>();
    on(
        () -> {
          for (int i = 0; i < EDITS; i++) {
            Measure weight = new Measure.SandWeight(33_000 + i, 0, 0, 10);
            told.add(
                workbench.session().submit(List.of(new Edit.RecordOnLot(new LotId(1), weight))));
          }
          return null;
        });
    sent.countDown();
    told.forEach(
        outcome ->
            assertThat(outcome.toCompletableFuture().join()).isInstanceOf(Outcome.Recorded.class));
    assertThat(on(() -> List.copyOf(shown))).as("worked out once for all").hasSize(1);
    Worked last = workbench.projections().current().get().worked().orElseThrow();
    assertThat(last.batch().lot(new LotId(1)).orElseThrow().live(Measure.SandWeight.class))
        .hasSize(EDITS + 1);
    assertThat(last.gold())
        .as("as if worked out from nothing")
        .isEqualTo(Worked.of(last.batch()).gold());
    workbench.close();
    window.shutdown();
  }

  @Test
  void aRefusedEditAmongOthersIsToldAndHoldsNobodyUp() {
    Path path = folder.resolve("demo.book");
    DemoBooks.demo(path);
    Workbench workbench =
        Workbench.of(
            Books.open(path, Writer.unnamed(Clock.systemUTC())),
            BenchMemory.untilTheEnd(),
            Languages.english(),
            bookThread,
            window);
    on(workbench.session()::begin).toCompletableFuture().join();
    BatchId batch = workbench.projections().current().get().id().orElseThrow();
    CountDownLatch sent = new CountDownLatch(1);
    bookThread.execute(() -> await(sent));
    List<CompletionStage<Outcome>> told = new ArrayList<>();
    on(
        () -> {
          told.add(
              workbench
                  .session()
                  .submit(
                      List.of(
                          new Edit.RecordOnLot(
                              new LotId(1), new Measure.SandWeight(33_000, 0, 0, 10)))));
          told.add(
              workbench
                  .session()
                  .submit(
                      List.of(
                          new Edit.RecordOnLot(
                              new LotId(999), new Measure.SandWeight(33_000, 0, 0, 10)))));
          return null;
        });
    sent.countDown();
    assertThat(told.get(1).toCompletableFuture().join()).isInstanceOf(Outcome.Refused.class);
    assertThat(told.get(0).toCompletableFuture().join()).isInstanceOf(Outcome.Recorded.class);
    assertThat(
            workbench
                .projections()
                .current()
                .get()
                .worked()
                .orElseThrow()
                .batch()
                .lot(new LotId(1))
                .orElseThrow()
                .live(Measure.SandWeight.class))
        .hasSize(2);
    workbench.close();
    window.shutdown();
  }

  private static void await(CountDownLatch latch) {
    try {
      latch.await();
    } catch (InterruptedException ended) {
      Thread.currentThread().interrupt();
    }
  }
}
