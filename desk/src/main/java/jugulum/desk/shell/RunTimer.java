package jugulum.desk.shell;

import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.layout.HBox;
import jugulum.core.machine.Due;
import jugulum.desk.kit.Buttons;
import jugulum.desk.kit.Parts;
import jugulum.desk.live.Beat;
import jugulum.desk.live.GoingWords;
import jugulum.desk.live.RunWatch.Watched;
import jugulum.desk.session.Workbench;
import jugulum.desk.words.Words;

/** What the running machines ask for next, in sight from every view; pressing it goes there. */
final class RunTimer extends HBox {
  private static final PseudoClass LATE = PseudoClass.getPseudoClass("late");

  private final Words words;
  private final Workbench workbench;
  private final Beat beat;
  private final Consumer<Watched> onOpen;
  private final Button button = Buttons.quiet("run-timer", "", "Ctrl R", this::open);
  private final ReadOnlyStringWrapper due = new ReadOnlyStringWrapper("");

  /** Something asked for, with the run that asks. */
  private record Asked(Watched run, Optional<Due> due) {}

  RunTimer(Workbench workbench, Beat beat, Consumer<Watched> onOpen) {
    this.words = workbench.words();
    this.workbench = workbench;
    this.beat = beat;
    this.onOpen = onOpen;
    button.getStyleClass().add("run-timer");
    getChildren().add(button);
    setAlignment(Pos.CENTER);
    workbench.watch(workbench.projections().running(), running -> watch(running));
    beat.now().addListener((_, _, now) -> show(now));
    watch(workbench.projections().running().get());
  }

  /**
   * Told to the title of the window, which is seen in the bar of a desktop while the window itself
   * is not.
   */
  ReadOnlyStringProperty due() {
    return due.getReadOnlyProperty();
  }

  private void watch(List<Watched> running) {
    Parts.shown(this, !running.isEmpty());
    beat.beat(!running.isEmpty());
    show(beat.now().get());
  }

  private Optional<Asked> first() {
    return workbench.projections().running().get().stream()
        .map(run -> new Asked(run, run.due().stream().findFirst()))
        .min(Comparator.comparing(asked -> asked.due().map(Due::at).orElse(Instant.MAX)));
  }

  private void show(Instant now) {
    Optional<Asked> asked = first();
    button.setText(asked.map(one -> text(one, now)).orElse(""));
    boolean late = asked.flatMap(Asked::due).filter(one -> !one.at().isAfter(now)).isPresent();
    button.pseudoClassStateChanged(LATE, late);
    due.set(late ? button.getText() : "");
  }

  private String text(Asked asked, Instant now) {
    String machine = GoingWords.name(words, asked.run().going());
    if (asked.due().isEmpty()) {
      return words.of("timer.runs", machine);
    }
    Due next = asked.due().get();
    boolean late = !next.at().isAfter(now);
    return words.of(
        late ? "timer.late" : "timer.next",
        machine,
        words.of("due", next.what()),
        words.stopwatch(next.in(now)));
  }

  /** Goes to the run that asks first. */
  void open() {
    first().ifPresent(asked -> onOpen.accept(asked.run()));
  }
}
