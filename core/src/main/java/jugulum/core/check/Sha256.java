package jugulum.core.check;

import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.regex.Pattern;

/** SHA-256 (FIPS 180-4), as 64 hexadecimal digits in lower case. */
public final class Sha256 {
  private static final Pattern FORM = Pattern.compile("[0-9a-f]{64}");

  private Sha256() {}

  /** Of bytes. */
  public static String of(byte[] bytes) {
    return HexFormat.of().formatHex(digest().digest(bytes));
  }

  /** Whether a text has its form. */
  public static boolean isOne(String text) {
    return FORM.matcher(text).matches();
  }

  /**
   * Sees that a text has its form.
   *
   * @throws IllegalArgumentException if it has not
   */
  public static void check(String text) {
    if (!isOne(text)) {
      throw new IllegalArgumentException("a SHA-256 has 64 hexadecimal digits");
    }
  }

  /** For what comes piece by piece. */
  public static MessageDigest digest() {
    try {
      return MessageDigest.getInstance("SHA-256");
    } catch (NoSuchAlgorithmException never) {
      throw new IllegalStateException("every Java has SHA-256", never);
    }
  }
}
