package jugulum.core.machine;

import java.util.EnumSet;
import java.util.List;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.Stream;
import jugulum.core.check.Band;
import jugulum.core.check.Check;
import jugulum.core.ledger.Process;
import jugulum.core.screens.Cut;

/**
 * A bowl left alone over night: one charge of a tight fine cut, the valve just where its sand
 * climbs, two looks before one goes, and what the morning shows. The other school stands by for an
 * hour. Ranges are common practice.
 */
public final class Overnight {
  /** What is laid in once, in grams. */
  public static final Band CHARGE_G = new Band(100, 200, 300);

  /** How long it runs, in hours. */
  public static final Band HOURS = new Band(6, 9, 12);

  /** How long after the start one looks before one leaves it alone, in minutes. */
  public static final List<Integer> LOOKS_MINUTES = List.of(15, 60);

  /** What one look takes, in minutes. */
  public static final int LOOK_TAKES_MINUTES = 5;

  /** The checks before it, beside those of the machine. */
  public static final List<String> CHECKS =
      List.of(
          "night-one-charge",
          "night-valve",
          "night-sump",
          "night-filter",
          "night-tray",
          "night-cut-out");

  /**
   * Coarser sand is not left alone, its coarsest grain in mm: ours.
   *
   * <p>Off by a half: which cuts are called too coarse for a night.
   */
  private static final double COARSEST_MM = 0.6;

  /**
   * A cut no wider than that counts as tight, coarsest through finest grain: ours, two screens
   * apart.
   *
   * <p>Off by a half: which cuts are called too wide for a night.
   */
  private static final double WIDEST = 2.1;

  /**
   * What is finer hardly counts in a cut without a lower screen, in mm: ours.
   *
   * <p>Off by a half: from where on a cut without a lower screen is called too wide.
   */
  private static final double FINEST_MM = 0.075;

  /**
   * Of a charge that much must have left for a night to have done anything, as a share: ours.
   *
   * <p>Off by a half: when the morning says that the sand hardly moved.
   */
  private static final double MOVED = 0.25;

  private Overnight() {}

  /** Whether a machine may be left alone: bowls may, everything else wants somebody. */
  public static boolean isFor(Sheet sheet) {
    return sheet.working().law() == Working.Law.BOWL;
  }

  /** The checks before a run: those of the machine, and those of a night where it is left alone. */
  public static List<String> checks(Sheet sheet, Process process) {
    return process.isOvernight()
        ? Stream.concat(sheet.checks().stream(), CHECKS.stream()).toList()
        : sheet.checks();
  }

  /** What speaks against leaving a lot alone. */
  public enum Against {
    /** More sand than one charge: it is parted first. */
    TOO_MUCH,
    TOO_COARSE,
    TOO_WIDE
  }

  /**
   * What speaks against leaving it alone; nothing where it is fit.
   *
   * @param grams the sand, dry, 0 or more
   */
  public static Set<Against> against(Cut cut, double grams) {
    Check.grams("grams", grams);
    Set<Against> found = EnumSet.noneOf(Against.class);
    if (grams > CHARGE_G.high()) {
      found.add(Against.TOO_MUCH);
    }
    if (cut.passing().isEmpty() || cut.upperMm() > COARSEST_MM) {
      found.add(Against.TOO_COARSE);
    }
    if (cut.upperMm() / Math.max(cut.lowerMm(), FINEST_MM) > WIDEST) {
      found.add(Against.TOO_WIDE);
    }
    return found;
  }

  /**
   * How long after the start the next look is due, in minutes; empty once all were made.
   *
   * @param made looks since the start, 0 or more
   */
  static OptionalInt nextLook(int made) {
    return made < LOOKS_MINUTES.size()
        ? OptionalInt.of(LOOKS_MINUTES.get(made))
        : OptionalInt.empty();
  }

  /**
   * How much sand will have left, in grams: as little as where the same share goes in every hour,
   * which slows down, and as much as where the same grams do. Usual is the mean of both.
   *
   * @param chargeG laid in, in grams, 1 to 10,000
   * @param outG left so far, in grams, 0 to the charge
   * @param outHours after so many hours, 0.05 to 100
   * @param hours asked for, 0 to 100
   */
  public static Band leaves(double chargeG, double outG, double outHours, double hours) {
    Check.inRange("chargeG", chargeG, 1, 10_000);
    Check.inRange("outG", outG, 0, chargeG);
    Check.inRange("outHours", outHours, 0.05, 100);
    double times = Check.inRange("hours", hours, 0, 100) / outHours;
    double slowing = chargeG * (1 - Math.pow(1 - outG / chargeG, times));
    double steady = Math.min(chargeG, outG * times);
    double least = Math.min(slowing, steady);
    double most = Math.max(slowing, steady);
    return new Band(least, (least + most) / 2, most);
  }

  /** What the morning shows. */
  public enum Morning {
    /** Bright outside, a dark crescent at the cone. */
    RIGHT,
    /** A smaller charge next time, or half a mark more water. */
    HARDLY_MOVED,
    /** Gold lies below: the water lower next time. */
    SPECKS
  }

  /**
   * What to change for the next night; gold below goes before all else.
   *
   * @param chargeG laid in, in grams, 1 to 10,000
   * @param leftG still in the bowl, in grams, 0 or more
   * @param specks below, 0 or more
   */
  public static Morning morning(double chargeG, double leftG, int specks) {
    Check.inRange("chargeG", chargeG, 1, 10_000);
    Check.grams("leftG", leftG);
    Check.inRange("specks", specks, 0, 1_000_000);
    if (specks > 0) {
      return Morning.SPECKS;
    }
    return chargeG - leftG < MOVED * chargeG ? Morning.HARDLY_MOVED : Morning.RIGHT;
  }
}
