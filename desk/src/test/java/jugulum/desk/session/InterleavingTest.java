package jugulum.desk.session;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.concurrent.CompletionStage;
import jugulum.book.Books;
import jugulum.book.batch.BatchLines;
import jugulum.book.batch.BatchStream;
import jugulum.book.batch.BatchSummary;
import jugulum.book.shop.ShopStream;
import jugulum.book.stream.Book;
import jugulum.book.stream.Order;
import jugulum.book.stream.Standing;
import jugulum.book.stream.Writer;
import jugulum.core.account.Worked;
import jugulum.core.ledger.Batch;
import jugulum.core.ledger.BatchId;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Measure;
import jugulum.core.shop.ShopEdit;
import jugulum.core.weighing.Container;
import jugulum.desk.DemoBooks;
import jugulum.desk.preference.BenchMemory;
import jugulum.desk.words.Languages;
import jugulum.desk.work.HandDriven;
import jugulum.desk.work.Notice;
import jugulum.desk.work.Outcome;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/**
 * A person in a hurry, a book that is slow, a window that is slower: whatever comes before what,
 * everything asked for is told, nothing recorded is lost, and what is shown at the end is what is
 * on disk.
 */
class InterleavingTest {
  private static final int ACTIONS = 40;

  @TempDir private static Path shared;
  @TempDir private Path folder;

  private final HandDriven bookThread = new HandDriven();
  private final HandDriven window = new HandDriven();
  private final List<CompletionStage<Outcome>> told = new ArrayList<>();

  /** What was put on the bench last. */
  private Optional<BatchId> opened = Optional.empty();

  @BeforeAll
  static void writeTheDemo() {
    DemoBooks.demo(shared.resolve("demo.book"));
  }

  private void drain() {
    while (bookThread.step() || window.step()) {
      // until nobody has anything left to do
    }
  }

  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
  void whateverComesBeforeWhat(long seed) throws IOException {
    Path path = Files.copy(shared.resolve("demo.book"), folder.resolve("demo.book"));
    Random random = new Random(seed);
    Book book = Books.open(path, Writer.unnamed(Clock.systemUTC()));
    Workbench bench =
        Workbench.of(book, BenchMemory.untilTheEnd(), Languages.english(), bookThread, window);
    bench.session().begin();
    drain();
    List<BatchId> open =
        bench.projections().batches().get().stream()
            .filter(line -> line.state() != BatchSummary.State.CLOSED)
            .map(BatchSummary::id)
            .toList();
    long before = book.length();
    int sent = 0;
    while (sent < ACTIONS) {
      switch (random.nextInt(5)) {
        case 0 -> bookThread.step();
        case 1 -> window.step();
        default -> {
          told.add(act(bench.session(), random, open));
          sent++;
        }
      }
    }
    drain();
    assertThat(told).allMatch(one -> one.toCompletableFuture().isDone());
    assertThat(bench.notices().notice().get()).isNotInstanceOf(Notice.Failed.class);
    long recorded =
        told.stream()
            .filter(one -> one.toCompletableFuture().join() instanceof Outcome.Recorded)
            .count();
    assertThat(book.length() - before)
        .as("rows written")
        .isPositive()
        .isLessThanOrEqualTo(recorded);
    opened.ifPresent(
        last ->
            assertThat(bench.projections().current().get().id())
                .as("what was put on the bench last is there")
                .contains(last));
    shownIsOnDisk(bench, book);
    bench.close();
    try (Book again = Books.open(path, Writer.unnamed(Clock.systemUTC()))) {
      again.verify();
      shownIsOnDisk(bench, again);
    }
  }

  private CompletionStage<Outcome> act(Session session, Random random, List<BatchId> open) {
    return switch (random.nextInt(10)) {
      case 0 -> session.undoOrRedo(false);
      case 1 -> session.undoOrRedo(true);
      case 2 -> {
        opened = Optional.of(open.get(random.nextInt(open.size())));
        yield session.open(opened.get());
      }
      case 3 ->
          session.change(
              new ShopEdit.KnowContainer(
                  new Container("tub " + random.nextInt(3), 500 + random.nextInt(90))));
      case 4 -> session.undoOrRedoShop(false);
      case 5 -> session.submit(new Edit.RecordOnLot(new LotId(999), weight(random)));
      case 7 ->
          session.submitElsewhere(
              List.of(
                  Order.of(
                      BatchStream.of(open.get(random.nextInt(open.size()))),
                      new Edit.RecordOnLot(new LotId(1), weight(random)))));
      case 6 ->
          session.submit(
              List.of(
                  new Edit.RecordOnLot(new LotId(1), weight(random)),
                  new Edit.RecordOnLot(new LotId(999), weight(random))));
      default -> session.submit(new Edit.RecordOnLot(new LotId(1), weight(random)));
    };
  }

  private static Measure weight(Random random) {
    return new Measure.SandWeight(33_000 + random.nextInt(500), 0, 0, 10);
  }

  private static void shownIsOnDisk(Workbench bench, Book book) {
    Current shown = bench.projections().current().get();
    Standing<Batch> there = book.standing(BatchStream.of(shown.id().orElseThrow()));
    assertThat(shown.version()).isEqualTo(there.version());
    assertThat(shown.worked().map(Worked::batch)).isEqualTo(there.now());
    assertThat(List.of(shown.undoable(), shown.redoable()))
        .isEqualTo(List.of(there.undoable(), there.redoable()));
    assertThat(shown.worked().map(Worked::gold))
        .isEqualTo(there.now().map(batch -> Worked.of(batch).gold()));
    assertThat(bench.projections().shop().get()).isEqualTo(ShopStream.of(book));
    Optional<BatchSummary> line =
        bench.projections().batches().get().stream()
            .filter(one -> one.id().equals(shown.id().get()))
            .findFirst();
    assertThat(line).isEqualTo(BatchLines.one(book, shown.id().get()));
  }
}
