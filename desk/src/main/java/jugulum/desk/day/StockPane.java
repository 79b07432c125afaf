package jugulum.desk.day;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.SelectionMode;
import javafx.scene.control.TableView;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import jugulum.book.batch.BatchStream;
import jugulum.book.batch.Pooling;
import jugulum.book.stream.Order;
import jugulum.core.belief.LotBelief;
import jugulum.core.belief.Stock;
import jugulum.core.belief.StockLot;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Measure;
import jugulum.desk.bag.BagAssay;
import jugulum.desk.chart.StockChart;
import jugulum.desk.entry.Entry;
import jugulum.desk.entry.EntryField;
import jugulum.desk.entry.Parsers;
import jugulum.desk.files.FileKind;
import jugulum.desk.files.FilePicker;
import jugulum.desk.files.Saving;
import jugulum.desk.kit.Buttons;
import jugulum.desk.kit.Keys;
import jugulum.desk.kit.Parts;
import jugulum.desk.kit.Seldom;
import jugulum.desk.kit.TextColumns;
import jugulum.desk.kit.Wrapping;
import jugulum.desk.print.LabelSize;
import jugulum.desk.print.StockLabelsPdf;
import jugulum.desk.session.Workbench;
import jugulum.desk.told.Told;
import jugulum.desk.view.Navigation;
import jugulum.desk.words.BeliefWords;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Words;
import jugulum.desk.work.Outcome;

/**
 * What stands in the shop: every container of every batch with its gold, hours and worth, what is
 * worth working first first; found by its code, put into bags, thrown away, labelled.
 */
final class StockPane extends VBox {
  private static final double LEAST_TABLE = 200;
  private static final double LEAST_BELOW = 120;

  private final Words words;
  private final Workbench workbench;
  private final Navigation navigation;
  private final Saving saving;
  private final TableView<LotBelief> table = new TableView<>();
  private final Label decides = Parts.sentence("", "answer");
  private final Label sum = Parts.sentence("", "muted");
  private final Label why = Parts.sentence("");
  private final StockColumns columns;
  private final EntryField<String> find;
  private final EntryField<String> what;
  private final BagAssay bags;
  private List<LotBelief> all = List.of();

  /** What is said where nothing stands in the shop. */
  private Node nothing = new Label();

  private Asked asked = Asked.BAG;

  /** What is typed of the lots chosen. */
  private enum Asked {
    BAG("form.bag.hint", "refusal.BAG_WITHOUT_NAME"),
    POOL("stock.pool.hint", "refusal.NAME_MISSING"),
    /** Why they are thrown away: a look on record says enough. */
    THROW("form.discard.hint", "");

    private final String hint;
    private final String without;

    Asked(String hint, String without) {
      this.hint = hint;
      this.without = without;
    }
  }

  StockPane(Workbench workbench, FilePicker picker, Navigation navigation) {
    this.words = workbench.words();
    this.workbench = workbench;
    this.navigation = navigation;
    this.saving = new Saving(workbench, picker);
    setId("stock-pane");
    find =
        new EntryField<>(
            words,
            "stock-find",
            words.of("stock.find"),
            words.of("stock.find.hint"),
            Entry.Value::new);
    what = new EntryField<>(words, "stock-what", words.of("stock.which"), "", Parsers.note(words));
    bags = new BagAssay(workbench, this::refresh);
    Parts.shown(what, false);
    Parts.shown(find, false);
    find.field().textProperty().addListener((_, _, _) -> narrow());
    find.field().setOnAction(_ -> found());
    what.field().setOnAction(_ -> told());
    columns = new StockColumns(words, this::figures);
    why.setId("stock-why");
    decides.setId("stock-decides");
    sum.setId("stock-sum");
    columns();
    table.setMinHeight(LEAST_TABLE);
    VBox below =
        new VBox(
            10,
            sum,
            Parts.sentence(words.of("stock.legend"), "muted"),
            why,
            decides,
            ways(),
            find,
            what,
            new Seldom("stock-assay", words.of("magnetics.composite"), "A", bags));
    below.getStyleClass().add("page-top");
    ScrollPane rest = new ScrollPane(below);
    rest.getStyleClass().add("page-scroll");
    rest.setFitToWidth(true);
    rest.setFocusTraversable(false);
    // What stands below gives way first: it can be scrolled to.
    rest.setMinHeight(LEAST_BELOW);
    setVgrow(table, Priority.ALWAYS);
    getChildren().addAll(table, rest);
    table
        .getSelectionModel()
        .selectedItemProperty()
        .addListener(
            (_, _, one) -> why.setText(one == null ? "" : BeliefWords.gold(one, figures())));
    workbench.watch(workbench.preferences().figures(), _ -> show(all));
  }

