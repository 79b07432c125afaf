package jugulum.desk.panel;

import javafx.scene.Node;
import jugulum.core.account.Worked;
import jugulum.core.mass.StepClosure;
import jugulum.desk.kit.Parts;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Sentences;
import jugulum.desk.words.Words;

/** Says how the sand of a step adds up. */
public final class Closures {
  private Closures() {}

  /** The verdict as a boxed remark under a name, which may be empty. */
  public static Node advice(String name, StepClosure closure, Worked worked, Figures figures) {
    String kind =
        switch (closure.state()) {
          case CLOSES -> "fine";
          case SHORT, OVER -> "fault";
          case NOT_ALL_WEIGHED, NOTHING_TO_CLOSE -> "idle";
        };
    return Parts.advice(kind, name, sentence(closure, worked, figures));
  }

  /** The verdict in a sentence. */
  public static String sentence(StepClosure closure, Worked worked, Figures figures) {
    Words words = figures.words();
    String tolerance = words.percent(closure.tolerance());
    return switch (closure.state()) {
      case CLOSES, SHORT, OVER ->
          words.of(
              "closure",
              closure.state(),
              words.percent(closure.ratio()),
              figures.sand(Math.abs(closure.differenceG())),
              tolerance);
      case NOT_ALL_WEIGHED ->
          words.of(
              "closure.NOT_ALL_WEIGHED",
              Sentences.lots(words, worked.network(), closure.notWeighed()));
      case NOTHING_TO_CLOSE -> words.of("closure.NOTHING_TO_CLOSE");
    };
  }
}
