package jugulum.desk;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import jugulum.demo.DemoBook;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.framework.junit5.ApplicationExtension;

/** Tests whose person stands before a demo book of its own. */
@ExtendWith(ApplicationExtension.class)
public abstract class OnTheDemoBook {
  /** A place for files of the test. */
  @TempDir protected Path folder;

  /** The demo book, fresh for each test. */
  protected Path book;

  /** Written once: every edit waits for the disk, and there are hundreds. */
  private static final class Template {
    static final Path BOOK = written();

    private static Path written() {
      try {
        Path book = Files.createTempDirectory("jugulum-tests").resolve("demo.book");
        DemoBook.write(book);
        return book;
      } catch (IOException problem) {
        throw new UncheckedIOException(problem);
      }
    }
  }

  @BeforeEach
  void layOutTheDemoBook() throws IOException {
    book = Files.copy(Template.BOOK, folder.resolve("demo.book"));
  }
}
