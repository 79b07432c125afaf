package jugulum.desk.files;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.CompletableFuture;
import java.util.function.Function;
import java.util.function.Supplier;
import javafx.application.Platform;
import jugulum.desk.workbench.Notice;
import jugulum.desk.workbench.Workbench;
import jugulum.desk.words.Words;

/** Asks where to put a file, writes it while the window goes on, and says what came of it. */
public final class Saving {
  private final Workbench workbench;
  private final FilePicker picker;

  /** For a workbench. */
  public Saving(Workbench workbench, FilePicker picker) {
    this.workbench = workbench;
    this.picker = picker;
  }

  /**
   * Saves one file.
   *
   * @param kind of what
   * @param title what its name is made of
   * @param bytes makes its content; not on the interface thread
   */
  public void file(FileKind kind, String title, Supplier<byte[]> bytes) {
    ask(kind, title, path -> written(path, bytes));
  }

  /** Asks for a place, and does the writing there. */
  public void ask(FileKind kind, String title, Function<Path, Notice> write) {
    picker.toSave(kind, kind.nameFor(title)).ifPresent(path -> CompletableFuture.supplyAsync(() -> write.apply(path)).thenAcceptAsync(workbench::say, Platform::runLater));
  }

  private static Notice written(Path path, Supplier<byte[]> bytes) {
    try {
      Files.write(path, bytes.get());
      return new Notice(Words.of("file.saved", String.valueOf(path)), false);
    } catch (IOException problem) {
      return notWritten(path, problem);
    }
  }

  /** What to say of a file that could not be written. */
  public static Notice notWritten(Path path, IOException problem) {
    return new Notice(Words.of("file.not-written", String.valueOf(path), String.valueOf(problem.getMessage())), true);
  }
}
