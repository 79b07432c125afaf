package jugulum.book.find;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * What a word may have been meant to be: words of the book that begin almost so. A slip is a letter
 * too many, too few, another one, or two changed over (Damerau's distance, optimal string
 * alignment; textbook).
 */
final class Spelling {
  private static final int SHORT = 4;
  private static final int LONG = 8;
  private static final int MOST = 6;

  private Spelling() {}

  /** How many slips a word may have: none where it is short or a number. */
  static int slips(String word) {
    if (word.length() < SHORT || word.chars().allMatch(Character::isDigit)) {
      return 0;
    }
    return word.length() < LONG ? 1 : 2;
  }

  /** Words of a book that begin with a word but for its slips, the nearest first. */
  static List<String> near(String word, List<String> known) {
    int allowed = slips(word);
    record Near(String term, int slips) {}
    List<Near> near = new ArrayList<>();
    if (allowed > 0) {
      for (String term : known) {
        if (term.length() >= word.length() - allowed && !term.startsWith("xx")) {
          int slips = begun(word, term, allowed);
          if (slips <= allowed) {
            near.add(new Near(term, slips));
          }
        }
      }
    }
    return near.stream()
        .sorted(Comparator.comparingInt(Near::slips).thenComparing(Near::term))
        .limit(MOST)
        .map(Near::term)
        .toList();
  }

  /** The fewest slips between a word and any beginning of a term; more than allowed is enough. */
  static int begun(String word, String term, int allowed) {
    int columns = Math.min(term.length(), word.length() + allowed);
    int[] beforeLast = new int[columns + 1];
    int[] last = new int[columns + 1];
    for (int j = 0; j <= columns; j++) {
      last[j] = j;
    }
    for (int i = 1; i <= word.length(); i++) {
      int[] now = new int[columns + 1];
      now[0] = i;
      int least = i;
      for (int j = 1; j <= columns; j++) {
        int other = word.charAt(i - 1) == term.charAt(j - 1) ? 0 : 1;
        now[j] = Math.min(Math.min(now[j - 1], last[j]) + 1, last[j - 1] + other);
        if (i > 1
            && j > 1
            && word.charAt(i - 1) == term.charAt(j - 2)
            && word.charAt(i - 2) == term.charAt(j - 1)) {
          now[j] = Math.min(now[j], beforeLast[j - 2] + 1);
        }
        least = Math.min(least, now[j]);
      }
      if (least > allowed) {
        return least;
      }
      beforeLast = last;
      last = now;
    }
    int fewest = Integer.MAX_VALUE;
    for (int j = 0; j <= columns; j++) {
      fewest = Math.min(fewest, last[j]);
    }
    return fewest;
  }
}
