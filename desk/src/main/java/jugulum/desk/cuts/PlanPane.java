package jugulum.desk.cuts;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BiConsumer;
import java.util.stream.Stream;
import javafx.animation.PauseTransition;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.util.Duration;
import jugulum.core.ledger.Assumptions;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.LotId;
import jugulum.core.mass.Sizings;
import jugulum.core.magnet.MagnetShares;
import jugulum.core.minerals.Mineral;
import jugulum.core.plan.Plan;
import jugulum.core.plan.PlanRequest;
import jugulum.core.plan.PlannedCut;
import jugulum.core.plan.PlannedCut.Run;
import jugulum.core.plan.Planner;
import jugulum.core.plan.School;
import jugulum.core.screens.Cut;
import jugulum.core.screens.Screen;
import jugulum.core.settling.ConcentrationCriterion;
import jugulum.core.sizes.SizeSpread;
import jugulum.desk.chart.DrawingView;
import jugulum.desk.chart.WindowChart;
import jugulum.desk.entry.Buttons;
import jugulum.desk.panel.Parts;
import jugulum.desk.workbench.Workbench;
import jugulum.desk.workbench.Worked;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Words;

/** Plans the cuts of a lot: the best stacks of the shop, those of the schools, the windows of the one chosen and why. */
final class PlanPane extends BorderPane {
  private static final double FORM_WIDTH = 372;
  private static final double ROW = 36;
  private static final int BEST = 4;

  /** A slider that rests so long has come to rest. */
  private static final double STILL_MILLIS = 150;

  private final Workbench workbench;
  private final PlanForm form = new PlanForm();
  private final ListView<Row> plans = new ListView<>();
  private final DrawingView chart = new DrawingView("window-chart");
  private final VBox why = new VBox(6);
  private final VBox remarks = new VBox(6);
  private final Button use;
  private final PauseTransition settled = new PauseTransition(Duration.millis(STILL_MILLIS));
  private Optional<LotKey> lot = Optional.empty();
  private Optional<PlanRequest> asked = Optional.empty();
  private Sand sand = new Sand(Optional.empty(), 0);

  /** What the batch knows of the lot's sand. */
  private record Sand(Optional<SizeSpread> sizes, double grams) {}

  /** A plan with its name. */
  private record Row(String name, String reason, Plan plan) {}

  PlanPane(Workbench workbench, BiConsumer<LotId, List<Screen>> onUse) {
    this.workbench = workbench;
    use = Buttons.primary("use-plan", Words.of("plan.use"), "S", () -> chosen().ifPresent(plan -> id().ifPresent(id -> onUse.accept(id, plan.stack()))));
    plans.setId("plans");
    plans.setAccessibleText(Words.of("plan.plans"));
    plans.getStyleClass().add("lot-list");
    plans.setFixedCellSize(ROW);
    plans.setCellFactory(_ -> new Cell());
    plans.getSelectionModel().selectedItemProperty().addListener((_, _, row) -> showChosen(row));
    why.setId("plan-why");
    remarks.setId("plan-remarks");
    form.onChange(this::plan);
    form.onSlide(this::slide);
    settled.setOnFinished(_ -> plan());
    ScrollPane left = new ScrollPane(form);
    left.setFitToWidth(true);
    left.getStyleClass().addAll("board-scroll", "plan-scroll");
    left.setPrefWidth(FORM_WIDTH);
    left.setMinWidth(FORM_WIDTH);
    left.setFocusTraversable(false);
    VBox result = new VBox(10, remarks, plans, Parts.row(use), Parts.sentence(Words.of("plan.chart.about"), "muted"), chart, why);
    result.getStyleClass().add("plan-result");
    ScrollPane right = new ScrollPane(result);
    right.setFitToWidth(true);
    right.getStyleClass().add("board-scroll");
    right.setFocusTraversable(false);
    setLeft(left);
    setCenter(right);
    workbench.shop().addListener((_, _, _) -> plan());
  }

  private Optional<Worked> worked() {
    return workbench.current().get().worked();
  }

  /** The lot shown, while its batch is on the bench. */
  private Optional<LotId> id() {
    return lot.filter(key -> worked().filter(now -> now.batch().id().equals(key.batch())).isPresent()).map(LotKey::lot);
  }

  /** Plans for another lot; the same one keeps what was typed. */
  void show(Optional<LotKey> other) {
    boolean changed = !other.equals(lot);
    lot = other;
    if (changed) {
      worked().ifPresent(now -> form.start(now.batch().assumptions(), cut(), taken().flatMap(MagnetShares::of)));
    }
    Sand now = new Sand(sizes(), grams());
    if (changed || !now.equals(sand)) {
      sand = now;
      form.sand(now.sizes(), now.grams());
    }
    plan();
  }

  private Optional<SizeSpread> sizes() {
    return worked().flatMap(now -> id().flatMap(id -> Sizings.of(now.network(), now.sand(), id)));
  }

  private double grams() {
    return worked().flatMap(now -> id().map(id -> now.sand().mass(id).grams())).orElse(0.0);
  }

  private Cut cut() {
    return taken().map(Lot::cut).orElse(Cut.ALL);
  }

  private Optional<Lot> taken() {
    return worked().flatMap(now -> id().flatMap(id -> now.network().lot(id)));
  }

  /** The windows of the stack shown follow the slider at once; the search comes when it rests. */
  private void slide() {
    settled.playFromStart();
    chosen().ifPresent(plan -> request().ifPresent(request -> chart(new Planner(request).of(plan.stack()))));
  }

  private void chart(Plan plan) {
    chart.show(width -> WindowChart.of(plan, width), WindowChart.spoken(plan));
  }

