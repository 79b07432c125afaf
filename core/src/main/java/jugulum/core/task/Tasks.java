package jugulum.core.task;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import jugulum.core.account.Worked;
import jugulum.core.belief.Belief;
import jugulum.core.belief.LotBelief;
import jugulum.core.belief.MachineWay;
import jugulum.core.belief.SeparatorWay;
import jugulum.core.belief.StockLot;
import jugulum.core.belief.Way;
import jugulum.core.check.Check;
import jugulum.core.finish.Finishing;
import jugulum.core.ledger.Look;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Machine;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.Melting;
import jugulum.core.ledger.Network;
import jugulum.core.ledger.NextLeg;
import jugulum.core.ledger.Process;
import jugulum.core.ledger.Route;
import jugulum.core.ledger.Step;
import jugulum.core.machine.Dial;
import jugulum.core.machine.Due;
import jugulum.core.machine.Gear;
import jugulum.core.machine.Overnight;
import jugulum.core.machine.RunLog;
import jugulum.core.mass.LotMass;
import jugulum.core.passes.NextPass;
import jugulum.core.shop.Shop;
import jugulum.core.task.Part.Ask;
import jugulum.core.task.Part.Unit;
import jugulum.core.task.Task.Kind;

/**
 * What is open in a batch, in the order one would do it: what is due now, then the work in hand,
 * then the lots that wait, by the route. Nothing here must be done; any other work stays possible.
 */
public final class Tasks {
  private static final int MOST_THINGS = 1_000_000;

  /** Less than that is no sample. */
  private static final double LEAST_SAMPLE_G = 0.1;

  /** Less than that is left of the last charge, and no charge. */
  private static final double LEAST_CHARGE_G = 0.1;

  private static final double MOST_MILLIGRAMS = 1e6;

  private final Worked worked;
  private final Network network;
  private final Shop shop;
  private final Optional<Route> route;
  private final Optional<Belief> belief;
  private Optional<List<LotBelief>> thought = Optional.empty();
  private final List<Task> open = new ArrayList<>();

  private Tasks(Worked worked, Shop shop, Optional<Route> route, Optional<Belief> belief) {
    this.belief = belief;
    this.worked = worked;
    this.network = worked.network();
    this.shop = shop;
    this.route = route;
  }

  /**
   * The open questions of a batch.
   *
   * @param worked the batch
   * @param shop what there is to work with
   * @param route the way it is meant to go; empty where none was chosen: then no step is offered
   * @param now what is due by now comes first
   */
  public static List<Task> of(Worked worked, Shop shop, Optional<Route> route, Instant now) {
    return of(worked, shop, route, now, Optional.empty());
  }

  /**
   * The same, where it is known what is thought of lots and machines: a run to begin goes over the
   * machine every other room names. Takes longer: not for the interface thread.
   */
  public static List<Task> of(
      Worked worked, Shop shop, Optional<Route> route, Instant now, Optional<Belief> belief) {
    if (worked.batch().closed()) {
      return List.of();
    }
    Tasks tasks = new Tasks(worked, shop, route, belief);
    tasks.collect();
    return tasks.open.stream().sorted(Comparator.comparing(task -> order(task, now))).toList();
  }

  /** What is due comes first, what has no hour next, and what is due later after that. */
  private static Instant order(Task task, Instant now) {
    // A laboratory is heard of in weeks.
    return task.kind() == Kind.MELT_PARTED ? Instant.MAX : task.due().orElse(now.plusNanos(1));
  }

  private void collect() {
    network.feeds().filter(lot -> lot.weighedDryG().isEmpty()).forEach(this::weigh);
    network.steps().reversed().stream()
        .filter(step -> step.finishedAt().isEmpty() && !(step.process() instanceof Process.Receive))
        .forEach(this::ofStep);
    network.lots().forEach(lot -> open.addAll(MeltTasks.of(lot)));
    network.endLots().forEach(this::ofWaiting);
    if (open.isEmpty() && route.isEmpty()) {
      chooseRoute();
    }
    if (open.isEmpty()) {
      open.add(close());
    }
    network.lots().forEach(lot -> open.addAll(MeltTasks.unparted(lot)));
  }

  private static Task close() {
    return Task.of(Kind.CLOSE, new Task.Subject.OfBatch());
  }

  private void chooseRoute() {
    List<String> names = Routes.toChoose(shop).stream().map(Route::name).toList();
    open.add(
        Task.of(
            Kind.CHOOSE_ROUTE,
            new Task.Subject.OfBatch(),
            Part.needed(Ask.ROUTE, Unit.CHOICE, 1, names.size()).from(names)));
    open.add(close());
  }

  private void weigh(Lot lot) {
    open.add(
        Task.onLot(
            Kind.WEIGH,
            lot.id(),
            Part.needed(Ask.GROSS, Unit.SAND, 0, Check.HEAVIEST_G),
            Part.needed(Ask.TARE, Unit.SAND, 0, Check.HEAVIEST_G)
                .optional()
                .from(shop.containers().stream().map(one -> one.name()).toList()),
            Part.needed(Ask.MOISTURE, Unit.PERCENT, 0, 99).optional()));
  }

