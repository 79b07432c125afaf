package jugulum.core.machine;

import java.util.List;
import jugulum.core.check.Check;
import jugulum.core.ledger.Machine;
import jugulum.core.ledger.Material;
import jugulum.core.schedule.DayTask.Hands;
import jugulum.core.schedule.DayTask.Water;
import jugulum.core.window.Sorting;

/**
 * How a kind of machine is worked, as data: what plan, day, route and practice need to know of it.
 *
 * @param sorting how grains are told apart on it
 * @param setUpMinutes to set it up for a cut and clean it out, in minutes, 0 to 1,000: small shop
 *     machines, common practice
 * @param chargeMinutes between two of its charges where no dial tells, in minutes, 0.1 to 1,000; of
 *     no meaning where it is fed otherwise
 * @param hands what is fed by the spoon keeps them; what is charged or fed by itself wants a look
 * @param water what it does to the water that goes round, or asks of it
 * @param formOf the kind it is a form of, which a route may ask for; its own kind where it is none
 * @param catches what may stand below it to catch what leaves
 * @param law the laws of practice that tell where to start on it
 * @param isUsual whether a plan counts on it where nobody said what the shop has
 * @param sorts by what it parts the sand
 */
public record Working(
    Sorting sorting,
    double setUpMinutes,
    double chargeMinutes,
    Hands hands,
    Water water,
    Machine.Kind formOf,
    List<Material> catches,
    Law law,
    boolean isUsual,
    Sorts sorts) {
  /**
   * Between two charges where nothing tells, in minutes: ours.
   *
   * <p>Off by a half: the pace of what is charged and has no dial for it.
   */
  static final double CHARGE_MINUTES = 6;

  /** The laws of practice. */
  public enum Law {
    /** Swirling water in a bowl. */
    BOWL,
    /** A film on a shaken deck. */
    DECK,
    /** None yet. */
    NONE
  }

  /** By what sand is parted. */
  public enum Sorts {
    BY_WEIGHT,
    BY_MAGNET,
    /** It feeds another. */
    NOTHING
  }

  /** Checks the minutes and keeps its own copy. */
  public Working {
    Check.inRange("setUpMinutes", setUpMinutes, 0, 1000);
    Check.inRange("chargeMinutes", chargeMinutes, 0.1, 1000);
    catches = List.copyOf(catches);
  }

  /** Of a kind that muddies the water and has no law, no catch and no other form. */
  static Working of(Machine.Kind kind, Sorting sorting, double setUpMinutes, Hands hands) {
    return new Working(
        sorting,
        setUpMinutes,
        CHARGE_MINUTES,
        hands,
        Water.MUDDIES,
        kind,
        List.of(),
        Law.NONE,
        false,
        Sorts.BY_WEIGHT);
  }

  Working water(Water other) {
    return new Working(
        sorting, setUpMinutes, chargeMinutes, hands, other, formOf, catches, law, isUsual, sorts);
  }

  Working formOf(Machine.Kind other) {
    return new Working(
        sorting, setUpMinutes, chargeMinutes, hands, water, other, catches, law, isUsual, sorts);
  }

  Working catching(Material below) {
    return new Working(
        sorting,
        setUpMinutes,
        chargeMinutes,
        hands,
        water,
        formOf,
        List.of(below),
        law,
        isUsual,
        sorts);
  }

  Working by(Law other) {
    return new Working(
        sorting, setUpMinutes, chargeMinutes, hands, water, formOf, catches, other, isUsual, sorts);
  }

  Working usual() {
    return new Working(
        sorting, setUpMinutes, chargeMinutes, hands, water, formOf, catches, law, true, sorts);
  }

  /** Dry work that parts sand otherwise than by weight. */
  Working dry(Sorts by) {
    return new Working(
        sorting,
        setUpMinutes,
        chargeMinutes,
        hands,
        Water.LEAVES,
        formOf,
        catches,
        law,
        isUsual,
        by);
  }

  /** Whether a leg that asks for a kind can be done on it. */
  public boolean does(Machine.Kind asked, Machine.Kind own) {
    return own == asked || formOf == asked;
  }
}
