package jugulum.book.stream;

import java.util.function.Consumer;
import jugulum.core.stream.History;
import jugulum.core.stream.History.Dated;
import jugulum.core.stream.Log;

/**
 * Folds the rows of a stream into its history.
 *
 * @param <E> its edits
 */
final class Folding<E> {
  private final StreamKind<?, E> kind;
  private final Log<E> log = new Log<>();

  /** Nothing yet. */
  Folding(StreamKind<?, E> kind) {
    this.kind = kind;
  }

  /** What the rows up to a version make. */
  History<E> fold(Consumer<Consumer<Row>> rows, long upTo) {
    rows.accept(
        row -> {
          if (row.version() <= upTo) {
            take(row);
          }
        });
    return history();
  }

  /** Takes the next row. */
  void take(Row row) {
    switch (row.act()) {
      case EDIT ->
          log.edit(new Dated<>(row.version(), row.at(), row.from().action(), kind.edit(row)));
      case UNDO -> log.undo(row.body());
      case REDO -> log.redo(row.body());
    }
  }

  /** What the rows taken so far make. */
  History<E> history() {
    return log.history();
  }
}
