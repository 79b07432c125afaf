package jugulum.desk.practice;

import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.AccessibleRole;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.scene.paint.Color;
import javafx.scene.shape.Rectangle;
import jugulum.core.machine.Gear;
import jugulum.desk.chart.CatchChart;
import jugulum.desk.chart.DrawingView;
import jugulum.desk.chart.LevelChart;
import jugulum.desk.kit.Buttons;
import jugulum.desk.kit.Keys;
import jugulum.desk.kit.Parts;
import jugulum.desk.kit.Wrapping;
import jugulum.desk.session.Workbench;
import jugulum.desk.words.PracticeWords;
import jugulum.desk.words.Prologue;
import jugulum.desk.words.Words;
import jugulum.practice.drill.Action;
import jugulum.practice.drill.BowlRun;
import jugulum.practice.drill.DeckRun;
import jugulum.practice.drill.HeapRun;
import jugulum.practice.drill.Run;
import jugulum.practice.drill.Score;
import jugulum.practice.law.RoundWeir;
import jugulum.practice.sand.GrainKind;
import jugulum.practice.start.OwnDial;
import jugulum.practice.start.Trade;

/** A run that is played: its picture, what one turns, and how it stands. */
final class PlayPage extends HBox {
  /** From where half the sand goes the water is worth having. */
  private static final double HALF = 0.5;

  private static final double SIDE = 400;

  /** Room for a bar at its right. */
  private static final double BAR = 20;

  private static final int BEHIND = 0x00000000;
  private static final int FASTER = 10;

  /** Figures are read, not watched: so often a second is enough. */
  private static final long TOLD_NS = 150_000_000;

  @Prologue private final Words words;
  private final Run run;
  private final RunLoop loop;
  private final Knobs knobs;

  /** The person's own valve; empty where nothing is known of it. */
  private final Optional<OwnDial> own;

  private final Consumer<Run> over;
  private final WaterSound sound = new WaterSound();
  private final StackPane stage = new StackPane();
  private final Label time = Parts.styled(new Label(), "figure");
  private final Label out = Parts.styled(new Label(), "figure");
  private final Label lost = Parts.styled(new Label(), "figure");
  private final Label about = Parts.sentence("", "muted");
  private final Label frames = Parts.sentence("", "muted");
  private final DrawingView catches = new DrawingView("practice-catch");
  private final DrawingView level = new DrawingView("practice-level");
  private final Button pause;
  private final Button faster;
  private final Button quiet;
  private long toldAt;
  private boolean isTold;

  /** Whether the sound of the water is wanted. */
  private boolean isHeard;

  /**
   * A run that has not begun.
   *
   * @param over told when it is over
   */
  PlayPage(Workbench workbench, Run run, Consumer<Run> over) {
    this.words = workbench.words();
    super(24);
    this.run = run;
    this.over = over;
    setId("practice-run");
    loop = new RunLoop(workbench.work(), run, painting(run), this::painted);
    own = own(run, workbench.projections().shop().get().gear());
    knobs = knobs(run);
    pause = Buttons.primary("practice-pause", words.of("practice.pause"), "P", this::pause);
    faster = Buttons.plain("practice-faster", words.of("practice.faster"), "F", this::faster);
    quiet = Buttons.quiet("practice-sound", words.of("practice.sound.off"), "S", this::sound);
    stage.getChildren().add(loop.view());
    stage.setId("practice-stage");
    stage.getStyleClass().add("practice-stage");
    stage.setFocusTraversable(true);
    stage.setAccessibleRole(AccessibleRole.IMAGE_VIEW);
    stage.setAccessibleText(PracticeWords.task(words, run.drill()));
    VBox left = new VBox(10, stage, legend());
    if (run instanceof BowlRun) {
      left.getChildren().add(Parts.sentence(words.of("practice.cut"), "muted"));
    }
    if (run instanceof DeckRun) {
      left.getChildren().addAll(Parts.section(words.of("practice.ports")), catches);
    }
    left.setMinWidth(0);
    HBox.setHgrow(left, Priority.ALWAYS);
    getChildren().add(left);
    if (run instanceof BowlRun) {
      level.setMinWidth(72);
      level.setPrefWidth(72);
      Label name = Parts.sentence(words.of("practice.on-lip"), "muted");
      name.setMaxWidth(90);
      getChildren().add(new VBox(8, level, name));
    }
    getChildren().add(side());
    tell();
    sceneProperty()
        .addListener(
            (_, _, scene) -> {
              if (scene == null) {
                stop();
              }
            });
    workbench.watching().atTheEnd(this::stop);
  }

