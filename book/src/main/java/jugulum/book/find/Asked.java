package jugulum.book.find;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import jugulum.book.batch.FindLines;
import jugulum.core.check.Band;
import jugulum.core.units.MassText;
import jugulum.core.units.MassUnit;

/**
 * What is looked for, as understood from what was typed: "tarn", "over 2 g", "−100 not looked at".
 *
 * @param words letters and digits as typed, the last perhaps not typed to its end
 * @param cuts sides of cuts, spelled as {@link FindLines} spells them
 * @param grams the mass it must have, of gold or of sand, in grams; empty where none was asked for
 * @param isUnseen whether only what nobody looked at is wanted
 * @param also what some of the words mean besides themselves, as {@link FindLines} has it
 */
public record Asked(
    List<String> words,
    List<String> cuts,
    Optional<Band> grams,
    boolean isUnseen,
    Map<String, Set<String>> also) {
  private static final double MOST_G = 1e9;

  /** A word of fewer letters begins too many others. */
  private static final int SHORTEST = 3;

  private static final Pattern NUMBER = Pattern.compile("\\d{2,3}");
  private static final Pattern CUT = Pattern.compile("([-−–+])(\\d+)");

  /** Keeps its own copies. */
  public Asked {
    words = List.copyOf(words);
    cuts = List.copyOf(cuts);
    also = Map.copyOf(also);
  }

  /**
   * The words of a language that mean something here.
   *
   * @param over before a mass that is the least
   * @param under before a mass that is the most
   * @param unseen for what nobody looked at
   * @param also what is called so on the board and in the trade, in the words of {@link FindLines}
   */
  public record Speech(
      List<String> over, List<String> under, List<String> unseen, Map<String, Set<String>> also) {
    /** Keeps its own copies. */
    public Speech {
      over = List.copyOf(over);
      under = List.copyOf(under);
      unseen = List.copyOf(unseen);
      also = Map.copyOf(also);
    }
  }

  /** Understands what was typed. */
  public static Asked of(String typed, Speech speech) {
    String rest = " " + typed.toLowerCase(Locale.ROOT).strip() + " ";
    boolean unseen = false;
    for (String phrase : speech.unseen()) {
      if (rest.contains(" " + phrase + " ")) {
        unseen = true;
        rest = rest.replace(" " + phrase + " ", " ");
      }
    }
    Optional<Band> grams = Optional.empty();
    for (boolean over : new boolean[] {true, false}) {
      Matcher mass = mass(over ? speech.over() : speech.under(), rest);
      if (mass.find()) {
        OptionalDouble amount = amount(mass.group(1));
        if (amount.isPresent()) {
          double told = amount.getAsDouble();
          grams = Optional.of(over ? new Band(told, told, MOST_G) : new Band(0, told, told));
          rest = mass.replaceFirst(" ");
        }
      }
    }
    List<String> words = new ArrayList<>();
    List<String> cuts = new ArrayList<>();
    for (String part : rest.strip().split("\\s+")) {
      Matcher cut = CUT.matcher(part);
      if (cut.matches()) {
        cuts.add(
            cut.group(1).equals("+")
                ? FindLines.over(cut.group(2))
                : FindLines.under(cut.group(2)));
      } else {
        for (String word : part.split("[^\\p{L}\\p{N}]+")) {
          if (!word.isEmpty()) {
            words.add(word);
          }
        }
      }
    }
    Map<String, Set<String>> also = new HashMap<>();
    words.forEach(word -> also.put(word, meant(word, speech)));
    also.values().removeIf(Set::isEmpty);
    return new Asked(words, cuts, grams, unseen, also);
  }

  /** The last word may not be typed to its end; a number alone may be a screen's. */
  private static Set<String> meant(String word, Speech speech) {
    Set<String> meant = new TreeSet<>();
    if (word.length() >= SHORTEST) {
      speech.also().entrySet().stream()
          .filter(one -> one.getKey().startsWith(word))
          .forEach(one -> meant.addAll(one.getValue()));
    }
    if (NUMBER.matcher(word).matches()) {
      meant.add(FindLines.over(word));
      meant.add(FindLines.under(word));
    }
    return meant;
  }

  private static Matcher mass(List<String> before, String text) {
    StringBuilder any = new StringBuilder();
    before.forEach(word -> any.append(any.isEmpty() ? "" : "|").append(Pattern.quote(word)));
    return Pattern.compile("(?<=\\s)(?:" + any + ")\\s*([\\d.,]+\\s*[a-z]*)(?=\\s)").matcher(text);
  }

  private static OptionalDouble amount(String text) {
    String dotted = text.strip().replace(',', '.');
    return MassText.parse(dotted, MassUnit.GRAM, MassText.Ounce.AVOIRDUPOIS)
            instanceof MassText.Mass mass
        ? OptionalDouble.of(mass.grams())
        : OptionalDouble.empty();
  }

  /** Whether nothing is asked for. */
  public boolean isNothing() {
    return words.isEmpty() && cuts.isEmpty() && grams.isEmpty() && !isUnseen;
  }
}
