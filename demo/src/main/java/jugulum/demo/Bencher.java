package jugulum.demo;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.UUID;
import java.util.stream.Stream;
import jugulum.book.batch.BatchStream;
import jugulum.book.stream.Book;
import jugulum.book.stream.Order;
import jugulum.book.stream.Saved;
import jugulum.core.ledger.Assumptions;
import jugulum.core.ledger.Batch;
import jugulum.core.ledger.BatchId;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.Edit.NewLot;
import jugulum.core.ledger.Label;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.Measure.Pass;
import jugulum.core.ledger.Measure.Pass.From;
import jugulum.core.ledger.Measure.SandWeight;
import jugulum.core.ledger.Network;
import jugulum.core.ledger.Process;
import jugulum.core.ledger.Process.MagnetRun.DryCheck;
import jugulum.core.ledger.Process.MagnetRun.Medium;
import jugulum.core.ledger.Process.MagnetRun.Way;
import jugulum.core.ledger.Reading;
import jugulum.core.ledger.Step;
import jugulum.core.ledger.StepId;
import jugulum.core.machine.Gear;
import jugulum.core.screens.Cut;
import jugulum.core.screens.Screen;
import jugulum.core.screens.StandardScreens;
import jugulum.core.weighing.Container;

/** Works a made-up batch through a book, one edit after the other, as a person would. */
final class Bencher {
  static final Container BUCKET = new Container("lidded bucket", 710);

  private final Book book;
  private final DemoClock clock;
  private final BatchId id;

  Bencher(Book book, DemoClock clock, String uuid, String name, String source, String received) {
    this.book = book;
    this.clock = clock;
    this.id = new BatchId(UUID.fromString(uuid));
    does(
        new Edit.StartBatch(
            id, new Label(name, source, LocalDate.parse(received)), Assumptions.USUAL));
  }

  /** Goes on with a batch that is there. */
  Bencher(Book book, DemoClock clock, BatchId id) {
    this.book = book;
    this.clock = clock;
    this.id = id;
  }

  private Batch batch() {
    return book.standing(BatchStream.of(id)).now().orElseThrow();
  }

  void does(Edit edit) {
    if (book.submit(Order.of(BatchStream.of(id), edit)) instanceof Saved.Refused refused) {
      throw new IllegalStateException("made-up data was refused: " + refused + " for " + edit);
    }
  }

  LotId feed() {
    return batch().lots().getFirst().id();
  }

  void measure(LotId lot, Measure measure) {
    does(new Edit.RecordOnLot(lot, measure));
  }

  /** Dry sand: what is more than a handful is weighed in the lidded bucket. */
  void weigh(LotId lot, double grams) {
    measure(lot, grams < 1000 ? new SandWeight(grams, 0, 0, 0.1) : inBucket(grams));
  }

  SandWeight inBucket(double grams) {
    return new SandWeight(
        grams + BUCKET.tareG(),
        BUCKET.tareG(),
        0,
        10,
        OptionalDouble.empty(),
        Optional.of(BUCKET.name()),
        OptionalInt.empty());
  }

  private Step lastStep() {
    return batch().steps().getLast();
  }

  StepId lastStepId() {
    return lastStep().id();
  }

  List<LotId> screen(LotId lot, String... labels) {
    List<Screen> stack =
        Stream.of(labels).map(label -> StandardScreens.numbered(label).orElseThrow()).toList();
    List<NewLot> cuts =
        Cut.of(cut(lot), stack).stream().map(cut -> new NewLot(Material.CUT, cut, "")).toList();
    return take(new Process.Screening(stack), List.of(lot), cuts);
  }

  List<LotId> run(Process process, LotId lot, Material... ports) {
    return take(
        process,
        List.of(lot),
        Stream.of(ports).map(port -> new NewLot(port, cut(lot), "")).toList());
  }

  List<LotId> magnet(LotId lot) {
    DryCheck ranFreely = new DryCheck(OptionalDouble.empty());
    return run(
        new Process.MagnetRun(Medium.BONE_DRY, Optional.of(ranFreely), Optional.of(Way.HAND)),
        lot,
        Material.MAGNETICS,
        Material.NON_MAGNETICS);
  }

  /** Bone-dry sand past a magnet of the shop. */
  List<LotId> separator(Gear gear, LotId lot) {
    return run(
        new Process.MagnetRun(
            Medium.BONE_DRY,
            Optional.of(new DryCheck(OptionalDouble.empty())),
            Optional.of(Way.of(gear.kind())),
            Optional.of(gear.machine())),
        lot,
        Material.MAGNETICS,
        Material.NON_MAGNETICS);
  }

