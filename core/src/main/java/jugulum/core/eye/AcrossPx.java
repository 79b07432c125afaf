package jugulum.core.eye;

/** How many pixels a speck is across: few pixels are mistaken more often. */
public enum AcrossPx {
  UNDER_6,
  UNDER_12,
  FROM_12;

  /**
   * The class of a speck.
   *
   * @param acrossPx as a disc of its area, in pixels, 0 or more
   */
  public static AcrossPx of(double acrossPx) {
    return acrossPx < 6 ? UNDER_6 : acrossPx < 12 ? UNDER_12 : FROM_12;
  }
}
