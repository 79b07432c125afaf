package jugulum.core.shop;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import jugulum.core.check.Check;
import jugulum.core.ledger.ReadOn;
import jugulum.core.ledger.ScaleCheck;
import jugulum.core.scale.Dialect;
import jugulum.core.scale.ScaleLine;
import jugulum.core.scale.ScaleRules;
import jugulum.core.scale.Sends;
import jugulum.core.weighing.Container;

/**
 * A scale of the shop.
 *
 * @param name what it is called; not blank
 * @param line where it sends its lines
 * @param dialect how it writes them
 * @param sends when it sends
 * @param stepG the least difference it shows, in grams
 * @param capacityG what it carries, in grams
 * @param check its last check weight
 */
public record Scale(
    String name,
    ScaleLine line,
    Dialect dialect,
    Sends sends,
    double stepG,
    double capacityG,
    Optional<ScaleCheck> check) {
  /** Checks name, step and capacity. */
  public Scale {
    name = name.strip();
    if (name.isEmpty()) {
      throw new IllegalArgumentException("a scale needs a name");
    }
    Check.inRange("stepG", stepG, 1e-6, 1e4);
    Check.inRange("capacityG", capacityG, stepG, Check.HEAVIEST_G);
  }

  /** The same after a check weight. */
  public Scale checked(ScaleCheck made) {
    return new Scale(name, line, dialect, sends, stepG, capacityG, Optional.of(made));
  }

  /** By what its readings are judged, with those containers beside it. */
  public ScaleRules rules(List<Container> containers) {
    return new ScaleRules(stepG, capacityG, sends, containers);
  }

  /** Its check weight of the day of a moment. */
  public Optional<ScaleCheck> checkOfDay(Instant now, ZoneId zone) {
    return check.filter(
        one -> LocalDate.ofInstant(one.at(), zone).equals(LocalDate.ofInstant(now, zone)));
  }

  /** What goes with a reading of it. */
  public ReadOn readOn(Instant now, ZoneId zone, OptionalDouble zeroG) {
    return new ReadOn(name, stepG, zeroG, checkOfDay(now, zone));
  }
}
