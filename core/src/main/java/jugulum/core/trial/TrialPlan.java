package jugulum.core.trial;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import jugulum.core.check.Check;
import jugulum.core.screens.Cut;
import org.apache.commons.rng.UniformRandomProvider;
import org.apache.commons.rng.sampling.PermutationSampler;

/**
 * What a trial is to be.
 *
 * @param stuff what is put in
 * @param contenders what is tried, at least one
 * @param classes the size classes of the spike, coarse first, none overlapping another
 * @param specks so many of each class in a run, from 1
 * @param order whose turn it is, run by run: places in the contenders
 * @param sandG the sand each run is to have, in grams, 0.1 to ten tonnes; empty where nobody said
 */
public record TrialPlan(
    Stuff stuff,
    List<Contender> contenders,
    List<Cut> classes,
    int specks,
    List<Integer> order,
    OptionalDouble sandG) {
  /** What is put in. */
  public enum Stuff {
    GOLD,
    /** Flattened lead of the size that settles as fast; see {@link StandIn}. */
    LEAD
  }

  /** Checks the numbers and keeps its own copies. */
  public TrialPlan {
    Check.inRange("contenders", contenders.size(), 1, 100);
    Check.inRange("classes", classes.size(), 1, 100);
    Check.inRange("specks", specks, 1, 1e6);
    contenders = List.copyOf(contenders);
    classes = List.copyOf(classes);
    order = List.copyOf(order);
    int last = contenders.size() - 1;
    order.forEach(turn -> Check.inRange("order", turn, 0, last));
    sandG.ifPresent(grams -> Check.inRange("sandG", grams, 0.1, Check.HEAVIEST_G));
  }

  /** With as much sand as there is. */
  public TrialPlan(
      Stuff stuff, List<Contender> contenders, List<Cut> classes, int specks, List<Integer> order) {
    this(stuff, contenders, classes, specks, order, OptionalDouble.empty());
  }

  /**
   * An order drawn by lot: each contender once in every round, so that what drifts over the day
   * meets all alike (randomised blocks; R. A. Fisher, The Design of Experiments, 1935, from
   * memory).
   *
   * @param contenders from 1
   * @param rounds runs of each, from 1
   */
  public static List<Integer> drawn(int contenders, int rounds, UniformRandomProvider random) {
    Check.inRange("contenders", contenders, 1, 100);
    Check.inRange("rounds", rounds, 1, 1000);
    List<Integer> order = new ArrayList<>();
    for (int round = 0; round < rounds; round++) {
      int[] turns = PermutationSampler.natural(contenders);
      PermutationSampler.shuffle(random, turns);
      for (int turn : turns) {
        order.add(turn);
      }
    }
    return List.copyOf(order);
  }
}
