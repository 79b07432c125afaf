package jugulum.desk.trial;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import jugulum.core.ledger.Assumptions;
import jugulum.core.ledger.Machine;
import jugulum.core.machine.Gear;
import jugulum.core.screens.Cut;
import jugulum.core.specks.Speck;
import jugulum.core.trial.Contender;
import jugulum.core.trial.Power;
import jugulum.core.trial.RunScatter;
import jugulum.core.trial.SpecksNeeded;
import jugulum.core.trial.StandIn;
import jugulum.core.trial.TrialPlan;
import jugulum.core.trial.TrialPlan.Stuff;
import jugulum.core.trial.TrialResult;
import jugulum.core.water.Water;
import jugulum.desk.chart.DrawingView;
import jugulum.desk.chart.SpecksChart;
import jugulum.desk.entry.CutText;
import jugulum.desk.entry.Entry;
import jugulum.desk.entry.EntryField;
import jugulum.desk.entry.FieldRow;
import jugulum.desk.entry.Parsers;
import jugulum.desk.kit.Buttons;
import jugulum.desk.kit.Ends;
import jugulum.desk.kit.FormPage;
import jugulum.desk.kit.Parts;
import jugulum.desk.kit.Segments;
import jugulum.desk.session.Workbench;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Prologue;
import jugulum.desk.words.Sentences;
import jugulum.desk.words.TrialWords;
import jugulum.desk.words.Words;
import org.apache.commons.rng.simple.RandomSource;

/**
 * Plans a trial: what is tried with what, how many specks for how sure an answer, in which order.
 */
final class PlanPage extends FormPage {
  private static final double CURVE = 190;
  private static final int MOST_RUNS = 50;
  private static final double SURE = 0.05;
  private static final double SHARE = 0.9;
  private static final double WATER_C = 15;
  private static final String SAND = "2000";

  /** Who wants what is planned. */
  interface Plans {
    /** That trial is wanted; the name is empty where it has none yet. */
    void plan(String name, TrialPlan plan);

    /** None is. */
    void leave();
  }

  @Prologue private final Words words;
  private final Workbench workbench;
  private final Plans plans;
  private final EntryField<String> name;
  private final Segments<Stuff> stuff;
  private final VBox contenders = new VBox(10);
  private final List<ContenderBox> boxes = new ArrayList<>();
  private final EntryField<List<Cut>> classes;
  private final EntryField<Double> share;
  private final EntryField<Double> sure;
  private final EntryField<Integer> specks;
  private final EntryField<Integer> rounds;
  private final EntryField<Double> sand;
  private final Label needed = Parts.styled(new Label(), "figure");
  private final Label told = Parts.sentence("", "muted");
  private final DrawingView curve = new DrawingView("trial-curve");
  private final Label settled = Parts.sentence("");
  private final Label takes = Parts.sentence("");
  private final Label order = Parts.sentence("");
  private final VBox lead = new VBox(6);
  private long seed;

  /** The order a plan has that is changed, as long as it still fits. */
  private List<Integer> kept = List.of();

