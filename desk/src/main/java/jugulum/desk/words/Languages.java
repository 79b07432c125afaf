package jugulum.desk.words;

import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * The languages a person can choose from, and how that person's home speaks and writes.
 *
 * @param all at least one; the first is spoken where none fits the home
 * @param home as the machine is set up
 * @param numbers whose decimal mark is written
 */
public record Languages(List<Language> all, Locale home, Locale numbers) {
  /** Keeps its own list. */
  public Languages {
    all = List.copyOf(all);
  }

  /**
   * What ships, spoken as this machine is set up. For the edge of the program only: whoever works
   * with words is given them.
   */
  public static Languages ofThisMachine() {
    return new Languages(
        Language.shipped(),
        Locale.getDefault(Locale.Category.DISPLAY),
        Locale.getDefault(Locale.Category.FORMAT));
  }

  /** English only, with a decimal point. */
  public static Languages english() {
    return new Languages(List.of(Language.ENGLISH), Locale.ENGLISH, Locale.ENGLISH);
  }

  /**
   * The words to begin with.
   *
   * @param chosen the tag of a language chosen before
   */
  public Words words(Optional<String> chosen) {
    Language language =
        chosen
            .flatMap(this::tagged)
            .or(() -> tagged(home.toLanguageTag()))
            .or(() -> tagged(home.getLanguage()))
            .orElse(all.getFirst());
    return Words.in(language, numbers);
  }

  private Optional<Language> tagged(String tag) {
    return all.stream().filter(one -> one.tag().equals(tag)).findFirst();
  }

  /** Whether there is anything to choose. */
  public boolean isChoice() {
    return all.size() > 1;
  }

  /** The words of the next language. */
  public Words next(Words words) {
    return words.in(all.get((all.indexOf(words.language()) + 1) % all.size()));
  }
}
