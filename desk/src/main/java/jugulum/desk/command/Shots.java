package jugulum.desk.command;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionStage;
import java.util.concurrent.ExecutorService;
import java.util.function.Supplier;
import java.util.stream.Stream;
import javafx.application.Platform;
import javafx.event.EventType;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.stage.Stage;
import jugulum.book.Books;
import jugulum.book.batch.BatchSummary;
import jugulum.book.stream.Writer;
import jugulum.core.eye.Tray;
import jugulum.core.ledger.Batch;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.Edit.NewLot;
import jugulum.core.ledger.FinishFact;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Machine;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.MeltFact;
import jugulum.core.ledger.Process;
import jugulum.core.ledger.StepId;
import jugulum.core.machine.Gear;
import jugulum.core.scale.ScaleView;
import jugulum.desk.files.FilePicker;
import jugulum.desk.files.Pictures;
import jugulum.desk.kit.Keys;
import jugulum.desk.preference.BenchMemory;
import jugulum.desk.preference.Preferences.ThemeName;
import jugulum.desk.session.Workbench;
import jugulum.desk.shell.Shell;
import jugulum.desk.shell.ShellScene;
import jugulum.desk.view.View;
import jugulum.desk.words.Languages;
import jugulum.practice.camera.DrawnPicture;

/** Sets the window up for one picture after the other and draws each. */
@SuppressWarnings("NullAway.Init") // made by what the constructor calls
final class Shots {
  private static final Clock DEMO_DAY = DemoTime.standing();

  private final Path book;
  private final Optional<Path> season;
  private final Path folder;
  private Workbench workbench;
  private Shell shell;
  private Scene scene;

  private static final int PASSES = 4;

  private int drawn;

  /**
   * Sets up to draw.
   *
   * @param season a book of two seasons; empty where none ships beside the program
   */
  Shots(Path book, Optional<Path> season, Path folder) {
    this.book = book;
    this.season = season;
    this.folder = folder;
  }

  /** From now on the window is drawn in memory; before anything of it is asked for. */
  static void withoutDisplay() {
    System.setProperty("glass.platform", "Headless");
    System.setProperty("prism.order", "sw");
    System.setProperty("java.awt.headless", "true");
  }

  int draw() {
    Platform.startup(() -> {});
    ExecutorService bookThread = MainWindow.bookThread();
    on(() -> open(book, bookThread));
    await(() -> workbench.session().begin());
    shot("bench", () -> click("station-2-4"));
    shot("screens", () -> click("station-1-0"));
    gear(bookThread);
    day(bookThread);
    speck();
    batches(bookThread);
    led(bookThread);
    benchMode();
    on(() -> workbench.close());
    season.ifPresent(this::season);
    return drawn;
  }

  private void gear(ExecutorService bookThread) {
    on(() -> shell.show(View.GEAR));
    afterEveryBatch(bookThread);
    shot("machines", () -> {});
    on(() -> fire("gear-part-TRIALS"));
    afterTheBook(bookThread);
    shot("trials", this::secondTrial);
    practice();
    on(() -> fire("gear-part-RECORD"));
  }

  private void day(ExecutorService bookThread) {
    on(() -> shell.show(View.DAY));
    afterThePlan();
    shot("day", () -> {});
    on(() -> fire("day-part-STOCK"));
    afterTheWork(bookThread);
    shot("stock", () -> {});
    shot("shop", () -> shell.show(View.SHOP));
  }

