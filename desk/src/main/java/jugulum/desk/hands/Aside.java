package jugulum.desk.hands;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import jugulum.core.account.Worked;
import jugulum.core.finish.Finishing;
import jugulum.core.finish.NextTurn;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.Process;
import jugulum.core.ledger.Reading;
import jugulum.core.ledger.Step;
import jugulum.core.passes.NextPass;
import jugulum.core.shop.Shop;
import jugulum.core.task.OneByOne;
import jugulum.core.task.Task;
import jugulum.desk.kit.Parts;
import jugulum.desk.words.Figures;
import jugulum.desk.words.FinishWords;
import jugulum.desk.words.Sentences;
import jugulum.desk.words.TaskWords;
import jugulum.desk.words.Words;

/** What was read before, and what the passes come to. */
final class Aside extends VBox {
  private static final int MOST = 3;

  private final Words words;

  Aside(Words words) {
    super(6);
    this.words = words;
    getStyleClass().add("hands-aside");
    setId("hands-aside");
  }

  void show(OneByOne asking, Worked worked, Shop shop, Figures figures, Instant now) {
    List<Node> parts = new ArrayList<>();
    asking.beside().ifPresent(task -> beside(task, worked, now, parts));
    asking
        .asked()
        .ifPresent(
            task -> {
              switch (task.subject()) {
                case Task.Subject.OfStep(var id) ->
                    worked
                        .batch()
                        .step(id)
                        .ifPresent(step -> ofStep(step, worked, shop, figures, parts));
                case Task.Subject.OfLot(var id) ->
                    worked.network().lot(id).ifPresent(lot -> ofLot(lot, figures, parts));
                case Task.Subject.OfMelt(var id, var _) ->
                    worked.network().lot(id).ifPresent(lot -> ofLot(lot, figures, parts));
                case Task.Subject.OfBatch _ -> {}
              }
            });
    Parts.shown(this, !parts.isEmpty());
    getChildren().setAll(parts);
  }

  /** The other machine or lot, a key away, so that two can be run side by side. */
  private void beside(Task task, Worked worked, Instant now, List<Node> parts) {
    Label key = Parts.styled(new Label("Tab"), "key-hint");
    Label what = Parts.sentence(TaskWords.text(words, task, worked.network()), "hands-beside");
    what.setId("hands-beside");
    parts.add(Parts.row(Parts.sentence(words.of("hands.beside"), "muted"), key));
    parts.add(what);
    task.due()
        .ifPresent(
            at ->
                parts.add(
                    Parts.styled(
                        new Label(
                            words.of(
                                task.isDue(now) ? "hands.beside.late" : "hands.beside.due",
                                words.stopwatch(Duration.between(now, at).abs()))),
                        task.isDue(now) ? "loss-text" : "muted")));
  }

  private void ofLot(Lot lot, Figures figures, List<Node> parts) {
    readings(words.of("hands.before"), lot.readings(), figures, parts);
  }

  private void ofStep(Step step, Worked worked, Shop shop, Figures figures, List<Node> parts) {
    readings(words.of("hands.before"), step.readings(), figures, parts);
    if (!Finishing.of(step).turns().isEmpty()) {
      NextTurn next = NextTurn.of(worked, step, shop);
      parts.add(Parts.styled(new Label(FinishWords.left(next, figures)), "hands-caught"));
      parts.add(Parts.sentence(FinishWords.another(next, shop.terms(), figures), "strong"));
    }
    if (step.process() instanceof Process.MagnetRun && !step.passes().isEmpty()) {
      NextPass next = worked.nextPass(step, shop);
      OptionalDouble caught = worked.stillCaught(step, next);
      if (caught.isPresent()) {
        parts.add(Parts.sentence(words.of("hands.still-caught"), "muted"));
        parts.add(
            Parts.styled(
                new Label(words.counted("hands.specks", (int) Math.round(caught.getAsDouble()))),
                "hands-caught"));
      }
      parts.add(Parts.sentence(words.of("verdict", next.verdict()), "strong"));
    }
  }

  private void readings(String title, List<Reading> readings, Figures figures, List<Node> parts) {
    List<String> last =
        readings.stream()
            .filter(Reading::isLive)
            .map(Reading::measure)
            .filter(measure -> !(measure instanceof Measure.Checked))
            .map(measure -> Sentences.measure(measure, figures))
            .toList();
    if (last.isEmpty()) {
      return;
    }
    parts.add(Parts.sentence(title, "muted"));
    last.subList(Math.max(0, last.size() - MOST), last.size()).reversed().stream()
        .map(text -> Parts.sentence(text, "hands-read"))
        .forEach(parts::add);
  }
}