  private Wrapping ways() {
    return new Wrapping(
        8,
        6,
        Buttons.primary("stock-open", words.of("day.go"), "Enter", this::open),
        Buttons.plain("stock-find-it", words.of("stock.find-it"), "F", () -> ask(find)),
        Buttons.quiet("stock-bag-it", words.of("stock.bag-it"), "B", () -> askWhat(Asked.BAG)),
        Buttons.quiet("stock-pool", words.of("stock.pool"), "U", () -> askWhat(Asked.POOL)),
        Buttons.quiet("stock-throw", words.of("stock.throw"), "T", () -> askWhat(Asked.THROW)),
        Buttons.quiet("stock-labels", words.of("stock.labels"), "L", this::labels));
  }

  private void columns() {
    TextColumns.begin(words, table, "stock", "day.part.STOCK", "stock.none");
    nothing = table.getPlaceholder();
    // Before the book was read it is not known that nothing stands in the shop.
    table.setPlaceholder(Parts.sentence(words.of("season.reading"), "muted"));
    columns.addTo(table);
    table.getSelectionModel().setSelectionMode(SelectionMode.MULTIPLE);
    table.setOnKeyPressed(
        key -> {
          if (key.getCode() == KeyCode.ENTER) {
            open();
            key.consume();
          }
        });
  }

  private Figures figures() {
    return workbench.preferences().figures().get();
  }

  void refresh() {
    workbench.projections().everyBatch().stock(this::show);
  }

  private void show(List<LotBelief> ranked) {
    table.setPlaceholder(nothing);
    all = ranked;
    columns.scale(StockChart.Scale.of(ranked, figures().goldMarkMg()));
    table.refresh();
    bags.show(ranked.stream().flatMap(one -> inBag(one.lot()).stream()).toList());
    double grams = ranked.stream().mapToDouble(one -> one.lot().grams().orElse(0)).sum();
    sum.setText(
        ranked.isEmpty() ? "" : words.counted("stock.sum", ranked.size(), figures().sand(grams)));
    decides.setText(
        Stock.decides(ranked).map(one -> BeliefWords.decides(one, figures())).orElse(""));
    Parts.shown(decides, !decides.getText().isEmpty());
    narrow();
  }

  private static Optional<BagAssay.InBag> inBag(StockLot lot) {
    return lot.bag()
        .map(
            bag ->
                new BagAssay.InBag(
                    lot.batch(), lot.label(), lot.lot(), lot.cut(), lot.grams(), bag));
  }

  /** What is typed narrows the list down as one types. */
  private void narrow() {
    String text = find.isVisible() ? find.text() : "";
    List<LotBelief> shown =
        text.isEmpty() ? all : all.stream().filter(one -> one.lot().isNamed(text)).toList();
    if (!shown.equals(table.getItems())) {
      Optional<StockLot> before = chosen().map(LotBelief::lot);
      table.getItems().setAll(shown);
      table.getSelectionModel().clearSelection();
      int at =
          before.map(lot -> shown.stream().map(LotBelief::lot).toList().indexOf(lot)).orElse(0);
      table.getSelectionModel().select(Math.max(0, at));
    }
  }

  private Optional<LotBelief> chosen() {
    return Optional.ofNullable(table.getSelectionModel().getSelectedItem());
  }

