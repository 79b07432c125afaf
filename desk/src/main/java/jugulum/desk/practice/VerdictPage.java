package jugulum.desk.practice;

import java.util.List;
import java.util.Optional;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.VBox;
import jugulum.desk.chart.CourseChart;
import jugulum.desk.chart.DrawingView;
import jugulum.desk.kit.Buttons;
import jugulum.desk.kit.Parts;
import jugulum.desk.kit.Wrapping;
import jugulum.desk.words.PracticeWords;
import jugulum.desk.words.Prologue;
import jugulum.desk.words.Words;
import jugulum.practice.drill.Course;
import jugulum.practice.drill.DeckRun;
import jugulum.practice.drill.HeapRun;
import jugulum.practice.drill.Run;
import jugulum.practice.drill.Score;

/** How a run went: what it came to, beside the best found, when gold was lost and by what. */
final class VerdictPage extends ScrollPane {
  private static final int MOST_LOSSES = 4;

  @Prologue private final Words words;
  private final Run run;
  private final Label best = Parts.sentence("", "muted");
  private final Button again;

  /** What is wanted after a run. */
  interface Wants {
    /** The same sand once more. */
    void again(Run run);

    /** The same drill with other sand of its kind. */
    void another(Run run);

    /** The next drill. */
    void next(Run run);

    /** Writes the run to a file. */
    void save(Run run);

    /** Back to the drills. */
    void leave();
  }

  VerdictPage(Words words, Run run, Wants wants) {
    this.words = words;
    super();
    this.run = run;
    setId("verdict-page");
    getStyleClass().add("page-scroll");
    setFitToWidth(true);
    setFocusTraversable(false);
    Score score = run.score();
    best.setId("verdict-best");
    DrawingView course = new DrawingView("verdict-course");
    List<String> bands =
        List.of(
            words.of(
                switch (run) {
                  case DeckRun _ -> "practice.band.tilt";
                  case HeapRun _ -> "practice.band.drops";
                  default -> "practice.band.water";
                }),
            words.of(run instanceof DeckRun ? "practice.apart" : "practice.out"),
            words.of("practice.lost"));
    course.show(
        width -> CourseChart.of(words, run.course(), bands, width),
        PracticeWords.score(words, score));
    again =
        Buttons.primary("verdict-again", words.of("practice.again"), "A", () -> wants.again(run));
    Label reached = Parts.sentence(PracticeWords.reached(words, run.drill(), score), "answer");
    reached.setId("verdict-reached");
    Label came = Parts.styled(new Label(PracticeWords.score(words, score)), "figure");
    came.setId("verdict-score");
    came.setWrapText(true);
    VBox all =
        new VBox(
            12,
            Parts.styled(new Label(PracticeWords.name(words, run.drill())), "panel-title"),
            came,
            reached,
            best,
            course,
            losses(run.losses()),
            new Wrapping(
                8,
                8,
                again,
                Buttons.plain(
                    "verdict-another", words.of("practice.another"), "N", () -> wants.another(run)),
                Buttons.plain(
                    "verdict-next", words.of("practice.next"), "D", () -> wants.next(run)),
                Buttons.quiet(
                    "verdict-save", words.of("practice.save"), "S", () -> wants.save(run)),
                Buttons.quiet("verdict-leave", words.of("practice.leave"), "Esc", wants::leave)));
    all.getStyleClass().add("page-top");
    setContent(all);
    best(Optional.empty());
  }

  private VBox losses(List<Course.Loss> losses) {
    VBox box = new VBox(8, Parts.section(words.of("practice.by-what")));
    box.setId("verdict-losses");
    if (losses.isEmpty()) {
      box.getChildren().add(Parts.advice("fine", "", words.of("practice.nothing-lost")));
    }
    losses.stream()
        .limit(MOST_LOSSES)
        .forEach(
            loss ->
                box.getChildren()
                    .add(
                        Parts.advice(
                            "fault",
                            PracticeWords.loss(words, loss),
                            PracticeWords.remedy(words, loss))));
    return box;
  }

  /** Shows the best run found; empty while it is looked for. */
  void best(Optional<Score> found) {
    best.setText(PracticeWords.against(words, run.score(), found));
  }

  /** Whose verdict it is. */
  Run run() {
    return run;
  }

  void focusFirst() {
    applyCss();
    again.requestFocus();
  }
}
