package jugulum.book;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.UUID;
import java.util.stream.Stream;
import jugulum.core.eye.Tray;
import jugulum.core.ledger.Batch;
import jugulum.core.ledger.BatchId;
import jugulum.core.ledger.Bench;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.FinishFact;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Machine;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.Measure.PannedSample.Seen;
import jugulum.core.ledger.Measure.Smelt.Collector;
import jugulum.core.ledger.Measure.VisibleGold;
import jugulum.core.ledger.MeltFact;
import jugulum.core.ledger.PoolPart;
import jugulum.core.ledger.Process;
import jugulum.core.ledger.Process.MagnetRun.DryCheck;
import jugulum.core.ledger.Process.MagnetRun.Medium;
import jugulum.core.ledger.Process.MagnetRun.Way;
import jugulum.core.ledger.ReadOn;
import jugulum.core.ledger.ReadingId;
import jugulum.core.ledger.ScaleCheck;
import jugulum.core.ledger.StepId;
import jugulum.core.ledger.Traced;
import jugulum.core.minerals.Mineral;
import jugulum.core.screens.Cut;
import jugulum.core.screens.StandardScreens;
import jugulum.core.sizes.SizeCurve;

/** A batch that holds every kind of process, measure and mark the model knows. */
public final class Samples {
  private Samples() {}

  public static Batch everything() {
    Bench bench = Bench.started();
    bench
        .measures(1, new Measure.SandWeight(42_150, 250, 0.084, 10))
        .measures(1, new Measure.Assay(128.5, 0.1, 29.166667));
    bench.screens(1, "16", "50").weighs(2, 4_910).weighs(3, 25_000.1).weighs(4, 8_400);
    bench
        .magnet(3)
        .does(
            new Edit.RecordOnStep(
                new StepId(3), new Measure.Pass(Measure.Pass.From.SAND, 14_316.7, 212, 46)));
    bench.does(
        new Edit.Correct(
            new ReadingId(6),
            new Measure.Pass(Measure.Pass.From.SAND, 14_361.7, 212, 46),
            "digits, swapped \"again\""));
    bench.does(new Edit.FinishStep(new StepId(3), true));
    bench
        .table(6, Material.CONCENTRATE, Material.MIDDLINGS, Material.TAILINGS)
        .measures(9, new Measure.SpeckCount(3, 0.04));
    bench.runs(new Process.Splitting(), List.of(4), Material.PART, Material.PART);
    bench
        .runs(new Process.Merging(), List.of(8, 10), Material.MERGED)
        .measures(12, new Measure.KnownGold(12.5, 0.7));
    bench.runs(
        new Process.GravityRun(new Machine(Machine.Kind.VORTEX_BOWL, "the small one")),
        List.of(12),
        Material.CONCENTRATE,
        Material.TAILINGS);
    bench.does(new Edit.AddNote(new StepId(7), "level checked; ünïcode −30 +50"));
    bench
        .finishes(7)
        .measures(15, new Measure.GoldWeight(3.934, 0.001))
        .measures(15, new Measure.Fineness(0.871, 0.01));
    bench.measures(
        1,
        new Measure.SizeAnalysis(
            new SizeCurve(
                List.of(new SizeCurve.Sieved(1.18, 40.5), new SizeCurve.Sieved(0.3, 210)), 61.2)));
    bench.measures(2, new Measure.LookedOver(2, 0.41));
    bench.measures(
        2,
        new Measure.SandWeight(
            1_260,
            315,
            0.06,
            5,
            OptionalDouble.of(0.006),
            Optional.of("tin bowl"),
            OptionalInt.of(2)));
    bench.does(
        new Edit.RecordOnStep(
            new StepId(2),
            new Measure.LastMinute(StandardScreens.numbered("50").orElseThrow(), 120)));
    bench.magnet(11).does(new Edit.WithdrawStep(new StepId(9), "wrong bucket"));
    magnetics(bench);
    smelts(bench);
    fromTheScale(bench);
    return bench.batch();
  }

  private static void fromTheScale(Bench bench) {
    Optional<ReadOn> on =
        Optional.of(
            new ReadOn(
                "shelf scale",
                0.01,
                OptionalDouble.of(-0.02),
                Optional.of(
                    new ScaleCheck(
                        Instant.parse("2026-03-02T07:00:00Z"), 100, 100.4, 0.005, 0.05))));
    bench
        .measures(14, new Measure.PannedSample(50, List.of(new Seen(Cut.ALL, 2)), on))
        .measures(14, new Measure.WeighedSpecks(20, 4.4, 0.1, on));
    bench.does(
        new Edit.RecordOnStep(new StepId(7), new Measure.Charge(OptionalDouble.of(180.25), on)));
    bench.does(
        new Edit.RecordOnStep(
            new StepId(3),
            new Measure.Pass(
                Measure.Pass.From.HEAP,
                14_080.2,
                22,
                1,
                OptionalDouble.empty(),
                Optional.empty(),
                on)));
  }

