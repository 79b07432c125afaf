package jugulum.desk;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.time.Clock;
import java.util.List;
import java.util.function.Consumer;
import java.util.stream.Stream;
import jugulum.book.Books;
import jugulum.book.batch.BatchStream;
import jugulum.book.batch.ResultLines;
import jugulum.book.belief.Beliefs;
import jugulum.book.stream.Book;
import jugulum.book.stream.Writer;
import jugulum.demo.DemoBook;
import jugulum.demo.DemoSeason;

/**
 * The demo books, written once a build and copied: every edit waits for the disk, and there are
 * thousands. The build empties the folder before its tests; where there is none, as in a test that
 * runs by itself, they are written once a run.
 */
public final class DemoBooks {
  private static final Path FOLDER = folder();

  private DemoBooks() {}

  private static Path folder() {
    try {
      String told = System.getProperty("jugulum.demoBooks");
      return told == null
          ? Files.createTempDirectory("jugulum-tests")
          : Files.createDirectories(Path.of(told));
    } catch (IOException problem) {
      throw new UncheckedIOException(problem);
    }
  }

  /** A fresh demo book at that place. */
  public static Path demo(Path at) {
    return copied("demo.book", DemoBook::write, at);
  }

  /** A fresh book of two seasons at that place. */
  public static Path season(Path at) {
    return copied("season.book", DemoSeason::write, at);
  }

  /** Another process may need it at the same time: it waits for the one that writes. */
  private static Path copied(String name, Consumer<Path> write, Path at) {
    Path written = FOLDER.resolve(name);
    try (FileChannel channel =
            FileChannel.open(
                FOLDER.resolve(name + ".lock"),
                StandardOpenOption.CREATE,
                StandardOpenOption.WRITE);
        FileLock _ = channel.lock()) {
      if (!Files.exists(written)) {
        Path unfinished = FOLDER.resolve(name + ".unfinished");
        write.accept(unfinished);
        workOut(unfinished);
        Files.move(unfinished, written);
      }
      return Files.copy(written, at);
    } catch (IOException problem) {
      throw new UncheckedIOException(problem);
    }
  }

  /**
   * Works out what follows from every batch, as the first window does: two hundred windows need not
   * do the same again. What does it behind a window is tested on books of its own.
   */
  private static void workOut(Path path) {
    try (Book book = Books.open(path, Writer.unnamed(Clock.systemUTC()))) {
      Stream.of(Beliefs.STOCK_RESTS_ON, Beliefs.RESTS_ON, List.of(ResultLines.LINES))
          .flatMap(List::stream)
          .distinct()
          .forEach(one -> book.lines(BatchStream.KIND, one));
    }
  }
}
