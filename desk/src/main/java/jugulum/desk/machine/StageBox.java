package jugulum.desk.machine;

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
import jugulum.core.runs.LastThird;
import jugulum.core.runs.NextRun;
import jugulum.desk.kit.Parts;
import jugulum.desk.panel.Desk;
import jugulum.desk.panel.PassAdvice;
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
        .map(next -> PassAdvice.ofRuns(next, desk.shop(), figures))
        .ifPresent(this::say);
  }

  private void say(PassAdvice.Said said) {
    getChildren().add(said.box());
    said.why().stream().map(one -> Parts.sentence(one, "muted")).forEach(getChildren()::add);
  }

  private static List<Node> lines(Worked worked, Step now, Stage stage, Figures figures) {
    Words words = figures.words();
    List<Node> lines = new ArrayList<>();
    lines.add(Parts.section(words.of("stage.title")));
    boolean nothing =
        now.outputs().stream().noneMatch(lot -> worked.sand().mass(lot).isMeasured())
            && stage.won().isEmpty()
            && stage.left().isEmpty();
    if (nothing) {
      lines.add(
          now.finishedAt().isPresent()
              ? Parts.advice("fault", "", words.of("stage.no-product"))
              : Parts.sentence(words.of("stage.nothing-yet"), "muted"));
      return lines;
    }
    lines.addAll(won(stage, words));
    lines.addAll(left(stage, figures));
    if (!stage.notLookedAt().isEmpty()) {
      lines.add(
          Parts.advice(
              "fault",
              "",
              words.of(
                  "stage.unseen", Sentences.lots(words, worked.network(), stage.notLookedAt()))));
    }
    LastThird.of(now, worked.network(), worked.gold())
        .ifPresent(share -> lines.add(lastThird(words, share)));
    stage.balance().map(one -> StageBox.balance(words, one)).ifPresent(lines::add);
    return lines;
  }

  /** How much of the gold it won, of how little sand, and how much richer. */
  private static List<Node> won(Stage stage, Words words) {
    List<Node> lines = new ArrayList<>();
    stage
        .recovery()
        .ifPresent(
            recovery -> {
              lines.add(
                  Parts.line(
                      words.of("stage.recovery"), recovery(words, stage, recovery), "strong"));
              lines.add(Parts.sentence(words.of("stage.range", words.shares(recovery)), "muted"));
            });
    stage
        .ratio()
        .ifPresent(
            ratio ->
                lines.add(
                    Parts.line(
                        words.of("stage.ratio"), words.of("stage.to-one", words.times(ratio)))));
    stage
        .enrichment()
        .ifPresent(
            band -> lines.add(Parts.line(words.of("stage.enrichment"), enrichment(words, band))));
    return lines;
  }

  /** The gold it let go. */
  private static List<Node> left(Stage stage, Figures figures) {
    Words words = figures.words();
    return stage
        .left()
        .map(
            left ->
                List.<Node>of(
                    Parts.line(
                        words.of("stage.left"),
                        words.of("stage.left.gold", figures.gold(left.milligrams())),
                        "gold-text"),
                    Parts.sentence(words.of("stage.left.range", figures.goldRange(left)), "muted")))
        .orElse(List.of());
  }

  private static Node lastThird(Words words, double share) {
    return share > LastThird.MOST
        ? Parts.advice("water", "", words.of("stage.last-third.much", words.percent(share)))
        : Parts.sentence(words.of("stage.last-third", words.percent(share)), "muted");
  }

  private static String recovery(Words words, Stage stage, Band recovery) {
    return words.of("stage.bound", stage.bound(), words.percent(recovery.usual()));
  }

  private static String enrichment(Words words, Band band) {
    String low = words.times(band.low());
    String high = words.times(band.high());
    return low.equals(high)
        ? words.of("stage.times", high)
        : words.of("stage.times.range", words.times(band.usual()), low, high);
  }

  private static Node balance(Words words, Balance balance) {
    String both =
        words.of(
            "stage.balance",
            words.percent(balance.checkedOut().usual()),
            words.shares(balance.checkedOut()),
            words.percent(balance.twoProduct().usual()),
            words.shares(balance.twoProduct()));
    Band gap = balance.difference();
    String by =
        words.of(
            "stage.gap",
            points(words, Math.abs(gap.usual())),
            points(words, gap.low()),
            points(words, gap.high()));
    return balance.disagrees()
        ? Parts.advice("fault", words.of("stage.disagree", by), both)
        : Parts.advice("fine", words.of("stage.agree"), both);
  }

  private static String points(Words words, double share) {
    return words.fixed(share * 100, 1);
  }

  /** How well a run did, in a few words; empty where nothing can be told. */
  static Optional<String> brief(Words words, Stage stage) {
    return stage.recovery().map(recovery -> recovery(words, stage, recovery));
  }
}
