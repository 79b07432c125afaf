package jugulum.desk.panel;

import java.util.concurrent.CompletionStage;
import javafx.scene.Node;
import javafx.scene.control.Button;
import jugulum.core.account.Worked;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.Reading;
import jugulum.desk.entry.EntryField;
import jugulum.desk.entry.Parsers;
import jugulum.desk.kit.Buttons;
import jugulum.desk.kit.Parts;
import jugulum.desk.measure.MeasureForm;
import jugulum.desk.measure.MeasureForms;
import jugulum.desk.told.Told;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Prologue;
import jugulum.desk.words.Sentences;
import jugulum.desk.words.Words;
import jugulum.desk.work.Outcome;

/** Corrects a reading or strikes it: the old one is kept with the reason. */
public final class CorrectPanel extends Panel {
  @Prologue private final Words words;
  private final Reading reading;
  private final Desk desk;
  private final MeasureForm form;
  private final EntryField<String> reason =
      new EntryField<>(
          words,
          "reason",
          words.of("correct.reason"),
          words.of("correct.reason.hint"),
          Parsers.text(words, "refusal.REASON_MISSING"));

  public CorrectPanel(Reading reading, Desk desk) {
    this.words = desk.words();
    super();
    this.reading = reading;
    this.desk = desk;
    this.form =
        MeasureForms.filled(
            reading.measure(), desk.figures(), desk.containers(), desk.shop().magnets());
    String was = Sentences.measure(reading.measure(), desk.figures().get());
    Runnable correct =
        () -> form.read().ifPresent(right -> reason.read().ifPresent(why -> correct(right, why)));
    form.fields().forEach(field -> field.field().setOnAction(_ -> correct.run()));
    reason.field().setOnAction(_ -> correct.run());
    getChildren()
        .addAll(
            Parts.heading(words.of("correct.title"), ""),
            Parts.section(words.of("correct.was")),
            Parts.sentence(was),
            form,
            reason,
            Parts.row(
                record(correct),
                Buttons.plain(
                    "correct-strike",
                    words.of("correct.strike"),
                    "",
                    () -> reason.read().ifPresent(this::strike))),
            doubt(),
            Buttons.quiet("back", words.of("panel.back"), "Esc", desk::back),
            Parts.sentence(words.of("correct.kept"), "muted"));
  }

  /** A yes has no figure that could be righted: it is struck. */
  private Node record(Runnable correct) {
    Button record = Buttons.primary("correct-record", words.of("correct.record"), "Enter", correct);
    Parts.shown(record, !form.fields().isEmpty());
    return record;
  }

  /**
   * What was read on a lot can be doubted, or trusted again; what was read on a step is right or
   * wrong.
   */
  private Node doubt() {
    if (reading.measure().goesOn() == Measure.On.STEP) {
      return Parts.row();
    }
    return reading.doubted().isPresent()
        ? Parts.row(
            Buttons.plain(
                "correct-trust",
                words.of("correct.trust"),
                "",
                () -> finish(desk.submit(new Edit.Doubt(reading.id(), false, "")), false)))
        : Parts.row(
            Buttons.plain(
                "correct-doubt",
                words.of("correct.doubt"),
                "",
                () ->
                    reason
                        .read()
                        .ifPresent(
                            why ->
                                finish(
                                    desk.submit(new Edit.Doubt(reading.id(), true, why)), false))));
  }

  /** Puts another thing that can be done about this reading under the others. */
  public void offer(Node other) {
    getChildren().add(getChildren().size() - 2, other);
  }

  private void correct(Measure right, String why) {
    finish(desk.submit(new Edit.Correct(reading.id(), right, why)), true);
  }

  private void strike(String why) {
    finish(desk.submit(new Edit.Strike(reading.id(), why)), false);
  }

  private void finish(CompletionStage<Outcome> sent, boolean atForm) {
    sent.thenAccept(
        outcome -> {
          switch (outcome) {
            case Outcome.Recorded _ -> desk.back();
            case Outcome.Not not when atForm -> form.refuse(Told.why(not, desk.figures().get()));
            case Outcome.Not not -> reason.refuse(Told.why(not, desk.figures().get()));
          }
        });
  }

  @Override
  public void show(Worked worked, Figures figures) {}

  @Override
  public boolean fits(Worked worked) {
    return worked
        .batch()
        .readings()
        .anyMatch(one -> one.id().equals(reading.id()) && one.isStanding());
  }

  @Override
  public void focusFirst() {
    form.fields().stream()
        .findFirst()
        .ifPresentOrElse(
            field -> field.field().requestFocus(), () -> reason.field().requestFocus());
  }

  @Override
  public Object key() {
    return reading.id();
  }
}
