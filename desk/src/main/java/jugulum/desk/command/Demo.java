package jugulum.desk.command;

import java.io.FileNotFoundException;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import jugulum.desk.words.Words;

/** The demo books there are. */
enum Demo {
  /** Four batches, a day and two trials. */
  BENCH("jugulum.demo"),
  /** Two seasons of batches. */
  SEASON("jugulum.demo.season");

  private final String property;

  Demo(String property) {
    this.property = property;
  }

  @Override
  public String toString() {
    return name().toLowerCase(Locale.ROOT);
  }

  /** The book that ships beside the program; empty where it does not. */
  Optional<Path> original() {
    return Optional.ofNullable(System.getProperty(property))
        .map(Path::of)
        .filter(Files::isReadable);
  }

  /**
   * A fresh copy of the book that ships beside the program.
   *
   * @throws FileNotFoundException if it does not
   */
  Path copy(Words words) throws IOException {
    Path there =
        original().orElseThrow(() -> new FileNotFoundException(words.of("command.no-demo")));
    return Files.copy(there, Files.createTempDirectory("jugulum-demo").resolve("demo.book"));
  }

  /** Removes a copy nobody looks at any more, with all that was written beside it. */
  static void remove(Path copy) {
    Path folder = copy.resolveSibling("");
    try (Stream<Path> all = Files.list(folder)) {
      for (Path one : all.toList()) {
        Files.delete(one);
      }
      Files.delete(folder);
    } catch (IOException stillInUse) {
      // It is in the folder for what may go at any time.
    }
  }
}
