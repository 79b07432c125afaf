package jugulum.core.season;

import java.util.List;
import jugulum.core.check.Band;

/** Sums of figures that are not known sharply. */
final class Spread {
  private Spread() {}

  /**
   * The sum, each end by the root of the summed squares of the reaches on that side: the errors of
   * different batches are taken as independent of each other.
   */
  static Band sum(List<Band> bands) {
    double usual = 0;
    double below = 0;
    double above = 0;
    for (Band one : bands) {
      usual += one.usual();
      below += (one.usual() - one.low()) * (one.usual() - one.low());
      above += (one.high() - one.usual()) * (one.high() - one.usual());
    }
    return new Band(usual - Math.sqrt(below), usual, usual + Math.sqrt(above));
  }
}
