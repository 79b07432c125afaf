package jugulum.desk.command;

import java.io.FileNotFoundException;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.Callable;
import jugulum.desk.words.Words;
import picocli.CommandLine.Command;
import picocli.CommandLine.Parameters;

/** Opens the window on a fresh copy of a demo book. */
@Command(name = "demo", mixinStandardHelpOptions = true)
final class DemoCommand implements Callable<Integer> {
  private final Words words;

  @Parameters(arity = "0..1", paramLabel = "BOOK", descriptionKey = "usage.demo.book")
  private Which which = Which.BENCH;

  /** The demo books there are. */
  enum Which {
    /** Four batches, a day and two trials. */
    BENCH("jugulum.demo"),
    /** Two seasons of batches. */
    SEASON("jugulum.demo.season");

    private final String property;

    Which(String property) {
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
  }

  DemoCommand(Words words) {
    this.words = words;
  }

  @Override
  public Integer call() throws IOException {
    Path copy;
    try {
      copy = copy(words, which, Files.createTempDirectory("jugulum-demo"));
    } catch (FileNotFoundException missing) {
      System.err.println(missing.getMessage());
      return Jugulum.BAD_FILE;
    }
    System.out.println(words.of("command.demo", copy.toString()));
    return MainWindow.open(words, copy, OwnFiles.bench(), DemoTime.goingOn(Clock.systemUTC()));
  }

  /**
   * Copies a demo book that ships beside the program.
   *
   * @throws FileNotFoundException if it does not
   */
  static Path copy(Words words, Which which, Path folder) throws IOException {
    Path original =
        which.original().orElseThrow(() -> new FileNotFoundException(words.of("command.no-demo")));
    return Files.copy(original, folder.resolve("demo.book"));
  }
}
