package jugulum.book.store;

import java.io.IOException;
import java.nio.file.FileAlreadyExistsException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileAttribute;
import java.nio.file.attribute.PosixFilePermissions;

/** Files and folders that only their owner may read, where the file system knows owners. */
final class Private {
  private Private() {}

  /** Makes a file, empty, unless it is there. */
  static void makeFile(Path file) throws IOException {
    if (Files.exists(file)) {
      return;
    }
    try {
      Files.createFile(file, only(file, "rw-------"));
    } catch (FileAlreadyExistsException meanwhile) {
      // Somebody else just did.
    }
  }

  /** Makes the folder of a file and those it is in, unless they are there. */
  static void makeFolderOf(Path file) throws IOException {
    Path folder = file.toAbsolutePath().getParent();
    if (folder != null) {
      Files.createDirectories(folder, only(folder, "rwx------"));
    }
  }

  private static FileAttribute<?>[] only(Path path, String mode) {
    return path.getFileSystem().supportedFileAttributeViews().contains("posix")
        ? new FileAttribute<?>[] {
          PosixFilePermissions.asFileAttribute(PosixFilePermissions.fromString(mode))
        }
        : new FileAttribute<?>[0];
  }
}
