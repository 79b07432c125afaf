package jugulum.desk.command;

import java.nio.file.Path;
import jugulum.book.backup.Backups;
import jugulum.book.store.BookCopy;
import jugulum.book.stream.BookProblem;
import jugulum.desk.words.Sentences;
import jugulum.desk.words.Words;
import picocli.CommandLine.Command;
import picocli.CommandLine.Parameters;

/** Brings a copy back as a new book. */
@Command(name = "restore", mixinStandardHelpOptions = true)
final class RestoreCommand extends Speaking {
  @Parameters(index = "0", paramLabel = "COPY", descriptionKey = "usage.restore.copy")
  private Path copy;

  @Parameters(index = "1", paramLabel = "NEW", descriptionKey = "usage.restore.fresh")
  private Path fresh;

  RestoreCommand(Words words) {
    super(words);
  }

  @Override
  public Integer call() {
    try {
      Backups.bringBack(copy, fresh);
      say(words.counted("command.restored", BookCopy.read(fresh).batches(), fresh.toString()));
      return Exit.OK;
    } catch (BookProblem problem) {
      return fail(Exit.BOOK_PROBLEM, Sentences.copying(words, problem));
    }
  }
}
