package jugulum.desk.command;

import java.nio.file.Path;
import java.time.Clock;
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
@Command(name = "rescue", mixinStandardHelpOptions = true)
final class RescueCommand extends Speaking {
  @Parameters(index = "0", paramLabel = "DAMAGED", descriptionKey = "usage.rescue.damaged")
  private Path damaged;

  @Parameters(index = "1", paramLabel = "NEW", descriptionKey = "usage.rescue.fresh")
  private Path fresh;

  RescueCommand(Words words) {
    super(words);
  }

  @Override
  public Integer call() {
    try {
      Rescue rescue = Books.rescue(damaged, fresh, Writer.unnamed(Clock.systemUTC()));
      say(
          words.of(
              "command.rescued",
              Integer.toString(rescue.count(BatchStream.KIND)),
              fresh.toString(),
              Integer.toString(rescue.rowsLost())));
      return Exit.OK;
    } catch (BookProblem problem) {
      boolean isBeyond = problem.kind() == BookProblem.Kind.DAMAGED;
      return fail(
          Exit.BOOK_PROBLEM,
          isBeyond
              ? words.of("command.rescued-nothing", damaged.toString())
              : Sentences.problem(words, problem));
    }
  }
}
