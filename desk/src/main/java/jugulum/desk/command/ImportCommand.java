package jugulum.desk.command;

import java.io.BufferedReader;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.util.List;
import jugulum.book.Books;
import jugulum.book.batch.BatchStream;
import jugulum.book.file.FileFault;
import jugulum.book.file.TextFile;
import jugulum.book.json.BatchFile;
import jugulum.book.json.BookFile;
import jugulum.book.stream.Book;
import jugulum.book.stream.Order;
import jugulum.book.stream.Saved;
import jugulum.core.ledger.Batch;
import jugulum.core.ledger.Edit;
import jugulum.desk.words.Sentences;
import jugulum.desk.words.Words;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** Takes a batch file into a book, or a file of a whole book into a new one. */
@Command(name = "import", mixinStandardHelpOptions = true)
final class ImportCommand extends BookCommand {
  @Parameters(index = "0", paramLabel = "FILE.json", descriptionKey = "usage.import.file")
  private Path file;

  @Option(names = "--whole", descriptionKey = "usage.import.whole")
  private boolean whole;

  ImportCommand(Words words) {
    super(words);
  }

  @Override
  protected boolean makesABook() {
    return true;
  }

  @Override
  protected int with(Book book) throws IOException {
    if (book.readOnly().isPresent()) {
      return fail(Exit.BOOK_PROBLEM, Sentences.readOnly(words, book.readOnly().get()));
    }
    return whole ? whole(book) : batch(book);
  }

  private int whole(Book book) throws IOException {
    if (book.length() > 0) {
      return fail(Exit.BOOK_PROBLEM, words.of("command.book-not-empty", book.path().toString()));
    }
    try (BufferedReader text = Files.newBufferedReader(file)) {
      return switch (BookFile.read(text, book, Books.KINDS)) {
        case BookFile.Read(int streams, long rows, int _) -> {
          say(words.of("command.imported", Integer.toString(streams), Long.toString(rows)));
          yield Exit.OK;
        }
        case BookFile.Faulty(List<FileFault> faults) -> faulty(faults);
      };
    } catch (NoSuchFileException missing) {
      return fail(Exit.BAD_FILE, words.of("command.no-file", file.toString()));
    }
  }

  private int batch(Book book) {
    return switch (TextFile.read(file, BatchFile::read, BatchFile.Faulty::new)) {
      case BatchFile.Faulty(List<FileFault> faults) -> faulty(faults);
      case BatchFile.Read(Batch batch, var pictures) ->
          switch (book.submit(Order.of(BatchStream.of(batch.id()), new Edit.Adopt(batch)))) {
            case Saved.Recorded _ -> {
              pictures.forEach(book::keep);
              say(words.of("command.adopted", batch.label().name()));
              yield Exit.OK;
            }
            case Saved.Refused(var refusal) ->
                fail(Exit.BAD_FILE, Sentences.refusal(refusal, figures()));
          };
    };
  }

  private int faulty(List<FileFault> faults) {
    faults.forEach(one -> fail(Exit.BAD_FILE, FaultText.of(words, file, one)));
    return Exit.BAD_FILE;
  }
}
