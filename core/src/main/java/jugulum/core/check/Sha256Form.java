package jugulum.core.check;

import java.util.regex.Pattern;

/** How a SHA-256 (FIPS 180-4) is written here: 64 hexadecimal digits in lower case. */
public final class Sha256Form {
  private static final Pattern FORM = Pattern.compile("[0-9a-f]{64}");

  private Sha256Form() {}

  /** Whether a text has that form. */
  public static boolean isOne(String text) {
    return FORM.matcher(text).matches();
  }

  /**
   * Sees that a text has that form.
   *
   * @throws IllegalArgumentException if it has not
   */
  public static void check(String text) {
    if (!isOne(text)) {
      throw new IllegalArgumentException("a SHA-256 has 64 hexadecimal digits");
    }
  }
}
