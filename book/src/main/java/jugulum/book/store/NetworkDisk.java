package jugulum.book.store;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Locale;
import java.util.Set;

/**
 * Whether a folder is on another machine. Two windows on two machines must not write one file: what
 * the database keeps them apart by stands in memory that only one machine has (SQLite, Write-Ahead
 * Logging, "Disadvantages", 2).
 */
final class NetworkDisk {
  /** What systems call disks of other machines, as the first word of the kind. */
  private static final Set<String> KINDS =
      Set.of(
          "9p",
          "afpfs",
          "afs",
          "ceph",
          "cifs",
          "davfs",
          "gfs",
          "glusterfs",
          "lustre",
          "ncpfs",
          "nfs",
          "nfs3",
          "nfs4",
          "ocfs2",
          "smb",
          "smb2",
          "smb3",
          "smbfs",
          "sshfs",
          "virtiofs",
          "webdav");

  private NetworkDisk() {}

  /** Whether the folder of a file is on one; a disk that does not tell is taken for one. */
  static boolean holds(Path file) {
    Path folder = file.toAbsolutePath().normalize().getParent();
    if (folder == null || folder.toString().startsWith("\\\\")) {
      return true;
    }
    try {
      return isNetwork(Files.getFileStore(folder).type());
    } catch (IOException | SecurityException unknown) {
      return true;
    }
  }

  /** Whether a kind of file system, as the system names it, is that of another machine's disk. */
  static boolean isNetwork(String kind) {
    String plain = kind.toLowerCase(Locale.ROOT);
    return KINDS.contains(plain.startsWith("fuse.") ? plain.substring(5) : plain);
  }
}
