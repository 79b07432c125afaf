package jugulum.desk.command;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.Callable;
import jugulum.desk.words.Words;
import picocli.CommandLine.Command;
import picocli.CommandLine.Parameters;

/** Draws every main view from the demo data, without a display. */
@Command(
    name = "shots",
    mixinStandardHelpOptions = true,
    description = "Draws every main view from the demo data to PNG files, with no display at all.")
final class ShotsCommand implements Callable<Integer> {
  @Parameters(paramLabel = "DIR", description = "The folder to write to; made if missing.")
  private Path folder;

  @Override
  public Integer call() throws IOException {
    System.setProperty("glass.platform", "Headless");
    System.setProperty("prism.order", "sw");
    System.setProperty("java.awt.headless", "true");
    Files.createDirectories(folder);
    Path book = DemoCommand.copy(Files.createTempDirectory("jugulum-shots"));
    int drawn = new Shots(book, folder).draw();
    System.out.println(Words.of("command.shots", Integer.toString(drawn), folder.toString()));
    return Jugulum.OK;
  }
}
