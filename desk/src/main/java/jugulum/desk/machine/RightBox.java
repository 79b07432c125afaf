package jugulum.desk.machine;

import javafx.scene.layout.VBox;
import jugulum.core.ledger.Machine;
import jugulum.desk.chart.DrawingView;
import jugulum.desk.chart.RightChart;
import jugulum.desk.kit.Parts;
import jugulum.desk.words.Words;

/** What a machine looks like when it runs right: a sketch and a sentence. */
final class RightBox {
  private RightBox() {}

  static VBox of(Words words, Machine.Kind kind) {
    DrawingView picture = new DrawingView("right-picture");
    String said = words.of("right", kind);
    picture.show(width -> RightChart.of(kind, width), said);
    VBox box = new VBox(4, Parts.section(words.of("right.title")), picture, Parts.sentence(said));
    box.setId("right-box");
    return box;
  }
}
