package jugulum.measure;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.time.Clock;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionStage;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.function.Supplier;
import java.util.logging.Level;
import java.util.logging.Logger;
import java.util.stream.IntStream;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.Button;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.Slider;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.stage.Stage;
import jugulum.book.Books;
import jugulum.book.batch.BatchLines;
import jugulum.book.batch.BatchStream;
import jugulum.book.stream.Book;
import jugulum.book.stream.Order;
import jugulum.book.stream.Writer;
import jugulum.core.account.Worked;
import jugulum.core.belief.Belief;
import jugulum.core.belief.Experience;
import jugulum.core.belief.MachineBelief;
import jugulum.core.gold.GoldMemory;
import jugulum.core.ledger.Assumptions;
import jugulum.core.ledger.Batch;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Machine;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.Network;
import jugulum.core.ledger.StepId;
import jugulum.core.machine.Gear;
import jugulum.core.mass.SandAccount;
import jugulum.core.mass.SandBalance;
import jugulum.core.minerals.Mineral;
import jugulum.core.passes.Removal;
import jugulum.core.plan.GoldExpected;
import jugulum.core.plan.Machines;
import jugulum.core.plan.PlanRequest;
import jugulum.core.plan.PlanRequest.ScreeningTime;
import jugulum.core.plan.PlanRequest.Sieve;
import jugulum.core.plan.PlanRequest.Surety;
import jugulum.core.plan.Planner;
import jugulum.core.runs.PastRun;
import jugulum.core.screens.Cut;
import jugulum.core.screens.StandardScreens;
import jugulum.core.shop.Shop;
import jugulum.core.sizes.GuessedSizes;
import jugulum.core.trial.SpikeBack;
import jugulum.core.trial.TrialPlan.Stuff;
import jugulum.core.trial.TriedRun;
import jugulum.core.water.Water;
import jugulum.core.window.Conditions;
import jugulum.desk.files.FilePicker;
import jugulum.desk.panel.Desk;
import jugulum.desk.preference.BenchMemory;
import jugulum.desk.session.Workbench;
import jugulum.desk.shell.Shell;
import jugulum.desk.shell.ShellScene;
import jugulum.desk.view.View;
import jugulum.desk.words.Languages;

/**
 * Prints how long things take: each line a name, the median, the best and the worst in
 * milliseconds.
 */
public final class MeasureSpeed {
  private static final int WARM = 30;
  private static final int RUNS = 60;
  private static final int PAUSE_MILLIS = 120;

  private MeasureSpeed() {}

  private static final Logger ROOT = Logger.getLogger("");

  public static void main(String[] args) throws IOException {
    ROOT.setLevel(Level.SEVERE);
    if (System.getenv("DISPLAY") == null) {
      System.setProperty("glass.platform", "Headless");
      System.setProperty("prism.order", "sw");
    }
    Path folder = Files.createTempDirectory("jugulum-measure");
    int batches = args.length > 0 ? Integer.parseInt(args[0]) : 5_000;
    computing();
    edit(folder.resolve("edit.book"));
    opening(folder.resolve("many.book"), batches);
    System.exit(0);
  }

  private static void computing() {
    Batch sixty = BigBatch.ofLots(60);
    report(
        "work out the account of " + sixty.lots().size() + " lots from nothing",
        WARM,
        RUNS,
        () -> Worked.of(sixty));
    GoldMemory memory = new GoldMemory();
    report(
        "the same after an edit that changes nothing of its gold",
        WARM,
        RUNS,
        () -> Worked.of(sixty, memory));
    BatchEdits edits = new BatchEdits(sixty);
    report(
        "the same after one speck more is counted in one lot",
        WARM,
        RUNS,
        () -> Worked.of(edits.next(), memory));
    Belief nothing = new Belief(Experience.NONE, Shop.USUAL);
    report(
        "and the whole account with steps and advice",
        5,
        20,
        () -> Worked.of(edits.next(), memory).account(memory, nothing));
    record();
    large();
    PlanRequest sixteen = sixteenScreens();
    report(
        "plan over all stacks of " + sixteen.screens().size() + " screens, four best and bands",
        WARM,
        RUNS,
        () -> new Planner(sixteen).best(4));
    MeasureDay.print(System.out::println);
    MeasurePractice.print(System.out::println);
    MeasureEye.print(System.out::println);
    MeasureSeason.print(System.out::println);
    report(
        "removal estimate with range, 12 passes",
        WARM,
        RUNS,
        () -> Removal.of(List.of(90, 61, 44, 30, 22, 15, 9, 7, 5, 3, 2, 1)));
  }

