package jugulum.core.ledger;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import jugulum.core.ledger.Edit.NewLot;
import jugulum.core.ledger.Measure.SandWeight;
import jugulum.core.screens.Cut;
import jugulum.core.screens.Screen;
import jugulum.core.screens.StandardScreens;
import jugulum.core.stream.Applied;
import jugulum.core.stream.History;
import jugulum.core.stream.Refusal;

/** Works a batch in tests as a person would at the bench, one edit after another. */
public final class Bench {
  private History<Edit> history = History.empty();
  private Optional<Batch> batch = Optional.empty();
  private Instant now = Instant.parse("2026-03-02T08:00:00Z");

  public static Bench started() {
    Bench bench = new Bench();
    Label label = new Label("Cindermoor 3", "Cindermoor gully", LocalDate.of(2026, 3, 2));
    bench.does(
        new Edit.StartBatch(
            new BatchId(UUID.fromString("00000000-0000-4000-8000-000000000003")),
            label,
            Assumptions.USUAL));
    return bench;
  }

  public Batch batch() {
    return batch.orElseThrow();
  }

  public History<Edit> history() {
    return history;
  }

  public Bench does(Edit edit) {
    now = now.plusSeconds(60);
    Applied<Batch> applied = Ledger.apply(batch, edit, now);
    assertThat(applied).as(edit.toString()).isInstanceOf(Applied.Done.class);
    batch = applied instanceof Applied.Done<Batch>(Batch after) ? Optional.of(after) : batch;
    history = history.and(now, edit);
    return this;
  }

  /** Time goes by, or the clock is set back. */
  public Bench waits(Duration time) {
    now = now.plus(time);
    return this;
  }

  public Instant now() {
    return now;
  }

  public Refusal refused(Edit edit) {
    Applied<Batch> result = Ledger.apply(batch, edit, now);
    assertThat(result).as(edit.toString()).isInstanceOf(Applied.Refused.class);
    return ((Applied.Refused) result).refusal();
  }

  public Bench undo() {
    history = history.undo().orElseThrow();
    batch = new BatchFold().replay(history);
    return this;
  }

  public Bench redo() {
    history = history.redo().orElseThrow();
    batch = new BatchFold().replay(history);
    return this;
  }

  public Bench weighs(int lot, double dryG) {
    return does(new Edit.RecordOnLot(new LotId(lot), dry(dryG)));
  }

  public Bench measures(int lot, Measure measure) {
    return does(new Edit.RecordOnLot(new LotId(lot), measure));
  }

  public Bench screens(int lot, String... labels) {
    List<Screen> stack =
        Stream.of(labels).map(label -> StandardScreens.numbered(label).orElseThrow()).toList();
    Cut feed = batch().lot(new LotId(lot)).orElseThrow().cut();
    List<NewLot> cuts =
        Cut.of(feed, stack).stream().map(cut -> new NewLot(Material.CUT, cut, "")).toList();
    return does(new Edit.TakeStep(new Process.Screening(stack), List.of(new LotId(lot)), cuts));
  }

  public Bench runs(Process process, List<Integer> lots, Material... ports) {
    List<LotId> inputs = lots.stream().map(LotId::new).toList();
    Cut cut =
        inputs.stream()
            .flatMap(id -> batch().lot(id).stream())
            .map(Lot::cut)
            .reduce(Cut::spanning)
            .orElse(Cut.ALL);
    return does(
        new Edit.TakeStep(
            process, inputs, Stream.of(ports).map(port -> new NewLot(port, cut, "")).toList()));
  }

  public Bench magnet(int lot) {
    return runs(
        new Process.MagnetRun(Process.MagnetRun.Medium.BONE_DRY),
        List.of(lot),
        Material.MAGNETICS,
        Material.NON_MAGNETICS);
  }

  public Bench table(int lot, Material... ports) {
    return runs(
        new Process.GravityRun(new Machine(Machine.Kind.SHAKER_TABLE, "")), List.of(lot), ports);
  }

  public Bench finishes(int lot) {
    return runs(new Process.Finishing(), List.of(lot), Material.GOLD, Material.RESIDUE);
  }

  public Optional<Step> step(int number) {
    return batch().step(new StepId(number));
  }

  public Lot lot(int number) {
    return batch().lot(new LotId(number)).orElseThrow();
  }

  public static SandWeight dry(double grams) {
    return new SandWeight(grams, 0, 0, 1);
  }
}
