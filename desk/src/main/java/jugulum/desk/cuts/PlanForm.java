package jugulum.desk.cuts;

import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import jugulum.core.check.Band;
import jugulum.core.ledger.Assumptions;
import jugulum.core.ledger.Machine;
import jugulum.core.ledger.Process.Screening.Manner;
import jugulum.core.magnet.MagnetShares;
import jugulum.core.minerals.Mineral;
import jugulum.core.plan.Machines;
import jugulum.core.plan.PlanRequest;
import jugulum.core.plan.PlanRequest.ScreeningTime;
import jugulum.core.plan.PlanRequest.Sieve;
import jugulum.core.plan.PlanRequest.Surety;
import jugulum.core.machine.Gear;
import jugulum.core.runs.Pace;
import jugulum.core.screens.Cut;
import jugulum.core.settling.Grain;
import jugulum.core.settling.GrainShapes;
import jugulum.core.settling.GrainShapes.Axes;
import jugulum.core.shop.Shop;
import jugulum.core.sizes.GuessedSizes;
import jugulum.core.sizes.SizeSpread;
import jugulum.core.water.Water;
import jugulum.core.window.Conditions;
import jugulum.desk.entry.Choices;
import jugulum.desk.entry.Entry;
import jugulum.desk.entry.EntryField;
import jugulum.desk.entry.FieldRow;
import jugulum.desk.entry.Parsers;
import jugulum.desk.panel.Parts;
import jugulum.desk.panel.Segments;
import jugulum.desk.panel.Ticks;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Words;

/** What decides a plan of cuts. Every change plans again; a field that is not understood says so and the last plan stays. */
final class PlanForm extends VBox {

  private final SlideRow water = new SlideRow("plan-water", Words.of("plan.water"), 0, 40, Conditions.USUAL_WATER_C, 1, celsius -> Words.of("plan.celsius", Figures.fixed(celsius, 0)));
  private final SlideRow flatness = new SlideRow("plan-flatness", Words.of("plan.flatness"), Grain.FLATTEST, 1, 0.3, 0.05, _ -> "");
  private final EntryField<Optional<List<Axes>>> grains =
      new EntryField<>("plan-grains", Words.of("plan.grains"), Words.of("plan.grains.hint"), Parsers.optional(GrainsText::parse));
  private final FlowPane heavies = new FlowPane(6, 6);
  private final Segments<Boolean> magnet = new Segments<>("plan-magnet", List.of(true, false), first -> Words.of(first ? "plan.magnet.first" : "plan.magnet.not"));
  private final Segments<Manner> manner = new Segments<>("plan-manner", List.of(Manner.WET_BULK, Manner.DRY_BULK), one -> Words.of("manner", one));
  private final Segments<Surety> surety = new Segments<>("plan-surety", List.of(Surety.values()), one -> Words.of("surety", one));
  private final EntryField<Double> margin = number("plan-margin", "plan.margin", "1", 0.1, 10);
  private final EntryField<Double> finest = number("plan-finest", "plan.finest", Figures.plain(Conditions.USUAL_FINEST_GOLD_MM), 0.001, 2);
  private final EntryField<Double> lookedOver = number("plan-looked-over", "plan.looked-over", Figures.plain(PlanRequest.USUAL_LOOKED_OVER_ABOVE_MM), 0.01, 200);
  private final EntryField<Double> d50 = number("plan-d50", "plan.d50", Figures.plain(GuessedSizes.USUAL.d50Mm()), 0.01, 100);
  private final EntryField<Double> p80 = number("plan-p80", "plan.p80", Figures.plain(GuessedSizes.USUAL.p80Mm()), 0.01, 200);
  private final EntryField<Double> mass = number("plan-mass", "plan.mass", "30", 0.001, 10_000);
  private final VBox guess;
  private final Label known = Parts.sentence("", "muted");
  private final MachineRow coarse = new MachineRow("coarse", Machines.USUAL.coarse(), this::changed);
  private final MachineRow middle = new MachineRow("middle", Machines.USUAL.middle(), this::changed);
  private final MachineRow fine = new MachineRow("fine", Machines.USUAL.fine(), this::changed);
  private Runnable onChange = () -> {};
  private Runnable onSlide = () -> {};
  private boolean filling;

