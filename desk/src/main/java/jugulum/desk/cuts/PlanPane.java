package jugulum.desk.cuts;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.UUID;
import java.util.function.BiConsumer;
import java.util.function.BooleanSupplier;
import java.util.function.Supplier;
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
import jugulum.core.account.Worked;
import jugulum.core.belief.Belief;
import jugulum.core.belief.Experience;
import jugulum.core.belief.GradeBelief;
import jugulum.core.belief.Kin;
import jugulum.core.belief.LotKind;
import jugulum.core.belief.SeenGrade;
import jugulum.core.belief.SizeClass;
import jugulum.core.gold.BatchSpecks;
import jugulum.core.gold.LotGold;
import jugulum.core.ledger.BatchId;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Material;
import jugulum.core.magnet.MagnetShares;
import jugulum.core.mass.Sizings;
import jugulum.core.minerals.Mineral;
import jugulum.core.plan.Plan;
import jugulum.core.plan.PlanRequest;
import jugulum.core.plan.PlannedCut;
import jugulum.core.plan.PlannedCut.Run;
import jugulum.core.plan.Planner;
import jugulum.core.plan.School;
import jugulum.core.plan.StackTrade;
import jugulum.core.screens.Cut;
import jugulum.core.screens.Screen;
import jugulum.core.settling.ConcentrationCriterion;
import jugulum.core.shop.Shop;
import jugulum.core.sizes.SizeSpread;
import jugulum.core.window.Conditions;
import jugulum.desk.chart.CutGoldChart;
import jugulum.desk.chart.DrawingView;
import jugulum.desk.chart.TradeChart;
import jugulum.desk.chart.WindowChart;
import jugulum.desk.kit.Buttons;
import jugulum.desk.kit.Parts;
import jugulum.desk.session.Workbench;
import jugulum.desk.words.Figures;
import jugulum.desk.words.GradeWords;
import jugulum.desk.words.Prologue;
import jugulum.desk.words.Words;
import jugulum.desk.work.Latest;

/**
 * Plans the cuts of a lot: the best stacks of the shop, those of the schools, the windows of the
 * one chosen and why.
 */
final class PlanPane extends BorderPane {
  private static final double FORM_WIDTH = 372;
  private static final double ROW = 34;
  private static final int SHOWN = 5;
  private static final double CURVE_HEIGHT = 236;
  private static final double TOLD_WIDTH = 320;

  /** A slider that rests so long has come to rest. */
  private static final double STILL_MILLIS = 150;

  @Prologue private final Words words;
  private final Workbench workbench;
  private final PlanForm form = new PlanForm(words);
  private final ListView<Row> plans = new ListView<>();
  private final DrawingView curve = new DrawingView("trade-chart");
  private final DrawingView bars = new DrawingView("cut-gold-chart");
  private final VBox worth = new VBox(6);
  private final VBox because = new VBox(10);
  private final DrawingView chart = new DrawingView("window-chart");
  private final VBox why = new VBox(6);
  private final VBox remarks = new VBox(6);
  private final Button use;
  private final VBox result;
  private final PauseTransition settled = new PauseTransition(Duration.millis(STILL_MILLIS));
  private Optional<LotKey> lot = Optional.empty();
  private Optional<Found> found = Optional.empty();

  private final Latest search;
  private final WidthText widths;

  private Sand sand = new Sand(Optional.empty(), 0, OptionalDouble.empty());
  private Belief belief = new Belief(Experience.NONE, Shop.USUAL);
  private boolean asking;

  /** Which row a person chose; the proposed one until then. */
  private OptionalInt picked = OptionalInt.empty();

  private boolean filling;

  /** What the batch knows of the lot's sand. */
  private record Sand(Optional<SizeSpread> sizes, double grams, OptionalDouble goldMg) {}

  /** A plan with its name, beside the one with a screen less where it is one of the curve. */
  private record Row(String name, String reason, Plan plan, Optional<StackTrade.Point> point) {}

