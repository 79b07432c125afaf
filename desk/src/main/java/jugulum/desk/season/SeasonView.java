package jugulum.desk.season;

import java.util.List;
import java.util.concurrent.CompletionStage;
import javafx.scene.Node;
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
import jugulum.desk.files.FilePicker;
import jugulum.desk.guide.Guide;
import jugulum.desk.kit.Buttons;
import jugulum.desk.kit.Keys;
import jugulum.desk.kit.Parts;
import jugulum.desk.kit.Segments;
import jugulum.desk.session.Workbench;
import jugulum.desk.view.MainView;
import jugulum.desk.view.Navigation;
import jugulum.desk.words.Words;
import jugulum.desk.work.Outcome;

/** What a year came to, what was learnt from it, where the gold came from, and every batch. */
public final class SeasonView extends BorderPane implements MainView {
  private final Workbench workbench;
  private final Segments<Part> parts;
  private final YearPane year;
  private final WaysPane ways;
  private final SourcesPane sources;
  private final TripsPane trips;
  private final PoolsPane pools;
  private final MoneyPane money;
  private final BatchesPane batches;
  private final MagneticsPane magnetics;

  /** What the view is parted in. */
  private enum Part {
    YEAR,
    WAYS,
    SOURCES,
    TRIPS,
    POOLS,
    MONEY,
    BATCHES,
    MAGNETICS
  }

  /** Makes the view of a workbench. */
  public SeasonView(Workbench workbench, FilePicker picker, Navigation navigation) {
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
    trips = new TripsPane(workbench);
    pools = new PoolsPane(workbench, navigation);
    money = new MoneyPane(workbench);
    batches = new BatchesPane(workbench, navigation);
    magnetics = new MagneticsPane(workbench, navigation);
    Region between = new Region();
    HBox.setHgrow(between, Priority.ALWAYS);
    VBox top =
        new VBox(
            4,
            new HBox(
                Parts.styled(new Label(words.of("season.title")), "page-title"),
                between,
                Buttons.quiet("find-it", words.of("find.button"), "/", navigation::find),
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
          case TRIPS -> trips;
          case POOLS -> pools;
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
      case WAYS, SOURCES, TRIPS, POOLS, MONEY -> workbench.seasons().read();
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

  /** What is told of the season is gone back over by itself. */
  @Override
  public boolean undoOrRedo(boolean isRedo) {
    if (parts.chosen() == Part.BATCHES || parts.chosen() == Part.MAGNETICS) {
      return false;
    }
    CompletionStage<Outcome> _ = workbench.seasons().undoOrRedo(isRedo);
    return true;
  }

  @Override
  public Node node() {
    return this;
  }

  @Override
  public Guide.Page page() {
    return Guide.Page.SEASON;
  }

  @Override
  public void focusFirst() {
    refresh();
    switch (parts.chosen()) {
      case YEAR, WAYS, SOURCES, TRIPS, POOLS, MONEY -> parts.focusChosen();
      case BATCHES -> batches.focusList();
      case MAGNETICS -> magnetics.focusList();
    }
  }
}
