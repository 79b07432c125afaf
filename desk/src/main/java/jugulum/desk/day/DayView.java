package jugulum.desk.day;

import java.time.Clock;
import java.util.List;
import javafx.scene.control.Label;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import jugulum.core.ledger.BatchId;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.StepId;
import jugulum.desk.kit.FocusFirst;
import jugulum.desk.kit.Parts;
import jugulum.desk.kit.Segments;
import jugulum.desk.session.Workbench;
import jugulum.desk.words.Words;

/** The day: what is open, and what stands in the shop. */
public final class DayView extends BorderPane implements FocusFirst {
  private final Words words;
  private final TodayPane today;
  private final StockPane stock;
  private final Label about = Parts.sentence("", "muted");
  private final Segments<Part> parts =
      new Segments<>("day-part", List.of(Part.values()), part -> words.of("day.part", part));

  /** What the view is parted in. */
  private enum Part {
    TODAY,
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
  }

  /** Makes the view of a workbench. */
  public DayView(Workbench workbench, Clock clock, Elsewhere elsewhere) {
    this.words = workbench.words();
    super();
    getStyleClass().add("page");
    setId("day-view");
    today = new TodayPane(workbench, clock::instant, elsewhere);
    stock = new StockPane(workbench, elsewhere);
    Region between = new Region();
    HBox.setHgrow(between, Priority.ALWAYS);
    VBox top =
        new VBox(
            4,
            new HBox(Parts.styled(new Label(words.of("day.title")), "page-title"), between, parts),
            about);
    top.getStyleClass().add("page-top");
    setTop(top);
    parts.onChange(this::open);
    workbench.watch(workbench.projections().current(), _ -> refresh());
    workbench.watch(workbench.projections().shop(), _ -> refresh());
    workbench.watch(workbench.preferences().figures(), _ -> refresh());
    open();
  }

  private void open() {
    about.setText(words.of("day.about", parts.chosen()));
    setCenter(parts.chosen() == Part.TODAY ? today : stock);
    refresh();
  }

  /** A view nobody looks at asks for nothing. */
  private void refresh() {
    if (getScene() == null) {
      return;
    }
    if (parts.chosen() == Part.TODAY) {
      today.refresh();
    } else {
      stock.refresh();
    }
  }

  @Override
  public void focusFirst() {
    refresh();
    if (parts.chosen() == Part.TODAY) {
      today.focusList();
    } else {
      stock.focusList();
    }
  }
}
