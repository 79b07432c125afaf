package jugulum.book.stream;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import jugulum.book.stream.BookProblem.Kind;
import jugulum.core.stream.History;

/**
 * Compares a book with what was written: the file, which streams there are, and stream by stream.
 */
record Verification(Book book, Store store) {
  List<BookProblem> faults() {
    List<BookProblem> faults = new ArrayList<>();
    fault(book::check).ifPresent(faults::add);
    book.streams().forEach(stream -> fault(() -> verify(stream)).ifPresent(faults::add));
    return faults;
  }

  private static Optional<BookProblem> fault(Runnable look) {
    try {
      look.run();
      return Optional.empty();
    } catch (BookProblem problem) {
      return Optional.of(problem);
    }
  }

  /** Whether the file hangs together and has the streams it began; while nobody writes. */
  void check() {
    store.check();
    List<Key> begun = book.reading(() -> book.index().streams());
    if (store.version(BookIndex.KEY) == 0 && book.readOnly().isPresent()) {
      return;
    }
    Set<Key> there = new HashSet<>(book.streams());
    begun.stream()
        .filter(stream -> !there.remove(stream))
        .findFirst()
        .ifPresent(
            gone -> {
              throw damaged(gone.kind() + " " + gone.id() + " is gone");
            });
    there.stream()
        .findFirst()
        .ifPresent(
            added -> {
              throw damaged(added.kind() + " " + added.id() + " was put in");
            });
  }

  private BookProblem damaged(String what) {
    return new BookProblem(Kind.DAMAGED, book.path(), what, null);
  }

  void verify(Key key) {
    StreamRef<?, ?> stream = book.kind(key).ref(key.id());
    book.reading(() -> Book.folding(stream, () -> verified(stream)));
  }

  /** Reads the rows once; on the way they come to what was kept of them. */
  private <S, E> Standing<S> verified(StreamRef<S, E> stream) {
    StreamKind<S, E> kind = stream.kind();
    Optional<Kept> kept =
        store
            .kept(stream.key())
            .filter(one -> one.rule() == kind.rule() && one.form() == kind.states().form());
    long then = Math.min(kept.map(Kept::version).orElse(0L), store.version(stream.key()));
    Folding<E> folding = new Folding<>(kind);
    store.rows(
        stream.key(),
        0,
        row -> {
          folding.take(row);
          if (row.version() == then) {
            kept.ifPresent(one -> checkKept(stream, one, folding.history()));
          }
        });
    return Book.folded(stream, folding.history(), 0);
  }

  private <S, E> void checkKept(StreamRef<S, E> stream, Kept kept, History<E> history) {
    Standing<S> then = Book.folded(stream, history, kept.version());
    if (!Book.read(stream.kind(), kept).equals(Optional.of(then))) {
      throw damaged(
          "what was kept of "
              + stream.kind().name()
              + " "
              + stream.id()
              + " is not what its rows say");
    }
  }
}
