package jugulum.desk.command;

import java.io.FileNotFoundException;
import java.io.IOException;
import java.nio.file.Path;
import java.time.Clock;
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
  private Demo which = Demo.BENCH;

  DemoCommand(Words words) {
    this.words = words;
  }

  @Override
  public Integer call() throws IOException {
    Path copy;
    try {
      copy = which.copy(words);
    } catch (FileNotFoundException missing) {
      System.err.println(missing.getMessage());
      return Exit.BAD_FILE;
    }
    System.out.println(words.of("command.demo", copy.toString()));
    int exit =
        MainWindow.open(
            words,
            new BookAt.InFile(copy),
            Optional.empty(),
            OwnFiles.bench(),
            DemoTime.goingOn(Clock.systemUTC()));
    Demo.remove(copy);
    return exit;
  }
}