  List<LotId> machine(Gear gear, LotId lot, Material... ports) {
    return run(new Process.GravityRun(gear.machine()), lot, ports);
  }

  /** The second cut of its screening goes under the magnet, in three passes. */
  void magnetises() {
    List<LotId> parted = magnet(ends(Material.CUT).get(1));
    pass(From.SAND, 1_530, 61, 9);
    pass(From.HEAP, 1_469, 20, 3);
    pass(From.HEAP, 1_449, 7, 1);
    weigh(parted.get(0), 1_442);
    weigh(parted.get(1), 2_655);
    done();
  }

  void set(String dial, double value) {
    does(new Edit.RecordOnStep(lastStepId(), new Measure.Setting(dial, value)));
  }

  /** Of the two schools of charging a bowl the demo keeps to still water. */
  private static final String OTHER_SCHOOL = "charge-running";

  /** Every check of its sheet is ticked but that of the other school, and it starts. */
  void starts(Gear gear) {
    gear.sheet().checks().stream()
        .filter(check -> !check.equals(OTHER_SCHOOL))
        .forEach(check -> does(new Edit.RecordOnStep(lastStepId(), new Measure.Checked(check))));
    does(new Edit.RecordOnStep(lastStepId(), new Measure.Running(Measure.Running.State.STARTED)));
  }

  void charges(int number, double grams) {
    for (int i = 0; i < number; i++) {
      does(new Edit.RecordOnStep(lastStepId(), new Measure.Charge(OptionalDouble.of(grams))));
    }
  }

  /** A sample of a lot is panned: so many specks of the whole lot's sizes. */
  void looks(LotId lot, double sampleG, int specks) {
    measure(
        lot,
        new Measure.PannedSample(
            sampleG, List.of(new Measure.PannedSample.Seen(cut(lot), specks))));
  }

  /** The same with the specks counted apart above and below a screen. */
  void looks(LotId lot, double sampleG, String label, int coarse, int fine) {
    List<Cut> parts = Cut.of(cut(lot), List.of(StandardScreens.numbered(label).orElseThrow()));
    measure(
        lot,
        new Measure.PannedSample(
            sampleG,
            List.of(
                new Measure.PannedSample.Seen(parts.getFirst(), coarse),
                new Measure.PannedSample.Seen(parts.getLast(), fine))));
  }

  /** The finest lot of a material is looked at in a picture. */
  void pictures(Material material) {
    Lot finest =
        batch().lots().stream()
            .filter(lot -> lot.material() == material)
            .reduce((_, later) -> later)
            .orElseThrow();
    measure(finest.id(), DemoPicture.in(book));
  }

  /** The machine runs. */
  void lets(int minutes) {
    clock.goesOn(minutes);
  }

  void stops() {
    does(new Edit.RecordOnStep(lastStepId(), new Measure.Running(Measure.Running.State.STOPPED)));
  }

  LotId join(LotId... lots) {
    Cut cut = Stream.of(lots).map(this::cut).reduce(Cut::spanning).orElseThrow();
    return take(new Process.Merging(), List.of(lots), List.of(new NewLot(Material.MERGED, cut, "")))
        .getFirst();
  }

  List<LotId> finish(LotId lot) {
    return run(new Process.Finishing(), lot, Material.GOLD, Material.RESIDUE);
  }

  private List<LotId> take(Process process, List<LotId> inputs, List<NewLot> outputs) {
    does(new Edit.TakeStep(process, inputs, outputs));
    return lastStep().outputs();
  }

  private Cut cut(LotId lot) {
    return batch().lot(lot).map(Lot::cut).orElseThrow();
  }

  void pass(From from, double lifted, double dropped, int specks) {
    does(new Edit.RecordOnStep(lastStepId(), new Pass(from, lifted, dropped, specks)));
  }

  void note(String text) {
    does(new Edit.AddNote(lastStepId(), text));
  }

  void done() {
    does(new Edit.FinishStep(lastStepId(), true));
  }

  void correct(LotId lot, Measure right, String reason) {
    Reading wrong = batch().lot(lot).orElseThrow().readings().getLast();
    does(new Edit.Correct(wrong.id(), right, reason));
  }

  void gold(LotId lot, double... grams) {
    for (double reading : grams) {
      measure(lot, new Measure.GoldWeight(reading, 0.001));
    }
  }

  /** What was set aside or stayed behind, of one kind. */
  List<LotId> ends(Material material) {
    return Network.of(batch())
        .endLots()
        .filter(lot -> lot.material() == material)
        .map(Lot::id)
        .toList();
  }

  void close() {
    does(new Edit.CloseBatch(true));
  }
}
