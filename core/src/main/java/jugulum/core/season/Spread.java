package jugulum.core.season;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import jugulum.core.check.Band;
import jugulum.core.check.Normal;

/** Sums of figures that are not known sharply. */
final class Spread {
  private Spread() {}

  /**
   * A figure that is off partly by itself and partly together with others.
   *
   * @param band its 95 % range
   * @param kin what it has that in common with
   * @param alikeSd how far it is off together with those, as a standard deviation, 0 or more
   */
  record One(Band band, String kin, double alikeSd) {}

  /**
   * The sum. On either side what its own reach holds beyond what it has in common adds up by
   * squares, what kin have in common adds up as it is, and several kin by squares again (JCGM
   * 100:2008, 5.2.2: correlated inputs, with correlation 1 within kin).
   */
  static Band sum(List<One> all) {
    double usual = all.stream().mapToDouble(one -> one.band().usual()).sum();
    return new Band(usual - reach(all, true), usual, usual + reach(all, false));
  }

  private static double reach(List<One> all, boolean isBelow) {
    double squares = 0;
    Map<String, Double> alike = new HashMap<>();
    for (One one : all) {
      double whole =
          isBelow ? one.band().usual() - one.band().low() : one.band().high() - one.band().usual();
      double common = Math.min(whole, Normal.Z95 * one.alikeSd());
      squares += whole * whole - common * common;
      alike.merge(one.kin(), common, Double::sum);
    }
    for (double common : alike.values()) {
      squares += common * common;
    }
    return Math.sqrt(squares);
  }
}
