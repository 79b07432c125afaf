package jugulum.desk.shell;

import java.nio.file.Path;
import java.util.Optional;

/** Asks a person for files. A dialog in the window, something simpler in a test. */
public interface FilePicker {
  /** Chooses nothing: for a window nobody sits at. */
  FilePicker NOBODY =
      new FilePicker() {
        @Override
        public Optional<Path> toOpen() {
          return Optional.empty();
        }

        @Override
        public Optional<Path> toSave(String suggestion) {
          return Optional.empty();
        }
      };

  /** A batch file to read; empty when none was chosen. */
  Optional<Path> toOpen();

  /**
   * Where to write.
   *
   * @param suggestion the name to start from
   */
  Optional<Path> toSave(String suggestion);
}
