package jugulum.core.magnet;

/**
 * When the magnet comes. Each is common practice somewhere; {@link WithOrWithout} tells what it
 * comes to.
 */
public enum MagnetSchool {
  /** Cut by cut before gravity: far less heavy sand is left to fight. */
  BEFORE_GRAVITY,
  /** On the concentrate of a first gravity pass: only a little sand meets the magnet. */
  AFTER_FIRST_PASS,
  /** In the field only gravity; the concentrate meets the magnet at home. */
  AT_HOME,
  /** Gravity alone. */
  NEVER
}
