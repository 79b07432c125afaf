package jugulum.desk.words;

import com.ibm.icu.text.MessagePattern;
import com.ibm.icu.text.MessagePattern.Part;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import java.util.regex.Pattern;

/**
 * A made-up language that shows what was never given to a translator: every text stands between
 * marks, has none of the 26 plain letters and is 40 % longer.
 */
public final class Pseudo {
  public static final char OPEN = '«';
  public static final char CLOSE = '»';

  private static final double LONGER = 0.4;
  private static final int SYLLABLE = 6;
  private static final String PLAIN = "abcdefghijklmnopqrstuvwxyzABCDEFGHIJKLMNOPQRSTUVWXYZ";
  private static final String MADE_UP = "àßçðéíøúîïâìæñöþëêšèûòœáýóÀÕÇÐÉÍØÚÎÏÂÌÆÑÖÞËÊŠÈÛÒŒÁÝÓ";

  /** Patterns of dates and of the command line, which are not read as sentences. */
  private static final String NOT_SENTENCES =
      "date\\..*|usage\\..*|mixin.*|jugulum\\..*|machines\\..*";

  /** One figure with a sign: the same in every language. */
  private static final Pattern FIGURE = Pattern.compile("[^a-zA-Z{]*\\{0}( ?(%|mg/kg|g/t|mm|°))?");

  private final MessagePattern parts;
  private int at;

  private Pseudo(String pattern) {
    this.parts = new MessagePattern(pattern);
  }

  /** The language; it counts as English does. */
  public static Language language() {
    Map<String, String> texts = new TreeMap<>();
    Language.ENGLISH
        .texts()
        .forEach((key, text) -> texts.put(key, key.matches(NOT_SENTENCES) ? text : of(text)));
    return new Language(Locale.forLanguageTag("en-x-madeup"), texts);
  }

  /** A pattern in the made-up language. */
  static String of(String pattern) {
    return pattern.isEmpty() || FIGURE.matcher(pattern).matches()
        ? pattern
        : OPEN + new Pseudo(pattern).message() + CLOSE;
  }

  /** A message, from the part that begins it; a choice of messages in it is one of its own. */
  private String message() {
    String pattern = parts.getPatternString();
    StringBuilder made = new StringBuilder();
    int letters = 0;
    int from = parts.getPart(at++).getLimit();
    while (parts.getPartType(at) != Part.Type.MSG_LIMIT) {
      if (parts.getPartType(at) == Part.Type.ARG_START) {
        String text = pattern.substring(from, parts.getPart(at).getIndex());
        letters += text.length();
        made.append(spelled(text)).append(argument(pattern));
        from = parts.getPart(at++).getLimit();
      } else {
        at++;
      }
    }
    String rest = pattern.substring(from, parts.getPart(at).getIndex());
    letters += rest.length();
    return made.append(spelled(rest)).append(more(letters)).toString();
  }

  /** An argument up to the part that ends it, which is left to be read. */
  private String argument(String pattern) {
    StringBuilder made = new StringBuilder();
    int from = parts.getPart(at++).getIndex();
    while (parts.getPartType(at) != Part.Type.ARG_LIMIT) {
      if (parts.getPartType(at) == Part.Type.MSG_START) {
        made.append(pattern, from, parts.getPart(at).getLimit()).append(message());
        from = parts.getPart(at).getIndex();
      }
      at++;
    }
    return made.append(pattern, from, parts.getPart(at).getLimit()).toString();
  }

  private static String spelled(String text) {
    StringBuilder made = new StringBuilder();
    for (char letter : text.toCharArray()) {
      int place = PLAIN.indexOf(letter);
      made.append(place < 0 ? letter : MADE_UP.charAt(place));
    }
    return made.toString();
  }

  /** The marks count as two of the letters more. */
  private static String more(int letters) {
    StringBuilder made = new StringBuilder();
    for (int i = 2; i < Math.round(letters * LONGER); i++) {
      made.append(i % SYLLABLE == 2 ? ' ' : '~');
    }
    return made.toString();
  }
}
