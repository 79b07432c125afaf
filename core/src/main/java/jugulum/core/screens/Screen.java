package jugulum.core.screens;

import jugulum.core.check.Check;

/**
 * A screen or classifier.
 *
 * @param label what is written on it, such as "30" for No. 30; not blank
 * @param openingMm its opening, nominal or as measured by its owner, in millimetres, from 0.001 to
 *     200
 */
public record Screen(String label, double openingMm) {
  /** Checks the label and the opening. */
  public Screen {
    if (label.isBlank()) {
      throw new IllegalArgumentException("a screen needs a label");
    }
    Check.inRange("openingMm", openingMm, 0.001, 200);
  }
}
