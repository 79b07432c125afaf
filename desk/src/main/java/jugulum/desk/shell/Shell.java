package jugulum.desk.shell;

import java.time.Clock;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionStage;
import java.util.function.Supplier;
import javafx.application.Platform;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyBooleanWrapper;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.css.PseudoClass;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import jugulum.core.check.Check;
import jugulum.core.ledger.Batch;
import jugulum.core.ledger.BatchId;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.StepId;
import jugulum.core.screens.Screen;
import jugulum.desk.account.AccountView;
import jugulum.desk.bench.BenchView;
import jugulum.desk.cuts.CutsView;
import jugulum.desk.day.DayView;
import jugulum.desk.files.BatchFiles;
import jugulum.desk.files.FileKind;
import jugulum.desk.files.FilePicker;
import jugulum.desk.find.FindView;
import jugulum.desk.gear.GearView;
import jugulum.desk.guide.Guide;
import jugulum.desk.guide.TourBar;
import jugulum.desk.hands.BenchMode;
import jugulum.desk.hands.HandsView;
import jugulum.desk.hands.TrialHandsView;
import jugulum.desk.kit.Buttons;
import jugulum.desk.kit.Ends;
import jugulum.desk.kit.FocusFirst;
import jugulum.desk.kit.Keys;
import jugulum.desk.kit.Parts;
import jugulum.desk.season.SeasonView;
import jugulum.desk.season.StartView;
import jugulum.desk.session.Beat;
import jugulum.desk.session.Notice;
import jugulum.desk.session.Outcome;
import jugulum.desk.session.Preferences;
import jugulum.desk.session.RunWatch;
import jugulum.desk.session.Workbench;
import jugulum.desk.shop.FirstGear;
import jugulum.desk.shop.ShopView;
import jugulum.desk.told.Told;
import jugulum.desk.words.Words;

/** The window's content: the tabs, what there is to say, and the view chosen. */
public final class Shell extends BorderPane {
  private static final PseudoClass CURRENT = PseudoClass.getPseudoClass("current");

  /** The view each step of the tour tells of. */
  private static final List<View> TOUR =
      List.of(
          View.BENCH,
          View.BENCH,
          View.CUTS,
          View.ACCOUNT,
          View.DAY,
          View.DAY,
          View.SEASON,
          View.GEAR,
          View.SHOP,
          View.BENCH);

  private final Words words;
  private final Workbench workbench;
  private final BatchFiles files;
  private final FilePicker picker;
  private final BenchView bench;
  private final Map<View, Supplier<Node>> makers = new EnumMap<>(View.class);
  private final Map<View, Node> views = new EnumMap<>(View.class);
  private final Supplier<StartView> startMaker;
  private Optional<StartView> start = Optional.empty();
  private final Map<View, Button> tabs = new EnumMap<>(View.class);
  private final Button unit;
  private final Button closeBatch;
  private final RunTimer timer;
  private final Label notice = Parts.sentence("", "notice");
  private final ReadOnlyBooleanWrapper benchMode = new ReadOnlyBooleanWrapper();
  private final Supplier<HandsView> handsMaker;
  private Optional<HandsView> hands = Optional.empty();
  private Optional<FindView> find = Optional.empty();
  private Optional<TourBar> tour = Optional.empty();

  /** What asks one question at a time now, or asked last. */
  private Optional<BenchMode> asking = Optional.empty();

  private final VBox top;
  private View current = View.BENCH;

