package jugulum.desk.cuts;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import jugulum.core.belief.Experience;
import jugulum.core.belief.MachineBelief;
import jugulum.core.belief.Pace;
import jugulum.core.check.Band;
import jugulum.core.ledger.Process.Screening.Manner;
import jugulum.core.machine.Gear;
import jugulum.core.magnet.MagnetShares;
import jugulum.core.minerals.Mineral;
import jugulum.core.plan.GoldExpected;
import jugulum.core.plan.Machines;
import jugulum.core.plan.PlanRequest;
import jugulum.core.plan.PlanRequest.ScreeningTime;
import jugulum.core.plan.PlanRequest.Sieve;
import jugulum.core.plan.PlanRequest.Surety;
import jugulum.core.screens.Cut;
import jugulum.core.settling.Grain;
import jugulum.core.settling.GrainShapes;
import jugulum.core.settling.GrainShapes.Axes;
import jugulum.core.shop.Shop;
import jugulum.core.sizes.GuessedSizes;
import jugulum.core.sizes.SizeSpread;
import jugulum.core.water.Water;
import jugulum.core.window.Conditions;
import jugulum.desk.entry.Entry;
import jugulum.desk.entry.EntryField;
import jugulum.desk.entry.FieldRow;
import jugulum.desk.entry.Parsers;
import jugulum.desk.kit.Parts;
import jugulum.desk.kit.Segments;
import jugulum.desk.kit.Ticks;
import jugulum.desk.kit.Wrapping;
import jugulum.desk.words.Prologue;
import jugulum.desk.words.Sentences;
import jugulum.desk.words.Words;

/**
 * What decides a plan of cuts. Every change plans again; a field that is not understood says so and
 * the last plan stays.
 */
final class PlanForm extends VBox {
  /** Most of the gold concerned is finer than 30 mesh: common practice. */
  private static final GuessedSizes USUAL_GOLD = new GuessedSizes(0.30, 0.60);

  @Prologue private final Words words;
  private final SlideRow water =
      new SlideRow(
          "plan-water",
          words.of("plan.water"),
          0,
          40,
          Conditions.USUAL_WATER_C,
          1,
          celsius -> words.of("plan.celsius", words.fixed(celsius, 0)));
  private final SlideRow flatness =
      new SlideRow(
          "plan-flatness", words.of("plan.flatness"), Grain.FLATTEST, 1, 0.3, 0.05, _ -> "");
  private final EntryField<Optional<List<Axes>>> grains =
      new EntryField<>(
          words,
          "plan-grains",
          words.of("plan.grains"),
          words.of("plan.grains.hint"),
          Parsers.optional(one -> GrainsText.parse(words, one)));
  private final FlowPane heavies = new Wrapping(6, 6);
  private final Segments<Boolean> magnet =
      new Segments<>(
          "plan-magnet",
          List.of(true, false),
          first -> words.of(first ? "plan.magnet.first" : "plan.magnet.not"));
  private final Segments<Manner> manner =
      new Segments<>(
          "plan-manner", List.of(Manner.WET_BULK, Manner.DRY_BULK), one -> words.of("manner", one));
  private final Segments<Surety> surety =
      new Segments<>("plan-surety", List.of(Surety.values()), one -> words.of("surety", one));
  private final EntryField<Double> margin =
      number(words, "plan-margin", "plan.margin", "1", 0.1, 10);
  private final EntryField<Double> finest =
      number(
          words,
          "plan-finest",
          "plan.finest",
          words.plain(Conditions.USUAL_FINEST_GOLD_MM),
          0.001,
          2);
  private final EntryField<Double> lookedOver =
      number(
          words,
          "plan-looked-over",
          "plan.looked-over",
          words.plain(PlanRequest.USUAL_LOOKED_OVER_ABOVE_MM),
          0.01,
          200);
  private final EntryField<Double> d50 =
      number(words, "plan-d50", "plan.d50", words.plain(GuessedSizes.USUAL.d50Mm()), 0.01, 100);
  private final EntryField<Double> p80 =
      number(words, "plan-p80", "plan.p80", words.plain(GuessedSizes.USUAL.p80Mm()), 0.01, 200);
  private final EntryField<Double> mass =
      number(words, "plan-mass", "plan.mass", USUAL_MASS, 0.001, 10_000);
  private final VBox guess;
  private final Label known = Parts.sentence("", "muted");
  private final EntryField<Optional<Double>> goldGrade =
      new EntryField<>(
          words,
          "plan-gold",
          words.of("plan.gold.grade"),
          words.of("plan.gold.grade.hint"),
          Parsers.optional(typed -> Parsers.number(words, typed, 0, 1e6)));
  private final EntryField<Double> goldD50 =
      number(words, "plan-gold-d50", "plan.gold.d50", words.plain(USUAL_GOLD.d50Mm()), 0.01, 100);
  private final EntryField<Double> goldP80 =
      number(words, "plan-gold-p80", "plan.gold.p80", words.plain(USUAL_GOLD.p80Mm()), 0.01, 200);
  private final VBox machines = new VBox(6);
  private final Map<Gear, MachineRow> rows = new LinkedHashMap<>();
  private Experience evidence = Experience.NONE;
  private Cut cut = Cut.ALL;
  private Runnable onChange = () -> {};
  private Runnable onSlide = () -> {};
  private boolean filling;

