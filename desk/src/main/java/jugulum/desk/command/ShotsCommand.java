package jugulum.desk.command;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import java.util.concurrent.Callable;
import jugulum.desk.words.Words;
import picocli.CommandLine.Command;
import picocli.CommandLine.Parameters;

/** Draws every main view from the demo data, without a display. */
@Command(name = "shots", mixinStandardHelpOptions = true)
final class ShotsCommand implements Callable<Integer> {
  private final Words words;

  @Parameters(paramLabel = "DIR", descriptionKey = "usage.shots.folder")
  private Path folder;

  ShotsCommand(Words words) {
    this.words = words;
  }

  @Override
  public Integer call() throws IOException {
    Shots.withoutDisplay();
    Files.createDirectories(folder);
    Path book = Demo.BENCH.copy(words);
    Optional<Path> season =
        Demo.SEASON.original().isPresent()
            ? Optional.of(Demo.SEASON.copy(words))
            : Optional.empty();
    int drawn = new Shots(book, season, folder).draw();
    System.out.println(words.of("command.shots", Integer.toString(drawn), folder.toString()));
    return Exit.OK;
  }
}
