package jugulum.desk.shell;

import java.nio.file.Path;
import java.time.Clock;
import java.util.Optional;
import java.util.function.Predicate;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyBooleanWrapper;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.event.Event;
import javafx.event.EventHandler;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.VBox;
import jugulum.core.ledger.LotId;
import jugulum.desk.eye.PicturePage;
import jugulum.desk.files.FilePicker;
import jugulum.desk.find.FindView;
import jugulum.desk.guide.Guide;
import jugulum.desk.hands.HandsView;
import jugulum.desk.kit.Keys;
import jugulum.desk.kit.Lazy;
import jugulum.desk.kit.Parts;
import jugulum.desk.live.Beat;
import jugulum.desk.live.RunWatch;
import jugulum.desk.season.StartView;
import jugulum.desk.session.Workbench;
import jugulum.desk.shop.FirstGear;
import jugulum.desk.told.Told;
import jugulum.desk.view.BenchMode;
import jugulum.desk.view.Beside;
import jugulum.desk.view.MainView;
import jugulum.desk.view.View;
import jugulum.desk.words.Words;
import jugulum.desk.work.Notice;

/** The window's content: the tabs, what there is to say, and the view chosen. */
public final class Shell extends BorderPane {
  private final Words words;
  private final Workbench workbench;
  private final Rooms rooms;
  private final Beside beside;
  private final NavigationBar bar;
  private final RunTimer timer;
  private final Label notice = Parts.sentence("", "notice");

  /** What others recorded, under the one question of bench mode. */
  private final Label wrote = Parts.sentence("", "notice", "notice-plain");

  private final ReadOnlyBooleanWrapper benchMode = new ReadOnlyBooleanWrapper();
  private final Lazy<HandsView> hands;
  private Optional<TourBar> tour = Optional.empty();

  /** What asks one question at a time now, or asked last, and the view it leads back to. */
  private Optional<Asked> asking = Optional.empty();

  private record Asked(BenchMode mode, View back) {}

  private final VBox top;

  /**
   * Makes the shell of a workbench.
   *
   * @param beside opens other books in windows beside this one
   */
  public Shell(Workbench workbench, Clock clock, FilePicker picker, Beside beside) {
    this.words = workbench.words();
    this.workbench = workbench;
    getStyleClass().add("shell");
    Beat beat = new Beat(clock);
    workbench.watching().atTheEnd(() -> beat.beat(false));
    this.beside = beside;
    rooms = new Rooms(workbench, clock, beat, picker, beside, this::shows, this::endBenchMode);
    timer = new RunTimer(workbench, beat, this::open);
    bar = new NavigationBar(workbench, rooms, timer, this::enterBenchMode);
    notice.setId("notice");
    wrote.setId("hands-wrote");
    wrote.setMaxWidth(Double.MAX_VALUE);
    notice.managedProperty().bind(notice.visibleProperty());
    hands =
        new Lazy<>(
            () ->
                new HandsView(
                    workbench, beat, clock::instant, this::picture, this::leaveBenchMode));
    top = new VBox(bar.node(), notice);
    setTop(top);
    BlindTyping typing =
        new BlindTyping(
            () -> view().flatMap(MainView::asked),
            () -> getCenter() instanceof FirstGear,
            () -> workbench.notices().say(new Notice.Said(words.of("entry.nothing-asked"), true)));
    addEventFilter(KeyEvent.KEY_TYPED, unlessInBenchMode(typing::typed));
    addEventFilter(KeyEvent.KEY_PRESSED, unlessInBenchMode(typing::pressed));
    addEventFilter(KeyEvent.KEY_PRESSED, this::key);
    addEventFilter(KeyEvent.KEY_TYPED, this::helpIfAsked);
    workbench.watch(workbench.notices().notice(), _ -> say());
    say();
    show(View.BENCH);
  }

  /**
   * The most urgent thing a running machine asks for, for the title of the window; empty while
   * nothing is due.
   */
  public ReadOnlyStringProperty due() {
    return timer.due();
  }

  /** Opens the panel of a lot of the batch on the bench. */
  public void openLot(LotId lot) {
    rooms.openLot(lot);
  }

  /** Goes to what asks first. */
  private void open(RunWatch.Watched run) {
    switch (run.going()) {
      case RunWatch.Going.Run(var step, var _) -> rooms.openStep(run.batch(), step);
      case RunWatch.Going.Melt(var lot, int _) -> rooms.openLot(run.batch(), lot);
    }
  }

