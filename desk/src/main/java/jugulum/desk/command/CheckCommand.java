package jugulum.desk.command;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.List;
import jugulum.book.Books;
import jugulum.book.batch.BatchLines;
import jugulum.book.store.BookAddress;
import jugulum.book.store.Move;
import jugulum.book.store.PostgresRows;
import jugulum.book.stream.Book;
import jugulum.book.stream.BookProblem;
import jugulum.book.stream.Writer;
import jugulum.desk.words.Sentences;
import jugulum.desk.words.Words;
import picocli.CommandLine.Command;
import picocli.CommandLine.Parameters;

/** Reads a whole book and says whether it is as it was written. */
@Command(name = "check", mixinStandardHelpOptions = true)
final class CheckCommand extends Speaking {
  @Parameters(paramLabel = "BOOK", descriptionKey = "usage.check.file")
  private String named;

  CheckCommand(Words words) {
    super(words);
  }

  @Override
  public Integer call() {
    try {
      BookAt where = BookAt.of(named);
      if (where instanceof BookAt.InFile(Path file)) {
        if (!Files.exists(file)) {
          return fail(Exit.BAD_FILE, words.of("command.no-file", named));
        }
        if (BookCommand.isEmpty(file)) {
          return fail(Exit.BOOK_PROBLEM, words.of("command.empty-book", named));
        }
      }
      return switch (where) {
        case BookAt.InFile(Path file) -> checked(file);
        case BookAt.Served(BookAddress address, Path _) -> checked(address);
      };
    } catch (BookProblem problem) {
      return fail(Exit.BOOK_PROBLEM, Sentences.problem(words, problem));
    } catch (IOException problem) {
      return fail(Exit.BAD_FILE, String.valueOf(problem.getMessage()));
    }
  }

  /** What the server has, whatever this bench knows of it. */
  private int checked(BookAddress address) throws IOException {
    try (PostgresRows rows = PostgresRows.open(address)) {
      rows.check();
    }
    Path folder = Files.createTempDirectory("jugulum-check");
    Path copy = folder.resolve("copy.book");
    try {
      Move.back(address, copy, Clock.systemUTC());
      return checked(copy);
    } finally {
      Demo.remove(copy);
    }
  }

  private int checked(Path file) {
    try (Book book = Books.open(file, Writer.unnamed(Clock.systemUTC()))) {
      return checked(book);
    }
  }

  private int checked(Book book) {
    List<BookProblem> faults = book.faults();
    if (!faults.isEmpty()) {
      faults.forEach(fault -> fail(Exit.BOOK_PROBLEM, Sentences.problem(words, fault)));
      return Exit.BOOK_PROBLEM;
    }
    say(
        words.of(
            "command.check.ok",
            named,
            Integer.toString(BatchLines.all(book).size()),
            Long.toString(book.length())));
    return Exit.OK;
  }
}
