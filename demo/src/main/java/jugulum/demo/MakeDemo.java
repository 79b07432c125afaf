package jugulum.demo;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;

/** Writes a demo book to a file; the start script runs it when one is asked for. */
public final class MakeDemo {
  private MakeDemo() {}

  /** Writes the book of a name, "demo" or "season", to a file. */
  public static void main(String[] args) throws IOException {
    Path file = Path.of(args[1]);
    Files.deleteIfExists(file);
    switch (args[0]) {
      case "demo" -> DemoBook.write(file);
      case "season" -> DemoSeason.write(file);
      default -> throw new IllegalArgumentException("no demo book is called " + args[0]);
    }
  }
}
