package jugulum.demo;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;

/** Writes the demo book to a file; the build runs it once. */
public final class MakeDemo {
  private MakeDemo() {}

  public static void main(String[] args) throws IOException {
    Path file = Path.of(args[0]);
    Files.deleteIfExists(file);
    DemoBook.write(file);
  }
}
