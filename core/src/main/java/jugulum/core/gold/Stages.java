package jugulum.core.gold;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Predicate;
import java.util.stream.Stream;
import jugulum.core.check.Band;
import jugulum.core.check.Check;
import jugulum.core.gold.Stage.Balance;
import jugulum.core.gold.Stage.Bound;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Network;
import jugulum.core.ledger.Process;
import jugulum.core.ledger.Step;
import jugulum.core.ledger.StepId;
import jugulum.core.mass.SandAccount;

/** Works out what every step that parts gold from sand did to it, from the draws of the lots. */
final class Stages {
  private final Network network;
  private final SandAccount sand;
  private final Map<LotId, Draws> draws;
  private final Set<LotId> together;
  private final Map<LotId, Draws> whole;
  private final GoldMemory memory;
  private final Map<LotId, Through> through = new HashMap<>();

  /**
   * The gold that went through a lot.
   *
   * @param gold free gold, or both kinds where nobody told them apart
   * @param unseen lots nobody looked at that it may also lie in
   * @param seen the lots it was found in
   */
  private record Through(Optional<Draws> gold, List<LotId> unseen, List<LotId> seen) {}

  private record TwoProductKey(Draws fed, Draws won, Draws left, List<Double> masses) {}

  private record Gap(Draws one, Draws other) {}

  /**
   * For a batch.
   *
   * @param draws free gold of the lots, or both kinds where nobody told them apart
   * @param together the lots of which nobody told them apart
   * @param whole both kinds together, of the lots of which both are known
   */
  Stages(
      Network network,
      SandAccount sand,
      Map<LotId, Draws> draws,
      List<LotId> together,
      Map<LotId, Draws> whole,
      GoldMemory memory) {
    this.network = network;
    this.sand = sand;
    this.draws = draws;
    this.together = Set.copyOf(together);
    this.whole = whole;
    this.memory = memory;
    followAll();
  }

  Map<StepId, Stage> all() {
    List<Step> steps = network.steps().stream().filter(step -> parts(step.process())).toList();
    steps.stream().flatMap(this::told).toList().parallelStream().forEach(Draws::range);
    Map<StepId, Stage> stages = new TreeMap<>();
    steps.forEach(step -> stages.put(step.id(), stage(step)));
    return stages;
  }

  /**
   * Draws whose ranges a stage tells: found by several threads before they are asked for one by
   * one.
   */
  private Stream<Draws> told(Step step) {
    Optional<Draws> won = port(step, Stages::isWon).gold();
    Optional<Draws> again = port(step, Stages::goesAgain).gold();
    Optional<Draws> left = port(step, material -> !isWon(material) && !goesAgain(material)).gold();
    Optional<Draws> share =
        won.flatMap(gold -> sum(List.of(won, again, left)).map(all -> memory.share(gold, all)));
    return Stream.of(won, again, left, share).flatMap(Optional::stream);
  }

  /** Whether a kind of work parts gold from sand. Screens part sizes: all of it goes on. */
  private static boolean parts(Process process) {
    return switch (process) {
      case Process.GravityRun _, Process.MagnetRun _, Process.Finishing _ -> true;
      case Process.Receive _, Process.Screening _, Process.Merging _, Process.Splitting _ -> false;
    };
  }

