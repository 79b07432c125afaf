package jugulum.desk.season;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.stream.Stream;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TableView;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import jugulum.book.batch.BatchStream;
import jugulum.book.batch.MagneticsLines.Held;
import jugulum.book.stream.Order;
import jugulum.core.gold.LotGold;
import jugulum.core.magnet.Composite;
import jugulum.core.units.MassText;
import jugulum.core.units.MassUnit;
import jugulum.desk.entry.EntryField;
import jugulum.desk.entry.FieldRow;
import jugulum.desk.entry.Parsers;
import jugulum.desk.entry.VisibleChoice;
import jugulum.desk.kit.Buttons;
import jugulum.desk.kit.Choices;
import jugulum.desk.kit.Parts;
import jugulum.desk.kit.TextColumns;
import jugulum.desk.session.Outcome;
import jugulum.desk.session.Workbench;
import jugulum.desk.told.Told;
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
  private static final double USUAL_SPREAD = 0.05;

  /** The table scrolls; what is asked below it stays in sight. */
  private static final double LEAST_TABLE = 96;

  @Prologue private final Words words;
  private final Workbench workbench;
  private final TableView<Held> table = new TableView<>();
  private final Label sum = Parts.sentence("", "muted");
  private final ComboBox<String> bags =
      Choices.of("composite-bag", words.of("magnetics.bag"), List.of(), name -> name);
  private final EntryField<Double> grade =
      new EntryField<>(
          words,
          "composite-grade",
          words.of("form.grade"),
          words.of("form.grade.hint"),
          typed -> Parsers.number(words, typed, 0, 1e6));
  private final EntryField<MassText.Mass> sample =
      new EntryField<>(
          words,
          "composite-sample",
          words.of("form.sample"),
          "500 g",
          typed -> Parsers.sand(words, MassUnit.GRAM).apply(typed));
  private final EntryField<Optional<Double>> spread =
      new EntryField<>(
          words,
          "composite-spread",
          words.of("form.assay.spread"),
          words.of("form.assay.spread.hint"),
          Parsers.optional(typed -> Parsers.percent(words, typed, 0, 200)));
  private final Label shares = Parts.sentence("", "answer");
  private final VisibleChoice visible;
  private final Label said = Parts.sentence("", "fine-text");
  private final VBox composite = new VBox(6);

  /** What is asked of the elsewhere. */
  interface Elsewhere {
    /** The batch of a lot goes on the bench. */
    void open(Held held);
  }

  MagneticsPane(Workbench workbench, Elsewhere elsewhere) {
    this.words = workbench.words();
    super();
    this.workbench = workbench;
    setId("magnetics-pane");
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
        words, table, "magnetics.look", 160, one -> MagneticsPane.looks(words, one), false);
    TextColumns.add(words, table, "gold.free", 250, held -> gold(held, GoldWords::free), false);
    TextColumns.add(words, table, "gold.hidden", 250, held -> gold(held, GoldWords::hidden), false);
    TextColumns.add(words, table, "magnetics.fate", 170, this::fate, false);
    table.setOnKeyPressed(
        key -> {
          if (key.getCode() == KeyCode.ENTER
              && table.getSelectionModel().getSelectedItem() != null) {
            elsewhere.open(table.getSelectionModel().getSelectedItem());
            key.consume();
          }
        });
    visible = new VisibleChoice("composite-visible", workbench.preferences().figures()::get);
    visible.fields().forEach(field -> field.field().setOnAction(_ -> share()));
    sum.setId("magnetics-sum");
    shares.setId("composite-shares");
    said.setId("composite-said");
    Stream.of(grade, sample, spread).forEach(field -> field.field().setOnAction(_ -> share()));
    bags.valueProperty().addListener((_, _, _) -> tell());
    HBox row =
        new HBox(
            14,
            new VBox(3, Parts.styled(new Label(words.of("magnetics.bag")), "entry-label"), bags),
            new FieldRow(List.of(grade, sample, spread)));
    HBox.setHgrow(row.getChildren().get(1), Priority.ALWAYS);
    composite
        .getChildren()
        .addAll(
            Parts.section(words.of("magnetics.composite")),
            Parts.sentence(words.of("magnetics.composite.about"), "muted"),
            row,
            visible,
            shares,
            Parts.row(
                Buttons.primary("share-out", words.of("magnetics.share"), "Enter", this::share)),
            said);
    table.setMinHeight(LEAST_TABLE);
    setCenter(table);
    VBox below =
        new VBox(
            12,
            sum,
            Parts.row(
                Buttons.plain(
                    "open-held",
                    words.of("batches.open"),
                    "Enter",
                    () -> chosen().ifPresent(elsewhere::open))),
            composite);
    below.getStyleClass().add("page-top");
    ScrollPane rest = new ScrollPane(below);
    rest.getStyleClass().add("page-scroll");
    rest.setFitToWidth(true);
    rest.setFocusTraversable(false);
    setBottom(rest);
    workbench.watch(workbench.preferences().figures(), _ -> table.refresh());
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

  private static String looks(Words words, Held held) {
    if (held.magnetics().looks().isEmpty()) {
      return words.of(held.magnetics().gold().isPresent() ? "look.BY_PASSES" : "look.NONE");
    }
    return words.row(
        held.magnetics().looks().stream().map(look -> words.of("look", look)).toList());
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
    String bag = bags.getValue();
    List<String> names =
        here.stream().flatMap(held -> held.magnetics().bag().stream()).distinct().sorted().toList();
    bags.getItems().setAll(names);
    bags.setValue(
        bag != null && names.contains(bag) ? bag : names.isEmpty() ? null : names.getFirst());
    Parts.shown(composite, !names.isEmpty());
    tell();
  }

  private List<Held> inBag() {
    return table.getItems().stream()
        .filter(
            held ->
                held.magnetics().discarded().isEmpty()
                    && held.magnetics().bag().equals(Optional.ofNullable(bags.getValue())))
        .toList();
  }

  private void tell() {
    List<Held> lots = inBag();
    double grams = lots.stream().mapToDouble(held -> held.magnetics().mass().grams()).sum();
    shares.setText(
        lots.isEmpty()
            ? ""
            : words.counted("magnetics.bag.holds", lots.size(), figures().sand(grams)));
  }

  private void share() {
    List<Held> lots = inBag();
    Optional<Held> unweighed =
        lots.stream().filter(held -> !held.magnetics().mass().isKnown()).findFirst();
    if (unweighed.isPresent()) {
      grade.refuse(
          words.of(
              "magnetics.unweighed",
              unweighed.get().name(),
              Sentences.cut(words, unweighed.get().magnetics().lot().cut())));
      return;
    }
    visible
        .read()
        .flatMap(
            seen ->
                grade
                    .read()
                    .flatMap(
                        found ->
                            sample
                                .read()
                                .flatMap(
                                    mass ->
                                        spread
                                            .read()
                                            .map(
                                                sd ->
                                                    new Composite(
                                                        bags.getValue(),
                                                        found,
                                                        sd.orElse(USUAL_SPREAD),
                                                        mass.grams(),
                                                        seen)))))
        .ifPresent(one -> share(one, lots));
  }

  private void share(Composite assayed, List<Held> lots) {
    workbench
        .session()
        .submitElsewhere(
            lots.stream()
                .<Order<?, ?>>map(
                    held ->
                        Order.of(
                            BatchStream.of(held.batch()),
                            assayed.share(held.magnetics().lot().id())))
                .toList())
        .thenAccept(
            outcome -> {
              switch (outcome) {
                case Outcome.Recorded _ -> {
                  Stream.of(grade, sample, spread).forEach(EntryField::clear);
                  visible.clear();
                  refresh();
                  said.setText(said(assayed, lots));
                }
                case Outcome.Not not ->
                    grade.refuse(Told.why(not, workbench.preferences().figures().get()));
              }
            });
  }

  private String said(Composite assayed, List<Held> lots) {
    List<Double> mg =
        assayed.sharesMg(lots.stream().map(held -> held.magnetics().mass().grams()).toList());
    String each =
        words.joined(
            "join.or",
            Stream.iterate(0, i -> i < lots.size(), i -> i + 1)
                .map(
                    i ->
                        words.of(
                            "magnetics.share.each",
                            lots.get(i).name(),
                            Sentences.cut(words, lots.get(i).magnetics().lot().cut()),
                            figures().gold(mg.get(i))))
                .toList());
    return words.of("magnetics.shared", each);
  }

  /** Puts the focus on the list. */
  void focusList() {
    table.requestFocus();
  }
}