  /** The plan of one batch, the account of another, and a third on the bench in daylight. */
  private void batches(ExecutorService bookThread) {
    on(() -> shell.show(View.BENCH));
    open("Saltergill 3");
    on(() -> shell.show(View.CUTS));
    on(() -> fire("cuts-part-PLAN"));
    afterEveryBatch(bookThread);
    afterTheBook(bookThread);
    shot("plan", () -> {});
    on(() -> shell.show(View.BENCH));
    open("Tarnbeck 7");
    on(() -> shell.show(View.ACCOUNT));
    afterEveryBatch(bookThread);
    afterTheBook(bookThread);
    shot("account", () -> fire("account-part-GOLD"));
    on(() -> workbench.preferences().look(ThemeName.QUARTZ));
    open("Fernhollow 12");
    on(() -> shell.show(View.BENCH));
    shot("bench-quartz", () -> click("station-2-4"));
    on(() -> workbench.preferences().look(ThemeName.BLACK_SAND));
    on(() -> click("station-3-2"));
    shot("bench-sheet", () -> fire("bench-sheet"));
    eye();
  }

  /** What one is led through: a smelt, a finish, a machine that runs. */
  private void led(ExecutorService bookThread) {
    await(this::smelt);
    afterTheBook(bookThread);
    shot("smelt", this::openSmelt);
    await(this::finish);
    afterTheBook(bookThread);
    on(() -> shell.enterBenchMode());
    shot("finish", () -> {});
    on(() -> fire("hands-leave"));
    await(this::runBowl);
    afterTheBook(bookThread);
    shot("machine", () -> shell.show(View.BENCH));
  }

  /** A bowl, played for a while. */
  private void practice() {
    on(() -> fire("gear-part-PRACTICE"));
    List<String> filled =
        Stream.concat(
                Stream.generate(() -> "knob-do-charge").limit(4),
                Stream.generate(() -> "knob-valve-more").limit(26))
            .toList();
    play("practice-bowl", 0, filled, "1:10");
  }

  /** Plays a drill with a few presses until so much time has gone. */
  private void play(String name, int drill, List<String> presses, String until) {
    on(
        () -> {
          if (scene.lookup("#drills") instanceof ListView<?> drills) {
            drills.getSelectionModel().select(drill);
          }
        });
    on(() -> fire("practice-begin"));
    presses.forEach(press -> on(() -> fire(press)));
    on(() -> fire("practice-faster"));
    while (!(scene.lookup("#practice-time") instanceof Label time)
        || time.getText().compareTo(until) < 0) {
      on(() -> {});
    }
    shot(name, () -> scene.lookup("#practice-stage").requestFocus());
    on(() -> fire("practice-end"));
    while (scene.lookup("#verdict-leave") == null) {
      on(() -> {});
    }
    on(() -> fire("verdict-leave"));
  }

  /** The one that settled its question. */
  private void secondTrial() {
    if (scene.lookup("#trial-choice") instanceof ComboBox<?> choice) {
      choice.getSelectionModel().select(1);
    }
  }

  /** A drawn picture, up to where it is gone through. */
  private void eye() {
    on(() -> shell.openLot(last(Material.CUT).id()));
    quiet();
    on(() -> Keys.press(shell, KeyCode.E));
    quiet();
    on(() -> fire("eye-tray-" + Tray.BLACK.name()));
    DrawnPicture drawn = DrawnPicture.of(DEMO_DAY.millis(), Tray.BLACK);
    for (String step : List.of("eye-draw", "eye-find", "eye-yes")) {
      once(step);
      on(() -> fire(step));
    }
    once("eye-sure");
    DrawnPicture.Gold sure =
        drawn.specks().stream()
            .max(Comparator.comparingDouble(DrawnPicture.Gold::milligrams))
            .orElseThrow();
    on(() -> click(sure, drawn));
    once("eye-keep");
    shot("eye", () -> {});
    on(() -> shell.show(View.BENCH));
  }

  /** Returns once something is there; pictures are read beside the book. */
  private void once(String id) {
    while (shell.lookup("#" + id) == null) {
      on(() -> {});
    }
  }

