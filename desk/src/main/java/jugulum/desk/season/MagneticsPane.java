package jugulum.desk.season;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.BiFunction;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TableView;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.VBox;
import jugulum.book.batch.MagneticsLines.Held;
import jugulum.core.gold.LotGold;
import jugulum.desk.bag.BagAssay;
import jugulum.desk.kit.Buttons;
import jugulum.desk.kit.Parts;
import jugulum.desk.kit.TextColumns;
import jugulum.desk.session.Workbench;
import jugulum.desk.view.Navigation;
import jugulum.desk.words.Figures;
import jugulum.desk.words.GoldWords;
import jugulum.desk.words.Prologue;
import jugulum.desk.words.Sentences;
import jugulum.desk.words.Words;

/**
 * The magnetics of every batch: what they weigh, who looked, the gold that can still be in them;
 * and the assay of a bag, shared out.
 */
final class MagneticsPane extends BorderPane {
  /** The table scrolls; what is asked below it stays in sight. */
  private static final double LEAST_TABLE = 96;

  @Prologue private final Words words;
  private final Workbench workbench;
  private final TableView<Held> table = new TableView<>();
  private final Label sum = Parts.sentence("", "muted");
  private final BagAssay bags;

  MagneticsPane(Workbench workbench, Navigation navigation) {
    this.words = workbench.words();
    super();
    this.workbench = workbench;
    setId("magnetics-pane");
    bags = new BagAssay(workbench, this::refresh);
    sum.setId("magnetics-sum");
    table.setMinHeight(LEAST_TABLE);
    setCenter(table);
    columns();
    table.setOnKeyPressed(
        key -> {
          if (key.getCode() == KeyCode.ENTER
              && table.getSelectionModel().getSelectedItem() != null) {
            navigation.open(table.getSelectionModel().getSelectedItem().batch());
            key.consume();
          }
        });
    setBottom(below(navigation));
    workbench.watch(workbench.preferences().figures(), _ -> table.refresh());
  }

  private void columns() {
    TextColumns.begin(words, table, "magnetics", "magnetics.title", "magnetics.none");
    TextColumns.add(words, table, "batches.name", 150, Held::name, false);
    TextColumns.add(
        words,
        table,
        "magnetics.cut",
        100,
        held -> Sentences.cut(words, held.magnetics().lot().cut()),
        false);
    TextColumns.add(
        words,
        table,
        "magnetics.mass",
        90,
        held ->
            held.magnetics().mass().isKnown()
                ? figures().sand(held.magnetics().mass().grams())
                : words.of("mass.unknown"),
        true);
    TextColumns.add(
        words,
        table,
        "magnetics.look",
        160,
        one -> Sentences.looks(words, one.magnetics().looks(), one.magnetics().gold().isPresent()),
        false);
    TextColumns.add(words, table, "gold.free", 250, held -> gold(held, GoldWords::free), false);
    TextColumns.add(words, table, "gold.hidden", 250, held -> gold(held, GoldWords::hidden), false);
    TextColumns.add(words, table, "magnetics.fate", 170, this::fate, false);
  }

  private ScrollPane below(Navigation navigation) {
    VBox below =
        new VBox(
            12,
            sum,
            Parts.row(
                Buttons.plain(
                    "open-held",
                    words.of("batches.open"),
                    "Enter",
                    () -> chosen().map(Held::batch).ifPresent(navigation::open))),
            bags);
    below.getStyleClass().add("page-top");
    ScrollPane rest = new ScrollPane(below);
    rest.getStyleClass().add("page-scroll");
    rest.setFitToWidth(true);
    rest.setFocusTraversable(false);
    return rest;
  }

  private Optional<Held> chosen() {
    return Optional.ofNullable(table.getSelectionModel().getSelectedItem());
  }

  private Figures figures() {
    return workbench.preferences().figures().get();
  }

  private String gold(Held held, BiFunction<LotGold, Figures, String> kind) {
    return held.magnetics()
        .gold()
        .map(gold -> kind.apply(gold, figures()))
        .orElse(words.of("magnetics.gold.unknown"));
  }

  private String fate(Held held) {
    return held.magnetics()
        .discarded()
        .map(_ -> words.of("magnetics.discarded"))
        .or(() -> held.magnetics().bag().map(bag -> words.of("magnetics.in-bag", bag)))
        .orElse(words.of("magnetics.loose"));
  }

  /** Reads every batch again. */
  void refresh() {
    List<Held> all = new ArrayList<>();
    show(all);
    workbench
        .projections()
        .everyBatch()
        .magnetics(
            more -> {
              if (!more.isEmpty()) {
                all.addAll(more);
                show(all);
              }
            });
  }

  private void show(List<Held> all) {
    Optional<Held> before = chosen();
    table.getItems().setAll(all);
    before
        .filter(all::contains)
        .ifPresentOrElse(table.getSelectionModel()::select, table.getSelectionModel()::selectFirst);
    List<Held> here = all.stream().filter(held -> held.magnetics().discarded().isEmpty()).toList();
    double grams = here.stream().mapToDouble(held -> held.magnetics().mass().grams()).sum();
    long unseen = here.stream().filter(held -> !held.magnetics().isLookedAt()).count();
    sum.setText(
        all.isEmpty()
            ? ""
            : words.counted(
                "magnetics.sum",
                (int) unseen,
                Integer.toString(here.size()),
                figures().sand(grams)));
    Parts.shown(bags, here.stream().anyMatch(held -> held.magnetics().bag().isPresent()));
    bags.show(here.stream().flatMap(held -> inBag(held).stream()).toList());
  }

  private static Optional<BagAssay.InBag> inBag(Held held) {
    return held.magnetics()
        .bag()
        .map(
            bag ->
                new BagAssay.InBag(
                    held.batch(),
                    held.name(),
                    held.magnetics().lot().id(),
                    held.magnetics().lot().cut(),
                    held.magnetics().mass().isKnown()
                        ? OptionalDouble.of(held.magnetics().mass().grams())
                        : OptionalDouble.empty(),
                    bag));
  }

  /** Puts the focus on the list. */
  void focusList() {
    table.requestFocus();
  }
}
