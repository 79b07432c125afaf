package jugulum.core.scale;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Predicate;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import jugulum.core.scale.Dialect.Meaning;
import jugulum.core.units.MassUnit;
import org.hipparchus.util.ArithmeticUtils;

/**
 * Learns how a scale writes from lines it sent while something was laid on it and left to rest: a
 * word that stands beside numbers that stay, and never beside numbers that change, says that the
 * weight stands; the other way round, that it moves. What it finds is for a person to confirm.
 *
 * @param dialect how it writes
 * @param stepG the largest step that leads to every weight it sent, in grams; empty where all were
 *     nought
 * @param lines the lines it was learnt from, garbled ones left out
 */
public record Learning(Dialect dialect, OptionalDouble stepG, List<String> lines) {
  /** Fewer lines tell nothing. */
  public static final int LEAST_LINES = 5;

  /** A word speaks of rest where it stands beside at least that share of the lines of its kind. */
  private static final double MOSTLY = 0.6;

  /** Blanks before a number, or noughts. */
  private static final Pattern PADDED = Pattern.compile("  |(?<!\\d|\\d[.,])0\\d");

  /** A word as short as that is an abbreviation, and its first letter tells. */
  private static final int SHORT = 2;

  /**
   * Learns from lines, the oldest first.
   *
   * @return empty where fewer than {@link #LEAST_LINES} of them hold a number
   */
  public static Optional<Learning> from(List<String> sent) {
    List<String> lines =
        sent.stream().filter(line -> !line.isBlank() && !Dialect.isGarbled(line)).toList();
    char decimal = Pieces.decimal(lines);
    List<Pieces> all =
        lines.stream()
            .map(line -> Pieces.of(line, decimal))
            .filter(pieces -> !pieces.numbers().isEmpty())
            .toList();
    if (all.size() < LEAST_LINES) {
      return Optional.empty();
    }
    return Optional.of(new Lines(lines, all, decimal).learnt());
  }

  /** The pieces of a line, for showing what is understood. */
  public static List<Piece> pieces(String line, Dialect dialect) {
    return Pieces.of(line, dialect.decimal().charAt(0)).all();
  }

  private record Lines(List<String> lines, List<Pieces> all, char decimal) {
    Learning learnt() {
      int number = number();
      List<Pieces.Weight> weights =
          all.stream()
              .filter(pieces -> pieces.numbers().size() > number)
              .map(pieces -> pieces.numbers().get(number))
              .toList();
      int decimals = mostOften(weights.stream().map(Pieces.Weight::decimals).toList());
      MassUnit unit =
          weights.stream().flatMap(one -> one.unit().stream()).findFirst().orElse(MassUnit.GRAM);
      Rest rest = Rest.of(all, number);
      boolean unitTells = rest.of(pieces -> hasUnit(pieces, number)) == Meaning.STEADY;
      Dialect dialect =
          new Dialect(
              String.valueOf(decimal),
              number,
              decimals,
              unit,
              unitTells,
              meanings(rest),
              unitTells ? OptionalInt.empty() : length());
      return new Learning(dialect, step(weights, decimals, unit), lines);
    }

    private static boolean hasUnit(Pieces pieces, int number) {
      return pieces.numbers().size() > number && pieces.numbers().get(number).unit().isPresent();
    }

    /** The number with a unit, else the one with a decimal mark, else the first. */
    private int number() {
      return IntStream.range(0, Dialect.MOST_NUMBERS)
          .filter(i -> all.stream().anyMatch(pieces -> hasUnit(pieces, i)))
          .findFirst()
          .orElseGet(
              () ->
                  IntStream.range(0, Dialect.MOST_NUMBERS)
                      .filter(
                          i ->
                              all.stream()
                                  .anyMatch(
                                      pieces ->
                                          pieces.numbers().size() > i
                                              && pieces.numbers().get(i).decimals() > 0))
                      .findFirst()
                      .orElse(0));
    }

