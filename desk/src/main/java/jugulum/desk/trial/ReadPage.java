package jugulum.desk.trial;

import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import jugulum.core.trial.Trial;
import jugulum.core.trial.TrialLine;
import jugulum.core.trial.TrialPlan;
import jugulum.core.trial.TrialPlan.Stuff;
import jugulum.core.trial.TrialResult;
import jugulum.core.trial.Turn;
import jugulum.desk.chart.CameBackChart;
import jugulum.desk.chart.DrawingView;
import jugulum.desk.chart.RecoveriesChart;
import jugulum.desk.chart.SpecksChart;
import jugulum.desk.follow.Trials;
import jugulum.desk.kit.Buttons;
import jugulum.desk.kit.Choices;
import jugulum.desk.kit.FormPage;
import jugulum.desk.kit.Parts;
import jugulum.desk.kit.Wrapping;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Prologue;
import jugulum.desk.words.Sentences;
import jugulum.desk.words.TrialWords;
import jugulum.desk.words.TrialWords.Answer;
import jugulum.desk.words.Words;

/** What a trial shows: the sentence first, then the picture, then the sums; and what is next. */
final class ReadPage extends FormPage {
  private static final double CURVE = 170;
  private static final double SHARE = 0.9;

  @Prologue private final Words words;
  private final TrialActs acts;
  private final DrawingView recoveries = new DrawingView("trial-recoveries");
  private final DrawingView legend = new DrawingView("trial-legend");
  private final DrawingView cameBack = new DrawingView("trial-came-back");
  private final DrawingView curve = new DrawingView("trial-read-curve");
  private final VBox about = new VBox(4);
  private final RunList runs;
  private ComboBox<TrialLine> lines;
  private Optional<Trials.Shown> shown = Optional.empty();
  private Optional<Button> next = Optional.empty();
  private Figures figures;

  /** Makes an empty page; {@link #show} fills it. */
  ReadPage(Figures figures, TrialActs acts) {
    this.words = figures.words();
    super(figures.words(), "trial-read");
    this.figures = figures;
    this.acts = acts;
    this.runs = new RunList(figures, acts);
    this.lines = Choices.of("trial-line", words.of("trial.line"), List.of(), _ -> "");
  }

  /** Shows a trial. */
  void show(Trials.Shown now, Figures in) {
    Optional<TrialLine> before = shown.filter(one -> isSame(one, now)).map(_ -> lines.getValue());
    shown = Optional.of(now);
    figures = in;
    VBox left = new VBox(8);
    answer(left, now);
    left.getChildren().add(runs);
    runs.show(now.trial(), figures);
    VBox right = new VBox(10);
    turn(right, now.trial());
    if (!now.result().lines().isEmpty()) {
      picture(left, now);
      cameBack(right, now, before);
    }
    curve(right, now);
    columns(left, right);
  }

  private static boolean isSame(Trials.Shown one, Trials.Shown other) {
    return one.trial().id().equals(other.trial().id());
  }

  private void answer(VBox left, Trials.Shown now) {
    Answer answer = TrialWords.answer(words, now.trial(), now.result());
    Label sentence = Parts.sentence(answer.sentence(), "page-title");
    sentence.setId("trial-answer");
    left.getChildren().add(sentence);
    if (!answer.figure().isEmpty() || !answer.range().isEmpty()) {
      Label figure = Parts.styled(new Label(answer.figure()), "trial-figure");
      figure.setId("trial-figure");
      Label range = Parts.sentence(answer.range(), "muted");
      range.setId("trial-range");
      figure.setMinWidth(Region.USE_PREF_SIZE);
      left.getChildren().add(new Wrapping(12, 2, figure, range));
    }
    answer.rest().forEach(text -> left.getChildren().add(Parts.sentence(text)));
    left.getChildren().add(Parts.sentence(beneath(now.trial()), "muted"));
  }

  /** Whose it is, and with what it was done. */
  private String beneath(Trial trial) {
    return words.beside(
        List.of(
            trial.from().map(whose -> words.of("trial.of", whose)).orElse(""),
            trial.plan().stuff() == Stuff.LEAD ? words.of("trial.with-lead") : "",
            trial.closed() ? words.of("trial.closed") : ""));
  }

  private void picture(VBox left, Trials.Shown now) {
    recoveries.show(
        width -> RecoveriesChart.of(words, now.trial(), now.result(), width),
        RecoveriesChart.spoken(words, now.trial(), now.result()));
    legend.show(width -> RecoveriesChart.legend(words, now.trial(), now.result(), width), "");
    int place = left.getChildren().size() - 1;
    left.getChildren()
        .addAll(
            place,
            List.of(recoveries, legend, Parts.sentence(words.of("trial.chart.about"), "muted")));
  }