  /**
   * Makes the shell of a workbench.
   *
   * @param lookRound opens made-up batches; empty where there are none
   */
  public Shell(Workbench workbench, Clock clock, FilePicker picker, Optional<Runnable> lookRound) {
    this.words = workbench.words();
    this.workbench = workbench;
    this.files = new BatchFiles(workbench, picker);
    this.picker = picker;
    getStyleClass().add("shell");
    Beat beat = new Beat(clock);
    workbench.watching().atTheEnd(() -> beat.beat(false));
    timer = new RunTimer(workbench, beat, this::openRun);
    bench = new BenchView(workbench, beat, picker);
    makers.put(View.BENCH, () -> bench);
    bench.onPlan(this::plan);
    bench.onNothing(new FromNothing(lookRound));
    makers.put(View.CUTS, () -> new CutsView(workbench, picker, this::screen));
    makers.put(View.ACCOUNT, () -> new AccountView(workbench, picker, clock, this::openLot));
    makers.put(View.SEASON, () -> new SeasonView(workbench, picker, new FromSeason()));
    makers.put(View.DAY, () -> new DayView(workbench, clock, picker, new FromDay()));
    makers.put(View.GEAR, () -> new GearView(workbench, picker, ran -> open(ran.batch())));
    makers.put(View.SHOP, () -> new ShopView(workbench, clock, picker));
    startMaker =
        () -> new StartView(workbench, clock, () -> show(View.BENCH), () -> show(View.SEASON));
    unit = Buttons.quiet("unit", "", "Ctrl U", workbench.preferences()::nextUnit);
    closeBatch = Buttons.quiet("close-batch", "", "", this::closeOrReopen);
    notice.setId("notice");
    notice.managedProperty().bind(notice.visibleProperty());
    handsMaker = () -> new HandsView(workbench, beat, clock::instant, this::leaveBenchMode);
    top = new VBox(navigation(), notice);
    setTop(top);
    addEventFilter(KeyEvent.KEY_PRESSED, this::key);
    addEventFilter(KeyEvent.KEY_TYPED, this::helpIfAsked);
    workbench.watch(workbench.notices().notice(), _ -> say());
    workbench.watch(workbench.preferences().figures(), _ -> labels());
    workbench.watch(workbench.projections().current(), _ -> labels());
    say();
    labels();
    show(View.BENCH);
  }

  private void open(BatchId batch) {
    workbench.session().open(batch).thenRun(() -> show(View.BENCH));
  }

  private final class FromDay implements DayView.Elsewhere {
    @Override
    public void openBench() {
      show(View.BENCH);
    }

    @Override
    public void openLot(LotId lot) {
      Shell.this.openLot(lot);
    }

    @Override
    public void openStep(StepId step) {
      Shell.this.openStep(step);
    }

    @Override
    public void openBatch(BatchId batch) {
      Shell.this.open(batch);
    }

    @Override
    public void openLot(BatchId batch, LotId lot) {
      onBench(batch, () -> Shell.this.openLot(lot));
    }

    @Override
    public void openStep(BatchId batch, StepId step) {
      onBench(batch, () -> openStep(step));
    }
  }

  private final class FromNothing implements BenchView.Nothing {
    private final Optional<Runnable> lookRound;

    FromNothing(Optional<Runnable> lookRound) {
      this.lookRound = lookRound;
    }

    @Override
    public void start() {
      startBatch();
    }

    @Override
    public void sayGear() {
      FirstGear gear = new FirstGear(workbench, new FromGear());
      setCenter(gear);
      gear.applyCss();
      // The letter that asked for it is still to be typed, and not into the field.
      Platform.runLater(gear::focusFirst);
    }

    @Override
    public Optional<Runnable> lookRound() {
      return lookRound;
    }
  }

  private final class FromGear implements FirstGear.Next {
    @Override
    public void start() {
      startBatch();
    }

    @Override
    public void learnScale() {
      show(View.SHOP);
      if (views.get(View.SHOP) instanceof ShopView shop) {
        shop.learnScale();
      }
    }

    @Override
    public void leave() {
      show(View.BENCH);
    }
  }

  private final class FromSeason implements SeasonView.Elsewhere {
    @Override
    public void open(BatchId batch) {
      Shell.this.open(batch);
    }

    @Override
    public void start() {
      startBatch();
    }

    @Override
    public void importFile() {
      importBatch();
    }

