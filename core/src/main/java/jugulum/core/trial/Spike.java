package jugulum.core.trial;

import java.util.OptionalDouble;
import jugulum.core.check.Check;
import jugulum.core.screens.Cut;

/**
 * What is put in of one size class.
 *
 * @param cut its sizes
 * @param specks how many, from 1
 * @param mg what they weigh together, in milligrams, from 0.001; empty where nobody weighed them
 * @param sdMg the standard uncertainty of that, in milligrams
 * @param share its share of what is meant, by mass, 0.01 to 1: a spike is seldom clean
 */
public record Spike(Cut cut, int specks, OptionalDouble mg, double sdMg, double share) {
  /** Checks every value against its range. */
  public Spike {
    Check.inRange("specks", specks, 1, 1e6);
    mg.ifPresent(mass -> Check.inRange("milligrams", mass, 0.001, 1e9));
    Check.inRange("sdMg", sdMg, 0, 1e9);
    Check.inRange("share", share, 0.01, 1);
  }

  /** Counted, not weighed, and clean. */
  public static Spike counted(Cut cut, int specks) {
    return new Spike(cut, specks, OptionalDouble.empty(), 0, 1);
  }
}
