package jugulum.desk.chart;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import jugulum.desk.chart.Mark.Anchor;
import jugulum.practice.sand.GrainKind;

/** What each of several catches holds, by mineral, as bars: a size in a pan, a port of a deck. */
public final class CatchChart {
  private static final double LINE = 24;
  private static final double BAR = 16;
  private static final double LEFT = 110;
  private static final double LEAST = 3;

  private CatchChart() {}

  /**
   * A catch.
   *
   * @param name what it is called
   * @param shares what it holds of each mineral, of all there is of it, 0 to 1, in the order of
   *     {@link GrainKind}
   */
  public record Catch(String name, List<Double> shares) {
    /** Keeps its own copy. */
    public Catch {
      shares = List.copyOf(shares);
    }

    double all() {
      return shares.stream().mapToDouble(share -> share).sum();
    }
  }

  /** Draws the bars; the longest is as long as there is room. */
  public static Drawing of(List<Catch> catches, double width) {
    double most = Math.max(1e-9, catches.stream().mapToDouble(Catch::all).max().orElse(0));
    List<Mark> marks = new ArrayList<>();
    for (int row = 0; row < catches.size(); row++) {
      double y = row * LINE;
      marks.add(
          new Mark.Writing(0, y + BAR - 3, catches.get(row).name(), Anchor.LEFT, "chart-text"));
      double x = LEFT;
      for (GrainKind kind : GrainKind.values()) {
        double share = catches.get(row).shares().get(kind.ordinal());
        double wide = share == 0 ? 0 : Math.max(LEAST, share / most * (width - LEFT - 5 * LEAST));
        marks.add(new Mark.Bar(x, y, wide, BAR, style(kind)));
        x += wide;
      }
    }
    return new Drawing(width, LINE * catches.size(), marks);
  }

  private static String style(GrainKind kind) {
    return "chart-mineral-" + kind.name().toLowerCase(Locale.ROOT);
  }
}
