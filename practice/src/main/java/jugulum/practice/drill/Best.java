package jugulum.practice.drill;

import java.util.List;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import jugulum.practice.drill.Runs.Grain;

/**
 * The best run of a drill the program finds, with the same seed: hands that see what a person sees
 * follow a few plain rules, and what the rules are set to is searched, one setting after the other.
 * Nobody says it is the best there is.
 *
 * @param score what it comes to, drawn as finely as a run that is played
 * @param told what was done
 */
public record Best(Score score, List<Told> told) {
  /** Keeps its own copy. */
  public Best {
    told = List.copyOf(told);
  }

  /**
   * Searches. Takes some seconds.
   *
   * @param isGivenUp whether nobody waits any more
   * @return empty where it was given up
   */
  public static Optional<Best> of(Drill drill, long seed, BooleanSupplier isGivenUp) {
    List<Told> told = new Search(drill, seed, isGivenUp).found();
    return isGivenUp.getAsBoolean()
        ? Optional.empty()
        : Optional.of(new Best(Runs.played(drill, Grain.SEEN, seed, told).score(), told));
  }

  /** One setting of a way after the other, twice: first in wide steps, then in small ones. */
  private static final class Search {
    private static final int ROUNDS = 2;
    private static final int EACH_SIDE = 2;

    private final Drill drill;
    private final long seed;
    private final BooleanSupplier isGivenUp;

    Search(Drill drill, long seed, BooleanSupplier isGivenUp) {
      this.drill = drill;
      this.seed = seed;
      this.isGivenUp = isGivenUp;
    }

    List<Told> found() {
      double[] way = Hands.begin(drill);
      double[] reach = Hands.reach(drill);
      Run best = run(way);
      for (int round = 0; round < ROUNDS; round++) {
        for (int setting = 0; setting < way.length; setting++) {
          for (int side = -EACH_SIDE; side <= EACH_SIDE; side++) {
            double[] other = way.clone();
            other[setting] += side * reach[setting] / (1 << (2 * round));
            if (side == 0 || isGivenUp.getAsBoolean() || !Hands.isPossible(drill, other)) {
              continue;
            }
            Run run = run(other);
            if (run.score().cost() < best.score().cost()) {
              best = run;
              way = other;
            }
          }
        }
      }
      return best.told();
    }

    private Run run(double[] way) {
      Run run = Runs.of(drill, Grain.WORKED_OUT, seed);
      Consumer<Run> hands = Hands.of(drill, way);
      int second = 0;
      while (!run.isOver()) {
        if (run.seconds() >= second) {
          second++;
          hands.accept(run);
        }
        run.step();
      }
      return run;
    }
  }
}