  private static Painting painting(Run run) {
    return switch (run) {
      case BowlRun bowl -> new BowlPainting(bowl.bowl(), BEHIND);
      case DeckRun deck -> new DeckPainting(deck, BEHIND);
      case HeapRun heap -> new HeapPainting(heap.heap(), BEHIND, run.seed());
    };
  }

  private static Optional<OwnDial> own(Run played, List<Gear> gear) {
    return played instanceof BowlRun bowl
        ? OwnDial.of(gear, bowl.drill().sand(), bowl.trade())
        : Optional.empty();
  }

  private Knobs knobs(Run played) {
    Consumer<Action> tells = action -> loop.tell(action);
    return switch (played) {
      case BowlRun bowl -> new BowlKnobs(words, bowl, own, tells);
      case DeckRun deck -> new DeckKnobs(words, deck, tells);
      case HeapRun heap -> new HeapKnobs(words, heap, tells);
    };
  }

  private ScrollPane side() {
    Wrapping buttons =
        new Wrapping(
            8,
            8,
            pause,
            faster,
            Buttons.plain("practice-end", words.of("practice.end"), "E", this::end),
            quiet);
    Parts.shown(quiet, run instanceof BowlRun);
    about.setId("practice-about");
    frames.setId("practice-frames");
    time.setId("practice-time");
    out.setId("practice-out");
    lost.setId("practice-lost");
    VBox side =
        new VBox(
            12,
            Parts.sentence(PracticeWords.task(words, run.drill()), "answer"),
            new HBox(
                26,
                figure(time, words.of("practice.of", words.time(run.drill().limitS() / 60))),
                figure(out, words.of(run instanceof DeckRun ? "practice.apart" : "practice.out")),
                figure(lost, words.of("practice.lost"))),
            knobs,
            about,
            buttons);
    own.ifPresent(
        dial ->
            side.getChildren()
                .add(
                    side.getChildren().indexOf(about),
                    Parts.sentence(PracticeWords.whose(words, dial), "muted")));
    if (run instanceof BowlRun) {
      side.getChildren().addAll(Parts.section(words.of("practice.catch")), catches);
    }
    side.getChildren().add(frames);
    side.setPrefWidth(SIDE);
    side.setMinWidth(0);
    ScrollPane scroll = new ScrollPane(side);
    scroll.getStyleClass().add("page-scroll");
    scroll.setFitToWidth(true);
    // A bar that comes and goes with every figure would move what one reads.
    scroll.setVbarPolicy(ScrollPane.ScrollBarPolicy.ALWAYS);
    scroll.setFocusTraversable(false);
    scroll.setMinWidth(SIDE + BAR);
    return scroll;
  }

  private static VBox figure(Label value, String name) {
    return new VBox(2, value, Parts.sentence(name, "muted"));
  }

  private Wrapping legend() {
    Wrapping legend = new Wrapping(16, 4);
    for (GrainKind kind : GrainKind.values()) {
      int colour = MineralColours.of(kind);
      Rectangle patch =
          new Rectangle(
              14, 14, Color.rgb((colour >> 16) & 0xff, (colour >> 8) & 0xff, colour & 0xff));
      HBox one = new HBox(6, patch, new Label(PracticeWords.mineral(words, kind)));
      one.getStyleClass().add("legend-entry");
      legend.getChildren().add(one);
    }
    return legend;
  }

