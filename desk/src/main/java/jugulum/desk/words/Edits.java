package jugulum.desk.words;

import java.util.Optional;
import java.util.stream.Collectors;
import jugulum.book.batch.BatchStream;
import jugulum.book.day.DayStream;
import jugulum.book.season.SeasonStream;
import jugulum.book.stream.Book;
import jugulum.book.stream.Placed;
import jugulum.book.stream.Row;
import jugulum.book.stream.Waiting;
import jugulum.book.trial.TrialStream;
import jugulum.core.ledger.Batch;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.LotId;

/** What rows of any kind of stream do, as nouns. */
public final class Edits {
  private Edits() {}

  /** What an action did: each of its edits once. */
  public static String said(Waiting action, Figures figures) {
    return action.rows().stream()
        .filter(placed -> !Book.isItsOwn(placed.stream()))
        .map(placed -> said(placed, figures))
        .distinct()
        .collect(Collectors.joining("; "));
  }

  /** The same, with the lot and batch it was done to. */
  public static String said(Placed placed, Optional<Batch> batch, Figures figures) {
    String said = said(placed, figures);
    if (batch.isEmpty()) {
      return said;
    }
    String name = batch.get().label().name();
    return lot(placed)
        .flatMap(batch.get()::lot)
        .map(
            lot ->
                figures.words().of("edit.in-lot", said, Sentences.lot(figures.words(), lot), name))
        .orElseGet(() -> figures.words().of("edit.in-batch", said, name));
  }

  private static Optional<LotId> lot(Placed placed) {
    try {
      return placed.row().act() == Row.Act.EDIT
              && BatchStream.KIND.edit(placed.row()) instanceof Edit.RecordOnLot(LotId lot, var _)
          ? Optional.of(lot)
          : Optional.empty();
    } catch (RuntimeException notUnderstood) {
      return Optional.empty();
    }
  }

  /** What a row does; one this program does not understand is called that. */
  public static String said(Placed placed, Figures figures) {
    Words words = figures.words();
    Row row = placed.row();
    if (row.act() != Row.Act.EDIT) {
      return words.of("edit.walked", row.act());
    }
    String kind = placed.stream().kind();
    try {
      if (kind.equals(BatchStream.KIND.name())) {
        return Sentences.edit(BatchStream.KIND.edit(row), figures);
      }
      if (kind.equals(TrialStream.KIND.name())) {
        return TrialWords.edit(words, TrialStream.KIND.edit(row));
      }
      if (kind.equals(DayStream.KIND.name())) {
        return DayWords.edit(words, DayStream.KIND.edit(row));
      }
      if (kind.equals(SeasonStream.KIND.name())) {
        return SeasonWords.edit(words, SeasonStream.KIND.edit(row));
      }
      return words.of("edit.shop");
    } catch (RuntimeException notUnderstood) {
      return words.of("edit.not-understood");
    }
  }
}
