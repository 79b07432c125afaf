package jugulum.core.ledger;

import java.util.List;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import jugulum.core.check.Check;

/** What can be said while gold is parted from the last heavies, one thing at a time. */
public sealed interface FinishFact {
  /** What it is finished on. */
  enum Tool {
    BOWL,
    /** A smooth film table. */
    TABLE,
    /** Pan, magnet and bulb by hand, without being led. */
    BY_HAND
  }

  /** One thing to do, in the order of a turn. */
  enum Act {
    /** The valve closed slowly, water just over the gold. */
    CLOSE_SLOWLY(Tool.BOWL),
    /**
     * With a bulb from the foot of the cone to the wall, then into one heap; what is clean drawn
     * up.
     */
    HERD(Tool.BOWL),
    /** Water at the lowest mark, short jets along the swirl lay all outside. */
    LAY_OUTSIDE(Tool.BOWL),
    /** One mark up after two minutes without sand leaving, never above the cut's own. */
    MARKS(Tool.BOWL),
    /** A magnet as fast as the water, small lifts, dropped in a fresh pan. */
    MAGNET(Tool.BOWL),
    /** One to three spoons, wetted. */
    SPOONS(Tool.TABLE),
    /** Rows read from the lowest; only what was seen empty is brushed away. */
    READ_ROWS(Tool.TABLE),
    /** The rest up again, to sort once more. */
    BRUSH_UP(Tool.TABLE),
    /** Gold brushed to a corner, over a cup. */
    CORNER(Tool.TABLE);

    private final Tool tool;

    Act(Tool tool) {
      this.tool = tool;
    }

    /** What a turn on a tool is made of. */
    public static List<Act> of(Tool tool) {
      return Stream.of(values()).filter(act -> act.tool == tool).toList();
    }
  }

  /**
   * What it is finished on from now on.
   *
   * @param tool which
   */
  record On(Tool tool) implements FinishFact {}

  /**
   * Something was done.
   *
   * @param act what
   */
  record Did(Act act) implements FinishFact {}

  /** How the last lift of a bowl ended. */
  enum Lifted {
    /** A thin ring went, the catch is clean. */
    CLEAN,
    /** Sand stayed, the catch is clean. */
    SAND_LEFT,
    /** A speck went into the catch. */
    SPECK
  }

  /**
   * The last lift of a bowl: full water from the top mark until the pump is off.
   *
   * @param seconds how long, 0.5 to 60
   * @param saw what was seen then
   */
  record Lift(double seconds, Lifted saw) implements FinishFact {
    /** Checks the time. */
    public Lift {
      Check.inRange("liftSeconds", seconds, 0.5, 60);
    }
  }

  /**
   * A turn is over.
   *
   * @param goldMg drawn up and weighed, in milligrams, 0 or more
   * @param sandG what went with it into the catch, in grams, where it was weighed
   * @param specksBelow seen in the catch, 0 or more; they went back
   */
  record Turn(double goldMg, OptionalDouble sandG, int specksBelow) implements FinishFact {
    /** Checks every value against its range. */
    public Turn {
      Check.inRange("turnMg", goldMg, 0, 1e7);
      sandG.ifPresent(grams -> Check.inRange("turnSandG", grams, 0, Check.HEAVIEST_G));
      Check.inRange("specks", specksBelow, 0, 1e6);
    }
  }

  /** No more turns. */
  record Over() implements FinishFact {}
}