  PlanPage(Workbench workbench, Plans plans) {
    this.words = workbench.words();
    super(workbench.words(), "trial-plan");
    error.setId("trial-error");
    this.workbench = workbench;
    this.plans = plans;
    name = EntryField.named(words, "trial-name", "trial.name", "refusal.TRIAL_WITHOUT_NAME");
    stuff =
        new Segments<>("trial-stuff", List.of(Stuff.values()), one -> words.of("trial.stuff", one));
    classes =
        new EntryField<>(
            words,
            "trial-classes",
            words.of("trial.classes"),
            words.of("trial.classes.hint"),
            typed -> CutText.parse(words, typed));
    share = EntryField.percent(words, "trial-share", "trial.share", "", 99);
    sure =
        new EntryField<>(
            words,
            "trial-sure",
            words.of("trial.sure"),
            "",
            typed -> Parsers.percent(words, typed, 0.5, 40));
    specks = count("trial-specks", "trial.specks-each", SpecksNeeded.MOST);
    rounds = count("trial-rounds", "trial.rounds", MOST_RUNS);
    sand = EntryField.number(words, "trial-sand", "trial.sand", "", 0.1, 1e6);
    needed.setId("trial-needed");
    order.setId("trial-order");
    takes.setId("trial-takes");
    settled.setId("trial-settled");
    share.field().textProperty().addListener((_, _, _) -> reckon(true));
    sure.field().textProperty().addListener((_, _, _) -> reckon(true));
    Stream.of(specks, classes, rounds, sand)
        .forEach(field -> field.field().textProperty().addListener((_, _, _) -> reckon(false)));
    stuff.onChange(() -> reckon(false));
    fields().map(EntryField::field).forEach(field -> field.setOnAction(_ -> enter()));
    columns(asked(), reckoned());
  }

  private EntryField<Integer> count(String id, String key, int most) {
    return new EntryField<>(
        words,
        id,
        words.of(key),
        "",
        typed ->
            switch (Parsers.number(words, typed, 1, most)) {
              case Entry.Value<Double> _ -> Parsers.count(words, typed, most);
              case Entry.Bad<Double>(String sentence) -> new Entry.Bad<>(sentence);
            });
  }

  private Stream<EntryField<?>> fields() {
    return Stream.of(name, classes, share, sure, specks, rounds, sand);
  }

  private VBox asked() {
    return new VBox(
        12,
        new Ends(Parts.styled(new Label(words.of("trial.plan.title")), "panel-title"), stuff),
        name,
        contenders,
        Parts.row(
            Buttons.plain("trial-add", words.of("trial.add"), "M", this::addAnother),
            Buttons.quiet("trial-less", words.of("trial.less"), "X", this::dropLast)),
        classes,
        new FieldRow(List.of(share, sure, specks)),
        new FieldRow(List.of(rounds, sand)),
        error,
        Parts.row(
            Buttons.primary("trial-begin", words.of("trial.begin"), "Enter", this::enter),
            Buttons.plain("trial-back", words.of("panel.back"), "Esc", plans::leave)));
  }

  private VBox reckoned() {
    return new VBox(
        10,
        Parts.section(words.of("trial.curve")),
        needed,
        told,
        curve,
        settled,
        takes,
        Parts.sentence(words.of("trial.split"), "muted"),
        Parts.section(words.of("trial.order")),
        order,
        Parts.row(Buttons.quiet("trial-draw", words.of("trial.draw"), "D", this::draw)),
        lead);
  }

  /** Begins a new plan, with what is usual. */
  void begin(long chance) {
    clear(chance, List.of());
    name.clear();
    add();
    add().choose(1);
    classes.fill("-30 +50, -50 +100");
    share.fill(words.plain(100 * SHARE));
    sure.fill(words.plain(100 * SURE));
    rounds.fill("3");
    sand.fill(SAND);
    reckon(true);
  }

  private void clear(long chance, List<Integer> planned) {
    seed = chance;
    kept = planned;
    contenders.getChildren().clear();
    boxes.clear();
    forgive();
  }

  /** Shows the plan of a trial, to be changed. */
  void change(String called, TrialPlan plan, long chance) {
    clear(chance, plan.order());
    name.put(called, called);
    stuff.choose(plan.stuff());
    plan.contenders().forEach(contender -> add().fill(contender));
    classes.put(TrialWords.classes(plan.classes()), plan.classes());
    share.fill(words.plain(100 * SHARE));
    sure.fill(words.plain(100 * SURE));
    specks.fill(Integer.toString(plan.specks()));
    rounds.fill(Integer.toString(Math.max(1, plan.order().size() / plan.contenders().size())));
    sand.fill(plan.sandG().isPresent() ? words.plain(plan.sandG().getAsDouble()) : SAND);
    reckon(false);
  }

