package jugulum.desk.command;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.Callable;
import jugulum.desk.demo.DemoBook;
import picocli.CommandLine.Command;
import picocli.CommandLine.Parameters;

/** Writes the demo book; the build runs it once. */
@Command(name = "make-demo", hidden = true, description = "Writes the demo book to a file.")
final class MakeDemoCommand implements Callable<Integer> {
  @Parameters(paramLabel = "FILE")
  private Path file;

  @Override
  public Integer call() throws IOException {
    Files.deleteIfExists(file);
    DemoBook.write(file);
    return Jugulum.OK;
  }
}
