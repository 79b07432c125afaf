package jugulum.desk.command;

import java.time.Clock;
import java.util.Optional;
import jugulum.book.stream.BookProblem;
import jugulum.desk.words.Sentences;
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
      TogetherCommand.class,
      ConvertCommand.class,
      ManCommand.class,
      GuideCommand.class,
      AutoComplete.GenerateCompletion.class
    })
public final class Jugulum extends Speaking implements NamesBook {
  @Option(names = "--book", paramLabel = "BOOK", descriptionKey = "usage.jugulum.book")
  private Optional<String> book = Optional.empty();

  Jugulum(Words words) {
    super(words);
  }

  @Override
  public BookAt book() {
    return book.map(BookAt::of).orElseGet(OwnFiles::ownBook);
  }

  @Override
  public Integer call() {
    try {
      return MainWindow.open(words, book(), OwnFiles.bench(), Clock.systemDefaultZone());
    } catch (BookProblem noAddress) {
      return fail(Exit.BOOK_PROBLEM, Sentences.problem(words, noAddress));
    }
  }
}
