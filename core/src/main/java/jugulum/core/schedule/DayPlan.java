package jugulum.core.schedule;

import java.util.List;
import java.util.Optional;

/**
 * A day as it is planned.
 *
 * @param slots what is done when, in the order of their beginnings
 * @param left what is not done today, and why
 * @param end when the last that takes hands or a machine is done, in minutes from midnight; now
 *     where nothing is
 * @param proof how good it is
 */
public record DayPlan(List<Slot> slots, List<Left> left, int end, Proof proof) {
  /** Keeps its own copies. */
  public DayPlan {
    slots = List.copyOf(slots);
    left = List.copyOf(left);
  }

  /**
   * When a task is done.
   *
   * @param task which
   * @param from in minutes from midnight
   * @param to in minutes from midnight
   */
  public record Slot(String task, int from, int to) {}

  /**
   * What is not done today.
   *
   * @param task which
   * @param why why not
   */
  public record Left(String task, Why why) {}

  /** Why something is not done today. */
  public enum Why {
    /** A person said so. */
    SAID,
    /** Other things bring more in the time there is, or there is none. */
    NO_TIME,
    /** It does not end by when a person said. */
    TOO_LATE,
    /** The battery does not last for it. */
    NO_POWER,
    /** The tank does not last for it. */
    NO_WATER,
    /** No tray is large enough. */
    NO_ROOM,
    /** Its machine is not there, or out of use. */
    NO_MACHINE,
    /** What comes before it is not done. */
    WAITS,
    /** Each waits for the other. */
    CYCLE,
    /** Water and wet sand do not work in frost. */
    FROST
  }

  /** How good a plan is. */
  public sealed interface Proof {
    /** None ends earlier, or brings more, for these minutes. */
    record Best() implements Proof {}

    /**
     * There may be a better one.
     *
     * @param share by how much at most, as a share of this one's length or worth, 0 to 1
     */
    record Within(double share) implements Proof {}

    /**
     * The order of before stands, though another would do better.
     *
     * @param share by how much at most, as a share of this one's length or worth, 0 to 1
     */
    record Kept(double share) implements Proof {}
  }

  /** When a task is planned. */
  public Optional<Slot> slot(String task) {
    return slots.stream().filter(slot -> slot.task().equals(task)).findFirst();
  }

  /** Why a task is not done today; empty where it is. */
  public Optional<Why> why(String task) {
    return left.stream().filter(one -> one.task().equals(task)).findFirst().map(Left::why);
  }
}