  PlanPane(Workbench workbench, BiConsumer<LotId, List<Screen>> onUse) {
    this.words = workbench.words();
    super();
    this.workbench = workbench;
    this.search = workbench.work().latest();
    this.widths = new WidthText(words);
    use =
        Buttons.primary(
            "use-plan",
            words.of("plan.use"),
            "S",
            () -> chosen().ifPresent(plan -> id().ifPresent(id -> onUse.accept(id, plan.stack()))));
    Button more = Buttons.plain("plan-more", words.of("plan.why"), "W", this::toggleWhy);
    plans.setId("plans");
    plans.setAccessibleText(words.of("plan.plans"));
    plans.getStyleClass().add("lot-list");
    plans.setFixedCellSize(ROW);
    plans.setPrefHeight(SHOWN * ROW + 4);
    plans.setMinHeight(SHOWN * ROW + 4);
    plans.setCellFactory(_ -> new Cell(() -> workbench.preferences().figures().get()));
    plans.getSelectionModel().selectedItemProperty().addListener((_, _, row) -> showChosen(row));
    why.setId("plan-why");
    worth.setId("plan-worth");
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
    HBox buttons = Parts.row(use, more);
    VBox told = new VBox(8, worth, buttons);
    told.setPrefWidth(TOLD_WIDTH);
    told.setMinWidth(TOLD_WIDTH);
    HBox.setHgrow(curve, Priority.ALWAYS);
    HBox above = new HBox(18, curve, told);
    Parts.shown(because, false);
    because
        .getChildren()
        .addAll(Parts.sentence(words.of("plan.chart.about"), "muted"), chart, widths, why);
    result =
        new VBox(10, remarks, above, plans, Parts.section(words.of("plan.cuts")), bars, because);
    result.getStyleClass().add("plan-result");
    ScrollPane right = new ScrollPane(result);
    right.setFitToWidth(true);
    right.getStyleClass().add("board-scroll");
    right.setFocusTraversable(false);
    setLeft(left);
    setCenter(right);
    workbench.watch(workbench.projections().shop(), shop -> shopChanged(shop));
    workbench.watch(workbench.preferences().figures(), _ -> plan());
    form.machines(workbench.projections().shop().get(), Experience.NONE);
  }

  private void shopChanged(Shop shop) {
    form.machines(shop, belief.experience());
    plan();
  }

  private void toggleWhy() {
    Parts.shown(because, !because.isVisible());
    widths();
  }

  private void widths() {
    if (because.isVisible()) {
      chosen()
          .ifPresent(plan -> found.ifPresent(now -> widths.show(plan, now.request().conditions())));
    }
  }

  /**
   * The shop's runs tell how fast its machines are and what they win; they are asked for once the
   * view is looked at.
   */
  private void learn() {
    if (!asking) {
      asking = true;
      workbench
          .projections()
          .everyBatch()
          .belief(
              found -> {
                asking = false;
                if (!found.experience().equals(belief.experience())) {
                  belief = found;
                  shopChanged(workbench.projections().shop().get());
                }
              });
    }
  }

  private Optional<Worked> worked() {
    return workbench.projections().current().get().worked();
  }

  /** The lot shown, while its batch is on the bench. */
  private Optional<LotId> id() {
    return LotKey.on(lot, worked());
  }

  /** Plans for another lot; the same one keeps what was typed. */
  void show(Optional<LotKey> other) {
    boolean changed = !other.equals(lot);
    lot = other;
    if (changed) {
      picked = OptionalInt.empty();
      result.setVisible(false);
      worked()
          .ifPresent(
              now -> form.start(specks(now).flatness(), cut(), taken().flatMap(MagnetShares::of)));
    }
    Sand now = new Sand(sizes(), grams(), goldMg());
    if (changed || !now.equals(sand)) {
      sand = now;
      form.sand(now.sizes(), now.grams(), now.goldMg());
    }
    learn();
    plan();
  }

  private Optional<SizeSpread> sizes() {
    return worked().flatMap(now -> id().flatMap(id -> Sizings.of(now.network(), now.sand(), id)));
  }

  private double grams() {
    return worked().flatMap(now -> id().map(id -> now.sand().mass(id).grams())).orElse(0.0);
  }

  private static BatchSpecks specks(Worked now) {
    return BatchSpecks.of(now.network());
  }

  /** The free gold of the lot, or all of it where nobody told it apart. */
  private OptionalDouble goldMg() {
    Optional<LotGold> known =
        worked().flatMap(now -> id().flatMap(id -> Optional.ofNullable(now.gold().lots().get(id))));
    return known
        .map(gold -> OptionalDouble.of(gold.free().orElse(gold.all()).milligrams()))
        .orElse(OptionalDouble.empty());
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
    chosen()
        .ifPresent(
            plan -> request().ifPresent(request -> chart(new Planner(request).of(plan.stack()))));
  }

  private void chart(Plan plan) {
    chart.show(width -> WindowChart.of(words, plan, width), WindowChart.spoken(words, plan));
  }

