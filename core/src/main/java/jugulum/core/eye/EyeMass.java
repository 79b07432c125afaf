package jugulum.core.eye;

import java.util.Arrays;
import java.util.List;
import jugulum.core.check.Band;
import jugulum.core.check.Check;
import org.apache.commons.rng.UniformRandomProvider;
import org.apache.commons.rng.sampling.distribution.ZigguratSampler;
import org.apache.commons.rng.simple.RandomSource;

/**
 * The mass of the gold in a picture, as a range: κ Σ A^1.5 with what is open of κ, of the scale, of
 * every border, of every speck's thickness, of what is no gold or was not seen, and what the eye
 * itself is usually out by. Propagation of distributions by Monte Carlo, JCGM 101:2008, 6.4.
 *
 * @param milligrams the middle of the draws, in the middle, with the 95 % range around it, in mg
 * @param widest what makes it wide most
 */
public record EyeMass(Band milligrams, Widest widest) {
  /** What makes a range wide. */
  public enum Widest {
    /** Weigh a handful. */
    THICKNESS,
    /** Put the thing of known size level with the gold, or a larger one. */
    SCALE,
    /** Go nearer. */
    BORDERS,
    /** More specks. */
    COUNT,
    /** Go through what is unsure. */
    CORRECTIONS
  }

  /** More than that is never unseen: a share of all there are. */
  static final double MOST_UNSEEN = 0.95;

  /** So many draws. */
  public static final int DRAWS = 20_000;

  /** Of all borders together, in pixels: measured on drawn pictures. */
  private static final double BORDER_PX = 0.12;

  /** One speck's area to the power 1.5, as a logarithm, where it is six pixels across: measured. */
  private static final double ONE_AREA = 0.33;

  private static final double AT_PX = 6;
  private static final double MOST_OF_IT = 1.5;

  /** What the eye is out by in the mean, as a logarithm: measured on drawn pictures. */
  private static final double EYE = -0.02;

  /** What is open of that where a person went through the picture. */
  private static final double EYE_SD = 0.12;

  /** The same where nobody did. */
  private static final double UNCORRECTED_SD = 0.30;

  /**
   * The gold of a picture.
   *
   * @param gold the specks that count
   * @param isGoneThrough whether a person went through all of them
   * @param falses what the shop's pictures of such a tray had that was no gold
   * @param missed what they had that was not seen
   * @param seed of the draws: the same picture gives the same range
   */
  public static EyeMass of(
      List<SeenSpeck> gold,
      PictureScale scale,
      Kappa kappa,
      boolean isGoneThrough,
      Corrected falses,
      Corrected missed,
      long seed) {
    Check.inRange("specks", gold.size(), 1, 1e6);
    UniformRandomProvider random = RandomSource.XO_SHI_RO_256_PP.create(seed);
    ZigguratSampler.NormalizedGaussian normal = ZigguratSampler.NormalizedGaussian.of(random);
    BetaShare noGold = share(random, isGoneThrough, falses);
    BetaShare unseen = share(random, isGoneThrough, missed);
    double[] size = new double[gold.size()];
    double[] across = new double[gold.size()];
    double[] one = new double[gold.size()];
    double perMm2 = scale.pxPerMm() * scale.pxPerMm();
    for (int i = 0; i < size.length; i++) {
      SeenSpeck speck = gold.get(i);
      size[i] = Math.pow(speck.areaPx() / perMm2, 1.5);
      across[i] = speck.acrossPx();
      double area = ONE_AREA * Math.min(MOST_OF_IT, AT_PX / across[i]);
      one[i] = Math.hypot(area, Kappa.ONE_SPECK);
    }
    double[] draws = new double[DRAWS];
    for (int k = 0; k < DRAWS; k++) {
      double common =
          kappa.logSd() * normal.sample()
              + 3 * scale.relativeSd() * normal.sample()
              + EYE
              + (isGoneThrough ? EYE_SD : UNCORRECTED_SD) * normal.sample();
      double border = BORDER_PX * normal.sample();
      double falseShare = noGold.next();
      double sum = 0;
      for (int i = 0; i < size.length; i++) {
        if (random.nextDouble() >= falseShare) {
          double wide = Math.max(0, 1 + 2 * border / across[i]);
          double each = one[i] * normal.sample() - one[i] * one[i] / 2;
          sum += size[i] * wide * wide * wide * StrictMath.exp(each);
        }
      }
      draws[k] =
          kappa.value() * StrictMath.exp(common) * sum / (1 - Math.min(MOST_UNSEEN, unseen.next()));
    }
    Arrays.sort(draws);
    Band milligrams =
        new Band(draws[(int) (0.025 * DRAWS)], draws[DRAWS / 2], draws[(int) (0.975 * DRAWS)]);
    return new EyeMass(milligrams, widest(size, across, scale, kappa, isGoneThrough));
  }

  private static BetaShare share(
      UniformRandomProvider random, boolean isGoneThrough, Corrected corrected) {
    return isGoneThrough
        ? new BetaShare(random, 1, Corrected.lookedThrough())
        : new BetaShare(random, corrected);
  }

  private static Widest widest(
      double[] size, double[] across, PictureScale scale, Kappa kappa, boolean isGoneThrough) {
    double sum = 0;
    double squares = 0;
    double border = 0;
    for (int i = 0; i < size.length; i++) {
      sum += size[i];
      squares += size[i] * size[i];
      border += size[i] * 6 * BORDER_PX / across[i];
    }
    double byCount = 0.35 * Math.sqrt(squares) / sum;
    double[] parts = {
      kappa.logSd(),
      3 * scale.relativeSd(),
      border / sum,
      byCount,
      isGoneThrough ? 0 : UNCORRECTED_SD
    };
    int most = 0;
    for (int i = 1; i < parts.length; i++) {
      most = parts[i] > parts[most] ? i : most;
    }
    return Widest.values()[most];
  }
}
