package jugulum.desk.command;

import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.util.Optional;
import java.util.UUID;
import jugulum.book.Books;
import jugulum.book.stream.Book;
import jugulum.book.stream.Writer;
import jugulum.book.together.Together;
import jugulum.desk.preference.BenchFile;
import jugulum.desk.preference.Preferences;

/**
 * A book opened by a command.
 *
 * @param book the book
 * @param together what carries between this bench and a server; empty for a book in a file
 */
record OpenBook(Book book, Optional<Together> together) implements AutoCloseable {
  /** So long a command waits for a server to take what it wrote. Ours. */
  private static final Duration WAITING = Duration.ofSeconds(10);

  /**
   * Opens it.
   *
   * @throws jugulum.book.stream.BookProblem if it cannot be opened
   */
  static OpenBook of(BookAt where, Clock clock) {
    return switch (where) {
      case BookAt.InFile(Path path) ->
          new OpenBook(Books.open(path, Writer.unnamed(clock)), Optional.empty());
      case BookAt.Served(var address, Path mirror) -> {
        // The others are told which bench it was, as in its window.
        Writer writer =
            new Writer(
                Preferences.bench(new BenchFile(OwnFiles.bench()), UUID::randomUUID),
                clock,
                UUID::randomUUID);
        Together together = Books.together(address, mirror, writer);
        yield new OpenBook(together.book(), Optional.of(together));
      }
    };
  }

  /** How much waits for the server still, after it was tried to tell it all. */
  int waiting() {
    return together.filter(it -> !it.settle(WAITING)).map(it -> it.status().waiting()).orElse(0);
  }

  @Override
  public void close() {
    together.ifPresentOrElse(Together::close, book::close);
  }
}
