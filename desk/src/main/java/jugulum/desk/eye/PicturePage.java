package jugulum.desk.eye;

import java.nio.file.Path;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.AccessibleRole;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextInputControl;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import jugulum.core.eye.Eye;
import jugulum.core.eye.EyeMass;
import jugulum.core.eye.Kappa;
import jugulum.core.eye.KnownSize;
import jugulum.core.eye.PictureScale;
import jugulum.core.eye.Point;
import jugulum.core.eye.Scales;
import jugulum.core.eye.Tray;
import jugulum.core.ledger.Measure;
import jugulum.desk.files.FilePicker;
import jugulum.desk.guide.Guide;
import jugulum.desk.kit.Buttons;
import jugulum.desk.kit.Keys;
import jugulum.desk.kit.Parts;
import jugulum.desk.kit.Wrapping;
import jugulum.desk.session.Workbench;
import jugulum.desk.told.Told;
import jugulum.desk.view.BenchMode;
import jugulum.desk.view.MainView;
import jugulum.desk.view.PictureUse;
import jugulum.desk.words.Prologue;
import jugulum.desk.words.Sentences;
import jugulum.desk.words.Words;
import jugulum.desk.work.Notice;
import jugulum.desk.work.Outcome;
import jugulum.practice.camera.DrawnPicture;

/**
 * A photograph of specks with a thing of known size in it, gone through by keys: first how large it
 * shows things, then one speck that is gold for sure, then what is unsure; count, sizes and mass
 * stay with what it is of. Every key is a sign of its own, so nothing of it is a field's.
 */
public final class PicturePage extends BorderPane implements MainView, BenchMode {
  static final String FOLDER = "eye.folder";

  @Prologue private final Words words;
  private final Workbench workbench;
  private final PictureUse use;
  private final Fetching fetching;
  private final Copies copies;
  private final Drafts drafts;
  private final PictureView picture = new PictureView(this::clicked, this::dragged);
  private final Telling told;
  private final VBox right = new VBox(10);
  private final Label question = Parts.sentence("", "answer");
  private final TallyBox tally;
  private final VBox advice = new VBox(6);
  private final Wrapping buttons = new Wrapping(8, 8);
  private final Going going;
  private final Label wrong = Parts.sentence("", "entry-error");
  private final Label waiting = Parts.sentence("", "muted");
  private Optional<PictureFile.Read.Whole> file = Optional.empty();
  private Optional<PictureScale> scale = Optional.empty();
  private Optional<KnownSize.Line> line = Optional.empty();
  private Optional<Point> lineFrom = Optional.empty();
  private Optional<Looking> looking = Optional.empty();
  private Optional<Drafts.Begun> begun = Optional.empty();
  private Step step = Step.FILE;
  private boolean wantsNewest;

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
   * A page for what a picture is of.
   *
   * @param use where its specks go
   */
  public PicturePage(Workbench workbench, FilePicker picker, Clock clock, PictureUse use) {
    this.words = workbench.words();
    super();
    this.workbench = workbench;
    this.use = use;
    this.copies = new Copies(workbench);
    this.drafts =
        new Drafts(workbench.work(), Copies.beside(workbench.session().bookPath()), use.key());
    this.fetching =
        new Fetching(workbench, picker, clock, this::take, this::say, this::isInSight, this::came);
    setId("picture-page");
    getStyleClass().addAll("page", "eye-page");
    setFocusTraversable(true);
    setAccessibleRole(AccessibleRole.IMAGE_VIEW);
    setAccessibleText(words.of("eye.title"));
    tally =
        new TallyBox(words, workbench.preferences(), workbench.work().latest(), use, this::draft);
    told = new Telling(words, workbench.preferences(), this::find);
    going =
        new Going(words, picture, question, this::say, () -> looking.orElseThrow(), this::redraw);
    wrong.setId("eye-wrong");
    question.setId("eye-question");
    advice.setId("eye-advice");
    waiting.setId("eye-waiting");
    Parts.shown(wrong, false);
    Parts.shown(waiting, false);
    right.getChildren().setAll(question, told, wrong, advice, tally, buttons, waiting);
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
    VBox.setVgrow(frame, Priority.ALWAYS);
    setCenter(new VBox(10, frame, going.tools()));
    setRight(rolled);
    addEventFilter(KeyEvent.KEY_PRESSED, this::pressed);
    fetching.takesDropped(this);
    sceneProperty()
        .addListener(
            (_, _, scene) -> {
              if (scene != null) {
                fetching.coming().begin();
              }
            });
    go(Step.FILE);
    last();
    drafts.find(found -> found.ifPresentOrElse(this::found, this::nothingBegun));
    workbench.projections().everyBatch().corrections(tally::learn);
  }

