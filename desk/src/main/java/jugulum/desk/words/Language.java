package jugulum.desk.words;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.ResourceBundle;
import java.util.TreeMap;

/**
 * A language the program speaks: every text there is, by its key.
 *
 * @param locale whose plurals, lists and names of months the texts use
 * @param texts by key; patterns of the ICU message format
 */
public record Language(Locale locale, Map<String, String> texts) {
  private static final List<String> BUNDLES =
      List.of(
          "jugulum.desk.words.words", "jugulum.desk.words.machines", "jugulum.desk.words.guide");

  /** The language the texts are written in first. */
  public static final Language ENGLISH = shipped(Locale.ENGLISH);

  /** Keeps its own copy of the texts. */
  public Language {
    texts = Map.copyOf(texts);
  }

  /** The languages that ship with the program, in the order the switch goes through them. */
  public static List<Language> shipped() {
    return List.of(ENGLISH);
  }

  /** A language whose texts ship; what it has no text for is said in English. */
  static Language shipped(Locale locale) {
    Map<String, String> texts = new TreeMap<>();
    for (String name : BUNDLES) {
      ResourceBundle bundle =
          ResourceBundle.getBundle(
              name,
              locale,
              ResourceBundle.Control.getNoFallbackControl(
                  ResourceBundle.Control.FORMAT_PROPERTIES));
      bundle.keySet().forEach(key -> texts.put(key, bundle.getString(key)));
    }
    return new Language(locale, texts);
  }

  /** Its tag, as it is remembered. */
  public String tag() {
    return locale.toLanguageTag();
  }

  /** What it is called by those who speak it. */
  public String name() {
    return locale.getDisplayLanguage(locale);
  }

  /** The text of a key. */
  Optional<String> text(String key) {
    return Optional.ofNullable(texts.get(key));
  }
}
