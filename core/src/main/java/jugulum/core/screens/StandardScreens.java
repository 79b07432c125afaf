package jugulum.core.screens;

import java.util.List;
import java.util.Optional;

/** The standard screens with their nominal openings. Source: ASTM E11 / ISO 3310-1, nominal dimension of openings, in millimetres. */
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

  private StandardScreens() {}

  /** All of them, coarse first. */
  public static List<Screen> all() {
    return ASTM_E11;
  }

  /** The standard screen of that number, such as "30". */
  public static Optional<Screen> numbered(String label) {
    return ASTM_E11.stream().filter(screen -> screen.label().equals(label)).findFirst();
  }
}