  /** Clicks where a speck lies, as large as the picture is shown. */
  private void click(DrawnPicture.Gold speck, DrawnPicture drawn) {
    Node picture = shell.lookup("#picture");
    Bounds there = picture.localToScene(picture.getBoundsInLocal());
    double by = Math.min(there.getWidth() / drawn.width(), there.getHeight() / drawn.height());
    double x = there.getMinX() + (speck.x() + 0.5) * by;
    double y = there.getMinY() + (speck.y() + 0.5) * by;
    for (EventType<MouseEvent> type :
        List.of(MouseEvent.MOUSE_PRESSED, MouseEvent.MOUSE_RELEASED)) {
      picture.fireEvent(mouse(type, x, y));
    }
  }

  /** Something brassy in cubes. */
  private void speck() {
    on(() -> fire("shop-part-SPECK"));
    on(() -> fire("speck-COLOUR-brassy"));
    shot("speck", () -> fire("speck-SHAPE-cube"));
    on(() -> fire("shop-part-SHOP"));
  }

  /** A year, on the book of two seasons. */
  private void season(Path other) {
    ExecutorService bookThread = MainWindow.bookThread();
    on(() -> open(other, bookThread));
    await(() -> workbench.session().begin());
    on(() -> shell.show(View.SEASON));
    while (workbench.seasons().shown().get().isEmpty()) {
      Thread.onSpinWait();
    }
    afterTheBook(bookThread);
    shot("season", () -> {});
    on(() -> workbench.close());
  }

  /** A pan the scale knows is laid on it, then sand. */
  private void benchMode() {
    on(() -> shell.enterBenchMode());
    for (double grams : new double[] {0, 642, 4070}) {
      workbench.scale().played().put(grams);
      while (!isSteadyAt(grams)) {
        Thread.onSpinWait();
      }
    }
    shot("bench-mode", () -> {});
  }

  private boolean isSteadyAt(double grams) {
    ScaleView seen = workbench.scale().view().get();
    boolean stands =
        seen.state() == ScaleView.State.STEADY || seen.state() == ScaleView.State.EMPTY;
    return stands && Math.abs(seen.grams() - grams) < 1;
  }

  private Batch onTheBench() {
    return workbench.projections().current().get().worked().orElseThrow().batch();
  }

  private Lot last(Material material) {
    return onTheBench().lots().stream()
        .filter(lot -> lot.material() == material)
        .filter(
            lot ->
                onTheBench().steps().stream().noneMatch(step -> step.inputs().contains(lot.id())))
        .reduce((_, later) -> later)
        .orElseThrow();
  }

  /** Three crucibles of tailings: one came to its bead, one was lost, one is in the fire. */
  private CompletionStage<?> smelt() {
    Measure.VisibleGold none = new Measure.VisibleGold(Measure.VisibleGold.State.NONE_SEEN, 0);
    List<Measure.Melt> said = new ArrayList<>();
    said.add(new Measure.Melt(0, new MeltFact.Taken(450, none)));
    said.add(new Measure.Melt(0, new MeltFact.Sands(0.8, 0.2, 0)));
    said.add(new Measure.Melt(0, new MeltFact.Sure(MeltFact.Stop.NO_MERCURY)));
    said.add(new Measure.Melt(0, new MeltFact.Sure(MeltFact.Stop.DRY)));
    for (int crucible = 1; crucible <= 3; crucible++) {
      said.add(
          new Measure.Melt(
              crucible,
              new MeltFact.Charged(150, Measure.Smelt.Collector.LEAD, OptionalDouble.of(40))));
      for (MeltFact.Stop stop : MeltFact.Stop.values()) {
        if (stop.isOfOneCrucible()) {
          said.add(new Measure.Melt(crucible, new MeltFact.Sure(stop)));
        }
      }
      said.add(new Measure.Melt(crucible, new MeltFact.Begun(MeltFact.Phase.MELT)));
    }
    said.add(new Measure.Melt(1, new MeltFact.Begun(MeltFact.Phase.COOL)));
    said.add(new Measure.Melt(1, new MeltFact.Button(41)));
    said.add(new Measure.Melt(1, new MeltFact.Bead(3.42)));
    said.add(new Measure.Melt(2, new MeltFact.Spoilt("cracked in the fire")));
    LotId tailings = smelted();
    return workbench
        .session()
        .submit(said.stream().<Edit>map(melt -> new Edit.RecordOnLot(tailings, melt)).toList());
  }

