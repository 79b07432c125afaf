package jugulum.core.window;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import jugulum.core.check.Band;
import jugulum.core.check.Check;
import jugulum.core.ledger.Assumptions;
import jugulum.core.minerals.Mineral;
import jugulum.core.settling.Grain;
import jugulum.core.water.Water;

/**
 * What decides the settling windows of every cut of a sand.
 *
 * @param water the water
 * @param flatness the gold's flatness, within {@link Grain#FLATTEST} and 1
 * @param goldGCm3 the density of the gold, in g/cm³, within 10 and 20
 * @param heavies the minerals the gold is to be told from; gold itself is not one of them
 * @param magnetFirst whether the magnet comes before gravity, so that what it takes is gone
 * @param finestGoldMm the finest gold asked for, in mm, from 0.001 to 2; the cut that reaches the
 *     pan has no other lower end
 */
public record Conditions(
    Water water,
    Band flatness,
    Band goldGCm3,
    Set<Mineral> heavies,
    boolean magnetFirst,
    double finestGoldMm) {
  /**
   * The flatness of sand grains: subrounded heavy minerals and quartz, 0.5 to 0.85, most often 0.7
   * (common practice).
   */
  static final Band SAND_FLATNESS = new Band(0.5, 0.7, 0.85);

  /**
   * The finest gold a person still wins by eye and loupe is 0.03 to 0.05 mm: common practice; one
   * starts from the coarser end.
   */
  public static final double USUAL_FINEST_GOLD_MM = 0.05;

  /**
   * Grains of one place differ about so much in flatness either way: an assumption of ours until
   * some are measured.
   *
   * <p>Off by a half: every settling window: cuts part or do not by it.
   */
  private static final double FLATNESS_SPREAD = 1.5;

  /**
   * Nobody tells flatness finer than so; without rounding 0.3 would come out a hair below a law's
   * limit of 0.2.
   */
  private static final double FLATNESS_PLACE = 0.001;

  /**
   * Native gold of one place differs about so much in density either way, in g/cm³, by its silver:
   * an assumption of ours.
   *
   * <p>Off by a half: settling windows, by some hundredths.
   */
  private static final double DENSITY_SPREAD = 1.5;

  /** Cold water from a hose or a creek, in °C: common practice. */
  public static final double USUAL_WATER_C = 12;

  /** What black sand most often holds besides gold: common practice. */
  public static final Set<Mineral> USUAL_HEAVIES =
      Set.of(Mineral.MAGNETITE, Mineral.ILMENITE, Mineral.GARNET, Mineral.QUARTZ);

  private static final double LIGHTEST_GOLD = 10;
  private static final double HEAVIEST_GOLD = 19.3;

  /** The flatness of gold of which only the usual is known, from {@link Grain#FLATTEST} to 1. */
  public static Band flatnessAround(double usual) {
    Check.inRange("flatness", usual, Grain.FLATTEST, 1);
    double low = Math.rint(usual / FLATNESS_SPREAD / FLATNESS_PLACE) * FLATNESS_PLACE;
    return new Band(
        Math.max(Grain.FLATTEST, Math.min(usual, low)),
        usual,
        Math.min(1, usual * FLATNESS_SPREAD));
  }

  /** The density of gold of which only the usual is known, in g/cm³, from 10 to 20. */
  public static Band densityAround(double usualGCm3) {
    Check.inRange("goldDensity", usualGCm3, LIGHTEST_GOLD, 20);
    return new Band(
        Math.max(LIGHTEST_GOLD, usualGCm3 - DENSITY_SPREAD),
        usualGCm3,
        Math.max(usualGCm3, Math.min(HEAVIEST_GOLD, usualGCm3 + DENSITY_SPREAD)));
  }

  /**
   * What is usual with a batch's gold: cold water, the finest gold one asks for.
   *
   * @param given the batch's flatness and density of the gold
   */
  public static Conditions usual(Assumptions given, Set<Mineral> heavies, boolean magnetFirst) {
    return new Conditions(
        new Water(USUAL_WATER_C),
        flatnessAround(given.flatness()),
        densityAround(given.goldDensity()),
        heavies,
        magnetFirst,
        USUAL_FINEST_GOLD_MM);
  }

  /** Checks every value against its range. */
  public Conditions {
    Check.inRange("flatness", flatness.low(), Grain.FLATTEST, 1);
    Check.inRange("flatness", flatness.high(), Grain.FLATTEST, 1);
    Check.inRange("goldDensity", goldGCm3.low(), LIGHTEST_GOLD, 20);
    Check.inRange("goldDensity", goldGCm3.high(), LIGHTEST_GOLD, 20);
    Check.inRange("finestGoldMm", finestGoldMm, 0.001, 2);
    heavies = heavies.isEmpty() ? Set.of() : Set.copyOf(EnumSet.copyOf(heavies));
    if (heavies.contains(Mineral.GOLD)) {
      throw new IllegalArgumentException("gold is not told from gold");
    }
  }

  /** The minerals still there when gravity begins, heaviest first. */
  public List<Mineral> leftOver() {
    return heavies.stream()
        .filter(mineral -> !(magnetFirst && mineral.isTakenByMagnet()))
        .sorted((one, other) -> Double.compare(other.usualGCm3(), one.usualGCm3()))
        .toList();
  }

  /** The same with the magnet first. */
  public Conditions withMagnetFirst() {
    return new Conditions(water, flatness, goldGCm3, heavies, true, finestGoldMm);
  }
}
