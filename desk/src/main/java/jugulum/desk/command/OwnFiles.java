package jugulum.desk.command;

import java.nio.file.Path;
import java.util.Optional;

/** Where the program keeps things. */
final class OwnFiles {
  private OwnFiles() {}

  /**
   * The user's own book: $JUGULUM_BOOK, or my.book in the folder the system keeps for programs'
   * data.
   */
  static Path ownBook() {
    return environment("JUGULUM_BOOK")
        .map(Path::of)
        .orElseGet(() -> folder("XDG_DATA_HOME", ".local", "share").resolve("my.book"));
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
