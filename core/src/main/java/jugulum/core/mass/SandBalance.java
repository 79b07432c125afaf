package jugulum.core.mass;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.TreeMap;
import java.util.stream.IntStream;
import jugulum.core.check.Check;
import jugulum.core.check.Normal;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Measure.SandWeight;
import jugulum.core.ledger.Network;
import jugulum.core.ledger.Reading;
import jugulum.core.ledger.Step;
import jugulum.core.ledger.StepId;
import jugulum.core.reconcile.Adjusted;
import jugulum.core.reconcile.Flow;
import jugulum.core.reconcile.GrossErrors;
import jugulum.core.reconcile.Reconciliation;

/**
 * The sand of a whole batch made to add up by least squares, beside what was measured; and the
 * weights that do not fit.
 *
 * <p>All sand is weighed on one scale. Its calibration, a share c of every weight m, puts c²·m·mᵀ
 * beside the variances V of the readings; in the balances that is c²·(A m)(A m)ᵀ, and since A m is
 * nothing but what the balances are off, a share c of it, it falls out of them: V alone decides
 * what fits, and c·m is added to the spread of every adjusted weight (JCGM 100:2008, 5.2.2). Every
 * step gives away what it takes but for a handling loss of 0, give or take: the closure tolerance
 * is taken for the end of its 95 % range. Nothing is changed by this: readings stay as they are,
 * and every other figure of the account rests on what was measured.
 */
public final class SandBalance {
  /**
   * A slip is told where it brings the weight this many standard deviations near to what the others
   * say: the ends of a 99 % range.
   */
  private static final double NEAR = 2.575829303548901;

  private final Network network;
  private final List<Step> nodes;
  private final List<Lot> lots;
  private final Reconciliation fit;
  private final Optional<GrossErrors> errors;
  private final Map<LotId, Adjusted> adjusted = new TreeMap<>();
  private final List<Misfit> misfits;

  /**
   * Weights of which one cannot be right, or a loss.
   *
   * @param lots the lots whose weights they are, the likeliest first; empty where only a loss
   *     explains it
   * @param lossAt steps whose sand may have gone astray instead
   * @param expected what each of the lots would have to weigh by all the other weights, in grams,
   *     with its spread
   * @param again the one lot to weigh again, which settles it or leaves one weight fewer; empty
   *     where none of them is there any more
   * @param measurementTest how loudly the others contradict: the adjustment over its standard
   *     deviation
   */
  public record Misfit(
      List<LotId> lots,
      List<StepId> lossAt,
      Map<LotId, Adjusted> expected,
      Optional<LotId> again,
      double measurementTest) {
    /** Keeps its own copies. */
    public Misfit {
      lots = List.copyOf(lots);
      lossAt = List.copyOf(lossAt);
      expected = Map.copyOf(expected);
    }

    /** Whether one weight alone stands out. */
    public boolean isOneWeight() {
      return lots.size() == 1 && lossAt.isEmpty();
    }
  }

  private SandBalance(Network network, SandAccount sand) {
    this.network = network;
    this.nodes = network.steps().stream().filter(step -> !step.inputs().isEmpty()).toList();
    this.lots = network.lots();
    List<Flow> flows = flows(sand);
    this.fit = Reconciliation.of(nodes.size(), flows);
    this.errors = fit.fits() ? Optional.empty() : Optional.of(GrossErrors.of(nodes.size(), flows));
    this.misfits =
        errors.stream()
            .flatMap(found -> found.suspects().stream().map(suspect -> misfit(found, suspect)))
            .toList();
    Reconciliation without = errors.map(GrossErrors::left).orElse(fit);
    double calibration = network.batch().assumptions().scaleCalibration();
    IntStream.range(0, lots.size())
        .forEach(
            i -> {
              LotId lot = lots.get(i).id();
              LotMass mass = sand.mass(lot);
              double share =
                  mass.basis() == LotMass.Basis.WEIGHED && mass.grams() > 0
                      ? mass.sharedSdG() / mass.grams()
                      : calibration;
              adjusted.put(lot, calibrated(without.adjusted(i), share));
            });
    misfits.forEach(
        misfit ->
            misfit
                .expected()
                .forEach(
                    (lot, expected) -> adjusted.put(lot, suspect(lot, expected, misfit, sand))));
  }

  /** Works out the balance of a batch. */
  public static SandBalance of(Network network, SandAccount sand) {
    return new SandBalance(network, sand);
  }

  /**
   * What the scale's calibration is off is the same share of every weight: no balance sees it, and
   * every adjusted weight carries it.
   */
  private static Adjusted calibrated(Adjusted one, double calibration) {
    double sd = Math.hypot(one.sd(), calibration * one.value().orElse(0));
    return new Adjusted(one.state(), one.value(), sd, one.adjustment(), one.measurementTest());
  }

  /** A weight that cannot be right is told beside what it would have to be. */
  private static Adjusted suspect(LotId lot, Adjusted expected, Misfit misfit, SandAccount sand) {
    double moved = expected.value().orElse(sand.mass(lot).grams()) - sand.mass(lot).grams();
    return new Adjusted(
        Adjusted.State.REDUNDANT, expected.value(), expected.sd(), moved, misfit.measurementTest());
  }

