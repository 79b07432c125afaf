package jugulum.desk.command;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import jugulum.desk.DemoBooks;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class DemoCopyTest {
  @TempDir private Path folder;

  @Test
  void nothingIsLeftOfADemoThatWasClosed() throws IOException {
    Path place = Files.createDirectory(folder.resolve("jugulum-demo1"));
    Path copy = DemoBooks.demo(place.resolve("demo.book"));
    Files.writeString(place.resolve("demo.book.lock"), "process 1");
    Demo.remove(copy);
    assertThat(place).doesNotExist();
    assertThat(folder).isEmptyDirectory();
  }

  @Test
  void whatSomebodyPutThereStays() throws IOException {
    Path place = Files.createDirectory(folder.resolve("jugulum-demo2"));
    Path copy = DemoBooks.demo(place.resolve("demo.book"));
    Path own = Files.createDirectory(place.resolve("mine"));
    Files.writeString(own.resolve("notes.txt"), "mine");
    Demo.remove(copy);
    assertThat(own.resolve("notes.txt")).exists();
  }
}
