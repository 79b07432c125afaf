package jugulum.core.units;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * Units of mass people write on a bench, with their exact size in grams.
 *
 * <p>Source: NIST SP 811 (2008), Appendix B.8, and the international yard and pound agreement of
 * 1959 (1 lb = 453.59237 g exactly, 1 grain = 1/7000 lb).
 */
public enum MassUnit {
  MILLIGRAM(0.001, "mg"),
  GRAM(1, "g", "gram", "grams", "gm", "gramo", "gramos"),
  KILOGRAM(1000, "kg", "kilo", "kilos", "kilogramo", "kilogramos"),
  GRAIN(Constants.GRAIN_G, "gr", "grain", "grains", "grano", "granos"),
  PENNYWEIGHT(24 * Constants.GRAIN_G, "dwt", "pennyweight", "pennyweights"),
  TROY_OUNCE(480 * Constants.GRAIN_G, "ozt", "oz t", "toz", "troy oz"),
  OUNCE(437.5 * Constants.GRAIN_G, "oz av", "ozav", "oz avdp"),
  POUND(7000 * Constants.GRAIN_G, "lb", "lbs", "pound", "pounds", "libra", "libras");

  private static final class Constants {
    static final double GRAIN_G = 0.06479891;
  }

  private final double grams;
  private final List<String> spellings;

  MassUnit(double grams, String... spellings) {
    this.grams = grams;
    this.spellings = List.of(spellings);
  }

  /** The size of one unit, in grams. */
  public double grams() {
    return grams;
  }

  /** The usual short sign, such as {@code gr}. */
  public String sign() {
    return spellings.getFirst();
  }

  /** Converts grams to this unit. */
  public double fromGrams(double massG) {
    return this == MILLIGRAM ? Decimal.shifted(massG, 3) : massG / grams;
  }

  /** Converts an amount in this unit to grams. */
  public double toGrams(double amount) {
    return this == MILLIGRAM ? Decimal.shifted(amount, -3) : amount * grams;
  }

  /**
   * The unit written so; empty for a word that is none, and for "oz", which alone may mean two
   * units.
   */
  public static Optional<MassUnit> spelled(String word) {
    String lower = word.toLowerCase(Locale.ROOT).strip().replaceAll("\\s+", " ");
    return Arrays.stream(values()).filter(unit -> unit.spellings.contains(lower)).findFirst();
  }
}