  private Stage stage(Step step) {
    Through won = port(step, Stages::isWon);
    Through again = port(step, Stages::goesAgain);
    Through left = port(step, material -> !isWon(material) && !goesAgain(material));
    List<LotId> unseen = new ArrayList<>(won.unseen());
    unseen.addAll(again.unseen());
    unseen.addAll(left.unseen());
    List<LotId> seen = Stream.of(won, again, left).flatMap(part -> part.seen().stream()).toList();
    List<LotId> mixed = seen.stream().filter(together::contains).toList();
    boolean allTogether = mixed.size() == seen.size();
    boolean mixedWon = !allTogether && won.seen().stream().anyMatch(together::contains);
    boolean mixedLoss =
        !allTogether
            && Stream.of(again, left)
                .flatMap(part -> part.seen().stream())
                .anyMatch(together::contains);
    boolean openLoss = unseen.size() > won.unseen().size();
    Bound bound = bound(!won.unseen().isEmpty() || mixedLoss, openLoss || mixedWon);
    Optional<Band> recovery =
        won.gold()
            .filter(_ -> bound != Bound.OPEN)
            .map(gold -> recovery(gold, List.of(again, left)));
    OptionalDouble ratio = ratio(step);
    Optional<Draws> fed =
        sum(step.inputs().stream().map(id -> Optional.ofNullable(draws.get(id))).toList())
            .filter(_ -> draws.keySet().containsAll(step.inputs()));
    return new Stage(
        fed.map(Draws::range),
        won.gold().map(Draws::range),
        again.gold().map(Draws::range),
        left.gold().map(Draws::range),
        bound,
        allTogether && !seen.isEmpty() ? Recovery.Of.ALL : Recovery.Of.FREE,
        unseen,
        allTogether ? List.of() : mixed,
        recovery,
        ratio,
        recovery.filter(_ -> ratio.isPresent()).map(share -> share.times(ratio.getAsDouble())),
        balance(
            step,
            fed,
            won.gold(),
            left.gold(),
            unseen.isEmpty()
                && (mixed.isEmpty()
                    ? step.inputs().stream().noneMatch(together::contains)
                    : allTogether)));
  }

  /**
   * By assays of what went in and came out, each of both kinds together, or by what was found of
   * free gold: grades of one kind, never of two.
   */
  private Optional<Balance> balance(
      Step step,
      Optional<Draws> fed,
      Optional<Draws> won,
      Optional<Draws> left,
      boolean ofOneKind) {
    if (whole.keySet().containsAll(step.inputs()) && whole.keySet().containsAll(step.outputs())) {
      return balance(
          step,
          whole,
          sum(step.inputs().stream().map(id -> Optional.of(Check.known(whole, id))).toList()),
          own(step, whole, Stages::isWon),
          own(step, whole, material -> material == Material.TAILINGS));
    }
    return ofOneKind ? balance(step, draws, fed, won, left) : Optional.empty();
  }

  /** What goes on towards the vial. */
  private static boolean isWon(Material material) {
    return switch (material) {
      case CONCENTRATE, SECOND_CONCENTRATE, NON_MAGNETICS, GOLD -> true;
      case FEED, CUT, MAGNETICS, MIDDLINGS, SAFETY_CATCH, TAILINGS, RESIDUE, MERGED, PART -> false;
    };
  }

  private static boolean goesAgain(Material material) {
    return material == Material.MIDDLINGS || material == Material.SAFETY_CATCH;
  }

  private static Bound bound(boolean openGain, boolean openLoss) {
    if (openGain) {
      return openLoss ? Bound.OPEN : Bound.AT_LEAST;
    }
    return openLoss ? Bound.AT_MOST : Bound.TOLD;
  }

  private Band recovery(Draws won, List<Through> others) {
    List<Optional<Draws>> parts = new ArrayList<>(List.of(Optional.of(won)));
    others.forEach(other -> parts.add(other.gold()));
    Draws found = sum(parts).orElseThrow();
    return band(memory.share(won, found));
  }

  private double fedG(Step step) {
    return step.inputs().stream().mapToDouble(id -> sand.mass(id).grams()).sum();
  }

  private List<Lot> products(Step step, Predicate<Material> which) {
    return network.lots(step.outputs()).stream().filter(lot -> which.test(lot.material())).toList();
  }

  private OptionalDouble ratio(Step step) {
    double in = fedG(step);
    double out = massOf(step, Stages::isWon);
    return in > 0 && out > 0 ? OptionalDouble.of(in / out) : OptionalDouble.empty();
  }

  /** The mass of some products; 0 where one of them is not known. */
  private double massOf(Step step, Predicate<Material> which) {
    List<Lot> lots = products(step, which);
    boolean known = lots.stream().allMatch(lot -> sand.mass(lot.id()).isKnown());
    return known ? lots.stream().mapToDouble(lot -> sand.mass(lot.id()).grams()).sum() : 0;
  }

