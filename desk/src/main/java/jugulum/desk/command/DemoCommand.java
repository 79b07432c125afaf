package jugulum.desk.command;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.Optional;
import java.util.concurrent.Callable;
import jugulum.desk.demo.DemoBook;
import jugulum.desk.words.Words;
import picocli.CommandLine.Command;

/** Opens the window on a fresh copy of the demo book. */
@Command(
    name = "demo",
    mixinStandardHelpOptions = true,
    description = "Opens a fresh copy of the demo book with three made-up batches.")
final class DemoCommand implements Callable<Integer> {
  @Override
  public Integer call() throws IOException {
    Path copy = copy(Files.createTempDirectory("jugulum-demo"));
    System.out.println(Words.of("command.demo", copy.toString()));
    return Window.open(copy, Places.bench(), Clock.systemDefaultZone());
  }

  /** Copies the book the build made, or makes one where it is missing. */
  static Path copy(Path folder) throws IOException {
    Path copy = folder.resolve("demo.book");
    Optional<Path> original =
        Optional.ofNullable(System.getProperty("jugulum.demo"))
            .map(Path::of)
            .filter(Files::isReadable);
    if (original.isPresent()) {
      Files.copy(original.get(), copy);
    } else {
      DemoBook.write(copy);
    }
    return copy;
  }
}
