package jugulum.core.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import jugulum.core.check.Band;
import jugulum.core.machine.Gear;
import jugulum.core.machine.Sheet;
import jugulum.core.minerals.Mineral;
import jugulum.core.plan.PlannedCut.Run;
import jugulum.core.screens.Cut;
import jugulum.core.screens.Screen;
import jugulum.core.window.GoldSpeed;

/**
 * The gold of a feed parted into narrow ranges of sizes, none of which a screen cuts through: a cut
 * is some of them in a row.
 */
final class Cells {
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
   * @param speed how fast that falls, in m/s
   */
  private record Cell(double sizeMm, double goldMg, Band speed) {}

  Cells(PlanRequest request, Optional<Double> topMm, List<Screen> screens) {
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
    GoldSpeed speeds = new GoldSpeed(request.conditions());
    GoldExpected gold = request.gold();
    double low = gold.sizes().finer(edges.getLast());
    double all = gold.sizes().finer(coarsest) - low;
    for (int i = 1; i < edges.size(); i++) {
      double ratio = Math.pow(edges.get(i) / edges.get(i - 1), 1.0 / BETWEEN);
      for (int k = 0; k < BETWEEN; k++) {
        double upper = edges.get(i - 1) * Math.pow(ratio, k);
        double share =
            all > 0 ? (gold.sizes().finer(upper) - gold.sizes().finer(upper * ratio)) / all : 0;
        double middle = upper * Math.sqrt(ratio);
        cells.add(new Cell(middle, share * gold.milligrams(), speeds.at(middle)));
      }
    }
  }

  double goldMg(Cut cut) {
    return cells.stream().filter(cell -> isIn(cell, cut)).mapToDouble(Cell::goldMg).sum();
  }

  private static boolean isIn(Cell cell, Cut cut) {
    return cell.sizeMm() < cut.upperMm() && cell.sizeMm() > cut.lowerMm();
  }

  /**
   * What a machine wins of a cut, in mg: size by size, by how much faster each falls than the
   * fastest other grain.
   */
  Band won(Cut cut, Gear gear, Run run, Function<Band, Yield> yields) {
    Sheet sheet = gear.sheet();
    Band fastest =
        run.window()
            .ratio()
            .map(ratio -> run.window().gold().slowest().usual() / ratio.usual())
            .map(speed -> doubted(speed, run))
            .orElse(Band.sharp(0));
    double low = 0;
    double usual = 0;
    double high = 0;
    for (Cell cell : cells) {
      if (isIn(cell, cut) && cell.goldMg() > 0) {
        Yield yield = yields.apply(expected(sheet, cell.sizeMm()));
        low +=
            cell.goldMg()
                * share(yield, between(cell.speed().low(), cell.speed().usual()), fastest.high());
        usual += cell.goldMg() * share(yield, cell.speed().usual(), fastest.usual());
        high +=
            cell.goldMg()
                * share(yield, between(cell.speed().usual(), cell.speed().high()), fastest.low());
      }
    }
    return new Band(Math.min(low, usual), usual, Math.max(usual, high));
  }

  /** The speed gold is told from, with the doubt the window has of it. */
  private static Band doubted(double speed, Run run) {
    Band fall =
        run.window().others().stream()
            .filter(one -> one.mineral() == run.window().limiting().orElse(Mineral.QUARTZ))
            .findFirst()
            .orElseThrow()
            .fastest();
    return new Band(
        speed * between(fall.low(), fall.usual()) / fall.usual(),
        speed,
        speed * between(fall.usual(), fall.high()) / fall.usual());
  }

  /** Half way to the end of a band: the ends of several bands seldom meet. */
  private static double between(double one, double other) {
    return Math.sqrt(one * other);
  }

  private static double share(Yield yield, double gold, double other) {
    return other > 0 ? yield.share(gold / other) : yield.share(Double.MAX_VALUE);
  }

  /** Gold finer or coarser than a machine is good for is won as from sizes that do not suit it. */
  private static Band expected(Sheet sheet, double sizeMm) {
    boolean suits = sizeMm >= sheet.suits().finestMm() && sizeMm <= sheet.suits().coarsestMm();
    return suits
        ? sheet.expected()
        : new Band(sheet.expected().low() / 4, sheet.expected().low() / 2, sheet.expected().low());
  }
}