  /** Bench mode is one large field: it takes every sign itself. */
  private EventHandler<KeyEvent> unlessInBenchMode(EventHandler<KeyEvent> handler) {
    return key -> {
      if (!(getCenter() instanceof BenchMode)) {
        handler.handle(key);
      }
    };
  }

  /** Hands a key to what is in sight, where nothing has the focus. */
  void take(KeyEvent key) {
    Event.fireEvent(getCenter(), key);
  }

  /** The view in sight. */
  View current() {
    return rooms.current();
  }

  private void say() {
    Notice said = workbench.notices().notice().get();
    String text = Told.text(said, workbench.preferences().figures().get());
    notice.setText(said.isFault() ? words.of("entry.error", text) : text);
    notice.setVisible(!text.isEmpty());
    String style = said.isFault() ? "notice-fault" : "notice-plain";
    if (!notice.getStyleClass().contains(style)) {
      notice.getStyleClass().setAll("notice", style);
    }
    if (benchMode.get() && said instanceof Notice.Wrote) {
      wrote.setText(text);
      setBottom(wrote);
    }
  }

  /** Shows a view. */
  public void show(View view) {
    rooms.show(view);
  }

  /** Takes a batch file into the book. */
  public void takeIn(Path json) {
    rooms.takeIn(json);
  }

  /** Shows the form that starts a batch. */
  public void startBatch() {
    rooms.startBatch();
  }

  /** What looks for something and what helps leaves the tab of the view before it marked. */
  private void shows(Node node) {
    setCenter(node);
    bar.mark(node instanceof StartView ? Optional.empty() : Optional.of(rooms.current()));
  }

  /** The view in sight, where it is one. */
  private Optional<MainView> view() {
    return getCenter() instanceof MainView view ? Optional.of(view) : Optional.empty();
  }

  private void key(KeyEvent key) {
    boolean used =
        key.isShortcutDown()
            ? shortcut(key)
            : key.getCode() == KeyCode.ESCAPE && leave()
                || getCenter() == rooms.bench() && rooms.bench().pressOffered(key)
                || !benchMode.get() && tour.filter(bar -> bar.press(key.getCode())).isPresent()
                || getCenter() instanceof KeysHelp help && Keys.press(help, key)
                || key.getCode() == KeyCode.F5 && refresh()
                || key.getCode() == KeyCode.F1 && openPages()
                || key.getCode() == KeyCode.F11 && toggleBenchMode();
    if (used) {
      key.consume();
    }
  }

  /** The documents, at what they say of the view in sight. */
  private boolean openPages() {
    Guide.Page page = view().map(MainView::page).orElse(Guide.Page.BENCH);
    beside
        .pages()
        .ifPresentOrElse(
            opens -> opens.accept(Guide.place(words, page)),
            () -> workbench.notices().say(new Notice.Said(words.of("pages.none"), true)));
    return true;
  }

  private boolean shortcut(KeyEvent key) {
    if (key.getCode() == KeyCode.Z) {
      return undoOrRedo(key);
    }
    if (key.isAltDown()) {
      return false;
    }
    // On many keyboards a plus takes the shift key.
    switch (key.getCode()) {
      case PLUS, ADD, EQUALS -> {
        workbench.preferences().resize(true);
        return true;
      }
      case MINUS, SUBTRACT -> {
        workbench.preferences().resize(false);
        return true;
      }
      default -> {}
    }
    if (key.isShiftDown()) {
      return false;
    }
    int view = key.getCode().ordinal() - KeyCode.DIGIT1.ordinal();
    if (view >= 0 && view < View.values().length) {
      show(View.values()[view]);
      return true;
    }
    switch (key.getCode()) {
      case N -> startBatch();
      case U -> workbench.preferences().nextUnit();
      case T -> workbench.preferences().nextTheme();
      case L -> workbench.preferences().nextLanguage();
      case I -> unlessItsOwn(MainView::readIn, rooms::importBatch);
      case E -> unlessItsOwn(MainView::save, rooms::exportBatch);
      case R -> timer.open();
      default -> {
        return false;
      }
    }
    return true;
  }

  /** What a view in sight does not do in a way of its own is done with the batch on the bench. */
  private void unlessItsOwn(Predicate<MainView> own, Runnable withTheBatch) {
    if (view().filter(own).isEmpty()) {
      withTheBatch.run();
    }
  }

