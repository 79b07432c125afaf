package jugulum.desk.finish;

import java.util.List;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import jugulum.core.account.Worked;
import jugulum.core.finish.Finishing;
import jugulum.core.finish.NextTurn;
import jugulum.core.ledger.FinishFact;
import jugulum.core.ledger.Step;
import jugulum.core.shop.Shop;
import jugulum.desk.chart.DrawingView;
import jugulum.desk.chart.TurnsChart;
import jugulum.desk.kit.Parts;
import jugulum.desk.words.Figures;
import jugulum.desk.words.FinishWords;

/** What is left to win of a concentrate by its turns, and what each of them won. */
final class TurnsBox extends VBox {
  private final Label left = Parts.styled(new Label(), "gold-figure");
  private final DrawingView picture = new DrawingView("finish-turns");
  private final Label says = Parts.sentence("");

  TurnsBox() {
    super(4);
    setId("finish-turns-box");
    left.setId("finish-left");
    says.setId("finish-says");
    getChildren().addAll(left, picture, says);
  }

  void show(Worked worked, Step step, Shop shop, Figures figures) {
    List<FinishFact.Turn> turns = Finishing.of(step).turns();
    Parts.shown(this, !turns.isEmpty());
    if (turns.isEmpty()) {
      return;
    }
    NextTurn next = NextTurn.of(worked, step, shop);
    left.setText(FinishWords.left(next, figures));
    Parts.shown(left, next.leftMg().isPresent());
    picture.show(
        width -> TurnsChart.of(turns, next, figures, width), FinishWords.spoken(turns, figures));
    says.setText(FinishWords.another(next, shop.terms(), figures));
  }
}
