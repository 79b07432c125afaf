package jugulum.core.task;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import jugulum.core.check.Check;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.Measure.Smelt.Collector;
import jugulum.core.ledger.Measure.VisibleGold.State;
import jugulum.core.ledger.MeltFact;
import jugulum.core.ledger.MeltFact.Phase;
import jugulum.core.ledger.MeltFact.Stop;
import jugulum.core.ledger.Melting;
import jugulum.core.smelt.MeltTimer;
import jugulum.core.task.Part.Ask;
import jugulum.core.task.Part.Unit;
import jugulum.core.task.Task.Kind;

/**
 * What is open of a melt, in the order one would do it: what holds for all of the sand, then every
 * crucible's next step, then the next charge.
 */
final class MeltTasks {
  private static final double LEAST_SAND_G = 0.1;

  /** The least a button or bead can be read as. */
  private static final double LEAST_BUTTON_G = 0.001;

  private static final double MOST_BEAD_MG = 1e6;

  private final Lot lot;
  private final Melting round;
  private final List<Task> open = new ArrayList<>();

  private MeltTasks(Lot lot, Melting round) {
    this.lot = lot;
    this.round = round;
  }

  /** What is open of a lot's sand that is being melted. */
  static List<Task> of(Lot lot) {
    return Melting.open(lot).map(round -> new MeltTasks(lot, round).collect()).orElse(List.of());
  }

  /** What can be said of visible gold. */
  static final List<State> VISIBLE = List.of(State.values());

  /** A sample is taken to be smelted. */
  static Task begin(Lot lot, double mostG) {
    return Task.of(
        Kind.MELT_TAKE,
        new Task.Subject.OfMelt(lot.id(), 0),
        Part.needed(Ask.TAKEN, Unit.SAND, LEAST_SAND_G, mostG),
        Part.needed(Ask.VISIBLE, Unit.CHOICE, 1, VISIBLE.size())
            .from(VISIBLE.stream().map(Enum::name).toList()),
        Part.needed(Ask.VISIBLE_MASS, Unit.GOLD, 0, MOST_BEAD_MG).optional(),
        Part.needed(Ask.VISIBLE_UP_TO, Unit.GOLD, 0, MOST_BEAD_MG).optional());
  }

  /** Beads of a lot of which nobody said what a laboratory parted out of them. */
  static List<Task> unparted(Lot lot) {
    return Melting.of(lot).stream()
        .filter(round -> !round.hasEnded())
        .flatMap(round -> new MeltTasks(lot, round).unparted())
        .toList();
  }

  private List<Task> collect() {
    forAll();
    if (open.isEmpty()) {
      round.crucibles().stream().filter(one -> !one.isOver()).forEach(this::ofCrucible);
      if (round.isMoreToCharge()) {
        open.add(charge());
      }
    }
    return open;
  }

  private void forAll() {
    stops(0, round.said(), false);
    if (!open.isEmpty()) {
      return;
    }
    Optional<MeltFact.Sands> sands = round.said().latest(MeltFact.Sands.class);
    if (sands.isEmpty()) {
      open.add(onMelt(Kind.MELT_SANDS, 0, share(Ask.IRON), share(Ask.GARNET), share(Ask.SULFIDE)));
    } else if (sands.get().sulfide() > 0
        && round.said().latest(MeltFact.Roasted.class).isEmpty()
        && round.crucibles().isEmpty()) {
      open.add(roast());
    }
  }

  private static Part share(Ask ask) {
    return Part.needed(ask, Unit.PERCENT, 0, 100).optional();
  }

  private Task roast() {
    return MeltTimer.ofRoast(round)
        .map(
            timer ->
                onMelt(
                        Kind.MELT_ROASTED,
                        0,
                        Part.needed(
                            Ask.ROASTED, Unit.SAND, LEAST_SAND_G, round.taken().sampleG() * 1.1))
                    .due(timer.due().at()))
        .orElseGet(() -> onMelt(Kind.MELT_ROAST, 0));
  }

