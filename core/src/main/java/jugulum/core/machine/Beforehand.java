package jugulum.core.machine;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import jugulum.core.check.Band;
import jugulum.core.ledger.Machine;
import jugulum.core.minerals.Mineral;
import jugulum.core.screens.Cut;
import jugulum.core.screens.Screen;
import jugulum.core.window.Conditions;
import jugulum.core.window.Windows;
import jugulum.core.window.Windows.Window;

/**
 * What should be done with a cut before a machine gets it, so that its slowest usual gold falls
 * faster than the fastest other grain.
 *
 * @param magnet whether the magnet should take its share out first
 * @param split the screen to split the cut at, after that; empty where it need not be split, or
 *     none at hand helps
 * @param enough whether the window then reaches 1
 */
public record Beforehand(boolean magnet, Optional<Screen> split, boolean enough) {
  /** Nothing has to be done. */
  private static final Beforehand NOTHING = new Beforehand(false, Optional.empty(), true);

  /**
   * What to do with a cut.
   *
   * @param screens those at hand
   */
  public static Beforehand of(
      Cut cut, Conditions conditions, Machine.Kind kind, List<Screen> screens) {
    if (cut.passing().isEmpty() || reaches(window(cut, conditions, kind))) {
      return NOTHING;
    }
    boolean magnet =
        window(cut, conditions, kind).limiting().filter(Mineral::isTakenByMagnet).isPresent();
    Conditions then = magnet ? conditions.withMagnetFirst() : conditions;
    if (reaches(window(cut, then, kind))) {
      return new Beforehand(magnet, Optional.empty(), true);
    }
    Optional<Screen> split =
        screens.stream()
            .filter(
                screen ->
                    screen.openingMm() < cut.upperMm()
                        && screen.openingMm() > Math.max(cut.lowerMm(), conditions.finestGoldMm()))
            .filter(
                screen ->
                    Cut.of(cut, List.of(screen)).stream()
                        .allMatch(part -> reaches(window(part, then, kind))))
            .max(Comparator.comparingDouble(screen -> worst(cut, screen, then, kind)));
    return new Beforehand(magnet, split, split.isPresent());
  }

  /** Whether there is anything to do or to say. */
  public boolean isNothing() {
    return equals(NOTHING);
  }

  private static double worst(Cut cut, Screen screen, Conditions conditions, Machine.Kind kind) {
    return Cut.of(cut, List.of(screen)).stream()
        .mapToDouble(
            part ->
                window(part, conditions, kind).ratio().map(Band::usual).orElse(Double.MAX_VALUE))
        .min()
        .orElseThrow();
  }

  private static boolean reaches(Window window) {
    return window.ratio().isEmpty() || window.ratio().get().usual() >= 1;
  }

  private static Window window(Cut cut, Conditions conditions, Machine.Kind kind) {
    return new Windows(conditions)
        .of(cut.upperMm(), cut.lowerMm(), Sheets.of(kind).working().sorting());
  }
}
