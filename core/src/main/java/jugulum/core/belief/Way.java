package jugulum.core.belief;

import java.util.Optional;
import jugulum.core.check.Band;
import jugulum.core.gold.Recovery.Of;
import jugulum.core.smelt.AllOfIt;

/**
 * Something that wins gold out of a lot.
 *
 * @param kind what is done
 * @param of which gold it acts on: machines on free gold, fire and buyer on all of it
 * @param machine over which machine, where it is one
 * @param share the share of that gold it wins, 0 to 1
 * @param runs on how many of a machine's own runs that rests; 0 where it is common practice
 * @param thereMg that gold, as it was found or is thought, in the mean, native, in mg
 * @param minutes how long it takes, above 0
 * @param handsMinutes how long of that somebody has to be at it
 * @param costs what it takes besides, in the shop's money, 0 or more
 * @param net what is left in the mean, as {@link Value} tells it
 */
public record Way(
    Kind kind,
    Of of,
    Optional<MachineWay> machine,
    Band share,
    int runs,
    double thereMg,
    double minutes,
    double handsMinutes,
    double costs,
    double net) {
  /** What is done. */
  public enum Kind {
    MACHINE,
    SMELT,
    /** It is sold as it is. */
    SELL
  }

  private static final double LEAST_MINUTES = 0.1;

  /** What it wins in the mean, native, in mg. */
  public double wonMg() {
    return thereMg * MachineWay.mean(share);
  }

  /** What is left of an hour of hands, as {@link Value} tells it. */
  public double netPerHour() {
    return net / Math.max(handsMinutes, LEAST_MINUTES) * 60;
  }

  /**
   * Whether all of a lot would be smelted beyond the hours there are for it: never first, whatever
   * it brings.
   */
  public boolean isTooLong() {
    return kind == Kind.SMELT && handsMinutes > AllOfIt.HOURS * 60;
  }
}
