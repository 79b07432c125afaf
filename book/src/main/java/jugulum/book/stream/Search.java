package jugulum.book.stream;

import java.util.List;
import java.util.Map;
import jugulum.core.check.Band;

/**
 * What is looked for in a table one column of which is searched.
 *
 * @param words all of which its searched column must have, each in one of some spellings
 * @param within columns of numbers with the range their values must lie in
 * @param most so many lines are enough, from 1
 */
public record Search(List<Word> words, Map<String, Band> within, int most) {
  /** Keeps its own copies. */
  public Search {
    words = List.copyOf(words);
    within = Map.copyOf(within);
  }

  /**
   * A word.
   *
   * @param spellings in any of these, letters and digits only
   * @param isBegun whether longer words that begin so are meant too
   */
  public record Word(List<String> spellings, boolean isBegun) {
    /** Keeps its own copy. */
    public Word {
      spellings = List.copyOf(spellings);
    }
  }
}
