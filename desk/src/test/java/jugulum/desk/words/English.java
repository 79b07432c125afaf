package jugulum.desk.words;

import java.util.Locale;

/** The words most tests read: English, with a decimal point. */
public final class English {
  public static final Words WORDS = Words.in(Language.ENGLISH, Locale.ENGLISH);

  private English() {}
}
