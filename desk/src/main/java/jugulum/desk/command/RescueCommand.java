package jugulum.desk.command;

import java.nio.file.Path;
import java.time.Clock;
import java.util.concurrent.Callable;
import jugulum.book.Books;
import jugulum.book.batch.BatchStream;
import jugulum.book.store.Rescue;
import jugulum.book.stream.BookProblem;
import jugulum.book.stream.Writer;
import jugulum.desk.words.Sentences;
import jugulum.desk.words.Words;
import picocli.CommandLine.Command;
import picocli.CommandLine.Parameters;

/** Copies what can be read of a damaged book into a new one. */
@Command(
    name = "rescue",
    mixinStandardHelpOptions = true,
    description =
        "Copies what can be read of a damaged book into a new one. The damaged book is only read.")
final class RescueCommand implements Callable<Integer> {
  @Parameters(index = "0", paramLabel = "DAMAGED")
  private Path damaged;

  @Parameters(index = "1", paramLabel = "NEW")
  private Path fresh;

  @Override
  public Integer call() {
    try {
      Rescue rescue = Books.rescue(damaged, fresh, Writer.unnamed(Clock.systemUTC()));
      System.out.println(
          Words.of(
              "command.rescued",
              Integer.toString(rescue.count(BatchStream.KIND)),
              fresh.toString(),
              Integer.toString(rescue.rowsLost())));
      return Jugulum.OK;
    } catch (BookProblem problem) {
      System.err.println(Sentences.problem(problem));
      return Jugulum.BOOK_PROBLEM;
    }
  }
}
