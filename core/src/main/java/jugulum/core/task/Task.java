package jugulum.core.task;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Route;
import jugulum.core.ledger.StepId;
import jugulum.core.machine.Gear;

/**
 * One open question of a batch: something to weigh, count, set, look at or begin. What it asks for
 * is in its parts; {@link Answers} makes an edit of what is typed for them.
 *
 * @param kind what is to be done
 * @param subject what it belongs to
 * @param parts what to type, in order; empty where there is only to do it
 * @param due when it is due; empty for what has no hour
 * @param leg the leg of the route it follows, for a step to begin
 * @param gear the machine it is run over, for a run to begin; empty for others
 */
public record Task(
    Kind kind,
    Subject subject,
    List<Part> parts,
    Optional<Instant> due,
    Optional<Route.Leg> leg,
    Optional<Gear> gear) {
  /** What is to be done. */
  public enum Kind {
    /** A lot goes on the scale. */
    WEIGH,
    /** Gold goes on the scale. */
    WEIGH_GOLD,
    /** Coarse sand is looked over for pieces before it is set aside. */
    LOOK_OVER,
    /** A sample is panned, to see what leaves or what was lifted. */
    LOOK,
    /** The magnet goes over the sand once more. */
    PASS,
    /** A check of a bench sheet is made. */
    CHECK,
    /** A dial is set. */
    SET,
    /** The machine is started. */
    START,
    /** The sand is through, and the machine is stopped. */
    STOP,
    /** The next load is laid in. */
    CHARGE,
    /** What gold is finished on. */
    FINISH_TOOL,
    /** One thing to do of a turn. */
    FINISH_ACT,
    /** The last lift of a bowl, counted. */
    FINISH_LIFT,
    /** What was drawn up goes on the scale. */
    FINISH_TURN,
    /** Another turn, or the end. */
    FINISH_AGAIN,
    /** Sand is taken to be smelted. */
    MELT_TAKE,
    /** Somebody looks whether it is so before there is heat, and says yes. */
    MELT_STOP,
    /** What the sand to be melted is. */
    MELT_SANDS,
    /** The roast begins. */
    MELT_ROAST,
    /** What comes out of the roast goes on the scale. */
    MELT_ROASTED,
    /** A crucible is charged. */
    MELT_CHARGE,
    /** It goes into the furnace. */
    MELT_START,
    /** The melt is quiet, and is poured. */
    MELT_POUR,
    /** The button goes on the scale. */
    MELT_BUTTON,
    /** The button goes into the cupel. */
    MELT_CUPEL,
    /** The bead goes on the scale. */
    MELT_BEAD,
    /** A laboratory says what it parted out of the bead. */
    MELT_PARTED,
    /** A step has all its answers, and is called done. */
    FINISH_STEP,
    /** A way to go is chosen, so that next steps can be offered. */
    CHOOSE_ROUTE,
    /** A step of the route begins. */
    BEGIN,
    /** A lot is put into a bag. */
    KEEP,
    /** Nothing is left to do. */
    CLOSE;

    /** Whether it leads through the finishing of gold. */
    public boolean isOfFinishing() {
      return switch (this) {
        case FINISH_TOOL, FINISH_ACT, FINISH_LIFT, FINISH_TURN, FINISH_AGAIN -> true;
        default -> false;
      };
    }
  }

  /** What a task belongs to. */
  public sealed interface Subject {
    /** The whole batch. */
    record OfBatch() implements Subject {}

    /** A lot. */
    record OfLot(LotId lot) implements Subject {}

    /** A step. */
    record OfStep(StepId step) implements Subject {}

    /**
     * Sand that is melted.
     *
     * @param crucible its number; 0 for all the sand taken
     */
    record OfMelt(LotId lot, int crucible) implements Subject {}
  }

  /**
   * What makes a question the same one when it is asked again.
   *
   * @param name the dial or check it is about; empty for anything else
   */
  public record Key(Kind kind, Subject subject, String name) {}

  /** What makes it the same when it is asked again. */
  public Key key() {
    return new Key(kind, subject, parts.isEmpty() ? "" : parts.getFirst().name());
  }

  /** Keeps its own copy. */
  public Task {
    parts = List.copyOf(parts);
  }

  static Task of(Kind kind, Subject subject, Part... parts) {
    return new Task(
        kind, subject, List.of(parts), Optional.empty(), Optional.empty(), Optional.empty());
  }

  static Task onLot(Kind kind, LotId lot, Part... parts) {
    return of(kind, new Subject.OfLot(lot), parts);
  }

  static Task onStep(Kind kind, StepId step, Part... parts) {
    return of(kind, new Subject.OfStep(step), parts);
  }

  Task due(Instant at) {
    return new Task(kind, subject, parts, Optional.of(at), leg, gear);
  }

  Task by(Route.Leg other) {
    return new Task(kind, subject, parts, due, Optional.of(other), gear);
  }

  Task over(Gear machine) {
    return new Task(kind, subject, parts, due, leg, Optional.of(machine));
  }

  /** Whether it asks for what cannot be had any more once its lot is in a machine. */
  public boolean isOfTheLotItself() {
    return kind == Kind.WEIGH || kind == Kind.WEIGH_GOLD || kind == Kind.LOOK_OVER;
  }

  /** Whether it is late, or due now. */
  public boolean isDue(Instant now) {
    return due.filter(at -> !at.isAfter(now)).isPresent();
  }

  /** Whether it belongs to that lot. */
  public boolean isOf(LotId lot) {
    return subject.equals(new Subject.OfLot(lot))
        || subject instanceof Subject.OfMelt(LotId melted, int _) && melted.equals(lot);
  }

  /** Whether it belongs to that step. */
  public boolean isOf(StepId step) {
    return subject.equals(new Subject.OfStep(step));
  }
}
