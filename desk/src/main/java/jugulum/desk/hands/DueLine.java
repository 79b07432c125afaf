package jugulum.desk.hands;

import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import javafx.css.PseudoClass;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import jugulum.core.machine.Due;
import jugulum.desk.kit.Parts;
import jugulum.desk.live.Beat;
import jugulum.desk.live.GoingWords;
import jugulum.desk.live.RunWatch.Watched;
import jugulum.desk.session.Workbench;
import jugulum.desk.words.Words;

/** What every running machine asks for next, and when. */
final class DueLine extends HBox {
  private static final PseudoClass LATE = PseudoClass.getPseudoClass("late");
  private static final int MOST = 3;

  private final Words words;
  private final Workbench workbench;

  /** A machine with the next thing it asks for. */
  private record Next(Watched run, Due due) {}

  DueLine(Workbench workbench, Beat beat) {
    super(24);
    this.words = workbench.words();
    this.workbench = workbench;
    setId("hands-due");
    getStyleClass().add("hands-due");
    workbench.watch(workbench.projections().running(), _ -> show(beat.now().get()));
    beat.now().addListener((_, _, now) -> show(now));
    show(beat.now().get());
  }

  private void show(Instant now) {
    List<Next> next =
        workbench.projections().running().get().stream()
            .flatMap(run -> run.due().stream().findFirst().map(due -> new Next(run, due)).stream())
            .sorted(Comparator.comparing(one -> one.due().at()))
            .limit(MOST)
            .toList();
    getChildren().setAll(next.stream().map(one -> label(one, now)).toList());
  }

  private Label label(Next next, Instant now) {
    boolean late = !next.due().at().isAfter(now);
    Label label =
        Parts.styled(
            new Label(
                words.of(
                    late ? "timer.late" : "timer.next",
                    GoingWords.name(words, next.run().going()),
                    words.of("due", next.due().what()),
                    words.stopwatch(next.due().in(now)))),
            "hands-due-one");
    label.pseudoClassStateChanged(LATE, late);
    return label;
  }
}
