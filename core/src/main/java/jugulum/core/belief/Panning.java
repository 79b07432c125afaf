package jugulum.core.belief;

import jugulum.core.check.Band;
import jugulum.core.ledger.Machine;
import jugulum.core.machine.Gear;
import jugulum.core.screens.Cut;

/**
 * Pans by the sizes of the sand: the finer it is, the slower one pans it and the more of its gold
 * is lost. That is why bowls and tables exist.
 *
 * <p>All figures are ours, common practice rounded: a careful hand, panned down to visible gold.
 */
final class Panning {
  private Panning() {}

  static boolean isPan(Gear gear) {
    return gear.sheet().working().formOf() == Machine.Kind.PAN;
  }

  /** What is won of gold of a size, 0 to 1. */
  static Band share(SizeClass size) {
    return switch (size) {
      case OVER_16, OVER_30 -> band(0.80, 0.98);
      case OVER_50 -> band(0.70, 0.95);
      case OVER_100 -> band(0.50, 0.85);
      case UNDER_100 -> band(0.25, 0.65);
    };
  }

  private static Band band(double low, double high) {
    return new Band(low, low + (high - low) / 2, high);
  }

  /** Sand panned in an hour, in kg. */
  static double kgPerHour(Cut cut) {
    return SizeClass.of(cut).map(Panning::kgPerHour).orElseGet(() -> kgPerHour(SizeClass.OVER_30));
  }

  private static double kgPerHour(SizeClass size) {
    return switch (size) {
      case OVER_16 -> 5;
      case OVER_30 -> 3;
      case OVER_50 -> 1.5;
      case OVER_100 -> 0.8;
      case UNDER_100 -> 0.4;
    };
  }
}
