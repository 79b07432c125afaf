package jugulum.desk.season;

import java.util.List;
import javafx.scene.Parent;
import javafx.scene.control.Label;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import jugulum.core.ledger.BatchId;
import jugulum.desk.files.FilePicker;
import jugulum.desk.kit.Buttons;
import jugulum.desk.kit.FocusFirst;
import jugulum.desk.kit.Keys;
import jugulum.desk.kit.Parts;
import jugulum.desk.kit.Segments;
import jugulum.desk.session.Workbench;
import jugulum.desk.words.Words;

/** What a year came to, what was learnt from it, where the gold came from, and every batch. */
public final class SeasonView extends BorderPane implements FocusFirst {
  private final Workbench workbench;
  private final Segments<Part> parts;
  private final YearPane year;
  private final WaysPane ways;
  private final SourcesPane sources;
  private final MoneyPane money;
  private final BatchesPane batches;
  private final MagneticsPane magnetics;

  /** What the view is parted in. */
  private enum Part {
    YEAR,
    WAYS,
    SOURCES,
    MONEY,
    BATCHES,
    MAGNETICS
  }

  /** What the view asks of the elsewhere. */
  public interface Elsewhere {
    /** A batch was chosen. */
    void open(BatchId batch);

    /** A new batch is to be started. */
    void start();

    /** A batch file is to be read. */
    void importFile();

    /** The batch on the bench is to be written to files. */
    void exportFiles();

    /** Something is to be found. */
    void find();
  }

  /** Makes the view of a workbench. */
  public SeasonView(Workbench workbench, FilePicker picker, Elsewhere elsewhere) {
    Words words = workbench.words();
    this.workbench = workbench;
    getStyleClass().add("page");
    setId("season-view");
    parts =
        new Segments<>(
            "season-part", List.of(Part.values()), part -> words.of("season.part", part));
    year = new YearPane(workbench, picker, this::list);
    ways = new WaysPane(workbench);
    sources = new SourcesPane(workbench);
    money = new MoneyPane(workbench);
    batches = new BatchesPane(workbench, elsewhere);
    magnetics = new MagneticsPane(workbench, held -> elsewhere.open(held.batch()));
    Region between = new Region();
    HBox.setHgrow(between, Priority.ALWAYS);
    VBox top =
        new VBox(
            4,
            new HBox(
                Parts.styled(new Label(words.of("season.title")), "page-title"),
                between,
                Buttons.quiet("find-it", words.of("find.button"), "/", elsewhere::find),
                parts));
    top.getStyleClass().add("page-top");
    setTop(top);
    setCenter(year);
    parts.onChange(this::open);
    addEventHandler(KeyEvent.KEY_PRESSED, this::pressed);
  }

  private void open() {
    setCenter(
        switch (parts.chosen()) {
          case YEAR -> year;
          case WAYS -> ways;
          case SOURCES -> sources;
          case MONEY -> money;
          case BATCHES -> batches;
          case MAGNETICS -> magnetics;
        });
    refresh();
  }

  /** The season is read anew whenever it comes in sight: batches went on meanwhile. */
  private void refresh() {
    switch (parts.chosen()) {
      case YEAR -> {
        workbench.seasons().read();
        year.refresh();
      }
      case WAYS, SOURCES, MONEY -> workbench.seasons().read();
      case BATCHES -> {}
      case MAGNETICS -> magnetics.refresh();
    }
  }

  private void list() {
    parts.choose(Part.BATCHES);
    batches.focusList();
  }

  /** The list is one key away from the first moment, though the year may still be read. */
  private void pressed(KeyEvent key) {
    boolean isTyped = key.getTarget() instanceof TextInputControl || key.isShortcutDown();
    if (getCenter() instanceof Parent shown && Keys.press(shown, key)) {
      key.consume();
    } else if (key.getCode() == KeyCode.B && !isTyped) {
      list();
      key.consume();
    }
  }

  /** Shows what is known of a source. */
  public void openSource(String source) {
    parts.choose(Part.SOURCES);
    sources.choose(source);
  }

  /** Whether what is told of the season is in sight, so that undo takes that back. */
  public boolean showsSeason() {
    return parts.chosen() != Part.BATCHES && parts.chosen() != Part.MAGNETICS;
  }

  @Override
  public void focusFirst() {
    refresh();
    switch (parts.chosen()) {
      case YEAR, WAYS, SOURCES, MONEY -> parts.focusChosen();
      case BATCHES -> batches.focusList();
      case MAGNETICS -> magnetics.focusList();
    }
  }
}
