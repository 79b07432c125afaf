package jugulum.desk.eye;

import java.nio.file.Path;
import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.input.DragEvent;
import javafx.scene.input.TransferMode;
import jugulum.core.eye.Tray;
import jugulum.desk.files.FileKind;
import jugulum.desk.files.FilePicker;
import jugulum.desk.session.Workbench;
import jugulum.desk.words.Words;
import jugulum.practice.camera.DrawnPicture;

/**
 * Where pictures come from: a file one chooses or drops, what a camera saved into the folder one
 * chose from last, and the played camera. Read while the window goes on; what is none is said, and
 * nothing changes.
 */
final class Fetching {
  private final Workbench workbench;
  private final Words words;
  private final FilePicker picker;
  private final Clock clock;
  private final Coming coming;
  private final Consumer<PictureFile.Read.Whole> take;
  private final Consumer<String> say;

  /**
   * Where to put what is fetched.
   *
   * @param take takes a picture that was read
   * @param say says what is wrong; nothing where all is well
   * @param isInSight whether anybody sees what comes by itself
   * @param came told what came by itself and waits
   */
  Fetching(
      Workbench workbench,
      FilePicker picker,
      Clock clock,
      Consumer<PictureFile.Read.Whole> take,
      Consumer<String> say,
      BooleanSupplier isInSight,
      Consumer<List<Path>> came) {
    this.workbench = workbench;
    this.words = workbench.words();
    this.picker = picker;
    this.clock = clock;
    this.take = take;
    this.say = say;
    this.coming = new Coming(workbench, clock, isInSight, came);
  }

  Coming coming() {
    return coming;
  }

  /** Asks for a file. */
  void open() {
    picker
        .toOpen(FileKind.PHOTOGRAPH)
        .ifPresent(
            path -> {
              Path folder = path.toAbsolutePath().getParent();
              if (folder != null) {
                workbench.preferences().remember(PicturePage.FOLDER, folder.toString());
              }
              read(path);
            });
  }

  /** The next that waits, else the last picture of the folder: where the camera saves. */
  void newest() {
    Optional<Path> waits = coming.waiting().stream().findFirst();
    if (waits.isPresent()) {
      read(waits.get());
      return;
    }
    coming
        .folder()
        .ifPresent(
            from ->
                workbench
                    .work()
                    .aside(
                        () -> CameraFolder.newest(from, clock.instant()),
                        found ->
                            found.ifPresentOrElse(
                                this::read,
                                () -> say.accept(words.of("eye.newest.none", from.toString())))));
  }

  /** The played camera draws one to practise on: what is kept of it is no evidence. */
  void draw(Tray on, Runnable told) {
    long seed = clock.millis();
    say.accept("");
    workbench
        .work()
        .aside(
            () ->
                PictureFile.drawn(
                    DrawnPicture.of(seed, on), words.of("eye.drawn", Long.toString(seed))),
            whole -> {
              told.run();
              take.accept(whole);
            });
  }

  /** A file can be dropped on that. */
  void takesDropped(Node node) {
    node.setOnDragOver(
        drag -> {
          if (drag.getDragboard().hasFiles()) {
            drag.acceptTransferModes(TransferMode.COPY);
            drag.consume();
          }
        });
    node.setOnDragDropped(this::dropped);
  }

  private void dropped(DragEvent drag) {
    drag.getDragboard().getFiles().stream().findFirst().ifPresent(one -> read(one.toPath()));
    drag.setDropCompleted(true);
    drag.consume();
  }

  /** Reads a picture. */
  void read(Path path) {
    coming.take(path);
    say.accept("");
    workbench
        .work()
        .aside(
            () -> PictureFile.read(path),
            read -> {
              switch (read) {
                case PictureFile.Read.Whole whole -> take.accept(whole);
                case PictureFile.Read.Not(var why) -> say.accept(words.of("eye.not", why));
              }
            });
  }
}
