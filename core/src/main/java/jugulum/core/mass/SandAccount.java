package jugulum.core.mass;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import jugulum.core.check.Check;
import jugulum.core.ledger.Batch;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Measure.GoldWeight;
import jugulum.core.ledger.Measure.SandWeight;
import jugulum.core.ledger.Network;
import jugulum.core.ledger.Process;
import jugulum.core.ledger.Process.Screening.Manner;
import jugulum.core.ledger.ReadOn;
import jugulum.core.ledger.Step;
import jugulum.core.ledger.StepId;
import jugulum.core.mass.LotMass.Basis;
import jugulum.core.mass.StepClosure.State;
import jugulum.core.screens.Sieving;
import jugulum.core.weighing.ScaleDoubt;
import jugulum.core.weighing.Weighing;

/**
 * The dry mass of every lot and the closure of every step. Measured values are shown as measured;
 * nothing is adjusted here.
 */
public final class SandAccount {
  private final Network network;
  private final Map<LotId, LotMass> masses = new HashMap<>();
  private final Map<StepId, StepClosure> closures = new HashMap<>();

  private SandAccount(Network network) {
    this.network = network;
    network.lots().forEach(lot -> masses.put(lot.id(), measured(lot)));
    fillByDifference();
    network.steps().forEach(step -> closures.put(step.id(), closure(step)));
  }

  /** Works out the sand of a batch. */
  public static SandAccount of(Network network) {
    return new SandAccount(network);
  }

  /** The dry mass of a live lot; {@link LotMass#UNKNOWN} for any other. */
  public LotMass mass(LotId lot) {
    return masses.getOrDefault(lot, LotMass.UNKNOWN);
  }

  /** The closure of a live step. */
  public StepClosure closure(StepId step) {
    return Check.known(closures, step);
  }

  /** The dry sand that came in, in grams, as far as its mass is known; 0 where it is not. */
  public double feedG() {
    return network.feeds().mapToDouble(lot -> mass(lot.id()).grams()).sum();
  }

  /**
   * The share of the feed's sand that is accounted for, 1 for all of it: what each fully weighed
   * step lost or won is taken off or added. Empty while no step was weighed in full, or the feed
   * was not.
   */
  public OptionalDouble accountedFor() {
    double feed = feedG();
    List<StepClosure> weighed =
        closures.values().stream()
            .filter(closure -> closure.state() != State.NOT_ALL_WEIGHED && closure.inG() > 0)
            .toList();
    if (!(feed > 0) || weighed.isEmpty()) {
      return OptionalDouble.empty();
    }
    return OptionalDouble.of(
        1 + weighed.stream().mapToDouble(StepClosure::differenceG).sum() / feed);
  }

  private LotMass measured(Lot lot) {
    Batch batch = network.batch();
    double calibration = batch.assumptions().scaleCalibration();
    if (lot.material() == Material.GOLD) {
      return weighed(
          lot.live(GoldWeight.class).map(GoldWeight::massG).toList(),
          coarsestGold(lot),
          lot.live(GoldWeight.class).map(GoldWeight::on).toList(),
          calibration);
    }
    LotMass weighed =
        lot.bowls().values().stream()
            .map(bowl -> bowl(bowl, calibration))
            .reduce(LotMass::plus)
            .orElse(LotMass.UNKNOWN);
    return weighed.isKnown() || lot.material() != Material.MAGNETICS
        ? weighed
        : fromPasses(lot, calibration);
  }

  private static double coarsestGold(Lot lot) {
    return lot.live(GoldWeight.class).mapToDouble(GoldWeight::resolutionG).max().orElse(0);
  }

  /**
   * Weighings of one bowl, with the doubt of its moisture: one moisture for all of them, so it does
   * not average out.
   */
  private static LotMass bowl(List<SandWeight> weights, double calibration) {
    double resolution = weights.stream().mapToDouble(SandWeight::resolutionG).max().orElseThrow();
    LotMass weighed =
        weighed(
            weights.stream().map(SandWeight::dryG).toList(),
            resolution,
            weights.stream().map(SandWeight::on).toList(),
            calibration);
    double water =
        weights.stream()
            .mapToDouble(weight -> weight.netG() * weight.moistureSd().orElse(0))
            .average()
            .orElseThrow();
    return new LotMass(
        weighed.grams(), Math.hypot(weighed.ownSdG(), water), weighed.sharedSdG(), Basis.WEIGHED);
  }

