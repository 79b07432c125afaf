package jugulum.core.trial;

import jugulum.core.check.Band;
import jugulum.core.check.Check;
import jugulum.core.check.Normal;
import jugulum.core.trial.SpikeBack.Recovered;
import org.hipparchus.distribution.continuous.NormalDistribution;

/**
 * What came back of a spike by weight: (won − own) ÷ in, with what the weights leave open and with
 * what chance leaves open, for a machine lets whole specks go. Source of the first: JCGM 100:2008
 * (GUM), equation 10; of the second: binomial, with the specks a spread of masses is worth, n ÷ (1
 * + v) (L. Kish, Survey Sampling, 1965, from memory).
 *
 * @param in put in, pure, from 0.001 mg
 * @param won found where the machine keeps gold, 0 mg or more
 * @param lost found where it lets it go, the sand's own taken off, 0 mg or more
 * @param own of what was won the sand's own, by a blank run, 0 mg or more
 * @param specks how many the spike has, from 1
 * @param spread the relative variance of their masses, 0 to 100
 */
public record MassBack(
    Weighed in, Weighed won, Weighed lost, Weighed own, int specks, double spread) {
  /** What many runs may hold together: a thousand times what one can, in milligrams. */
  private static final double MOST_MG = 1_000 * Amount.MOST_MG;

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
      Check.inRange("milligrams", mg, 0, MOST_MG);
      Check.inRange("sdMg", sdMg, 0, MOST_MG);
    }

    /** Two weights together, each with its own doubt. */
    Weighed and(Weighed other) {
      return new Weighed(mg + other.mg, Math.hypot(sdMg, other.sdMg));
    }

    /** Without that, each with its own doubt; nothing where that is more. */
    Weighed less(Weighed other) {
      return new Weighed(Math.max(0, mg - other.mg), Math.hypot(sdMg, other.sdMg));
    }

    /** So many times as much, 0 or more. */
    Weighed times(double factor) {
      return new Weighed(mg * factor, sdMg * factor);
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
    Check.inRange("in", in.mg(), 0.001, MOST_MG);
    Check.inRange("specks", specks, 1, 1e9);
    Check.inRange("spread", spread, 0, 100);
  }

  /** More came back than was put in, by more than its doubt explains at 95 %. */
  public boolean isTooMuch() {
    return overMg() > doubt();
  }

  /** So much more came back than was put in, in milligrams; negative where less did. */
  public double overMg() {
    return won.mg() + lost.mg() - own.mg() - in.mg();
  }

  /** The chance that the weights are off by so much, 0 to 1. */
  public double chanceOfOver() {
    double sd = Math.max(Double.MIN_NORMAL, doubt() / Normal.Z95);
    return 1 - new NormalDistribution().cumulativeProbability(overMg() / sd);
  }

  /** What the weights together leave open, at 95 %, in milligrams. */
  private double doubt() {
    return Normal.Z95 * Math.sqrt(square(won) + square(lost) + square(own) + square(in));
  }

  /** Found nowhere, in milligrams; what the weights leave open is not missing. */
  public double missingMg() {
    return -overMg() > doubt() ? -overMg() : 0;
  }

  /** The recovery with its 95 % range, cut at 0 and 1, nothing of what is missing won. */
  public Band recovery() {
    return recovery(won);
  }

  private Band recovery(Weighed found) {
    double share = share(found);
    double half = Normal.Z95 * Math.sqrt(variance(found));
    return new Band(Math.max(0, share - half), share, Math.min(1, share + half));
  }

  /** From none to all of what is missing won. */
  public Recovered recovered() {
    Band most = recovery(new Weighed(won.mg() + missingMg(), won.sdMg()));
    Band least = recovery();
    return new Recovered(least.low(), least.usual(), most.usual(), most.high());
  }

  /** So many counted specks would tell as much. */
  public SpikeBack worth() {
    double share = share(won);
    double inside = inside(share);
    int all = (int) Math.max(1, Math.round(inside * (1 - inside) / variance(won)));
    int back = (int) Math.round(share * all);
    int gone = (int) Math.round(lost.mg() / in.mg() * all);
    return new SpikeBack(all, back, Math.min(gone, all - back));
  }

  private double share(Weighed found) {
    return Math.clamp((found.mg() - own.mg()) / in.mg(), 0, 1);
  }

  private double whole() {
    return specks / (1 + spread);
  }

  /** Half a speck to either side, so that none and all are in doubt too. */
  private double inside(double share) {
    return (share * whole() + 0.5) / (whole() + 1);
  }

  private double variance(Weighed found) {
    double ratio = (found.mg() - own.mg()) / in.mg();
    double inside = inside(share(found));
    return (square(found) + square(own) + ratio * ratio * square(in)) / (in.mg() * in.mg())
        + inside * (1 - inside) / whole();
  }

  private static double square(Weighed weight) {
    return weight.sdMg() * weight.sdMg();
  }
}
