package jugulum.desk.command;

import java.nio.file.Path;
import java.time.Clock;
import java.util.Optional;
import java.util.concurrent.Callable;
import jugulum.desk.words.Words;
import picocli.AutoComplete;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;

/** The program by its commands; without one it opens the user's own book. */
@Command(
    name = "jugulum",
    mixinStandardHelpOptions = true,
    version = "Jugulum 0.1.0",
    subcommands = {
      DemoCommand.class,
      BalanceCommand.class,
      ShotsCommand.class,
      CheckCommand.class,
      RescueCommand.class,
      MachinesCommand.class,
      ScaleCommand.class,
      ListCommand.class,
      AccountCommand.class,
      StockCommand.class,
      SeasonCommand.class,
      ExportCommand.class,
      ImportCommand.class,
      ConvertCommand.class,
      ManCommand.class,
      GuideCommand.class,
      AutoComplete.GenerateCompletion.class
    })
public final class Jugulum implements Callable<Integer>, NamesBook {
  private final Words words;

  @Option(names = "--book", paramLabel = "FILE", descriptionKey = "usage.jugulum.book")
  private Optional<Path> book = Optional.empty();

  Jugulum(Words words) {
    this.words = words;
  }

  @Override
  public Path book() {
    return book.orElseGet(OwnFiles::ownBook);
  }

  @Override
  public Integer call() {
    return MainWindow.open(words, book(), OwnFiles.bench(), Clock.systemDefaultZone());
  }
}
