package jugulum.core.window;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import jugulum.core.check.Band;
import jugulum.core.check.Check;
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
 * @param finestGoldMm the finest gold asked for, in mm, from 0.001 to 2; the cut that reaches the pan has no other lower end
 */
public record Conditions(Water water, Band flatness, Band goldGCm3, Set<Mineral> heavies, boolean magnetFirst, double finestGoldMm) {
  /** The flatness of sand grains: subrounded heavy minerals and quartz, 0.5 to 0.85, most often 0.7 (common practice). */
  static final Band SAND_FLATNESS = new Band(0.5, 0.7, 0.85);

  /** Finer gold than 200 mesh is seldom won by hand-fed gear: common practice. */
  public static final double USUAL_FINEST_GOLD_MM = 0.075;

  /** Checks every value against its range. */
  public Conditions {
    Check.inRange("flatness", flatness.low(), Grain.FLATTEST, 1);
    Check.inRange("flatness", flatness.high(), Grain.FLATTEST, 1);
    Check.inRange("goldDensity", goldGCm3.low(), 10, 20);
    Check.inRange("goldDensity", goldGCm3.high(), 10, 20);
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
