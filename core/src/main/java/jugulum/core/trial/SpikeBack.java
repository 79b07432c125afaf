package jugulum.core.trial;

import jugulum.core.check.Check;
import jugulum.core.specks.PoissonRange;

/**
 * What came back of a spike of one size class, by counting. Specks found nowhere are neither won
 * nor lost: they widen the recovery from both ends.
 *
 * @param in specks put in, from 1
 * @param won found where the machine keeps gold, 0 to 1e6
 * @param lost found where it lets it go, 0 to 1e6
 */
public record SpikeBack(int in, int won, int lost) {
  private static final double CONFIDENCE = 0.95;

  /** Checks the counts; more may be found than was put in, of which {@link #isTooMuch} tells. */
  public SpikeBack {
    Check.inRange("in", in, 1, 1e6);
    Check.inRange("won", won, 0, 1e6);
    Check.inRange("lost", lost, 0, 1e6);
  }

  /** Found nowhere. */
  public int missing() {
    return Math.max(0, in - won - lost);
  }

  /** More was found than put in: the sand had gold of its own, or the count is wrong. */
  public boolean isTooMuch() {
    return won + lost > in;
  }

  /**
   * The recovery as it would be were none of the missing won, with the low end of its 95 % range,
   * and were all of them won, with the high end.
   */
  public Recovered recovery() {
    int all = Math.max(in, won + lost);
    int most = Math.min(all, won + missing());
    return new Recovered(
        ShareRange.of(won, all, CONFIDENCE).low(),
        (double) won / all,
        (double) most / all,
        ShareRange.of(most, all, CONFIDENCE).high());
  }

  /**
   * A recovery that the missing leave open.
   *
   * @param low the low end of the range, 0 to 1
   * @param least were none of the missing won
   * @param most were all of them won
   * @param high the high end of the range
   */
  public record Recovered(double low, double least, double most, double high) {
    /** Checks their order. */
    public Recovered {
      Check.share("low", low);
      Check.inRange("least", least, low, 1);
      Check.inRange("most", most, least, 1);
      Check.inRange("high", high, most, 1);
    }

    /** The same with what chance leaves open so many times as wide, 1 or more. */
    Recovered widened(double times) {
      return new Recovered(
          Math.max(0, least - times * (least - low)),
          least,
          most,
          Math.min(1, most + times * (high - most)));
    }
  }

  /**
   * The recovery with the sand's own gold taken off, as a blank run of the same sand tells it.
   *
   * <p>(won − own)/in. Its range is put together by square-and-add from three: what the spike alone
   * leaves open, what the own gold of this run does, and what the blank run does (the latter two by
   * Garwood). Source: G. Y. Zou and A. Donner, Statistics in Medicine 27 (2008) 1693–1702.
   *
   * @param blank specks won of a blank run, 0 to 1e6
   * @param ratio the sand of this run by that of the blank run, 0.001 to 1000
   */
  public Recovered lessOwn(int blank, double ratio) {
    Check.inRange("ratio", ratio, 0.001, 1000);
    double own = blank * ratio;
    int taken = Math.min(won, (int) Math.round(own));
    Recovered spike = new SpikeBack(in, won - taken, lost).recovery();
    double least = Math.clamp((won - own) / in, 0, 1);
    double most = Math.clamp((won + missing() - own) / in, least, 1);
    PoissonRange seen = PoissonRange.of(blank, CONFIDENCE);
    PoissonRange here = PoissonRange.of((int) Math.round(own), CONFIDENCE);
    double more = Math.hypot(ratio * (seen.high() - blank), here.high() - own) / in;
    double fewer = Math.hypot(ratio * (blank - seen.low()), Math.max(0, own - here.low())) / in;
    double down = Math.hypot(spike.least() - spike.low(), more);
    double up = Math.hypot(spike.high() - spike.most(), fewer);
    return new Recovered(Math.max(0, least - down), least, most, Math.min(1, most + up));
  }

  /** The same with repeats of it added. */
  public SpikeBack with(SpikeBack other) {
    return new SpikeBack(in + other.in, won + other.won, lost + other.lost);
  }
}
