package jugulum.desk.cuts;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import jugulum.core.account.Worked;
import jugulum.core.gold.GoldRange;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.Machine;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Process;
import jugulum.core.machine.Gear;
import jugulum.core.magnet.MagnetSchool;
import jugulum.core.magnet.MagnetShares;
import jugulum.core.magnet.WithOrWithout;
import jugulum.core.runs.Pace;
import jugulum.desk.entry.EntryField;
import jugulum.desk.entry.FieldRow;
import jugulum.desk.entry.Parsers;
import jugulum.desk.kit.Parts;
import jugulum.desk.session.Workbench;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Prologue;
import jugulum.desk.words.Words;

/**
 * Magnet before gravity, after it, at home or never: hours and gold of each on the numbers of this
 * batch.
 */
final class MagnetPane extends BorderPane {
  /** Sand a person takes through all passes in an hour: an assumption of ours to start from. */
  private static final double USUAL_MAGNET_KG_PER_HOUR = 10;

  /** What a first pass over a table leaves: an assumption of ours to start from. */
  private static final double USUAL_CONCENTRATE = 0.05;

  @Prologue private final Words words;
  private final Workbench workbench;
  private final EntryField<Double> sand =
      number(words, "school-sand", "school.sand", 0.001, 10_000);
  private final EntryField<Double> magnetite =
      percent(words, "school-magnetite", "school.magnetite");
  private final EntryField<Double> magnetRate =
      number(words, "school-magnet-rate", "school.magnet-rate", 0.01, 10_000);
  private final EntryField<Double> gravityRate =
      number(words, "school-gravity-rate", "school.gravity-rate", 0.01, 10_000);
  private final EntryField<Double> concentrate =
      percent(words, "school-concentrate", "school.concentrate");
  private final EntryField<Optional<Double>> gold =
      optional(words, "school-gold", "school.gold", "", 1e6);
  private final EntryField<Double> trapped =
      number(words, "school-trapped", "school.trapped", 0, 1e9);
  private final EntryField<Optional<Double>> with =
      optional(words, "school-with", "school.with", "", 100);
  private final EntryField<Optional<Double>> without =
      optional(words, "school-without", "school.without", "", 100);
  private final GridPane table = Parts.styled(new GridPane(), "school-table");
  private final VBox said = new VBox(8);
  private Optional<LotKey> lot = Optional.empty();
  private boolean filling;

  MagnetPane(Workbench workbench) {
    this.words = workbench.words();
    super();
    this.workbench = workbench;
    table.setId("school-table");
    said.setId("school-said");
    startRates();
    List<EntryField<?>> fields =
        List.of(
            sand, magnetite, magnetRate, gravityRate, concentrate, gold, trapped, with, without);
    fields.forEach(field -> field.field().textProperty().addListener((_, _, _) -> tell()));
    VBox left =
        new VBox(
            12,
            Parts.styled(new Label(words.of("school.title")), "panel-title"),
            Parts.sentence(words.of("school.about"), "muted"),
            new FieldRow(List.of(sand, magnetite)),
            new FieldRow(List.of(magnetRate, gravityRate, concentrate)),
            Parts.section(words.of("school.gold.title")),
            Parts.sentence(words.of("school.gold.about"), "muted"),
            new FieldRow(List.of(gold, trapped)),
            new FieldRow(List.of(with, without)));
    VBox right = new VBox(14, table, said);
    HBox columns = new HBox(48, left, right);
    Stream.of(left, right).forEach(part -> HBox.setHgrow(part, Priority.ALWAYS));
    left.setPrefWidth(460);
    right.setPrefWidth(660);
    ScrollPane scroll = new ScrollPane(columns);
    scroll.setFitToWidth(true);
    scroll.getStyleClass().add("board-scroll");
    scroll.setFocusTraversable(false);
    setCenter(scroll);
  }

  private static EntryField<Double> number(
      Words words, String id, String key, double low, double high) {
    return new EntryField<>(
        words, id, words.of(key), "", typed -> Parsers.number(words, typed, low, high));
  }

  private static EntryField<Double> percent(Words words, String id, String key) {
    return new EntryField<>(
        words, id, words.of(key), "", typed -> Parsers.percent(words, typed, 0, 100));
  }

  private static EntryField<Optional<Double>> optional(
      Words words, String id, String key, String hint, double high) {
    return new EntryField<>(
        words,
        id,
        words.of(key),
        hint,
        Parsers.optional(typed -> Parsers.number(words, typed, 0, high)));
  }

  /** Starts from what is known of a lot; the same one keeps what was typed. */
  void show(Optional<LotKey> other) {
    if (!other.equals(lot)) {
      lot = other;
      filling = true;
      workbench
          .projections()
          .current()
          .get()
          .worked()
          .ifPresent(
              now ->
                  other
                      .flatMap(key -> now.network().lot(key.lot()))
                      .ifPresent(one -> start(now, one)));
      filling = false;
    }
    tell();
  }

  private void startRates() {
    magnetRate.fill(words.plain(USUAL_MAGNET_KG_PER_HOUR));
    gravityRate.fill(words.plain(Pace.usual(Gear.any(Machine.Kind.SHAKER_TABLE)).kgPerHour()));
    concentrate.fill(words.plain(100 * USUAL_CONCENTRATE));
  }

