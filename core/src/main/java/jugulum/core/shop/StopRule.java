package jugulum.core.shop;

import jugulum.core.check.Check;

/**
 * When a shop stops with the magnet.
 *
 * @param kind by what it goes
 * @param specks for {@link Kind#UNDER_SPECKS}: a pass that frees fewer is the last; from 1 to 1,000
 */
public record StopRule(Kind kind, int specks) {
  /** The schools of stopping. */
  public enum Kind {
    /** The magnet picks clean: a pass frees no speck. */
    PICKS_CLEAN,
    /** A pass frees fewer specks than a number. */
    UNDER_SPECKS,
    /** The next pass costs more than it wins. */
    PAYS
  }

  /** The usual one: clean is clean. */
  public static final StopRule USUAL = new StopRule(Kind.PICKS_CLEAN, 3);

  /** Checks the number. */
  public StopRule {
    Check.inRange("stopSpecks", specks, 1, 1000);
  }
}