    @Override
    public void exportFiles() {
      exportBatch();
    }

    @Override
    public void find() {
      Shell.this.find();
    }
  }

  /**
   * The most urgent thing a running machine asks for, for the title of the window; empty while
   * nothing is due.
   */
  public ReadOnlyStringProperty due() {
    return timer.due();
  }

  /** The view in sight. */
  View current() {
    return current;
  }

  private void openRun(RunWatch.Watched run) {
    onBench(run.batch(), () -> openStep(run.step()));
  }

  private void openStep(StepId step) {
    show(View.BENCH);
    bench.openStep(step);
  }

  /** Puts a batch on the bench, where it is not there already, before something is done with it. */
  private void onBench(BatchId batch, Runnable then) {
    boolean here = workbench.projections().current().get().id().equals(Optional.of(batch));
    CompletionStage<?> opened =
        here ? CompletableFuture.completedFuture(batch) : workbench.session().open(batch);
    opened.thenRun(then);
  }

  private Ends navigation() {
    HBox left = new HBox(Mark.node());
    left.getStyleClass().add("navigation-part");
    for (View view : View.values()) {
      Button tab = Buttons.quiet("tab-" + view, words.of("view", view), "", () -> show(view));
      tab.getStyleClass().add("tab-button");
      tab.setAccessibleText(
          words.of("view.spoken", words.of("view", view), Integer.toString(view.ordinal() + 1)));
      tabs.put(view, tab);
      left.getChildren().add(tab);
    }
    Preferences preferences = workbench.preferences();
    HBox right = new HBox(new LongWorkLine(workbench), timer, closeBatch);
    right.getStyleClass().add("navigation-part");
    if (preferences.hasLanguages()) {
      String name = words.language().name();
      right.getChildren().add(Buttons.quiet("language", name, "Ctrl L", preferences::nextLanguage));
    }
    right
        .getChildren()
        .addAll(
            Buttons.quiet("bench-mode", words.of("shell.bench-mode"), "F11", this::enterBenchMode),
            Buttons.quiet("theme", words.of("shell.theme"), "Ctrl T", preferences::nextTheme),
            unit);
    Ends bar = new Ends(left, right);
    bar.getStyleClass().add("navigation");
    return bar;
  }

  private void labels() {
    unit.setText(words.of("shell.unit", workbench.preferences().figures().get().unit().sign()));
    boolean closed =
        workbench
            .projections()
            .current()
            .get()
            .worked()
            .map(worked -> worked.batch().closed())
            .orElse(false);
    closeBatch.setText(words.of(closed ? "shell.reopen" : "shell.close"));
    closeBatch.setDisable(
        workbench.projections().current().get().worked().isEmpty()
            || !workbench.session().mayWrite());
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
  }

  /**
   * Shows a view; each is made when it is first asked for, so that a start makes the bench only.
   */
  public void show(View view) {
    endBenchMode();
    current = view;
    setCenter(views.computeIfAbsent(view, asked -> Check.known(makers, asked).get()));
    tabs.forEach((one, tab) -> tab.pseudoClassStateChanged(CURRENT, one == view));
    if (views.get(view) instanceof FocusFirst shown) {
      shown.focusFirst();
    } else {
      Check.known(tabs, view).requestFocus();
    }
  }

  private void openLot(LotId lot) {
    show(View.BENCH);
    bench.openLot(lot);
  }

  private void plan(LotId lot) {
    show(View.CUTS);
    if (views.get(View.CUTS) instanceof CutsView cuts) {
      cuts.open(lot);
    }
  }

  private void screen(LotId lot, List<Screen> stack) {
    show(View.BENCH);
    bench.screen(lot, stack);
  }

  /** Shows the form that starts a batch. */
  public void startBatch() {
    endBenchMode();
    StartView form = start.orElseGet(startMaker);
    start = Optional.of(form);
    setCenter(form);
    tabs.values().forEach(tab -> tab.pseudoClassStateChanged(CURRENT, false));
    form.focusFirst();
  }

