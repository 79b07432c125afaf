package jugulum.desk.account;

import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.layout.VBox;
import jugulum.core.gold.Stage;
import jugulum.core.ledger.Process;
import jugulum.core.ledger.Step;
import jugulum.desk.kit.Parts;
import jugulum.desk.words.Sentences;
import jugulum.desk.words.StageWords;

/** What each step did to the gold, by itself and all together so far. */
final class StepsPart {
  private StepsPart() {}

  static Node of(Shown shown) {
    Grid grid =
        new Grid(
            shown.words(),
            "account.step.head",
            "account.kept",
            "account.lost",
            "account.stage",
            "account.range.head",
            "account.cumulative",
            "account.range.head",
            "account.ratio");
    for (Step step : shown.network().steps()) {
      if (!(step.process() instanceof Process.Receive)) {
        line(grid, step, shown);
      }
    }
    return grid.isEmpty()
        ? Parts.sentence(shown.words().of("account.steps.none"), "muted")
        : new VBox(14, Parts.sentence(shown.words().of("account.steps.about"), "muted"), grid);
  }

  private static void line(Grid grid, Step step, Shown shown) {
    String name = Sentences.step(shown.words(), step, shown.network());
    Optional<Stage> stage = Optional.ofNullable(shown.now().gold().stages().get(step.id()));
    var soFar = shown.account().map(account -> account.cumulative().get(step.id()));
    grid.line(
        name,
        stage.flatMap(Stage::won).map(gold -> shown.figures().gold(gold.milligrams())).orElse(""),
        stage.flatMap(Stage::left).map(gold -> shown.figures().gold(gold.milligrams())).orElse(""),
        Grid.cell(stage.map(one -> StageWords.recovery(shown.words(), one)).orElse(""), "strong"),
        stage.flatMap(Stage::recovery).map(shown.words()::shares).orElse(""),
        Grid.cell(soFar.map(one -> Sentences.share(shown.words(), one)).orElse(""), "strong"),
        soFar.map(shown.words()::range).orElse(""),
        stage
            .map(
                one ->
                    one.ratio().isPresent() ? shown.words().times(one.ratio().getAsDouble()) : "")
            .orElse(""));
  }
}