  PlanForm(Words words) {
    this.words = words;
    super(10);
    for (Mineral mineral : Mineral.values()) {
      if (mineral != Mineral.GOLD) {
        heavies.getChildren().add(toggle(mineral));
      }
    }
    guess =
        new VBox(
            6,
            Parts.sentence(words.of("plan.guess.about"), "muted"),
            new FieldRow(List.of(d50, p80)));
    flatness.written(this::flatnessText);
    Stream.of(water, flatness).forEach(slide -> slide.onChange(this::slid));
    Stream.of(magnet, manner, surety).forEach(segments -> segments.onChange(this::changed));
    Stream.of(margin, finest, lookedOver, d50, p80, mass, grains, goldGrade, goldD50, goldP80)
        .forEach(field -> field.field().textProperty().addListener((_, _, _) -> changed()));
    getStyleClass().add("plan-form");
    getChildren()
        .addAll(
            Parts.section(words.of("plan.sand")),
            known,
            guess,
            mass,
            Parts.section(words.of("plan.gold")),
            goldGrade,
            new FieldRow(List.of(goldD50, goldP80)),
            flatness,
            grains,
            Parts.section(words.of("plan.others")),
            heavies,
            magnet,
            Parts.section(words.of("plan.work")),
            water,
            manner,
            new FieldRow(List.of(lookedOver, finest)),
            Parts.section(words.of("plan.machines")),
            Parts.sentence(words.of("plan.machines.about"), "muted"),
            machines,
            Parts.section(words.of("plan.asked")),
            margin,
            surety,
            Parts.sentence(words.of("plan.asked.about"), "muted"));
  }

  private static EntryField<Double> number(
      Words words, String id, String key, String start, double low, double high) {
    EntryField<Double> field =
        new EntryField<>(
            words, id, words.of(key), start, typed -> Parsers.number(words, typed, low, high));
    field.fill(start);
    return field;
  }

  private ToggleButton toggle(Mineral mineral) {
    ToggleButton toggle = new ToggleButton(words.of("mineral", mineral));
    toggle.setId("heavy-" + mineral);
    toggle.setUserData(mineral);
    toggle.getStyleClass().addAll("choice", "small-choice");
    toggle.setSelected(Conditions.USUAL_HEAVIES.contains(mineral));
    toggle.selectedProperty().addListener((_, _, _) -> changed());
    Ticks.show(words, toggle);
    return toggle;
  }

  /** A machine that may be used, with the sand it takes in an hour. */
  private static final class MachineRow extends HBox {
    private static final double RATE_WIDTH = 96;

    private final ToggleButton used;
    private final EntryField<Double> rate;

    MachineRow(Words words, Gear gear, Pace pace, Runnable onChange) {
      super(10);
      String id = gear.name().isEmpty() ? gear.kind().name() : gear.name().replace(' ', '-');
      used = new ToggleButton(Sentences.machine(words, gear.machine()));
      used.setId("use-" + id);
      used.getStyleClass().addAll("choice", "small-choice");
      used.setSelected(true);
      used.setWrapText(true);
      Ticks.show(words, used);
      rate = number(words, "rate-" + id, "plan.rate", "", 0.01, 10_000);
      rate.put(words.rounded(pace.kgPerHour(), 2), pace.kgPerHour());
      used.selectedProperty().addListener((_, _, _) -> onChange.run());
      rate.field().textProperty().addListener((_, _, _) -> onChange.run());
      VBox left =
          new VBox(
              3,
              Parts.styled(
                  new Label(words.of(pace.byRecord() ? "plan.pace.own" : "plan.pace.usual")),
                  "entry-label"),
              used);
      HBox.setHgrow(left, Priority.ALWAYS);
      rate.setPrefWidth(RATE_WIDTH);
      rate.setMinWidth(RATE_WIDTH);
      getChildren().addAll(left, rate);
    }
  }

