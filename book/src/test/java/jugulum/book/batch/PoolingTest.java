package jugulum.book.batch;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.nio.file.Path;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import jugulum.book.BatchBook;
import jugulum.book.stream.Order;
import jugulum.book.stream.Saved;
import jugulum.core.belief.StockLot;
import jugulum.core.check.Band;
import jugulum.core.ledger.Assumptions;
import jugulum.core.ledger.Batch;
import jugulum.core.ledger.BatchId;
import jugulum.core.ledger.Bench;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.Label;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Measure.GoldWeight;
import jugulum.core.ledger.PoolPart;
import jugulum.core.ledger.Process;
import jugulum.core.ledger.Reason;
import jugulum.core.pool.Pool;
import jugulum.core.screens.Cut;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A pool is one action over all its batches, and what it gave is told by each of them. */
class PoolingTest {
  @TempDir private Path folder;

  private static final LotId TAILS = new LotId(3);
  private final BatchId pool = new BatchId(UUID.fromString("0d3c1c52-6e3b-4f0e-9a4a-7f5b8c3d2e11"));
  private final Batch one = batch("11111111-1111-4111-8111-111111111111", "spring", 3000);
  private final Batch two = batch("22222222-2222-4222-8222-222222222222", "summer", 1000);
  private BatchBook book;

  private static Batch batch(String id, String name, double tailsG) {
    Batch made =
        Bench.started()
            .weighs(1, 5000)
            .table(1, Material.CONCENTRATE, Material.TAILINGS)
            .weighs(2, 100)
            .weighs(3, tailsG)
            .finishes(2)
            .measures(4, new GoldWeight(0.4, 0.001))
            .does(new Edit.CloseBatch(true))
            .batch();
    return new Batch(
        new BatchId(UUID.fromString(id)),
        new Label(name, name + " bend", LocalDate.parse("2026-05-02")),
        made.assumptions(),
        made.lots(),
        made.steps(),
        true,
        made.route());
  }

  @BeforeEach
  void open() {
    book = BatchBook.open(folder.resolve("a.book"), Clock.systemUTC());
    book.submit(one.id(), new Edit.Adopt(one));
    book.submit(two.id(), new Edit.Adopt(two));
  }

  @AfterEach
  void close() {
    book.close();
  }

  private List<PoolPart> parts() {
    return Pooling.parts(
        book.book(), List.of(new Pooling.Of(one.id(), TAILS), new Pooling.Of(two.id(), TAILS)));
  }

  private Saved pooled(BatchId id, List<PoolPart> parts) {
    return book.book().submit(orders(id, parts));
  }

  private static List<Order<?, ?>> orders(BatchId id, List<PoolPart> parts) {
    return Pooling.orders(
        id, new Label("autumn pool", "", LocalDate.parse("2026-10-01")), Assumptions.USUAL, parts);
  }

  private List<LotId> standing(BatchId id) {
    return book.book().lines(BatchStream.KIND, StockLines.LINES).stream()
        .filter(line -> line.batch().equals(id))
        .map(StockLot::lot)
        .toList();
  }

  @Test
  void aPoolIsMadeAndTakenBackInOneAction() {
    assertThat(pooled(pool, parts())).isInstanceOf(Saved.Recorded.class);
    assertThat(standing(one.id())).doesNotContain(TAILS);
    assertThat(standing(two.id())).doesNotContain(TAILS);
    Batch made = book.state(pool).now().orElseThrow();
    assertThat(Pool.of(made).orElseThrow().parts()).isEqualTo(parts());
    assertThat(made.lot(new LotId(1)).orElseThrow().weighedDryG().orElseThrow())
        .isCloseTo(4000, within(1e-9));
    assertThat(book.book().lines(BatchStream.KIND, PoolLines.LINES)).hasSize(1);
    book.undo(pool);
    assertThat(standing(one.id())).contains(TAILS);
    assertThat(standing(two.id())).contains(TAILS);
    assertThat(book.book().lines(BatchStream.KIND, PoolLines.LINES)).isEmpty();
    book.redo(two.id());
    assertThat(standing(one.id())).as("brought back from any of its batches").doesNotContain(TAILS);
  }

  @Test
  void oneLotInTwoPoolsChangesNothingAnywhere() {
    pooled(pool, parts());
    BatchId second = new BatchId(UUID.fromString("0d3c1c52-6e3b-4f0e-9a4a-7f5b8c3d2e12"));
    Saved refused = pooled(second, parts());
    assertThat(refused)
        .isInstanceOfSatisfying(
            Saved.Refused.class,
            not -> assertThat(not.refusal().reason()).isEqualTo(Reason.LOT_POOLED));
    assertThat(book.state(second).now()).isEmpty();
    assertThat(book.book().lines(BatchStream.KIND, PoolLines.LINES)).hasSize(1);
  }

  @Test
  void whatThePoolGaveIsToldByItsBatches() {
    pooled(pool, parts());
    assertThat(PoolLines.later(book.book(), one.id()).pools()).containsExactly("autumn pool");
    Cut all = book.state(pool).now().orElseThrow().lot(new LotId(1)).orElseThrow().cut();
    book.submit(
        pool,
        new Edit.TakeStep(
            new Process.Finishing(),
            List.of(new LotId(1)),
            List.of(
                new Edit.NewLot(Material.GOLD, all, ""),
                new Edit.NewLot(Material.RESIDUE, all, ""))));
    book.submit(pool, new Edit.RecordOnLot(new LotId(2), new GoldWeight(0.12, 0.001)));
    Band later = PoolLines.later(book.book(), one.id()).milligrams();
    assertThat(later.usual()).as("nobody looked: by mass").isCloseTo(90, within(1e-6));
    assertThat(PoolLines.later(book.book(), two.id()).milligrams().usual())
        .isCloseTo(30, within(1e-6));
    assertThat(PoolLines.later(book.book(), pool).isAny()).isFalse();
  }
}
