package jugulum.practice.law;

import jugulum.core.check.Check;

/**
 * What is ours in the laws of a bowl, in one place: a run is the same again only under the same
 * laws, so they have a number, which is raised whenever one of them changes.
 *
 * @param number which laws, from 1
 * @param takenOn the share of the nozzle's speed the wall takes on, 0 to 1
 * @param halvingG the load that halves the swirl, in g, 1 to 100,000
 * @param inward the power by which the speed grows inward, 0 to 1
 * @param turnedDegrees how far the stream near the bed is turned inward, in degrees, 0 to 60
 * @param lagS how long the swirl takes to follow, in s, 0.1 to 600
 * @param mixing the stress of a layer in which fast water mixes into slow, by the square of the
 *     difference, 0 to 1
 * @param dammingG the load that halves what comes in, in g, 1 to 1,000,000
 * @param floatsMm the largest flake that floats, in mm, 0.001 to 2
 * @param floatsFlatness what is rounder sinks, 0.01 to 1
 * @param floats how many flakes that can float do so, 0 to 1
 */
public record BowlLaws(
    int number,
    double takenOn,
    double halvingG,
    double inward,
    double turnedDegrees,
    double lagS,
    double mixing,
    double dammingG,
    double floatsMm,
    double floatsFlatness,
    double floats) {
  /**
   * The share of the nozzle's speed the wall takes on: ours.
   *
   * <p>Off by a half: every flow told for a bowl, in proportion.
   */
  public static final double TAKEN_ON = 0.20;

  /**
   * The load that halves the swirl, in g: ours.
   *
   * <p>Off by a half: from which load on the practised bowl slows.
   */
  public static final double HALVING_G = 400;

  /**
   * How the speed grows inward: ours.
   *
   * <p>Off by a half: how much faster than the wall the swirl is at the foot of the cone.
   */
  public static final double INWARD = 0.6;

  /**
   * How far the stream near the bed is turned inward, in degrees: ours.
   *
   * <p>Off by a half: how fast grains creep inward: how long a charge takes.
   */
  public static final double TURNED_DEGREES = 25;

  /**
   * How long the swirl takes to follow, in s: ours.
   *
   * <p>Off by a half: how long the level and the swirl of the practised bowl take to follow.
   */
  public static final double LAG_S = 6;

  /**
   * The stress of a layer in which fast water mixes into slow, by the square of the difference of
   * their speeds: the peak of the self-similar plane mixing layer, 0.010 (Pope 2000, Turbulent
   * Flows, 5.4.2, from memory). While the swirl is behind the jet the whole bowl is such a layer:
   * that it is the whole one is ours.
   *
   * <p>Off by a half: how much opening fast loses in the practised bowl.
   */
  public static final double MIXING = 0.010;

  /**
   * The load that halves what comes in, in g: ours. A thick bed stands before the nozzle.
   *
   * <p>Off by a half: from which load on the level of the practised bowl sinks.
   */
  public static final double DAMMING_G = 2000;

  /**
   * The largest flake that floats, in mm: ours.
   *
   * <p>Off by a half: how much flat gold floats off dry sand in practice.
   */
  public static final double FLOATS_MM = 0.15;

  /**
   * What is rounder sinks, wetted or not: ours.
   *
   * <p>Off by a half: how much flat gold floats off dry sand in practice.
   */
  public static final double FLOATS_FLATNESS = 0.5;

  /**
   * How many flakes that can float do so when they are poured in dry, at most: ours.
   *
   * <p>Off by a half: how much flat gold floats off dry sand in practice, in proportion.
   */
  public static final double FLOATS = 0.6;

  /** The laws that hold now. */
  public static final BowlLaws OURS =
      new BowlLaws(
          2,
          TAKEN_ON,
          HALVING_G,
          INWARD,
          TURNED_DEGREES,
          LAG_S,
          MIXING,
          DAMMING_G,
          FLOATS_MM,
          FLOATS_FLATNESS,
          FLOATS);

  /** Checks every value against its range. */
  public BowlLaws {
    Check.inRange("number", number, 1, 1e6);
    Check.share("takenOn", takenOn);
    Check.inRange("halvingG", halvingG, 1, 100_000);
    Check.inRange("inward", inward, 0, 1);
    Check.inRange("turnedDegrees", turnedDegrees, 0, 60);
    Check.inRange("lagS", lagS, 0.1, 600);
    Check.share("mixing", mixing);
    Check.inRange("dammingG", dammingG, 1, 1e6);
    Check.inRange("floatsMm", floatsMm, 0.001, 2);
    Check.inRange("floatsFlatness", floatsFlatness, 0.01, 1);
    Check.share("floats", floats);
  }

  /**
   * The speed at the wall once the swirl has followed, in m/s.
   *
   * @param flowM3S in m³/s
   * @param nozzleM2 in m²
   * @param loadG what lies in the bowl, in g
   */
  public double wallMps(double flowM3S, double nozzleM2, double loadG) {
    return takenOn * flowM3S / nozzleM2 / (1 + loadG / halvingG);
  }

  /**
   * The shear velocity of water that is stirred by faster water besides, in m/s.
   *
   * @param shearMps its own, in m/s
   * @param behindMps how far it is behind, in m/s, from 0
   */
  public double stirredMps(double shearMps, double behindMps) {
    return Math.sqrt(shearMps * shearMps + mixing * behindMps * behindMps);
  }

  /**
   * How much faster than at the wall it goes further in.
   *
   * @param wallM radius of the wall, in m
   * @param radiusM where, in m
   */
  public double growth(double wallM, double radiusM) {
    return StrictMath.pow(wallM / radiusM, inward);
  }
}
