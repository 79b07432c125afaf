package jugulum.core.trial;

import jugulum.core.check.Check;
import jugulum.core.settling.Grain;
import jugulum.core.settling.Settling;
import jugulum.core.water.Water;

/**
 * Lead in the place of gold: the flattened shot that settles as fast as a speck of gold. It shows
 * what a machine does with that speed; it does not show what shape, rolling and wetting do, for
 * lead rolls and is not gold.
 */
public final class StandIn {
  /**
   * Lead, in g/cm³. Source: CRC Handbook of Chemistry and Physics (from memory).
   *
   * <p>Off by a half: a handbook value: not off.
   */
  public static final double LEAD_GCM3 = 11.34;

  /** No shot is that much larger than the gold it stands for. */
  private static final double WIDEST = 8;

  private StandIn() {}

  /**
   * The sieve size of the shot, in mm.
   *
   * @param goldMm sieve size of the gold, 0.01 to 10 mm
   * @param flatness of both, 0.05 to 1
   * @param goldGCm3 density of the gold, 12 to 19.3 g/cm³
   */
  public static double leadMm(double goldMm, double flatness, double goldGCm3, Water water) {
    Check.inRange("goldMm", goldMm, 0.01, 10);
    Check.inRange("goldGCm3", goldGCm3, 12, 19.3);
    double speed = Settling.of(Grain.natural(goldMm, flatness, goldGCm3), water).metresPerSecond();
    return Halving.last(
        goldMm,
        WIDEST * goldMm,
        mm -> Settling.of(Grain.natural(mm, flatness, LEAD_GCM3), water).metresPerSecond() < speed);
  }
}
