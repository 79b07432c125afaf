package jugulum.core.shop;

import jugulum.core.check.Check;

/**
 * A magnet of the shop.
 *
 * @param name what it is called here; not blank
 * @param strengthMt the field at its bare face, in millitesla, from 1 to 2,000
 */
public record Magnet(String name, double strengthMt) {
  /** Checks both. */
  public Magnet {
    name = name.strip();
    if (name.isEmpty()) {
      throw new IllegalArgumentException("a magnet needs a name");
    }
    Check.inRange("strengthMt", strengthMt, 1, 2000);
  }
}
