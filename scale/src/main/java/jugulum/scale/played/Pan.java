package jugulum.scale.played;

import java.util.random.RandomGenerator;

/**
 * What lies on a played scale, and what the scale makes of it. Time comes with every question, so a
 * test can play an hour at once.
 */
final class Pan {
  /** What was laid on settles with that time constant, in seconds. */
  private static final double SETTLES_S = 0.12;

  private final RandomGenerator random;
  private double fromG;
  private double toG;
  private double rateGs;
  private double sinceS;
  private double windG;
  private double driftGs;
  private double driftSinceS;
  private double zeroG;

  Pan(RandomGenerator random) {
    this.random = random;
  }

  /** Lays or takes off, all at once. */
  void put(double grams, double nowS) {
    change(grams, Double.POSITIVE_INFINITY, nowS);
  }

  /** Pours or scoops, so many grams a second. */
  void pour(double grams, double gramsPerSecond, double nowS) {
    change(grams, gramsPerSecond, nowS);
  }

  private void change(double grams, double rate, double nowS) {
    fromG = loadG(nowS);
    toG = grams;
    rateGs = rate;
    sinceS = nowS;
  }

  void wind(double sdG) {
    windG = sdG;
  }

  void drift(double gramsPerSecond, double nowS) {
    zeroG += driftGs * (nowS - driftSinceS);
    driftGs = gramsPerSecond;
    driftSinceS = nowS;
  }

  /** The zero key: what it shows now is nothing. */
  void zero(double nowS) {
    zeroG = -loadG(nowS);
    driftSinceS = nowS;
  }

  /** What really lies on it, in grams. */
  double loadG(double nowS) {
    double t = nowS - sinceS;
    if (Double.isInfinite(rateGs)) {
      return toG + (fromG - toG) * Math.exp(-t / SETTLES_S);
    }
    double most = Math.abs(toG - fromG);
    return fromG + Math.signum(toG - fromG) * Math.min(most, rateGs * t);
  }

  /** Whether what lies on it has come to rest, to a tenth of that. */
  boolean rests(double nowS, double stepG) {
    return Math.abs(loadG(nowS) - toG) < stepG / 10;
  }

  /** What the scale shows, rounded to its step. */
  double shownG(double nowS, double stepG) {
    double felt =
        loadG(nowS) + zeroG + driftGs * (nowS - driftSinceS) + windG * random.nextGaussian();
    return Math.rint(felt / stepG) * stepG;
  }
}