  /** Of the tailings there are most of these. */
  private LotId smelted() {
    return onTheBench().lots().stream()
        .filter(lot -> lot.material() == Material.TAILINGS)
        .max(Comparator.comparing(lot -> lot.weighedDryG().orElse(0)))
        .orElseThrow()
        .id();
  }

  private void openSmelt() {
    shell.show(View.BENCH);
    shell.openLot(smelted());
    fire("next-smelt");
  }

  /** Two turns on the bowl are over, the third waits for its last lift. */
  private CompletionStage<?> finish() {
    Lot concentrate = last(Material.CONCENTRATE);
    StepId step = onTheBench().nextStep();
    Edit take =
        new Edit.TakeStep(
            new Process.Finishing(),
            List.of(concentrate.id()),
            List.of(
                new NewLot(Material.GOLD, concentrate.cut(), ""),
                new NewLot(Material.RESIDUE, concentrate.cut(), "")));
    Stream<FinishFact> turns =
        Stream.of(
            new FinishFact.On(FinishFact.Tool.BOWL),
            new FinishFact.Lift(3, FinishFact.Lifted.SAND_LEFT),
            new FinishFact.Turn(620, OptionalDouble.empty(), 0),
            new FinishFact.Lift(4, FinishFact.Lifted.CLEAN),
            new FinishFact.Turn(240, OptionalDouble.empty(), 0),
            new FinishFact.Turn(85, OptionalDouble.empty(), 0));
    Stream<FinishFact> acts =
        FinishFact.Act.of(FinishFact.Tool.BOWL).stream().map(FinishFact.Did::new);
    return workbench
        .session()
        .submit(
            Stream.concat(
                    Stream.of(take),
                    Stream.concat(turns, acts)
                        .map(fact -> new Edit.RecordOnStep(step, new Measure.Finish(fact))))
                .toList());
  }

  /** A bowl is started on the cut that waits, its first charges in. */
  private CompletionStage<?> runBowl() {
    Batch batch = onTheBench();
    Lot waiting =
        batch.lots().stream()
            .filter(lot -> lot.material() == Material.CUT)
            .reduce((_, finer) -> finer)
            .orElseThrow();
    Machine bowl =
        workbench.projections().shop().get().gear().stream()
            .map(Gear::machine)
            .filter(one -> one.kind() == Machine.Kind.VORTEX_BOWL)
            .findFirst()
            .orElseThrow();
    List<NewLot> ports =
        Stream.of(Material.CONCENTRATE, Material.TAILINGS)
            .map(port -> new NewLot(port, waiting.cut(), ""))
            .toList();
    StepId run = batch.nextStep();
    Stream<Edit> settings =
        Map.of("rim", 4.0, "charge", 180.0, "charge-time", 6.0, "flow", 11.0).entrySet().stream()
            .sorted(Map.Entry.comparingByKey())
            .map(
                set ->
                    new Edit.RecordOnStep(run, new Measure.Setting(set.getKey(), set.getValue())));
    Edit started =
        new Edit.RecordOnStep(
            run,
            new Measure.Running(
                Measure.Running.State.STARTED,
                Optional.of(DEMO_DAY.instant().minus(Duration.ofMinutes(14)))));
    Edit charge = new Edit.RecordOnStep(run, new Measure.Charge(OptionalDouble.of(180)));
    Edit take = new Edit.TakeStep(new Process.GravityRun(bowl), List.of(waiting.id()), ports);
    List<Edit> edits =
        Stream.of(Stream.of(take), settings, Stream.of(started, charge, charge, charge))
            .flatMap(part -> part)
            .toList();
    return workbench.session().submit(edits).thenRun(() -> click("station-3-5"));
  }

