package jugulum.desk.command;

import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.List;
import jugulum.book.Books;
import jugulum.book.batch.BatchLines;
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
  private Path file;

  CheckCommand(Words words) {
    super(words);
  }

  @Override
  public Integer call() {
    if (!Files.exists(file)) {
      return fail(Exit.BAD_FILE, words.of("command.no-file", file.toString()));
    }
    if (BookCommand.isEmpty(file)) {
      return fail(Exit.BOOK_PROBLEM, words.of("command.empty-book", file.toString()));
    }
    try (Book book = Books.open(file, Writer.unnamed(Clock.systemUTC()))) {
      List<BookProblem> faults = book.faults();
      if (!faults.isEmpty()) {
        faults.forEach(fault -> fail(Exit.BOOK_PROBLEM, Sentences.problem(words, fault)));
        return Exit.BOOK_PROBLEM;
      }
      say(
          words.of(
              "command.check.ok",
              file.toString(),
              Integer.toString(BatchLines.all(book).size()),
              Long.toString(book.length())));
      return Exit.OK;
    } catch (BookProblem problem) {
      return fail(Exit.BOOK_PROBLEM, Sentences.problem(words, problem));
    }
  }
}
