package jugulum.desk.shop;

import java.time.Clock;
import java.util.List;
import java.util.concurrent.CompletionStage;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import jugulum.core.shop.Shop;
import jugulum.core.shop.ShopEdit;
import jugulum.desk.backup.BackupPane;
import jugulum.desk.batch.AssumptionsForm;
import jugulum.desk.files.FilePicker;
import jugulum.desk.guide.Guide;
import jugulum.desk.kit.Buttons;
import jugulum.desk.kit.Lazy;
import jugulum.desk.kit.Parts;
import jugulum.desk.kit.Segments;
import jugulum.desk.scale.ScalePage;
import jugulum.desk.session.Workbench;
import jugulum.desk.speck.SpeckPane;
import jugulum.desk.tables.TablesPane;
import jugulum.desk.together.TogetherPane;
import jugulum.desk.told.Told;
import jugulum.desk.view.Beside;
import jugulum.desk.view.MainView;
import jugulum.desk.words.Prologue;
import jugulum.desk.words.Words;
import jugulum.desk.work.Outcome;

/** What the shop owns and takes as given for new batches. */
public final class ShopView extends BorderPane implements MainView {
  private static final double LEFT = 690;
  private static final double RIGHT = 470;

  @Prologue private final Words words;
  private final Workbench workbench;
  private final ScreensCard screens;
  private final ContainersCard containers;
  private final MagnetsCard magnets;
  private final TermsCard terms;
  private final MachinesCard machines;
  private final ScaleCard scales;
  private final ScalePage scalePage;
  private final ScrollPane scroll;
  private final Lazy<TablesPane> tables;
  private final Lazy<SpeckPane> speck;
  private final Lazy<TogetherPane> together;
  private final Lazy<BackupPane> backups;
  private final Segments<Part> parts;
  private final AssumptionsForm given = new AssumptionsForm(words);
  private final Label said = Parts.sentence("", "fine-text");

  /** What the view is parted in. */
  private enum Part {
    SHOP,
    TABLES,
    SPECK,
    TOGETHER,
    BACKUPS
  }

  /** Makes the view of a workbench; the clock dates what gold is worth. */
  public ShopView(Workbench workbench, Clock clock, FilePicker picker, Beside beside) {
    this.words = workbench.words();
    super();
    this.workbench = workbench;
    this.screens = new ScreensCard(workbench);
    this.containers = new ContainersCard(workbench);
    this.magnets = new MagnetsCard(workbench);
    this.terms = new TermsCard(workbench, clock);
    this.machines = new MachinesCard(workbench);
    this.scales = new ScaleCard(workbench, this::learnScale);
    this.scalePage = new ScalePage(workbench, clock, this::leaveScale);
    getStyleClass().add("page");
    setId("shop-view");
    parts =
        new Segments<>("shop-part", List.of(Part.values()), part -> words.of("shop.part", part));
    said.setId("shop-said");
    given.fields().forEach(field -> field.field().setOnAction(_ -> assume()));
    tables = new Lazy<>(() -> new TablesPane(workbench, picker));
    speck = new Lazy<>(() -> new SpeckPane(workbench));
    together = new Lazy<>(() -> new TogetherPane(workbench, picker));
    backups = new Lazy<>(() -> new BackupPane(workbench, picker, beside));
    VBox left = new VBox(14, screens, machines);
    VBox right =
        new VBox(
            14,
            scales,
            containers,
            magnets,
            terms,
            Parts.section(words.of("shop.given")),
            Parts.sentence(words.of("shop.given.about"), "muted"),
            given.inPairs(),
            Parts.row(Buttons.plain("assume", words.of("shop.assume"), "", this::assume)),
            said,
            new BenchCard(workbench));
    left.setPrefWidth(LEFT);
    right.setPrefWidth(RIGHT);
    HBox.setHgrow(left, Priority.ALWAYS);
    HBox columns = new HBox(40, left, right);
    scroll = new ScrollPane(columns);
    scroll.setFitToWidth(true);
    scroll.getStyleClass().add("board-scroll");
    Region between = new Region();
    HBox.setHgrow(between, Priority.ALWAYS);
    HBox top =
        new HBox(Parts.styled(new Label(words.of("shop.title")), "page-title"), between, parts);
    top.getStyleClass().add("page-top");
    setTop(top);
    parts.onChange(this::open);
    setCenter(scroll);
    workbench.watch(workbench.projections().shop(), shop -> show(shop));
    workbench.watch(
        workbench.preferences().figures(), _ -> show(workbench.projections().shop().get()));
    show(workbench.projections().shop().get());
  }

  /** Shows how it stands with other benches. */
  public void openTogether() {
    parts.choose(Part.TOGETHER);
    open();
  }

  /** Shows the copies of the book. */
  public void openBackups() {
    parts.choose(Part.BACKUPS);
    open();
  }

  private void open() {
    if (parts.chosen() == Part.BACKUPS) {
      workbench.backing().look();
    }
    setCenter(
        switch (parts.chosen()) {
          case SHOP -> scroll;
          case TABLES -> tables.get();
          case SPECK -> speck.get();
          case TOGETHER -> together.get();
          case BACKUPS -> backups.get();
        });
  }

  @Override
  public boolean undoOrRedo(boolean isRedo) {
    CompletionStage<Outcome> _ = workbench.session().undoOrRedoShop(isRedo);
    return true;
  }

  @Override
  public Node node() {
    return this;
  }

  @Override
  public Guide.Page page() {
    return Guide.Page.SHOP;
  }

  @Override
  public void focusFirst() {
    parts.focusChosen();
  }

  private void show(Shop shop) {
    screens.show(shop);
    containers.show(shop, workbench.preferences().figures().get());
    magnets.show(shop);
    terms.show(shop);
    machines.show(shop);
    scales.show(shop, workbench.preferences().figures().get());
    given.offer(shop.assumptions());
  }

  /** Opens the page on which a scale is learnt. */
  public void learnScale() {
    parts.choose(Part.SHOP);
    setCenter(scalePage);
    scalePage.open();
    // What scrolls is in the window only once it is styled, and cannot have the focus before.
    scalePage.applyCss();
    scalePage.focusFirst();
  }

  private void leaveScale() {
    scalePage.close();
    setCenter(scroll);
    lookup("#learn-scale").requestFocus();
  }

  private void assume() {
    given
        .read(workbench.projections().shop().get().assumptions())
        .ifPresent(
            assumed ->
                workbench
                    .session()
                    .change(new ShopEdit.AssumeForNew(assumed))
                    .thenAccept(
                        outcome ->
                            said.setText(
                                switch (outcome) {
                                  case Outcome.Recorded _ -> words.of("shop.said");
                                  case Outcome.Not not ->
                                      Told.why(not, workbench.preferences().figures().get());
                                })));
  }
}
