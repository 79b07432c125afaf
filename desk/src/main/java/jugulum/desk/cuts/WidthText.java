package jugulum.desk.cuts;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.layout.VBox;
import jugulum.core.plan.Plan;
import jugulum.core.plan.PlannedCut;
import jugulum.core.plan.PlannedCut.Run;
import jugulum.core.screens.Cut;
import jugulum.core.window.Conditions;
import jugulum.desk.kit.Parts;
import jugulum.desk.words.PracticeWords;
import jugulum.desk.words.Words;
import jugulum.desk.work.Work;
import jugulum.practice.bowl.BowlShape;
import jugulum.practice.sand.Sand;
import jugulum.practice.start.LotSand;
import jugulum.practice.start.WidthCost;

/**
 * What gold the width of each cut of a plan would cost on a vortex bowl by the model, and what all
 * of them together would, unclassified. Worked out beside the book; what was asked for last is
 * shown.
 */
final class WidthText extends VBox {
  private final Words words;
  private final Work work;
  private long asked;
  private Optional<Question> shown = Optional.empty();

  private record Question(List<Cut> cuts, Conditions conditions) {}

  private record Answer(Cut cut, WidthCost cost) {}

  WidthText(Words words, Work work) {
    super(6);
    this.words = words;
    this.work = work;
    setId("width-cost");
  }

  /** Asks what the cuts of a plan cost. */
  void show(Plan plan, Conditions conditions) {
    List<Cut> cuts =
        plan.cuts().stream().filter(cut -> cut.fate() instanceof Run).map(PlannedCut::cut).toList();
    Question question = new Question(cuts, conditions);
    if (shown.filter(question::equals).isPresent()) {
      return;
    }
    shown = Optional.of(question);
    long number = ++asked;
    getChildren().setAll(Parts.sentence(words.of("practice.width.wait"), "muted"));
    work.aside(
        () -> answers(question),
        answers -> {
          if (number == asked) {
            show(answers);
          }
        });
  }

  private static List<Answer> answers(Question question) {
    List<Cut> cuts = new ArrayList<>(question.cuts());
    if (cuts.size() > 1) {
      cuts.add(together(cuts));
    }
    List<Answer> answers = new ArrayList<>();
    for (Cut cut : cuts) {
      sand(cut, question.conditions())
          .ifPresent(
              sand ->
                  answers.add(
                      new Answer(
                          cut,
                          WidthCost.of(sand, BowlShape.USUAL, question.conditions().water()))));
    }
    return answers;
  }

  private static Optional<Sand> sand(Cut cut, Conditions conditions) {
    double flatness = conditions.flatness().usual();
    return LotSand.of(cut, LotSand.MAGNETITE, flatness);
  }

  private static Cut together(List<Cut> cuts) {
    Cut all = cuts.getFirst();
    for (Cut cut : cuts) {
      all = all.spanning(cut);
    }
    return all;
  }

  private void show(List<Answer> answers) {
    getChildren().clear();
    for (Answer answer : answers) {
      getChildren()
          .add(
              Parts.sentence(
                  PracticeWords.width(words, answer.cut().notation(), answer.cost()), "muted"));
    }
    if (!answers.isEmpty()) {
      getChildren().add(Parts.sentence(words.of("practice.model"), "muted"));
    }
  }
}
