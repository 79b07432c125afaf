package jugulum.core.runs;

import java.time.Instant;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.Deque;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.TreeMap;
import java.util.stream.Stream;
import jugulum.core.check.Band;
import jugulum.core.check.Check;
import jugulum.core.gold.GoldAccount;
import jugulum.core.gold.Stage;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Machine;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.Network;
import jugulum.core.ledger.Process;
import jugulum.core.ledger.Step;
import jugulum.core.ledger.StepId;
import jugulum.core.machine.RunLog;
import jugulum.core.magnet.MagnetStage;
import jugulum.core.mass.SandAccount;
import jugulum.core.screens.Cut;
import jugulum.core.trial.SpikeBack;

/**
 * One run over a machine: how it was set, and what came of it.
 *
 * @param step which
 * @param machine on what
 * @param kind whether its sand came to a machine for the first time
 * @param startedAt when it was begun
 * @param cut the sizes of what it took
 * @param fedG what it took, in grams; empty where that is not known
 * @param settings how each dial was set last, by its name
 * @param minutes how long it ran, in minutes; empty where nobody started a watch, while it runs,
 *     and of a night
 * @param stage what it did to the gold
 * @param spiked what came back of a spike of known gold that was in its sand
 * @param tailingsGrade gold left in the tailings, in mg/kg; empty where nobody looked or their mass
 *     is not known
 * @param magnet of a magnet, what it took; empty for others, and while that is not weighed
 */
public record PastRun(
    StepId step,
    Machine machine,
    Kind kind,
    Instant startedAt,
    Cut cut,
    OptionalDouble fedG,
    Map<String, Double> settings,
    OptionalDouble minutes,
    Stage stage,
    Optional<SpikeBack> spiked,
    OptionalDouble tailingsGrade,
    Optional<MagnetStage> magnet) {
  /** Whether the sand of a run came to a machine for the first time. */
  public enum Kind {
    FIRST,
    /** A concentrate, once more to make it smaller. */
    REDUCTION,
    /** Middlings, tailings or what else was set aside, once more to win what was missed. */
    RERUN;

    /** The kind a run of a lot is: what a pool is made of was run before. */
    public static Kind of(Network network, Lot lot) {
      Kind own = of(lot.material(), network.maker(lot.id()));
      return own == FIRST
          ? network.batch().pool().map(pool -> of(pool.mostly(), Optional.empty())).orElse(FIRST)
          : own;
    }

    private static Kind of(Material material, Optional<Step> maker) {
      boolean again =
          maker.filter(step -> step.process() instanceof Process.GravityRun).isPresent();
      return switch (material) {
        case CONCENTRATE, SECOND_CONCENTRATE -> again ? REDUCTION : FIRST;
        case MIDDLINGS, SAFETY_CATCH, TAILINGS, RESIDUE, MAGNETICS -> RERUN;
        case FEED, CUT, NON_MAGNETICS, GOLD, MERGED, PART -> FIRST;
      };
    }
  }

  /** Keeps its own copy. */
  public PastRun {
    settings = Map.copyOf(settings);
  }

  /** The live runs of a batch, in the order they were begun. */
  public static List<PastRun> of(Network network, SandAccount sand, GoldAccount gold) {
    return network.steps().stream()
        .flatMap(
            step -> step.process().on().map(one -> of(step, one, network, sand, gold)).stream())
        .toList();
  }

  private static PastRun of(
      Step step, Machine machine, Network network, SandAccount sand, GoldAccount gold) {
    double fed = step.inputs().stream().mapToDouble(id -> sand.mass(id).grams()).sum();
    boolean known = step.inputs().stream().allMatch(id -> sand.mass(id).isKnown());
    Stage stage = Check.known(gold.stages(), step.id());
    return new PastRun(
        step.id(),
        machine,
        kind(step, network),
        step.startedAt(),
        network.cutInto(step),
        known ? OptionalDouble.of(fed) : OptionalDouble.empty(),
        settings(step),
        // A night tells nothing of how fast a machine is when somebody stands by.
        step.process().isOvernight() ? OptionalDouble.empty() : RunLog.of(step).minutes(),
        stage,
        Optional.empty(),
        grade(step, network, sand, stage),
        MagnetStage.of(network, sand, gold, step));
  }

  /** Lots joined for a run are as many kinds as they were: what was run before makes it a rerun. */
  private static Kind kind(Step step, Network network) {
    return parts(network, step.inputs())
        .map(lot -> Kind.of(network, lot))
        .max(Comparator.naturalOrder())
        .orElse(Kind.FIRST);
  }

  /** The lots themselves, or what they were put together from or parted out of. */
  private static Stream<Lot> parts(Network network, List<LotId> inputs) {
    List<Lot> parts = new ArrayList<>();
    Deque<Lot> open = new ArrayDeque<>(network.lots(inputs));
    while (!open.isEmpty()) {
      Lot lot = open.pop();
      Optional<Step> joined =
          network
              .maker(lot.id())
              .filter(
                  step ->
                      step.process() instanceof Process.Merging
                          || step.process() instanceof Process.Splitting);
      joined.ifPresentOrElse(
          step -> open.addAll(network.lots(step.inputs())), () -> parts.add(lot));
    }
    return parts.stream();
  }

  /** How each dial of a step was set last. */
  public static Map<String, Double> settings(Step step) {
    Map<String, Double> last = new TreeMap<>();
    step.live(Measure.Setting.class)
        .map(reading -> (Measure.Setting) reading.measure())
        .forEach(set -> last.put(set.dial(), set.value()));
    return last;
  }

  private static OptionalDouble grade(Step step, Network network, SandAccount sand, Stage stage) {
    double grams =
        network.lots(step.outputs()).stream()
            .filter(lot -> lot.material() == Material.TAILINGS)
            .mapToDouble(lot -> sand.mass(lot.id()).grams())
            .sum();
    return stage.left().isPresent() && grams > 0
        ? OptionalDouble.of(stage.left().get().milligrams() / (grams / 1000))
        : OptionalDouble.empty();
  }

  /** The same with what came back of a spike that was in its sand. */
  public PastRun with(SpikeBack back) {
    return new PastRun(
        step,
        machine,
        kind,
        startedAt,
        cut,
        fedG,
        settings,
        minutes,
        stage,
        Optional.of(back),
        tailingsGrade,
        magnet);
  }

  /**
   * Whether its recovery may count in the machine's record: told, with every lot looked at, or by a
   * spike, which tells it though nobody looked at the tailings.
   */
  public boolean isTold() {
    return isToldByLots() || spiked.isPresent();
  }

  private boolean isToldByLots() {
    return stage.recovery().isPresent() && stage.bound() == Stage.Bound.TOLD;
  }

  /** The share won, 0 to 1, with its 95 % range: by its lots, else by its spike. */
  public Optional<Band> recovery() {
    return spiked.filter(_ -> !isToldByLots()).map(PastRun::band).or(stage::recovery);
  }

  private static Band band(SpikeBack back) {
    SpikeBack.Recovered share = back.recovery();
    return new Band(share.low(), (share.least() + share.most()) / 2, share.high());
  }

  /** What lots nobody looked at mean for the recovery. */
  public Stage.Bound bound() {
    return spiked.isPresent() ? Stage.Bound.TOLD : stage.bound();
  }

  /** How a dial was set; empty where nobody said. */
  public Optional<Double> setting(String dial) {
    return Optional.ofNullable(settings.get(dial));
  }
}
