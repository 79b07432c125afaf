package jugulum.desk.files;

import java.io.IOException;
import java.nio.file.Path;
import java.util.Optional;

/** Asks a person for files. A dialog in the window, something simpler in a test. */
public interface FilePicker {
  /** Chooses nothing: for a window nobody sits at. */
  FilePicker NOBODY =
      new FilePicker() {
        @Override
        public Optional<Path> toOpen(FileKind kind) {
          return Optional.empty();
        }

        @Override
        public Optional<Path> toSave(FileKind kind, String suggestion) {
          return Optional.empty();
        }

        @Override
        public Optional<Path> toFolder() {
          return Optional.empty();
        }
      };

  /** A file to read; empty when none was chosen. */
  Optional<Path> toOpen(FileKind kind);

  /**
   * Where to write.
   *
   * @param kind of what
   * @param suggestion the name to start from
   */
  Optional<Path> toSave(FileKind kind, String suggestion);

  /** A folder; empty when none was chosen. */
  Optional<Path> toFolder();

  /**
   * Where pages go: into a file, or to a printer where there is one; empty when none was chosen.
   */
  default Optional<Where> whereTo(FileKind kind, String suggestion) {
    return toSave(kind, suggestion).map(Where.InFile::new);
  }

  /**
   * Prints pages; not on the interface thread.
   *
   * @throws IOException if they cannot be
   */
  default void print(String printer, String title, byte[] pdf) throws IOException {
    throw new IOException(printer);
  }
}