  private ContenderBox add() {
    List<Machine> machines =
        workbench.projections().shop().get().gearToChoose().stream().map(Gear::machine).toList();
    ContenderBox box = new ContenderBox(words, boxes.size() + 1, machines);
    box.fields().map(EntryField::field).forEach(field -> field.setOnAction(_ -> enter()));
    box.machine().valueProperty().addListener((_, _, _) -> reckon(false));
    boxes.add(box);
    contenders.getChildren().add(box);
    return box;
  }

  private void addAnother() {
    ContenderBox box = add();
    box.choose(boxes.size() - 1);
    reckon(false);
    focus(box.machine());
  }

  private void dropLast() {
    if (boxes.size() > 1) {
      boxes.removeLast();
      contenders.getChildren().removeLast();
      reckon(false);
    }
  }

  private void draw() {
    seed++;
    kept = List.of();
    reckon(false);
  }

  /** What follows from what is typed so far; what is not understood yet changes nothing. */
  private void reckon(boolean anew) {
    Optional<Double> expected = value(share).filter(one -> one >= 0.01 && one <= 0.99);
    Optional<Double> wanted = value(sure);
    if (anew && expected.isPresent() && wanted.isPresent()) {
      String needs = Integer.toString(SpecksNeeded.of(expected.get(), wanted.get(), runs()));
      if (!needs.equals(specks.text())) {
        // What listens to the field goes on from here.
        specks.fill(needs);
        return;
      }
    }
    value(specks).ifPresent(count -> curve(expected.orElse(SHARE), count));
    settles(expected.orElse(SHARE));
    takes();
    List<Integer> turns = drawn();
    order.setText(
        words.beside(
            IntStream.range(0, turns.size())
                .mapToObj(
                    i ->
                        words.of(
                            "trial.turn",
                            Integer.toString(i + 1),
                            machine(boxes.get(turns.get(i)))))
                .toList()));
    lead();
  }

  private static <T> Optional<T> value(EntryField<T> field) {
    return field.parsed() instanceof Entry.Value<T>(T value)
        ? Optional.of(value)
        : Optional.empty();
  }

  private void curve(double expected, int count) {
    double half = SpecksNeeded.halfWidth(expected, count, runs());
    needed.setText(words.counted("trial.specks", count));
    told.setText(
        words.of(
            count >= SpecksNeeded.ENOUGH ? "trial.tells.runs" : "trial.tells",
            words.fixed(100 * half, half < 0.1 ? 1 : 0),
            words.fixed(100 * SpecksNeeded.PROMISE, 0),
            weight(count)));
    curve.show(
        width -> SpecksChart.of(words, expected, count, runs(), width, CURVE), told.getText());
  }

  /** What so many specks of each class weigh. */
  private String weight(int count) {
    Assumptions given = workbench.projections().shop().get().assumptions();
    Figures figures = workbench.preferences().figures().get();
    return words.row(
        value(classes).orElse(List.of()).stream()
            .map(
                cut ->
                    words.of(
                        "trial.weighs",
                        figures.gold(
                            count * Speck.of(cut, given.flatness(), given.goldDensity()).meanMg()),
                        Sentences.cut(words, cut)))
            .toList());
  }

  /** Which difference between two machines all the specks of their runs would settle. */
  private void settles(double expected) {
    Optional<Integer> all =
        value(specks).flatMap(count -> value(rounds).map(times -> count * times));
    settled.setText(
        all.filter(count -> boxes.size() > 1 && count <= SpecksNeeded.MOST)
            .map(
                count ->
                    Power.smallest(expected, count, scatter(), confidence()).stream()
                        .mapToObj(
                            difference ->
                                words.of(
                                    "trial.settles",
                                    Integer.toString(count),
                                    words.fixed(100 * difference, 0)))
                        .findFirst()
                        .orElseGet(() -> words.of("trial.settles.none")))
            .orElse(""));
    Parts.shown(settled, !settled.getText().isEmpty());
  }