  private void ofStep(Step step) {
    int before = open.size();
    switch (step.process()) {
      case Process.MagnetRun run -> ofMagnet(step, run);
      case Process.GravityRun run -> ofRun(step, shop.gear(run.machine()));
      case Process.Receive _, Process.Screening _, Process.Merging _, Process.Splitting _ -> {}
      case Process.Finishing _ -> open.addAll(FinishTasks.of(network, step));
    }
    if (RunLog.of(step).isRunning() || Finishing.of(step).isLed()) {
      return;
    }
    network.lots(step.outputs()).stream().filter(this::isToWeigh).forEach(this::weighOutput);
    if (open.size() == before) {
      open.add(Task.onStep(Kind.FINISH_STEP, step.id()));
    }
  }

  private void weighOutput(Lot lot) {
    if (lot.material() == Material.GOLD) {
      weighGold(lot.id());
    } else {
      weigh(lot);
    }
  }

  private void weighGold(LotId lot) {
    open.add(
        Task.onLot(Kind.WEIGH_GOLD, lot, Part.needed(Ask.GOLD, Unit.GOLD, 0, MOST_MILLIGRAMS)));
  }

  private boolean isToWeigh(Lot lot) {
    boolean weighed =
        lot.material() == Material.GOLD
            ? lot.live(Measure.GoldWeight.class).findAny().isPresent()
            : lot.weighedDryG().isPresent();
    return !weighed && !lot.isGone();
  }

  /**
   * Passes go on until they say stop; what sand is fed past lifts once, is checked, set, started
   * and stopped as every machine, and its products are weighed.
   */
  private void ofMagnet(Step step, Process.MagnetRun run) {
    boolean byHand = run.by() == Process.MagnetRun.Way.HAND;
    Optional<Gear> with = run.with().map(shop::gear);
    if (byHand && step.passes().isEmpty()) {
      with.ifPresent(gear -> beforeStart(step, gear));
    } else if (!byHand) {
      with.ifPresent(gear -> ofRun(step, gear));
    }
    if (byHand && worked.nextPass(step, shop).verdict() != NextPass.Verdict.STOP) {
      // Of the heap less can be lifted; the answer knows which it was.
      double there = Math.max(step.heapG().orElse(0), mostG(step.inputs().getFirst()));
      double most = there * (1 + worked.batch().assumptions().closureTolerance());
      open.add(
          Task.onStep(
              Kind.PASS,
              step.id(),
              Part.needed(Ask.LIFTED, Unit.SAND, 0, most),
              Part.needed(Ask.DROPPED, Unit.SAND, 0, most).optional(),
              Part.needed(Ask.SPECKS, Unit.COUNT, 0, MOST_THINGS).optional()));
    }
  }

  private double mostG(LotId lot) {
    LotMass mass = worked.sand().mass(lot);
    return mass.isKnown() ? mass.grams() : Check.HEAVIEST_G;
  }

  private double inG(List<LotId> lots) {
    return lots.stream().mapToDouble(lot -> worked.sand().mass(lot).grams()).sum();
  }

  private void ofRun(Step step, Gear gear) {
    RunLog log = RunLog.of(step);
    if (log.stretches().isEmpty()) {
      beforeStart(step, gear);
      open.add(Task.onStep(Kind.START, step.id()));
    }
    double fed = inG(step.inputs());
    OptionalDouble feed = fed > 0 ? OptionalDouble.of(fed) : OptionalDouble.empty();
    List<Due> dues =
        Due.of(network, step, gear.sheet(), feed).stream()
            .filter(due -> due.what() != Due.What.CHARGE || leftG(step) > LEAST_CHARGE_G)
            .toList();
    if (log.isRunning() && dues.stream().noneMatch(due -> due.what() == Due.What.CHARGE)) {
      open.add(Task.onStep(Kind.STOP, step.id()));
    }
    for (Due due : dues) {
      switch (due.what()) {
        case CHARGE -> open.add(charge(step).due(due.at()));
        case LOOK ->
            network
                .output(step, Material.TAILINGS)
                .ifPresent(lot -> open.add(look(lot).due(due.at())));
        case ROASTED, POUR, BREAK, BEAD -> {} // no machine asks for those
      }
    }
  }

  private void beforeStart(Step step, Gear gear) {
    List<String> made =
        step.live(Measure.Checked.class)
            .map(reading -> ((Measure.Checked) reading.measure()).check())
            .toList();
    Overnight.checks(gear.sheet(), step.process()).stream()
        .filter(check -> !made.contains(check))
        .forEach(
            check ->
                open.add(
                    Task.onStep(
                        Kind.CHECK,
                        step.id(),
                        Part.needed(Ask.CHECKED, Unit.YES, 1, 1).of(check))));
    gear.sheet(network.cutInto(step)).dials().stream()
        .filter(dial -> dial.usual().isPresent() && step.setting(dial.id()).isEmpty())
        .forEach(dial -> open.add(Task.onStep(Kind.SET, step.id(), setting(dial))));
  }

