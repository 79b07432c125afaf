package jugulum.desk.session;

import java.util.Optional;
import java.util.function.Function;
import jugulum.book.stream.Saved;
import jugulum.book.stream.Walked;

/**
 * What came of a change of a stream beside the batches, and what there is to say of it beside a
 * field.
 *
 * @param outcome how it went
 * @param notice what to say; {@link Notice#NONE} for nothing
 */
record Changed(Outcome outcome, Notice notice) {
  /** Edits were sent. */
  static Changed sent(Saved saved) {
    return new Changed(Outcome.of(saved), Notice.NONE);
  }

  /**
   * An edit was taken back or brought back.
   *
   * @param said how that is told, of the edit there was
   */
  static <E> Changed walked(Walked<E> walked, Function<Optional<E>, Notice> said) {
    return switch (walked) {
      case Walked.Done<E>(E edit) ->
          new Changed(new Outcome.Recorded(), said.apply(Optional.of(edit)));
      case Walked.Nothing<E> _ -> new Changed(new Outcome.Recorded(), said.apply(Optional.empty()));
      case Walked.Refused<E>(var refusal) ->
          new Changed(new Outcome.Refused(refusal), new Notice.NotDone(refusal));
    };
  }
}
