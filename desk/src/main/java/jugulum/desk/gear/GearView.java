package jugulum.desk.gear;

import java.time.LocalDate;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.CompletionStage;
import java.util.function.Supplier;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import jugulum.core.ledger.Machine;
import jugulum.core.trial.TrialId;
import jugulum.desk.files.FilePicker;
import jugulum.desk.guide.Guide;
import jugulum.desk.hands.TrialHandsView;
import jugulum.desk.kit.Parts;
import jugulum.desk.kit.Segments;
import jugulum.desk.practice.PracticePane;
import jugulum.desk.session.Workbench;
import jugulum.desk.trial.TrialsPane;
import jugulum.desk.view.BenchMode;
import jugulum.desk.view.MainView;
import jugulum.desk.view.Navigation;
import jugulum.desk.words.Prologue;
import jugulum.desk.words.Words;
import jugulum.desk.work.Outcome;

/**
 * The gear of the shop: what each machine has shown in the runs of all batches and in trials, and
 * its own marks.
 */
public final class GearView extends BorderPane implements MainView {
  @Prologue private final Words words;
  private final Workbench workbench;
  private final RunsPane runs;
  private final MarksPane marks;
  private final LinePane line;
  private final FeedPane feeds;
  private final TrialsPane trials;
  private final PracticePane practice;
  private final Label about = Parts.sentence("", "muted");
  private final Segments<Part> parts =
      new Segments<>("gear-part", List.of(Part.values()), part -> words.of("gear.part", part));

  /** What is known of one's own gear is kept with the shop, and taken back there. */
  private static final Set<Part> KEPT_WITH_THE_SHOP = EnumSet.of(Part.MARKS, Part.LINE, Part.FEED);

  /** What the view is parted in. */
  private enum Part {
    RECORD,
    TRIALS,
    PRACTICE,
    MARKS,
    LINE,
    FEED
  }

  /**
   * Makes the view of a workbench.
   *
   * @param picker asks for files
   * @param today the day
   */
  public GearView(
      Workbench workbench, FilePicker picker, Navigation navigation, Supplier<LocalDate> today) {
    this.words = workbench.words();
    super();
    this.workbench = workbench;
    getStyleClass().add("page");
    setId("gear-view");
    runs = new RunsPane(workbench, ran -> navigation.open(ran.batch()));
    marks = new MarksPane(workbench, picker, today);
    line = new LinePane(workbench);
    feeds = new FeedPane(workbench);
    trials = new TrialsPane(workbench, picker, navigation);
    practice = new PracticePane(workbench, picker);
    Region between = new Region();
    HBox.setHgrow(between, Priority.ALWAYS);
    VBox top =
        new VBox(
            4,
            new HBox(Parts.styled(new Label(words.of("gear.title")), "page-title"), between, parts),
            about);
    top.getStyleClass().add("page-top");
    setTop(top);
    parts.onChange(this::open);
    addEventHandler(KeyEvent.KEY_PRESSED, this::pressed);
    addEventFilter(KeyEvent.KEY_PRESSED, this::enterOnAChoice);
    show();
  }

  /** Shows what a machine has shown in its runs. */
  public void openRecord(Machine machine) {
    parts.choose(Part.RECORD);
    runs.openOn(machine);
    open();
  }

  /** Shows a trial. */
  public void openTrial(TrialId trial) {
    parts.choose(Part.TRIALS);
    trials.openOn(trial);
    open();
  }

  private void show() {
    about.setText(words.of("gear.about", parts.chosen()));
    setCenter(
        switch (parts.chosen()) {
          case RECORD -> runs;
          case MARKS -> marks;
          case LINE -> line;
          case FEED -> feeds;
          case TRIALS -> trials;
          case PRACTICE -> practice;
        });
  }

  /** The focus stays at the parts, so that one can go on to the next. */
  private void open() {
    show();
    refresh();
  }

  private void refresh() {
    switch (parts.chosen()) {
      case RECORD -> runs.refresh();
      case MARKS -> marks.refresh();
      case LINE -> line.refresh();
      case FEED -> feeds.refresh();
      case TRIALS -> trials.refresh();
      case PRACTICE -> {
        // Nothing of it is in the book.
      }
    }
  }

  /** Choices keep Enter to themselves, though it stands for nothing there. */
  private void enterOnAChoice(KeyEvent key) {
    boolean isChoice =
        key.getTarget() instanceof ToggleButton
            || key.getTarget() instanceof ComboBox<?> list && !list.isShowing();
    if (key.getCode() == KeyCode.ENTER && isChoice) {
      pressed(key);
    }
  }

  private void pressed(KeyEvent key) {
    boolean used =
        switch (parts.chosen()) {
          case RECORD, MARKS, LINE, FEED -> false;
          case TRIALS -> trials.press(key);
          case PRACTICE -> practice.press(key);
        };
    if (used) {
      key.consume();
    }
  }

  private boolean showsTrials() {
    return parts.chosen() == Part.TRIALS;
  }

  @Override
  public boolean save() {
    if (showsTrials()) {
      trials.save();
    }
    return showsTrials();
  }

  @Override
  public boolean readIn() {
    if (showsTrials()) {
      trials.readIn();
    }
    return showsTrials();
  }

  @Override
  public boolean undoOrRedo(boolean isRedo) {
    if (KEPT_WITH_THE_SHOP.contains(parts.chosen())) {
      CompletionStage<Outcome> _ = workbench.session().undoOrRedoShop(isRedo);
      return true;
    }
    if (showsTrials()) {
      trials.undoOrRedo(isRedo);
    }
    return showsTrials();
  }

  /** Where a trial of one's own is in sight it is that which is done. */
  @Override
  public Optional<BenchMode> asking(Runnable leave) {
    return showsTrials()
        ? trials.toDo().map(_ -> new TrialHandsView(workbench, trials::toDo, leave))
        : Optional.empty();
  }

  @Override
  public Node node() {
    return this;
  }

  @Override
  public Guide.Page page() {
    return Guide.Page.GEAR;
  }

  @Override
  public void focusFirst() {
    refresh();
    switch (parts.chosen()) {
      case RECORD -> runs.focusList();
      case MARKS -> marks.focusFirst();
      case LINE -> line.focusFirst();
      case FEED -> feeds.focusFirst();
      case TRIALS -> trials.focusWhenRead();
      case PRACTICE -> practice.focusFirst();
    }
  }
}
