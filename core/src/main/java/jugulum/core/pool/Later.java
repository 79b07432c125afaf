package jugulum.core.pool;

import java.util.List;
import jugulum.core.check.Band;

/**
 * What was won later, out of pools, of what one batch let go.
 *
 * @param milligrams by the grades of what went in, in mg, with the share by mass as the other end
 * @param minutes of the time at the bench with those pools, in minutes, 0 or more
 * @param pools the names of those pools
 */
public record Later(Band milligrams, double minutes, List<String> pools) {
  /** Nothing of it went into a pool. */
  public static final Later NONE = new Later(Band.sharp(0), 0, List.of());

  /** Keeps its own copy. */
  public Later {
    pools = List.copyOf(pools);
  }

  /** Whether anything of it went into a pool. */
  public boolean isAny() {
    return !pools.isEmpty();
  }

  /**
   * The share passed over: what was won later of all that was won.
   *
   * @param wonMg what was won before, in mg, 0 or more
   * @return 0 to 1, its ends by those of {@link #milligrams}; 0 where nothing was won at all
   */
  public Band passedOver(double wonMg) {
    return passedOver(wonMg, milligrams);
  }

  /**
   * The share passed over of any that was won later.
   *
   * @param wonMg what was won before, in mg, 0 or more
   * @param laterMg what was won later, in mg, 0 or more
   */
  public static Band passedOver(double wonMg, Band laterMg) {
    return new Band(
        passedOver(wonMg, laterMg.low()),
        passedOver(wonMg, laterMg.usual()),
        passedOver(wonMg, laterMg.high()));
  }

  private static double passedOver(double wonMg, double laterMg) {
    return laterMg > 0 ? laterMg / (wonMg + laterMg) : 0;
  }
}