  /** One after the other: each is looked at, and said yes to by itself. */
  private void stops(int crucible, Melting.Said said, boolean isWithoutCollector) {
    Arrays.stream(Stop.values())
        .filter(stop -> stop.isOfOneCrucible() == (crucible > 0))
        .filter(stop -> stop != Stop.COLLECTOR_IN || !isWithoutCollector)
        .filter(stop -> !said.isSure(stop))
        .map(
            stop ->
                onMelt(
                    Kind.MELT_STOP,
                    crucible,
                    Part.needed(Ask.STOP, Unit.YES, 1, 1).of(stop.name())))
        .forEach(open::add);
  }

  private void ofCrucible(Melting.Crucible one) {
    Optional<MeltFact.Charged> charged = one.charged();
    if (charged.isEmpty()) {
      return;
    }
    Collector collector = charged.get().collector();
    int before = open.size();
    if (one.said().began(Phase.MELT).isEmpty()) {
      stops(one.number(), one.said(), collector == Collector.NONE);
      if (open.size() == before) {
        open.add(onMelt(Kind.MELT_START, one.number()));
      }
      return;
    }
    Task next = afterHeat(one, collector);
    open.add(MeltTimer.of(one).map(timer -> next.due(timer.due().at())).orElse(next));
  }

  private Task afterHeat(Melting.Crucible one, Collector collector) {
    int number = one.number();
    if (one.said().began(Phase.COOL).isEmpty()) {
      return onMelt(Kind.MELT_POUR, number);
    }
    if (one.buttonG().isEmpty() && collector != Collector.NONE) {
      return onMelt(
          Kind.MELT_BUTTON,
          number,
          Part.needed(Ask.BUTTON, Unit.SAND, LEAST_BUTTON_G, Check.HEAVIEST_G));
    }
    return isCupelled(collector) && one.said().began(Phase.CUPEL).isEmpty()
        ? onMelt(Kind.MELT_CUPEL, number)
        : onMelt(
            Kind.MELT_BEAD, number, Part.needed(Ask.BEAD, Unit.GOLD, 0, mostMg(one.buttonG())));
  }

  /** Lead and bismuth go into the cupel; silver goes to a refiner. */
  private static boolean isCupelled(Collector collector) {
    return collector == Collector.LEAD || collector == Collector.BISMUTH;
  }

  private static double mostMg(OptionalDouble buttonG) {
    return buttonG.isPresent()
        ? Math.min(MOST_BEAD_MG, buttonG.getAsDouble() * 1000)
        : MOST_BEAD_MG;
  }

  /** As much as the one before, with what gathered the gold then. */
  private Task charge() {
    Optional<MeltFact.Charged> last =
        round.crucibles().stream()
            .flatMap(one -> one.charged().stream())
            .reduce((_, later) -> later);
    double left = round.leftG();
    Part sand = Part.needed(Ask.MELTED, Unit.SAND, LEAST_SAND_G, left + round.thereG() * 0.02);
    Part collector =
        Part.needed(Ask.COLLECTOR, Unit.CHOICE, 1, Collector.values().length)
            .from(Stream.of(Collector.values()).map(Enum::name).toList());
    Part metal = Part.needed(Ask.COLLECTOR_MASS, Unit.SAND, 0, Check.HEAVIEST_G).optional();
    return onMelt(
        Kind.MELT_CHARGE,
        Melting.next(lot),
        last.map(one -> again(sand, Math.min(left, one.sandG()))).orElse(sand),
        last.map(one -> again(collector, one.collector().ordinal() + 1.0)).orElse(collector),
        last.map(one -> metal.usually(one.collectorG())).orElse(metal));
  }

  /** Nobody need type what is done as the time before. */
  private static Part again(Part part, double before) {
    return part.optional().usually(OptionalDouble.of(before));
  }

  private Stream<Task> unparted() {
    return round.crucibles().stream()
        .filter(one -> one.spoilt().isEmpty() && one.beadMg().orElse(0) > 0)
        .filter(one -> one.partedMg().isEmpty())
        .map(
            one ->
                onMelt(
                    Kind.MELT_PARTED,
                    one.number(),
                    Part.needed(Ask.PARTED, Unit.GOLD, 0, one.beadMg().getAsDouble())));
  }

  private Task onMelt(Kind kind, int crucible, Part... parts) {
    return Task.of(kind, new Task.Subject.OfMelt(lot.id(), crucible), parts);
  }
}
