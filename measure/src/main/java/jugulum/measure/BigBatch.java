package jugulum.measure;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import jugulum.core.ledger.Assumptions;
import jugulum.core.ledger.Batch;
import jugulum.core.ledger.BatchId;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.Edit.NewLot;
import jugulum.core.ledger.Label;
import jugulum.core.ledger.Ledger;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Machine;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.Process;
import jugulum.core.ledger.StepId;
import jugulum.core.screens.Cut;
import jugulum.core.screens.Screen;
import jugulum.core.screens.StandardScreens;
import jugulum.core.stream.Applied;

/** Made-up batches of a given size, with evidence on every end lot. */
final class BigBatch {
  private final Clock clock = Clock.systemUTC();
  private Optional<Batch> batch = Optional.empty();

  private BigBatch(String name) {
    BatchId id = new BatchId(UUID.randomUUID());
    does(
        new Edit.StartBatch(
            id,
            new Label(
                name,
                "made for measuring",
                LocalDate.of(2026, 1, 1).plusDays(name.hashCode() % 300)),
            Assumptions.USUAL));
    measure(1, new Measure.SandWeight(40_000, 0, 0.05, 10));
    measure(1, new Measure.Assay(100, 0.1, 500));
  }

  /** A batch of a few lots: received, screened, one cut through magnet, table and finish. */
  static Batch small(String name) {
    BigBatch made = new BigBatch(name);
    made.screen("30");
    made.cut(2, 4_000);
    return made.batch.orElseThrow();
  }

  /** What magnet, table and finish make of a cut. */
  private static final int LOTS_A_CUT = 7;

  /** A batch of at least that many lots. */
  static Batch ofLots(int lots) {
    BigBatch made = new BigBatch("Sixty lots");
    String[] few = {"8", "16", "20", "30", "50", "80", "100"};
    String[] many =
        StandardScreens.all().stream()
            .limit(lots / LOTS_A_CUT)
            .map(Screen::label)
            .toArray(String[]::new);
    String[] stack = lots > few.length * (LOTS_A_CUT + 1) + LOTS_A_CUT ? many : few;
    made.screen(stack);
    for (int cut = 2; cut <= stack.length + 2 && made.size() < lots; cut++) {
      made.cut(cut, 4_000);
    }
    return made.batch.orElseThrow();
  }

  private int size() {
    return batch.orElseThrow().lots().size();
  }

  private void does(Edit edit) {
    batch =
        switch (Ledger.apply(batch, edit, clock.instant())) {
          case Applied.Done(Batch after) -> Optional.of(after);
          case Applied.Refused(var refusal) ->
              throw new IllegalStateException(refusal + " for " + edit);
        };
  }

  private void measure(int lot, Measure measure) {
    does(new Edit.RecordOnLot(new LotId(lot), measure));
  }

  private void screen(String... labels) {
    List<Screen> stack =
        Stream.of(labels).map(label -> StandardScreens.numbered(label).orElseThrow()).toList();
    does(
        new Edit.TakeStep(
            new Process.Screening(stack),
            List.of(new LotId(1)),
            Cut.of(Cut.ALL, stack).stream()
                .map(cut -> new NewLot(Material.CUT, cut, ""))
                .toList()));
  }

  private int run(Process process, int lot, Material... ports) {
    Cut cut = batch.orElseThrow().lot(new LotId(lot)).map(Lot::cut).orElseThrow();
    int first = size() + 1;
    does(
        new Edit.TakeStep(
            process,
            List.of(new LotId(lot)),
            Stream.of(ports).map(port -> new NewLot(port, cut, "")).toList()));
    return first;
  }

  private void cut(int lot, double grams) {
    measure(lot, dry(grams));
    int magnet =
        run(
            new Process.MagnetRun(Process.MagnetRun.Medium.BONE_DRY),
            lot,
            Material.MAGNETICS,
            Material.NON_MAGNETICS);
    StepId step = batch.orElseThrow().steps().getLast().id();
    does(new Edit.RecordOnStep(step, new Measure.Pass(Measure.Pass.From.SAND, 1_900, 60, 40)));
    does(new Edit.RecordOnStep(step, new Measure.Pass(Measure.Pass.From.HEAP, 1_840, 20, 15)));
    does(new Edit.RecordOnStep(step, new Measure.Pass(Measure.Pass.From.HEAP, 1_820, 8, 6)));
    measure(magnet, dry(1_800));
    measure(magnet + 1, dry(2_180));
    int table =
        run(
            new Process.GravityRun(new Machine(Machine.Kind.SHAKER_TABLE, "")),
            magnet + 1,
            Material.CONCENTRATE,
            Material.MIDDLINGS,
            Material.TAILINGS);
    measure(table, dry(30));
    measure(table + 1, dry(150));
    measure(table + 1, new Measure.SpeckCount(6, 0.5));
    measure(table + 2, dry(1_990));
    measure(table + 2, new Measure.SpeckCount(4, 0.05));
    int finish = run(new Process.Finishing(), table, Material.GOLD, Material.RESIDUE);
    measure(finish, new Measure.GoldWeight(0.4, 0.001));
    measure(finish + 1, dry(29.5));
    measure(finish + 1, new Measure.SpeckCount(1, 1));
  }

  private static Measure dry(double grams) {
    return new Measure.SandWeight(grams, 0, 0, 1);
  }
}
