package jugulum.core.trial;

import jugulum.core.check.Band;
import jugulum.core.check.Check;
import jugulum.core.check.Normal;

/**
 * What came back of a spike by weight: (won − own) ÷ in, with what the weights leave open and with
 * what chance leaves open, for a machine lets whole specks go. Source of the first: JCGM 100:2008
 * (GUM), equation 10; of the second: binomial, with the specks a spread of masses is worth, n ÷ (1
 * + v) (L. Kish, Survey Sampling, 1965, from memory).
 *
 * @param in put in, pure, from 0.001 mg
 * @param won found where the machine keeps gold, 0 mg or more
 * @param own of it the sand's own, by a blank run, 0 mg or more
 * @param specks how many the spike has, from 1
 * @param spread the relative variance of their masses, 0 to 100
 */
public record MassBack(Weighed in, Weighed won, Weighed own, int specks, double spread) {
  /**
   * A weight.
   *
   * @param mg in milligrams
   * @param sdMg its standard uncertainty, in milligrams
   */
  public record Weighed(double mg, double sdMg) {
    /** Nothing, surely. */
    public static final Weighed NONE = new Weighed(0, 0);

    /** Checks both. */
    public Weighed {
      Check.inRange("milligrams", mg, 0, 1e9);
      Check.inRange("sdMg", sdMg, 0, 1e9);
    }

    /**
     * The gold in a spike that is not all gold: sulfide in it weighs too.
     *
     * @param share its share of gold, 0.01 to 1
     * @param sd its standard uncertainty, 0 to 0.5
     */
    public Weighed pure(double share, double sd) {
      Check.inRange("share", share, 0.01, 1);
      Check.inRange("sd", sd, 0, 0.5);
      return new Weighed(mg * share, Math.hypot(sdMg * share, mg * sd));
    }
  }

  /** Checks the numbers. */
  public MassBack {
    Check.inRange("in", in.mg(), 0.001, 1e9);
    Check.inRange("specks", specks, 1, 1e9);
    Check.inRange("spread", spread, 0, 100);
  }

  /** More came back than was put in, by more than its doubt explains at 95 %. */
  public boolean isTooMuch() {
    double over = won.mg() - own.mg() - in.mg();
    return over > Normal.Z95 * Math.sqrt(square(won) + square(own) + square(in));
  }

  /** The recovery with its 95 % range, cut at 0 and 1. */
  public Band recovery() {
    double ratio = (won.mg() - own.mg()) / in.mg();
    double share = Math.clamp(ratio, 0, 1);
    double weights = (square(won) + square(own) + ratio * ratio * square(in)) / (in.mg() * in.mg());
    double whole = specks / (1 + spread);
    double inside = (share * whole + 0.5) / (whole + 1);
    double chance = inside * (1 - inside) / whole;
    double half = Normal.Z95 * Math.sqrt(weights + chance);
    return new Band(Math.max(0, share - half), share, Math.min(1, share + half));
  }

  private static double square(Weighed weight) {
    return weight.sdMg() * weight.sdMg();
  }
}
