package jugulum.core.plan;

import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import jugulum.core.screens.Screen;

/**
 * Schools of screening. Which stack each would choose from the screens there are is common
 * practice.
 */
public enum School {
  /** One screen at 20 or 30 mesh, finer only if needed: quick, for much sand and coarse gold. */
  ONE_SCREEN,
  /** Every screen, every cut on its own: the most gold, the most time. */
  FULL_STACK,
  /** Wide above 30 mesh, as tight as there are screens below: where the gold is fine. */
  TIGHT_FINES;

  private static final double ONE_MM = 0.700;
  private static final double FINES_BELOW_MM = 0.600;
  private static final double TOP_MM = 1.18;

  /**
   * The stack this school would build.
   *
   * @param screens the screens there are, coarse first
   */
  public List<Screen> stack(List<Screen> screens) {
    return switch (this) {
      case FULL_STACK -> screens;
      case ONE_SCREEN -> nearest(screens, ONE_MM).toList();
      case TIGHT_FINES ->
          Stream.concat(
                  nearest(
                      screens.stream()
                          .filter(screen -> screen.openingMm() > FINES_BELOW_MM)
                          .toList(),
                      TOP_MM),
                  screens.stream().filter(screen -> screen.openingMm() <= FINES_BELOW_MM))
              .toList();
    };
  }

  private static Stream<Screen> nearest(List<Screen> screens, double openingMm) {
    return screens.stream()
        .min(
            Comparator.comparingDouble(
                screen -> Math.abs(Math.log(screen.openingMm() / openingMm))))
        .stream();
  }
}
