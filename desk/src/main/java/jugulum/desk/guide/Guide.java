package jugulum.desk.guide;

import java.util.ArrayList;
import java.util.List;
import jugulum.desk.words.Words;

/**
 * What a view answers, its words explained, and its sources; the window and docs/guide.md tell the
 * same.
 *
 * @param page of which view
 * @param answers questions it answers
 * @param words its words with what they mean
 * @param sources where its figures come from
 */
public record Guide(Page page, List<String> answers, List<Word> words, List<String> sources) {
  /** The pages there are, each with the words it explains. */
  public enum Page {
    BENCH(
        List.of("batch", "lot", "cut", "pass", "speck", "closure", "route"),
        List.of(
            "black-sand",
            "bucket",
            "magnetics",
            "concentrate",
            "middlings",
            "tailings",
            "speck",
            "picker")),
    CUTS(
        List.of("cut", "opening", "settling-window", "flatness", "oversize"),
        List.of("screen", "mesh", "flake", "flour-gold")),
    ACCOUNT(
        List.of(
            "recovery",
            "head",
            "free-gold",
            "hidden-gold",
            "closure",
            "bead",
            "fineness",
            "at-most"),
        List.of(
            "grade", "fineness", "assay", "crucible", "button", "slag", "cupel", "bead", "buyer")),
    DAY(List.of("task", "lot", "bag", "look"), List.of("pan", "panning")),
    SEASON(
        List.of("source", "gravel", "habit", "change", "pool", "slip", "at-most"),
        List.of("claim", "creek", "gravel", "buyer")),
    GEAR(
        List.of("run", "trial", "spike", "dial", "charge"),
        List.of(
            "pan",
            "shaker-table",
            "bowl",
            "sluice",
            "riffle",
            "mat",
            "hopper",
            "drum",
            "wetting-agent")),
    SHOP(
        List.of("tare", "scale-check", "terms", "flatness", "amalgam"),
        List.of("screen", "mesh", "mercury", "amalgam")),
    FIND(List.of("lot", "note", "look"), List.of());

    private final List<String> words;
    private final List<String> trade;

    Page(List<String> words, List<String> trade) {
      this.words = words;
      this.trade = trade;
    }

    /** The words of the trade that go with it, by the keys of their texts. */
    List<String> trade() {
      return trade;
    }
  }

  /**
   * A word.
   *
   * @param word as the views use it
   * @param about what it means
   */
  public record Word(String word, String about) {}

  /** Keeps its own copies. */
  public Guide {
    answers = List.copyOf(answers);
    words = List.copyOf(words);
    sources = List.copyOf(sources);
  }

  /** The page of a view. */
  public static Guide of(Words words, Page page) {
    String key = "guide." + page.name();
    return new Guide(
        page,
        numbered(words, key + ".answer."),
        page.words.stream().map(word -> word(words, word)).toList(),
        numbered(words, key + ".source."));
  }

  private static Word word(Words words, String key) {
    return new Word(words.of("guide.word." + key), words.of("guide.word." + key + ".about"));
  }

  private static List<String> numbered(Words words, String key) {
    List<String> all = new ArrayList<>();
    for (int i = 1; words.has(key + i); i++) {
      all.add(words.of(key + i));
    }
    return all;
  }

  /** Where a page stands among the documents, in the language spoken if it is there. */
  public static String place(Words words, Page page) {
    String anchor =
        words
            .of("guide.title", page)
            .toLowerCase(words.language().locale())
            .replaceAll("[^\\p{L}\\p{N} -]", "")
            .replace(' ', '-');
    return words.of("guide.file") + "#" + anchor;
  }

  /** All pages as Markdown. */
  public static String markdown(Words words) {
    StringBuilder text = new StringBuilder(words.of("guide.head"));
    for (Page page : Page.values()) {
      Guide guide = of(words, page);
      text.append("## ").append(words.of("guide.title", page)).append("\n\n");
      guide.answers().forEach(one -> text.append("- ").append(one).append('\n'));
      text.append("\n| | |\n|---|---|\n");
      guide
          .words()
          .forEach(
              one ->
                  text.append("| ")
                      .append(one.word())
                      .append(" | ")
                      .append(one.about())
                      .append(" |\n"));
      text.append('\n');
      guide.sources().forEach(one -> text.append("- ").append(one).append('\n'));
      text.append('\n');
    }
    return text.toString().stripTrailing() + "\n";
  }
}
