package jugulum.desk.command;

import java.nio.file.Path;
import jugulum.book.store.BookAddress;
import jugulum.book.stream.BookProblem;

/** Which book is meant: one in a file, or one that a server keeps. */
sealed interface BookAt {
  /** A book in a file. */
  record InFile(Path path) implements BookAt {
    @Override
    public String toString() {
      return path.toString();
    }
  }

  /**
   * A book that a server keeps.
   *
   * @param address where
   * @param mirror this bench's copy of it
   */
  record Served(BookAddress address, Path mirror) implements BookAt {
    @Override
    public String toString() {
      return address.toString();
    }
  }

  /**
   * A file, or the address of a server.
   *
   * @throws BookProblem where an address is none
   */
  static BookAt of(String text) {
    if (!BookAddress.isOne(text)) {
      return new InFile(Path.of(text));
    }
    BookAddress address = BookAddress.parse(text);
    return new Served(address, OwnFiles.mirror(address));
  }
}