  /** Begins. */
  void begin() {
    loop.start();
    stage.requestFocus();
  }

  private void stop() {
    loop.stop();
    sound.close();
  }

  private void painted() {
    if (run.isOver()) {
      tell();
      finish();
      return;
    }
    long now = System.nanoTime();
    if (now - toldAt >= TOLD_NS) {
      toldAt = now;
      tell();
    }
  }

  private void finish() {
    if (!isTold) {
      isTold = true;
      stop();
      over.accept(run);
    }
  }

  private void tell() {
    Score score = run.score();
    time.setText(words.stopwatch(Duration.ofSeconds((long) run.seconds())));
    out.setText(words.percent(score.sandOut()));
    lost.setText(words.percent(score.goldLost()));
    knobs.show();
    frames.setText(
        words.of(
            "practice.frames",
            words.fixed(loop.framesASecond(), 0),
            words.fixed(loop.worstASecond(), 0)));
    switch (run) {
      case BowlRun bowl -> tell(bowl);
      case DeckRun deck -> tell(deck);
      case HeapRun heap ->
          about.setText(words.of(heap.heap().isUp() ? "practice.heap.up" : "practice.heap.lies"));
    }
  }

  private void tell(BowlRun bowl) {
    double mm = Math.max(0, 1000 * bowl.bowl().headM());
    sound.level(mm);
    Trade trade = bowl.trade();
    RoundWeir weir = new RoundWeir(bowl.bowl().shape().lipM());
    double least = trade.at(HALF).orElseGet(trade::start).setting();
    double most = Math.max(trade.start().setting(), trade.most());
    double low = 1000 * weir.headM(least / 60_000);
    double high = 1000 * weir.headM(most / 60_000);
    level.show(_ -> LevelChart.of(mm, low, high), words.of("practice.level", words.fixed(mm, 1)));
    about.setText(words.of("practice.level", words.fixed(mm, 1)));
    show(Catches.of(words, bowl.bowl()));
  }

  private void tell(DeckRun deck) {
    about.setText(
        words.of(
            deck.isFull() ? "practice.film" : "practice.film.filling",
            words.fixed(1000 * deck.deck().filmM(), 2),
            words.fixed(deck.deck().topMps(), 2),
            line(deck)));
    show(Catches.of(words, deck.deck()));
  }

  private String line(DeckRun deck) {
    double place = deck.deck().placeM(GrainKind.MAGNETITE, 0.1);
    double splitter = deck.controls().splittersM().getFirst();
    if (Double.isNaN(place)) {
      return "";
    }
    return words.of(
        place > splitter ? "practice.line.below" : "practice.line.above",
        words.fixed(1000 * Math.abs(place - splitter), 0));
  }

  private void show(List<CatchChart.Catch> caught) {
    catches.show(
        width -> CatchChart.of(caught, width),
        words.of(run instanceof BowlRun ? "practice.catch" : "practice.ports"));
  }

  private void pause() {
    loop.pause(!loop.isPaused());
    pause.setText(words.of(loop.isPaused() ? "practice.go-on" : "practice.pause"));
  }

  private void faster() {
    loop.pace(loop.pace() == 1 ? FASTER : 1);
    faster.setText(words.of(loop.pace() == 1 ? "practice.faster" : "practice.slower"));
  }

  private void sound() {
    isHeard = !isHeard;
    sound.sound(isHeard);
    quiet.setText(words.of(isHeard ? "practice.sound.on" : "practice.sound.off"));
  }

  private void end() {
    loop.end();
  }

  /** Does what a key stands for; gives whether it stands for anything. */
  boolean press(KeyEvent key) {
    if (key.getCode() == KeyCode.ESCAPE) {
      end();
      return true;
    }
    return knobs.press(key) || Keys.press(this, key);
  }
}
