package jugulum.core.task;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.function.Function;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import jugulum.core.account.Worked;
import jugulum.core.check.Check;
import jugulum.core.check.OutOfRange;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.Edit.NewLot;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.Process;
import jugulum.core.ledger.Process.MagnetRun.Way;
import jugulum.core.ledger.ReadOn;
import jugulum.core.ledger.Route;
import jugulum.core.ledger.Route.Does;
import jugulum.core.ledger.Step;
import jugulum.core.ledger.StepId;
import jugulum.core.machine.Gear;
import jugulum.core.screens.Cut;
import jugulum.core.screens.Screen;
import jugulum.core.shop.Shop;
import jugulum.core.task.Answered.Edits;
import jugulum.core.task.Answered.Wrong;
import jugulum.core.task.Task.Subject;
import jugulum.core.units.MassText.Mass;
import jugulum.core.units.MassUnit;
import jugulum.core.units.Typed;
import jugulum.core.units.Typed.Slip;
import jugulum.core.units.Typing;
import jugulum.core.weighing.Container;

/**
 * Makes edits of what is typed for a task. Whether an edit is allowed, the ledger says when it is
 * sent.
 *
 * @param worked the batch the task is of
 * @param shop what there is to work with
 * @param sand the unit of a weight of sand without one
 * @param gold the unit of a weight of gold without one
 * @param readOn the scale the weights came from; empty where they were typed
 * @param isOffTheSand whether a pass after the first goes over the sand again and not over the heap
 */
