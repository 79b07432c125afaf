package jugulum.book.stream;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import jugulum.core.stream.History;
import jugulum.core.stream.History.Dated;

/**
 * Folds the rows of a stream into its history.
 *
 * @param <E> its edits
 */
final class Folding<E> {
  private final StreamKind<?, E> kind;
  private final List<Dated<E>> done = new ArrayList<>();
  private final List<Dated<E>> undone = new ArrayList<>();

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
    return new History<>(done, undone);
  }

  private void take(Row row) {
    switch (row.act()) {
      case EDIT -> {
        done.add(new Dated<>(row.at(), kind.edit(row)));
        undone.clear();
      }
      case UNDO -> move(done, undone);
      case REDO -> move(undone, done);
    }
  }

  private static <T> void move(List<T> from, List<T> to) {
    if (!from.isEmpty()) {
      to.add(from.removeLast());
    }
  }
}
