package jugulum.book.together;

import java.nio.file.Path;
import java.time.Clock;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;
import jugulum.book.Books;
import jugulum.book.store.MirrorStore;
import jugulum.book.store.Served;
import jugulum.book.stream.Bench;
import jugulum.book.stream.Book;
import jugulum.book.stream.BookProblem;
import jugulum.book.stream.Writer;

/**
 * A bench of a shop: its copy of the book, the book on it, and what carries between it and the
 * server.
 */
final class ABench implements AutoCloseable {
  final Book book;
  final MirrorStore mirror;
  final Exchange exchange;
  final String name;

  ABench(String name, Path folder, Clock clock, Supplier<UUID> ids, Supplier<Served> server) {
    this.name = name;
    Bench bench = new Bench("id of " + name, name);
    Path file = folder.resolve(name + ".book");
    exchange = new Exchange(MirrorStore.open(file, clock), server, () -> bench, Books.KINDS);
    mirror = MirrorStore.open(file, clock);
    book = new Book(mirror, Books.KINDS, new Writer(() -> bench, clock, ids));
  }

  /** Carries once, if the server is there. */
  Optional<BookProblem> carry() {
    return exchange.tryToCarry();
  }

  @Override
  public void close() {
    book.close();
    exchange.close();
  }
}