  PlanForm() {
    super(10);
    for (Mineral mineral : Mineral.values()) {
      if (mineral != Mineral.GOLD) {
        heavies.getChildren().add(toggle(mineral));
      }
    }
    guess = new VBox(6, Parts.sentence(Words.of("plan.guess.about"), "muted"), new FieldRow(List.of(d50, p80)));
    flatness.written(this::flatnessText);
    Stream.of(water, flatness).forEach(slide -> slide.onChange(this::slid));
    Stream.of(magnet, manner, surety).forEach(segments -> segments.onChange(this::changed));
    Stream.of(margin, finest, lookedOver, d50, p80, mass, grains).forEach(field -> field.field().textProperty().addListener((_, _, _) -> changed()));
    getStyleClass().add("plan-form");
    getChildren()
        .addAll(
            Parts.section(Words.of("plan.sand")),
            known,
            guess,
            mass,
            Parts.section(Words.of("plan.gold")),
            flatness,
            grains,
            Parts.section(Words.of("plan.others")),
            heavies,
            magnet,
            Parts.section(Words.of("plan.work")),
            water,
            manner,
            new FieldRow(List.of(lookedOver, finest)),
            Parts.section(Words.of("plan.machines")),
            coarse,
            middle,
            fine,
            Parts.section(Words.of("plan.asked")),
            margin,
            surety,
            Parts.sentence(Words.of("plan.asked.about"), "muted"));
  }

  private static EntryField<Double> number(String id, String key, String start, double low, double high) {
    EntryField<Double> field = new EntryField<>(id, Words.of(key), start, typed -> Parsers.number(typed, low, high));
    field.fill(start);
    return field;
  }

  private ToggleButton toggle(Mineral mineral) {
    ToggleButton toggle = new ToggleButton(Words.of("mineral", mineral));
    toggle.setId("heavy-" + mineral);
    toggle.setUserData(mineral);
    toggle.getStyleClass().addAll("choice", "small-choice");
    toggle.setSelected(Conditions.USUAL_HEAVIES.contains(mineral));
    toggle.selectedProperty().addListener((_, _, _) -> changed());
    Ticks.show(toggle);
    return toggle;
  }

  /** The machine for one range of sizes, with the sand it takes in an hour. */
  private static final class MachineRow extends VBox {
    private static final double RATE_WIDTH = 96;

    private final ComboBox<Machine.Kind> kind;
    private final EntryField<Double> rate;

    MachineRow(String id, Machine.Kind start, Runnable onChange) {
      super(2);
      kind = Choices.of("machine-" + id, Words.of("plan.machine." + id), List.of(Machine.Kind.values()), one -> Words.of("machine", one));
      rate = number("rate-" + id, "plan.rate", "", 0.01, 10_000);
      kind.valueProperty().addListener((_, _, now) -> rate.fill(Figures.plain(Pace.usual(Gear.any(now)).kgPerHour())));
      kind.setValue(start);
      rate.fill(Figures.plain(Pace.usual(Gear.any(start)).kgPerHour()));
      rate.field().textProperty().addListener((_, _, _) -> onChange.run());
      kind.valueProperty().addListener((_, _, _) -> onChange.run());
      VBox left = new VBox(3, Parts.styled(new Label(Words.of("plan.machine." + id)), "entry-label"), kind);
      HBox.setHgrow(left, Priority.ALWAYS);
      rate.setPrefWidth(RATE_WIDTH);
      rate.setMinWidth(RATE_WIDTH);
      getChildren().add(new HBox(10, left, rate));
    }
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

