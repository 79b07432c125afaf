package jugulum.core.belief;

import jugulum.core.check.Band;
import jugulum.core.machine.Gear;
import jugulum.core.machine.Proven;

/**
 * Sand over a machine.
 *
 * @param gear which
 * @param share what it is expected to win of the free gold, 0 to 1, and on what that rests
 * @param minutes how long it takes, 0 or more
 * @param handsMinutes how long of that somebody has to be at it
 * @param wonMg the free gold it wins in the mean, native, in mg
 * @param net what is left when the hands are paid, as {@link Value} tells it
 */
public record MachineWay(
    Gear gear, Proven share, double minutes, double handsMinutes, double wonMg, double net) {
  /** The mean of the triangle over a band. */
  public static double mean(Band share) {
    return (share.low() + share.usual() + share.high()) / 3;
  }
}