  private static final int MANY_DRAWS = 100_000;

  /**
   * Two hundred lots, five times as many draws, from nothing; beside it the plain way to the one
   * range.
   */
  private static void large() {
    Batch large = BigBatch.ofLots(200);
    String lots = large.lots().size() + " lots, " + MANY_DRAWS + " draws";
    report(
        "work out the account of " + lots + ", from nothing",
        3,
        9,
        () -> Worked.of(large, new GoldMemory(MANY_DRAWS)));
    Network network = Network.of(large);
    SandAccount sand = SandAccount.of(network);
    report(
        "a plain loop over the same draws, for one recovery only",
        3,
        9,
        () -> PlainLoop.recovery(network, sand, MANY_DRAWS));
    report("reconcile its sand", WARM, RUNS, () -> SandBalance.of(network, sand));
  }

  private static PlanRequest sixteenScreens() {
    List<Sieve> screens =
        StandardScreens.all().stream()
            .filter(screen -> screen.openingMm() <= 2.36 && screen.openingMm() > 0.075)
            .limit(16)
            .map(screen -> new Sieve(screen, 2_000))
            .toList();
    Set<Mineral> heavies =
        EnumSet.of(Mineral.MAGNETITE, Mineral.ILMENITE, Mineral.GARNET, Mineral.QUARTZ);
    Conditions conditions =
        new Conditions(
            new Water(12),
            Conditions.flatnessAround(0.2),
            Conditions.densityAround(17.5),
            heavies,
            true,
            0.075);
    GoldExpected gold = new GoldExpected(4_000, new GuessedSizes(0.3, 0.6), 0.9, Optional.empty());
    return new PlanRequest(
        screens,
        Cut.ALL,
        new GuessedSizes(0.4, 0.7),
        30_000,
        conditions,
        Machines.USUAL,
        gold,
        1,
        Surety.WHOLE_BAND,
        1,
        ScreeningTime.USUAL);
  }

  /**
   * A magnet run of thirty passes, every figure written anew in another unit and laid out; then
   * scrolled by a line.
   */
  private static void ladder(Scene scene, Workbench workbench) {
    on(
        () -> {
          shell(scene).show(View.BENCH);
          return null;
        });
    Batch batch = on(() -> workbench.projections().current().get().worked().orElseThrow().batch());
    StepId magnet =
        batch.steps().stream()
            .filter(step -> step.isLive() && !step.passes().isEmpty())
            .findFirst()
            .orElseThrow()
            .id();
    for (int i = 0; i < LADDER; i++) {
      Measure pass = new Measure.Pass(Measure.Pass.From.HEAP, 1_000 - i, 1, LADDER - i);
      on(() -> workbench.session().submit(new Edit.RecordOnStep(magnet, pass)))
          .toCompletableFuture()
          .join();
    }
    Runnable anotherUnit =
        () ->
            on(
                () -> {
                  workbench.preferences().nextUnit();
                  scene.getRoot().applyCss();
                  scene.getRoot().layout();
                  return null;
                });
    on(
        () -> {
          ((Desk) scene.lookup("#panel-host")).openLot(batch.lots().getFirst().id());
          return null;
        });
    report(
        "all figures of the window in another unit, a lot's panel open", WARM, RUNS, anotherUnit);
    on(
        () -> {
          ((Desk) scene.lookup("#panel-host")).openStep(magnet);
          scene.getRoot().applyCss();
          scene.getRoot().layout();
          return null;
        });
    report("the same with a ladder of " + LADDER + " passes open", WARM, RUNS, anotherUnit);
    ScrollPane host = on(() -> (ScrollPane) scene.lookup("#panel-scroll"));
    report(
        "that ladder scrolled by a line",
        WARM,
        RUNS,
        () ->
            on(
                () -> {
                  host.setVvalue((host.getVvalue() + 0.02) % 1);
                  scene.getRoot().layout();
                  return null;
                }));
  }

