package jugulum.core.sizes;

/** How sand is spread over sizes, known or guessed. */
public interface SizeSpread {
  /**
   * The share of the sand finer than a size, 0 to 1, never falling as the size grows.
   *
   * @param sizeMm the size, in mm, above 0; infinite gives 1
   */
  double finer(double sizeMm);
}
