package jugulum.core.plan;

import java.util.List;
import java.util.Map;
import jugulum.core.belief.Experience;
import jugulum.core.check.Check;
import jugulum.core.machine.Gear;

/**
 * The machines a plan may use: every cut goes to the one that leaves most when its hours are paid.
 *
 * @param gear the machines
 * @param rates sand a machine takes in an hour, in kg, from 0.01 to 10,000, where a person said so;
 *     the others go at the pace of their own runs or of their sheets
 * @param experience what the shop's machines have shown, which goes before common practice
 */
public record Machines(List<Gear> gear, Map<Gear, Double> rates, Experience experience) {
  /** Those one counts on where nobody said what the shop has. */
  public static final Machines USUAL = of(Gear.usualKinds(), Experience.NONE);

  /** Keeps its own copies and checks the rates. */
  public Machines {
    gear = List.copyOf(gear);
    rates = Map.copyOf(rates);
    rates.values().forEach(rate -> Check.inRange("kgPerHour", rate, 0.01, 10_000));
  }

  /** Machines at the pace of their own runs or of their sheets. */
  public static Machines of(List<Gear> gear, Experience experience) {
    return new Machines(gear, Map.of(), experience);
  }
}
