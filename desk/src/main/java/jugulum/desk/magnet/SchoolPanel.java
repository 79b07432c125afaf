package jugulum.desk.magnet;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import jugulum.core.account.Worked;
import jugulum.core.belief.Pace;
import jugulum.core.gold.GoldRange;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Machine;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Process;
import jugulum.core.machine.Gear;
import jugulum.core.magnet.MagnetSchool;
import jugulum.core.magnet.MagnetShares;
import jugulum.core.magnet.WithOrWithout;
import jugulum.core.screens.Cut;
import jugulum.desk.chart.DrawingView;
import jugulum.desk.chart.HoursChart;
import jugulum.desk.entry.EntryField;
import jugulum.desk.entry.FieldRow;
import jugulum.desk.entry.Parsers;
import jugulum.desk.kit.Buttons;
import jugulum.desk.kit.Parts;
import jugulum.desk.kit.Seldom;
import jugulum.desk.panel.Desk;
import jugulum.desk.panel.Panel;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Prologue;
import jugulum.desk.words.Sentences;
import jugulum.desk.words.Words;

/**
 * Magnet before gravity, after it, at home or never: hours and gold of each on the numbers of this
 * batch.
 */
public final class SchoolPanel extends Panel {
  /**
   * Sand a person takes through all passes in an hour: an assumption of ours to start from.
   *
   * <p>Off by a half: the hours and the money of "magnet or not" until one's own figure is typed.
   */
  private static final double USUAL_MAGNET_KG_PER_HOUR = 10;

  /**
   * What a first pass over a table leaves: an assumption of ours to start from.
   *
   * <p>Off by a half: the weight left for the second pass in "magnet or not" until one's own figure
   * is typed.
   */
  private static final double USUAL_CONCENTRATE = 0.05;

  @Prologue private final Words words;
  private final LotId lot;
  private final Desk desk;
  private final EntryField<Double> sand =
      EntryField.number(words, "school-sand", "school.sand", "", 0.001, 10_000);
  private final EntryField<Double> magnetite =
      EntryField.percent(words, "school-magnetite", "school.magnetite", "", 100);
  private final EntryField<Double> magnetRate =
      EntryField.number(words, "school-magnet-rate", "school.magnet-rate", "", 0.01, 10_000);
  private final EntryField<Double> gravityRate =
      EntryField.number(words, "school-gravity-rate", "school.gravity-rate", "", 0.01, 10_000);
  private final EntryField<Double> concentrate =
      EntryField.percent(words, "school-concentrate", "school.concentrate", "", 100);
  private final EntryField<Optional<Double>> gold =
      optional(words, "school-gold", "school.gold", "", 1e6);
  private final EntryField<Double> trapped =
      EntryField.number(words, "school-trapped", "school.trapped", "", 0, 1e9);
  private final EntryField<Optional<Double>> with =
      optional(words, "school-with", "school.with", "", 100);
  private final EntryField<Optional<Double>> without =
      optional(words, "school-without", "school.without", "", 100);
  private final VBox table = new VBox(10);
  private final VBox said = new VBox(8);
  private final Label title = Parts.styled(new Label(), "in-hand");
  private boolean filling;
  private boolean started;

  public SchoolPanel(LotId lot, Desk desk) {
    this.words = desk.words();
    super();
    this.lot = lot;
    this.desk = desk;
    table.setId("school-table");
    said.setId("school-said");
    startRates();
    fields().forEach(field -> field.field().textProperty().addListener((_, _, _) -> tell()));
    getChildren()
        .addAll(
            new VBox(2, Parts.styled(new Label(words.of("school.title")), "panel-title"), title),
            table,
            said,
            new FieldRow(List.of(sand, magnetite)),
            new FieldRow(List.of(magnetRate, gravityRate, concentrate)),
            Parts.section(words.of("school.gold.title")),
            new FieldRow(List.of(gold, trapped)),
            new FieldRow(List.of(with, without)),
            Parts.sentence(words.of("school.gold.about"), "muted"),
            new Seldom("school-why", words.of("school.why"), "W", reasons()),
            Buttons.quiet("back", words.of("panel.back"), "Esc", desk::back));
  }

  private VBox reasons() {
    VBox reasons = new VBox(6);
    for (MagnetSchool school : MagnetSchool.values()) {
      reasons
          .getChildren()
          .addAll(
              Parts.sentence(words.of("school", school), "strong"),
              Parts.sentence(words.of("school.reason", school), "muted"));
    }
    return reasons;
  }

  private List<EntryField<?>> fields() {
    return List.of(
        sand, magnetite, magnetRate, gravityRate, concentrate, gold, trapped, with, without);
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

  /** Starts from what is known of the lot; what was typed stays. */
  @Override
  public void show(Worked worked, Figures figures) {
    Lot one = there(worked.network().lot(lot));
    title.setText(Sentences.title(words, one));
    if (!started) {
      started = true;
      filling = true;
      start(worked, one);
      filling = false;
    }
    tell();
  }

  @Override
  public boolean fits(Worked worked) {
    return worked.network().lot(lot).isPresent();
  }

  @Override
  public void focusFirst() {
    sand.field().requestFocus();
  }

  @Override
  public Object key() {
    return List.of(getClass(), lot);
  }

  private void startRates() {
    magnetRate.fill(words.plain(USUAL_MAGNET_KG_PER_HOUR));
    gravityRate.fill(
        words.plain(Pace.usual(Gear.any(Machine.Kind.SHAKER_TABLE), Cut.ALL).kgPerHour()));
    concentrate.fill(words.plain(100 * USUAL_CONCENTRATE));
  }

  private void start(Worked worked, Lot one) {
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
    List<EntryField<?>> typed =
        fields().stream().filter(field -> !field.field().getText().isBlank()).toList();
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
    Figures figures = desk.figures().get();
    double longest =
        Stream.of(MagnetSchool.values())
            .mapToDouble(school -> own.of(school).hours())
            .max()
            .orElseThrow();
    for (MagnetSchool school : MagnetSchool.values()) {
      WithOrWithout.Outcome outcome = own.of(school);
      String won =
          outcome.wonMg().isPresent()
              ? figures.gold(outcome.wonMg().getAsDouble())
              : words.of("school.unknown");
      DrawingView bar = new DrawingView("school-" + school);
      bar.show(
          width ->
              HoursChart.of(words, outcome.magnetHours(), outcome.gravityHours(), longest, width),
          words.of(
              "school.spoken",
              words.time(60 * outcome.magnetHours()),
              words.time(60 * outcome.gravityHours())));
      table
          .getChildren()
          .add(
              new VBox(
                  2,
                  Parts.line(
                      words.of("school", school),
                      words.of("school.line", words.time(60 * outcome.hours()), won)),
                  bar));
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
}
