package jugulum.desk.batch;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.layout.VBox;
import jugulum.core.ledger.Label;
import jugulum.desk.entry.Entry;
import jugulum.desk.entry.EntryField;
import jugulum.desk.entry.FieldRow;
import jugulum.desk.entry.Parsers;
import jugulum.desk.words.Prologue;
import jugulum.desk.words.Words;

/** Asks what is written on the bucket. */
public final class LabelForm {
  @Prologue private final Words words;
  private final EntryField<String> name =
      new EntryField<>(
          words,
          "batch-name",
          words.of("start.name"),
          words.of("start.name.hint"),
          Parsers.text(words, "refusal.NAME_MISSING"));
  private final EntryField<String> source =
      new EntryField<>(
          words,
          "batch-source",
          words.of("start.source"),
          words.of("start.source.hint"),
          typed -> new Entry.Value<>(typed.strip()));
  private final EntryField<LocalDate> received =
      new EntryField<>(
          words, "batch-received", words.of("start.received"), "", one -> Parsers.day(words, one));

  /** Makes the form. */
  public LabelForm(Words words) {
    this.words = words;
    super();
  }

  /** The fields in order. */
  public List<EntryField<?>> fields() {
    return List.of(name, source, received);
  }

  /** The fields side by side. */
  public Node inRow() {
    return new FieldRow(fields());
  }

  /** The fields one below the other. */
  public Node inColumn() {
    VBox column = new VBox(name, source, received);
    column.getStyleClass().add("form");
    return column;
  }

  /** The label, or nothing after saying at the field what is wrong. */
  public Optional<Label> read() {
    return name.read()
        .flatMap(
            called ->
                source
                    .read()
                    .flatMap(from -> received.read().map(day -> new Label(called, from, day))));
  }

  /** Fills the fields. */
  public void fill(Label label) {
    name.fill(label.name());
    source.fill(label.source());
    received.fill(label.received().toString());
  }

  /** Empties the fields but for the day. */
  public void clear(LocalDate today) {
    Stream.of(name, source).forEach(EntryField::clear);
    received.fill(today.toString());
  }

  /** Says a sentence at the first field. */
  public void refuse(String sentence) {
    name.refuse(sentence);
  }
}
