package jugulum.core.season;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import jugulum.core.check.Band;
import jugulum.core.gold.GoldRange;
import jugulum.core.gold.Stage;
import jugulum.core.ledger.Network;
import jugulum.core.ledger.Process;
import jugulum.core.ledger.Step;
import jugulum.core.screens.Screen;
import jugulum.core.trial.Logit;

/**
 * A step of a batch that parts gold from sand, with what it won.
 *
 * @param work of which kind
 * @param machine on which machine, by its name; empty for a magnet
 * @param cut the sizes it took, in the notation of cuts
 * @param lower the screen that retains them, by its label; empty where none does
 * @param at when it was begun
 * @param wonMg the gold that went on, in mg, 0 or more
 * @param leftMg the gold in what was set aside, in mg, 0 or more
 * @param recovery the share that went on, 0 to 1, with its 95 % range; empty where it was not told
 *     or lots nobody looked at bound it only
 * @param habits what it shows of habits
 */
public record Part(
    Work work,
    String machine,
    String cut,
    String lower,
    Instant at,
    double wonMg,
    double leftMg,
    Optional<Band> recovery,
    List<Habit> habits) {
  /** No recovery is told closer to none or all than that. */
  static final double EDGE = 0.002;

  /** Keeps its own copy. */
  public Part {
    habits = List.copyOf(habits);
  }

  /**
   * Its recovery as a logit.
   *
   * @throws java.util.NoSuchElementException if it was not told
   */
  double logit() {
    return Logit.of(recovery.orElseThrow().usual(), EDGE);
  }

  static Part of(Step step, Network network, Stage stage) {
    return new Part(
        Work.of(step.process()),
        step.process() instanceof Process.GravityRun run ? run.machine().name() : "",
        network.cutInto(step).notation(),
        network.cutInto(step).retained().map(Screen::label).orElse(""),
        step.startedAt(),
        milligrams(stage.won()),
        milligrams(stage.left()),
        stage.recovery().filter(_ -> stage.bound() == Stage.Bound.TOLD),
        Habit.of(step, network.cutInto(step)));
  }

  private static double milligrams(Optional<GoldRange> gold) {
    return gold.map(GoldRange::milligrams).orElse(0.0);
  }
}
