package jugulum.core.screens;

import java.util.List;
import java.util.Optional;

/**
 * The standard screens with their nominal openings, in millimetres. Source: ASTM E11 / ISO 3310-1,
 * nominal dimension of openings; the numbers of the Tyler series as in the older E11 table of
 * equivalents, from memory.
 */
public final class StandardScreens {
  private static final List<Screen> ASTM_E11 =
      List.of(
          new Screen("4", 4.75),
          new Screen("5", 4.00),
          new Screen("6", 3.35),
          new Screen("7", 2.80),
          new Screen("8", 2.36),
          new Screen("10", 2.00),
          new Screen("12", 1.70),
          new Screen("14", 1.40),
          new Screen("16", 1.18),
          new Screen("18", 1.00),
          new Screen("20", 0.850),
          new Screen("25", 0.710),
          new Screen("30", 0.600),
          new Screen("35", 0.500),
          new Screen("40", 0.425),
          new Screen("45", 0.355),
          new Screen("50", 0.300),
          new Screen("60", 0.250),
          new Screen("70", 0.212),
          new Screen("80", 0.180),
          new Screen("100", 0.150),
          new Screen("120", 0.125),
          new Screen("140", 0.106),
          new Screen("170", 0.090),
          new Screen("200", 0.075),
          new Screen("230", 0.063),
          new Screen("270", 0.053),
          new Screen("325", 0.045),
          new Screen("400", 0.038),
          new Screen("450", 0.032),
          new Screen("500", 0.025),
          new Screen("635", 0.020));

  /**
   * What is written before a Tyler number, since the same number means another opening in ASTM E11.
   */
  private static final String TYLER_MARK = "T";

  private static final List<Screen> TYLER =
      List.of(
          tyler(4, 4.75),
          tyler(5, 4.00),
          tyler(6, 3.35),
          tyler(7, 2.80),
          tyler(8, 2.36),
          tyler(9, 2.00),
          tyler(10, 1.70),
          tyler(12, 1.40),
          tyler(14, 1.18),
          tyler(16, 1.00),
          tyler(20, 0.850),
          tyler(24, 0.710),
          tyler(28, 0.600),
          tyler(32, 0.500),
          tyler(35, 0.425),
          tyler(42, 0.355),
          tyler(48, 0.300),
          tyler(60, 0.250),
          tyler(65, 0.212),
          tyler(80, 0.180),
          tyler(100, 0.150),
          tyler(115, 0.125),
          tyler(150, 0.106),
          tyler(170, 0.090),
          tyler(200, 0.075),
          tyler(250, 0.063),
          tyler(270, 0.053),
          tyler(325, 0.045),
          tyler(400, 0.038));

  private StandardScreens() {}

  private static Screen tyler(int number, double openingMm) {
    return new Screen(TYLER_MARK + number, openingMm);
  }

  /** The Tyler series, coarse first, each number marked with a T. */
  public static List<Screen> tyler() {
    return TYLER;
  }

  /** All of them, coarse first. */
  public static List<Screen> all() {
    return ASTM_E11;
  }

  /** The standard screen of that number, such as "30". */
  public static Optional<Screen> numbered(String label) {
    return ASTM_E11.stream().filter(screen -> screen.label().equals(label)).findFirst();
  }
}
