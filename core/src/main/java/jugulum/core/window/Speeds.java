package jugulum.core.window;

import java.util.HashMap;
import java.util.Map;
import jugulum.core.check.Band;
import jugulum.core.minerals.Mineral;
import jugulum.core.settling.Grain;
import jugulum.core.settling.Settling;

/**
 * The speeds of grains at the openings of a stack, each worked out once. Not safe for several
 * threads.
 */
final class Speeds {
  private record At(Mineral mineral, double sieveMm) {}

  /**
   * The speeds of one mineral at one size.
   *
   * @param band in m/s
   * @param law the law of the slowest
   */
  record Speed(Band band, Settling.Law law) {}

  private final Conditions conditions;
  private final Map<At, Speed> known = new HashMap<>();

  Speeds(Conditions conditions) {
    this.conditions = conditions;
  }

  Speed of(Mineral mineral, double sieveMm) {
    return known.computeIfAbsent(new At(mineral, sieveMm), _ -> speed(mineral, sieveMm));
  }

  private Speed speed(Mineral mineral, double sieveMm) {
    Band flatness = mineral == Mineral.GOLD ? conditions.flatness() : Conditions.SAND_FLATNESS;
    Band density =
        mineral == Mineral.GOLD
            ? conditions.goldGCm3()
            : new Band(mineral.lightestGCm3(), mineral.usualGCm3(), mineral.heaviestGCm3());
    Settling slow = settling(sieveMm, flatness.low(), density.low());
    double usual = settling(sieveMm, flatness.usual(), density.usual()).metresPerSecond();
    double fast = settling(sieveMm, flatness.high(), density.high()).metresPerSecond();
    return new Speed(new Band(slow.metresPerSecond(), usual, fast), slow.law());
  }

  private Settling settling(double sieveMm, double flatness, double density) {
    return Settling.of(Grain.natural(sieveMm, flatness, density), conditions.water());
  }
}
