package jugulum.desk.account;

import java.util.Collection;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import jugulum.core.check.Band;
import jugulum.core.gold.Recovery;
import jugulum.desk.kit.Parts;
import jugulum.desk.words.Words;

/** A value as a dot on its range; bars of one scale can be compared. */
final class RangeBar extends Pane {
  private static final double LENGTH = 140;
  private static final double MIDDLE = 9;
  private static final double DOT = 10;

  private final Span span;

  /** What all bars of one kind begin and end with; from below to. */
  record Span(double from, double to) {}

  /**
   * A bar.
   *
   * @param band the value and its range
   * @param spoken what it shows, in words
   */
  RangeBar(Span span, Band band, String spoken) {
    this.span = span;
    getStyleClass().add("range-bar");
    setPrefSize(LENGTH, 2 * MIDDLE);
    setMinSize(LENGTH, 2 * MIDDLE);
    double low = x(band.low());
    double high = x(band.high());
    getChildren().add(part("range-rail", MIDDLE, 0, LENGTH, 1));
    if (span.from() < 0 && span.to() > 0) {
      getChildren().add(part("range-zero", MIDDLE, x(0), 1, 2 * MIDDLE));
    }
    getChildren()
        .addAll(
            part("range-span", MIDDLE, low, Math.max(3, high - low), 3),
            part("range-dot", MIDDLE, x(band.usual()) - DOT / 2, DOT, DOT));
    setAccessibleText(spoken);
  }

  /** A recovery, from where the lowest of several begins to 100 %. */
  static RangeBar of(Words words, Recovery recovery, double from) {
    return new RangeBar(
        new Span(from, 1),
        new Band(
            Math.min(recovery.low(), recovery.share()),
            recovery.share(),
            Math.max(recovery.high(), recovery.share())),
        words.of("account.range.head"));
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

  private double x(double value) {
    return LENGTH * Math.clamp((value - span.from()) / (span.to() - span.from()), 0, 1);
  }

  /** A part of a bar, centred on a line. */
  static Region part(String style, double middle, double x, double width, double height) {
    Region region = Parts.styled(new Region(), style);
    region.resizeRelocate(x, middle - height / 2, width, height);
    region.setManaged(false);
    return region;
  }
}
