package jugulum.desk.panel;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import jugulum.core.account.Worked;
import jugulum.core.task.Answered;
import jugulum.core.task.Answers;
import jugulum.core.task.Part;
import jugulum.core.task.Task;
import jugulum.core.units.MassUnit;
import jugulum.desk.entry.EntryField;
import jugulum.desk.entry.FieldRow;
import jugulum.desk.entry.Parsers;
import jugulum.desk.kit.Buttons;
import jugulum.desk.kit.Choices;
import jugulum.desk.kit.Parts;
import jugulum.desk.told.Told;
import jugulum.desk.words.Figures;
import jugulum.desk.words.TaskWords;
import jugulum.desk.words.Words;
import jugulum.desk.work.Outcome;

/**
 * One open question with all its parts, answered as bench mode answers it: Enter takes what was
 * typed, what is usual, or a yes.
 */
public final class TaskBox extends VBox {
  private final Words words;
  private final Desk desk;
  private final Label about = Parts.sentence("", "in-hand-text");
  private final Label question = Parts.sentence("", "strong");
  private final Label hint = Parts.sentence("", "muted");
  private final VBox fields = new VBox(6);
  private final Label wrong = Parts.sentence("", "entry-error");
  private final Button take;
  private final List<Asked> asked = new ArrayList<>();
  private Optional<Task> task = Optional.empty();
  private Optional<Worked> worked = Optional.empty();

  /** One part: typed, or chosen; neither where it is a yes. */
  private record Asked(Optional<EntryField<String>> field, Optional<ComboBox<Integer>> choice) {
    String text() {
      return field
          .map(EntryField::text)
          .or(() -> choice.flatMap(one -> Optional.ofNullable(one.getValue())).map(TaskBox::number))
          .orElse("");
    }
  }

  /** Makes a box that asks nothing yet. */
  public TaskBox(String id, Desk desk) {
    this.words = desk.words();
    this.desk = desk;
    setId(id);
    setSpacing(6);
    getStyleClass().add("record-box");
    question.setId(id + "-question");
    take = Buttons.primary(id + "-take", words.of("hands.take"), "Enter", this::take);
    wrong.setId(id + "-wrong");
    Parts.shown(wrong, false);
    getChildren().addAll(about, question, hint, fields, wrong, Parts.row(take));
  }

  /** Asks a question; the same one again keeps what was typed. */
  public void show(Task now, Worked batch) {
    boolean isSame = task.map(Task::key).equals(Optional.of(now.key()));
    task = Optional.of(now);
    worked = Optional.of(batch);
    if (isSame) {
      return;
    }
    about.setText(TaskWords.subject(words, now, batch.network()));
    boolean isOne = now.parts().size() == 1;
    question.setText(
        isOne ? TaskWords.ask(words, now.parts().getFirst()) : TaskWords.act(words, now));
    hint.setText(
        isOne ? TaskWords.hint(words, now.parts().getFirst()) : TaskWords.hint(words, now));
    Parts.shown(hint, !hint.getText().isEmpty());
    Parts.shown(wrong, false);
    boolean isYes = now.parts().stream().allMatch(part -> part.unit() == Part.Unit.YES);
    take.setText(words.of(isYes ? "task.yes" : "hands.take"));
    asked.clear();
    now.parts().forEach(part -> asked.add(asked(part)));
    List<EntryField<?>> typed =
        asked.stream().<EntryField<?>>flatMap(one -> one.field().stream()).toList();
    fields.getChildren().clear();
    if (!typed.isEmpty()) {
      fields.getChildren().add(new FieldRow(typed));
    }
    asked.stream().flatMap(one -> one.choice().stream()).forEach(fields.getChildren()::add);
  }

  private Asked asked(Part part) {
    return switch (part.unit()) {
      case YES -> new Asked(Optional.empty(), Optional.empty());
      case CHOICE -> new Asked(Optional.empty(), Optional.of(choice(part)));
      case SAND -> typed(part, Optional.of(EntryField.Takes.SAND));
      case GOLD -> typed(part, Optional.of(EntryField.Takes.GOLD));
      case COUNT, PERCENT, DIAL, TEXT -> typed(part, Optional.empty());
    };
  }

  private ComboBox<Integer> choice(Part part) {
    List<Integer> places = IntStream.range(0, part.choices().size()).boxed().toList();
    ComboBox<Integer> box =
        Choices.of(
            "ask-" + part.ask(),
            TaskWords.ask(words, part),
            places,
            place -> TaskWords.choice(words, part, place));
    // What nobody chose is no answer: only what is usual stands there beforehand.
    box.setValue(
        part.usual().isPresent() ? Integer.valueOf((int) part.usual().getAsDouble() - 1) : null);
    box.setPromptText(words.of("task.choose"));
    return box;
  }

  private static String number(int place) {
    return Integer.toString(place + 1);
  }

  private Asked typed(Part part, Optional<EntryField.Takes> weighed) {
    EntryField<String> field =
        new EntryField<>(
            words,
            "ask-" + part.ask(),
            TaskWords.ask(words, part),
            part.usual().isPresent() ? words.plain(part.usual().getAsDouble()) : "",
            Parsers.note(words));
    weighed.ifPresent(field::takes);
    field.field().setOnAction(_ -> take.fire());
    return new Asked(Optional.of(field), Optional.empty());
  }

  /** Puts the focus where it is answered. */
  public void focus() {
    asked.stream()
        .flatMap(one -> one.field().stream())
        .findFirst()
        .ifPresentOrElse(field -> field.field().requestFocus(), take::requestFocus);
  }

  private void take() {
    Task now = task.orElseThrow();
    Figures figures = desk.figures().get();
    Answers answers = new Answers(worked.orElseThrow(), desk.shop(), MassUnit.GRAM, figures.unit());
    List<String> texts = asked.stream().map(one -> words.typed(one.text())).toList();
    switch (answers.to(now, texts)) {
      case Answered.Wrong(int part, var slip) ->
          refuse(part, Parsers.sentence(figures, now.parts().get(part), slip));
      case Answered.Edits(var edits) -> {
        take.setDisable(true);
        desk.submit(edits)
            .thenAccept(
                outcome -> {
                  take.setDisable(false);
                  switch (outcome) {
                    case Outcome.Recorded _ -> focus();
                    case Outcome.Not not -> refuse(0, Told.why(not, figures));
                  }
                });
      }
    }
  }

  /** Says a sentence at the part that is wrong; where that has no field, under all of them. */
  private void refuse(int part, String sentence) {
    Optional<EntryField<String>> field =
        part < asked.size() ? asked.get(part).field() : Optional.empty();
    field.ifPresent(one -> one.refuse(sentence));
    wrong.setText(words.of("entry.error", sentence));
    Parts.shown(wrong, field.isEmpty());
  }
}
