package jugulum.desk.measure;

import java.time.Instant;
import java.time.ZonedDateTime;
import java.time.format.DateTimeFormatter;
import java.time.format.DateTimeParseException;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.Measure.Running.State;
import jugulum.desk.entry.Entry;
import jugulum.desk.entry.EntryField;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Prologue;
import jugulum.desk.words.Words;

/** Asks when a machine was started or stopped, where that was not the moment it was recorded. */
final class RunningForm extends MeasureForm {
  private static final DateTimeFormatter TYPED =
      DateTimeFormatter.ofPattern("uuuu-MM-dd H:mm", Locale.ROOT);

  @Prologue private final Words words;
  private final State state;
  private final EntryField<Instant> at =
      new EntryField<>(
          words,
          "running-at",
          words.of("form.running"),
          words.of("form.running.hint"),
          this::moment);

  RunningForm(Supplier<Figures> figures, State state) {
    this.words = figures.get().words();
    super(figures);
    this.state = state;
    getChildren().add(at);
  }

  private Entry<Instant> moment(String typed) {
    try {
      return new Entry.Value<>(
          ZonedDateTime.parse(typed.strip(), TYPED.withZone(zone())).toInstant());
    } catch (DateTimeParseException unreadable) {
      return new Entry.Bad<>(words.of("entry.moment", typed.strip()));
    }
  }

  @Override
  public List<EntryField<?>> fields() {
    return List.of(at);
  }

  @Override
  public Optional<Measure> read() {
    return read(words, at, Map.of(), moment -> new Measure.Running(state, Optional.of(moment)));
  }

  @Override
  void fill(Measure measure) {
    if (measure instanceof Measure.Running(var _, Optional<Instant> told)) {
      told.ifPresent(moment -> at.put(TYPED.format(moment.atZone(zone())), moment));
    }
  }
}