  private static void smelts(Bench bench) {
    VisibleGold before = new VisibleGold(VisibleGold.State.TAKEN_BEFORE, 3.2);
    OptionalDouble none = OptionalDouble.empty();
    bench.measures(
        14,
        new Measure.Smelt(
            50,
            Collector.LEAD,
            OptionalDouble.of(31.5),
            OptionalDouble.of(28),
            6.1,
            OptionalDouble.of(5.4),
            OptionalDouble.of(0.3),
            before,
            OptionalDouble.of(18)));
    bench.measures(
        14,
        new Measure.Smelt(
            50,
            Collector.NONE,
            none,
            none,
            0,
            none,
            none,
            new VisibleGold(VisibleGold.State.LEFT_IN, 0),
            none));
    melts(bench, before);
    finishes(bench);
    bench.measures(5, new Measure.Assay(12, 0.1, 500, Optional.empty(), Optional.of(before)));
    bench.does(new Edit.Doubt(bench.lot(14).readings().getLast().id(), true, "gold was left in"));
  }

  /** Every fact of a melt, of a crucible that came to its bead and one that was lost. */
  private static void melts(Bench bench, VisibleGold before) {
    says(bench, 0, new MeltFact.Taken(300, before));
    says(bench, 0, new MeltFact.Sands(0.7, 0.2, 0.05));
    says(bench, 0, new MeltFact.Roasted(300, 292));
    says(bench, 0, new MeltFact.Blank(0.11));
    says(bench, 0, new MeltFact.Cost(12.5));
    says(bench, 1, new MeltFact.Charged(150, Collector.LEAD, OptionalDouble.of(40.1)));
    for (MeltFact.Stop stop : MeltFact.Stop.values()) {
      says(bench, stop.isOfOneCrucible() ? 1 : 0, new MeltFact.Sure(stop));
    }
    for (MeltFact.Phase phase : MeltFact.Phase.values()) {
      says(bench, phase == MeltFact.Phase.ROAST ? 0 : 1, new MeltFact.Begun(phase));
    }
    says(bench, 1, new MeltFact.Button(36.2));
    says(bench, 1, new MeltFact.Matte(1.4));
    says(bench, 1, new MeltFact.Shot(3, false));
    says(bench, 1, new MeltFact.Bead(3.42));
    says(bench, 1, new MeltFact.Parted(3.1));
    says(bench, 2, new MeltFact.Charged(140, Collector.NONE, OptionalDouble.empty()));
    says(bench, 2, new MeltFact.Spoilt("cracked"));
    says(bench, 0, new MeltFact.Ended());
  }

  /** Every fact of finishing, of a turn on a bowl. */
  private static void finishes(Bench bench) {
    Stream.of(
            new FinishFact.On(FinishFact.Tool.BOWL),
            new FinishFact.Did(FinishFact.Act.CLOSE_SLOWLY),
            new FinishFact.Lift(3.5, FinishFact.Lifted.SAND_LEFT),
            new FinishFact.Turn(620.4, OptionalDouble.of(1.2), 1),
            new FinishFact.Turn(240, OptionalDouble.empty(), 0),
            new FinishFact.Over())
        .forEach(
            fact -> bench.does(new Edit.RecordOnStep(new StepId(8), new Measure.Finish(fact))));
  }

  private static void says(Bench bench, int crucible, MeltFact fact) {
    bench.measures(14, new Measure.Melt(crucible, fact));
  }

