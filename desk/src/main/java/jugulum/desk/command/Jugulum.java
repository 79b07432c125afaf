package jugulum.desk.command;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.Optional;
import jugulum.book.stream.BookProblem;
import jugulum.desk.words.Sentences;
import jugulum.desk.words.Words;
import picocli.AutoComplete;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** The program by its commands; without one it opens the user's own book. */
@Command(
    name = "jugulum",
    mixinStandardHelpOptions = true,
    version = Jugulum.NAME + " " + Jugulum.VERSION,
    subcommands = {
      DemoCommand.class,
      BalanceCommand.class,
      ShotsCommand.class,
      CheckCommand.class,
      RescueCommand.class,
      BackupCommand.class,
      RestoreCommand.class,
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
      EmblemCommand.class,
      GuideCommand.class,
      AutoComplete.GenerateCompletion.class
    })
public final class Jugulum extends Speaking implements NamesBook {
  static final String NAME = "Jugulum";
  static final String VERSION = "0.1.0";

  /** So a file of the store begins. */
  private static final String BOOK_BEGINS = "SQLite format 3";

  @Option(names = "--book", paramLabel = "BOOK", descriptionKey = "usage.jugulum.book")
  private Optional<String> book = Optional.empty();

  @Parameters(arity = "0..1", paramLabel = "FILE", descriptionKey = "usage.jugulum.file")
  private Optional<Path> file = Optional.empty();

  Jugulum(Words words) {
    super(words);
  }

  @Override
  public BookAt book() {
    return book.map(BookAt::of).orElseGet(OwnFiles::ownBook);
  }

  @Override
  public Integer call() {
    Opened opened = window(words, book, file);
    opened.why().ifPresent(this::warn);
    return opened.exit();
  }

  /**
   * What came of opening the window.
   *
   * @param exit the exit code
   * @param why why it was not opened; empty where it was
   */
  record Opened(int exit, Optional<String> why) {}

  /** Opens the window on a book, or on one's own with a batch file to take in. */
  static Opened window(Words words, Optional<String> book, Optional<Path> file) {
    try {
      boolean asBook = file.isPresent() && isBook(file.get());
      BookAt where =
          asBook
              ? new BookAt.InFile(file.get())
              : book.map(BookAt::of).orElseGet(OwnFiles::ownBook);
      int exit =
          MainWindow.open(
              words, where, file.filter(_ -> !asBook), OwnFiles.bench(), Clock.systemDefaultZone());
      return new Opened(exit, Optional.empty());
    } catch (BookProblem noAddress) {
      return new Opened(Exit.BOOK_PROBLEM, Optional.of(Sentences.problem(words, noAddress)));
    } catch (IOException unreadable) {
      return new Opened(
          Exit.BAD_FILE, Optional.of(words.of("command.no-file", String.valueOf(file.get()))));
    }
  }

  /** A book that was clicked is opened; a batch file is taken into one's own book. */
  private static boolean isBook(Path path) throws IOException {
    try (InputStream in = Files.newInputStream(path)) {
      byte[] head = in.readNBytes(BOOK_BEGINS.length());
      return new String(head, StandardCharsets.US_ASCII).equals(BOOK_BEGINS);
    }
  }
}
