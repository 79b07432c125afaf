package jugulum.desk.command;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.CompletableFuture;
import javafx.application.Platform;
import javafx.scene.image.WritableImage;
import jugulum.desk.files.Pictures;
import jugulum.desk.theme.Emblem;
import picocli.CommandLine.Command;
import picocli.CommandLine.Parameters;

/** Draws the program's own sign for menus and files; packages are made with it. */
@Command(name = "emblem", hidden = true)
final class EmblemCommand implements Callable<Integer> {
  private static final List<Integer> SIDES = List.of(16, 32, 48, 64, 128, 256, 512);

  @Parameters(paramLabel = "DIR")
  private Path folder;

  EmblemCommand() {}

  @Override
  public Integer call() throws IOException {
    Shots.withoutDisplay();
    Files.createDirectories(folder);
    Platform.startup(() -> {});
    for (int side : SIDES) {
      CompletableFuture<WritableImage> image = new CompletableFuture<>();
      Platform.runLater(() -> image.complete(Emblem.image(side)));
      Pictures.write(
          Pictures.copySeenThrough(image.join()), folder.resolve("jugulum-" + side + ".png"));
    }
    Files.writeString(folder.resolve("jugulum.svg"), Emblem.svg());
    return Exit.OK;
  }
}