  private void plan() {
    if (getScene() != null) {
      request().ifPresent(this::planned);
    }
  }

  private Optional<PlanRequest> request() {
    double density =
        worked()
            .map(now -> now.batch().assumptions().goldDensity())
            .orElseGet(() -> workbench.projections().shop().get().assumptions().goldDensity());
    double fineness =
        worked()
            .map(now -> now.gold().fineness())
            .orElseGet(() -> workbench.projections().shop().get().assumptions().fineness());
    return form.read(
        cut(),
        sizes(),
        density,
        fineness,
        workbench.projections().shop().get(),
        typed ->
            thought(typed)
                .map(GradeBelief::meanMgPerKg)
                .or(() -> typed)
                .orElseGet(() -> goldMg().orElse(0) / Math.max(1, grams()) * 1000));
  }

  /**
   * What is thought of the grade of sand nobody looked at, with what a person expects of it; empty
   * where somebody looked.
   */
  private Optional<GradeBelief> thought(Optional<Double> typed) {
    if (goldMg().isPresent()) {
      return Optional.empty();
    }
    Kin kin = kin();
    return Optional.of(
        typed
            .filter(grade -> grade > 0)
            .map(grade -> belief.grade(SeenGrade.word(kin, grade)))
            .orElseGet(() -> belief.grade(kin)));
  }

  /** Without a batch it is a bucket of nowhere. */
  private Kin kin() {
    return worked()
        .flatMap(
            now ->
                taken()
                    .filter(one -> one.material() != Material.GOLD)
                    .map(one -> Kin.of(now.batch(), one)))
        .orElseGet(
            () -> new Kin("", new BatchId(new UUID(0, 0)), LotKind.FEED, SizeClass.of(cut())));
  }

  /**
   * The search takes longer than a frame: it runs elsewhere, and only the last thing asked for is
   * searched and shown. What was found already, asked for again because a unit or another lot
   * changed, is only written anew.
   */
  private void planned(PlanRequest request) {
    search.drop();
    Optional<Found> known = found.filter(one -> one.request().equals(request));
    known.ifPresentOrElse(
        this::show, () -> search.askAside(() -> request, PlanPane::searched, this::show));
  }

  /** What a search found. */
  private record Found(
      PlanRequest request, Planner planner, StackTrade trade, Map<School, Plan> schools) {}

  private static Found searched(PlanRequest request, BooleanSupplier isGivenUp) {
    Planner planner = new Planner(request, isGivenUp);
    Map<School, Plan> schools = new EnumMap<>(School.class);
    Stream.of(School.values())
        .forEach(school -> schools.put(school, planner.of(school.stack(planner.usable()))));
    return new Found(request, planner, planner.trade(), schools);
  }

  private void show(Found now) {
    found = Optional.of(now);
    StackTrade made = now.trade();
    result.setVisible(true);
    List<Row> rows = new ArrayList<>();
    for (int i = 0; i < made.points().size(); i++) {
      StackTrade.Point point = made.points().get(i);
      int number = point.plan().stack().size();
      String screens =
          number == 0 ? words.of("plan.screens.none") : words.counted("plan.screens", number);
      rows.add(
          new Row(
              i == made.proposed() ? words.of("plan.best", screens) : screens,
              "",
              point.plan(),
              Optional.of(point)));
    }
    now.schools()
        .forEach(
            (school, plan) ->
                rows.add(
                    new Row(
                        words.of("school", school),
                        words.of("school.reason", school),
                        plan,
                        Optional.empty())));
    int row = Math.clamp(picked.orElse(Math.max(0, made.proposed())), 0, rows.size() - 1);
    filling = true;
    plans.getItems().setAll(rows);
    plans.getSelectionModel().select(row);
    plans.scrollTo(Math.max(0, row - SHOWN / 2));
    filling = false;
    showChosen(plans.getSelectionModel().getSelectedItem());
    remarks.getChildren().setAll(remarks(words, now.request(), now.planner(), made));
    thought(form.expected())
        .ifPresent(
            grade ->
                remarks
                    .getChildren()
                    .add(
                        Parts.advice(
                            "idle",
                            "",
                            GradeWords.planned(words, grade, kin(), belief, form.expected()))));
  }

