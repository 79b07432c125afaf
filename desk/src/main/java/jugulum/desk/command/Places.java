package jugulum.desk.command;

import java.nio.file.Path;
import java.util.Optional;

/** Where the program keeps things. */
final class Places {
  private Places() {}

  /** The user's own book: $JUGULUM_BOOK, or my.book in the folder the system keeps for programs' data. */
  static Path ownBook() {
    return environment("JUGULUM_BOOK").map(Path::of).orElseGet(() -> dataFolder().resolve("my.book"));
  }

  private static Path dataFolder() {
    return environment("XDG_DATA_HOME")
        .map(Path::of)
        .orElseGet(() -> Path.of(System.getProperty("user.home"), ".local", "share"))
        .resolve("jugulum");
  }

  private static Optional<String> environment(String name) {
    return Optional.ofNullable(System.getenv(name)).filter(value -> !value.isBlank());
  }
}
