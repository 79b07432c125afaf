package jugulum.desk.account;

import javafx.scene.control.Label;
import javafx.scene.layout.Pane;
import jugulum.core.check.Normal;
import jugulum.desk.kit.Parts;
import jugulum.desk.words.Words;

/**
 * How hard all other weights pull at one: to the left where it must have been less, to the right
 * where more, in its own standard deviations. Beyond the marks chance alone is there once in
 * twenty.
 */
final class PullBar extends Pane {
  private static final double HALF = 52;
  private static final double MIDDLE = 10;
  private static final double FIGURE = 44;

  /** What fills half the bar; whatever pulls harder ends there, and its figure tells. */
  private static final double MOST = 4;

  /**
   * A bar.
   *
   * @param pull in standard deviations, below 0 where less
   */
  PullBar(Words words, double pull) {
    getStyleClass().add("pull-bar");
    setMinSize(2 * HALF + FIGURE, 2 * MIDDLE);
    setPrefSize(2 * HALF + FIGURE, 2 * MIDDLE);
    double length = HALF * Math.min(1, Math.abs(pull) / MOST);
    boolean isLoud = Math.abs(pull) > Normal.Z95;
    getChildren()
        .addAll(
            RangeBar.part("range-rail", MIDDLE, 0, 2 * HALF, 1),
            RangeBar.part("range-zero", MIDDLE, HALF, 1, 2 * MIDDLE),
            RangeBar.part("range-zero", MIDDLE, HALF - HALF * Normal.Z95 / MOST, 1, MIDDLE),
            RangeBar.part("range-zero", MIDDLE, HALF + HALF * Normal.Z95 / MOST, 1, MIDDLE),
            RangeBar.part(
                isLoud ? "pull-loud" : "pull",
                MIDDLE,
                pull < 0 ? HALF - length : HALF,
                Math.max(1, length),
                8));
    Label figure =
        Parts.styled(new Label(words.fixed(Math.abs(pull), 1)), isLoud ? "loss-text" : "muted");
    figure.resizeRelocate(2 * HALF + 10, -1, FIGURE - 10, 2 * MIDDLE + 2);
    figure.setManaged(false);
    getChildren().add(figure);
    setAccessibleText(
        words.of(pull < 0 ? "pull.less" : "pull.more", words.fixed(Math.abs(pull), 1)));
  }
}
