package jugulum.core.trial;

import java.util.OptionalDouble;
import java.util.OptionalInt;
import jugulum.core.check.Check;
import jugulum.core.screens.Cut;
import jugulum.core.trial.MassBack.Weighed;

/**
 * What is put in of one size class.
 *
 * @param cut its sizes
 * @param specks how many, from 1; empty where they were only weighed
 * @param mg what they weigh together, in milligrams, from 0.001; empty where nobody weighed them
 * @param sdMg the standard uncertainty of that, in milligrams
 * @param share its share of what is meant, by mass, 0.01 to 1: a spike is seldom clean
 */
public record Spike(Cut cut, OptionalInt specks, OptionalDouble mg, double sdMg, double share) {
  /** A scale of 1 mg tells a weight to about that, as a standard uncertainty, in mg. */
  public static final double USUAL_SD_MG = 0.3;

  /** A weight in more doubt than that, as a standard uncertainty, is hardly one. */
  private static final double MOST_DOUBT = 0.1;

  /** Checks every value against its range. */
  public Spike {
    if (specks.isEmpty() && mg.isEmpty()) {
      throw new IllegalArgumentException("specks are counted or weighed");
    }
    specks.ifPresent(count -> Check.inRange("specks", count, 1, 1e6));
    mg.ifPresent(mass -> Check.inRange("milligrams", mass, 0.001, 1e9));
    Check.inRange("sdMg", sdMg, 0, 1e9);
    Check.inRange("share", share, 0.01, 1);
  }

  /** What of it is meant, by weight; nothing where nobody weighed it. */
  Weighed pure() {
    return mg.isPresent() ? new Weighed(mg.getAsDouble(), sdMg).pure(share, 0) : Weighed.NONE;
  }

  /** Whether the scale leaves so much of it open that its weight tells little. */
  public boolean isTooLight() {
    return mg.isPresent() && sdMg > MOST_DOUBT * mg.getAsDouble();
  }

  /** Counted, not weighed, and clean. */
  public static Spike counted(Cut cut, int specks) {
    return new Spike(cut, OptionalInt.of(specks), OptionalDouble.empty(), 0, 1);
  }
}
