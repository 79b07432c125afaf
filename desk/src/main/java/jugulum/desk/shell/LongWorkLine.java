package jugulum.desk.shell;

import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import jugulum.desk.kit.Buttons;
import jugulum.desk.kit.Parts;
import jugulum.desk.session.Workbench;
import jugulum.desk.words.Words;
import jugulum.desk.work.Work;

/** How far long work is, with a way to stop it; shown only where it takes a while. */
final class LongWorkLine extends HBox {
  /** Fewer steps than that are over before they are read. */
  private static final int WORTH_TELLING = 40;

  private final Words words;
  private final Label text = Parts.styled(new Label(), "muted");

  LongWorkLine(Workbench workbench) {
    this.words = workbench.words();
    super(8);
    setId("long-work");
    setAlignment(Pos.CENTER);
    getChildren()
        .addAll(
            text,
            Buttons.quiet("stop-work", words.of("work.stop"), "", workbench.work()::stopLongWork));
    workbench.watch(workbench.work().progress(), this::show);
    show(workbench.work().progress().get());
  }

  private void show(Optional<Work.Progress> progress) {
    Optional<Work.Progress> told = progress.filter(one -> one.of() >= WORTH_TELLING);
    Parts.shown(this, told.isPresent());
    told.ifPresent(
        one ->
            text.setText(
                words.of(
                    "work", one.what(), Integer.toString(one.done()), Integer.toString(one.of()))));
  }
}
