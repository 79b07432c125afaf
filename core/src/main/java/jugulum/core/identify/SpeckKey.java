package jugulum.core.identify;

import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import jugulum.core.identify.Suspect.Hazard;

/**
 * What a speck can be, by what was found out about it: prior odds times the likelihoods of the
 * answers (Bayes). Given the mineral the answers are taken as independent of each other: an
 * assumption, and not quite so; it makes the key a little too sure.
 *
 * @param found what was found out, by the answers' names
 */
public record SpeckKey(Map<Clue, String> found) {
  /** Nothing was found out yet. */
  public static final SpeckKey NOTHING = new SpeckKey(Map.of());

  /**
   * A hazard is told as long as what brings it is that likely, 0 to 1: ours.
   *
   * <p>Off by a half: how long a caution is shown.
   */
  public static final double TELLS_HAZARD = 0.02;

  /**
   * Keeps its own copy.
   *
   * @throws IllegalArgumentException if a clue has no such answer
   */
  public SpeckKey {
    found.forEach(SpeckKey::answer);
    found = Map.copyOf(found);
  }

  private static int answer(Clue clue, String answer) {
    int place = clue.answers().indexOf(answer);
    if (place < 0) {
      throw new IllegalArgumentException(clue + " has no answer " + answer);
    }
    return place;
  }

  /** The same with something found out, in place of what was said before. */
  public SpeckKey with(Clue clue, String answer) {
    Map<Clue, String> more = new EnumMap<>(Clue.class);
    more.putAll(found);
    more.put(clue, answer);
    return new SpeckKey(more);
  }

  /** The same without what was said of a clue. */
  public SpeckKey without(Clue clue) {
    Map<Clue, String> less = new EnumMap<>(Clue.class);
    less.putAll(found);
    less.remove(clue);
    return new SpeckKey(less);
  }

  /** How likely it is each, 0 to 1; together 1. */
  public Map<Suspect, Double> chances() {
    double[] weights = new double[Suspect.values().length];
    for (Suspect suspect : Suspect.values()) {
      double weight = suspect.often();
      for (Map.Entry<Clue, String> one : found.entrySet()) {
        weight *= Likelihoods.of(one.getKey(), suspect, answer(one.getKey(), one.getValue()));
      }
      weights[suspect.ordinal()] = weight;
    }
    double sum = Arrays.stream(weights).sum();
    Map<Suspect, Double> chances = new EnumMap<>(Suspect.class);
    for (Suspect suspect : Suspect.values()) {
      chances.put(suspect, weights[suspect.ordinal()] / sum);
    }
    return chances;
  }

  /** What it can be, the likeliest first. */
  public List<Suspect> ranked() {
    Map<Suspect, Double> chances = chances();
    return Stream.of(Suspect.values())
        .sorted(Comparator.comparing((Suspect one) -> -chances.getOrDefault(one, 0.0)))
        .toList();
  }

  /** How likely it is something, 0 to 1. */
  public double chance(Suspect suspect) {
    return chances().getOrDefault(suspect, 0.0);
  }

  /**
   * How much a clue would tell, in bits: what is open less what would be left open on the mean
   * (Shannon's mutual information). Never negative; 0 of what was found out already.
   */
  public double information(Clue clue) {
    if (found.containsKey(clue)) {
      return 0;
    }
    Map<Suspect, Double> chances = chances();
    double left = 0;
    for (int answer = 0; answer < clue.answers().size(); answer++) {
      double chance = 0;
      for (Suspect suspect : Suspect.values()) {
        chance += chances.getOrDefault(suspect, 0.0) * Likelihoods.of(clue, suspect, answer);
      }
      left += chance * with(clue, clue.answers().get(answer)).open();
    }
    return Math.max(0, open() - left);
  }

  /** What is open, in bits: 0 where it is certain. */
  double open() {
    return chances().values().stream()
        .filter(chance -> chance > 0)
        .mapToDouble(chance -> -chance * Math.log(chance) / Math.log(2))
        .sum();
  }

  /** What tells most next; empty where all was found out. */
  public Optional<Clue> next() {
    return Stream.of(Clue.values())
        .filter(clue -> !found.containsKey(clue))
        .max(Comparator.comparingDouble(this::information));
  }

  /** What can hurt someone, as long as it is likely enough. */
  public Set<Hazard> hazards() {
    Set<Hazard> hazards = EnumSet.noneOf(Hazard.class);
    chances()
        .forEach(
            (suspect, chance) -> {
              if (chance >= TELLS_HAZARD && suspect.hazard() != Hazard.NONE) {
                hazards.add(suspect.hazard());
              }
            });
    return hazards;
  }
}
