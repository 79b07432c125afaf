package jugulum.desk.cuts;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.layout.VBox;
import jugulum.core.machine.Working;
import jugulum.core.plan.Plan;
import jugulum.core.plan.PlannedCut;
import jugulum.core.plan.PlannedCut.Run;
import jugulum.core.screens.Cut;
import jugulum.core.window.Conditions;
import jugulum.desk.kit.Parts;
import jugulum.desk.words.PracticeWords;
import jugulum.desk.words.StartWords;
import jugulum.desk.words.Words;
import jugulum.practice.start.Trade;

/**
 * What gold the width of each cut of a plan would cost on a vortex bowl by the model, and what all
 * of them together would, unclassified.
 */
final class WidthText extends VBox {
  private final Words words;

  WidthText(Words words) {
    super(6);
    this.words = words;
    setId("width-cost");
  }

  /** Tells what the cuts of a plan cost. */
  void show(Plan plan, Conditions conditions) {
    List<Cut> cuts =
        new ArrayList<>(
            plan.cuts().stream()
                .filter(cut -> cut.fate() instanceof Run)
                .map(PlannedCut::cut)
                .toList());
    if (cuts.size() > 1) {
      cuts.add(together(cuts));
    }
    getChildren().clear();
    for (Cut cut : cuts) {
      Optional<Trade> trade =
          new StartWords.Feed(cut, conditions.flatness().usual()).trade(Working.Law.BOWL);
      trade.ifPresent(
          one ->
              getChildren()
                  .add(
                      Parts.sentence(
                          words.of(
                              "practice.width", cut.notation(), PracticeWords.trade(words, one)),
                          "muted")));
    }
    if (!getChildren().isEmpty()) {
      getChildren().add(Parts.sentence(words.of("practice.model"), "muted"));
    }
  }

  private static Cut together(List<Cut> cuts) {
    Cut all = cuts.getFirst();
    for (Cut cut : cuts) {
      all = all.spanning(cut);
    }
    return all;
  }
}
