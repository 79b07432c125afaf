package jugulum.core.task;

import java.util.List;
import java.util.OptionalDouble;

/**
 * One thing to type for a task.
 *
 * @param ask what is asked for
 * @param name the dial or check it is about; empty for anything else
 * @param unit how it is told
 * @param low the least it can be, in that unit: grams, milligrams, percent, things
 * @param high the most it can be
 * @param isNeeded whether the task cannot do without it
 * @param usual what it usually is, if that can be told
 * @param choices the words to choose from; empty where it is a quantity
 */
public record Part(
    Ask ask,
    String name,
    Unit unit,
    double low,
    double high,
    boolean isNeeded,
    OptionalDouble usual,
    List<String> choices) {
  /** What is asked for. */
  public enum Ask {
    /** The container with its material. */
    GROSS,
    /** The container alone: its weight, or its name. */
    TARE,
    /** The water's share of the wet weight. */
    MOISTURE,
    /** What the magnet lifted. */
    LIFTED,
    /** What fell back when it was dropped over a fresh pan. */
    DROPPED,
    /** How many specks were seen. */
    SPECKS,
    /** How much was panned as a sample. */
    SAMPLE,
    /** What was laid in. */
    CHARGE,
    /** How many pieces were picked. */
    PICKERS,
    /** What they weigh together. */
    PICKERS_MASS,
    /** Clean gold on the scale. */
    GOLD,
    /** How a dial is set. */
    SETTING,
    /** Whether something is as it must be before the water runs. */
    CHECKED,
    /** What gold is finished on. */
    TOOL,
    /** Whether one thing of a turn is done. */
    ACT,
    /** How long the last lift is. */
    LIFT,
    /** How it ended. */
    LIFTED_SAW,
    /** What was drawn up. */
    TURN_GOLD,
    /** Whether there is another turn. */
    AGAIN,
    /** How much sand is taken to be smelted. */
    TAKEN,
    /** What became of the gold one could see in it. */
    VISIBLE,
    /** How much of that was weighed. */
    VISIBLE_MASS,
    /** How much it is judged to be at most. */
    VISIBLE_UP_TO,
    /** Whether something is as it must be before heat. */
    STOP,
    /** Iron oxides' share of the sand to be melted. */
    IRON,
    /** The same of garnet, ilmenite and chromite. */
    GARNET,
    /** The same of sulfide. */
    SULFIDE,
    /** What came out of the roast. */
    ROASTED,
    /** Sand for one crucible. */
    MELTED,
    /** The metal that gathers the gold. */
    COLLECTOR,
    /** How much of it. */
    COLLECTOR_MASS,
    BUTTON,
    BEAD,
    PARTED,
    /** What is written on a bag. */
    BAG,
    /** Which way to go. */
    ROUTE;

    /** Whether it is gold of some milligrams. */
    boolean isOfMilligrams() {
      return this == BEAD
          || this == PARTED
          || this == TURN_GOLD
          || this == VISIBLE_MASS
          || this == VISIBLE_UP_TO;
    }
  }

  /** How a quantity is told. */
  public enum Unit {
    /** Sand: grams, unless another unit is typed. */
    SAND,
    /** Gold: the unit chosen, unless another is typed. */
    GOLD,
    /** A whole number. */
    COUNT,
    PERCENT,
    /** In the unit of the dial. */
    DIAL,
    /** Yes, by saying so. */
    YES,
    /** Words. */
    TEXT,
    /** One of the choices, by its name or its number in the list, from 1. */
    CHOICE
  }

  /** Keeps its own copy. */
  public Part {
    choices = List.copyOf(choices);
  }

  static Part needed(Ask ask, Unit unit, double low, double high) {
    return new Part(ask, "", unit, low, high, true, OptionalDouble.empty(), List.of());
  }

  Part optional() {
    return new Part(ask, name, unit, low, high, false, usual, choices);
  }

  Part of(String dialOrCheck) {
    return new Part(ask, dialOrCheck, unit, low, high, isNeeded, usual, choices);
  }

  Part usually(OptionalDouble value) {
    return new Part(ask, name, unit, low, high, isNeeded, value, choices);
  }

  Part from(List<String> words) {
    return new Part(ask, name, unit, low, high, isNeeded, usual, words);
  }
}