  /** Nothing of the lot shown before stays. */
  private void start(Worked worked, Lot one) {
    startRates();
    with.clear();
    without.clear();
    double grams = worked.sand().mass(one.id()).grams();
    sand.fill(grams > 0 ? words.rounded(grams / 1000, 3) : "");
    magnetite.fill(magnetite(worked, one).map(share -> words.rounded(100 * share, 1)).orElse(""));
    Optional<GoldRange> there = worked.gold().known(one.id());
    gold.fill(there.map(range -> words.rounded(range.milligrams(), 0)).orElse(""));
    trapped.fill(words.rounded(trapped(worked, one), 2));
  }

  /** By its own bench test, or by what the magnet took out of it. */
  private static Optional<Double> magnetite(Worked worked, Lot one) {
    double all = worked.sand().mass(one.id()).grams();
    return MagnetShares.of(one)
        .map(MagnetShares::magnetite)
        .or(
            () ->
                Optional.of(
                        magnetics(worked, one)
                            .mapToDouble(lot -> worked.sand().mass(lot.id()).grams())
                            .sum())
                    .filter(taken -> taken > 0 && all > 0)
                    .map(taken -> Math.min(1, taken / all)));
  }

  private static double trapped(Worked worked, Lot one) {
    return magnetics(worked, one)
        .flatMap(lot -> worked.gold().known(lot.id()).stream())
        .mapToDouble(GoldRange::milligrams)
        .sum();
  }

  /** The magnetics made of this lot, or of the whole batch where it is the feed. */
  private static Stream<Lot> magnetics(Worked worked, Lot one) {
    return worked.network().steps().stream()
        .filter(
            step ->
                step.process() instanceof Process.MagnetRun
                    && (one.material() == Material.FEED || step.inputs().contains(one.id())))
        .flatMap(step -> worked.network().lots(step.outputs()).stream())
        .filter(lot -> lot.material() == Material.MAGNETICS);
  }

  private void tell() {
    if (filling) {
      return;
    }
    table.getChildren().clear();
    said.getChildren().clear();
    read().ifPresent(this::show);
  }

  private Optional<WithOrWithout> read() {
    List<EntryField<?>> all =
        List.of(
            sand, magnetite, magnetRate, gravityRate, concentrate, gold, trapped, with, without);
    List<EntryField<?>> typed =
        all.stream().filter(field -> !field.field().getText().isBlank()).toList();
    boolean understood = typed.stream().map(EntryField::check).reduce(true, Boolean::logicalAnd);
    boolean enough =
        Stream.of(sand, magnetite, magnetRate, gravityRate, concentrate, trapped)
            .noneMatch(field -> field.field().getText().isBlank());
    if (!understood || !enough) {
      said.getChildren().setAll(Parts.sentence(words.of("school.more"), "muted"));
      return Optional.empty();
    }
    return Optional.of(
        new WithOrWithout(
            value(sand),
            value(magnetite),
            value(magnetRate),
            value(gravityRate),
            value(concentrate),
            maybe(gold, 1),
            value(trapped),
            maybe(with, 0.01),
            maybe(without, 0.01)));
  }

  private static double value(EntryField<Double> field) {
    return field.read().orElseThrow();
  }

  private static OptionalDouble maybe(EntryField<Optional<Double>> field, double factor) {
    return field
        .read()
        .orElseThrow()
        .map(value -> OptionalDouble.of(value * factor))
        .orElse(OptionalDouble.empty());
  }

  private void show(WithOrWithout own) {
    Figures figures = workbench.preferences().figures().get();
    table.addRow(
        0,
        head(words, "school.head.when"),
        head(words, "school.head.magnet"),
        head(words, "school.head.gravity"),
        head(words, "school.head.all"),
        head(words, "school.head.gold"));
    for (MagnetSchool school : MagnetSchool.values()) {
      WithOrWithout.Outcome outcome = own.of(school);
      String won =
          outcome.wonMg().isPresent()
              ? figures.gold(outcome.wonMg().getAsDouble())
              : words.of("school.unknown");
      Label name = Parts.styled(new Label(words.of("school", school)), "lot-name");
      table.addRow(
          2 * school.ordinal() + 1,
          name,
          time(words, outcome.magnetHours()),
          time(words, outcome.gravityHours()),
          time(words, outcome.hours()),
          Parts.styled(new Label(won), "lot-figure"));
      Label reason = Parts.styled(new Label(words.of("school.reason", school)), "muted");
      table.add(reason, 0, 2 * school.ordinal() + 2, 5, 1);
    }
    double saved = own.hoursSaved();
    String hours =
        words.of(
            saved >= 0 ? "school.saves" : "school.costs",
            words.time(60 * Math.abs(saved)),
            figures.gold(own.trappedMg()));
    said.getChildren().add(Parts.advice("water", words.of("school.said"), hours));
    own.breakEven()
        .ifPresent(
            share ->
                said.getChildren()
                    .add(
                        Parts.advice(
                            "idle", "", words.of("school.break-even", words.percent(share)))));
    if (own.breakEven().isEmpty()) {
      said.getChildren().add(Parts.sentence(words.of("school.no-recovery"), "muted"));
    }
  }

  private static Label head(Words words, String key) {
    return Parts.styled(new Label(words.of(key)), "muted");
  }

  private static Label time(Words words, double hours) {
    return Parts.styled(new Label(words.time(60 * hours)), "lot-figure");
  }
}
