package jugulum.desk.cuts;

import java.util.function.DoubleFunction;
import javafx.scene.control.Label;
import javafx.scene.control.Slider;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import jugulum.desk.kit.Parts;

/** A value one slides, with its name and what it stands at. */
final class SlideRow extends VBox {
  private final Slider slider;
  private final Label value = Parts.styled(new Label(), "strong");
  private DoubleFunction<String> writing;

  SlideRow(
      String id,
      String name,
      double low,
      double high,
      double start,
      double step,
      DoubleFunction<String> writing) {
    super(2);
    this.writing = writing;
    slider = new Slider(low, high, start);
    slider.setId(id);
    slider.setAccessibleText(name);
    slider.setBlockIncrement(step);
    slider.setMajorTickUnit(step);
    slider.setMinorTickCount(0);
    slider.setSnapToTicks(true);
    Region gap = new Region();
    HBox.setHgrow(gap, Priority.ALWAYS);
    getChildren()
        .addAll(new HBox(8, Parts.styled(new Label(name), "entry-label"), gap, value), slider);
    slider.valueProperty().addListener((_, _, _) -> tell());
    tell();
  }

  private void tell() {
    value.setText(writing.apply(slider.getValue()));
  }

  /** Writes the value another way. */
  void written(DoubleFunction<String> other) {
    writing = other;
    tell();
  }

  double value() {
    return slider.getValue();
  }

  void set(double value) {
    slider.setValue(value);
  }

  void onChange(Runnable what) {
    slider.valueProperty().addListener((_, _, _) -> what.run());
  }
}
