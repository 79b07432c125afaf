package jugulum.core.look;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import jugulum.core.specks.PoissonRange;

/**
 * What a look at tailings says to do: of each act whether it pays, surely does not, or cannot be
 * told yet and how much more is to be panned.
 *
 * <p>An act pays where the low end of the count lies above what it pays from, and does not where
 * the high end lies below: exact limits of a Poisson mean (F. Garwood, Biometrika 28 (1936)
 * 437–442), wider with every look ({@link Seen#range}).
 *
 * @param seen what was panned
 * @param options the acts that can be done, the one that pays from the fewest specks first
 */
public record LookWeighed(Seen seen, List<Option> options) {
  /** Keeps its own copy. */
  public LookWeighed {
    options = List.copyOf(options);
  }

  /** What is said of an act. */
  public enum Says {
    /** It pays. */
    ACT,
    /** What leaves is not worth it. */
    LEAVE,
    /** Too little was panned to say. */
    PAN_ON
  }

  /**
   * An act.
   *
   * @param paysFrom specks in a kilogram
   * @param says what is said of it
   * @param moreG how much more to pan until it can be said not to pay, if no more speck shows, in
   *     grams; 0 where it is said already
   */
  public record Option(Act act, double paysFrom, Says says, double moreG) {}

  /** Weighs a look. */
  public static LookWeighed of(Stakes stakes, Seen seen) {
    List<Option> options = new ArrayList<>();
    for (Act act : Act.values()) {
      stakes.paysFrom(act).ifPresent(from -> options.add(option(act, from, seen)));
    }
    options.sort(Comparator.comparingDouble(Option::paysFrom));
    return new LookWeighed(seen, options);
  }

  private static Option option(Act act, double from, Seen seen) {
    PoissonRange range = seen.range();
    double kg = seen.grams() / 1000;
    if (range.low() > from * kg) {
      return new Option(act, from, Says.ACT, 0);
    }
    if (range.high() < from * kg) {
      return new Option(act, from, Says.LEAVE, 0);
    }
    return new Option(act, from, Says.PAN_ON, (seen.rangeNext().high() / from - kg) * 1000);
  }

  /** Whether some act pays. */
  public boolean isToAct() {
    return toDo().findAny().isPresent();
  }

  /** What is to be done, the cheapest first. */
  public Stream<Option> toDo() {
    return options.stream().filter(option -> option.says() == Says.ACT);
  }

  /**
   * What the look says as a whole: an act that pays, else panning on for the act that pays from the
   * fewest specks among those open, else leaving it as it is. Empty where nothing can be done.
   */
  public Optional<Option> first() {
    return Stream.concat(
            toDo(),
            Stream.concat(
                options.stream().filter(option -> option.says() == Says.PAN_ON), options.stream()))
        .findFirst();
  }
}
