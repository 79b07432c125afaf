package jugulum.core.check;

import java.util.Collections;
import java.util.Map;
import java.util.NoSuchElementException;
import java.util.TreeMap;
import java.util.function.Supplier;

/** Range checks at the edge of the model. Each tests the valid range, so NaN never passes. */
public final class Check {
  /** The heaviest container of material the model takes, in grams: ten tonnes. */
  public static final double HEAVIEST_G = 1e7;

  private static final ScopedValue<Boolean> AS_RECORDED = ScopedValue.newInstance();

  private Check() {}

  /**
   * Does a piece of work with what was recorded before: values that were in their range then are
   * taken as they are, though a later version may have made the range narrower. What is not a
   * number is refused all the same. Only for reading one's own records.
   */
  public static <T> T asRecorded(Supplier<T> work) {
    return ScopedValue.where(AS_RECORDED, true).call(work::get);
  }

  /**
   * Gives the value back if it lies in the closed range.
   *
   * @throws OutOfRange if it does not, or is NaN
   */
  public static double inRange(String quantity, double value, double low, double high) {
    if (value >= low && value <= high || AS_RECORDED.isBound() && Double.isFinite(value)) {
      return value;
    }
    throw new OutOfRange(quantity, low, high, value);
  }

  /**
   * Gives the mass back if it is from 0 to {@link #HEAVIEST_G} grams.
   *
   * @throws OutOfRange if it is not, or is NaN
   */
  public static double grams(String quantity, double grams) {
    return inRange(quantity, grams, 0, HEAVIEST_G);
  }

  /**
   * A copy that cannot be changed and goes by name: the order of {@link Map#copyOf} is another in
   * every run, and so would be what is written of it.
   *
   * @param map neither names nor values are null
   */
  public static <V> Map<String, V> byName(Map<String, V> map) {
    return Collections.unmodifiableMap(new TreeMap<>(Map.copyOf(map)));
  }

  /**
   * Gives the value of a key that must be there.
   *
   * @throws NoSuchElementException if it is not, naming it
   */
  public static <K, V> V known(Map<K, V> map, K key) {
    V value = map.get(key);
    if (value == null) {
      throw new NoSuchElementException(String.valueOf(key));
    }
    return value;
  }

  /**
   * Gives the share back if it is from 0 to 1.
   *
   * @throws OutOfRange if it is not, or is NaN
   */
  public static double share(String quantity, double share) {
    return inRange(quantity, share, 0, 1);
  }
}
