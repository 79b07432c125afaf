package jugulum.core.pool;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import jugulum.core.belief.Kin;
import jugulum.core.belief.LotKind;
import jugulum.core.belief.StockLot;
import jugulum.core.ledger.BatchId;
import jugulum.core.ledger.Bench;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.Measure.PoolOf;
import jugulum.core.ledger.Measure.Pooled;
import jugulum.core.ledger.Network;
import jugulum.core.ledger.PoolPart;
import jugulum.core.ledger.ReadingId;
import jugulum.core.ledger.Reason;
import jugulum.core.runs.PastRun;
import org.junit.jupiter.api.Test;

/** Lots that go into a pool, and the batch that is one. */
class PoolTest {
  private static final BatchId POOL = new BatchId(UUID.randomUUID());
  private static final Pooled INTO = new Pooled(POOL, "autumn pool");

  private static Bench table() {
    return Bench.started()
        .weighs(1, 5000)
        .table(1, Material.CONCENTRATE, Material.TAILINGS)
        .weighs(2, 100)
        .weighs(3, 4900);
  }

  private static PoolPart tails(Bench bench) {
    return Pool.part(bench.batch(), new LotId(3)).orElseThrow();
  }

  @Test
  void aPartTellsWhatItIsAndWhatALookFound() {
    Bench bench = table();
    PoolPart unseen = tails(bench);
    assertThat(unseen.grams()).isCloseTo(4900, within(1e-9));
    assertThat(unseen.mgPerKg()).isEmpty();
    assertThat(unseen.material()).isEqualTo(Material.TAILINGS);
    assertThat(unseen.machine()).isPresent();
    bench.measures(
        3,
        new Measure.PannedSample(
            400, List.of(new Measure.PannedSample.Seen(bench.lot(3).cut(), 4)), Optional.empty()));
    assertThat(tails(bench).mgPerKg()).isPresent();
    assertThat(Pool.part(bench.batch(), new LotId(9))).isEmpty();
    assertThat(Pool.part(Bench.started().batch(), new LotId(1))).as("not weighed").isEmpty();
  }

  /** Also when the batch has long been closed; what is in a pool stands in the shop no more. */
  @Test
  void aLotOfAClosedBatchGoesIntoAPoolOnce() {
    Bench bench = table().does(new Edit.CloseBatch(true));
    assertThat(StockLot.of(bench.batch())).extracting(StockLot::lot).contains(new LotId(3));
    bench.measures(3, INTO);
    assertThat(StockLot.of(bench.batch())).extracting(StockLot::lot).containsExactly(new LotId(2));
    assertThat(bench.refused(new Edit.RecordOnLot(new LotId(3), INTO)).reason())
        .isEqualTo(Reason.LOT_POOLED);
    assertThat(
            bench.refused(new Edit.RecordOnLot(new LotId(3), new Measure.Discarded("no"))).reason())
        .isEqualTo(Reason.LOT_POOLED);
    bench.does(new Edit.CloseBatch(false));
    assertThat(
            bench
                .refused(
                    new Edit.TakeStep(
                        bench.step(2).orElseThrow().process(),
                        List.of(new LotId(3)),
                        List.of(new Edit.NewLot(Material.TAILINGS, bench.lot(3).cut(), ""))))
                .reason())
        .isEqualTo(Reason.LOT_POOLED);
    ReadingId pooled = bench.lot(3).readings().getLast().id();
    assertThat(bench.refused(new Edit.Strike(pooled, "no")).reason()).isEqualTo(Reason.POOL_STANDS);
    assertThat(bench.refused(new Edit.Doubt(pooled, true, "no")).reason())
        .isEqualTo(Reason.POOL_STANDS);
    bench.undo().undo();
    assertThat(StockLot.of(bench.batch())).extracting(StockLot::lot).contains(new LotId(3));
  }

  @Test
  void noLotThatWasTakenAndNoPoolOfItself() {
    Bench bench = table();
    assertThat(bench.refused(new Edit.RecordOnLot(new LotId(1), INTO)).reason())
        .isEqualTo(Reason.LOT_ALREADY_TAKEN);
    assertThat(
            bench
                .refused(
                    new Edit.RecordOnLot(new LotId(3), new Pooled(bench.batch().id(), "itself")))
                .reason())
        .isEqualTo(Reason.POOL_OF_ITSELF);
    assertThat(
            bench
                .refused(new Edit.RecordOnLot(new LotId(1), new PoolOf(List.of(tails(bench)))))
                .reason())
        .isEqualTo(Reason.POOL_OF_ITSELF);
  }

  @Test
  void onlyAFeedIsAPoolAndOnlyOnce() {
    PoolPart part = tails(table());
    Bench pool = Bench.started();
    PoolPart other = elsewhere(part);
    assertThat(
            pool.refused(new Edit.RecordOnLot(new LotId(1), new PoolOf(List.of(other, other))))
                .reason())
        .isEqualTo(Reason.POOLED_TWICE);
    pool.measures(1, new PoolOf(List.of(other)));
    assertThat(Pool.of(pool.batch()).orElseThrow().parts()).containsExactly(other);
    assertThat(
            pool.refused(new Edit.RecordOnLot(new LotId(1), new PoolOf(List.of(other)))).reason())
        .isEqualTo(Reason.POOL_NOT_FEED);
    Bench run = table();
    assertThat(run.refused(new Edit.RecordOnLot(new LotId(3), new PoolOf(List.of(other)))).reason())
        .isEqualTo(Reason.POOL_NOT_FEED);
    assertThat(Pool.of(run.batch())).isEmpty();
  }

  /** What a pool is made of was run before: its runs are reruns, its sand like other tailings. */
  @Test
  void sandOfAPoolIsLikeWhatWentIn() {
    Bench pool =
        Bench.started()
            .weighs(1, 4900)
            .measures(1, new PoolOf(List.of(elsewhere(tails(table())))))
            .screens(1, "30")
            .table(3, Material.CONCENTRATE, Material.TAILINGS);
    Network network = Network.of(pool.batch());
    assertThat(PastRun.Kind.of(network, pool.lot(1))).isEqualTo(PastRun.Kind.RERUN);
    assertThat(PastRun.Kind.of(network, pool.lot(3))).isEqualTo(PastRun.Kind.RERUN);
    assertThat(PastRun.Kind.of(network, pool.lot(4))).isEqualTo(PastRun.Kind.REDUCTION);
    assertThat(Kin.of(pool.batch(), pool.lot(2)).kind()).isEqualTo(LotKind.TAILINGS);
    Bench washed = Bench.started().weighs(1, 4900);
    assertThat(PastRun.Kind.of(Network.of(washed.batch()), washed.lot(1)))
        .isEqualTo(PastRun.Kind.FIRST);
    assertThat(Kin.of(washed.batch(), washed.lot(1)).kind()).isEqualTo(LotKind.FEED);
  }

  private static PoolPart elsewhere(PoolPart part) {
    return new PoolPart(
        new BatchId(UUID.randomUUID()),
        part.lot(),
        part.name(),
        part.source(),
        part.material(),
        part.by(),
        part.machine(),
        part.grams(),
        part.mgPerKg());
  }
}
