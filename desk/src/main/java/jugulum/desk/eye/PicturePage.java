package jugulum.desk.eye;

import java.io.IOException;
import java.nio.file.Path;
import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextInputControl;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.DragEvent;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.TransferMode;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import jugulum.core.eye.Eye;
import jugulum.core.eye.EyeMass;
import jugulum.core.eye.Kappa;
import jugulum.core.eye.KnownSize;
import jugulum.core.eye.Point;
import jugulum.core.eye.Scale;
import jugulum.core.eye.Scales;
import jugulum.core.eye.Seen.Trouble;
import jugulum.core.eye.Tray;
import jugulum.core.gold.PicturedGold;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Measure;
import jugulum.desk.files.FileKind;
import jugulum.desk.files.FilePicker;
import jugulum.desk.guide.Guide;
import jugulum.desk.kit.Buttons;
import jugulum.desk.kit.Keys;
import jugulum.desk.kit.Parts;
import jugulum.desk.kit.Wrapping;
import jugulum.desk.session.Current;
import jugulum.desk.session.Workbench;
import jugulum.desk.told.Told;
import jugulum.desk.view.BenchMode;
import jugulum.desk.view.MainView;
import jugulum.desk.words.Prologue;
import jugulum.desk.words.Sentences;
import jugulum.desk.words.Words;
import jugulum.desk.work.Notice;
import jugulum.desk.work.Outcome;
import jugulum.practice.camera.DrawnPicture;

/**
 * A photograph of specks with a thing of known size in it, gone through by keys: first how large it
 * shows things, then one speck that is gold for sure, then what is unsure; count, sizes and mass
 * stay with the lot. Every key is a sign of its own, so nothing of it is a field's.
 */
public final class PicturePage extends BorderPane implements MainView, BenchMode {
  private static final String FOLDER = "eye.folder";

  @Prologue private final Words words;
  private final Workbench workbench;
  private final FilePicker picker;
  private final Clock clock;
  private final LotId lot;
  private final Current batch;
  private final Runnable leave;
  private final PictureFolder folder;
  private final PictureView picture = new PictureView(this::clicked);
  private final Telling told;
  private final VBox right = new VBox(10);
  private final Label question = Parts.sentence("", "answer");
  private final TallyBox tally;
  private final VBox advice = new VBox(6);
  private final Wrapping buttons = new Wrapping(8, 8);
  private final Label wrong = Parts.sentence("", "entry-error");
  private Optional<PictureFile.Read.Whole> file = Optional.empty();
  private Optional<Scale> scale = Optional.empty();
  private Optional<Point> lineFrom = Optional.empty();
  private Optional<Looking> looking = Optional.empty();
  private Step step = Step.FILE;

  /** What is asked for. */
  private enum Step {
    FILE,
    TELL,
    SCALE,
    LINE,
    SURE,
    GO
  }

  /**
   * A page for a lot of the batch on the bench.
   *
   * @param leave goes back to where one came from
   */
  public PicturePage(
      Workbench workbench, FilePicker picker, Clock clock, LotId lot, Runnable leave) {
    this.words = workbench.words();
    super();
    this.workbench = workbench;
    this.picker = picker;
    this.clock = clock;
    this.lot = lot;
    this.leave = leave;
    this.folder = new PictureFolder(workbench.session().bookPath());
    this.batch = workbench.projections().current().get();
    setId("picture-page");
    getStyleClass().addAll("page", "eye-page");
    setFocusTraversable(true);
    setAccessibleText(words.of("eye.title"));
    tally = new TallyBox(words);
    told = new Telling(words, workbench.preferences(), this::find);
    wrong.setId("eye-wrong");
    question.setId("eye-question");
    advice.setId("eye-advice");
    Parts.shown(wrong, false);
    right.getChildren().setAll(question, told, wrong, advice, tally, buttons);
    right.getStyleClass().add("side");
    ScrollPane rolled = new ScrollPane(right);
    rolled.setFitToWidth(true);
    rolled.setPrefWidth(440);
    rolled.setFocusTraversable(false);
    rolled.getStyleClass().add("page-scroll");
    setTop(top());
    StackPane frame = new StackPane(picture);
    frame.getStyleClass().add("eye-frame");
    frame.setMinSize(0, 0);
    setCenter(frame);
    setRight(rolled);
    addEventFilter(KeyEvent.KEY_PRESSED, this::pressed);
    setOnDragOver(this::over);
    setOnDragDropped(this::dropped);
    go(Step.FILE);
    last();
  }

