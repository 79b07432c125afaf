package jugulum.desk.command;

import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.concurrent.Callable;
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
final class CheckCommand implements Callable<Integer> {
  private final Words words;

  @Parameters(paramLabel = "BOOK", descriptionKey = "usage.check.file")
  private Path file;

  CheckCommand(Words words) {
    this.words = words;
  }

  @Override
  public Integer call() {
    if (!Files.exists(file)) {
      System.err.println(words.of("command.no-file", file.toString()));
      return Exit.BAD_FILE;
    }
    try (Book book = Books.open(file, Writer.unnamed(Clock.systemUTC()))) {
      book.verify();
      System.out.println(
          words.of(
              "command.check.ok",
              file.toString(),
              Integer.toString(BatchLines.all(book).size()),
              Long.toString(book.length())));
      return Exit.OK;
    } catch (BookProblem problem) {
      System.err.println(Sentences.problem(words, problem));
      return Exit.BOOK_PROBLEM;
    }
  }
}