  private static void magnetics(Bench bench) {
    Measure.Pass.How how =
        new Measure.Pass.How(OptionalDouble.of(7.5), Optional.of("pull rod"), OptionalDouble.of(4));
    Measure.Pass weighed =
        new Measure.Pass(
            Measure.Pass.From.HEAP, 14_149.7, 61, 0, OptionalDouble.of(0.85), Optional.of(how));
    ReadingId last = bench.step(3).orElseThrow().readings().getLast().id();
    bench
        .does(new Edit.RecordOnStep(new StepId(3), weighed))
        .does(new Edit.InsertOnStep(new StepId(3), last, new Measure.FeedRate(24.5)));
    bench.does(new Edit.RecordOnStep(new StepId(4), new Measure.Setting("tilt", 3.5)));
    gravity(bench);
    bench
        .measures(6, new Measure.MagnetTest(100, 0.8, 31))
        .measures(
            6,
            new Measure.LiftTest(
                100,
                List.of(
                    new Measure.LiftTest.Lift(12.5, 0.6, 0),
                    new Measure.LiftTest.Lift(4, 0.25, 3))))
        .measures(5, new Measure.Bagged("season bag"));
    bench
        .measures(5, new Measure.Assay(31, 0.1, 500, Optional.of("season bag")))
        .measures(5, new Measure.Discarded("room needed"));
    Process.MagnetRun damp =
        new Process.MagnetRun(
            Medium.DAMP,
            Optional.of(new DryCheck(OptionalDouble.of(0.04))),
            Optional.of(Way.DRUM),
            Optional.of(new Machine(Machine.Kind.DRUM_SEPARATOR, "north drum")));
    bench.runs(damp, List.of(11), Material.MAGNETICS, Material.NON_MAGNETICS);
    pools(bench);
  }

  private static void pools(Bench bench) {
    bench.measures(
        bench.batch().lots().getLast().id().number() - 1,
        new Measure.Product(Mineral.GARNET, 0.8, 1.25, "a polisher"));
    bench.measures(
        9,
        new Measure.Pictured(
            "ab".repeat(32),
            "look 3.jpg",
            47.7,
            List.of(
                new Measure.Pictured.SpeckSize(0.0312, 0.24, 0.18),
                new Measure.Pictured.SpeckSize(0.2, 0.6, 0.44)),
            1,
            2,
            0.31,
            0.42,
            0.57,
            1,
            false,
            Optional.of(
                new Traced(
                    Tray.GREEN,
                    Traced.By.DISC,
                    0.004,
                    1200,
                    List.of(
                        new Traced.Mark(true, true, false, 9.5, "40 80 16 0 0 16 -16 0"),
                        new Traced.Mark(false, true, true, 24, "400 80 96 0 0 96"),
                        new Traced.Mark(true, false, false, 7, ""))))));
    BatchId other = new BatchId(UUID.fromString("6f1c2f6e-0d7e-4a55-9a43-2f0f6f1f9a11"));
    bench
        .measures(
            1,
            new Measure.PoolOf(
                List.of(
                    new PoolPart(
                        other,
                        new LotId(4),
                        "spring buckets",
                        "made-up bend",
                        Material.TAILINGS,
                        Optional.of(new StepId(3)),
                        Optional.of(new Machine(Machine.Kind.SHAKER_TABLE, "long deck")),
                        4_000.5,
                        OptionalDouble.of(30.25)),
                    new PoolPart(
                        other,
                        new LotId(7),
                        "spring buckets",
                        "",
                        Material.MAGNETICS,
                        Optional.empty(),
                        Optional.empty(),
                        2_500,
                        OptionalDouble.empty()))))
        .measures(
            bench.batch().lots().getLast().id().number(), new Measure.Pooled(other, "autumn pool"));
  }

  private static void gravity(Bench bench) {
    StepId table = new StepId(4);
    Measure.Running stopped =
        new Measure.Running(
            Measure.Running.State.STOPPED, Optional.of(Instant.parse("2026-03-02T08:55:00.25Z")));
    bench
        .does(new Edit.RecordOnStep(table, new Measure.Checked("bolted")))
        .does(new Edit.RecordOnStep(table, new Measure.Running(Measure.Running.State.STARTED)));
    bench
        .waits(Duration.ofHours(1))
        .does(new Edit.RecordOnStep(table, new Measure.Charge(OptionalDouble.of(1_500))))
        .does(new Edit.RecordOnStep(table, stopped));
    bench.does(new Edit.RecordOnStep(new StepId(7), new Measure.Charge(OptionalDouble.empty())));
    Cut coarse = new Cut(StandardScreens.numbered("16"), StandardScreens.numbered("30"));
    Cut fine = new Cut(StandardScreens.numbered("30"), Optional.empty());
    bench
        .measures(
            9, new Measure.PannedSample(250.5, List.of(new Seen(coarse, 1), new Seen(fine, 4))))
        .measures(14, new Measure.PannedSample(50, List.of(new Seen(Cut.ALL, 0))));
    bench.runs(
        new Process.GravityRun(
            new Machine(Machine.Kind.CONICAL_PAN, ""),
            Optional.of(Process.GravityRun.Manner.OVERNIGHT)),
        List.of(9),
        Material.CONCENTRATE,
        Material.TAILINGS);
  }
}