  private boolean isInSight() {
    return getScene() != null
        && getScene().getWindow() != null
        && getScene().getWindow().isShowing();
  }

  private Node top() {
    VBox top = new VBox(2, Parts.heading(words.of("eye.title"), use.called()));
    top.getStyleClass().add("page-top");
    return top;
  }

  private void go(Step next) {
    step = next;
    going.drop();
    Parts.shown(told, next == Step.TELL || next == Step.LINE);
    Parts.shown(tally, next == Step.GO);
    question.setText(words.of("eye.step", next));
    advice.getChildren().clear();
    buttons.getChildren().setAll(keys(next));
    Parts.shown(going.tools(), next == Step.GO);
    if (next == Step.GO) {
      tell();
      if (file.filter(PictureFile.Read.Whole::isDrawn).isPresent()) {
        advice.getChildren().setAll(Parts.sentence(words.of("eye.no-evidence"), "muted"));
      }
    }
    if (next == Step.LINE) {
      told.asksForLength();
    }
    if (next == Step.SCALE) {
      tellScale();
    }
  }

  private List<Button> keys(Step now) {
    Button other = Buttons.quiet("eye-open", words.of("eye.open"), "P", fetching::open);
    Button newest = Buttons.plain("eye-newest", words.of("eye.newest"), "N", fetching::newest);
    Parts.shown(newest, fetching.coming().folder().isPresent());
    Button back = Buttons.quiet("eye-leave", words.of("panel.back"), "Esc", this::leave);
    return switch (now) {
      case FILE -> first(newest, back);
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
              Buttons.primary("eye-keep", words.of("eye.keep"), "Enter", this::enter),
              newest,
              other,
              back);
    };
  }

  private List<Button> first(Button newest, Button back) {
    List<Button> all = new ArrayList<>();
    begun.ifPresent(
        one -> {
          all.add(
              Buttons.primary(
                  "eye-go-on",
                  words.of("eye.go-on", one.draft().name()),
                  "Enter",
                  () -> goOn(one)));
          all.add(Buttons.quiet("eye-give-up", words.of("eye.give-up"), "F", this::giveUp));
        });
    all.add(
        begun.isPresent()
            ? Buttons.plain("eye-open", words.of("eye.open"), "P", fetching::open)
            : Buttons.primary("eye-open", words.of("eye.open"), "P", fetching::open));
    all.add(newest);
    if (use.keepsPictures()) {
      all.add(
          Buttons.plain(
              "eye-draw",
              words.of("eye.draw"),
              "D",
              () -> fetching.draw(told.tray(), () -> told.disc(DrawnPicture.DISC_MM))));
    }
    all.add(back);
    return all;
  }

  private void say(String sentence) {
    wrong.setText(sentence.isEmpty() ? "" : words.of("entry.error", sentence));
    Parts.shown(wrong, !sentence.isEmpty());
  }

  /** A picture that was read; the same gold counts once. */
  private void take(PictureFile.Read.Whole whole) {
    Optional<String> there = whole.isDrawn() ? Optional.empty() : use.keptWith(whole.sha256());
    if (there.isPresent()) {
      say(words.of("eye.twice", whole.name(), there.get()));
      return;
    }
    file = Optional.of(whole);
    looking = Optional.empty();
    line = Optional.empty();
    begun = Optional.empty();
    picture.show(whole.image());
    go(Step.TELL);
    focusFirst();
  }

  /** What a camera saved meanwhile: the first is taken while nothing else is in hand. */
  private void came(List<Path> all) {
    boolean isMany = all.size() > Coming.MOST;
    if (!isMany && !all.isEmpty() && step == Step.FILE && begun.isEmpty()) {
      fetching.read(all.getFirst());
    }
    int left = fetching.coming().waiting().size();
    waiting.setText(
        isMany ? words.counted("eye.too-many", left) : words.counted("eye.waiting", left));
    Parts.shown(waiting, left > 0);
  }

  /** Takes the newest picture of the camera's folder, unless one was begun already. */
  public void newest() {
    requestFocus();
    wantsNewest = true;
  }

  private void nothingBegun() {
    if (wantsNewest && step == Step.FILE) {
      fetching.newest();
    }
  }

  private void find() {
    Optional<KnownSize> what = told.known();
    if (what.isEmpty() || file.isEmpty()) {
      return;
    }
    told.remember();
    line = Optional.empty();
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
    PictureScale found = scale.orElseThrow();
    question.setText(ScaleTold.question(words, found, told.told().size()));
    advice.getChildren().setAll(ScaleTold.of(words, found));
  }

  /** The scale is right: the eye looks, and one that is gold for sure is asked for. */
  private void yes() {
    PictureFile.Read.Whole whole = file.orElseThrow();
    PictureScale found = scale.orElseThrow();
    Tray on = told.tray();
    Kappa kappa = use.kappa();
    question.setText(words.of("eye.looking"));
    drafts.begin(whole.bytes());
    workbench
        .work()
        .aside(
            () -> new Looking(whole.light(), found, on, kappa, whole.seed()),
            look -> {
              looking = Optional.of(look);
              picture.covered(found.covered());
              picture.marks(look.tally(), look.inHand());
              go(Step.SURE);
              requestFocus();
            });
  }

  private void clicked(Point place) {
    requestFocus();
    picture.to(place);
    switch (step) {
      case LINE -> line(place);
      case SURE -> sure();
      case GO -> going.clicked(place);
      case FILE, TELL, SCALE -> {}
    }
  }

  /** A way along which the mouse was drawn. */
  private void dragged(List<Point> way) {
    requestFocus();
    picture.to(way.getLast());
    if (step == Step.LINE) {
      lineFrom = Optional.of(way.getFirst());
      line(way.getLast());
    } else if (step == Step.GO) {
      going.dragged(way);
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
    KnownSize.Line drawn = new KnownSize.Line(mm.get(), from, place);
    line = Optional.of(drawn);
    scale = Scales.of(file.orElseThrow().light(), drawn);
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

  /** The cross-hair goes from speck to speck, for whoever points at one without a mouse. */
  private void toTheNext(Looking look, boolean isBack) {
    look.step(isBack);
    picture.marks(look.tally(), look.inHand());
  }

  private void redraw() {
    looking.ifPresent(
        look -> {
          picture.marks(look.tally(), look.inHand());
          tell();
          draft();
        });
  }

  private void tell() {
    looking.ifPresent(tally::show);
  }

  /** So far it was gone through: a window that is closed now goes on from there. */
  private void draft() {
    Optional<Looking> begunWith = looking.filter(look -> look.sure().isPresent());
    file.flatMap(whole -> begunWith.map(look -> draft(whole, look))).ifPresent(drafts::save);
  }

  private Draft draft(PictureFile.Read.Whole whole, Looking look) {
    List<String> typed = tally.typed();
    return new Draft(
        whole.sha256(),
        whole.name(),
        whole.isDrawn(),
        told.told(),
        line,
        look.sure(),
        look.tally().marks(),
        typed.getFirst(),
        typed.getLast());
  }

  private void found(Drafts.Begun one) {
    if (step == Step.FILE) {
      begun = Optional.of(one);
      go(Step.FILE);
      question.setText(words.of("eye.begun", one.draft().name()));
    }
  }

  private void giveUp() {
    begun = Optional.empty();
    drafts.end();
    go(Step.FILE);
  }

  /** Goes on with what was begun, where it was left. */
  private void goOn(Drafts.Begun one) {
    Draft draft = one.draft();
    told.tell(draft.told());
    Optional<KnownSize> known = draft.line().<KnownSize>map(drawn -> drawn).or(told::known);
    Tray on = told.tray();
    Kappa kappa = use.kappa();
    question.setText(words.of("eye.looking"));
    workbench
        .work()
        .aside(
            () -> known.flatMap(what -> Again.of(one, what, on, kappa)),
            again ->
                again.ifPresentOrElse(
                    there -> {
                      file = Optional.of(there.whole());
                      scale = Optional.of(there.scale());
                      line = draft.line();
                      looking = Optional.of(there.looking());
                      begun = Optional.empty();
                      tally.put(draft.panned(), draft.weighed());
                      picture.show(there.whole().image());
                      picture.known(there.scale());
                      picture.covered(there.scale().covered());
                      go(Step.GO);
                      redraw();
                      requestFocus();
                    },
                    () -> {
                      giveUp();
                      say(words.of("eye.begun.lost"));
                    }));
  }

  private void enter() {
    if (!going.corner()) {
      keep();
    }
  }

  /** Count, sizes and mass stay with what it is of as one action. */
  private void keep() {
    Looking look = looking.orElseThrow();
    if (look.tally().unsure() > 0) {
      look.nextUnsure();
      redraw();
      return;
    }
    Optional<Optional<Double>> grams = tally.pannedG();
    Optional<Optional<KeptPicture.Weighed>> together = grams.flatMap(_ -> tally.weighed());
    Optional<EyeMass> weighs = look.mass();
    if (grams.isEmpty() || together.isEmpty() || weighs.isEmpty()) {
      return;
    }
    PictureFile.Read.Whole whole = file.orElseThrow();
    use.keep(KeptPicture.measures(whole, look, weighs.get(), Eye.RULE, grams.get(), together.get()))
        .thenAccept(
            outcome -> {
              if (outcome instanceof Outcome.Not not) {
                say(Told.why(not, workbench.preferences().figures().get()));
              } else {
                drafts.end();
                if (use.keepsPictures()) {
                  copies.keep(whole.sha256(), whole.image(), this::copied);
                }
                use.leave();
              }
            });
  }

  /** The figures are kept by now; where the copy is not in the book, that is said. */
  private void copied(Copies.Kept how) {
    if (how != Copies.Kept.IN_THE_BOOK) {
      workbench.notices().say(new Notice.Said(words.of("eye.copy", how), how == Copies.Kept.NOT));
    }
  }

  /** The picture that is kept there already, with what was made of it. */
  private void last() {
    use.last()
        .ifPresent(
            one ->
                copies.picture(
                    one.sha256(),
                    found -> {
                      if (step == Step.FILE) {
                        picture.show(found);
                        one.traced().ifPresent(picture::kept);
                        advice.getChildren().setAll(Parts.sentence(told(one), "muted"));
                      }
                    }));
  }

  private String told(Measure.Pictured one) {
    return Sentences.measure(one, workbench.preferences().figures().get());
  }

  private void leave() {
    if (!going.drop()) {
      use.leave();
    }
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
      leave();
      return true;
    }
    // Arrows and blanks choose among toggles; Enter goes on.
    boolean isToggle = key.getTarget() instanceof ToggleButton && key.getCode() != KeyCode.ENTER;
    if (isField || isToggle) {
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
      case ENTER, SPACE -> {
        return !(key.getTarget() instanceof Button) && Keys.press(this, key.getCode());
      }
      case TAB -> {
        if (step == Step.SURE) {
          looking.ifPresent(look -> toTheNext(look, key.isShiftDown()));
          return true;
        }
        if (step != Step.GO) {
          return false;
        }
        going.act(look -> look.step(key.isShiftDown()));
      }
      case DELETE, X -> {
        if (step != Step.GO) {
          return false;
        }
        going.act(look -> look.say(false));
      }
      default -> {
        return Keys.press(this, key);
      }
    }
    going.moved();
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
    // Nothing goes on behind it: what comes from a camera ends with the scene.
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
