package jugulum.core.scale;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/**
 * The check weights a shop is likely to have, with how far each may be off.
 *
 * <p>Source: OIML R111-1:2004, table 1, class M1.
 */
public final class CheckWeights {
  private static final double MG = 1e-3;

  private static final TreeMap<Double, Double> CLASS_M1 =
      new TreeMap<>(
          Map.ofEntries(
              Map.entry(1.0, 1.0 * MG),
              Map.entry(2.0, 1.2 * MG),
              Map.entry(5.0, 1.6 * MG),
              Map.entry(10.0, 2.0 * MG),
              Map.entry(20.0, 2.5 * MG),
              Map.entry(50.0, 3.0 * MG),
              Map.entry(100.0, 5.0 * MG),
              Map.entry(200.0, 10 * MG),
              Map.entry(500.0, 25 * MG),
              Map.entry(1000.0, 50 * MG)));

  private CheckWeights() {}

  /** The nominal masses, in grams, from the smallest. */
  public static List<Double> nominalsG() {
    return List.copyOf(CLASS_M1.keySet());
  }

  /**
   * How far a weight of class M1 may be off, in grams; empty for a mass that is not in the table.
   */
  public static Optional<Double> toleranceG(double nominalG) {
    return Optional.ofNullable(CLASS_M1.get(nominalG));
  }
}
