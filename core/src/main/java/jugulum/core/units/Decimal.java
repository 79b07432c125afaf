package jugulum.core.units;

import java.math.BigDecimal;

/** Numbers as they are written, in tens. */
public final class Decimal {
  private Decimal() {}

  /**
   * A number with its point moved, as on paper: 0.123456 g are 123.456 mg and those are 0.123456 g
   * again, where multiplying and dividing by a thousand may end one bit beside.
   *
   * @param value any number; what is not finite stays as it is
   * @param places so many places to the right, or to the left where below 0
   */
  public static double shifted(double value, int places) {
    if (!Double.isFinite(value)) {
      return value;
    }
    return new BigDecimal(Double.toString(value)).movePointRight(places).doubleValue();
  }
}