    private Map<String, Meaning> meanings(Rest rest) {
      Map<String, Meaning> meanings = new LinkedHashMap<>();
      Set<String> words =
          all.stream()
              .flatMap(pieces -> pieces.words().stream())
              .collect(Collectors.toCollection(TreeSet::new));
      for (String word : words) {
        Meaning byRest = rest.of(pieces -> pieces.words().contains(word));
        meanings.put(word, byRest == Meaning.NOTHING ? byName(word) : byRest);
      }
      return meanings;
    }

    /** A guess for a person to confirm: net and gross begin so in many languages. */
    private static Meaning byName(String word) {
      String name = word.toLowerCase(Locale.ROOT);
      boolean isShort = name.length() <= SHORT;
      if (name.startsWith("net") || isShort && name.startsWith("n")) {
        return Meaning.NET;
      }
      boolean isGross =
          Stream.of("gross", "brut").anyMatch(name::startsWith)
              || isShort && Stream.of("g", "b").anyMatch(name::startsWith);
      return isGross ? Meaning.GROSS : Meaning.NOTHING;
    }

    /**
     * The length of all lines, where numbers of different length were seen in lines of one: only
     * then is a shorter line one with a part missing.
     */
    private OptionalInt length() {
      Set<Integer> lengths = lines.stream().map(String::length).collect(Collectors.toSet());
      Set<Integer> digits =
          all.stream()
              .map(pieces -> pieces.all().stream().mapToInt(piece -> piece.text().length()).sum())
              .collect(Collectors.toSet());
      boolean isPadded = lines.stream().anyMatch(line -> PADDED.matcher(line).find());
      return lengths.size() == 1 && (digits.size() > 1 || isPadded)
          ? OptionalInt.of(lengths.iterator().next())
          : OptionalInt.empty();
    }

    /** The largest step that leads to every number it sent. */
    private static OptionalDouble step(List<Pieces.Weight> weights, int decimals, MassUnit unit) {
      double place = Math.pow(10, -decimals);
      long steps =
          weights.stream()
              .filter(one -> one.decimals() == decimals)
              .mapToLong(one -> Math.abs(Math.round(one.value() / place)))
              .reduce(0, ArithmeticUtils::gcd);
      MassUnit sent = weights.stream().flatMap(one -> one.unit().stream()).findFirst().orElse(unit);
      return steps > 0 ? OptionalDouble.of(sent.toGrams(steps * place)) : OptionalDouble.empty();
    }

    private static int mostOften(List<Integer> values) {
      Map<Integer, Integer> counts = new HashMap<>();
      values.forEach(value -> counts.merge(value, 1, Integer::sum));
      return counts.entrySet().stream().max(Map.Entry.comparingByValue()).orElseThrow().getKey();
    }
  }

  /** Lines whose number stays, and lines whose number changes. */
  private record Rest(List<Pieces> staying, List<Pieces> changing) {
    static Rest of(List<Pieces> all, int number) {
      List<Pieces> staying = new ArrayList<>();
      List<Pieces> changing = new ArrayList<>();
      for (int i = 1; i < all.size() - 1; i++) {
        double before = value(all.get(i - 1), number);
        double here = value(all.get(i), number);
        double after = value(all.get(i + 1), number);
        if (before == here && here == after) {
          staying.add(all.get(i));
        } else if (before != here && here != after) {
          changing.add(all.get(i));
        }
      }
      return new Rest(staying, changing);
    }

    private static double value(Pieces pieces, int number) {
      return pieces.numbers().size() > number ? pieces.numbers().get(number).value() : Double.NaN;
    }

    Meaning of(Predicate<Pieces> says) {
      long stays = staying.stream().filter(says).count();
      long changes = changing.stream().filter(says).count();
      if (changing.isEmpty() || staying.isEmpty()) {
        return Meaning.NOTHING;
      }
      if (changes == 0 && stays >= MOSTLY * staying.size()) {
        return Meaning.STEADY;
      }
      return stays == 0 && changes >= MOSTLY * changing.size() ? Meaning.MOVING : Meaning.NOTHING;
    }
  }
}