  private Node top() {
    String called =
        batch
            .worked()
            .flatMap(now -> now.network().lot(lot))
            .map(one -> Sentences.lot(words, one))
            .orElse("");
    VBox top = new VBox(2, Parts.heading(words.of("eye.title"), called));
    top.getStyleClass().add("page-top");
    return top;
  }

  private void go(Step next) {
    step = next;
    Parts.shown(told, next == Step.TELL || next == Step.LINE);
    Parts.shown(tally, next == Step.GO);
    question.setText(words.of("eye.step", next));
    advice.getChildren().clear();
    buttons.getChildren().setAll(keys(next));
    if (next == Step.GO) {
      tell();
    }
    if (next == Step.SCALE) {
      tellScale();
    }
  }

  private List<Button> keys(Step now) {
    Button other = Buttons.quiet("eye-open", words.of("eye.open"), "P", this::open);
    Button newest = Buttons.plain("eye-newest", words.of("eye.newest"), "N", this::newest);
    Parts.shown(newest, workbench.preferences().remembered(FOLDER).isPresent());
    Button back = Buttons.quiet("eye-leave", words.of("panel.back"), "Esc", leave);
    return switch (now) {
      case FILE ->
          List.of(
              Buttons.primary("eye-open", words.of("eye.open"), "P", this::open),
              newest,
              Buttons.plain("eye-draw", words.of("eye.draw"), "D", this::draw),
              back);
      case TELL ->
          List.of(
              Buttons.primary("eye-find", words.of("eye.find"), "Enter", this::find), other, back);
      case SCALE ->
          List.of(
              Buttons.primary("eye-yes", words.of("eye.yes"), "Enter", this::yes),
              Buttons.plain("eye-line", words.of("eye.line"), "M", () -> go(Step.LINE)),
              Buttons.plain("eye-tell", words.of("eye.tell"), "T", () -> go(Step.TELL)),
              other,
              back);
      case LINE -> List.of(other, back);
      case SURE ->
          List.of(
              Buttons.primary("eye-sure", words.of("eye.sure"), "Enter", this::sure), other, back);
      case GO ->
          List.of(
              Buttons.primary("eye-keep", words.of("eye.keep"), "Enter", this::keep),
              Buttons.plain("eye-next", words.of("eye.next"), "Space", this::nextUnsure),
              Buttons.plain("eye-turn", words.of("eye.turn"), "G", () -> act(Looking::turn)),
              Buttons.plain("eye-add", words.of("eye.add"), "A", this::add),
              Buttons.plain("eye-split", words.of("eye.split"), "S", () -> act(Looking::split)),
              Buttons.plain("eye-join", words.of("eye.join"), "J", () -> act(Looking::join)),
              newest,
              other,
              back);
    };
  }

  private void say(String sentence) {
    wrong.setText(sentence.isEmpty() ? "" : words.of("entry.error", sentence));
    Parts.shown(wrong, !sentence.isEmpty());
  }

  private void open() {
    picker
        .toOpen(FileKind.PHOTOGRAPH)
        .ifPresent(
            path -> {
              Path folder = path.toAbsolutePath().getParent();
              if (folder != null) {
                workbench.preferences().remember(FOLDER, folder.toString());
              }
              read(path);
            });
  }

  /** The played camera draws one to practise on: what is kept of it is no evidence. */
  private void draw() {
    long seed = clock.millis();
    Tray on = told.tray();
    say("");
    workbench
        .work()
        .aside(
            () ->
                PictureFile.drawn(
                    DrawnPicture.of(seed, on), words.of("eye.drawn", Long.toString(seed))),
            whole -> {
              told.disc(DrawnPicture.DISC_MM);
              take(whole);
            });
  }

  private void take(PictureFile.Read.Whole whole) {
    file = Optional.of(whole);
    looking = Optional.empty();
    picture.show(whole.image());
    go(Step.TELL);
    focusFirst();
  }

  /** The last picture of the folder one opened from before: where the camera saves. */
  private void newest() {
    workbench
        .preferences()
        .remembered(FOLDER)
        .ifPresent(
            from ->
                workbench
                    .work()
                    .aside(
                        () -> CameraFolder.newest(Path.of(from), clock.instant()),
                        found ->
                            found.ifPresentOrElse(
                                this::read, () -> say(words.of("eye.newest.none", from)))));
  }

  private void over(DragEvent drag) {
    if (drag.getDragboard().hasFiles()) {
      drag.acceptTransferModes(TransferMode.COPY);
      drag.consume();
    }
  }

