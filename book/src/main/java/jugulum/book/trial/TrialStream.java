package jugulum.book.trial;

import java.util.List;
import java.util.UUID;
import jugulum.book.json.JsonCodec;
import jugulum.book.stream.StreamKind;
import jugulum.book.stream.StreamRef;
import jugulum.core.trial.Trial;
import jugulum.core.trial.TrialEdit;
import jugulum.core.trial.TrialFold;
import jugulum.core.trial.TrialId;

/** Trials as streams of a book. */
public final class TrialStream {
  /** The number of what its edits make; raised with every change of it. */
  private static final int RULE = 1;

  /** The kind of stream a trial is. */
  public static final StreamKind<Trial, TrialEdit> KIND =
      new StreamKind<>(
          "trial",
          new TrialFold(),
          RULE,
          new JsonCodec<>(TrialEdit.class, List.of()),
          new JsonCodec<>(Trial.class, List.of()),
          List.of(TrialLines.LINES));

  private TrialStream() {}

  /** The stream of a trial. */
  public static StreamRef<Trial, TrialEdit> of(TrialId id) {
    return KIND.ref(id.value().toString());
  }

  /** The trial a stream belongs to. */
  public static TrialId id(String stream) {
    return new TrialId(UUID.fromString(stream));
  }
}
