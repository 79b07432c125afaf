package jugulum.core.look;

import jugulum.core.check.Check;
import jugulum.core.specks.PoissonRange;

/**
 * What was seen of tailings since the run was last changed.
 *
 * @param grams sand that was panned, 0 to 1e9
 * @param specks counted in it, 0 or more
 * @param looks in how many goes, 0 where nobody looked yet
 */
public record Seen(double grams, int specks, int looks) {
  /** Nobody looked yet. */
  public static final Seen NOTHING = new Seen(0, 0, 0);

  /**
   * How often what is said of a look may be wrong on one side, at the first look; as often again at
   * all later ones together.
   */
  private static final double WRONG = 0.025;

  /** Checks every value against its range. */
  public Seen {
    Check.grams("grams", grams);
    Check.inRange("specks", specks, 0, 1e9);
    Check.inRange("looks", looks, 0, 1e4);
  }

  /** With another sample. */
  public Seen and(double moreGrams, int moreSpecks) {
    return new Seen(grams + moreGrams, specks + moreSpecks, looks + 1);
  }

  /** Specks in a kilogram, as counted; nothing panned has none. */
  public double perKg() {
    return grams > 0 ? specks / grams * 1000 : 0;
  }

  /**
   * The range of the count, wider with every look: who looks again and again until a limit is
   * passed passes it by chance sooner or later. The first look has the usual 2.5 % on either side,
   * the k-th 2.5 %/(k(k − 1)): all later ones together 2.5 % (the sum of 1/(k(k − 1)) from 2 on is
   * 1), so that however often somebody looks one side is wrong in less than 5 % (Bonferroni).
   */
  public PoissonRange range() {
    return range(looks);
  }

  /** The same as it would be with one more look that adds no speck. */
  PoissonRange rangeNext() {
    return range(looks + 1);
  }

  private PoissonRange range(int look) {
    double wrong = look < 2 ? WRONG : WRONG / look / (look - 1);
    return PoissonRange.of(specks, 1 - 2 * wrong);
  }
}
