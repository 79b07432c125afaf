package jugulum.desk.measure;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.stream.Stream;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import jugulum.core.check.OutOfRange;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.Measure.Smelt.Collector;
import jugulum.core.ledger.MeltFact;
import jugulum.core.units.Decimal;
import jugulum.core.units.MassText;
import jugulum.desk.entry.Entry;
import jugulum.desk.entry.EntryField;
import jugulum.desk.entry.FieldRow;
import jugulum.desk.entry.Parsers;
import jugulum.desk.kit.Choices;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Prologue;
import jugulum.desk.words.Sentences;
import jugulum.desk.words.Words;

/** Asks for one fact of a melt. A yes and a beginning have no fields: they can only be struck. */
public final class MeltForm extends MeasureForm {
  @Prologue private final Words words;
  private final What what;
  private int crucible;
  private final List<EntryField<Double>> numbers = new ArrayList<>();
  private final List<EntryField<MassText.Mass>> masses = new ArrayList<>();
  private final ComboBox<Collector> collector =
      Choices.of(
          "melt-collector",
          words.of("form.smelt.collector"),
          List.of(Collector.values()),
          one -> words.of("form.smelt.with", words.of("collector", one)));
  private final CheckBox cupelled = new CheckBox(words.of("form.melt.cupelled"));
  private final VisibleChoice visible;
  private final EntryField<String> reason =
      EntryField.named(words, "melt-reason", "form.melt.reason", "refusal.REASON_MISSING");
  private Optional<MeltFact> kept = Optional.empty();

  /** Which fact. */
  public enum What {
    TAKEN,
    SANDS,
    ROASTED,
    CHARGED,
    BUTTON,
    MATTE,
    SHOT,
    BEAD,
    PARTED,
    SPOILT,
    BLANK,
    COST,
    /** A yes, a beginning, an end. */
    SAID;

    private static What of(MeltFact fact) {
      return switch (fact) {
        case MeltFact.Taken _ -> TAKEN;
        case MeltFact.Sands _ -> SANDS;
        case MeltFact.Roasted _ -> ROASTED;
        case MeltFact.Charged _ -> CHARGED;
        case MeltFact.Button _ -> BUTTON;
        case MeltFact.Matte _ -> MATTE;
        case MeltFact.Shot _ -> SHOT;
        case MeltFact.Bead _ -> BEAD;
        case MeltFact.Parted _ -> PARTED;
        case MeltFact.Spoilt _ -> SPOILT;
        case MeltFact.Blank _ -> BLANK;
        case MeltFact.Cost _ -> COST;
        case MeltFact.Sure _, MeltFact.Begun _, MeltFact.Ended _ -> SAID;
      };
    }
  }

  /**
   * Makes an empty form.
   *
   * @param crucible its number, from 1; 0 for what is said of all the sand taken
   */
  public MeltForm(Supplier<Figures> figures, What what, int crucible) {
    this.words = figures.get().words();
    super(figures);
    this.what = what;
    this.crucible = crucible;
    visible = new VisibleChoice("melt-visible", figures);
    cupelled.setId("melt-cupelled");
    switch (what) {
      case TAKEN -> {
        sand("sample");
        getChildren().add(visible);
      }
      case SANDS -> {
        percent("iron");
        percent("garnet");
        percent("sulfide");
      }
      case ROASTED -> {
        sand("before");
        sand("after");
      }
      case CHARGED -> {
        sand("sand");
        sand("metal");
        getChildren().add(collector);
      }
      case BUTTON -> sand("button");
      case MATTE -> sand("matte");
      case SHOT -> {
        sand("shot");
        getChildren().add(cupelled);
      }
      case BEAD -> gold("bead");
      case PARTED -> gold("parted");
      case BLANK -> gold("blank");
      case COST ->
          numbers.add(
              new EntryField<>(
                  words,
                  "melt-cost",
                  words.of("form.smelt.cost"),
                  "",
                  typed -> Parsers.number(words, typed, 0, 1e6)));
      case SPOILT -> getChildren().add(reason);
      case SAID -> {}
    }
    List<EntryField<?>> typed =
        Stream.<EntryField<?>>concat(masses.stream(), numbers.stream()).toList();
    if (!typed.isEmpty()) {
      getChildren().addFirst(new FieldRow(typed));
    }
  }

  private void sand(String name) {
    mass(name, EntryField.Takes.SAND, typed -> Parsers.sand(words, sandUnit()).apply(typed));
  }

  private void gold(String name) {
    mass(name, EntryField.Takes.GOLD, typed -> Parsers.gold(words, smallGoldUnit()).apply(typed));
  }

  private void mass(
      String name, EntryField.Takes takes, Function<String, Entry<MassText.Mass>> parser) {
    masses.add(
        new EntryField<>(words, "melt-" + name, words.of("form.melt." + name), "", parser)
            .takes(takes));
  }

  private void percent(String name) {
    numbers.add(EntryField.percent(words, "melt-" + name, "form.melt." + name, "", 100));
  }

  @Override
  public List<EntryField<?>> fields() {
    return Stream.of(
            masses.stream(),
            numbers.stream(),
            what == What.TAKEN ? visible.fields() : Stream.<EntryField<?>>empty(),
            what == What.SPOILT ? Stream.of(reason) : Stream.<EntryField<?>>empty())
        .<EntryField<?>>flatMap(part -> part)
        .toList();
  }

