package jugulum.desk.words;

import java.util.Optional;
import jugulum.core.scale.Heard;
import jugulum.core.scale.ScaleView;

/** What is said of the scale. */
public final class ScaleWords {
  private ScaleWords() {}

  /** How the scale stands, in a word or two. */
  public static String state(Words words, ScaleView seen, Optional<String> lost) {
    if (lost.isPresent()) {
      return words.of("scale.lost");
    }
    return seen.fault().map(heard -> fault(words, heard)).orElseGet(() -> stands(words, seen));
  }

  private static String stands(Words words, ScaleView seen) {
    return words.of("scale.state", seen.state());
  }

  private static String fault(Words words, Heard heard) {
    return switch (heard) {
      case Heard.Garbled _ -> words.of("scale.garbled");
      case Heard.NoWeight(String line) -> words.of("scale.no-weight", line);
      case Heard.Half(String line) -> words.of("scale.half", line);
      case Heard.Strange(String word, var _) -> words.of("scale.strange", word);
      case Heard.Weight _ -> "";
    };
  }
}
