package jugulum.desk.practice;

import java.util.function.Consumer;
import javafx.scene.input.KeyCode;
import jugulum.desk.words.Words;
import jugulum.practice.drill.Action;
import jugulum.practice.drill.HeapRun;

/** What one does with a heap under a magnet. */
final class HeapKnobs extends Knobs {
  HeapKnobs(Words words, HeapRun run, Consumer<Action> tells) {
    super(words);
    done("lift", KeyCode.UP, () -> tells.accept(new Action.Lift()), () -> busy(run));
    done(
        "drop",
        KeyCode.SPACE,
        () -> tells.accept(new Action.Drop()),
        () -> words.counted("practice.drops", run.heap().drops()));
    done("away", KeyCode.D, () -> tells.accept(new Action.Away()), () -> "");
    show();
  }

  private String busy(HeapRun run) {
    return run.isBusy() ? words.of("practice.hands-full") : "";
  }
}
