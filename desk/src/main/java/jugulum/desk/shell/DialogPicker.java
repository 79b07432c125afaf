package jugulum.desk.shell;

import java.io.File;
import java.nio.file.Path;
import java.util.Optional;
import javafx.stage.FileChooser;
import javafx.stage.Window;
import jugulum.desk.words.Words;

/** Asks with the system's own file dialog. */
public final class DialogPicker implements FilePicker {
  private final Window window;

  /** Asks over a window. */
  public DialogPicker(Window window) {
    this.window = window;
  }

  private static FileChooser chooser() {
    FileChooser chooser = new FileChooser();
    chooser.getExtensionFilters().add(new FileChooser.ExtensionFilter(Words.of("file.batch"), "*.json"));
    return chooser;
  }

  @Override
  public Optional<Path> toOpen() {
    return Optional.ofNullable(chooser().showOpenDialog(window)).map(File::toPath);
  }

  @Override
  public Optional<Path> toSave(String suggestion) {
    FileChooser chooser = chooser();
    chooser.setInitialFileName(suggestion);
    return Optional.ofNullable(chooser.showSaveDialog(window)).map(File::toPath);
  }
}
