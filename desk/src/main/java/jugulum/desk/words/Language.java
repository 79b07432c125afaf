package jugulum.desk.words;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.MissingResourceException;
import java.util.Optional;
import java.util.ResourceBundle;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;

/**
 * A language the program speaks: every text there is, by its key.
 *
 * @param locale whose plurals, lists and names of months the texts use
 * @param texts by key; patterns of the ICU message format
 * @param inEnglish the keys of texts that nobody translated, and that are said in English
 */
public record Language(Locale locale, Map<String, String> texts, Set<String> inEnglish) {
  private static final List<String> BUNDLES =
      List.of(
          "jugulum.desk.words.words", "jugulum.desk.words.machines", "jugulum.desk.words.guide");

  /** The language the texts are written in first. */
  public static final Language ENGLISH = shipped(Locale.ENGLISH);

  /** Spanish as it is understood on both sides of the ocean. */
  public static final Language SPANISH = shipped(Locale.forLanguageTag("es"));

  /** Keeps its own copies. */
  public Language {
    texts = Map.copyOf(texts);
    inEnglish = Set.copyOf(inEnglish);
  }

  /** One of which every text is its own. */
  public Language(Locale locale, Map<String, String> texts) {
    this(locale, texts, Set.of());
  }

  /** The share of its texts that are its own, 0 to 1. */
  public double translated() {
    return 1 - (double) inEnglish.size() / texts.size();
  }

  /** The languages that ship with the program, in the order the switch goes through them. */
  public static List<Language> shipped() {
    return List.of(ENGLISH, SPANISH);
  }

  /** A language whose texts ship; what it has no text for is said in English, and counted. */
  static Language shipped(Locale locale) {
    Map<String, String> texts = own(Locale.ROOT);
    if (locale.equals(Locale.ENGLISH)) {
      return new Language(locale, texts);
    }
    Map<String, String> own = own(locale);
    Set<String> inEnglish = new TreeSet<>(texts.keySet());
    inEnglish.removeAll(own.keySet());
    texts.putAll(own);
    return new Language(locale, texts, inEnglish);
  }

  /** The texts of a language alone: of the three bundles, those it has. */
  private static Map<String, String> own(Locale locale) {
    Map<String, String> texts = new TreeMap<>();
    for (String name : BUNDLES) {
      try {
        ResourceBundle bundle = ResourceBundle.getBundle(name, locale, new Alone());
        bundle.keySet().forEach(key -> texts.put(key, bundle.getString(key)));
      } catch (MissingResourceException none) {
        // Nobody has translated this bundle yet.
      }
    }
    return texts;
  }

  /** Looks for one language and no other. */
  private static final class Alone extends ResourceBundle.Control {
    @Override
    public List<String> getFormats(String name) {
      return FORMAT_PROPERTIES;
    }

    @Override
    public List<Locale> getCandidateLocales(String name, Locale locale) {
      return List.of(locale);
    }

    @Override
    public @Nullable Locale getFallbackLocale(String name, Locale locale) {
      return null;
    }
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
