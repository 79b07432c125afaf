package jugulum.desk.command;

import java.nio.file.Path;
import java.util.Optional;
import jugulum.book.store.BookAddress;
import jugulum.desk.preference.BenchFile;
import jugulum.desk.session.Sharing;

/** Where the program keeps things. */
final class OwnFiles {
  private OwnFiles() {}

  /**
   * The user's own book: $JUGULUM_BOOK, a file or the address of a server; else what was chosen in
   * the window; else my.book in the folder the system keeps for programs' data.
   */
  static BookAt ownBook() {
    return environment("JUGULUM_BOOK")
        .or(() -> new BenchFile(bench()).get(Sharing.BOOK).filter(named -> !named.isBlank()))
        .map(BookAt::of)
        .orElseGet(() -> new BookAt.InFile(data().resolve("my.book")));
  }

  /** This bench's copy of a book that a server keeps. */
  static Path mirror(BookAddress address) {
    return data().resolve("together").resolve(address.fileName() + ".book");
  }

  private static Path data() {
    return folder("XDG_DATA_HOME", ".local", "share");
  }

  /**
   * What the bench remembers of itself: $JUGULUM_BENCH, or bench.properties in the folder the
   * system keeps for settings.
   */
  static Path bench() {
    return environment("JUGULUM_BENCH")
        .map(Path::of)
        .orElseGet(() -> folder("XDG_CONFIG_HOME", ".config").resolve("bench.properties"));
  }

  private static Path folder(String variable, String... usual) {
    return environment(variable)
        .map(Path::of)
        .orElseGet(() -> Path.of(System.getProperty("user.home"), usual))
        .resolve("jugulum");
  }

  private static Optional<String> environment(String name) {
    return Optional.ofNullable(System.getenv(name)).filter(value -> !value.isBlank());
  }
}
