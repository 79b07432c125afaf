package jugulum.core.trial;

import java.util.Map;
import jugulum.core.check.Check;
import jugulum.core.ledger.Machine;

/**
 * What is tried: a machine as it was set up.
 *
 * @param machine which
 * @param variant what is different about it this time ("grooves across"); may be empty
 * @param settings its dials by their names on its sheet, or by a name of one's own, 0 to 1e6
 * @param operator whose hands; may be empty
 */
public record Contender(
    Machine machine, String variant, Map<String, Double> settings, String operator) {
  /** Checks the settings and keeps its own copy. */
  public Contender {
    variant = variant.strip();
    operator = operator.strip();
    settings = Check.byName(settings);
    settings.values().forEach(value -> Check.inRange("setting", value, 0, 1e6));
  }

  /** A machine of which nothing more is said. */
  public static Contender of(Machine machine) {
    return new Contender(machine, "", Map.of(), "");
  }
}
