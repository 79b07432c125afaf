package jugulum.core.scale;

import java.util.Collections;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.TreeMap;
import jugulum.core.check.Check;
import jugulum.core.units.MassUnit;

/**
 * How one scale writes its lines.
 *
 * @param decimal its decimal mark, a point or a comma
 * @param number which number of a line is the weight, from 0
 * @param decimals how many places the weight has after the mark, 0 to 6
 * @param unit the unit of a line that names none
 * @param unitTellsSteady whether it writes the unit only when the weight stands
 * @param words what its other words mean
 * @param length how long every line is; empty where that changes
 */
public record Dialect(
    String decimal,
    int number,
    int decimals,
    MassUnit unit,
    boolean unitTellsSteady,
    Map<String, Meaning> words,
    OptionalInt length) {
  /** A line may have no more numbers than that. */
  public static final int MOST_NUMBERS = 9;

  /** A weight may have no more places than that. */
  public static final int MOST_DECIMALS = 6;

  /** The longest line that is a line of a scale, in signs. */
  public static final int LONGEST = 120;

  /** What a word of a line can mean. */
  public enum Meaning {
    STEADY,
    MOVING,
    NET,
    GROSS,
    NOTHING
  }

  /** Checks the numbers and keeps its own copy. */
  public Dialect {
    Check.inRange("number", number, 0, MOST_NUMBERS - 1);
    Check.inRange("decimals", decimals, 0, MOST_DECIMALS);
    if (!decimal.equals(".") && !decimal.equals(",")) {
      throw new IllegalArgumentException("decimal must be a point or a comma, not " + decimal);
    }
    words =
        Collections.unmodifiableMap(
            new TreeMap<>(Objects.requireNonNullElse(words, Map.<String, Meaning>of())));
  }

  /** What a line says; a word or a shape that was not learnt makes no weight. */
  public Heard hear(String line) {
    if (isGarbled(line)) {
      return new Heard.Garbled();
    }
    Pieces pieces = Pieces.of(line, decimal.charAt(0));
    if (pieces.numbers().isEmpty()) {
      return new Heard.NoWeight(line.strip());
    }
    boolean otherLength = length.isPresent() && length.getAsInt() != line.length();
    if (pieces.numbers().size() <= number
        || otherLength
        || pieces.numbers().get(number).decimals() != decimals) {
      return new Heard.Half(line.strip());
    }
    Optional<String> strange =
        pieces.words().stream().filter(word -> !words.containsKey(word)).findFirst();
    if (strange.isPresent()) {
      return new Heard.Strange(strange.get(), line.strip());
    }
    return weight(pieces);
  }

  private Heard weight(Pieces pieces) {
    Pieces.Weight read = pieces.numbers().get(number);
    return new Heard.Weight(
        read.unit().orElse(unit).toGrams(read.value()), steady(pieces), says(pieces, Meaning.NET));
  }

  private Heard.Steady steady(Pieces pieces) {
    if (unitTellsSteady) {
      return told(pieces.numbers().get(number).unit().isPresent(), Heard.Steady.NO);
    }
    boolean hasSteady = words.containsValue(Meaning.STEADY);
    if (says(pieces, Meaning.MOVING) || hasSteady && !says(pieces, Meaning.STEADY)) {
      return Heard.Steady.NO;
    }
    return told(hasSteady || words.containsValue(Meaning.MOVING), Heard.Steady.NOT_TOLD);
  }

  private static Heard.Steady told(boolean yes, Heard.Steady otherwise) {
    return yes ? Heard.Steady.YES : otherwise;
  }

  private boolean says(Pieces pieces, Meaning meaning) {
    return pieces.words().stream().anyMatch(word -> words.get(word) == meaning);
  }

  /** Whether a line is longer than any a scale sends, or holds signs none sends as text. */
  public static boolean isGarbled(String line) {
    return line.length() > LONGEST
        || line.chars().anyMatch(sign -> sign > '~' && sign != 'µ' || sign < ' ' && sign != '\t');
  }
}
