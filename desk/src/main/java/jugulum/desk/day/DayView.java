package jugulum.desk.day;

import java.time.Clock;
import java.util.List;
import java.util.concurrent.CompletionStage;
import javafx.animation.Animation;
import javafx.animation.KeyFrame;
import javafx.animation.Timeline;
import javafx.scene.control.Label;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.util.Duration;
import jugulum.core.ledger.BatchId;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.StepId;
import jugulum.desk.files.FilePicker;
import jugulum.desk.kit.FocusFirst;
import jugulum.desk.kit.Parts;
import jugulum.desk.kit.Segments;
import jugulum.desk.session.Outcome;
import jugulum.desk.session.Workbench;
import jugulum.desk.words.DayWords;
import jugulum.desk.words.Words;

/** The day: what is open, and what stands in the shop. */
public final class DayView extends BorderPane implements FocusFirst {
  private final Words words;
  private final Workbench workbench;
  private final PlanPane plan;
  private final TodayPane open;
  private final StockPane stock;
  private final Clock clock;
  private final Label title = new Label();
  private final Label about = Parts.sentence("", "muted");
  private final Segments<Part> parts =
      new Segments<>("day-part", List.of(Part.values()), part -> words.of("day.part", part));

  /** What the view is parted in. */
  private enum Part {
    TODAY,
    OPEN,
    STOCK
  }

  /** What the view asks of the elsewhere. */
  public interface Elsewhere {
    /** The bench is to be shown. */
    void openBench();

    /** A lot of the batch on the bench was chosen. */
    void openLot(LotId lot);

    /** A step of the batch on the bench was chosen. */
    void openStep(StepId step);

    /** A batch was chosen. */
    void openBatch(BatchId batch);

    /** A lot of any batch was chosen. */
    void openLot(BatchId batch, LotId lot);

    /** A step of any batch was chosen. */
    void openStep(BatchId batch, StepId step);
  }

  /** Makes the view of a workbench. */
  public DayView(Workbench workbench, Clock clock, FilePicker picker, Elsewhere elsewhere) {
    this.words = workbench.words();
    super();
    this.workbench = workbench;
    this.clock = clock;
    getStyleClass().add("page");
    setId("day-view");
    plan = new PlanPane(workbench, clock::instant, picker, elsewhere);
    open = new TodayPane(workbench, clock::instant, elsewhere);
    stock = new StockPane(workbench, picker, elsewhere);
    Region between = new Region();
    HBox.setHgrow(between, Priority.ALWAYS);
    VBox top = new VBox(4, new HBox(Parts.styled(title, "page-title"), between, parts), about);
    top.getStyleClass().add("page-top");
    setTop(top);
    parts.onChange(this::open);
    addEventHandler(KeyEvent.KEY_PRESSED, this::pressed);
    workbench.watch(workbench.projections().current(), _ -> refresh());
    workbench.watch(workbench.projections().shop(), _ -> refresh());
    workbench.watch(workbench.preferences().figures(), _ -> refresh());
    workbench.watch(workbench.days().today(), _ -> said());
    workbench.watching().atTheEnd(tick::stop);
    tick.setCycleCount(Animation.INDEFINITE);
    // A view nobody looks at follows no clock.
    sceneProperty()
        .addListener(
            (_, _, scene) -> {
              if (scene == null) {
                tick.stop();
              } else {
                tick.play();
              }
            });
    open();
  }

  /** The now line goes on, and what is late pushes what follows. */
  private final Timeline tick =
      new Timeline(new KeyFrame(Duration.seconds(TICK_SECONDS), _ -> refresh()));

  private static final int TICK_SECONDS = 30;

  private void open() {
    setCenter(
        switch (parts.chosen()) {
          case TODAY -> plan;
          case OPEN -> open;
          case STOCK -> stock;
        });
    said();
    refresh();
  }

  /** Letters act wherever in the view the focus is. */
  private void pressed(KeyEvent key) {
    boolean used =
        switch (parts.chosen()) {
          case TODAY -> plan.press(key);
          case STOCK -> stock.press(key);
          case OPEN -> false;
        };
    if (used) {
      key.consume();
    }
  }

  private void said() {
    title.setText(DayWords.date(words, workbench.days().date(clock.instant())));
    about.setText(
        parts.chosen() == Part.TODAY
            ? workbench.days().today().get().map(shown -> DayText.of(words, shown)).orElse("")
            : words.of("day.about", parts.chosen()));
  }

  /** A view nobody looks at asks for nothing. */
  private void refresh() {
    if (getScene() == null) {
      return;
    }
    switch (parts.chosen()) {
      case TODAY -> plan.refresh();
      case OPEN -> open.refresh();
      case STOCK -> stock.refresh();
    }
  }

  /** Whether the plan of the day is in sight. */
  public boolean showsPlan() {
    return parts.chosen() == Part.TODAY;
  }

  /** Takes the last edit of the day back, or brings it back again. */
  public void undoOrRedo(boolean isRedo) {
    CompletionStage<Outcome> _ =
        isRedo ? workbench.days().redo(clock.instant()) : workbench.days().undo(clock.instant());
  }

  @Override
  public void focusFirst() {
    refresh();
    switch (parts.chosen()) {
      case TODAY -> plan.focusWhenPlanned();
      case OPEN -> open.focusList();
      case STOCK -> stock.focusList();
    }
  }
}