  private void key(KeyEvent key) {
    boolean used =
        key.isShortcutDown()
            ? shortcut(key)
            : key.getCode() == KeyCode.ESCAPE && (leaveHelp() || leaveFind() || leaveStart())
                || getCenter() == bench && bench.pressOffered(key)
                || !benchMode.get() && tour.filter(bar -> bar.press(key.getCode())).isPresent()
                || getCenter() instanceof KeysHelp help && Keys.press(help, key)
                || key.getCode() == KeyCode.F5 && refresh()
                || key.getCode() == KeyCode.F11 && toggleBenchMode();
    if (used) {
      key.consume();
    }
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
    switch (key.getCode()) {
      case DIGIT1, DIGIT2, DIGIT3, DIGIT4, DIGIT5, DIGIT6, DIGIT7 ->
          show(View.values()[key.getCode().ordinal() - KeyCode.DIGIT1.ordinal()]);
      case N -> startBatch();
      case U -> workbench.preferences().nextUnit();
      case T -> workbench.preferences().nextTheme();
      case L -> workbench.preferences().nextLanguage();
      case I -> trials().ifPresentOrElse(GearView::readIn, this::importBatch);
      case E -> trials().ifPresentOrElse(GearView::save, this::exportBatch);
      case R -> timer.open();
      default -> {
        return false;
      }
    }
    return true;
  }

  /**
   * In a field with typing that can be undone, Ctrl+Z undoes the typing; everywhere else it takes
   * back what was recorded last.
   */
  private boolean undoOrRedo(KeyEvent key) {
    if (key.getTarget() instanceof TextInputControl field
        && (key.isShiftDown() ? field.isRedoable() : field.isUndoable())) {
      return false;
    }
    Optional<GearView> trials = trials();
    if (trials.isPresent()) {
      trials.get().undoOrRedo(key.isShiftDown());
    } else if (getCenter() instanceof DayView day && day.showsPlan()) {
      day.undoOrRedo(key.isShiftDown());
    } else if (getCenter() instanceof SeasonView season && season.showsSeason()) {
      CompletionStage<Outcome> _ =
          key.isShiftDown() ? workbench.seasons().redo() : workbench.seasons().undo();
    } else if (current == View.SHOP && getCenter() instanceof ShopView) {
      CompletionStage<Outcome> _ =
          key.isShiftDown() ? workbench.session().redoShop() : workbench.session().undoShop();
    } else {
      CompletionStage<Outcome> walked =
          key.isShiftDown() ? workbench.session().redo() : workbench.session().undo();
      walked.thenRun(this::focusTheWork);
    }
    return true;
  }

  /** The gear, where its trials are in sight. */
  private Optional<GearView> trials() {
    return getCenter() instanceof GearView gear && gear.showsTrials()
        ? Optional.of(gear)
        : Optional.empty();
  }

  /** Whether one question at a time is asked, over the whole screen. */
  public ReadOnlyBooleanProperty benchMode() {
    return benchMode.getReadOnlyProperty();
  }

  /** Asks one question at a time, over the whole screen. */
  public void enterBenchMode() {
    BenchMode now = trials().flatMap(this::askingTrial).orElseGet(this::askingBatch);
    asking = Optional.of(now);
    benchMode.set(true);
    setTop(null);
    setCenter((Node) now);
    now.begin();
  }

  private BenchMode askingBatch() {
    HandsView view = hands.orElseGet(handsMaker);
    hands = Optional.of(view);
    return view;
  }

  /** Where a trial is in sight it is that which is done. */
  private Optional<BenchMode> askingTrial(GearView gear) {
    return gear.trial().map(_ -> new TrialHandsView(workbench, gear::trial, this::leaveBenchMode));
  }

  private void leaveBenchMode() {
    show(asking.filter(TrialHandsView.class::isInstance).isPresent() ? View.GEAR : View.BENCH);
  }

