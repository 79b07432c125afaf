package jugulum.desk.command;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.Optional;
import jugulum.book.batch.BatchStream;
import jugulum.book.batch.BatchSummary;
import jugulum.book.file.WholeFile;
import jugulum.book.json.BatchFile;
import jugulum.book.json.BookFile;
import jugulum.book.stream.Book;
import jugulum.core.ledger.Batch;
import jugulum.desk.words.Words;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** Writes a batch, or the whole book, as JSON. */
@Command(name = "export", mixinStandardHelpOptions = true)
final class ExportCommand extends BookCommand {
  @Parameters(index = "0", paramLabel = "FILE.json", descriptionKey = "usage.export.file")
  private Path file;

  @Option(names = "--batch", paramLabel = "BATCH", descriptionKey = "usage.export.batch")
  private Optional<String> named = Optional.empty();

  ExportCommand(Words words) {
    super(words);
  }

  @Override
  protected int with(Book book) throws IOException {
    if (named.isEmpty()) {
      WholeFile.write(file, out -> BookFile.write(book, out));
      say(words.of("file.saved", file.toString()));
      return Exit.OK;
    }
    Optional<BatchSummary> found = batch(book, named.get());
    Optional<Batch> batch = found.flatMap(one -> book.standing(BatchStream.of(one.id())).now());
    return batch.isEmpty()
        ? Exit.BAD_FILE
        : written(
            file,
            BatchFile.write(batch.get(), book.picturesOf(BatchFile.pictures(batch.get())))
                .getBytes(StandardCharsets.UTF_8));
  }
}
