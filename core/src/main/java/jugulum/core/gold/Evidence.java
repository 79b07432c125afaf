package jugulum.core.gold;

import java.util.List;
import jugulum.core.passes.Removal;
import jugulum.core.specks.Speck;
import jugulum.core.weighing.Weighing;

/**
 * An amount of gold in one lot as it was told, native metal. Of which kind of gold it speaks is
 * told by {@link LotEvidence}.
 */
public sealed interface Evidence {
  /**
   * Weighed gold.
   *
   * @param weighing in grams
   */
  record Weighed(Weighing weighing) implements Evidence {}

  /**
   * Gold known to be there.
   *
   * @param milligrams how much, in milligrams
   * @param sdMg its standard deviation, in milligrams
   */
  record Known(double milligrams, double sdMg) implements Evidence {}

  /**
   * Specks counted in a share of the lot.
   *
   * @param specks how many were seen
   * @param shareChecked in what share of the lot, 0 to 1
   * @param speck the mass of one
   */
  record Counted(int specks, double shareChecked, Speck speck) implements Evidence {}

  /**
   * Specks counted by size in a share of the lot.
   *
   * @param classes the specks of each size, at least one
   * @param shareChecked in what share of the lot, 0 to 1
   */
  record Panned(List<Class> classes, double shareChecked) implements Evidence {
    /** Keeps its own copy. */
    public Panned {
      classes = List.copyOf(classes);
    }

    /**
     * Specks of one size.
     *
     * @param specks how many were seen
     * @param speck the mass of one
     */
    public record Class(int specks, Speck speck) {}
  }

  /**
   * All pieces of a lot an eye picks, looked for one by one.
   *
   * @param milligrams what was found, native, in milligrams
   * @param speck the mass of one that may have been missed
   */
  record Picked(double milligrams, Speck speck) implements Evidence {}

  /**
   * Specks counted, of which not every one need be gold.
   *
   * @param counted what was counted
   * @param tested how many were tested for what they are, from 1
   * @param gold how many of them proved gold, 0 to all
   */
  record Proven(Evidence counted, int tested, int gold) implements Evidence {}

  /**
   * Gold measured in samples.
   *
   * @param fineMg fine gold in the samples, in milligrams, 0 or more
   * @param nativeMg native gold in them beside that, in milligrams; below 0 where visible gold is
   *     to be taken off
   * @param relativeSd the spread of the laboratory or between the samples
   * @param share what share of the lot the samples are, above 0, at most 1
   * @param grain the gold of the samples by mass: how coarse its grains are decides how small
   *     samples scatter
   */
  record Sampled(double fineMg, double nativeMg, double relativeSd, double share, Speck grain)
      implements Evidence {}

  /**
   * Gold judged by eye to be from so much to so much, anything between as likely.
   *
   * @param lowMg the least, native, in milligrams
   * @param highMg the most
   */
  record Judged(double lowMg, double highMg) implements Evidence {}

  /**
   * Gold in hand that was weighed as a bead or as grains of metal.
   *
   * @param fineMg fine gold, in milligrams
   * @param nativeMg native metal, in milligrams; below 0 where it is to be taken off
   * @param relativeSd how closely it was weighed
   */
  record InHand(double fineMg, double nativeMg, double relativeSd) implements Evidence {}

  /**
   * What the catches of the passes let expect is still caught.
   *
   * @param removal the estimate
   * @param speck the mass of one speck
   */
  record FromPasses(Removal removal, Speck speck) implements Evidence {}

  /** The specks it counts by; none where it was weighed, told or sampled by mass. */
  default List<Speck> countedBy() {
    return switch (this) {
      case Counted(_, _, Speck speck) -> List.of(speck);
      case Panned(List<Panned.Class> classes, _) ->
          classes.stream().map(Panned.Class::speck).toList();
      case Picked(_, Speck speck) -> List.of(speck);
      case Proven(Evidence counted, _, _) -> counted.countedBy();
      case FromPasses(_, Speck speck) -> List.of(speck);
      case Weighed _, Known _, Sampled _, Judged _, InHand _ -> List.of();
    };
  }

  /** Whether its specks weigh what the sizes of the batch's gold let expect. */
  default boolean restsOnSizes() {
    return countedBy().stream().anyMatch(speck -> speck.open().isPresent());
  }
}