  private void endBenchMode() {
    if (benchMode.get()) {
      asking.ifPresent(BenchMode::end);
      benchMode.set(false);
      setTop(top);
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
    if (current == View.BENCH && getCenter() == bench) {
      bench.focusTheWork();
    }
  }

  /** Looks for something in the whole book. */
  private void find() {
    FindView view = find.orElseGet(() -> new FindView(workbench, new FromFind()));
    find = Optional.of(view);
    setCenter(view);
    view.begin();
    view.focusFirst();
  }

  private boolean leaveFind() {
    if (getCenter() instanceof FindView) {
      show(current);
      return true;
    }
    return false;
  }

  private final class FromFind implements FindView.Elsewhere {
    @Override
    public void open(BatchId batch) {
      Shell.this.open(batch);
    }

    @Override
    public void openLot(BatchId batch, LotId lot) {
      onBench(batch, () -> Shell.this.openLot(lot));
    }

    @Override
    public void openStep(BatchId batch, StepId step) {
      onBench(batch, () -> Shell.this.openStep(step));
    }

    @Override
    public void openSource(String source) {
      show(View.SEASON);
      if (views.get(View.SEASON) instanceof SeasonView season) {
        season.openSource(source);
      }
    }
  }

  /** A question mark shows the keys of where one is, a stroke looks for something, unless typed. */
  private void helpIfAsked(KeyEvent key) {
    boolean asks = "?".equals(key.getCharacter()) && !(key.getTarget() instanceof TextInputControl);
    boolean looks =
        "/".equals(key.getCharacter())
            && !(key.getTarget() instanceof TextInputControl)
            && !benchMode.get();
    if (looks && !(getCenter() instanceof FindView)) {
      find();
      key.consume();
    } else if (asks && !(getCenter() instanceof KeysHelp)) {
      Node seen = getCenter();
      setCenter(KeysHelp.of(words, guide(seen), seen, this::beginTour));
      getCenter().requestFocus();
      key.consume();
    }
  }

  /** Bench mode shows its keys alone: hands are wet. */
  private Optional<Guide.Page> guide(Node seen) {
    if (benchMode.get()) {
      return Optional.empty();
    }
    return Optional.of(
        seen instanceof FindView ? Guide.Page.FIND : Guide.Page.valueOf(current.name()));
  }

  /** Leads through the views. */
  private void beginTour() {
    leaveTour();
    TourBar bar = new TourBar(words, this::showStep, this::leaveTour);
    tour = Optional.of(bar);
    top.getChildren().add(bar);
  }

  private void showStep(int step) {
    show(TOUR.get(step - 1));
  }

  private void leaveTour() {
    tour.ifPresent(top.getChildren()::remove);
    tour = Optional.empty();
  }

  private boolean leaveHelp() {
    if (getCenter() instanceof KeysHelp) {
      if (benchMode.get()) {
        setCenter((Node) asking.orElseThrow());
        asking.orElseThrow().focusFirst();
      } else {
        show(current);
      }
      return true;
    }
    return false;
  }

  private boolean leaveStart() {
    if (getCenter() instanceof StartView) {
      show(View.SEASON);
      return true;
    }
    return false;
  }

  private boolean refresh() {
    workbench.session().refresh();
    return true;
  }

  private void closeOrReopen() {
    workbench
        .projections()
        .current()
        .get()
        .worked()
        .ifPresent(
            worked -> workbench.session().submit(new Edit.CloseBatch(!worked.batch().closed())));
  }

  private void exportBatch() {
    workbench
        .projections()
        .current()
        .get()
        .worked()
        .ifPresentOrElse(
            worked -> {
              Batch batch = worked.batch();
              files.save(batch);
            },
            () -> workbench.notices().say(new Notice.Said(words.of("file.nothing"), true)));
  }

  private void importBatch() {
    picker.toOpen(FileKind.BATCH).ifPresent(files::read);
  }
}
