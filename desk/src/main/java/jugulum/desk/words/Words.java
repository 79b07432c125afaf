package jugulum.desk.words;

import com.ibm.icu.text.ListFormatter;
import com.ibm.icu.text.MessageFormat;
import java.time.Duration;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.MissingResourceException;
import java.util.concurrent.ConcurrentHashMap;
import java.util.regex.Pattern;
import jugulum.core.check.Band;
import jugulum.core.gold.Recovery;

/**
 * What is said to people in one language: its texts, its lists, and numbers as the person writes
 * them. What it writes is only shown, never read back.
 *
 * <p>Arguments are texts too: whoever has a quantity gives it its unit first.
 */
public final class Words {
  /** A number with one mark before its last three digits, which could be read in two ways. */
  private static final Pattern EITHER_WAY =
      Pattern.compile("(?<![\\d.,])(\\d{1,3})([.,])(\\d{3})(?![\\d.,])");

  private final Language language;
  private final Numbers numbers;
  private final Map<String, MessageFormat> patterns = new ConcurrentHashMap<>();

  private Words(Language language, Locale numbers) {
    this.language = language;
    this.numbers = Numbers.of(numbers);
  }

  /**
   * The words of a language.
   *
   * @param numbers whose decimal mark is written; digits are ours everywhere, so that what is shown
   *     can be typed
   */
  public static Words in(Language language, Locale numbers) {
    return new Words(language, numbers);
  }

  /** The language spoken. */
  public Language language() {
    return language;
  }

  /** These words in another language, numbers as before. */
  public Words in(Language other) {
    return new Words(other, numbers.locale());
  }

  /** Whether there is a text of that key. */
  public boolean has(String key) {
    return language.text(key).isPresent();
  }

  /**
   * The text of a key, with its arguments put in.
   *
   * @throws MissingResourceException for a key that has no text
   */
  public String of(String key, String... arguments) {
    return arguments.length == 0 ? text(key) : put(key, arguments);
  }

  /** The text of one of a set of things: the key is the prefix, a point and the constant's name. */
  public String of(String prefix, Enum<?> constant, String... arguments) {
    return of(prefix + "." + constant.name(), arguments);
  }

  /** The text for a number of things, which is the first argument. */
  public String counted(String key, int count, String... more) {
    Object[] arguments = new Object[more.length + 1];
    arguments[0] = count;
    System.arraycopy(more, 0, arguments, 1, more.length);
    return put(key, arguments);
  }

  /** A text as the beginning of a sentence or a heading. */
  public String beginning(String text) {
    return text.isEmpty()
        ? text
        : text.substring(0, 1).toUpperCase(language.locale()) + text.substring(1);
  }

  /** Things one after another, "a, b and c". */
  public String list(List<String> things) {
    return ListFormatter.getInstance(language.locale()).format(things);
  }

  /** Things one after another as that key puts two of them; empty ones are left out. */
  public String joined(String key, List<String> things) {
    return things.stream()
        .filter(thing -> !thing.isEmpty())
        .reduce((before, next) -> of(key, before, next))
        .orElse("");
  }

  /** Things side by side, "a · b". */
  public String beside(List<String> things) {
    return joined("join.beside", things);
  }

  /** Things in a row, "a, b". */
  public String row(List<String> things) {
    return joined("join.row", things);
  }

  /**
   * A text of this person as somebody writes it whose decimal mark is the point, and the other way
   * round: where a comma is the decimal mark, "4,316" has one meaning only, and it is "4.316" that
   * may be four thousand.
   */
  public String typed(String text) {
    return writesDecimalComma()
        ? EITHER_WAY
            .matcher(text)
            .replaceAll(one -> one.group(1) + (one.group(2).equals(",") ? "." : ",") + one.group(3))
        : text;
  }

  private String text(String key) {
    return language
        .text(key)
        .orElseThrow(() -> new MissingResourceException("no text", Words.class.getName(), key));
  }

  private String put(String key, Object[] arguments) {
    MessageFormat pattern =
        patterns.computeIfAbsent(key, asked -> new MessageFormat(text(asked), language.locale()));
    // A format of this library must not be used by two threads at a time.
    synchronized (pattern) {
      return pattern.format(arguments);
    }
  }

  /** A number with that many places. */
  public String fixed(double value, int places) {
    return numbers.fixed(value, places);
  }

  /** A number without places it does not need. */
  public String plain(double value) {
    return numbers.plain(value);
  }

  /** A number with so many places or, where they would be noughts, fewer. */
  public String rounded(double value, int places) {
    double unit = Math.pow(10, places);
    return plain(Math.rint(value * unit) / unit);
  }

  /** How many times as much: one place below ten, none above. */
  public String times(double value) {
    return fixed(value, value < 10 ? 1 : 0);
  }

  /** A share from 0 to 1 as percent. */
  public String percent(double share) {
    return of("figures.percent", fixed(share * 100, 1));
  }

  /** A share from 0 to 1 and its range as percent, "87.9 to 94.6 %". */
  public String shares(Band band) {
    return percents(band.low(), band.high(), 1);
  }

  /** A range in whole percent, for what is not known closely. */
  public String wholeShares(Band band) {
    return percents(band.low(), band.high(), 0);
  }

  /** The range of a recovery, "87.9 to 94.6 %". */
  public String range(Recovery recovery) {
    return percents(recovery.low(), recovery.high(), 1);
  }

  private String percents(double low, double high, int places) {
    return of("figures.percents", fixed(low * 100, places), fixed(high * 100, places));
  }

  /** Bench time given in minutes, "6 h 20" or "45 min". */
  public String time(double minutes) {
    int whole = (int) Math.round(minutes);
    return whole < 60
        ? of("time.minutes", Integer.toString(whole))
        : of(
            "time.hours",
            Integer.toString(whole / 60),
            String.format(Locale.ROOT, "%02d", whole % 60));
  }

  /** A span of time as a watch shows it, "4:05" or "1:02:09"; what is late has a minus. */
  public String stopwatch(Duration span) {
    long seconds = Math.abs(span.toSeconds());
    String text =
        seconds < 3600
            ? String.format(Locale.ROOT, "%d:%02d", seconds / 60, seconds % 60)
            : String.format(
                Locale.ROOT, "%d:%02d:%02d", seconds / 3600, seconds / 60 % 60, seconds % 60);
    return span.toSeconds() < 0 ? "−" + text : text;
  }

  /** A day. */
  public String day(LocalDate day) {
    return dates("date.day").format(day);
  }

  /** How dates are written, by the key of their pattern. */
  public DateTimeFormatter dates(String key) {
    return DateTimeFormatter.ofPattern(text(key), language.locale());
  }

  private boolean writesDecimalComma() {
    return numbers.writesComma();
  }
}
