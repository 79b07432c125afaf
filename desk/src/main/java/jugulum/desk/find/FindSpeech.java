package jugulum.desk.find;

import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import jugulum.book.batch.FindLines;
import jugulum.book.find.Asked;
import jugulum.core.ledger.Machine;
import jugulum.core.ledger.Material;
import jugulum.desk.words.Words;

/**
 * What somebody may type of a language: the board's own words and those of the trade, with what
 * they are called where things are found.
 */
final class FindSpeech {
  /** The names of materials that the trade has others for. */
  private static final Map<Material, String> TRADE =
      Map.of(
          Material.TAILINGS, "tailings",
          Material.MAGNETICS, "magnetics",
          Material.MIDDLINGS, "middlings",
          Material.CONCENTRATE, "concentrate");

  private final Words words;
  private final Map<String, Set<String>> also = new HashMap<>();

  private FindSpeech(Words words) {
    this.words = words;
  }

  static Asked.Speech of(Words words) {
    return new FindSpeech(words).speech();
  }

  private Asked.Speech speech() {
    for (Material material : Material.values()) {
      String known = material.name().toLowerCase(Locale.ROOT).replace('_', ' ').split(" ")[0];
      add(words.of("material", material), known);
      if (TRADE.containsKey(material)) {
        add(words.of("trade." + TRADE.get(material) + ".also"), known);
      }
    }
    add(words.of("board.spout.MAGNETICS"), "magnetics");
    add(words.of("board.spout.TAILINGS"), "tailings");
    for (Machine.Kind kind : Machine.Kind.values()) {
      add(words.of("machine", kind), FindLines.tag(kind));
      add(words.of("machine.short", kind), FindLines.tag(kind));
    }
    return new Asked.Speech(
        said("find.word.over"), said("find.word.under"), said("find.word.unseen"), also);
  }

  private List<String> said(String key) {
    return List.of(words.of(key).split(", *"));
  }

  /** Every word of a text stands for what is known; places named in brackets do not. */
  private void add(String text, String known) {
    for (String word :
        text.toLowerCase(words.language().locale())
            .replaceAll("\\([^)]*\\)", " ")
            .split("[^\\p{L}\\p{N}]+")) {
      if (word.length() > 2 && !word.equals(known)) {
        also.computeIfAbsent(word, _ -> new TreeSet<>()).add(known);
      }
    }
  }
}
