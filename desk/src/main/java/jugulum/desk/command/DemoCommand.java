package jugulum.desk.command;

import java.io.FileNotFoundException;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.Optional;
import java.util.concurrent.Callable;
import jugulum.desk.words.Words;
import picocli.CommandLine.Command;

/** Opens the window on a fresh copy of the demo book. */
@Command(name = "demo", mixinStandardHelpOptions = true)
final class DemoCommand implements Callable<Integer> {
  private final Words words;

  DemoCommand(Words words) {
    this.words = words;
  }

  @Override
  public Integer call() throws IOException {
    Path copy;
    try {
      copy = copy(words, Files.createTempDirectory("jugulum-demo"));
    } catch (FileNotFoundException missing) {
      System.err.println(missing.getMessage());
      return Jugulum.BAD_FILE;
    }
    System.out.println(words.of("command.demo", copy.toString()));
    return MainWindow.open(words, copy, OwnFiles.bench(), DemoTime.goingOn(Clock.systemUTC()));
  }

  /**
   * Copies the demo book that ships beside the program.
   *
   * @throws FileNotFoundException if it does not
   */
  static Path copy(Words words, Path folder) throws IOException {
    Path original =
        original().orElseThrow(() -> new FileNotFoundException(words.of("command.no-demo")));
    return Files.copy(original, folder.resolve("demo.book"));
  }

  /** The demo book that ships beside the program; empty where it does not. */
  static Optional<Path> original() {
    return Optional.ofNullable(System.getProperty("jugulum.demo"))
        .map(Path::of)
        .filter(Files::isReadable);
  }
}