  /** What is to be done next, big; what else can be done beside it. */
  private void turn(VBox right, Trial trial) {
    right.getChildren().add(Parts.styled(new Label(trial.name()), "panel-title"));
    next = Optional.empty();
    if (trial.from().isEmpty() && !trial.closed()) {
      next = Optional.of(nextButton(trial));
      right.getChildren().add(Parts.row(next.get()));
    }
    right.getChildren().add(acts.others(trial));
  }

  private Button nextButton(Trial trial) {
    return switch (trial.turn()) {
      case Turn.Look(var run) ->
          Buttons.primary(
              "trial-next",
              words.of(
                  "trial.next.look",
                  Integer.toString(run.number()),
                  TrialWords.contender(words, trial.contender(run))),
              "Enter",
              () -> acts.look(run));
      case Turn.Run(int contender, int number) ->
          Buttons.primary(
              "trial-next",
              words.of(
                  "trial.next.run",
                  Integer.toString(number),
                  TrialWords.contender(words, trial.plan().contenders().get(contender))),
              "Enter",
              () -> acts.run(contender, false));
      case Turn.Over _ ->
          Buttons.primary(
              "trial-next", words.of("trial.next.close"), "Enter", () -> acts.close(true));
    };
  }

  private void cameBack(VBox right, Trials.Shown now, Optional<TrialLine> before) {
    List<TrialLine> all = now.result().lines();
    lines =
        Choices.of(
            "trial-line",
            words.of("trial.line"),
            all,
            line ->
                words.of(
                    "trial.line.named",
                    Sentences.cut(words, line.cut()),
                    TrialWords.contender(
                        words, now.trial().plan().contenders().get(line.contender()))));
    before
        .flatMap(
            line ->
                all.stream()
                    .filter(
                        one ->
                            one.contender() == line.contender()
                                && one.cut().isSameSizes(line.cut()))
                    .findFirst())
        .ifPresentOrElse(lines::setValue, () -> lines.getSelectionModel().selectLast());
    lines.valueProperty().addListener((_, _, line) -> line(line, now.result()));
    right.getChildren().addAll(Parts.section(words.of("trial.line")), lines, cameBack, about);
    line(lines.getValue(), now.result());
  }

  private void line(TrialLine line, TrialResult result) {
    cameBack.show(
        width -> CameBackChart.of(figures, line, width), CameBackChart.spoken(figures, line));
    about.getChildren().clear();
    says(
        words.of(
            "trial.line.share",
            TrialWords.share(words, line.recovered()),
            TrialWords.range(words, line.recovered())),
        "strong");
    if (line.own().isPresent()) {
      says(
          words.of(
              "trial.line.own", TrialWords.amount(figures, line.basis(), line.own().getAsDouble())),
          "muted");
    }
    if (line.basis() == TrialLine.Basis.COUNTED) {
      line.weighed()
          .ifPresent(
              mass ->
                  says(
                      words.of(
                          "trial.line.by-weight",
                          TrialWords.share(words, mass.recovered()),
                          TrialWords.range(words, mass.recovered())),
                      "muted"));
    }
    result
        .findings(line.contender(), line.cut())
        .forEach(
            finding ->
                says(
                    TrialWords.finding(figures, finding),
                    TrialWords.isDoubt(finding) ? "loss-text" : "muted"));
  }

  private void says(String text, String style) {
    about.getChildren().add(Parts.sentence(text, style));
  }

  /** How many specks the next run should have. */
  private void curve(VBox right, Trials.Shown now) {
    if (now.trial().closed()) {
      return;
    }
    TrialPlan plan = now.trial().plan();
    int planned = plan.specks();
    int runs = Math.max(1, plan.order().size() / plan.contenders().size());
    double share =
        now.result().lines().stream()
            .mapToDouble(line -> line.recovered().least())
            .min()
            .orElse(SHARE);
    double expected = Math.clamp(share, 0.5, 0.99);
    String told = words.of("trial.read.curve", words.fixed(100 * expected, 0));
    curve.show(width -> SpecksChart.of(words, expected, planned, runs, width, CURVE), told);
    right
        .getChildren()
        .addAll(Parts.section(words.of("trial.read.before")), Parts.sentence(told, "muted"), curve);
  }

  @Override
  public void enter() {
    next.ifPresent(Button::fire);
  }

  @Override
  public boolean escape() {
    return false;
  }

  @Override
  public void focusFirst() {
    Optional<Node> first = next.map(button -> (Node) button);
    focus(first.orElse(lines));
  }
}