  /**
   * In a field with typing that can be undone, Ctrl+Z undoes the typing; everywhere else it takes
   * back what was recorded last.
   */
  private boolean undoOrRedo(KeyEvent key) {
    boolean isRedo = key.isShiftDown();
    if (key.getTarget() instanceof TextInputControl field
        && (isRedo ? field.isRedoable() : field.isUndoable())) {
      return false;
    }
    unlessItsOwn(view -> view.undoOrRedo(isRedo), () -> undoOrRedoOfTheBatch(isRedo));
    return true;
  }

  private void undoOrRedoOfTheBatch(boolean isRedo) {
    workbench.session().undoOrRedo(isRedo).thenRun(this::focusTheWork);
  }

  /** Whether one question at a time is asked, over the whole screen. */
  public ReadOnlyBooleanProperty benchMode() {
    return benchMode.getReadOnlyProperty();
  }

  /** Asks one question at a time, over the whole screen. */
  public void enterBenchMode() {
    Asked now =
        view()
            .flatMap(view -> view.asking(this::leaveBenchMode))
            .map(own -> new Asked(own, rooms.current()))
            .orElseGet(() -> new Asked(hands.get(), View.BENCH));
    asking = Optional.of(now);
    benchMode.set(true);
    setTop(null);
    setCenter(now.mode().node());
    now.mode().begin();
  }

  /** Specks are counted in the newest picture, and bench mode goes on behind it. */
  private void picture(LotId lot) {
    PicturePage page = rooms.picturePage(lot, this::enterBenchMode);
    asking.map(Asked::mode).ifPresent(BenchMode::end);
    asking = Optional.of(new Asked(page, View.BENCH));
    setCenter(page);
    page.newest();
  }

  private void leaveBenchMode() {
    show(asking.map(Asked::back).orElse(View.BENCH));
  }

  private void endBenchMode() {
    if (benchMode.get()) {
      asking.map(Asked::mode).ifPresent(BenchMode::end);
      benchMode.set(false);
      setTop(top);
      setBottom(null);
    }
  }

  private boolean toggleBenchMode() {
    if (benchMode.get()) {
      leaveBenchMode();
    } else {
      enterBenchMode();
    }
    return true;
  }

  /** What was gone back over may have taken the focus with it; the next key is for the work. */
  private void focusTheWork() {
    if (getCenter() == rooms.bench()) {
      rooms.bench().focusTheWork();
    }
  }

  /** A question mark shows the keys of where one is, a stroke looks for something, unless typed. */
  private void helpIfAsked(KeyEvent key) {
    boolean isTyped = key.getTarget() instanceof TextInputControl;
    boolean asks = "?".equals(key.getCharacter()) && !isTyped;
    boolean looks = "/".equals(key.getCharacter()) && !isTyped && !benchMode.get();
    if (looks && !(getCenter() instanceof FindView)) {
      rooms.find();
      key.consume();
    } else if (asks && !(getCenter() instanceof KeysHelp)) {
      Node seen = getCenter();
      setCenter(KeysHelp.of(words, page(), seen, this::beginTour));
      getCenter().requestFocus();
      key.consume();
    }
  }

  /** Bench mode shows its keys alone: hands are wet. */
  private Optional<Guide.Page> page() {
    return benchMode.get()
        ? Optional.empty()
        : view().or(() -> Optional.of(rooms.view(rooms.current()))).map(MainView::page);
  }

  /** Leads through the views. */
  private void beginTour() {
    leaveTour();
    TourBar steps = new TourBar(words, this::show, this::leaveTour);
    tour = Optional.of(steps);
    top.getChildren().add(steps);
  }

  private void leaveTour() {
    tour.ifPresent(top.getChildren()::remove);
    tour = Optional.empty();
  }

  /** Leaves what stands in front of a view; gives whether there was anything to leave. */
  private boolean leave() {
    switch (getCenter()) {
      case KeysHelp _ when benchMode.get() -> {
        BenchMode mode = asking.orElseThrow().mode();
        setCenter(mode.node());
        mode.focusFirst();
      }
      case KeysHelp _ -> show(rooms.current());
      case FindView _ -> show(rooms.current());
      case StartView _ -> show(View.SEASON);
      default -> {
        return false;
      }
    }
    return true;
  }

  private boolean refresh() {
    workbench.session().refresh();
    return true;
  }
}
