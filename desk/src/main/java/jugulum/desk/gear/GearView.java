package jugulum.desk.gear;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
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
import jugulum.book.batch.RunLines.Ran;
import jugulum.core.trial.TrialId;
import jugulum.desk.files.FilePicker;
import jugulum.desk.kit.FocusFirst;
import jugulum.desk.kit.Parts;
import jugulum.desk.kit.Segments;
import jugulum.desk.practice.PracticePane;
import jugulum.desk.session.Workbench;
import jugulum.desk.trial.TrialsPane;
import jugulum.desk.words.Prologue;
import jugulum.desk.words.Words;

/** The gear of the shop: what each machine has shown in the runs of all batches, and in trials. */
public final class GearView extends BorderPane implements FocusFirst {
  @Prologue private final Words words;
  private final RunsPane runs;
  private final TrialsPane trials;
  private final PracticePane practice;
  private final Label about = Parts.sentence("", "muted");
  private final Segments<Part> parts =
      new Segments<>("gear-part", List.of(Part.values()), part -> words.of("gear.part", part));

  /** What the view is parted in. */
  private enum Part {
    RECORD,
    TRIALS,
    PRACTICE
  }

  /**
   * Makes the view of a workbench.
   *
   * @param picker asks for files
   * @param onOpen a run was chosen
   */
  public GearView(Workbench workbench, FilePicker picker, Consumer<Ran> onOpen) {
    this.words = workbench.words();
    super();
    getStyleClass().add("page");
    setId("gear-view");
    runs = new RunsPane(workbench, onOpen);
    trials = new TrialsPane(workbench, picker);
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

  private void show() {
    about.setText(words.of("gear.about", parts.chosen()));
    setCenter(
        switch (parts.chosen()) {
          case RECORD -> runs;
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
          case RECORD -> false;
          case TRIALS -> trials.press(key);
          case PRACTICE -> practice.press(key);
        };
    if (used) {
      key.consume();
    }
  }

  /** Whether trials are in sight. */
  public boolean showsTrials() {
    return parts.chosen() == Part.TRIALS;
  }

  /** The trial in sight, where one's own is to be gone on with. */
  public Optional<TrialId> trial() {
    return trials.toDo();
  }

  /** Writes the trial in sight to files. */
  public void save() {
    trials.save();
  }

  /** Reads a trial in from a file. */
  public void readIn() {
    trials.readIn();
  }

  /** Takes the last edit of the trial in sight back, or brings it back again. */
  public void undoOrRedo(boolean isRedo) {
    trials.undoOrRedo(isRedo);
  }

  @Override
  public void focusFirst() {
    refresh();
    switch (parts.chosen()) {
      case RECORD -> runs.focusList();
      case TRIALS -> trials.focusWhenRead();
      case PRACTICE -> practice.focusFirst();
    }
  }
}