  private List<Flow> flows(SandAccount sand) {
    Map<StepId, Integer> number = new HashMap<>();
    nodes.forEach(step -> number.put(step.id(), number.size()));
    List<Flow> flows = new ArrayList<>();
    for (Lot lot : lots) {
      int from =
          network
              .maker(lot.id())
              .map(step -> number.getOrDefault(step.id(), Flow.OUTSIDE))
              .orElse(Flow.OUTSIDE);
      int to =
          network.taker(lot.id()).map(step -> Check.known(number, step.id())).orElse(Flow.OUTSIDE);
      LotMass mass = sand.mass(lot.id());
      flows.add(
          mass.isMeasured()
              ? Flow.measured(from, to, mass.grams(), spread(mass.ownSdG()))
              : Flow.free(from, to));
    }
    for (Step step : nodes) {
      flows.add(
          Flow.measured(
              Check.known(number, step.id()), Flow.OUTSIDE, 0, spread(lossSdG(step, sand))));
    }
    return flows;
  }

  private static double spread(double sd) {
    return Math.max(Flow.LEAST_SD, sd);
  }

  /** By what went in; where nobody knows that, by what came out. */
  private double lossSdG(Step step, SandAccount sand) {
    double in = step.inputs().stream().mapToDouble(lot -> sand.mass(lot).grams()).sum();
    double out = step.outputs().stream().mapToDouble(lot -> sand.mass(lot).grams()).sum();
    return SandAccount.tolerance(network.batch(), step) * (in > 0 ? in : out) / Normal.Z95;
  }

  private Misfit misfit(GrossErrors errors, GrossErrors.Suspect suspect) {
    Map<LotId, Adjusted> expected = new TreeMap<>();
    List<LotId> named = new ArrayList<>();
    List<StepId> lossAt = new ArrayList<>();
    for (int flow : suspect.flows()) {
      Adjusted should = errors.expected(suspect, flow);
      boolean possible = should.value().orElse(0) + NEAR * should.sd() >= 0;
      if (flow >= lots.size()) {
        Optional.of(nodes.get(flow - lots.size()).id())
            .filter(_ -> possible && should.value().orElse(0) > 0)
            .ifPresent(lossAt::add);
      } else if (possible) {
        named.add(lots.get(flow).id());
        expected.put(lots.get(flow).id(), should);
      }
    }
    return new Misfit(named, lossAt, expected, again(named), suspect.measurementTest());
  }

  /** A lot that was run on is no longer there to be weighed; of those that are, the likeliest. */
  private Optional<LotId> again(List<LotId> named) {
    return named.stream().filter(lot -> network.taker(lot).isEmpty()).findFirst();
  }

  /**
   * What the whole network lets say of a live lot's mass; weights that cannot be right are left
   * out, and have beside them what each would have to be if it is the one.
   */
  public Adjusted of(LotId lot) {
    return Check.known(adjusted, lot);
  }

  /** The lots with what the network lets say of their mass, in the order made. */
  public Map<LotId, Adjusted> lots() {
    return adjusted;
  }

  /** The global test's statistic, 0 or more. */
  public double statistic() {
    return fit.statistic();
  }

  /** How many sums the weights have to meet. */
  public int degrees() {
    return fit.degrees();
  }

  /** What the statistic stays below in 95 of 100 batches without a slip. */
  public double limit() {
    return fit.limit();
  }

  /** Whether the weights fit together; so they do where nothing checks them. */
  public boolean fits() {
    return fit.fits();
  }

  /** The weights that do not fit, the loudest first; none while all fit together. */
  public List<Misfit> misfits() {
    return misfits;
  }

  /**
   * Whether all fits together without the misfits; if not, the weights contradict each other and no
   * further one stands out.
   */
  public boolean isExplained() {
    return errors.map(GrossErrors::isExplained).orElse(true);
  }

  /** The lots without a weight whose mass the others do not tell either. */
  public List<LotId> open() {
    return lots.stream()
        .map(Lot::id)
        .filter(lot -> of(lot).state() == Adjusted.State.UNOBSERVABLE)
        .toList();
  }

  /**
   * The slips that would explain a misfit: each brings a weight to what the others say it should
   * be, nearest first.
   *
   * @param containersG the weights of the containers the shop knows, in grams
   */
  public List<Suspicion> slips(Misfit misfit, List<Double> containersG) {
    Slips slips = new Slips(network, containersG);
    List<Suspicion> found = new ArrayList<>();
    for (Lot lot : network.lots(misfit.lots())) {
      Adjusted expected = Check.known(misfit.expected(), lot.id());
      for (Reading reading : lot.readings()) {
        if (reading.isLive() && reading.measure() instanceof SandWeight weight) {
          slips
              .of(weight)
              .flatMap(righted -> fitting(lot, reading, righted, expected).stream())
              .forEach(found::add);
        }
      }
    }
    found.sort(Comparator.comparingDouble(one -> Math.abs(one.missesG())));
    return List.copyOf(found);
  }

  private static Optional<Suspicion> fitting(
      Lot lot, Reading reading, Slips.Righted righted, Adjusted expected) {
    OptionalDouble value = expected.value();
    double misses = Slips.dryG(lot, reading, righted) - value.orElse(Double.NaN);
    return Math.abs(misses) <= NEAR * expected.sd()
        ? Optional.of(
            new Suspicion(
                lot.id(), reading.id(), righted.slip(), righted.readG(), righted.rightG(), misses))
        : Optional.empty();
  }
}
