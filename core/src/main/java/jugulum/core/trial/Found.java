package jugulum.core.trial;

import java.util.OptionalDouble;
import java.util.OptionalInt;
import jugulum.core.check.Check;
import jugulum.core.ledger.Material;
import jugulum.core.screens.Cut;

/**
 * What was found again of one size class at one port.
 *
 * @param port what it came out with
 * @param cut the size class
 * @param specks how many, 0 or more; empty where they were only weighed
 * @param mg what they weigh together, in milligrams; empty where nobody weighed them
 */
public record Found(Material port, Cut cut, OptionalInt specks, OptionalDouble mg) {
  /** Checks the values. */
  public Found {
    if (specks.isEmpty() && mg.isEmpty()) {
      throw new IllegalArgumentException("specks are counted or weighed");
    }
    specks.ifPresent(count -> Check.inRange("specks", count, 0, Amount.MOST_SPECKS));
    mg.ifPresent(mass -> Check.inRange("milligrams", mass, 0, Amount.MOST_MG));
  }

  /** Counted, not weighed. */
  public static Found counted(Material port, Cut cut, int specks) {
    return new Found(port, cut, OptionalInt.of(specks), OptionalDouble.empty());
  }

  /** Whether the machine has won what came out there. */
  public boolean isWon() {
    return port == Material.CONCENTRATE || port == Material.SECOND_CONCENTRATE;
  }
}
