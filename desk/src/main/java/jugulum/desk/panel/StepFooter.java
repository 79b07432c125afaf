package jugulum.desk.panel;

import java.util.List;
import javafx.application.Platform;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import jugulum.core.account.Worked;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.Step;
import jugulum.core.ledger.StepId;
import jugulum.desk.entry.EntryField;
import jugulum.desk.entry.Parsers;
import jugulum.desk.kit.Buttons;
import jugulum.desk.kit.Parts;
import jugulum.desk.kit.Seldom;
import jugulum.desk.told.Told;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Prologue;
import jugulum.desk.words.Words;
import jugulum.desk.work.Outcome;

/** What every step has: notes, done or not, and taking it back as a mistake. */
final class StepFooter extends VBox {
  @Prologue private final Words words;
  private final StepId step;
  private final Desk desk;
  private final VBox notes = new VBox(4);
  private final EntryField<String> note =
      new EntryField<>(
          words,
          "note",
          words.of("step.note"),
          words.of("step.note.hint"),
          Parsers.text(words, "refusal.NOTE_EMPTY"));
  private final EntryField<String> reason =
      new EntryField<>(
          words,
          "withdraw-reason",
          words.of("step.withdraw.reason"),
          words.of("step.withdraw.hint"),
          Parsers.text(words, "refusal.REASON_MISSING"));
  private final Button done;
  private final Label notesTitle = Parts.section(words.of("step.notes"));
  private final Seldom wrong;
  private boolean finished;

  StepFooter(StepId step, Desk desk) {
    this.words = desk.words();
    super();
    this.step = step;
    this.desk = desk;
    getStyleClass().add("step-footer");
    done =
        Buttons.plain(
            "step-done",
            words.of("step.done"),
            "D",
            () -> desk.submit(new Edit.FinishStep(step, !finished)));
    note.field().setOnAction(_ -> note.read().ifPresent(this::addNote));
    reason.field().setOnAction(_ -> withdraw());
    VBox mistake =
        new VBox(
            8, reason, Buttons.quiet("withdraw", words.of("step.withdraw"), "", this::withdraw));
    mistake.getStyleClass().add("mistake");
    wrong = new Seldom("step-mistake", words.of("step.mistake"), "Y", mistake);
    getChildren().addAll(notesTitle, notes, note, done, wrong);
  }

  /** Goes to where a note is typed, after the key that asked for it was typed elsewhere. */
  void focusNote() {
    Platform.runLater(note.field()::requestFocus);
  }

  private void addNote(String text) {
    desk.submit(new Edit.AddNote(step, text)).thenAccept(outcome -> settle(outcome, note));
  }

  private void withdraw() {
    reason
        .read()
        .ifPresent(
            why ->
                desk.submit(new Edit.WithdrawStep(step, why))
                    .thenAccept(outcome -> settle(outcome, reason)));
  }

  private void settle(Outcome outcome, EntryField<String> field) {
    switch (outcome) {
      case Outcome.Recorded _ -> field.clear();
      case Outcome.Not not -> field.refuse(Told.why(not, desk.figures().get()));
    }
  }

  void show(Worked worked, Figures figures) {
    Step now = worked.batch().step(step).orElseThrow();
    finished = now.finishedAt().isPresent();
    done.setText(words.of(finished ? "step.go-on" : "step.done"));
    notes
        .getChildren()
        .setAll(
            now.notes().stream()
                .map(
                    one ->
                        Parts.sentence(
                            words.of("reading.timed", figures.clock(one.at()), one.text()), "note"))
                .toList());
    boolean open = !worked.batch().closed();
    Parts.shown(notes, !now.notes().isEmpty());
    Parts.shown(notesTitle, open || !now.notes().isEmpty());
    List.of(note, done, wrong).forEach(part -> Parts.shown(part, open));
  }
}