  private static final int LADDER = 30;

  /** The shell stands inside what makes everything larger or smaller. */
  private static Shell shell(Scene scene) {
    return (Shell) scene.getRoot().getChildrenUnmodifiable().getFirst();
  }

  /** What a machine's record over many runs costs. */
  private static void record() {
    Gear bowl = Gear.any(Machine.Kind.VORTEX_BOWL);
    List<TriedRun> tried =
        IntStream.range(0, RECORDED)
            .mapToObj(
                i ->
                    new TriedRun(
                        bowl.machine(),
                        Cut.ALL,
                        Map.of(),
                        new SpikeBack(60, 45 + i % 14, 1),
                        Stuff.GOLD,
                        Optional.empty(),
                        Optional.empty()))
            .toList();
    Experience evidence = new Experience(List.of(), tried);
    report(
        "a machine's record over " + RECORDED + " runs",
        WARM,
        RUNS,
        () -> new MachineBelief(evidence).record(bowl, Cut.ALL, PastRun.Kind.FIRST, USUAL_SAND));
  }

  private static final int RECORDED = 2_000;

  private static final Conditions USUAL_SAND =
      Conditions.usual(Assumptions.USUAL, Conditions.USUAL_HEAVIES, true);

  /** From what is typed to the specks it takes, the curve and the weights, without the painting. */
  private static void trial(Scene scene) {
    on(
        () -> {
          shell(scene).show(View.GEAR);
          ((ToggleButton) scene.lookup("#gear-part-TRIALS")).fire();
          ((Button) scene.lookup("#trial-new")).fire();
          scene.getRoot().applyCss();
          scene.getRoot().layout();
          return null;
        });
    int[] at = new int[1];
    report(
        "typing the expected share of a trial to its specks, curve and weights in place",
        WARM,
        RUNS,
        () ->
            on(
                () -> {
                  TextField share = (TextField) scene.lookup("#trial-share");
                  share.setText(Integer.toString(85 + at[0]++ % 12));
                  scene.getRoot().applyCss();
                  scene.getRoot().layout();
                  return null;
                }));
  }

  /** From a key to its figure laid out, without the painting. */
  private static void benchMode(Scene scene) {
    on(
        () -> {
          shell(scene).enterBenchMode();
          return null;
        });
    String[] signs = {"3", "4", "\b"};
    int[] at = new int[1];
    report(
        "a key in bench mode to its figure, without painting",
        WARM,
        RUNS,
        () ->
            on(
                () -> {
                  Node hands = scene.lookup("#hands-view");
                  String sign = signs[at[0]++ % signs.length];
                  hands.fireEvent(
                      sign.equals("\b")
                          ? pressed(KeyCode.BACK_SPACE)
                          : new KeyEvent(
                              KeyEvent.KEY_TYPED,
                              sign,
                              "",
                              KeyCode.UNDEFINED,
                              false,
                              false,
                              false,
                              false));
                  scene.getRoot().applyCss();
                  scene.getRoot().layout();
                  return null;
                }));
    on(
        () -> {
          shell(scene).show(View.BENCH);
          return null;
        });
  }

  private static KeyEvent pressed(KeyCode code) {
    return new KeyEvent(KeyEvent.KEY_PRESSED, "", "", code, false, false, false, false);
  }

  /**
   * What one step of a slider costs: planning again, the list, the chart and the sentences in
   * place.
   */
  private static void slider(Scene scene) {
    on(
        () -> {
          shell(scene).show(View.CUTS);
          return null;
        });
    Slider flatness = on(() -> (Slider) scene.lookup("#plan-flatness"));
    double[] at = {0.3};
    report(
        "a step of the flatness slider to the window chart in place",
        WARM,
        RUNS,
        () ->
            on(
                () -> {
                  at[0] = at[0] > 0.8 ? 0.2 : at[0] + 0.05;
                  flatness.setValue(at[0]);
                  scene.getRoot().applyCss();
                  scene.getRoot().layout();
                  return null;
                }));
  }