  private void dropped(DragEvent drag) {
    drag.getDragboard().getFiles().stream().findFirst().ifPresent(one -> read(one.toPath()));
    drag.setDropCompleted(true);
    drag.consume();
  }

  /** Reads a picture while the window goes on; what it cannot be is said, and nothing changes. */
  void read(Path path) {
    say("");
    workbench
        .work()
        .aside(
            () -> PictureFile.read(path),
            read -> {
              switch (read) {
                case PictureFile.Read.Whole whole -> take(whole);
                case PictureFile.Read.Not(var why) -> say(words.of("eye.not", why));
              }
            });
  }

  private void find() {
    Optional<KnownSize> what = told.known();
    if (what.isEmpty() || file.isEmpty()) {
      return;
    }
    told.remember();
    PictureFile.Read.Whole whole = file.get();
    question.setText(words.of("eye.finding"));
    workbench
        .work()
        .aside(
            () -> Scales.of(whole.light(), what.get()),
            found -> {
              scale = found;
              found.ifPresent(picture::known);
              go(found.isPresent() ? Step.SCALE : Step.LINE);
              requestFocus();
            });
  }

  private void tellScale() {
    Scale found = scale.orElseThrow();
    String how =
        switch (found.found()) {
          case Scale.Found.Ring _ -> words.of("eye.scale.ring", told.typed());
          case Scale.Found.Lines _ -> words.of("eye.scale.lines", words.rounded(pitchMm(found), 3));
          case Scale.Found.Drawn _ -> words.of("eye.scale.drawn");
        };
    question.setText(how);
    advice
        .getChildren()
        .setAll(
            Parts.sentence(
                words.of(
                    "eye.scale.px",
                    words.rounded(found.pxPerMm(), 1),
                    words.percent(found.relativeSd())),
                "muted"));
    if (found.isWeak()) {
      advice
          .getChildren()
          .add(Parts.advice("fault", "", words.of("eye.trouble", Trouble.WEAK_SCALE)));
    }
  }

  private static double pitchMm(Scale found) {
    return found.found() instanceof Scale.Found.Lines lines ? lines.pitchPx() / found.pxPerMm() : 0;
  }

  /** The scale is right: the eye looks, and one that is gold for sure is asked for. */
  private void yes() {
    PictureFile.Read.Whole whole = file.orElseThrow();
    Scale found = scale.orElseThrow();
    Tray on = told.tray();
    Kappa kappa = kappa();
    question.setText(words.of("eye.looking"));
    long seed = Long.parseUnsignedLong(whole.sha256().substring(0, 16), 16);
    workbench
        .work()
        .aside(
            () -> new Looking(whole.light(), found, on, kappa, seed),
            look -> {
              looking = Optional.of(look);
              picture.marks(look.tally(), look.inHand());
              go(Step.SURE);
              requestFocus();
            });
  }

  private Kappa kappa() {
    return PicturedGold.kappa(batch.worked().orElseThrow().network());
  }

  private void clicked(Point place) {
    requestFocus();
    picture.to(place);
    switch (step) {
      case LINE -> line(place);
      case SURE -> sure();
      case GO -> {
        looking.ifPresent(look -> look.take(place));
        redraw();
      }
      case FILE, TELL, SCALE -> {}
    }
  }

  private void line(Point place) {
    if (lineFrom.isEmpty()) {
      lineFrom = Optional.of(place);
      question.setText(words.of("eye.line.to"));
      return;
    }
    Point from = lineFrom.get();
    lineFrom = Optional.empty();
    Optional<Double> mm = told.lengthMm();
    if (mm.isEmpty() || from.to(place) < 10) {
      say(words.of("eye.line.short"));
      go(Step.LINE);
      return;
    }
    say("");
    scale = Scales.of(file.orElseThrow().light(), new KnownSize.Line(mm.get(), from, place));
    scale.ifPresent(picture::known);
    go(Step.SCALE);
  }

  /** What lies at the cross-hair is gold for sure: all are judged beside it. */
  private void sure() {
    Looking look = looking.orElseThrow();
    Point place = picture.cross();
    if (look.tally().at(place).isEmpty()) {
      say(words.of("eye.sure.none"));
      return;
    }
    say("");
    question.setText(words.of("eye.looking"));
    workbench
        .work()
        .aside(
            () -> {
              look.sure(place);
              return look;
            },
            _ -> {
              go(Step.GO);
              redraw();
              requestFocus();
            });
  }

  private void act(Consumer<Looking> how) {
    looking.ifPresent(how);
    redraw();
  }

  private void nextUnsure() {
    act(Looking::nextUnsure);
  }

