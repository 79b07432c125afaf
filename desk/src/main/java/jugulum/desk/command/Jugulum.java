package jugulum.desk.command;

import java.nio.file.Path;
import java.time.Clock;
import java.util.Optional;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;

/** The program by its commands; without one it opens the user's own book. */
@Command(
    name = "jugulum",
    mixinStandardHelpOptions = true,
    version = "Jugulum 0.1.0",
    description =
        "Follows every gram of sand and every speck of gold of a batch of concentrate, and keeps"
            + " the record.",
    subcommands = {
      DemoCommand.class,
      BalanceCommand.class,
      ShotsCommand.class,
      CheckCommand.class,
      RescueCommand.class,
      MachinesCommand.class
    })
public final class Jugulum implements Callable<Integer> {
  /** Everything went well. */
  static final int OK = 0;

  /** A file is bad, or what was typed is. */
  static final int BAD_FILE = 2;

  /** There is no display to open a window on. */
  static final int NO_DISPLAY = 3;

  /** The book cannot be used. */
  static final int BOOK_PROBLEM = 4;

  @Option(
      names = "--book",
      paramLabel = "FILE",
      description = "The book to open, instead of your own.")
  private Optional<Path> book = Optional.empty();

  @Override
  public Integer call() {
    return Window.open(book.orElseGet(Places::ownBook), Places.bench(), Clock.systemDefaultZone());
  }
}