  /**
   * The machines of the shop, or the usual ones where it told none, at the pace of their own runs.
   */
  void machines(Shop shop, Experience own) {
    List<Gear> gear = shop.gearCountedOn();
    if (List.copyOf(rows.keySet()).equals(gear) && own.equals(evidence)) {
      return;
    }
    evidence = own;
    rows(gear);
  }

  private void rows(List<Gear> gear) {
    filling = true;
    Map<Gear, MachineRow> before = Map.copyOf(rows);
    rows.clear();
    gear.forEach(one -> rows.put(one, row(one, Optional.ofNullable(before.get(one)))));
    machines.getChildren().setAll(rows.values());
    filling = false;
  }

  /** What a person typed or left out stays. */
  private MachineRow row(Gear gear, Optional<MachineRow> before) {
    MachineRow row =
        new MachineRow(words, gear, new MachineBelief(evidence).pace(gear, cut), this::changed);
    before.ifPresent(
        old -> {
          row.used.setSelected(old.used.isSelected());
          if (!old.rate.isPut()) {
            row.rate.fill(old.rate.text());
          }
        });
    return row;
  }

  void onChange(Runnable what) {
    onChange = what;
  }

  /** Runs while a slider moves. */
  void onSlide(Runnable what) {
    onSlide = what;
  }

  private void slid() {
    if (!filling) {
      onSlide.run();
    }
  }

  private void changed() {
    if (!filling) {
      flatness.written(this::flatnessText);
      onChange.run();
    }
  }

  /**
   * Starts anew from what a batch takes as given, the sizes of its sand, and what a bench test
   * found in it: nothing of another lot stays.
   */
  void start(double usualFlatness, Cut feed, Optional<MagnetShares> tested) {
    filling = true;
    Set<Mineral> there =
        tested
            .map(shares -> shares.among(Conditions.USUAL_HEAVIES))
            .orElse(Conditions.USUAL_HEAVIES);
    heavies.getChildren().stream()
        .map(ToggleButton.class::cast)
        .forEach(toggle -> toggle.setSelected(there.contains((Mineral) toggle.getUserData())));
    flatness.set(usualFlatness);
    water.set(Conditions.USUAL_WATER_C);
    grains.clear();
    magnet.choose(true);
    manner.choose(Manner.WET_BULK);
    surety.choose(Surety.USUAL);
    margin.fill("1");
    finest.put(words.plain(Conditions.USUAL_FINEST_GOLD_MM), Conditions.USUAL_FINEST_GOLD_MM);
    lookedOver.put(
        words.plain(PlanRequest.USUAL_LOOKED_OVER_ABOVE_MM),
        PlanRequest.USUAL_LOOKED_OVER_ABOVE_MM);
    if (!feed.isSameSizes(cut)) {
      cut = feed;
      rows(List.copyOf(rows.keySet()));
      filling = true;
    }
    goldGrade.clear();
    goldD50.put(words.plain(USUAL_GOLD.d50Mm()), USUAL_GOLD.d50Mm());
    goldP80.put(words.plain(USUAL_GOLD.p80Mm()), USUAL_GOLD.p80Mm());
    mass.put(USUAL_MASS, Double.parseDouble(USUAL_MASS));
    GuessedSizes first = GuessedSizes.within(feed);
    d50.put(words.rounded(first.d50Mm(), 3), first.d50Mm());
    p80.put(words.rounded(first.p80Mm(), 3), first.p80Mm());
    filling = false;
    flatness.written(this::flatnessText);
  }

  private static final String USUAL_MASS = "30";

  /** Tells what is known of the sand, or asks for a guess. */
  void sand(Optional<SizeSpread> sizes, double grams, OptionalDouble goldMg) {
    filling = true;
    Parts.shown(guess, sizes.isEmpty());
    known.setText(words.of(sizes.isPresent() ? "plan.sizes.known" : "plan.sizes.guess"));
    if (grams > 0) {
      mass.offer(words.rounded(grams / 1000, 3), grams / 1000);
      goldMg.ifPresent(
          mg ->
              goldGrade.offer(
                  words.rounded(mg / (grams / 1000), 1), Optional.of(mg / (grams / 1000))));
    }
    filling = false;
  }

