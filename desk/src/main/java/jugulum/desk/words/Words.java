package jugulum.desk.words;

import java.text.MessageFormat;
import java.util.Locale;
import java.util.ResourceBundle;

/**
 * The texts shown to users. Arguments are texts too: whoever has a number gives it its unit first.
 */
public final class Words {
  private static final ResourceBundle BUNDLE =
      ResourceBundle.getBundle("jugulum.desk.words.words", Locale.ENGLISH);

  private Words() {}

  /**
   * The text of a key, with its arguments put in.
   *
   * @throws java.util.MissingResourceException for a key that has no text
   */
  public static String of(String key, String... arguments) {
    String pattern = BUNDLE.getString(key);
    return arguments.length == 0
        ? pattern
        : new MessageFormat(pattern, Locale.ROOT).format(arguments);
  }

  /** The text of one of a set of things: the key is the prefix, a point and the constant's name. */
  public static String of(String prefix, Enum<?> constant, String... arguments) {
    return of(prefix + "." + constant.name(), arguments);
  }

  /**
   * The text for a number of things: the key ends in ".one" or ".many", and the number is the first
   * argument.
   */
  public static String counted(String key, int count, String... more) {
    String[] arguments = new String[more.length + 1];
    arguments[0] = Integer.toString(count);
    System.arraycopy(more, 0, arguments, 1, more.length);
    return of(key + (count == 1 ? ".one" : ".many"), arguments);
  }
}
