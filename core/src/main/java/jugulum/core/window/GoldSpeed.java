package jugulum.core.window;

import jugulum.core.check.Band;
import jugulum.core.minerals.Mineral;

/** How fast the gold of a place falls, by its size. Not safe for several threads. */
public final class GoldSpeed {
  private final Speeds speeds;

  /** Under the conditions given. */
  public GoldSpeed(Conditions conditions) {
    this.speeds = new Speeds(conditions);
  }

  /**
   * The speed of gold of one size, in m/s: low for the flattest and lightest, high for the roundest
   * and heaviest.
   *
   * @param sieveMm its sieve size, in mm, from 0.001 to 200
   */
  public Band at(double sieveMm) {
    return speeds.of(Mineral.GOLD, sieveMm).band();
  }
}
