package jugulum.core.season;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import jugulum.core.check.Band;
import jugulum.core.gold.GoldRange;
import jugulum.core.gold.Stage;
import jugulum.core.ledger.Machine;
import jugulum.core.ledger.Network;
import jugulum.core.ledger.Process;
import jugulum.core.ledger.Step;
import jugulum.core.ledger.StepId;
import jugulum.core.runs.PastRun;
import jugulum.core.screens.Screen;
import jugulum.core.shop.Shop;
import jugulum.core.trial.Logit;

/**
 * A step of a batch that parts gold from sand, with what it won.
 *
 * @param step which step of its batch
 * @param work of which kind
 * @param machine on which machine, by its name; empty for a magnet
 * @param kind of which kind that is; empty for a magnet
 * @param cut the sizes it took, in the notation of cuts
 * @param lower the screen that retains them, by its label; empty where none does
 * @param at when it was begun
 * @param wonMg the gold that went on, in mg, 0 or more
 * @param leftMg the gold in what was set aside, in mg, 0 or more
 * @param recovery the share that went on, 0 to 1, with its 95 % range; empty where it was not told
 *     or lots nobody looked at bound it only
 * @param habits what it shows of habits, whoever's the machine is
 * @param set where its dials stood, by name
 */
public record PartingStep(
    StepId step,
    KindOfWork work,
    String machine,
    Optional<Machine.Kind> kind,
    String cut,
    String lower,
    Instant at,
    double wonMg,
    double leftMg,
    Optional<Band> recovery,
    List<Habit> habits,
    Map<String, Double> set) {
  /** No recovery is told closer to none or all than that. */
  static final double EDGE = 0.002;

  /** Keeps its own copies. */
  public PartingStep {
    habits = List.copyOf(habits);
    set = Map.copyOf(set);
  }

  /**
   * Its recovery as a logit.
   *
   * @throws java.util.NoSuchElementException if it was not told
   */
  double logit() {
    return Logit.of(recovery.orElseThrow().usual(), EDGE);
  }

  /**
   * What it shows of habits where the machine's dials stand as they do in that shop: one's own
   * usual goes before that of the kind.
   */
  List<Habit> habits(Shop shop) {
    return Stream.concat(
            habits.stream(),
            kind.stream()
                .map(of -> shop.gear(new Machine(of, machine)))
                .flatMap(gear -> Habit.ofDials(set, gear.sheet(cut)).stream()))
        .toList();
  }

  static PartingStep of(Step step, Network network, Stage stage) {
    return new PartingStep(
        step.id(),
        KindOfWork.of(step.process()),
        machine(step).map(Machine::name).orElse(""),
        machine(step).map(Machine::kind),
        network.cutInto(step).notation(),
        network.cutInto(step).retained().map(Screen::label).orElse(""),
        step.startedAt(),
        milligrams(stage.won()),
        milligrams(stage.left()),
        stage.recovery().filter(_ -> stage.bound() == Stage.Bound.TOLD),
        Habit.of(step, network.cutInto(step), network.batch().assumptions().finestSeenMm()),
        PastRun.settings(step));
  }

  private static Optional<Machine> machine(Step step) {
    return step.process() instanceof Process.GravityRun run
        ? Optional.of(run.machine())
        : Optional.empty();
  }

  private static double milligrams(Optional<GoldRange> gold) {
    return gold.map(GoldRange::milligrams).orElse(0.0);
  }
}
