package jugulum.desk.guide;

import java.util.List;
import java.util.stream.Stream;
import jugulum.desk.words.Language;
import jugulum.desk.words.Words;

/**
 * The words of the trade in the languages there are, with those said elsewhere; the window, on the
 * page of a view that uses them, and docs/words.md tell the same.
 */
public final class Glossary {
  private Glossary() {}

  /**
   * A word of the trade.
   *
   * @param word as the program says it
   * @param also what others say, parted by commas; may be empty
   */
  public record Term(String word, String also) {
    static Term of(Words words, String key) {
      return new Term(words.of("trade." + key), words.of("trade." + key + ".also"));
    }
  }

  /** All of them, in the order of the work. */
  private static List<String> all() {
    return Stream.of(Guide.Page.values())
        .flatMap(page -> page.trade().stream())
        .distinct()
        .toList();
  }

  /** The lines of a page: each word, what else it is called, and its name in the other language. */
  public static List<String> lines(Words words, Guide.Page page) {
    Words other =
        words.in(words.language().equals(Language.SPANISH) ? Language.ENGLISH : Language.SPANISH);
    return page.trade().stream()
        .map(
            key -> {
              Term here = Term.of(words, key);
              String there = Term.of(other, key).word();
              return here.also().isEmpty()
                  ? words.of("trade.line.plain", here.word(), there)
                  : words.of("trade.line", here.word(), here.also(), there);
            })
        .toList();
  }

  /**
   * All of them as Markdown, side by side.
   *
   * @param words numbers are of no matter; their language is
   */
  public static String markdown(Words words) {
    Words english = words.in(Language.ENGLISH);
    Words spanish = words.in(Language.SPANISH);
    StringBuilder text = new StringBuilder(english.of("trade.head"));
    for (String key : all()) {
      Term one = Term.of(english, key);
      Term other = Term.of(spanish, key);
      text.append(
          "| %s | %s | %s | %s |\n".formatted(one.word(), one.also(), other.word(), other.also()));
    }
    return text.toString();
  }
}