  /**
   * From an edit sent until it is on disk, worked out, and every number stands laid out in the
   * window; painting is told apart.
   */
  private static void edit(Path path) {
    Platform.startup(() -> {});
    ExecutorService bookThread = Executors.newSingleThreadExecutor();
    Workbench workbench =
        Workbench.of(
            open(path),
            BenchMemory.untilTheEnd(),
            Languages.english(),
            bookThread,
            Platform::runLater);
    Scene scene = on(() -> window(workbench));
    Batch sixty = BigBatch.ofLots(60);
    sent(() -> workbench.session().begin(sixty.id(), List.of(new Edit.Adopt(sixty))));
    int[] grams = {2_000};
    report(
        "edit sent to all numbers in place, " + sixty.lots().size() + " lots",
        WARM,
        RUNS,
        () -> {
          sent(
              () ->
                  workbench
                      .session()
                      .submit(
                          new Edit.RecordOnLot(
                              new LotId(3), new Measure.SandWeight(++grams[0], 0, 0, 1))));
          on(
              () -> {
                scene.getRoot().applyCss();
                scene.getRoot().layout();
                return null;
              });
        });
    report(
        "of which: the disk takes one row and says so",
        WARM,
        RUNS,
        () -> disk(path.resolveSibling("row")));
    report(
        "paint the whole window in memory, by software",
        WARM,
        RUNS,
        () -> on(() -> scene.snapshot(null)));
    benchMode(scene);
    trial(scene);
    slider(scene);
    ladder(scene, workbench);
    workbench.close();
  }

  /** The least any program needs to have something on this disk for good. */
  private static void disk(Path file) {
    try (FileChannel channel =
        FileChannel.open(
            file, StandardOpenOption.CREATE, StandardOpenOption.WRITE, StandardOpenOption.APPEND)) {
      channel.write(ByteBuffer.wrap(new byte[4096]));
      channel.force(true);
    } catch (IOException problem) {
      throw new UncheckedIOException(problem);
    }
  }

  private static Scene window(Workbench workbench) {
    Scene scene = new ShellScene(workbench, Clock.systemUTC(), FilePicker.NOBODY).scene();
    Stage stage = new Stage();
    stage.setX(0);
    stage.setY(0);
    stage.setScene(scene);
    stage.show();
    return scene;
  }

  private static void opening(Path path, int batches) throws IOException {
    try (Book book = open(path)) {
      for (int i = 0; i < batches; i++) {
        Batch batch = BigBatch.small("Batch " + i);
        book.submit(Order.of(BatchStream.of(batch.id()), new Edit.Adopt(batch)));
      }
    }
    String megabytes = String.format(Locale.ROOT, "%.0f MB", Files.size(path) / 1e6);
    report(
        "open a book of " + batches + " batches (" + megabytes + "), list them, open one",
        1,
        7,
        () -> {
          try (Book book = open(path)) {
            Worked.of(
                book.standing(BatchStream.of(BatchLines.all(book).getFirst().id()))
                    .now()
                    .orElseThrow());
          }
        });
  }

  private static Book open(Path path) {
    return Books.open(path, Writer.unnamed(Clock.systemUTC()));
  }

  private static <T> T on(Supplier<T> work) {
    return CompletableFuture.supplyAsync(work, Platform::runLater).join();
  }

  private static <T> void sent(Supplier<CompletionStage<T>> work) {
    CompletableFuture.supplyAsync(work, Platform::runLater).thenCompose(stage -> stage).join();
  }

  /**
   * A person's next key comes later than the frame after the last one; without this the painting of
   * that frame would be timed too.
   */
  private static void letTheLastFrameBePainted() {
    try {
      Thread.sleep(PAUSE_MILLIS);
    } catch (InterruptedException ended) {
      Thread.currentThread().interrupt();
    }
  }

  private static void report(String what, int warm, int runs, Runnable work) {
    for (int i = 0; i < warm; i++) {
      work.run();
    }
    double[] millis = new double[runs];
    for (int i = 0; i < runs; i++) {
      letTheLastFrameBePainted();
      long start = System.nanoTime();
      work.run();
      millis[i] = (System.nanoTime() - start) / 1e6;
    }
    Arrays.sort(millis);
    System.out.printf(
        Locale.ROOT,
        "%-70s median %7.2f ms   best %7.2f   worst %7.2f%n",
        what,
        millis[runs / 2],
        millis[0],
        millis[runs - 1]);
  }
}
