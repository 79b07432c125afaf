package jugulum.desk.command;

import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.concurrent.Callable;
import jugulum.book.store.Book;
import jugulum.book.store.BookProblem;
import jugulum.desk.words.Sentences;
import jugulum.desk.words.Words;
import picocli.CommandLine.Command;
import picocli.CommandLine.Parameters;

/** Reads a whole book and says whether it is as it was written. */
@Command(name = "check", mixinStandardHelpOptions = true, description = "Reads a whole book and says whether it is as it was written.")
final class CheckCommand implements Callable<Integer> {
  @Parameters(paramLabel = "BOOK")
  private Path file;

  @Override
  public Integer call() {
    if (!Files.exists(file)) {
      System.err.println(Words.of("command.no-file", file.toString()));
      return Jugulum.BAD_FILE;
    }
    try (Book book = Book.open(file, Clock.systemUTC())) {
      book.verify();
      System.out.println(Words.of("command.check.ok", file.toString(), Integer.toString(book.list().size()), Long.toString(book.journalLength())));
      return Jugulum.OK;
    } catch (BookProblem problem) {
      System.err.println(Sentences.problem(problem));
      return Jugulum.BOOK_PROBLEM;
    }
  }
}
