package jugulum.core.runs;

import java.util.List;
import java.util.OptionalDouble;
import jugulum.core.check.Band;
import jugulum.core.machine.Dial;
import jugulum.core.machine.Gear;
import org.hipparchus.stat.descriptive.rank.Median;

/**
 * How fast sand goes over a machine.
 *
 * @param gramsPerMinute above 0
 * @param byRecord whether that is the median of the machine's own runs, not what its sheet lets expect
 */
public record Pace(double gramsPerMinute, boolean byRecord) {
  /** A spoon a minute, a charge every six minutes, ten kilograms an hour where a sheet tells nothing: ours. */
  private static final double SPOON_MINUTES = 1;

  private static final double CHARGE_MINUTES = 6;
  private static final double UNTOLD_G_PER_MINUTE = 10_000 / 60.0;

  /** The pace of a machine. */
  public static Pace of(Gear gear, List<PastRun> runs) {
    double[] own =
        runs.stream()
            .filter(run -> run.machine().equals(gear.machine()) && run.fedG().orElse(0) > 0 && run.minutes().orElse(0) > 0)
            .mapToDouble(run -> run.fedG().getAsDouble() / run.minutes().getAsDouble())
            .toArray();
    return own.length > 0 ? new Pace(new Median().evaluate(own), true) : new Pace(bySheet(gear), false);
  }

  private static double bySheet(Gear gear) {
    OptionalDouble feed = usual(gear, "feed");
    OptionalDouble charge = usual(gear, "charge");
    OptionalDouble spoon = usual(gear, "spoon");
    if (feed.isPresent()) {
      return feed.getAsDouble() * 1000 / 60;
    }
    if (charge.isPresent()) {
      return charge.getAsDouble() / usual(gear, "charge-time").orElse(CHARGE_MINUTES);
    }
    return spoon.isPresent() ? spoon.getAsDouble() / SPOON_MINUTES : UNTOLD_G_PER_MINUTE;
  }

  private static OptionalDouble usual(Gear gear, String dial) {
    return gear.sheet().dial(dial).flatMap(Dial::usual).map(Band::usual).map(OptionalDouble::of).orElse(OptionalDouble.empty());
  }
}