  private void add() {
    act(look -> look.add(picture.cross()));
  }

  private void redraw() {
    looking.ifPresent(
        look -> {
          picture.marks(look.tally(), look.inHand());
          tell();
        });
  }

  private void tell() {
    looking.ifPresent(tally::show);
  }

  /** Count, sizes and mass stay with the lot as one action. */
  private void keep() {
    Looking look = looking.orElseThrow();
    if (look.tally().unsure() > 0) {
      look.nextUnsure();
      redraw();
      return;
    }
    Optional<Optional<Double>> grams = tally.pannedG();
    Optional<Optional<Kept.Weighed>> together = grams.flatMap(_ -> tally.weighed());
    Optional<EyeMass> weighs = look.mass();
    if (grams.isEmpty() || together.isEmpty() || weighs.isEmpty()) {
      return;
    }
    List<Edit> edits =
        Kept.measures(file.orElseThrow(), look, weighs.get(), Eye.RULE, grams.get(), together.get())
            .stream()
            .<Edit>map(measure -> new Edit.RecordOnLot(lot, measure))
            .toList();
    workbench
        .session()
        .submit(batch, edits)
        .thenAccept(
            outcome -> {
              if (outcome instanceof Outcome.Not not) {
                say(Told.why(not, workbench.preferences().figures().get()));
              } else {
                copy(file.orElseThrow());
                leave.run();
              }
            });
  }

  /** The figures are kept by now; where the copy cannot be, that is said. */
  private void copy(PictureFile.Read.Whole whole) {
    workbench
        .work()
        .aside(
            () -> {
              try {
                folder.keep(whole.sha256(), whole.image());
                return true;
              } catch (IOException notWritten) {
                return false;
              }
            },
            isKept -> {
              if (!isKept) {
                workbench.notices().say(new Notice.Said(words.of("eye.not-kept"), true));
              }
            });
  }

  /** The picture the lot has, if there is one. */
  private void last() {
    Optional<Measure.Pictured> kept =
        batch
            .worked()
            .flatMap(now -> now.network().lot(lot))
            .flatMap(one -> one.latest(Measure.Pictured.class));
    kept.ifPresent(
        one ->
            workbench
                .work()
                .aside(
                    () -> folder.picture(one.sha256()),
                    found -> {
                      if (step == Step.FILE) {
                        found.ifPresent(picture::show);
                        advice
                            .getChildren()
                            .setAll(
                                Parts.sentence(
                                    Sentences.measure(one, workbench.preferences().figures().get()),
                                    "muted"));
                      }
                    }));
  }

  private void pressed(KeyEvent key) {
    boolean isField = key.getTarget() instanceof TextInputControl;
    boolean isSign = !key.isShortcutDown() && !key.isAltDown();
    if (isSign && does(key, isField)) {
      key.consume();
    }
  }

  private boolean does(KeyEvent key, boolean isField) {
    if (key.getCode() == KeyCode.ESCAPE) {
      leave.run();
      return true;
    }
    if (isField || key.getTarget() instanceof ToggleButton) {
      return false;
    }
    double far = key.isShiftDown() ? 10 : 1;
    switch (key.getCode()) {
      case LEFT -> picture.move(-far, 0);
      case RIGHT -> picture.move(far, 0);
      case UP -> picture.move(0, -far);
      case DOWN -> picture.move(0, far);
      case PLUS, ADD, EQUALS -> picture.zoom(1);
      case MINUS, SUBTRACT -> picture.zoom(-1);
      case DIGIT0, NUMPAD0 -> picture.zoom(0);
      case TAB -> {
        if (step != Step.GO) {
          return false;
        }
        act(look -> look.step(key.isShiftDown()));
      }
      case DELETE, X -> {
        if (step != Step.GO) {
          return false;
        }
        act(look -> look.say(false));
      }
      default -> {
        return Keys.press(this, key);
      }
    }
    return true;
  }

  @Override
  public boolean undoOrRedo(boolean isRedo) {
    if (!isRedo && looking.filter(Looking::back).isPresent()) {
      redraw();
    }
    return true;
  }

  @Override
  public Node node() {
    return this;
  }

  @Override
  public Guide.Page page() {
    return Guide.Page.BENCH;
  }

  @Override
  public void begin() {
    focusFirst();
  }

  @Override
  public void end() {
    // Nothing goes on behind it.
  }

  @Override
  public void focusFirst() {
    if (step == Step.TELL) {
      told.focusFirst();
    } else {
      requestFocus();
    }
  }
}
