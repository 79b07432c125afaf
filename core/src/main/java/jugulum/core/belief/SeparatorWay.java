package jugulum.core.belief;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import jugulum.core.check.Check;
import jugulum.core.ledger.Machine.Kind;
import jugulum.core.ledger.Process.MagnetRun;
import jugulum.core.ledger.Process.MagnetRun.Medium;
import jugulum.core.machine.Gear;
import jugulum.core.magnet.MagnetStage;
import jugulum.core.magnet.Strength;
import jugulum.core.runs.PastRun;
import jugulum.core.screens.Cut;

/**
 * One of the shop's magnets for some sand: how long it takes, and what its own runs say it takes.
 *
 * @param gear the magnet
 * @param minutes for that sand, in minutes
 * @param handsMinutes of those somebody is at it, in minutes
 * @param magnetite the share of the magnetite its own runs took, 0 to 1, all together; empty where
 *     none was tested
 * @param mgPerKg gold its own runs took along with a kilogram of magnetite, in mg; empty where
 *     nobody looked
 * @param runs how many of its own runs tell any of that
 */
public record SeparatorWay(
    Gear gear,
    double minutes,
    double handsMinutes,
    OptionalDouble magnetite,
    OptionalDouble mgPerKg,
    int runs) {
  /** The magnets of a shop for some sand, the first first ({@link #FIRST}). */
  public static List<SeparatorWay> of(Belief belief, Cut cut, double grams) {
    Check.grams("grams", grams);
    return belief.shop().separators().stream()
        .map(gear -> of(belief, gear, cut, grams))
        .sorted(FIRST)
        .toList();
  }

  /** The first of them for sand as wet as that: what sand is fed past wants it dry. */
  public static Optional<SeparatorWay> best(Belief belief, Cut cut, double grams, Medium medium) {
    return of(belief, cut, grams).stream()
        .filter(
            way ->
                medium == Medium.BONE_DRY
                    || MagnetRun.Way.of(way.gear().kind()) == MagnetRun.Way.HAND)
        .findFirst();
  }

  /**
   * Those first that are not known to leave too much of the magnetite; of them those that cost the
   * fewest minutes of hands; of equal ones that which takes the least gold along. A second stage is
   * for what a first one left, so it comes last.
   */
  private static final Comparator<SeparatorWay> FIRST =
      Comparator.comparing((SeparatorWay way) -> way.gear().kind() == Kind.SECOND_STAGE)
          .thenComparing(way -> way.magnetite().orElse(1) < Strength.ENOUGH)
          .thenComparingDouble(SeparatorWay::handsMinutes)
          .thenComparingDouble(way -> way.mgPerKg().orElse(Double.MAX_VALUE))
          .thenComparing(way -> way.gear().name());

  private static SeparatorWay of(Belief belief, Gear gear, Cut cut, double grams) {
    List<MagnetStage> own =
        belief.experience().of(gear.machine()).runs().stream()
            .map(PastRun::magnet)
            .flatMap(Optional::stream)
            .toList();
    List<MagnetStage> tested = own.stream().filter(one -> one.share().isPresent()).toList();
    List<MagnetStage> seen = own.stream().filter(one -> one.mgPerKg().isPresent()).toList();
    Pace pace = belief.pace(gear, cut);
    return new SeparatorWay(
        gear,
        pace.minutes(grams),
        pace.handsMinutes(grams),
        tested.stream().mapToDouble(one -> one.share().getAsDouble()).average(),
        ratio(
            seen.stream().mapToDouble(one -> one.gold().orElseThrow().milligrams()).sum(),
            seen.stream().mapToDouble(MagnetStage::magnetiteG).sum() / 1000),
        (int)
            own.stream()
                .filter(one -> one.share().isPresent() || one.mgPerKg().isPresent())
                .count());
  }

  private static OptionalDouble ratio(double mg, double kg) {
    return kg > 0 ? OptionalDouble.of(mg / kg) : OptionalDouble.empty();
  }
}
