package jugulum.desk.files;

import java.io.IOException;
import java.nio.file.Path;
import java.util.concurrent.CompletionStage;
import java.util.function.Supplier;
import jugulum.book.file.WholeFile;
import jugulum.desk.session.Workbench;
import jugulum.desk.words.Words;
import jugulum.desk.work.Notice;

/**
 * Asks where to put a file, writes it while the window goes on, and says what came of it, whatever
 * that is.
 */
public final class Saving {
  private final Words words;
  private final Workbench workbench;
  private final FilePicker picker;

  /** For a workbench. */
  public Saving(Workbench workbench, FilePicker picker) {
    this.words = workbench.words();
    this.workbench = workbench;
    this.picker = picker;
  }

  /** Writes what belongs into a file; not on the interface thread. */
  public interface Writing {
    /**
     * Writes, and says what came of it.
     *
     * @throws IOException if the file cannot be written
     */
    Notice to(Path path) throws IOException;
  }

  /**
   * Saves one file, or prints it where it is pages and a printer was chosen.
   *
   * @param kind of what
   * @param title what its name is made of
   * @param bytes makes its content; not on the interface thread
   */
  public void file(FileKind kind, String title, Supplier<byte[]> bytes) {
    picker
        .whereTo(kind, kind.nameFor(title))
        .ifPresent(
            where -> {
              CompletionStage<Void> _ =
                  switch (where) {
                    case Where.InFile(Path path) -> write(path, there -> saved(there, bytes));
                    case Where.OnPaper(String printer) -> print(printer, title, bytes);
                  };
            });
  }

  private Notice saved(Path path, Supplier<byte[]> bytes) throws IOException {
    WholeFile.write(path, bytes.get());
    return new Notice.Said(words.of("file.saved", String.valueOf(path)), false);
  }

  private CompletionStage<Void> print(String printer, String title, Supplier<byte[]> bytes) {
    return workbench
        .work()
        .aside(
            () -> {
              try {
                picker.print(printer, title, bytes.get());
                return new Notice.Said(words.of("print.sent", title, printer), false);
              } catch (IOException problem) {
                return new Notice.Said(
                    words.of("print.not-sent", printer, String.valueOf(problem.getMessage())),
                    true);
              }
            },
            workbench.notices()::say);
  }

  /** Asks for a place, and does the writing there. */
  public void ask(FileKind kind, String title, Writing writing) {
    picker.toSave(kind, kind.nameFor(title)).ifPresent(path -> write(path, writing));
  }

  /** Writes there, and says what came of it. */
  public CompletionStage<Void> write(Path path, Writing writing) {
    return workbench.work().aside(() -> written(words, path, writing), workbench.notices()::say);
  }

  private static Notice written(Words words, Path path, Writing writing) {
    try {
      return writing.to(path);
    } catch (IOException problem) {
      return new Notice.Said(
          words.of("file.not-written", String.valueOf(path), String.valueOf(problem.getMessage())),
          true);
    }
  }
}
