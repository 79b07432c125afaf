package jugulum.desk.machine;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.scene.control.Button;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import jugulum.core.account.Worked;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.Machine;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.Process;
import jugulum.core.ledger.Reading;
import jugulum.core.ledger.Step;
import jugulum.core.ledger.StepId;
import jugulum.core.machine.Gear;
import jugulum.core.machine.Overnight;
import jugulum.core.machine.Sheets;
import jugulum.core.runs.LastThird;
import jugulum.desk.kit.Buttons;
import jugulum.desk.kit.Parts;
import jugulum.desk.kit.Wrapping;
import jugulum.desk.look.LookPanel;
import jugulum.desk.panel.CorrectPanel;
import jugulum.desk.panel.Desk;
import jugulum.desk.panel.ReadingList;
import jugulum.desk.panel.StepPanel;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Words;

/**
 * A run over a machine: started and stopped, charge by charge, its products by port, what it came
 * to, and what to run again.
 */
@SuppressWarnings("NullAway.Init") // made by what the constructor calls
public final class GravityPanel extends StepPanel {
  private final Words words;
  private RunBox run;

  /** Where the keys of the machine stand once it has run. */
  private VBox runPlace;

  private ReadingList log;
  private final StageBox stage = new StageBox();
  private final CutsBox cuts;
  private final FlowPane again = new Wrapping(8, 8);
  private final VBox logBox;
  private final SpotBox spots;
  private Button wrong;
  private Button look;
  private Optional<Worked> shown = Optional.empty();

  public GravityPanel(StepId step, Desk desk) {
    this.words = desk.words();
    super(step, desk);
    cuts = new CutsBox(step, desk);
    again.setId("run-again");
    log = new ReadingList(reading -> desk.push(new CorrectPanel(reading, desk)), true);
    logBox = new VBox(4, Parts.section(words.of("run.log")), log);
    spots = new SpotBox(step, desk);
    below(cuts, again, stage, spots, logBox);
    onChosen(this::offerAgain);
  }

  @Override
  protected List<VBox> own() {
    wrong =
        Buttons.plain(
            "looks-wrong",
            words.of("sheet.wrong"),
            "W",
            () -> gear().ifPresent(gear -> desk.push(new WrongPanel(step, gear.sheet(), desk))));
    look =
        Buttons.plain(
            "look",
            words.of("run.look"),
            "L",
            () -> tailings().ifPresent(lot -> desk.push(new LookPanel(lot, desk))));
    Button sheet =
        Buttons.plain(
            "bench-sheet",
            words.of("sheet.open"),
            "B",
            () ->
                gear()
                    .ifPresent(gear -> desk.push(new SheetPanel(step, checks(gear), gear, desk))));
    Button note = Buttons.plain("note-change", words.of("run.note"), "N", this::focusNote);
    run = new RunBox(step, desk, List.of(wrong, note), List.of(look, sheet));
    runPlace = new VBox(run);
    return List.of(runPlace);
  }

  private Optional<Gear> gear() {
    return shown
        .flatMap(now -> now.batch().step(step))
        .flatMap(GravityPanel::machine)
        .map(desk.shop()::gear);
  }

  private List<String> checks(Gear gear) {
    return shown
        .flatMap(now -> now.batch().step(step))
        .map(now -> Overnight.checks(gear.sheet(), now.process()))
        .orElseGet(gear.sheet()::checks);
  }

  private static Optional<Machine> machine(Step step) {
    return step.process() instanceof Process.GravityRun(Machine machine, var _)
        ? Optional.of(machine)
        : Optional.empty();
  }

  private Optional<Lot> tailings() {
    return shown.flatMap(
        now ->
            now.batch()
                .step(step)
                .flatMap(taken -> now.network().output(taken, Material.TAILINGS)));
  }

  @Override
  protected void showOwn(Worked worked, Step now, Figures figures) {
    shown = Optional.of(worked);
    boolean open = !worked.batch().closed();
    Gear gear = gear().orElseThrow();
    Parts.shown(look, tailings().isPresent());
    run.show(worked, gear.sheet().dial("charge").isPresent());
    move(run, isMachineFirst() ? dock() : runPlace);
    cuts.show(worked, now, gear.sheet(), figures);
    stage.show(worked, now, desk, figures);
    spots.show(now, open);
    List<Reading> told =
        now.readings().stream()
            .filter(reading -> !(reading.measure() instanceof Measure.Checked))
            .toList();
    log.show(told, figures, open);
    Parts.shown(logBox, !told.isEmpty());
    offerAgain();
  }

  /**
   * Middlings and concentrates go round again as often as one likes; so do tailings that still hold
   * gold.
   */
  private void offerAgain() {
    again.getChildren().clear();
    shown
        .filter(worked -> !worked.batch().closed())
        .ifPresent(
            worked -> {
              Step now = there(worked.batch().step(step));
              worked.network().lots(now.outputs()).stream()
                  .filter(
                      lot ->
                          worked.network().taker(lot.id()).isEmpty()
                              && chosen().map(one -> one.id().equals(lot.id())).orElse(false))
                  .forEach(lot -> again.getChildren().add(runAgain(lot, machine(now))));
              Stream.of(Material.SECOND_CONCENTRATE, Material.MIDDLINGS, Material.SAFETY_CATCH)
                  .filter(
                      port ->
                          worked.network().output(now, port).isEmpty()
                              && mayGive(machine(now), port))
                  .forEach(port -> again.getChildren().add(addPort(worked, now, port)));
            });
    Parts.shown(again, !again.getChildren().isEmpty());
  }

  private Button runAgain(Lot lot, Optional<Machine> machine) {
    return Buttons.plain(
        "again",
        words.of("run.again", words.of("material", lot.material())),
        "G",
        () -> desk.push(new GravityForm(lot.id(), desk, machine)));
  }

  /**
   * Any machine may give middlings; something below to catch what leaves belongs to the bowls, a
   * last third rinsed out apart to sluices.
   */
  private static boolean mayGive(Optional<Machine> machine, Material port) {
    return switch (port) {
      case SAFETY_CATCH ->
          machine
              .filter(one -> Sheets.of(one.kind()).working().catches().contains(port))
              .isPresent();
      case SECOND_CONCENTRATE -> machine.filter(one -> LastThird.isTold(one.kind())).isPresent();
      default -> true;
    };
  }

  private Button addPort(Worked worked, Step now, Material port) {
    Edit.NewLot more = new Edit.NewLot(port, worked.network().cutInto(now), "");
    return Buttons.quiet(
        "add-" + port,
        words.of("gravity.add", port),
        "",
        () -> desk.submit(new Edit.AddOutput(step, more)));
  }

  private boolean isMachineFirst() {
    return run.isFirst() && shown.filter(worked -> !worked.batch().closed()).isPresent();
  }

  @Override
  protected boolean ownIsAsked() {
    return isMachineFirst();
  }

  @Override
  public void tick(Instant now) {
    run.tick(now);
  }

  /**
   * A machine that runs, or is still to be started, has its keys first; after that its products are
   * weighed.
   */
  @Override
  public void focusFirst() {
    if (run.isFirst()) {
      run.focusRun();
    } else {
      super.focusFirst();
    }
  }
}
