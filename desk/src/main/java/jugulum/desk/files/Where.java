package jugulum.desk.files;

import java.nio.file.Path;

/** Where a page goes. */
public sealed interface Where {
  /** Into a file. */
  record InFile(Path path) implements Where {}

  /** To a printer of the system. */
  record OnPaper(String printer) implements Where {}
}
