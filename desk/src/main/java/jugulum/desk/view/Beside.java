package jugulum.desk.view;

import java.nio.file.Path;
import java.util.Optional;
import java.util.function.Consumer;

/**
 * Opens other books in windows beside this one.
 *
 * @param demo opens made-up batches; empty where there are none
 * @param copy opens a copy of a book to look at; empty where there are no windows
 */
public record Beside(Optional<Runnable> demo, Optional<Consumer<Path>> copy) {
  /** For a window that stands alone. */
  public static final Beside NOTHING = new Beside(Optional.empty(), Optional.empty());
}
