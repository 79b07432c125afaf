package jugulum.desk.hands;

import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import jugulum.core.scale.ScaleView;
import jugulum.core.trial.Contender;
import jugulum.core.trial.Trial;
import jugulum.core.trial.TrialAsk;
import jugulum.core.trial.TrialId;
import jugulum.core.trial.Turn;
import jugulum.desk.kit.Buttons;
import jugulum.desk.kit.Parts;
import jugulum.desk.kit.Wrapping;
import jugulum.desk.session.Workbench;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Prologue;
import jugulum.desk.words.Sentences;
import jugulum.desk.words.TrialWords;
import jugulum.desk.words.Words;

/** Bench mode while a trial is done: whose turn, what goes in, what was found, one by one. */
public final class TrialHandsView extends Asking {
  @Prologue private final Words words;
  private final Workbench workbench;
  private final TrialHands hands;
  private final Runnable leave;
  private final Label about = Parts.sentence("", "hands-about");
  private final Label question = Parts.sentence("", "hands-question");
  private final Label hint = Parts.sentence("", "hands-hint");
  private final Label figure = Parts.styled(new Label(), "hands-figure");
  private final Label under = Parts.sentence("", "hands-under");
  private final Label wrong = Parts.sentence("", "hands-wrong");
  private final Label took = Parts.sentence("", "hands-took");
  private final Button speck;

  /**
   * Makes the view.
   *
   * @param which the trial that is done
   * @param leave is what Esc does
   */
  public TrialHandsView(Workbench workbench, Supplier<Optional<TrialId>> which, Runnable leave) {
    this.words = workbench.words();
    super(workbench, "trial-hands");
    this.workbench = workbench;
    this.leave = leave;
    this.hands = new TrialHands(workbench, which, this::show);
    this.speck = Buttons.plain("hands-speck", words.of("hands.speck"), "+", hands::speck);
    about.setId("hands-about");
    question.setId("hands-question");
    figure.setId("hands-figure");
    under.setId("hands-under");
    wrong.setId("hands-wrong");
    took.setId("hands-took");
    HBox top = new HBox(about);
    top.getStyleClass().add("hands-top");
    setTop(top);
    setCenter(center());
    setBottom(bottom());
    workbench.watch(workbench.scale().view(), _ -> showIfShown());
  }

  private VBox center() {
    Wrapping buttons =
        buttons(
            Buttons.primary("hands-take", words.of("hands.take"), "Enter", hands::take),
            speck,
            Buttons.plain("hands-back", words.of("hands.back"), "⌫", hands::back));
    HBox reading = new HBox(figure);
    reading.getStyleClass().add("hands-reading");
    VBox center = new VBox(question, hint, reading, under, wrong, buttons);
    center.getStyleClass().add("hands-center");
    return center;
  }

  private VBox bottom() {
    return foot(
        took, pedalButton(), Buttons.quiet("hands-leave", words.of("hands.leave"), "Esc", leave));
  }

  @Override
  void ask() {
    hands.begin();
  }

  @Override
  void take() {
    hands.take();
  }

  @Override
  boolean act(KeyCode key) {
    switch (key) {
      case ENTER -> hands.take();
      case BACK_SPACE -> hands.back();
      case ESCAPE -> leave.run();
      default -> {
        return false;
      }
    }
    return true;
  }

  @Override
  void sign(String sign) {
    switch (sign) {
      case "+" -> hands.speck();
      case "-" -> hands.back();
      case " " -> space();
      default -> hands.type(sign);
    }
  }

  /** Between what is typed it parts, before it takes. */
  private void space() {
    if (hands.typed().isEmpty()) {
      hands.take();
    } else {
      hands.type(" ");
    }
  }

  private void showIfShown() {
    if (isShown()) {
      show();
    }
  }

  private void show() {
    Optional<Trial> trial = hands.trial();
    Optional<TrialAsk> asked = hands.asked();
    about.setText(trial.map(this::about).orElse(""));
    question.setText(asked.map(this::question).orElseGet(() -> words.of("trial.hands.over")));
    hint.setText(asked.map(this::hint).orElse(""));
    figure.setText(
        asked.map(ask -> hands.typed().isEmpty() ? hands.waiting(ask) : hands.typed()).orElse(""));
    under.setText(asked.map(_ -> onTheScale()).orElse(""));
    wrong.setText(hands.wrong().map(text -> words.of("entry.error", text)).orElse(""));
    took.setText(hands.took().map(text -> words.of("hands.took", text)).orElse(""));
    Parts.shown(speck, asked.filter(TrialAsk.AtPort.class::isInstance).isPresent());
    setAccessibleText(words.beside(List.of(question.getText(), figure.getText())));
  }

  private String about(Trial trial) {
    return switch (trial.turn()) {
      case Turn.Run(int contender, int number) ->
          about(trial, number, trial.plan().contenders().get(contender));
      case Turn.Look(var run) -> about(trial, run.number(), trial.contender(run));
      case Turn.Over _ -> trial.name();
    };
  }

  private String about(Trial trial, int number, Contender contender) {
    return words.of(
        "trial.hands.about",
        trial.name(),
        Integer.toString(number),
        TrialWords.contender(words, contender));
  }

  private String question(TrialAsk asked) {
    return switch (asked) {
      case TrialAsk.Sand _ -> words.of("trial.hands.sand");
      case TrialAsk.PutIn(var cut, var _) ->
          words.of("trial.hands.put-in", Sentences.cut(words, cut));
      case TrialAsk.AtPort(var port, var cut) ->
          words.of("trial.hands.found", Sentences.cut(words, cut), words.of("material", port));
    };
  }

  private String hint(TrialAsk asked) {
    return words.of(
        switch (asked) {
          case TrialAsk.Sand _ -> "trial.how.same";
          case TrialAsk.PutIn _ -> "trial.how.wet";
          case TrialAsk.AtPort _ -> "trial.hands.count";
        });
  }

  /** What lies on the scale is taken by Enter while nothing is typed. */
  private String onTheScale() {
    ScaleView seen = workbench.scale().view().get();
    Figures figures = workbench.preferences().figures().get();
    return seen.isHeard() && seen.ready() && seen.netG() > 0 && hands.tally() == 0
        ? words.of("trial.hands.scale", figures.gold(1000 * seen.netG()))
        : "";
  }
}