public record Answers(
    Worked worked,
    Shop shop,
    MassUnit sand,
    MassUnit gold,
    Optional<ReadOn> readOn,
    boolean isOffTheSand) {
  /** Of what was typed. */
  public Answers(Worked worked, Shop shop, MassUnit sand, MassUnit gold) {
    this(worked, shop, sand, gold, Optional.empty(), false);
  }

  /** The same of weights that came from a scale. */
  public Answers from(ReadOn scale) {
    return new Answers(worked, shop, sand, gold, Optional.of(scale), isOffTheSand);
  }

  /** The same of a pass over the sand, or over the heap. */
  public Answers offTheSand(boolean isSo) {
    return new Answers(worked, shop, sand, gold, readOn, isSo);
  }

  /** A part that was left out. */
  private static final String NOTHING = "";

  /**
   * Answers a task.
   *
   * @param task which
   * @param typed a text for each part, in order; empty or missing for one that is left out
   */
  public Answered to(Task task, List<String> typed) {
    for (int i = 0; i < task.parts().size(); i++) {
      Optional<Slip> slip = slip(task.parts().get(i), text(typed, i));
      if (slip.isPresent()) {
        return new Wrong(i, slip.get());
      }
    }
    try {
      return new Edits(edits(task, typed));
    } catch (OutOfRange beyond) {
      int part = told(task, beyond);
      return new Wrong(part, new Slip.OutOfRange(text(typed, part), beyond.low(), beyond.high()));
    }
  }

  /** Which part told what is out of its range. */
  private static int told(Task task, OutOfRange beyond) {
    List<Part> parts = task.parts();
    return IntStream.range(0, parts.size())
        .filter(i -> beyond.quantity().equals(quantity(parts.get(i).ask())))
        .findFirst()
        .orElse(0);
  }

  private static String quantity(Part.Ask ask) {
    return switch (ask) {
      case TARE -> "tareG";
      case COLLECTOR_MASS -> "collectorG";
      default -> ask.name();
    };
  }

  private static String text(List<String> typed, int part) {
    return part < typed.size() ? typed.get(part).strip() : NOTHING;
  }

  private Optional<Slip> slip(Part part, String text) {
    if (text.isEmpty()) {
      return part.isNeeded() && part.unit() != Part.Unit.YES
          ? Optional.of(new Slip.Empty())
          : Optional.empty();
    }
    Typed<?> read =
        switch (part.unit()) {
          case SAND -> part.ask() == Part.Ask.TARE ? tare(text) : inRange(part, text, grams(text));
          case GOLD ->
              inRange(part, text, part.ask().isOfMilligrams() ? littleMg(text) : milligrams(text));
          case COUNT -> Typing.count(text, (int) part.high());
          case PERCENT -> Typing.percent(text, part.low(), part.high());
          case DIAL -> Typing.number(text, part.low(), part.high());
          case YES -> new Typed.Wrong<>(new Slip.OnlyYes(text));
          case TEXT ->
              Typing.isWeight(text)
                  ? new Typed.Wrong<>(new Slip.WeightForWords(text))
                  : new Typed.Value<>(text);
          case CHOICE -> choice(part, text);
        };
    return read instanceof Typed.Wrong<?>(Slip slip) ? Optional.of(slip) : Optional.empty();
  }

  Typed<Double> grams(String text) {
    return Typing.sand(text, sand).map(Mass::grams);
  }

  /** Whoever weighs gold in grams reads a bead in milligrams. */
  Typed<Double> littleMg(String text) {
    return Typing.gold(text, gold == MassUnit.GRAM ? MassUnit.MILLIGRAM : gold)
        .map(Mass::milligrams);
  }

  private Typed<Double> milligrams(String text) {
    return Typing.gold(text, gold).map(Mass::milligrams);
  }

  private static Typed<Double> inRange(Part part, String text, Typed<Double> read) {
    return read.then(
        value ->
            value >= part.low() && value <= part.high()
                ? new Typed.Value<>(value)
                : new Typed.Wrong<>(new Slip.OutOfRange(text, part.low(), part.high())));
  }

  /** A container by its name, or its weight: its grams, 0 for none. */
  private Typed<Double> tare(String text) {
    Optional<Container> known = shop.container(text);
    if (known.isPresent()) {
      return new Typed.Value<>(known.get().tareG());
    }
    return text.chars().noneMatch(Character::isDigit)
        ? new Typed.Wrong<>(new Slip.NoContainer(text))
        : grams(text);
  }

  /** The place of a choice in its list, by its number or its name. */
  static Typed<Integer> choice(Part part, String text) {
    for (int i = 0; i < part.choices().size(); i++) {
      if (part.choices().get(i).equalsIgnoreCase(text)) {
        return new Typed.Value<>(i);
      }
    }
    return text.chars().allMatch(Character::isDigit)
        ? Typing.number(text, 1, part.high()).map(number -> number.intValue() - 1)
        : new Typed.Wrong<>(new Slip.NoChoice(text));
  }

  private Route route(Part part, String text) {
    String name = part.choices().get(understood(choice(part, text)));
    return Routes.toChoose(shop).stream()
        .filter(one -> one.name().equals(name))
        .findFirst()
        .orElseThrow();
  }

  private List<Edit> edits(Task task, List<String> typed) {
    Function<Integer, Optional<String>> told =
        part -> Optional.of(text(typed, part)).filter(text -> !text.isEmpty());
    return switch (task.subject()) {
      case Subject.OfBatch _ ->
          List.of(
              task.kind() == Task.Kind.CHOOSE_ROUTE
                  ? new Edit.FollowRoute(
                      Optional.of(route(task.parts().getFirst(), text(typed, 0))))
                  : new Edit.CloseBatch(true));
      case Subject.OfLot(LotId lot) -> ofLot(task, lot, told);
      case Subject.OfStep(StepId step) -> ofStep(task, step, told);
      case Subject.OfMelt(LotId lot, int crucible) ->
          List.of(
              new Edit.RecordOnLot(
                  lot, new Measure.Melt(crucible, new MeltAnswers(this, lot).fact(task, told))));
    };
  }

  private List<Edit> ofLot(Task task, LotId lot, Function<Integer, Optional<String>> told) {
    return switch (task.kind()) {
      case WEIGH -> List.of(new Edit.RecordOnLot(lot, weight(told)));
      case WEIGH_GOLD -> {
        Mass mass = understood(Typing.gold(told.apply(0).orElseThrow(), gold));
        Measure weight =
            new Measure.GoldWeight(mass.grams(), resolutionG(mass), asTyped(told.apply(0)), readOn);
        yield List.of(new Edit.RecordOnLot(lot, weight));
      }
      case LOOK_OVER -> {
        double grams = told.apply(1).map(text -> understood(milligrams(text)) / 1000).orElse(0.0);
        Measure seen = new Measure.LookedOver(count(told.apply(0)), grams);
        yield List.of(new Edit.RecordOnLot(lot, seen));
      }
      case LOOK -> {
        Cut cut = worked.network().lot(lot).map(Lot::cut).orElse(Cut.ALL);
        double sample = understood(grams(told.apply(0).orElseThrow()));
        List<Measure.PannedSample.Seen> seen =
            List.of(new Measure.PannedSample.Seen(cut, count(told.apply(1))));
        yield List.of(new Edit.RecordOnLot(lot, new Measure.PannedSample(sample, seen, readOn)));
      }
      case KEEP ->
          List.of(new Edit.RecordOnLot(lot, new Measure.Bagged(told.apply(0).orElseThrow())));
      case BEGIN -> List.of(begin(lot, task));
      default -> throw new IllegalArgumentException(task.kind() + " belongs to no lot");
    };
  }

  private Measure weight(Function<Integer, Optional<String>> told) {
    Mass gross = understood(Typing.sand(told.apply(0).orElseThrow(), sand));
    double tare = told.apply(1).map(text -> understood(tare(text))).orElse(0.0);
    double water = told.apply(2).map(text -> understood(Typing.percent(text, 0, 99))).orElse(0.0);
    return new Measure.SandWeight(
        gross.grams(),
        tare,
        water,
        resolutionG(gross),
        water > 0
            ? OptionalDouble.of(water * Measure.SandWeight.UNTOLD_MOISTURE_SPREAD)
            : OptionalDouble.empty(),
        told.apply(1).flatMap(shop::container).map(Container::name),
        OptionalInt.empty(),
        asTyped(told.apply(0)),
        readOn);
  }

  /** A scale's step may be coarser than the last place it shows. */
  private double resolutionG(Mass read) {
    return readOn.map(ReadOn::stepG).orElse(read.resolutionG());
  }

  private Optional<String> asTyped(Optional<String> text) {
    return readOn.isPresent() ? Optional.empty() : text;
  }

  static <T> T understood(Typed<T> typed) {
    return typed.understood().orElseThrow();
  }

  static int count(Optional<String> text) {
    return text.map(one -> understood(Typing.count(one, Integer.MAX_VALUE))).orElse(0);
  }

  private List<Edit> ofStep(Task task, StepId step, Function<Integer, Optional<String>> told) {
    return switch (task.kind()) {
      case PASS -> List.of(new Edit.RecordOnStep(step, pass(step, told)));
      case CHECK ->
          List.of(new Edit.RecordOnStep(step, new Measure.Checked(task.parts().getFirst().name())));
      case SET -> List.of(new Edit.RecordOnStep(step, setting(task.parts().getFirst(), told)));
      case START ->
          List.of(new Edit.RecordOnStep(step, new Measure.Running(Measure.Running.State.STARTED)));
      case STOP ->
          List.of(new Edit.RecordOnStep(step, new Measure.Running(Measure.Running.State.STOPPED)));
      case CHARGE -> {
        OptionalDouble usual = task.parts().getFirst().usual();
        OptionalDouble grams =
            told.apply(0).map(text -> OptionalDouble.of(understood(grams(text)))).orElse(usual);
        yield List.of(new Edit.RecordOnStep(step, new Measure.Charge(grams, readOn)));
      }
      case FINISH_STEP -> List.of(new Edit.FinishStep(step, true));
      case FINISH_TOOL, FINISH_ACT, FINISH_LIFT, FINISH_TURN, FINISH_AGAIN ->
          List.of(
              new Edit.RecordOnStep(
                  step, new Measure.Finish(new FinishAnswers(this).fact(task, told))));
      default -> throw new IllegalArgumentException(task.kind() + " belongs to no step");
    };
  }

  /** Of a dial nobody says anything of nothing is recorded: what is usual was not measured. */
  private static Measure setting(Part dial, Function<Integer, Optional<String>> told) {
    return new Measure.Setting(
        dial.name(),
        understood(Typing.number(told.apply(0).orElseThrow(), dial.low(), dial.high())));
  }

  private Measure pass(StepId id, Function<Integer, Optional<String>> told) {
    Step step = worked.batch().step(id).orElseThrow();
    Measure.Pass.From from =
        step.passes().isEmpty() || isOffTheSand ? Measure.Pass.From.SAND : Measure.Pass.From.HEAP;
    double lifted = understood(grams(told.apply(0).orElseThrow()));
    if (from == Measure.Pass.From.HEAP && step.heapG().isPresent()) {
      // Two weighings of one heap differ: as far as the batch takes sand for the same.
      double most =
          step.heapG().getAsDouble() * (1 + worked.batch().assumptions().closureTolerance());
      Check.inRange("lifted", lifted, 0, most);
    }
    double dropped = told.apply(1).map(text -> understood(grams(text))).orElse(0.0);
    return new Measure.Pass(
        from,
        lifted,
        dropped,
        count(told.apply(2)),
        OptionalDouble.empty(),
        Optional.empty(),
        readOn);
  }

  private Edit begin(LotId id, Task task) {
    Lot lot = worked.network().lot(id).orElseThrow();
    return switch (task.leg().orElseThrow().does()) {
      case Does.Screen(List<String> labels) -> {
        List<Screen> stack = shop.stack(labels, lot.cut());
        List<NewLot> cuts =
            Cut.of(lot.cut(), stack).stream()
                .map(cut -> new NewLot(Material.CUT, cut, ""))
                .toList();
        yield new Edit.TakeStep(new Process.Screening(stack), List.of(id), cuts);
      }
      case Does.Magnet(var medium) -> {
        Optional<Gear> with = task.gear();
        Way way = with.map(gear -> Way.of(gear.kind())).orElse(Way.HAND);
        yield take(
            new Process.MagnetRun(
                medium, Optional.empty(), Optional.of(way), with.map(Gear::machine)),
            lot,
            Stream.of(Material.MAGNETICS, Material.NON_MAGNETICS));
      }
      case Does.Run(var _, var manner) -> {
        Gear gear = task.gear().orElseThrow();
        yield take(
            new Process.GravityRun(gear.machine(), manner), lot, gear.sheet().ports().stream());
      }
      case Does.Finish _ ->
          take(new Process.Finishing(), lot, Stream.of(Material.GOLD, Material.RESIDUE));
      case Does.Keep _ -> throw new IllegalArgumentException("what is kept takes no step");
    };
  }

  private static Edit take(Process process, Lot lot, Stream<Material> ports) {
    return new Edit.TakeStep(
        process, List.of(lot.id()), ports.map(port -> new NewLot(port, lot.cut(), "")).toList());
  }
}