  private void plan() {
    if (getScene() != null) {
      request().ifPresent(this::planned);
    }
  }

  private Optional<PlanRequest> request() {
    Assumptions given = worked().map(now -> now.batch().assumptions()).orElseGet(() -> workbench.shop().get().assumptions());
    return form.read(cut(), sizes(), given, workbench.shop().get());
  }

  private void planned(PlanRequest request) {
    asked = Optional.of(request);
    Planner planner = new Planner(request);
    List<Plan> best = planner.best(BEST);
    List<Row> rows = new ArrayList<>();
    for (int i = 0; i < best.size(); i++) {
      rows.add(new Row(i == 0 ? Words.of("plan.best") : Words.of("plan.next", Integer.toString(i)), "", best.get(i)));
    }
    for (School school : School.values()) {
      rows.add(new Row(Words.of("school", school), Words.of("school.reason", school), planner.of(school.stack(planner.usable()))));
    }
    int before = Math.max(0, plans.getSelectionModel().getSelectedIndex());
    plans.getItems().setAll(rows);
    double height = rows.size() * ROW + 4;
    plans.setPrefHeight(height);
    plans.setMinHeight(height);
    plans.getSelectionModel().select(Math.min(before, rows.size() - 1));
    remarks.getChildren().setAll(remarks(request, planner, best));
  }

  private static List<Node> remarks(PlanRequest request, Planner planner, List<Plan> best) {
    if (best.isEmpty()) {
      return List.of(Parts.advice("fault", Words.of("plan.none"), Words.of("plan.none.about", Figures.plain(request.lookedOverAboveMm()))));
    }
    if (!best.getFirst().meets()) {
      return List.of(Parts.advice("fault", Words.of("plan.short"), Words.of("plan.short.about")));
    }
    return planner.usable().isEmpty() ? List.of(Parts.advice("idle", "", Words.of("screening.none-fits"))) : List.of();
  }

  private Optional<Plan> chosen() {
    return Optional.ofNullable(plans.getSelectionModel().getSelectedItem()).map(Row::plan);
  }

  private void showChosen(Row row) {
    if (row == null) {
      return;
    }
    Figures figures = workbench.figures().get();
    Plan plan = row.plan();
    chart(plan);
    Stream<Node> reason = row.reason().isEmpty() ? Stream.empty() : Stream.of(Parts.advice("water", "", row.reason()));
    Stream<Node> cuts = plan.cuts().stream().map(cut -> Parts.advice(kind(cut), "", PlanWords.sentence(cut, figures)));
    why.getChildren().setAll(Stream.of(reason, cuts, criterion(plan)).flatMap(part -> part).toList());
    boolean free = taken().isPresent() && worked().filter(now -> !now.batch().closed() && now.network().taker(id().orElseThrow()).isEmpty()).isPresent();
    use.setDisable(!free || plan.stack().isEmpty());
  }

  private static String kind(PlannedCut cut) {
    return cut.fate() instanceof Run run ? run.meets() ? "fine" : "fault" : "idle";
  }

  /** Whether the heaviest other mineral can be told from gold by weight at all. */
  private Stream<Node> criterion(Plan plan) {
    Optional<Mineral> heaviest = asked.flatMap(request -> request.conditions().leftOver().stream().findFirst());
    return heaviest.stream()
        .filter(_ -> plan.cuts().stream().anyMatch(cut -> cut.fate() instanceof Run))
        .flatMap(mineral -> criterion(asked.orElseThrow().conditions().goldGCm3().usual(), mineral));
  }

  private static Stream<Node> criterion(double goldGCm3, Mineral mineral) {
    if (goldGCm3 <= mineral.usualGCm3()) {
      return Stream.empty();
    }
    ConcentrationCriterion criterion = ConcentrationCriterion.of(goldGCm3, mineral.usualGCm3(), 1);
    String text = Words.of("plan.criterion", Words.of("mineral", mineral), Figures.fixed(criterion.value(), 2), Words.of("reach", criterion.reach()));
    return Stream.of(Parts.sentence(text, "muted"));
  }

  private static final class Cell extends ListCell<Row> {
    Cell() {
      setPrefWidth(0);
    }

    @Override
    protected void updateItem(Row row, boolean empty) {
      super.updateItem(row, empty);
      if (empty || row == null) {
        setGraphic(null);
        setAccessibleText(null);
        return;
      }
      Plan plan = row.plan();
      String mark = Words.of(plan.meets() ? "plan.mark.meets" : "plan.mark.short");
      String ratio = plan.leastRatio().isPresent() ? Words.of("plan.least", Figures.fixed(plan.leastRatio().getAsDouble(), 2)) : "";
      Label name = Parts.styled(new Label(row.name()), "muted");
      name.setMinWidth(NAME_WIDTH);
      Label stack = Parts.styled(new Label(Words.of("plan.marked", mark, PlanWords.stack(plan))), "lot-name");
      Region gap = new Region();
      HBox.setHgrow(gap, Priority.ALWAYS);
      Label least = Parts.styled(new Label(ratio), "lot-figure");
      Label time = Parts.styled(new Label(Figures.time(plan.minutes())), "lot-figure");
      time.setMinWidth(TIME_WIDTH);
      least.setMinWidth(Region.USE_PREF_SIZE);
      HBox line = new HBox(name, stack, gap, least, time);
      line.getStyleClass().add("lot-line");
      setGraphic(line);
      setAccessibleText(Words.of("plan.spoken", row.name(), PlanWords.stack(plan), ratio, time.getText()));
    }

    private static final double NAME_WIDTH = 130;
    private static final double TIME_WIDTH = 84;
  }
}
