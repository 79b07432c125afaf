package jugulum.desk.account;

import java.util.Collection;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import jugulum.core.gold.Recovery;
import jugulum.desk.kit.Parts;
import jugulum.desk.words.Words;

/** A recovery as a dot on its range, from where the lowest of several begins to 100 %. */
final class RangeBar extends Pane {
  private static final double LENGTH = 140;
  private static final double MIDDLE = 9;

  private final double from;

  /**
   * A bar.
   *
   * @param from the share at its left end, 0 to 0.9
   */
  RangeBar(Words words, Recovery recovery, double from) {
    this.from = from;
    getStyleClass().add("range-bar");
    setPrefSize(LENGTH, 2 * MIDDLE);
    setMinSize(LENGTH, 2 * MIDDLE);
    double low = x(recovery.low());
    double high = x(recovery.high());
    getChildren()
        .addAll(
            part("range-rail", 0, LENGTH, 1),
            part("range-span", low, Math.max(3, high - low), 3),
            part("range-dot", x(recovery.share()) - 5, 10, 10));
    setAccessibleText(words.of("account.range.head"));
  }

  /** Where bars of several recoveries begin: a whole tenth below the lowest end. */
  static double from(Collection<Recovery> recoveries) {
    double lowest = recoveries.stream().mapToDouble(Recovery::low).min().orElse(0);
    return Math.clamp(Math.floor(lowest * 10) / 10, 0, 0.9);
  }

  /** What stands over the bars: the share at either end. */
  static Node scale(Words words, double from) {
    Region gap = new Region();
    HBox.setHgrow(gap, Priority.ALWAYS);
    HBox scale =
        new HBox(
            Parts.styled(new Label(words.fixed(from * 100, 0)), "muted"),
            gap,
            Parts.styled(new Label(words.of("figures.percent", "100")), "muted"));
    scale.setMinWidth(LENGTH);
    scale.setMaxWidth(LENGTH);
    return scale;
  }

  private double x(double share) {
    return LENGTH * Math.clamp((share - from) / (1 - from), 0, 1);
  }

  private static Region part(String style, double x, double width, double height) {
    Region region = Parts.styled(new Region(), style);
    region.resizeRelocate(x, MIDDLE - height / 2, width, height);
    region.setManaged(false);
    return region;
  }
}