  private int runs() {
    return value(rounds).orElse(1);
  }

  private RunScatter scatter() {
    return RunScatter.expected(value(specks).orElse(1), runs(), boxes.size());
  }

  /** What a pair has to be sure of where all pairs together are to be sure. */
  private double confidence() {
    int pairs = boxes.size() * (boxes.size() - 1) / 2 * value(classes).map(List::size).orElse(1);
    return 1 - TrialResult.BY_CHANCE / Math.max(1, pairs);
  }

  /** The runs it takes, the blank ones among them, and the sand for all. */
  private void takes() {
    int each = runs();
    int runs = each * boxes.size();
    takes.setText(
        value(sand)
            .map(
                grams ->
                    words.of(
                        "trial.takes",
                        Integer.toString(runs),
                        Integer.toString(boxes.size()),
                        workbench
                            .preferences()
                            .figures()
                            .get()
                            .sand(grams * (runs + boxes.size()))))
            .orElse(""));
  }

  private List<Integer> drawn() {
    int each = runs();
    boolean fits =
        kept.size() == each * boxes.size() && kept.stream().allMatch(turn -> turn < boxes.size());
    return fits
        ? kept
        : TrialPlan.drawn(boxes.size(), each, RandomSource.XO_SHI_RO_256_PP.create(seed));
  }

  private String machine(ContenderBox box) {
    return TrialWords.contender(words, Contender.of(box.machine().getValue()));
  }

  /** The shot that settles like the gold of each class. */
  private void lead() {
    lead.getChildren().clear();
    Parts.shown(lead, stuff.chosen() == Stuff.LEAD);
    if (stuff.chosen() != Stuff.LEAD) {
      return;
    }
    Assumptions given = workbench.projections().shop().get().assumptions();
    lead.getChildren().add(Parts.section(words.of("trial.lead")));
    for (Cut cut : value(classes).orElse(List.of())) {
      double mm = middle(cut);
      lead.getChildren()
          .add(
              Parts.line(
                  Sentences.cut(words, cut),
                  words.of(
                      "trial.lead.size",
                      words.fixed(
                          StandIn.leadMm(
                              mm, given.flatness(), given.goldDensity(), new Water(WATER_C)),
                          2),
                      words.fixed(mm, 2))));
    }
    lead.getChildren().add(Parts.advice("caution", "", words.of("trial.lead.caution")));
  }

  /** A size within a class: the geometric middle, of an open one a third off its screen. */
  private static double middle(Cut cut) {
    if (cut.isClosed()) {
      return Math.sqrt(cut.upperMm() * cut.lowerMm());
    }
    double mm =
        cut.passing().isPresent() ? cut.upperMm() / Math.sqrt(2) : cut.lowerMm() * Math.sqrt(2);
    return Math.clamp(mm, 0.01, 10);
  }

  private Optional<TrialPlan> read() {
    List<Contender> tried = new ArrayList<>();
    for (ContenderBox box : boxes) {
      Optional<Contender> one = box.read();
      if (one.isEmpty()) {
        return Optional.empty();
      }
      tried.add(one.get());
    }
    return classes
        .read()
        .flatMap(
            cuts ->
                specks
                    .read()
                    .flatMap(
                        count ->
                            rounds
                                .read()
                                .flatMap(
                                    _ ->
                                        sand.read()
                                            .map(
                                                grams ->
                                                    new TrialPlan(
                                                        stuff.chosen(),
                                                        tried,
                                                        cuts,
                                                        count,
                                                        drawn(),
                                                        OptionalDouble.of(grams))))));
  }

  @Override
  public void enter() {
    name.read().ifPresent(called -> read().ifPresent(plan -> plans.plan(called, plan)));
  }

  @Override
  public boolean escape() {
    plans.leave();
    return true;
  }

  @Override
  public void focusFirst() {
    focus(name.field());
  }
}
