package jugulum.core.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import jugulum.core.screens.Cut;
import jugulum.core.screens.Screen;

/**
 * The gold of a feed parted into narrow ranges of sizes, none of which a screen cuts through: a cut
 * is some of them in a row.
 */
final class SizeRanges {
  /** So many between two screens. */
  private static final int BETWEEN = 4;

  /**
   * Where no screen bounds the feed its coarsest gold is taken to be so many times the coarsest
   * screen.
   */
  private static final double BEYOND = 2;

  private final List<Cell> cells = new ArrayList<>();

  /**
   * A range of sizes.
   *
   * @param sizeMm its middle, in mm
   * @param goldMg the gold in it, in mg
   */
  private record Cell(double sizeMm, double goldMg) {}

  SizeRanges(PlanRequest request, Optional<Double> topMm, List<Screen> screens) {
    double finest = Math.max(request.feed().lowerMm(), request.conditions().finestGoldMm());
    double coarsest =
        topMm.orElseGet(
            () -> BEYOND * screens.stream().mapToDouble(Screen::openingMm).max().orElse(1));
    List<Double> edges = new ArrayList<>(List.of(coarsest));
    screens.stream()
        .map(Screen::openingMm)
        .filter(mm -> mm < coarsest && mm > finest)
        .forEach(edges::add);
    edges.add(Math.min(finest, coarsest / BEYOND));
    GoldExpected gold = request.gold();
    double low = gold.sizes().finer(edges.getLast());
    double all = gold.sizes().finer(coarsest) - low;
    for (int i = 1; i < edges.size(); i++) {
      double ratio = Math.pow(edges.get(i) / edges.get(i - 1), 1.0 / BETWEEN);
      for (int k = 0; k < BETWEEN; k++) {
        double upper = edges.get(i - 1) * Math.pow(ratio, k);
        double share =
            all > 0 ? (gold.sizes().finer(upper) - gold.sizes().finer(upper * ratio)) / all : 0;
        cells.add(new Cell(upper * Math.sqrt(ratio), share * gold.milligrams()));
      }
    }
  }

  double goldMg(Cut cut) {
    return cells.stream().filter(cell -> isIn(cell, cut)).mapToDouble(Cell::goldMg).sum();
  }

  private static boolean isIn(Cell cell, Cut cut) {
    return cell.sizeMm() < cut.upperMm() && cell.sizeMm() > cut.lowerMm();
  }
}