  /** With middlings there are three products, and no two-product formula. */
  private Optional<Balance> balance(
      Step step,
      Map<LotId, Draws> looked,
      Optional<Draws> fed,
      Optional<Draws> won,
      Optional<Draws> left) {
    double in = fedG(step);
    double concentrate = massOf(step, Stages::isWon);
    double tailings = massOf(step, material -> material == Material.TAILINGS);
    boolean two =
        products(step, material -> !isWon(material) && material != Material.TAILINGS).isEmpty();
    if (!two
        || fed.isEmpty()
        || won.isEmpty()
        || left.isEmpty()
        || !(in > 0 && concentrate > 0 && tailings > 0)) {
      return Optional.empty();
    }
    Draws rich = own(step, looked, Stages::isWon).orElse(won.get());
    Draws poor = own(step, looked, material -> material == Material.TAILINGS).orElse(left.get());
    double f = fed.get().mean() / in;
    if (!(poor.mean() / tailings < f && f < rich.mean() / concentrate)) {
      return Optional.empty();
    }
    Draws checked = memory.share(won.get(), fed.get());
    Draws byGrades =
        memory.recall(
            new TwoProductKey(fed.get(), rich, poor, List.of(in, concentrate, tailings)),
            () ->
                Draws.twoProduct(
                    fed.get().times(1 / in),
                    rich.times(1 / concentrate),
                    poor.times(1 / tailings)));
    Draws gap = memory.recall(new Gap(byGrades, checked), () -> byGrades.less(checked));
    return Optional.of(new Balance(band(checked), band(byGrades), band(gap)));
  }

  /**
   * What the products themselves were found to hold, where all of them were looked at: a grade
   * needs no weight of what was made of them.
   */
  private Optional<Draws> own(Step step, Map<LotId, Draws> looked, Predicate<Material> which) {
    List<Optional<Draws>> lots =
        products(step, which).stream()
            .map(lot -> Optional.ofNullable(looked.get(lot.id())))
            .toList();
    return lots.stream().allMatch(Optional::isPresent) ? sum(lots) : Optional.empty();
  }

  private static Band band(Draws of) {
    GoldRange range = of.range();
    return new Band(
        range.lowMg(),
        Math.clamp(range.milligrams(), range.lowMg(), range.highMg()),
        range.highMg());
  }

  private Through port(Step step, Predicate<Material> which) {
    return together(products(step, which).stream().map(lot -> through(lot.id())).toList());
  }

  private Through together(List<Through> parts) {
    return new Through(
        sum(parts.stream().map(Through::gold).toList()),
        parts.stream().flatMap(part -> part.unseen().stream()).toList(),
        parts.stream().flatMap(part -> part.seen().stream()).toList());
  }

  private Optional<Draws> sum(List<Optional<Draws>> parts) {
    return memory.sum(parts.stream().flatMap(Optional::stream).toList());
  }

  private Through through(LotId lot) {
    return Check.known(through, lot);
  }

  /**
   * From the last step back, so that what became of a lot is known before the lot is asked for: no
   * chain of runs is too long.
   */
  private void followAll() {
    for (Step step : network.steps().reversed()) {
      step.outputs().forEach(lot -> through.put(lot, follow(lot)));
    }
  }

  /**
   * Where lots were put together nobody can say which of them the gold came from: only a look
   * before tells.
   */
  private Through follow(LotId lot) {
    Optional<Draws> own = Optional.ofNullable(draws.get(lot));
    Optional<Step> taker = network.taker(lot);
    if (taker.isEmpty() || taker.get().inputs().size() > 1) {
      return new Through(
          own,
          own.isPresent() ? List.of() : List.of(lot),
          own.isPresent() ? List.of(lot) : List.of());
    }
    Through on = together(taker.get().outputs().stream().map(this::through).toList());
    return on.unseen().isEmpty() || own.isEmpty() ? on : new Through(own, List.of(), List.of(lot));
  }
}
