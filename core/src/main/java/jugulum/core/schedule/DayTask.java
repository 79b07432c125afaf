package jugulum.core.schedule;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import jugulum.core.check.Band;
import jugulum.core.check.Check;

/**
 * A piece of work of a day, with all it takes.
 *
 * @param id names it; no other task of the day has it
 * @param minutes how long it takes, in minutes, from 0.1 to {@link #LONGEST}
 * @param hands what hands it takes once it goes
 * @param handsOn for how many minutes at its beginning it takes hands all the time, 0 or more
 * @param machine which machine it holds, by name
 * @param after what must be done before it
 * @param needs what else it takes
 * @param worth what it brings, in gold or money, 0 or more: counts where not all fits into the day
 * @param said what a person said of it
 * @param startedAt since when it goes, in minutes from midnight; empty while it does not
 */
public record DayTask(
    String id,
    Band minutes,
    Hands hands,
    int handsOn,
    Optional<String> machine,
    List<String> after,
    Needs needs,
    double worth,
    Said said,
    OptionalInt startedAt) {
  /** Two days. */
  public static final int LONGEST = 2880;

  /** Checks every value against its range and keeps its own copy. */
  public DayTask {
    Check.inRange("minutes", minutes.low(), 0.1, LONGEST);
    Check.inRange("minutes", minutes.high(), 0.1, LONGEST);
    Check.inRange("handsOn", handsOn, 0, LONGEST);
    Check.inRange("worth", worth, 0, 1e12);
    after = List.copyOf(after);
  }

  /** A task that takes hands all the time and nothing else. */
  public static DayTask byHand(String id, Band minutes) {
    return new DayTask(
        id,
        minutes,
        Hands.ALL,
        0,
        Optional.empty(),
        List.of(),
        Needs.NOTHING,
        0,
        Said.NOTHING,
        OptionalInt.empty());
  }

  /** What hands a task takes. */
  public enum Hands {
    /** A pair of hands all the time. */
    ALL,
    /** A look or a charge every few minutes. */
    INTERVALS,
    /** None. */
    NONE
  }

  /**
   * What a task takes beside hands and a machine.
   *
   * @param trayM2 room to dry on, in m², 0 to 1,000
   * @param wattHours out of the battery, in Wh, 0 to 1,000,000
   * @param litres out of the tank, in litres, 0 to 1,000,000
   * @param water what it does to the water that goes round
   */
  public record Needs(double trayM2, double wattHours, double litres, Water water) {
    /** Nothing at all. */
    public static final Needs NOTHING = new Needs(0, 0, 0, Water.LEAVES);

    /** Checks every value against its range. */
    public Needs {
      Check.inRange("trayM2", trayM2, 0, 1000);
      Check.inRange("wattHours", wattHours, 0, 1e6);
      Check.inRange("litres", litres, 0, 1e6);
    }
  }

  /** What a task does to the water that goes round, or asks of it. */
  public enum Water {
    /** It has nothing to do with it. */
    LEAVES,
    /** It makes it muddy. */
    MUDDIES,
    /** It wants it clear. */
    WANTS_CLEAR
  }

  /**
   * What a person said of a task.
   *
   * @param at not before, and first of all then, in minutes from midnight
   * @param until to be done by, in minutes from midnight
   * @param notToday it is left for another day
   */
  public record Said(OptionalInt at, OptionalInt until, boolean notToday) {
    /** Nobody said anything. */
    public static final Said NOTHING = new Said(OptionalInt.empty(), OptionalInt.empty(), false);

    /** Checks every value against its range. */
    public Said {
      at.ifPresent(minute -> Check.inRange("at", minute, 0, LONGEST));
      until.ifPresent(minute -> Check.inRange("until", minute, 0, LONGEST));
    }
  }

  /** How long it is planned to take, in whole minutes. */
  public int planned() {
    return Math.max(1, (int) Math.round(minutes.usual()));
  }

  /** Whether somebody has to be there, so that it counts for the end of the day. */
  public boolean isAttended() {
    return hands != Hands.NONE || machine.isPresent();
  }

  /** The same with other minutes. */
  public DayTask taking(Band other) {
    return new DayTask(id, other, hands, handsOn, machine, after, needs, worth, said, startedAt);
  }

  /** The same after others too. */
  public DayTask after(List<String> others) {
    return new DayTask(id, minutes, hands, handsOn, machine, others, needs, worth, said, startedAt);
  }

  /** The same as a person said. */
  public DayTask said(Said told) {
    return new DayTask(id, minutes, hands, handsOn, machine, after, needs, worth, told, startedAt);
  }

  /** The same under way since then. */
  public DayTask startedAt(int minute) {
    return new DayTask(
        id, minutes, hands, handsOn, machine, after, needs, worth, said, OptionalInt.of(minute));
  }

  /** The same on a machine. */
  public DayTask on(String name) {
    return new DayTask(
        id, minutes, hands, handsOn, Optional.of(name), after, needs, worth, said, startedAt);
  }

  /** The same with other hands. */
  public DayTask with(Hands other, int first) {
    return new DayTask(id, minutes, other, first, machine, after, needs, worth, said, startedAt);
  }

  /** The same taking that too. */
  public DayTask needing(Needs other) {
    return new DayTask(id, minutes, hands, handsOn, machine, after, other, worth, said, startedAt);
  }

  /** The same bringing that. */
  public DayTask worth(double other) {
    return new DayTask(id, minutes, hands, handsOn, machine, after, needs, other, said, startedAt);
  }
}
