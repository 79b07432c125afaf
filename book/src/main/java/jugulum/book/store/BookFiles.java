package jugulum.book.store;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.BasicFileAttributes;
import java.util.Optional;

/**
 * The files of an open book as they were when it was opened: whether somebody removed them or put
 * others in their place since, while the program still writes into those nobody can find any more.
 *
 * @param book which file it was; empty where the system does not tell
 * @param tail the same of the tail
 */
record BookFiles(Path path, Optional<Object> book, Optional<Object> tail) {
  static BookFiles of(Path path) {
    return new BookFiles(path, key(path), key(Tail.of(path)));
  }

  private static Optional<Object> key(Path file) {
    try {
      return Optional.ofNullable(Files.readAttributes(file, BasicFileAttributes.class).fileKey());
    } catch (IOException gone) {
      return Optional.empty();
    }
  }

  /** Whether the book is where it was. */
  boolean hasBook() {
    return book.isEmpty() || book.equals(key(path));
  }

  /** Whether its tail is where it was. */
  boolean hasTail() {
    return tail.isEmpty() || tail.equals(key(Tail.of(path)));
  }
}
