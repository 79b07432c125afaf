package jugulum.core.check;

/**
 * A value outside the range a quantity can have. It carries the parts of its message, so that a
 * window can say the same in the user's language.
 */
public final class OutOfRange extends IllegalArgumentException {
  private static final long serialVersionUID = 1L;

  private final String quantity;
  private final double low;
  private final double high;
  private final double value;

  OutOfRange(String quantity, double low, double high, double value) {
    super(quantity + " must be from " + low + " to " + high + ", not " + value);
    this.quantity = quantity;
    this.low = low;
    this.high = high;
    this.value = value;
  }

  /** The name of the quantity, with its unit, as in the code: {@code grossG}. */
  public String quantity() {
    return quantity;
  }

  /** The lowest value allowed, in the unit the name tells. */
  public double low() {
    return low;
  }

  /** The highest value allowed, in the unit the name tells. */
  public double high() {
    return high;
  }

  /** The value refused; may be NaN. */
  public double value() {
    return value;
  }
}
