package jugulum.book.find;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import jugulum.book.batch.BatchLines;
import jugulum.book.batch.BatchStream;
import jugulum.book.batch.BatchSummary;
import jugulum.book.batch.FindLines;
import jugulum.book.batch.FindLines.Kind;
import jugulum.book.batch.FindLines.Line;
import jugulum.book.stream.Book;
import jugulum.book.stream.Key;
import jugulum.book.stream.Search;
import jugulum.book.stream.Search.Word;
import jugulum.core.check.Band;

/**
 * Finds things in a book as somebody types. It remembers the words of the book, so it is made anew
 * when the book has changed. For the book's thread.
 */
public final class Finder {
  private static final int EACH = 8;
  private static final int OF_ALL_KINDS = 8;
  private static final List<Kind> ALL = List.of(Kind.values());

  /** What has an amount, and can be looked at. */
  private static final List<Kind> HOLDING = List.of(Kind.BATCH, Kind.LOT);

  /**
   * An amount from so many grams on is of sand, a smaller one of gold: ours.
   *
   * <p>Off by a half: "over 100 g" finds containers of sand where gold was meant, or the other way
   * round; nothing else.
   */
  private static final double SAND_FROM_G = 100;

  private final Book book;
  private final List<String> known;
  private final List<String> sources;

  /** Over a book as it stands: what is behind is brought up beforehand. */
  public Finder(Book book) {
    this.book = book;
    this.known = List.copyOf(new TreeSet<>(book.words(FindLines.LINES)));
    this.sources =
        BatchLines.all(book).stream()
            .map(BatchSummary::source)
            .filter(source -> !source.isBlank())
            .distinct()
            .sorted()
            .toList();
  }

  /** The batches of which what can be found is behind. */
  public static List<Key> behind(Book book) {
    return book.behind(BatchStream.KIND, FindLines.LINES);
  }

  /** Brings one of them up. */
  public static void bringUp(Book book, Key batch) {
    book.lines(BatchStream.KIND.ref(batch.id()), FindLines.LINES);
  }

  /**
   * What was found.
   *
   * @param sources names of sources
   * @param lines of batches, batches first, those written last first
   * @param read words that were read as others, by what was typed
   */
  public record Found(List<String> sources, List<Line> lines, Map<String, List<String>> read) {
    /** Keeps its own copies. */
    public Found {
      sources = List.copyOf(sources);
      lines = List.copyOf(lines);
    }

    /** Whether nothing was. */
    public boolean isNothing() {
      return sources.isEmpty() && lines.isEmpty();
    }
  }

  /** Finds what was asked for; nothing where nothing was asked. */
  public Found find(Asked asked) {
    Map<String, List<String>> read = new LinkedHashMap<>();
    if (asked.isNothing()) {
      return new Found(List.of(), List.of(), read);
    }
    List<Word> words = new ArrayList<>();
    for (String word : asked.words()) {
      List<String> meant = List.copyOf(asked.also().getOrDefault(word, Set.of()));
      List<String> spelled = meant.isEmpty() || begins(word) ? spelled(word) : List.of(word);
      if (!spelled.getFirst().equals(word)) {
        read.put(word, spelled);
      }
      words.add(new Word(Stream.concat(spelled.stream(), meant.stream()).toList(), true));
    }
    asked.cuts().forEach(cut -> words.add(new Word(List.of(cut), false)));
    if (asked.isUnseen()) {
      words.add(new Word(List.of(FindLines.UNSEEN), false));
    }
    List<Line> lines = new ArrayList<>();
    if (words.isEmpty()) {
      lines.addAll(byAmount(asked));
    } else {
      for (Kind kind : asked.isUnseen() || asked.grams().isPresent() ? HOLDING : ALL) {
        lines.addAll(of(kind, words, asked));
      }
    }
    return new Found(sources(words, asked), lines, read);
  }

  /** As it is where a word of the book begins so, else the words nearest to it. */
  private List<String> spelled(String word) {
    if (begins(word)) {
      return List.of(word);
    }
    List<String> near = Spelling.near(word, known);
    return near.isEmpty() ? List.of(word) : near;
  }

  private boolean begins(String word) {
    int at = Collections.binarySearch(known, word);
    return at >= 0 || -at - 1 < known.size() && known.get(-at - 1).startsWith(word);
  }

  private static Map<String, Band> within(Asked asked) {
    return asked
        .grams()
        .map(
            band ->
                band.usual() < SAND_FROM_G
                    ? Map.of(FindLines.GOLD, band.times(1000))
                    : Map.of(FindLines.SAND, band))
        .orElse(Map.of());
  }

  /** Without a word the amounts alone lead there; the kind is seen in what they lead to. */
  private List<Line> byAmount(Asked asked) {
    List<Line> found =
        book.find(FindLines.LINES, new Search(List.of(), within(asked), EACH * OF_ALL_KINDS));
    return HOLDING.stream()
        .flatMap(kind -> found.stream().filter(line -> line.kind() == kind).limit(EACH))
        .toList();
  }

  private List<Line> of(Kind kind, List<Word> words, Asked asked) {
    List<Word> all = new ArrayList<>();
    all.add(new Word(List.of(FindLines.tag(kind)), false));
    all.addAll(words);
    return book.find(FindLines.LINES, new Search(all, within(asked), EACH));
  }

  private List<String> sources(List<Word> words, Asked asked) {
    if (asked.isUnseen() || asked.grams().isPresent() || !asked.cuts().isEmpty()) {
      return List.of();
    }
    return sources.stream()
        .filter(source -> words.stream().allMatch(word -> has(source, word)))
        .limit(EACH)
        .toList();
  }

  private static boolean has(String source, Word word) {
    for (String part : source.toLowerCase(Locale.ROOT).split("[^\\p{L}\\p{N}]+")) {
      if (word.spellings().stream().anyMatch(part::startsWith)) {
        return true;
      }
    }
    return false;
  }
}