  private void open(Path shown, ExecutorService bookThread) {
    workbench =
        Workbench.of(
            Books.open(shown, Writer.unnamed(DEMO_DAY)),
            BenchMemory.untilTheEnd(),
            Languages.english(),
            bookThread,
            Platform::runLater);
    ShellScene made = new ShellScene(workbench, DEMO_DAY, FilePicker.NOBODY);
    shell = made.shell();
    scene = made.scene();
    Stage stage = new Stage();
    stage.setX(0);
    stage.setY(0);
    stage.setScene(scene);
    stage.show();
  }

  private void open(String name) {
    BatchSummary batch =
        workbench.projections().batches().get().stream()
            .filter(one -> one.name().equals(name))
            .findFirst()
            .orElseThrow();
    await(() -> workbench.session().open(batch.id()));
  }

  private void click(String id) {
    shell.applyCss();
    shell.layout();
    Node node =
        Optional.ofNullable(shell.lookup("#" + id))
            .orElseThrow(() -> new IllegalStateException("the demo has no " + id));
    node.fireEvent(mouse(MouseEvent.MOUSE_CLICKED, 0, 0));
  }

  private static MouseEvent mouse(EventType<MouseEvent> type, double x, double y) {
    return new MouseEvent(
        type,
        x,
        y,
        x,
        y,
        MouseButton.PRIMARY,
        1,
        false,
        false,
        false,
        false,
        true,
        false,
        false,
        true,
        false,
        true,
        null);
  }

  private void fire(String id) {
    ButtonBase button = (ButtonBase) shell.lookup("#" + id);
    button.requestFocus();
    button.fire();
  }

  private void shot(String name, Runnable setUp) {
    on(setUp);
    quiet();
    on(() -> write(folder.resolve(name + ".png")));
    drawn++;
  }

  private void write(Path file) {
    try {
      Pictures.write(Pictures.copy(scene.snapshot(null)), file);
    } catch (IOException problem) {
      throw new UncheckedIOException(problem);
    }
  }

  /**
   * Returns when nothing is worked on any more, and what came of it is laid out: charts take their
   * room when they know it, so one pass is not enough.
   */
  private void quiet() {
    on(() -> {});
    while (workbench.work().isBusy()) {
      Thread.onSpinWait();
    }
    for (int pass = 0; pass < PASSES; pass++) {
      on(
          () -> {
            scene.getRoot().applyCss();
            scene.getRoot().layout();
          });
    }
  }

  /** Returns when every batch was asked, one after the other, and the list of them before. */
  private void afterEveryBatch(ExecutorService bookThread) {
    afterTheBook(bookThread);
    workbench.projections().batches().get().forEach(_ -> afterTheBook(bookThread));
    afterTheBook(bookThread);
  }

  /** Returns when no long work is under way any more, and the window has heard. */
  private void afterTheWork(ExecutorService bookThread) {
    do {
      afterTheBook(bookThread);
    } while (workbench.work().isBusy());
    afterTheBook(bookThread);
  }

  /** A day is planned beside the book. */
  private void afterThePlan() {
    while (workbench.days().today().get().isEmpty()) {
      Thread.onSpinWait();
    }
    on(() -> {});
  }

  /** Returns when the book has done what was asked of it so far, and the window has heard. */
  private static void afterTheBook(ExecutorService bookThread) {
    CompletableFuture.runAsync(() -> {}, bookThread).join();
    on(() -> {});
  }

  /** Runs on the interface thread and returns when it has run. */
  private static void on(Runnable what) {
    CompletableFuture.runAsync(what, Platform::runLater).join();
  }

  private static void await(Supplier<CompletionStage<?>> what) {
    CompletableFuture.supplyAsync(what, Platform::runLater)
        .thenCompose(stage -> stage.thenApply(_ -> List.of()))
        .join();
  }
}