  private static LotMass weighed(
      List<Double> grams, double resolutionG, List<Optional<ReadOn>> on, double assumed) {
    if (grams.isEmpty()) {
      return LotMass.UNKNOWN;
    }
    Weighing weighing = Weighing.of(grams, resolutionG, ScaleDoubt.calibration(on, assumed));
    return new LotMass(
        weighing.meanG(),
        Math.hypot(weighing.readUncertaintyG(), ScaleDoubt.zeroSdG(on)),
        weighing.calibrationG(),
        Basis.WEIGHED);
  }

  private LotMass fromPasses(Lot lot, double calibration) {
    OptionalDouble heap =
        network
            .maker(lot.id())
            .filter(step -> step.process() instanceof Process.MagnetRun)
            .map(Step::heapG)
            .orElse(OptionalDouble.empty());
    return heap.isEmpty()
        ? LotMass.UNKNOWN
        : new LotMass(heap.getAsDouble(), 0, calibration * heap.getAsDouble(), Basis.PASSES);
  }

  /**
   * Repeats until nothing more follows: one lot filled in may be the only one missing at its next
   * step.
   */
  private void fillByDifference() {
    boolean more = true;
    while (more) {
      more = false;
      for (Step step : network.steps()) {
        more |= !step.inputs().isEmpty() && fillOne(step);
      }
    }
  }

  private boolean fillOne(Step step) {
    List<LotId> unknown = new ArrayList<>();
    step.inputs().stream().filter(lot -> !mass(lot).isKnown()).forEach(unknown::add);
    step.outputs().stream().filter(lot -> !mass(lot).isKnown()).forEach(unknown::add);
    if (unknown.size() != 1) {
      return false;
    }
    LotId missing = unknown.getFirst();
    double net = sum(step.inputs()) - sum(step.outputs());
    double grams = step.inputs().contains(missing) ? -net : net;
    if (!(grams >= 0)) {
      return false;
    }
    List<LotId> weighed = Stream.concat(step.inputs().stream(), step.outputs().stream()).toList();
    double own =
        Math.sqrt(weighed.stream().mapToDouble(lot -> Math.pow(mass(lot).ownSdG(), 2)).sum());
    double shared = Math.abs(signedShared(step.inputs()) - signedShared(step.outputs()));
    masses.put(missing, new LotMass(grams, own, shared, Basis.DIFFERENCE));
    return true;
  }

  /** On one scale the calibration of what went in and of what came out is off the same way. */
  private double signedShared(List<LotId> lots) {
    return lots.stream().mapToDouble(lot -> mass(lot).sharedSdG()).sum();
  }

  private double sum(List<LotId> lots) {
    return lots.stream().mapToDouble(lot -> mass(lot).grams()).sum();
  }

  private StepClosure closure(Step step) {
    if (step.inputs().isEmpty()) {
      return new StepClosure(
          step.id(), 0, sum(step.outputs()), 0, State.NOTHING_TO_CLOSE, List.of());
    }
    List<LotId> notWeighed =
        Stream.concat(step.inputs().stream(), step.outputs().stream())
            .filter(lot -> !mass(lot).isMeasured())
            .toList();
    double in = sum(step.inputs());
    double out =
        step.outputs().stream()
            .map(this::mass)
            .filter(LotMass::isMeasured)
            .mapToDouble(LotMass::grams)
            .sum();
    double tolerance = tolerance(network.batch(), step);
    return new StepClosure(
        step.id(),
        in,
        out,
        tolerance,
        notWeighed.isEmpty() ? verdict(in, out, tolerance) : State.NOT_ALL_WEIGHED,
        notWeighed);
  }

  /**
   * How far a step's sand may differ, as a share: a laboratory's for a dry sample, else the batch's
   * own.
   */
  public static double tolerance(Batch batch, Step step) {
    boolean sample =
        step.process() instanceof Process.Screening(var _, Optional<Manner> manner)
            && manner.equals(Optional.of(Manner.DRY_SAMPLE));
    return sample ? Sieving.CLOSURE : batch.assumptions().closureTolerance();
  }

  private static State verdict(double in, double out, double tolerance) {
    if (Math.abs(out - in) <= tolerance * in) {
      return State.CLOSES;
    }
    return out < in ? State.SHORT : State.OVER;
  }
}