  /** Starts from what a batch takes as given, from the sizes a cut can have, and from what a bench test found in it. */
  void start(Assumptions given, Cut cut, Optional<MagnetShares> tested) {
    filling = true;
    Set<Mineral> there = tested.map(shares -> shares.among(Conditions.USUAL_HEAVIES)).orElse(Conditions.USUAL_HEAVIES);
    heavies.getChildren().stream().map(ToggleButton.class::cast).forEach(toggle -> toggle.setSelected(there.contains((Mineral) toggle.getUserData())));
    flatness.set(given.flatness());
    GuessedSizes first = GuessedSizes.within(cut);
    d50.fill(Figures.rounded(first.d50Mm(), 3));
    p80.fill(Figures.rounded(first.p80Mm(), 3));
    filling = false;
    flatness.written(this::flatnessText);
  }

  /** Tells what is known of the sand, or asks for a guess. */
  void sand(Optional<SizeSpread> sizes, double grams) {
    filling = true;
    Parts.shown(guess, sizes.isEmpty());
    known.setText(Words.of(sizes.isPresent() ? "plan.sizes.known" : "plan.sizes.guess"));
    if (grams > 0) {
      mass.fill(Figures.rounded(grams / 1000, 3));
    }
    filling = false;
  }

  private Band flatnessBand() {
    Optional<List<Axes>> measured = GrainsText.parse(grains.field().getText()) instanceof Entry.Value<List<Axes>>(List<Axes> axes) ? Optional.of(axes) : Optional.empty();
    return measured.map(GrainShapes::flatness).orElseGet(() -> Conditions.flatnessAround(Math.clamp(flatness.value(), Grain.FLATTEST, 1)));
  }

  private String flatnessText(double value) {
    Band band = flatnessBand();
    return Words.of("plan.flatness.value", Figures.fixed(band.usual(), 2), Figures.fixed(band.low(), 2), Figures.fixed(band.high(), 2));
  }

  /** How the stack is worked. */
  Manner manner() {
    return manner.chosen();
  }

  /** What is asked, or nothing after saying at the field what is wrong. */
  Optional<PlanRequest> read(Cut feed, Optional<SizeSpread> sizes, Assumptions given, Shop shop) {
    List<EntryField<?>> asked = sizes.isPresent() ? List.of(mass, grains, margin, finest, lookedOver) : List.of(d50, p80, mass, grains, margin, finest, lookedOver);
    if (!Stream.concat(asked.stream(), Stream.of(coarse.rate, middle.rate, fine.rate)).allMatch(PlanForm::isUnderstood)) {
      return Optional.empty();
    }
    if (sizes.isEmpty() && !(value(p80) > value(d50))) {
      p80.say(Words.of("plan.p80.bad"));
      return Optional.empty();
    }
    Set<Mineral> chosen =
        heavies.getChildren().stream().map(ToggleButton.class::cast).filter(ToggleButton::isSelected).map(toggle -> (Mineral) toggle.getUserData()).collect(Collectors.toSet());
    Conditions conditions =
        new Conditions(new Water(water.value()), flatnessBand(), Conditions.densityAround(given.goldDensity()), chosen, magnet.chosen(), value(finest));
    SizeSpread spread = sizes.orElseGet(() -> new GuessedSizes(value(d50), value(p80)));
    List<Sieve> sieves = shop.ownedFor(Optional.of(manner.chosen())).stream().map(screen -> new Sieve(screen.screen(), screen.loadFor(manner.chosen()))).toList();
    return Optional.of(
        new PlanRequest(
            sieves, feed, spread, value(mass) * 1000, conditions, machines(), value(margin), surety.chosen(), value(lookedOver), ScreeningTime.USUAL));
  }

  private static boolean isUnderstood(EntryField<?> field) {
    return field.check();
  }

  private static double value(EntryField<Double> field) {
    return field.read().orElseThrow();
  }

  private Machines machines() {
    Map<Machine.Kind, Pace> rates = new EnumMap<>(Machine.Kind.class);
    for (MachineRow row : Arrays.asList(coarse, middle, fine)) {
      rates.put(row.kind.getValue(), Pace.usual(Gear.any(row.kind.getValue())).at(value(row.rate)));
    }
    return new Machines(coarse.kind.getValue(), middle.kind.getValue(), fine.kind.getValue(), rates);
  }
}
