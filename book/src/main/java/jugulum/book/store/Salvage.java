package jugulum.book.store;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import jugulum.book.stream.Book;
import jugulum.book.stream.BookProblem.NotUnderstood;
import jugulum.book.stream.Kept;
import jugulum.book.stream.Order;
import jugulum.book.stream.Row;
import jugulum.book.stream.StreamKind;
import jugulum.book.stream.StreamRef;
import jugulum.core.stream.History.Dated;
import jugulum.core.stream.Log;

/**
 * What is found of one stream of a damaged book, row by row: its rows up to the first hole, and
 * those after it, which fit only to what was kept of the stream beyond the hole.
 *
 * @param <S> what its edits make
 * @param <E> its edits
 */
final class Salvage<S, E> {
  private final StreamRef<S, E> stream;
  private final List<Row> rows = new ArrayList<>();
  private final List<Row> afterHole = new ArrayList<>();
  private final Log<E> log = new Log<>();
  private Optional<S> state = Optional.empty();
  private boolean holed;

  /** The version of the row found last. */
  private long last;

  /** How many rows come after the hole, the one that does not fit included. */
  private int after;

  Salvage(StreamRef<S, E> stream) {
    this.stream = stream;
  }

  static <S, E> Salvage<S, E> of(StreamKind<S, E> kind, String id) {
    return new Salvage<>(kind.ref(id));
  }

  /** A row was found; without its body as it was written it is a hole. */
  void found(Row row, boolean isWhole) {
    last = row.version();
    holed |= !isWhole || row.version() != rows.size() + 1 || !fits(row);
    if (!holed) {
      rows.add(row);
      return;
    }
    after++;
    if (isWhole) {
      afterHole.add(row);
    }
  }

  /** The next version, for rows of books that did not number them. */
  long next() {
    return rows.size() + 1L;
  }

  /** Whether a row follows the one found before it. */
  boolean isNext(Row row) {
    return row.version() == last + 1;
  }

  private boolean fits(Row row) {
    try {
      switch (row.act()) {
        case UNDO -> {
          log.undo(row.body());
          state = stream.kind().fold().replay(log.history());
        }
        case REDO -> {
          log.redo(row.body());
          state = stream.kind().fold().replay(log.history());
        }
        case EDIT -> {
          E edit = stream.kind().edit(row);
          state = Optional.of(stream.kind().fold().replay(state, edit, row.at()));
          log.edit(new Dated<>(row.version(), row.at(), row.from().action(), edit));
        }
      }
      return true;
    } catch (RuntimeException hole) {
      return false;
    }
  }

  /** Writes what was found into a book; gives how many rows could not be used. */
  int copy(Book book, Optional<Kept> kept) {
    if (!holed) {
      book.take(stream, rows);
      return 0;
    }
    Optional<S> beyond = kept.filter(one -> one.version() > rows.size()).flatMap(this::readKept);
    if (beyond.isEmpty()) {
      if (!rows.isEmpty()) {
        book.take(stream, rows);
      }
      return after;
    }
    book.submit(Order.of(stream, stream.kind().fold().whole(beyond.get())));
    List<Row> since = since(kept.get().version());
    if (!since.isEmpty()) {
      book.take(stream, since);
    }
    return (int) afterHole.stream().filter(row -> row.version() > kept.get().version()).count()
        - since.size();
  }

  private Optional<S> readKept(Kept one) {
    try {
      return one.body().map(body -> stream.kind().states().read(one.form(), body));
    } catch (NotUnderstood unreadable) {
      return Optional.empty();
    }
  }

  /**
   * The edits that follow what was kept without a gap, numbered anew: what was kept is the first
   * row.
   */
  private List<Row> since(long version) {
    List<Row> edits = new ArrayList<>();
    for (Row row : afterHole) {
      if (row.version() == version + edits.size() + 1 && row.act() == Row.Act.EDIT) {
        edits.add(row.numbered(edits.size() + 2L));
      }
    }
    return edits;
  }
}
