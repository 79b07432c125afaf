package jugulum.desk.files;

import java.io.File;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.stage.DirectoryChooser;
import javafx.stage.FileChooser;
import javafx.stage.Window;
import jugulum.desk.words.Words;

/** Asks with the system's own file dialog. */
public final class DialogPicker implements FilePicker {
  private final Words words;
  private final Window window;
  private final Printers printers = new Printers();

  /** Asks over a window. */
  public DialogPicker(Words words, Window window) {
    this.words = words;
    this.window = window;
  }

  private static FileChooser chooser(Words words, FileKind kind) {
    FileChooser chooser = new FileChooser();
    chooser
        .getExtensionFilters()
        .add(
            new FileChooser.ExtensionFilter(
                words.of("file.kind", kind),
                kind == FileKind.PHOTOGRAPH
                    ? List.of("*.jpg", "*.jpeg", "*.png", "*.tif", "*.tiff", "*.JPG", "*.*")
                    : List.of("*." + kind.ending())));
    return chooser;
  }

  @Override
  public Optional<Path> toOpen(FileKind kind) {
    return Optional.ofNullable(chooser(words, kind).showOpenDialog(window)).map(File::toPath);
  }

  @Override
  public Optional<Path> toSave(FileKind kind, String suggestion) {
    FileChooser chooser = chooser(words, kind);
    chooser.setInitialFileName(suggestion);
    return Optional.ofNullable(chooser.showSaveDialog(window))
        .map(File::toPath)
        .map(path -> endingOnce(path, kind.ending()));
  }

  @Override
  public Optional<Path> toFolder() {
    return Optional.ofNullable(new DirectoryChooser().showDialog(window)).map(File::toPath);
  }

  @Override
  public Optional<Where> whereTo(FileKind kind, String suggestion) {
    List<String> names = printers.names();
    if (!kind.isPages() || names.isEmpty()) {
      return FilePicker.super.whereTo(kind, suggestion);
    }
    return new PrintDialog(words, window, names)
        .ask()
        .flatMap(
            printer ->
                printer.isEmpty()
                    ? FilePicker.super.whereTo(kind, suggestion)
                    : Optional.of(new Where.OnPaper(printer)));
  }

  @Override
  public void print(String printer, String title, byte[] pdf) throws IOException {
    printers.print(printer, title, pdf);
  }

  /**
   * Some dialogs put the ending behind a name that has it already. What is there under the shorter
   * name stays: about that one the dialog did not ask.
   */
  static Path endingOnce(Path path, String ending) {
    String name = String.valueOf(path.getFileName());
    String twice = "." + ending + "." + ending;
    Path once =
        path.resolveSibling(name.substring(0, Math.max(0, name.length() - ending.length() - 1)));
    return name.endsWith(twice) && Files.notExists(once) ? once : path;
  }
}