  @Override
  public Optional<Measure> read() {
    List<Double> grams = new ArrayList<>();
    for (EntryField<MassText.Mass> field : masses) {
      if (isLeftOut(field)) {
        continue;
      }
      Optional<MassText.Mass> mass = field.read();
      if (mass.isEmpty()) {
        return Optional.empty();
      }
      grams.add(mass.get().grams());
    }
    List<Double> told = new ArrayList<>();
    for (EntryField<Double> field : numbers) {
      Optional<Double> number = field.read();
      if (number.isEmpty()) {
        return Optional.empty();
      }
      told.add(number.get());
    }
    try {
      return fact(grams, told).map(fact -> new Measure.Melt(crucible, fact));
    } catch (OutOfRange problem) {
      fieldOf(problem.quantity()).refuse(Sentences.outOfRange(words, problem));
      return Optional.empty();
    }
  }

  /** Nobody need have weighed the collector. */
  private boolean isLeftOut(EntryField<MassText.Mass> field) {
    return what == What.CHARGED && field == masses.getLast() && field.text().isBlank();
  }

  private Optional<MeltFact> fact(List<Double> grams, List<Double> told) {
    return switch (what) {
      case TAKEN ->
          visible
              .read()
              .map(seen -> seen.orElse(Measure.VisibleGold.LEFT))
              .map(seen -> new MeltFact.Taken(grams.getFirst(), seen));
      case SANDS -> Optional.of(new MeltFact.Sands(told.getFirst(), told.get(1), told.getLast()));
      case ROASTED -> Optional.of(new MeltFact.Roasted(grams.getFirst(), grams.getLast()));
      case CHARGED ->
          Optional.of(
              new MeltFact.Charged(
                  grams.getFirst(),
                  collector.getValue(),
                  grams.size() > 1 ? OptionalDouble.of(grams.getLast()) : OptionalDouble.empty()));
      case BUTTON -> Optional.of(new MeltFact.Button(grams.getFirst()));
      case MATTE -> Optional.of(new MeltFact.Matte(grams.getFirst()));
      case SHOT -> Optional.of(new MeltFact.Shot(grams.getFirst(), cupelled.isSelected()));
      case BEAD -> Optional.of(new MeltFact.Bead(mg(grams)));
      case PARTED -> Optional.of(new MeltFact.Parted(mg(grams)));
      case BLANK -> Optional.of(new MeltFact.Blank(mg(grams)));
      case COST -> Optional.of(new MeltFact.Cost(told.getFirst()));
      case SPOILT -> reason.read().map(MeltFact.Spoilt::new);
      case SAID -> kept;
    };
  }

  private static double mg(List<Double> grams) {
    return Decimal.shifted(grams.getFirst(), 3);
  }

  /** The field that told a quantity; a sum of shares is told at the last of them. */
  private EntryField<?> fieldOf(String quantity) {
    Map<String, Integer> last = Map.of("afterG", 1, "collectorG", 1, "garnet", 1);
    int place =
        quantity.startsWith("shares") ? fields().size() - 1 : last.getOrDefault(quantity, 0);
    return fields().get(Math.min(place, fields().size() - 1));
  }

  @Override
  public void clear() {
    super.clear();
    visible.clear();
  }

  /** The form of a fact that was recorded. */
  static MeltForm of(Supplier<Figures> figures, Measure.Melt melt) {
    return new MeltForm(figures, What.of(melt.fact()), melt.crucible());
  }

  @Override
  void fill(Measure measure) {
    if (!(measure instanceof Measure.Melt(int number, MeltFact fact))) {
      return;
    }
    crucible = number;
    kept = Optional.of(fact);
    switch (fact) {
      case MeltFact.Taken(double sample, var seen) -> {
        put(words, masses.getFirst(), sample);
        visible.fill(seen);
      }
      case MeltFact.Sands(double iron, double garnet, double sulfide) -> {
        putNumber(words, numbers.getFirst(), 100 * iron, iron);
        putNumber(words, numbers.get(1), 100 * garnet, garnet);
        putNumber(words, numbers.getLast(), 100 * sulfide, sulfide);
      }
      case MeltFact.Roasted(double before, double after) -> {
        put(words, masses.getFirst(), before);
        put(words, masses.getLast(), after);
      }
      case MeltFact.Charged(double sand, Collector metal, OptionalDouble metalG) -> {
        put(words, masses.getFirst(), sand);
        metalG.ifPresent(grams -> put(words, masses.getLast(), grams));
        collector.setValue(metal);
      }
      case MeltFact.Button(double grams) -> put(words, masses.getFirst(), grams);
      case MeltFact.Matte(double grams) -> put(words, masses.getFirst(), grams);
      case MeltFact.Shot(double grams, boolean isCupelled) -> {
        put(words, masses.getFirst(), grams);
        cupelled.setSelected(isCupelled);
      }
      case MeltFact.Bead(double mg) -> putMilligrams(words, masses.getFirst(), mg);
      case MeltFact.Parted(double mg) -> putMilligrams(words, masses.getFirst(), mg);
      case MeltFact.Blank(double mg) -> putMilligrams(words, masses.getFirst(), mg);
      case MeltFact.Cost(double money) -> putNumber(words, numbers.getFirst(), money, money);
      case MeltFact.Spoilt(String why) -> reason.put(why, why);
      case MeltFact.Sure _, MeltFact.Begun _, MeltFact.Ended _ -> {}
    }
  }
}
