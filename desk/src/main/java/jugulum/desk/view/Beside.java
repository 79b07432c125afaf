package jugulum.desk.view;

import java.nio.file.Path;
import java.util.Optional;
import java.util.function.Consumer;

/**
 * Opens other books, and the documents, in windows beside this one.
 *
 * @param demo opens made-up batches; empty where there are none
 * @param copy opens a copy of a book to look at; empty where there are no windows
 * @param pages opens a page of the documents, by its file and place; empty where there are none
 */
public record Beside(
    Optional<Runnable> demo, Optional<Consumer<Path>> copy, Optional<Consumer<String>> pages) {
  /** For a window that stands alone. */
  public static final Beside NOTHING =
      new Beside(Optional.empty(), Optional.empty(), Optional.empty());
}
