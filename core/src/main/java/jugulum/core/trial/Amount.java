package jugulum.core.trial;

import java.util.OptionalDouble;
import java.util.OptionalInt;
import jugulum.core.check.Check;

/**
 * Specks that were counted, weighed, or both.
 *
 * @param specks how many, 0 to {@value #MOST_SPECKS}; empty where they were only weighed
 * @param mg what they weigh, in milligrams, 0 to {@value #MOST_MG}; empty where nobody weighed them
 */
public record Amount(OptionalInt specks, OptionalDouble mg) {
  /** The most specks that are counted. */
  public static final int MOST_SPECKS = 1_000_000;

  /** The most they weigh, in milligrams. */
  public static final double MOST_MG = 1e9;

  /** Checks the values. */
  public Amount {
    if (specks.isEmpty() && mg.isEmpty()) {
      throw new IllegalArgumentException("specks are counted or weighed");
    }
    specks.ifPresent(count -> Check.inRange("specks", count, 0, MOST_SPECKS));
    mg.ifPresent(mass -> Check.inRange("milligrams", mass, 0, MOST_MG));
  }

  /** Counted, not weighed. */
  public static Amount counted(int specks) {
    return new Amount(OptionalInt.of(specks), OptionalDouble.empty());
  }

  /** Whether it is none at all. */
  public boolean isNothing() {
    return specks.orElse(0) == 0 && mg.orElse(0) == 0;
  }
}
