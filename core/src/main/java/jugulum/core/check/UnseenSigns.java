package jugulum.core.check;

/**
 * Signs nobody sees and no hand types: those that steer a terminal, those that turn the order of
 * what follows round, and halves of signs. Marks that only tell the direction of a script are none.
 */
public final class UnseenSigns {
  private UnseenSigns() {}

  /** Whether a text holds any; the ends of lines and tabs are none. */
  public static boolean in(String text) {
    return text.codePoints().anyMatch(UnseenSigns::isOne);
  }

  private static boolean isOne(int sign) {
    boolean controls = Character.getType(sign) == Character.CONTROL;
    boolean parts = sign == '\n' || sign == '\r' || sign == '\t';
    boolean turns = sign >= 0x202A && sign <= 0x202E || sign >= 0x2066 && sign <= 0x2069;
    return controls && !parts || turns || Character.getType(sign) == Character.SURROGATE;
  }
}
