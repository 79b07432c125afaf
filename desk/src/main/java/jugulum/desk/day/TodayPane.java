package jugulum.desk.day;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.BorderPane;
import jugulum.core.account.Worked;
import jugulum.core.ledger.Network;
import jugulum.core.shop.Shop;
import jugulum.core.task.Task;
import jugulum.core.task.Tasks;
import jugulum.desk.kit.Parts;
import jugulum.desk.session.Workbench;
import jugulum.desk.view.Navigation;
import jugulum.desk.view.View;
import jugulum.desk.words.Figures;
import jugulum.desk.words.TaskWords;
import jugulum.desk.words.Words;
import jugulum.desk.work.Latest;

/** What is open in the batch on the bench, in the order one would do it. */
final class TodayPane extends BorderPane {
  private final Workbench workbench;
  private final Latest latest;
  private final Supplier<Instant> now;
  private final Navigation navigation;
  private final ListView<Line> list = new ListView<>();

  /**
   * A line of the list.
   *
   * @param task the open question
   * @param text what it says
   */
  private record Line(Task task, String text) {}

  TodayPane(Workbench workbench, Supplier<Instant> now, Navigation navigation) {
    Words words = workbench.words();
    this.workbench = workbench;
    this.latest = workbench.work().latest();
    this.now = now;
    this.navigation = navigation;
    setId("today-pane");
    list.setId("today");
    list.setAccessibleText(words.of("day.today"));
    list.setPlaceholder(Parts.sentence(words.of("day.nothing"), "muted"));
    list.setCellFactory(_ -> new LineCell());
    list.setOnKeyPressed(
        key -> {
          if (key.getCode() == KeyCode.ENTER) {
            chosen().ifPresent(this::open);
            key.consume();
          }
        });
    list.setOnMouseClicked(
        click -> {
          if (click.getClickCount() == 2) {
            chosen().ifPresent(this::open);
          }
        });
    setCenter(list);
  }

  private static final class LineCell extends ListCell<Line> {
    @Override
    protected void updateItem(Line line, boolean empty) {
      super.updateItem(line, empty);
      setText(empty || line == null ? "" : line.text());
    }
  }

  private Optional<Line> chosen() {
    return Optional.ofNullable(list.getSelectionModel().getSelectedItem());
  }

  private void open(Line line) {
    switch (line.task().subject()) {
      case Task.Subject.OfBatch _ -> navigation.show(View.BENCH);
      case Task.Subject.OfLot(var lot) -> navigation.openLot(lot);
      case Task.Subject.OfMelt(var lot, var _) -> navigation.openLot(lot);
      case Task.Subject.OfStep(var step) -> navigation.openStep(step);
    }
  }

  /** What is open is worked out behind the book's work; only what was asked for last is shown. */
  void refresh() {
    Instant at = now.get();
    Optional<Worked> worked = workbench.projections().current().get().worked();
    Shop shop = workbench.projections().shop().get();
    Figures figures = workbench.preferences().figures().get();
    latest.ask(_ -> worked.map(one -> lines(one, shop, figures, at)).orElse(List.of()), this::show);
  }

  private void show(List<Line> lines) {
    if (!lines.equals(list.getItems())) {
      int row = Math.max(0, list.getSelectionModel().getSelectedIndex());
      list.getItems().setAll(lines);
      list.getSelectionModel().select(Math.min(row, Math.max(0, lines.size() - 1)));
    }
  }

  private static List<Line> lines(Worked worked, Shop shop, Figures figures, Instant at) {
    return Tasks.of(worked, shop, worked.batch().route(), at).stream()
        .map(task -> new Line(task, text(task, worked.network(), figures, at)))
        .toList();
  }

  private static String text(Task task, Network network, Figures figures, Instant at) {
    Words words = figures.words();
    String what = TaskWords.text(words, task, network);
    return task.due()
        .map(
            due ->
                words.of(task.isDue(at) ? "day.due-now" : "day.due-at", what, figures.clock(due)))
        .orElse(what);
  }

  void focusList() {
    list.requestFocus();
  }
}
