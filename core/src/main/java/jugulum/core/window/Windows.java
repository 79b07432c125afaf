package jugulum.core.window;

import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import jugulum.core.check.Band;
import jugulum.core.check.Check;
import jugulum.core.minerals.Mineral;

/**
 * The settling window of a cut: how much faster its slowest gold falls than the fastest grain of
 * any other heavy left in it. Above 1, with a margin, a machine that sorts by falling can part all
 * of them; below 1 the flattest fines leave with the coarsest sand.
 *
 * <p>The slowest gold is the finest and flattest, at the cut's lower screen; the fastest of the
 * others is the coarsest, at the upper screen. How flat and how dense they are is not known
 * sharply, so each speed is a band and so is their ratio. See docs/science/window.md. Not safe for
 * several threads.
 */
public final class Windows {
  private static final double FINEST_MM = 0.001;
  private static final double COARSEST_MM = 200;

  private final Conditions conditions;
  private final Speeds speeds;

  /** Windows under the conditions given. */
  public Windows(Conditions conditions) {
    this.conditions = conditions;
    this.speeds = new Speeds(conditions);
  }

  /**
   * The window of a cut.
   *
   * @param upperMm the opening it passed, in mm, from 0.001 to 200
   * @param lowerMm the opening it stayed on, in mm, at most the upper; gold finer than the
   *     conditions ask for is left out of account
   * @param sorting how the machine tells grains apart
   */
  public Window of(double upperMm, double lowerMm, Sorting sorting) {
    Check.inRange("upperMm", upperMm, FINEST_MM, COARSEST_MM);
    Check.inRange("lowerMm", lowerMm, 0, upperMm);
    double finest = Math.min(upperMm, Math.max(lowerMm, conditions.finestGoldMm()));
    Fall gold = fall(Mineral.GOLD, upperMm, finest);
    List<Fall> others =
        conditions.leftOver().stream()
            .map(mineral -> fall(mineral, upperMm, Math.max(lowerMm, finest)))
            .toList();
    Map<Mineral, Band> ratios = new EnumMap<>(Mineral.class);
    others.forEach(
        fall ->
            ratios.put(
                fall.mineral(),
                gold.slowest()
                    .over(fall.fastest())
                    .times(
                        sorting.factor(
                            conditions.goldGCm3().usual(), fall.mineral().usualGCm3()))));
    Optional<Mineral> limiting =
        ratios.keySet().stream()
            .min(Comparator.comparingDouble(mineral -> Check.known(ratios, mineral).usual()));
    return new Window(
        upperMm, lowerMm, gold, others, limiting, ratios.values().stream().reduce(Windows::worst));
  }

  /**
   * At each end the mineral that is worst there: one that usually falls slower may have the faster
   * extreme.
   */
  private static Band worst(Band one, Band other) {
    return new Band(
        Math.min(one.low(), other.low()),
        Math.min(one.usual(), other.usual()),
        Math.min(one.high(), other.high()));
  }

  private Fall fall(Mineral mineral, double upperMm, double lowerMm) {
    Speeds.Speed slowest = speeds.of(mineral, lowerMm);
    return new Fall(mineral, slowest.band(), speeds.of(mineral, upperMm).band(), slowest.law());
  }

  /**
   * The window of a cut.
   *
   * @param upperMm the opening it passed, in mm
   * @param lowerMm the opening it stayed on, in mm
   * @param gold the gold's speeds
   * @param others the speeds of the others left over, heaviest mineral first
   * @param limiting the mineral that usually leaves gold the least room; empty if none is left
   * @param ratio slowest gold over fastest other, widened by how the machine sorts, each end by the
   *     mineral that is worst there; empty if no other is left
   */
  public record Window(
      double upperMm,
      double lowerMm,
      Fall gold,
      List<Fall> others,
      Optional<Mineral> limiting,
      Optional<Band> ratio) {
    /** Upper opening over lower opening; infinite where nothing bounds it below. */
    public double sizeRatio() {
      return upperMm / lowerMm;
    }
  }
}
