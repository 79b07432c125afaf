package jugulum.core.plan;

import jugulum.core.check.Check;
import jugulum.core.ledger.Machine;

/**
 * The bench time a machine takes.
 *
 * @param setUpMinutes to set it up for a cut and clean it out, in minutes, 0 to 1,000
 * @param kgPerHour sand it takes, in kg/h, from 0.01 to 10,000
 */
public record Rate(double setUpMinutes, double kgPerHour) {
  /** Checks both values against their ranges. */
  public Rate {
    Check.inRange("setUpMinutes", setUpMinutes, 0, 1000);
    Check.inRange("kgPerHour", kgPerHour, 0.01, 10_000);
  }

  /** What the planner starts from, an assumption of ours for small shop machines until the shop has its own figures. */
  public static Rate usual(Machine.Kind kind) {
    return switch (kind) {
      case SHAKER_TABLE -> new Rate(20, 20);
      case VORTEX_BOWL -> new Rate(10, 4);
      case FINISHING_TABLE -> new Rate(10, 2);
      case MAT_SLUICE -> new Rate(15, 30);
      case FLUID_BED_TRAP -> new Rate(15, 25);
      case PIPE_TRAP -> new Rate(15, 15);
      case STACKED_TRAY -> new Rate(15, 40);
      case PAN, RIFFLED_PAN, FLAT_PAN, CONICAL_PAN -> new Rate(2, 5);
      case HOPPER_BOWL -> new Rate(15, 4);
      case CLEANUP_SLUICE -> new Rate(10, 6);
    };
  }

  double minutes(double grams) {
    return setUpMinutes + grams / 1000 / kgPerHour * 60;
  }
}
