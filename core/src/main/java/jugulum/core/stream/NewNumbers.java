package jugulum.core.stream;

import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * What the numbers of things have become that somebody made without knowing what others made
 * meanwhile: his third lot may be the fifth now. A number nobody says anything of stays what it is.
 *
 * @param became for each kind of thing, by a name of its own, the numbers that changed
 */
public record NewNumbers(Map<String, Map<Integer, Integer>> became) {
  /** Every number is what it was. */
  public static final NewNumbers SAME = new NewNumbers(Map.of());

  /** NewNumbers begin at 1. */
  private static final int GONE = 0;

  /** Keeps its own copy. */
  public NewNumbers {
    Map<String, Map<Integer, Integer>> copy = new HashMap<>();
    became.forEach((kind, of) -> copy.put(kind, Map.copyOf(of)));
    became = Map.copyOf(copy);
  }

  /** What a number has become, that of a thing that is gone as it was. */
  public int now(String kind, int number) {
    int now = became.getOrDefault(kind, Map.of()).getOrDefault(number, number);
    return now == GONE ? number : now;
  }

  /** Whether the thing a number was given to was never made after all. */
  public boolean isGone(String kind, int number) {
    return became.getOrDefault(kind, Map.of()).getOrDefault(number, number) == GONE;
  }

  /**
   * The same, and what the numbers of things just made have become: the first of these is the first
   * of those, and so on; what none of those is left for is gone.
   *
   * @param kind the kind of thing
   * @param then the numbers they were given, in order
   * @param now the numbers they have now, at most as many
   */
  public NewNumbers and(String kind, List<Integer> then, List<Integer> now) {
    Map<Integer, Integer> of = new HashMap<>(became.getOrDefault(kind, Map.of()));
    for (int i = 0; i < then.size(); i++) {
      int number = i < now.size() ? now.get(i) : GONE;
      if (then.get(i) == number) {
        of.remove(then.get(i));
      } else {
        of.put(then.get(i), number);
      }
    }
    Map<String, Map<Integer, Integer>> all = new HashMap<>(became);
    all.put(kind, of);
    return new NewNumbers(all);
  }

  /** Whether no number has changed. */
  public boolean isSame() {
    return became.values().stream().allMatch(Map::isEmpty);
  }
}
