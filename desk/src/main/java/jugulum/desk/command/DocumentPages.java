package jugulum.desk.command;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;

/** The documents as pages, shown by the browser of the system. */
final class DocumentPages {
  private DocumentPages() {}

  private static Optional<Path> folder() {
    return Optional.ofNullable(System.getProperty("jugulum.docs"))
        .map(Path::of)
        .filter(folder -> Files.isReadable(folder.resolve("index.html")));
  }

  /**
   * What opens a page of the set, such as {@code guide.html#bench}; empty where no pages ship
   * beside the program.
   *
   * @param failed told the place of a page no browser could be had for
   */
  static Optional<Consumer<String>> opener(Consumer<String> failed) {
    return folder()
        .map(folder -> page -> Thread.ofVirtual().start(() -> open(folder, page, failed)));
  }

  private static void open(Path folder, String page, Consumer<String> failed) {
    String place = folder.toUri() + page;
    String system = System.getProperty("os.name").toLowerCase(Locale.ROOT);
    List<String> command =
        system.contains("win")
            ? List.of("rundll32", "url.dll,FileProtocolHandler", place)
            : List.of(system.contains("mac") ? "open" : "xdg-open", place);
    try {
      Process asked =
          new ProcessBuilder(command)
              .redirectErrorStream(true)
              .redirectOutput(ProcessBuilder.Redirect.DISCARD)
              .start();
      if (asked.waitFor() != 0) {
        failed.accept(place);
      }
    } catch (IOException none) {
      failed.accept(place);
    } catch (InterruptedException ended) {
      Thread.currentThread().interrupt();
    }
  }
}
