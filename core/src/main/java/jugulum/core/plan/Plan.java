package jugulum.core.plan;

import java.util.Comparator;
import java.util.List;
import java.util.OptionalDouble;
import jugulum.core.check.Band;
import jugulum.core.plan.PlannedCut.Run;
import jugulum.core.screens.Screen;

/**
 * A stack of screens with what it makes of a feed.
 *
 * @param stack the screens, coarse on top; may be empty when the feed is narrow enough as it is
 * @param cuts the cuts, coarse first
 */
public record Plan(List<Screen> stack, List<PlannedCut> cuts) {
  /**
   * Better plans first: nearer to the margin in every cut, then fewer screens, then less bench
   * time.
   */
  static final Comparator<Plan> BEST_FIRST =
      Comparator.comparingDouble(Plan::shortfall)
          .thenComparingInt(plan -> plan.stack().size())
          .thenComparingDouble(Plan::minutes);

  /** Keeps its own copies. */
  public Plan {
    stack = List.copyOf(stack);
    cuts = List.copyOf(cuts);
  }

  /** How far its cuts stay below the margin, added up; 0 if all reach it. */
  public double shortfall() {
    return cuts.stream().mapToDouble(PlannedCut::shortfall).sum();
  }

  /** The bench time of screening and running, in minutes. */
  public double minutes() {
    return cuts.stream().mapToDouble(PlannedCut::minutes).sum();
  }

  /** Of that the time somebody has to be at it. */
  public double handsMinutes() {
    return cuts.stream().mapToDouble(PlannedCut::handsMinutes).sum();
  }

  /** The free gold expected in the feed, native, in mg. */
  public double goldMg() {
    return cuts.stream().mapToDouble(PlannedCut::goldMg).sum();
  }

  /**
   * What is expected to be won of it, native, in mg; the cuts are off together, so their ranges add
   * up.
   */
  public Band won() {
    return cuts.stream()
        .map(PlannedCut::won)
        .reduce(
            Band.sharp(0),
            (one, other) ->
                new Band(
                    one.low() + other.low(),
                    one.usual() + other.usual(),
                    one.high() + other.high()));
  }

  /** What is expected to be won in the mean, native, in mg. */
  public double wonMg() {
    return cuts.stream().mapToDouble(PlannedCut::wonMg).sum();
  }

  /** The least ratio of its windows, as usual; empty if none is run against another heavy. */
  public OptionalDouble leastRatio() {
    return cuts.stream()
        .map(PlannedCut::fate)
        .filter(Run.class::isInstance)
        .map(Run.class::cast)
        .flatMap(run -> run.window().ratio().stream())
        .mapToDouble(ratio -> ratio.usual())
        .min();
  }
}