  private static List<Node> remarks(
      Words words, PlanRequest request, Planner planner, StackTrade trade) {
    if (trade.points().isEmpty()) {
      return List.of(
          Parts.advice(
              "fault",
              words.of("plan.none"),
              words.of("plan.none.about", words.plain(request.lookedOverAboveMm()))));
    }
    return planner.usable().isEmpty()
        ? List.of(Parts.advice("idle", "", words.of("screening.none-fits")))
        : List.of();
  }

  private Optional<Plan> chosen() {
    return Optional.ofNullable(plans.getSelectionModel().getSelectedItem()).map(Row::plan);
  }

  private void showChosen(Row row) {
    if (row == null || filling) {
      return;
    }
    Found now = found.orElseThrow();
    picked =
        OptionalInt.of(plans.getSelectionModel().getSelectedIndex()).stream()
            .filter(index -> index != now.trade().proposed())
            .findFirst();
    Figures figures = workbench.preferences().figures().get();
    Plan plan = row.plan();
    chart(plan);
    curve.show(
        width -> TradeChart.of(now.trade(), plan, figures, width, CURVE_HEIGHT),
        TradeChart.spoken(now.trade(), figures));
    bars.show(width -> CutGoldChart.of(plan, figures, width), CutGoldChart.spoken(plan, figures));
    worth
        .getChildren()
        .setAll(TradeWords.of(plan, row.point(), now.trade(), now.request().gold(), figures));
    Stream<Node> reason =
        row.reason().isEmpty()
            ? Stream.empty()
            : Stream.of(Parts.advice("water", "", row.reason()));
    Stream<Node> cuts =
        plan.cuts().stream()
            .map(cut -> Parts.advice(kind(cut), "", PlanWords.sentence(cut, figures)));
    why.getChildren()
        .setAll(
            Stream.of(reason, cuts, criterion(words, plan, now.request().conditions()))
                .flatMap(part -> part)
                .toList());
    boolean free =
        taken().isPresent()
            && worked()
                .filter(
                    bench ->
                        !bench.batch().closed()
                            && bench.network().taker(id().orElseThrow()).isEmpty())
                .isPresent();
    use.setDisable(!free || plan.stack().isEmpty());
    widths();
  }

  private static String kind(PlannedCut cut) {
    return cut.fate() instanceof Run run ? run.meets() ? "fine" : "fault" : "idle";
  }

  /** Whether the heaviest other mineral can be told from gold by weight at all. */
  private static Stream<Node> criterion(Words words, Plan plan, Conditions conditions) {
    return conditions.leftOver().stream()
        .limit(1)
        .filter(_ -> plan.cuts().stream().anyMatch(cut -> cut.fate() instanceof Run))
        .flatMap(mineral -> criterion(words, conditions.goldGCm3().usual(), mineral));
  }

  private static Stream<Node> criterion(Words words, double goldGCm3, Mineral mineral) {
    if (goldGCm3 <= mineral.usualGCm3()) {
      return Stream.empty();
    }
    ConcentrationCriterion criterion = ConcentrationCriterion.of(goldGCm3, mineral.usualGCm3(), 1);
    String text =
        words.of(
            "plan.criterion",
            words.of("mineral", mineral),
            words.fixed(criterion.value(), 2),
            words.of("reach", criterion.reach()));
    return Stream.of(Parts.sentence(text, "muted"));
  }

  private static final class Cell extends ListCell<Row> {
    @Prologue private final Words words;
    private final Supplier<Figures> figures;

    Cell(Supplier<Figures> figures) {
      this.words = figures.get().words();
      this.figures = figures;
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
      String ratio = figures.get().gold(plan.wonMg());
      Label name = Parts.styled(new Label(row.name()), "muted");
      name.setMinWidth(NAME_WIDTH);
      Label stack = Parts.styled(new Label(PlanWords.stack(words, plan)), "lot-name");
      Region gap = new Region();
      HBox.setHgrow(gap, Priority.ALWAYS);
      Label least = Parts.styled(new Label(ratio), "lot-figure");
      Label time = Parts.styled(new Label(words.time(plan.handsMinutes())), "lot-figure");
      time.setMinWidth(TIME_WIDTH);
      least.setMinWidth(Region.USE_PREF_SIZE);
      HBox line = new HBox(name, stack, gap, least, time);
      line.getStyleClass().add("lot-line");
      setGraphic(line);
      setAccessibleText(
          words.of("plan.spoken", row.name(), PlanWords.stack(words, plan), ratio, time.getText()));
    }

    private static final double NAME_WIDTH = 190;
    private static final double TIME_WIDTH = 84;
  }
}