  /** A code leads to its container at once, as a scanner types it; a name to the list. */
  private void found() {
    Optional<LotBelief> coded =
        all.stream().filter(one -> one.lot().isCode(find.text())).findFirst();
    if (coded.isPresent()) {
      find.clear();
      Parts.shown(find, false);
      narrow();
      table.getSelectionModel().clearSelection();
      table.getSelectionModel().select(coded.get());
      table.scrollTo(coded.get());
      table.requestFocus();
    } else if (table.getItems().isEmpty()) {
      find.refuse(words.of("stock.find.none", find.text()));
    } else {
      table.requestFocus();
    }
  }

  private void open() {
    chosen().ifPresent(one -> navigation.openLot(one.lot().batch(), one.lot().lot()));
  }

  private void ask(EntryField<String> field) {
    field.clear();
    Parts.shown(find, field == find);
    Parts.shown(what, field == what);
    narrow();
    // The letter that asked for it is still to be typed, and not into the field.
    Platform.runLater(field.field()::requestFocus);
  }

  private void askWhat(Asked of) {
    if (chosen().isPresent()) {
      asked = of;
      what.field().setPromptText(words.of(of.hint));
      ask(what);
    }
  }

  private void told() {
    Optional<String> said = what.read();
    if (said.isEmpty()) {
      return;
    }
    if (said.get().isEmpty() && !asked.without.isEmpty()) {
      what.refuse(words.of(asked.without));
      return;
    }
    List<StockLot> lots =
        table.getSelectionModel().getSelectedItems().stream().map(LotBelief::lot).toList();
    switch (asked) {
      case BAG -> record(lots, new Measure.Bagged(said.get()));
      case THROW -> record(lots, new Measure.Discarded(said.get()));
      case POOL -> pool(lots, said.get());
    }
  }

  private void record(List<StockLot> lots, Measure measure) {
    List<Order<?, ?>> orders = new ArrayList<>();
    for (StockLot lot : lots) {
      orders.add(Order.of(BatchStream.of(lot.batch()), new Edit.RecordOnLot(lot.lot(), measure)));
    }
    submit(orders);
  }

  private void pool(List<StockLot> lots, String name) {
    if (lots.stream().anyMatch(lot -> lot.material() == Material.GOLD)) {
      what.refuse(words.of("stock.pool.gold"));
      return;
    }
    Optional<StockLot> unweighed = lots.stream().filter(lot -> !lot.isWeighed()).findFirst();
    if (unweighed.isPresent()) {
      what.refuse(words.of("stock.pool.unweighed", unweighed.get().label()));
      return;
    }
    workbench
        .projections()
        .everyBatch()
        .pooled(
            name,
            lots.stream().map(lot -> new Pooling.Of(lot.batch(), lot.lot())).toList(),
            workbench.projections().shop().get().assumptions(),
            this::submit);
  }

  private void submit(List<Order<?, ?>> orders) {
    workbench
        .session()
        .submitElsewhere(orders)
        .thenAccept(
            outcome -> {
              switch (outcome) {
                case Outcome.Recorded _ -> {
                  leave();
                  refresh();
                }
                case Outcome.Not not -> what.refuse(Told.why(not, figures()));
              }
            });
  }

  private void labels() {
    List<StockLot> lots =
        table.getSelectionModel().getSelectedItems().size() > 1
            ? table.getSelectionModel().getSelectedItems().stream().map(LotBelief::lot).toList()
            : table.getItems().stream().map(LotBelief::lot).toList();
    Figures now = figures();
    LabelSize size = LabelSize.of(workbench.preferences().labels());
    saving.file(
        FileKind.PAGES, words.of("stock.labels.file"), () -> StockLabelsPdf.of(lots, now, size));
  }

  /** Does what a key asks for; gives whether it asked for anything. */
  boolean press(KeyEvent key) {
    if (key.getCode() == KeyCode.ESCAPE && (find.isVisible() || what.isVisible())) {
      leave();
      return true;
    }
    return Keys.press(this, key);
  }

  private void leave() {
    Parts.shown(find, false);
    Parts.shown(what, false);
    narrow();
    table.requestFocus();
  }

  void focusList() {
    table.requestFocus();
  }
}
