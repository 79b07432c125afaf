package jugulum.desk.shop;

import java.util.List;
import java.util.concurrent.CompletionStage;
import java.util.stream.Stream;
import jugulum.desk.entry.EntryField;
import jugulum.desk.session.Workbench;
import jugulum.desk.told.Told;
import jugulum.desk.work.Outcome;

/** Empties the fields of what was kept, and only then: what was refused, or typed since, stays. */
public final class OnceKept {
  private OnceKept() {}

  /**
   * Once it is kept, empties the fields that still say what they said; a refusal is said at the
   * first.
   */
  public static void clearing(
      Workbench workbench, CompletionStage<Outcome> sent, EntryField<?>... fields) {
    List<String> texts = Stream.of(fields).map(EntryField::text).toList();
    boolean there = Stream.of(fields).anyMatch(field -> field.field().isFocused());
    sent.thenAccept(
        outcome -> {
          switch (outcome) {
            case Outcome.Recorded _ -> {
              for (int i = 0; i < fields.length; i++) {
                if (fields[i].text().equals(texts.get(i))) {
                  fields[i].clear();
                }
              }
              if (there) {
                fields[0].field().requestFocus();
              }
            }
            case Outcome.Not not ->
                fields[0].say(Told.why(not, workbench.preferences().figures().get()));
          }
        });
  }
}
