package jugulum.core.settling;

import jugulum.core.check.Check;
import jugulum.core.specks.SpeckMass;

/**
 * A grain as a screen sees it. The screen opening it just passes is its middle axis b; its long
 * axis is taken as equal to b and its short axis as flatness times b, so that its volume is that of
 * a sphere of {@link #nominalDiameterM}.
 *
 * @param sieveMm the screen opening it just passes, in mm, from 0.001 to 200
 * @param flatness its Corey shape factor c/√(ab), from {@link #FLATTEST} (foil) to 1 (equal axes)
 * @param densityGCm3 its density, in g/cm³, from 1.1 to 23
 * @param roundness its Powers roundness, from 0 (very angular) to 6 (a perfect sphere's)
 */
public record Grain(double sieveMm, double flatness, double densityGCm3, double roundness) {
  /** The flattest grain taken. */
  public static final double FLATTEST = SpeckMass.FLATTEST;

  /**
   * Natural sand and placer gold: subrounded, Powers 3.5. Dietrich 1982 uses it as the usual value.
   */
  public static final double NATURAL_ROUNDNESS = 3.5;

  /** Checks every value against its range. */
  public Grain {
    Check.inRange("sieveMm", sieveMm, 0.001, 200);
    Check.inRange("flatness", flatness, FLATTEST, 1);
    Check.inRange("densityGCm3", densityGCm3, 1.1, 23);
    Check.inRange("roundness", roundness, 0, 6);
  }

  /** A grain of natural roundness. */
  public static Grain natural(double sieveMm, double flatness, double densityGCm3) {
    return new Grain(sieveMm, flatness, densityGCm3, NATURAL_ROUNDNESS);
  }

  /**
   * The diameter of the sphere of equal volume, in m: the sieve size times the cube root of the
   * flatness.
   */
  public double nominalDiameterM() {
    return sieveMm * 1e-3 * Math.cbrt(flatness);
  }

  Grain withFlatness(double other) {
    return new Grain(sieveMm, other, densityGCm3, roundness);
  }
}