  private Band flatnessBand() {
    Optional<List<Axes>> measured =
        GrainsText.parse(words, grains.field().getText())
                instanceof Entry.Value<List<Axes>>(List<Axes> axes)
            ? Optional.of(axes)
            : Optional.empty();
    return measured
        .map(GrainShapes::flatness)
        .orElseGet(
            () -> Conditions.flatnessAround(Math.clamp(flatness.value(), Grain.FLATTEST, 1)));
  }

  private String flatnessText(double value) {
    Band band = flatnessBand();
    return words.of(
        "plan.flatness.value",
        words.fixed(band.usual(), 2),
        words.fixed(band.low(), 2),
        words.fixed(band.high(), 2));
  }

  /** How the stack is worked. */
  Manner manner() {
    return manner.chosen();
  }

  /** What is asked, or nothing after saying at the field what is wrong. */
  Optional<PlanRequest> read(
      Cut feed,
      Optional<SizeSpread> sizes,
      double goldGCm3,
      double fineness,
      Shop shop,
      Function<Optional<Double>, Double> grade) {
    List<EntryField<?>> asked =
        new ArrayList<>(
            List.of(mass, grains, margin, finest, lookedOver, goldGrade, goldD50, goldP80));
    if (sizes.isEmpty()) {
      asked.addAll(List.of(d50, p80));
    }
    List<MachineRow> used = rows.values().stream().filter(row -> row.used.isSelected()).toList();
    if (!Stream.concat(asked.stream(), used.stream().map(row -> row.rate))
            .allMatch(PlanForm::isUnderstood)
        || used.isEmpty()) {
      return Optional.empty();
    }
    if (!(value(goldP80) > value(goldD50))) {
      goldP80.say(words.of("plan.p80.bad"));
      return Optional.empty();
    }
    if (sizes.isEmpty() && !(value(p80) > value(d50))) {
      p80.say(words.of("plan.p80.bad"));
      return Optional.empty();
    }
    Set<Mineral> chosen =
        heavies.getChildren().stream()
            .map(ToggleButton.class::cast)
            .filter(ToggleButton::isSelected)
            .map(toggle -> (Mineral) toggle.getUserData())
            .collect(Collectors.toSet());
    Conditions conditions =
        new Conditions(
            new Water(water.value()),
            flatnessBand(),
            Conditions.densityAround(goldGCm3),
            chosen,
            magnet.chosen(),
            value(finest));
    SizeSpread spread = sizes.orElseGet(() -> new GuessedSizes(value(d50), value(p80)));
    List<Sieve> sieves =
        shop.ownedFor(Optional.of(manner.chosen())).stream()
            .map(screen -> new Sieve(screen.screen(), screen.loadFor(manner.chosen())))
            .toList();
    return Optional.of(
        new PlanRequest(
            sieves,
            feed,
            spread,
            value(mass) * 1000,
            conditions,
            machines(),
            gold(fineness, shop, grade),
            value(margin),
            surety.chosen(),
            value(lookedOver),
            ScreeningTime.USUAL));
  }

  private static boolean isUnderstood(EntryField<?> field) {
    return field.check();
  }

  private static double value(EntryField<Double> field) {
    return field.read().orElseThrow();
  }

  /** The gold known, or thought with what a person expects. */
  private GoldExpected gold(double fineness, Shop shop, Function<Optional<Double>, Double> grade) {
    return new GoldExpected(
        Math.min(1e9, grade.apply(goldGrade.read().orElseThrow()) * value(mass)),
        new GuessedSizes(value(goldD50), value(goldP80)),
        fineness,
        shop.terms());
  }

  /** The grade a person expects, in g/t; empty where none, or none that is understood, is typed. */
  Optional<Double> expected() {
    return goldGrade.read().flatMap(typed -> typed);
  }

  private Machines machines() {
    List<Gear> gear = new ArrayList<>();
    Map<Gear, Double> rates = new HashMap<>();
    rows.forEach(
        (one, row) -> {
          if (row.used.isSelected()) {
            gear.add(one);
            if (!row.rate.isPut()) {
              rates.put(one, value(row.rate));
            }
          }
        });
    return new Machines(gear, rates, evidence);
  }
}
