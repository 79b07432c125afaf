package jugulum.desk;

import java.nio.file.Path;
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

  @BeforeEach
  void layOutTheDemoBook() {
    book = DemoBooks.demo(folder.resolve("demo.book"));
  }
}
