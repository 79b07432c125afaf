package jugulum.book.file;

import java.io.FilterOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.channels.Channels;
import java.nio.channels.FileChannel;
import java.nio.charset.StandardCharsets;
import java.nio.file.AtomicMoveNotSupportedException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.util.LinkedHashMap;
import java.util.Map;

/**
 * Files written whole or not at all: beside their place first, on the disk, and then moved there.
 * What stood there before stays until that moment, and where the disk is full for good.
 */
public final class WholeFile {
  private WholeFile() {}

  /** Writes what belongs into a file. */
  public interface Writing {
    /**
     * Writes.
     *
     * @throws IOException if it cannot be written
     */
    void to(OutputStream out) throws IOException;
  }

  /**
   * Writes a file.
   *
   * @throws IOException if it cannot be written; nothing is there then that was not before
   */
  public static void write(Path file, Writing content) throws IOException {
    writeAll(Map.of(file, content));
  }

  /** The same of bytes. */
  public static void write(Path file, byte[] content) throws IOException {
    write(file, out -> out.write(content));
  }

  /** The same of a text, as UTF-8. */
  public static void write(Path file, String text) throws IOException {
    write(file, text.getBytes(StandardCharsets.UTF_8));
  }

  /**
   * Writes several files, all or none as far as their contents go: only when all are on the disk
   * are they moved to their places.
   */
  public static void writeAll(Map<Path, Writing> files) throws IOException {
    Map<Path, Path> parts = new LinkedHashMap<>();
    try {
      for (Map.Entry<Path, Writing> one : files.entrySet()) {
        if (isNoFile(one.getKey())) {
          try (OutputStream out = Files.newOutputStream(one.getKey())) {
            one.getValue().to(out);
          }
          continue;
        }
        Path part = part(one.getKey());
        parts.put(one.getKey(), part);
        onDisk(part, one.getValue());
      }
      for (Map.Entry<Path, Path> one : parts.entrySet()) {
        move(one.getValue(), one.getKey());
      }
    } finally {
      for (Path part : parts.values()) {
        Files.deleteIfExists(part);
      }
    }
  }

  /** A terminal or a pipe takes what comes as it comes. */
  private static boolean isNoFile(Path file) {
    return Files.exists(file) && !Files.isRegularFile(file) && !Files.isDirectory(file);
  }

  private static Path part(Path file) {
    return file.resolveSibling("." + file.getFileName() + ".part");
  }

  private static void onDisk(Path part, Writing content) throws IOException {
    try (FileChannel channel =
            FileChannel.open(
                part,
                StandardOpenOption.CREATE,
                StandardOpenOption.WRITE,
                StandardOpenOption.TRUNCATE_EXISTING);
        OutputStream out = Channels.newOutputStream(channel)) {
      content.to(new Open(out));
      channel.force(true);
    }
  }

  /** Whoever writes may close what it is given; the file is closed when it is on the disk. */
  private static final class Open extends FilterOutputStream {
    Open(OutputStream out) {
      super(out);
    }

    @Override
    public void write(byte[] bytes, int from, int many) throws IOException {
      out.write(bytes, from, many);
    }

    @Override
    public void close() throws IOException {
      flush();
    }
  }

  private static void move(Path part, Path file) throws IOException {
    try {
      Files.move(part, file, StandardCopyOption.ATOMIC_MOVE);
    } catch (AtomicMoveNotSupportedException inTwoSteps) {
      Files.move(part, file, StandardCopyOption.REPLACE_EXISTING);
    }
  }
}
