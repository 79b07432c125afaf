package jugulum.desk.work;

import java.io.IOException;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.time.Clock;
import java.time.Instant;
import java.util.Optional;

/** Writes down faults of the program itself, beside the book, for whoever mends it. */
final class FaultLog {
  private static final String ENDING = ".faults.txt";

  private final Path file;
  private final Clock clock;

  FaultLog(Path book, Clock clock) {
    this.file = book.resolveSibling(book.getFileName() + ENDING);
    this.clock = clock;
  }

  /**
   * Writes down what happened and where; gives the file, or nothing where not even that can be
   * written.
   */
  Optional<Path> write(Throwable fault) {
    StringWriter trace = new StringWriter();
    fault.printStackTrace(new PrintWriter(trace));
    try {
      Files.writeString(
          file,
          Instant.now(clock) + " " + trace + System.lineSeparator(),
          StandardOpenOption.CREATE,
          StandardOpenOption.APPEND);
      return Optional.of(file);
    } catch (IOException diskWillNotTakeIt) {
      return Optional.empty();
    }
  }
}
