package jugulum.desk.cuts;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import jugulum.core.account.Worked;
import jugulum.core.ledger.BatchId;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Material;
import jugulum.desk.files.FilePicker;
import jugulum.desk.guide.Guide;
import jugulum.desk.kit.Choices;
import jugulum.desk.kit.Keys;
import jugulum.desk.kit.Parts;
import jugulum.desk.kit.Segments;
import jugulum.desk.session.Workbench;
import jugulum.desk.view.MainView;
import jugulum.desk.view.Navigation;
import jugulum.desk.words.Prologue;
import jugulum.desk.words.Sentences;
import jugulum.desk.words.Words;

/** Everything about sizes: planning the cuts of a lot, and its size curve. */
public final class CutsView extends BorderPane implements MainView {
  private static final double LOT_WIDTH = 300;

  @Prologue private final Words words;
  private final Workbench workbench;
  private final Label batchName = Parts.styled(new Label(), "page-title");
  private final ComboBox<Lot> lots =
      Choices.of("cuts-lot", words.of("cuts.lot"), List.of(), one -> Sentences.title(words, one));
  private final Segments<Part> parts =
      new Segments<>("cuts-part", List.of(Part.values()), part -> words.of("cuts.part", part));
  private final PlanPane plan;
  private final SizesPane sizes;
  private final Map<Part, Node> panes = new EnumMap<>(Part.class);
  private Optional<BatchId> shown = Optional.empty();
  private boolean filling;

  /** What the view is parted in. */
  private enum Part {
    PLAN,
    SIZES
  }

  /**
   * Makes the view of a workbench.
   *
   * @param picker asks for files
   */
  public CutsView(Workbench workbench, FilePicker picker, Navigation navigation) {
    this.words = workbench.words();
    super();
    this.workbench = workbench;
    this.plan = new PlanPane(workbench, navigation::screen);
    this.sizes = new SizesPane(workbench, picker);
    panes.put(Part.PLAN, plan);
    panes.put(Part.SIZES, sizes);
    getStyleClass().add("page");
    setId("cuts-view");
    lots.setPrefWidth(LOT_WIDTH);
    Region gap = new Region();
    HBox.setHgrow(gap, Priority.ALWAYS);
    HBox top = Parts.styled(new HBox(batchName, lots, gap, parts), "cuts-top");
    setTop(top);
    parts.onChange(this::open);
    lots.valueProperty().addListener((_, _, _) -> refresh());
    workbench.watch(workbench.projections().current(), _ -> show());
    sceneProperty().addListener((_, _, _) -> show());
    addEventFilter(
        KeyEvent.KEY_PRESSED,
        key -> {
          if (Keys.press(this, key)) {
            key.consume();
          }
        });
    setCenter(plan);
  }

  private void open() {
    setCenter(panes.get(parts.chosen()));
    refresh();
  }

  /** Only while it can be seen: an edit at the bench need not wait for it. */
  private void show() {
    if (getScene() == null) {
      return;
    }
    Optional<Worked> worked = workbench.projections().current().get().worked();
    batchName.setText(
        worked.map(now -> now.batch().label().name()).orElse(words.of("cuts.no-batch")));
    Optional<LotId> before =
        worked.map(now -> now.batch().id()).equals(shown) ? chosen() : Optional.empty();
    shown = worked.map(now -> now.batch().id());
    List<Lot> there = worked.map(CutsView::screenable).orElse(List.of());
    filling = true;
    lots.getItems().setAll(there);
    choose(worked, before.or(() -> worked.flatMap(CutsView::first)));
    filling = false;
    refresh();
  }

  private void choose(Optional<Worked> worked, Optional<LotId> id) {
    lots.setValue(id.flatMap(one -> worked.flatMap(now -> now.network().lot(one))).orElse(null));
  }

  private static List<Lot> screenable(Worked worked) {
    return worked.network().lots().stream()
        .filter(
            lot ->
                lot.material() != Material.GOLD
                    && lot.material() != Material.RESIDUE
                    && !lot.material().isSetAside())
        .toList();
  }

  /** The first lot that waits for work and was never screened, else the first one. */
  private static Optional<LotId> first(Worked worked) {
    List<Lot> all = screenable(worked);
    return all.stream()
        .filter(
            lot ->
                worked.network().taker(lot.id()).isEmpty()
                    && (lot.material() == Material.FEED || lot.material() == Material.CUT))
        .findFirst()
        .or(() -> all.stream().findFirst())
        .map(Lot::id);
  }

  private Optional<LotId> chosen() {
    return Optional.ofNullable(lots.getValue()).map(Lot::id);
  }

  private Optional<LotKey> key() {
    return workbench
        .projections()
        .current()
        .get()
        .worked()
        .flatMap(now -> chosen().map(lot -> new LotKey(now.batch().id(), lot)));
  }

  private void refresh() {
    if (filling || getScene() == null) {
      return;
    }
    switch (parts.chosen()) {
      case PLAN -> plan.show(key());
      case SIZES -> sizes.show(key());
    }
  }

  /** Opens the plan of a lot, or its curve if it has been screened already. */
  public void open(LotId id) {
    Optional<Worked> worked = workbench.projections().current().get().worked();
    boolean screened = worked.flatMap(now -> now.network().taker(id)).isPresent();
    parts.choose(screened ? Part.SIZES : Part.PLAN);
    choose(worked, Optional.of(id));
    refresh();
  }

  @Override
  public Node node() {
    return this;
  }

  @Override
  public Guide.Page page() {
    return Guide.Page.CUTS;
  }

  @Override
  public void focusFirst() {
    lots.requestFocus();
  }
}
