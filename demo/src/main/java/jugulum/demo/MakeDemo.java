package jugulum.demo;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;

/** Writes the demo books to files; the build runs it once. */
public final class MakeDemo {
  private MakeDemo() {}

  /** Writes the demo book to the first file and the one of two seasons to the second. */
  public static void main(String[] args) throws IOException {
    Path file = Path.of(args[0]);
    Files.deleteIfExists(file);
    DemoBook.write(file);
    if (args.length > 1) {
      Path season = Path.of(args[1]);
      Files.deleteIfExists(season);
      DemoSeason.write(season);
    }
  }
}
