package jugulum.desk.panel;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.layout.VBox;
import jugulum.core.account.Worked;
import jugulum.core.check.Band;
import jugulum.core.check.Check;
import jugulum.core.gold.Stage;
import jugulum.core.gold.Stage.Balance;
import jugulum.core.ledger.Step;
import jugulum.core.runs.NextRun;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Sentences;
import jugulum.desk.words.Words;

/**
 * What a run over a machine came to: recovery, concentration, what is left in the tailings, and
 * whether to run those again.
 */
final class StageBox extends VBox {
  StageBox() {
    super(6);
    setId("stage");
  }

  void show(Worked worked, Step now, Desk desk, Figures figures) {
    Stage stage = Check.known(worked.gold().stages(), now.id());
    getChildren().setAll(lines(worked, now, stage, figures));
    NextRun.of(now, worked.network(), worked.gold(), desk.shop().terms(), desk.shop().stopRule())
        .ifPresent(next -> getChildren().addAll(PassAdvice.ofRuns(next, desk.shop(), figures)));
  }

  private static List<Node> lines(Worked worked, Step now, Stage stage, Figures figures) {
    List<Node> lines = new ArrayList<>();
    lines.add(Parts.section(Words.of("stage.title")));
    boolean nothing =
        now.outputs().stream().noneMatch(lot -> worked.sand().mass(lot).isMeasured())
            && stage.won().isEmpty()
            && stage.left().isEmpty();
    if (nothing) {
      lines.add(
          now.finishedAt().isPresent()
              ? Parts.advice("fault", "", Words.of("stage.no-product"))
              : Parts.sentence(Words.of("stage.nothing-yet"), "muted"));
      return lines;
    }
    stage
        .recovery()
        .ifPresent(
            recovery ->
                lines.add(
                    Parts.line(Words.of("stage.recovery"), recovery(stage, recovery), "strong")));
    stage
        .recovery()
        .ifPresent(
            recovery ->
                lines.add(
                    Parts.sentence(Words.of("stage.range", Figures.shares(recovery)), "muted")));
    stage
        .ratio()
        .ifPresent(
            ratio ->
                lines.add(
                    Parts.line(
                        Words.of("stage.ratio"), Words.of("stage.to-one", Figures.times(ratio)))));
    stage
        .enrichment()
        .ifPresent(band -> lines.add(Parts.line(Words.of("stage.enrichment"), enrichment(band))));
    stage
        .left()
        .ifPresent(
            left ->
                lines.add(
                    Parts.line(
                        Words.of("stage.left"),
                        Words.of("stage.left.gold", figures.gold(left.milligrams())),
                        "gold-text")));
    stage
        .left()
        .ifPresent(
            left ->
                lines.add(
                    Parts.sentence(
                        Words.of("stage.left.range", figures.goldRange(left)), "muted")));
    if (!stage.notLookedAt().isEmpty()) {
      lines.add(
          Parts.advice(
              "fault",
              "",
              Words.of("stage.unseen", Sentences.lots(worked.network(), stage.notLookedAt()))));
    }
    stage.balance().map(StageBox::balance).ifPresent(lines::add);
    return lines;
  }

  private static String recovery(Stage stage, Band recovery) {
    return Words.of("stage.bound", stage.bound(), Figures.percent(recovery.usual()));
  }

  private static String enrichment(Band band) {
    String low = Figures.times(band.low());
    String high = Figures.times(band.high());
    return low.equals(high)
        ? Words.of("stage.times", high)
        : Words.of("stage.times.range", Figures.times(band.usual()), low, high);
  }

  private static Node balance(Balance balance) {
    String both =
        Words.of(
            "stage.balance",
            Figures.percent(balance.checkedOut().usual()),
            Figures.shares(balance.checkedOut()),
            Figures.percent(balance.twoProduct().usual()),
            Figures.shares(balance.twoProduct()));
    Band gap = balance.difference();
    String by =
        Words.of("stage.gap", points(Math.abs(gap.usual())), points(gap.low()), points(gap.high()));
    return balance.disagrees()
        ? Parts.advice("fault", Words.of("stage.disagree", by), both)
        : Parts.advice("fine", Words.of("stage.agree"), both);
  }

  private static String points(double share) {
    return Figures.fixed(share * 100, 1);
  }

  /** How well a run did, in a few words; empty where nothing can be told. */
  static Optional<String> brief(Stage stage) {
    return stage.recovery().map(recovery -> recovery(stage, recovery));
  }
}
