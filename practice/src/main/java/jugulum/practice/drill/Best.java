package jugulum.practice.drill;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import jugulum.practice.drill.Runs.Grain;

/**
 * The best run of a drill the program finds, with the same seed: hands that see what a person sees
 * follow a few plain rules, and what the rules are set to is searched, one setting after the other.
 * Nobody says it is the best there is.
 *
 * @param score what it comes to, drawn as finely as a run that is played
 * @param told what was done
 * @param way what the rules were set to, as {@link RigHands} has it for this rig
 */
public record Best(Score score, List<LoggedAction> told, List<Double> way) {
  /** Keeps its own copies. */
  public Best {
    told = List.copyOf(told);
    way = List.copyOf(way);
  }

  /**
   * Searches, on every processor there is. Takes some seconds.
   *
   * @param isGivenUp whether nobody waits any more
   * @return empty where it was given up
   */
  public static Optional<Best> of(Drill drill, long seed, BooleanSupplier isGivenUp) {
    List<Double> way = new Search(drill, seed, isGivenUp).found();
    return isGivenUp.getAsBoolean() ? Optional.empty() : Optional.of(by(drill, seed, way));
  }

  /** The run by rules that are set so. */
  public static Best by(Drill drill, long seed, List<Double> way) {
    List<LoggedAction> told = run(drill, seed, way).told();
    return new Best(Runs.played(drill, Grain.SEEN, seed, told).score(), told, way);
  }

  private static Run run(Drill drill, long seed, List<Double> way) {
    Run run = Runs.of(drill, Grain.WORKED_OUT, seed);
    Consumer<Run> hands =
        RigHands.of(drill, way.stream().mapToDouble(Double::doubleValue).toArray());
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

  /** One setting of a way after the other, twice: first in wide steps, then in small ones. */
  private record Search(Drill drill, long seed, BooleanSupplier isGivenUp) {
    private static final int ROUNDS = 2;
    private static final int EACH_SIDE = 2;

    /** A way and what its run costs. */
    private record Tried(List<Double> way, double cost) {}

    List<Double> found() {
      double[] reach = RigHands.reach(drill);
      Tried best = tried(RigHands.begin(drill));
      for (int round = 0; round < ROUNDS; round++) {
        for (int setting = 0; setting < reach.length && !isGivenUp.getAsBoolean(); setting++) {
          best = beside(best, setting, reach[setting] / (1 << (2 * round)));
        }
      }
      return best.way();
    }

    /** The cheapest of the steps to either side of a setting, or where it is. */
    private Tried beside(Tried best, int setting, double step) {
      List<double[]> others =
          IntStream.rangeClosed(-EACH_SIDE, EACH_SIDE)
              .filter(side -> side != 0)
              .mapToObj(
                  side -> {
                    double[] other = best.way().stream().mapToDouble(Double::doubleValue).toArray();
                    other[setting] += side * step;
                    return other;
                  })
              .filter(other -> RigHands.isPossible(drill, other))
              .toList();
      return others.parallelStream()
          .filter(_ -> !isGivenUp.getAsBoolean())
          .map(this::tried)
          .filter(other -> other.cost() < best.cost())
          .min(Comparator.comparingDouble(Tried::cost))
          .orElse(best);
    }

    private Tried tried(double[] set) {
      List<Double> way = DoubleStream.of(set).boxed().toList();
      return new Tried(way, run(drill, seed, way).score().cost());
    }
  }
}
