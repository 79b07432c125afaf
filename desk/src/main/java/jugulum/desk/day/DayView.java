package jugulum.desk.day;

import java.time.Clock;
import java.util.List;
import java.util.concurrent.CompletionStage;
import javafx.animation.Animation;
import javafx.animation.KeyFrame;
import javafx.animation.Timeline;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.util.Duration;
import jugulum.desk.files.FilePicker;
import jugulum.desk.guide.Guide;
import jugulum.desk.kit.Parts;
import jugulum.desk.kit.Segments;
import jugulum.desk.session.Workbench;
import jugulum.desk.view.MainView;
import jugulum.desk.view.Navigation;
import jugulum.desk.words.DayWords;
import jugulum.desk.words.Words;
import jugulum.desk.work.Outcome;

/** The day: what is open, and what stands in the shop. */
public final class DayView extends BorderPane implements MainView {
  private final Words words;
  private final Workbench workbench;
  private final DayPlanPane plan;
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

  /** Makes the view of a workbench. */
  public DayView(Workbench workbench, Clock clock, FilePicker picker, Navigation navigation) {
    this.words = workbench.words();
    super();
    this.workbench = workbench;
    this.clock = clock;
    getStyleClass().add("page");
    setId("day-view");
    plan = new DayPlanPane(workbench, clock::instant, picker, navigation);
    open = new TodayPane(workbench, clock::instant, navigation);
    stock = new StockPane(workbench, picker, navigation);
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

  /** The plan of a day is gone back over by itself. */
  @Override
  public boolean undoOrRedo(boolean isRedo) {
    if (parts.chosen() != Part.TODAY) {
      return false;
    }
    CompletionStage<Outcome> _ = workbench.days().undoOrRedo(isRedo, clock.instant());
    return true;
  }

  @Override
  public Node node() {
    return this;
  }

  @Override
  public Guide.Page page() {
    return Guide.Page.DAY;
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