  private static Part setting(Dial dial) {
    OptionalDouble usual = dial.usual().stream().mapToDouble(band -> band.usual()).findFirst();
    return Part.needed(Ask.SETTING, Unit.DIAL, dial.low(), dial.high())
        .of(dial.id())
        .usually(usual);
  }

  private double leftG(Step step) {
    return Math.max(0, mostG(step.inputs().getFirst()) - step.laidInG());
  }

  /** As it was set, or what is left of the lot where that is less. */
  private Task charge(Step step) {
    double left = leftG(step);
    OptionalDouble set = step.setting("charge");
    OptionalDouble usual =
        set.isPresent() ? OptionalDouble.of(Math.min(set.getAsDouble(), left)) : set;
    return Task.onStep(
        Kind.CHARGE,
        step.id(),
        Part.needed(Ask.CHARGE, Unit.SAND, LEAST_CHARGE_G, left).optional().usually(usual));
  }

  private Task look(Lot lot) {
    return Task.onLot(
        Kind.LOOK,
        lot.id(),
        Part.needed(Ask.SAMPLE, Unit.SAND, LEAST_SAMPLE_G, mostG(lot.id())),
        Part.needed(Ask.SPECKS, Unit.COUNT, 0, MOST_THINGS));
  }

  private void ofWaiting(Lot lot) {
    if (!isReady(lot) || lot.isGone()) {
      return;
    }
    boolean isFeed = lot.material() == Material.FEED;
    if (!isFeed && isToWeigh(lot)) {
      weighOutput(lot);
    }
    if (lot.isOversize() && !isLookedOver(lot)) {
      open.add(
          Task.onLot(
              Kind.LOOK_OVER,
              lot.id(),
              Part.needed(Ask.PICKERS, Unit.COUNT, 0, MOST_THINGS),
              Part.needed(Ask.PICKERS_MASS, Unit.GOLD, 0, MOST_MILLIGRAMS).optional()));
    } else if (isToLookAt(lot)) {
      open.add(look(lot));
    }
    if (lot.latest(Measure.Bagged.class).isEmpty()) {
      route
          .flatMap(way -> NextLeg.of(way, network, lot))
          .ifPresentOrElse(
              leg -> open.add(begin(lot, shop.fitted(leg, lot.cut()))), () -> smelts(lot));
    }
  }

  /** What no route leads on, and what a smelt wins most of, is begun with a sample. */
  private void smelts(Lot lot) {
    boolean isFirst =
        thought().stream()
            .filter(one -> one.lot().lot().equals(lot.id()))
            .flatMap(one -> one.first().stream())
            .anyMatch(way -> way.kind() == Way.Kind.SMELT && way.net() > 0 && !way.isTooLong());
    if (isFirst && Melting.of(lot).isEmpty()) {
      open.add(MeltTasks.begin(lot, mostG(lot.id())));
    }
  }

  /** What a step still makes is not ready. */
  private boolean isReady(Lot lot) {
    return network
        .maker(lot.id())
        .filter(step -> step.finishedAt().isPresent() || step.process() instanceof Process.Receive)
        .isPresent();
  }

  private static boolean isLookedOver(Lot lot) {
    return lot.latest(Measure.LookedOver.class).isPresent() || Look.isAtAll(lot);
  }

  /** What is set aside is looked at before it leaves the bench. */
  private boolean isToLookAt(Lot lot) {
    boolean leaves =
        Stream.of(Material.TAILINGS, Material.MAGNETICS).anyMatch(one -> one == lot.material());
    return leaves && !Look.isAtAll(lot) && mostG(lot.id()) > LEAST_SAMPLE_G;
  }

  private Task begin(Lot lot, Route.Leg leg) {
    if (leg.does() instanceof Route.Does.Keep) {
      return Task.onLot(Kind.KEEP, lot.id(), Part.needed(Ask.BAG, Unit.TEXT, 0, 0)).by(leg);
    }
    Task begun = Task.onLot(Kind.BEGIN, lot.id()).by(leg);
    return switch (leg.does()) {
      case Route.Does.Run(Machine.Kind kind, var _) -> begun.over(machine(lot.id(), kind));
      case Route.Does.Magnet(var medium) ->
          belief
              .flatMap(now -> SeparatorWay.best(now, lot.cut(), inG(List.of(lot.id())), medium))
              .map(way -> begun.over(way.gear()))
              .orElse(begun);
      default -> begun;
    };
  }

  /** What is thought of the batch's lots, worked out once for all its questions. */
  private List<LotBelief> thought() {
    if (thought.isEmpty()) {
      thought =
          Optional.of(
              belief
                  .map(now -> now.of(StockLot.of(network, worked.sand(), worked.gold())))
                  .orElse(List.of()));
    }
    return thought.orElseThrow();
  }

  /** The first of the lot's own list; before anything is thought of it one of the kind. */
  private Gear machine(LotId lot, Machine.Kind kind) {
    return thought().stream()
        .filter(one -> one.lot().lot().equals(lot))
        .findFirst()
        .flatMap(LotBelief::machine)
        .map(MachineWay::gear)
        .or(() -> shop.gear().stream().filter(one -> one.kind() == kind).findFirst())
        .orElseGet(() -> Gear.any(kind));
  }
}
