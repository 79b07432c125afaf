package jugulum.core.weighing;

import jugulum.core.check.Check;

/**
 * A bowl or bucket whose weight is remembered.
 *
 * @param name what is written on it; not blank
 * @param tareG empty, in grams, above 0
 */
public record Container(String name, double tareG) {
  /** Checks both. */
  public Container {
    name = name.strip();
    if (name.isEmpty()) {
      throw new IllegalArgumentException("a container needs a name");
    }
    Check.inRange("tareG", tareG, Double.MIN_NORMAL, Check.HEAVIEST_G);
  }
}
