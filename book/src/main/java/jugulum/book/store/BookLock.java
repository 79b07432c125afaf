package jugulum.book.store;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;

/**
 * The right to write a book: a lock on a small file beside it. The operating system gives it back
 * when a process ends in whatever way, so a killed program locks nobody out. The file says who
 * holds it, and by which opening the book was written last.
 */
final class BookLock implements AutoCloseable {
  /**
   * The locks this process holds. On many systems a process loses a lock as soon as it closes the
   * file a second time, so it must not even open it again.
   */
  private static final Set<Path> HELD = ConcurrentHashMap.newKeySet();

  private final Path file;
  private final FileChannel channel;
  private final String me;

  private BookLock(Path file, FileChannel channel, String me) {
    this.file = file;
    this.channel = channel;
    this.me = me;
  }

  /** What came of asking for the right to write. */
  sealed interface Asked {
    /**
     * It was given.
     *
     * @param stamp the opening that wrote last, as the file said; empty where it did not
     */
    record Given(BookLock lock, String stamp) implements Asked {}

    /** Another window has it. */
    record Taken(String holder) implements Asked {}

    /** The folder may not be written. */
    record Impossible(IOException why) implements Asked {}
  }

  /**
   * Asks for the right to write.
   *
   * @param book the book's file
   * @param me what to tell others who ask while it is held
   */
  static Asked ask(Path book, String me) {
    Path beside = book.toAbsolutePath().normalize().resolveSibling(book.getFileName() + ".lock");
    if (!HELD.add(beside)) {
      return new Asked.Taken(holder(beside));
    }
    Asked asked = asked(beside, me);
    if (!(asked instanceof Asked.Given)) {
      HELD.remove(beside);
    }
    return asked;
  }

  private static Asked asked(Path beside, String me) {
    try {
      Private.makeFile(beside);
      FileChannel channel = FileChannel.open(beside, StandardOpenOption.WRITE);
      Optional<FileLock> lock = tryLock(channel);
      if (lock.isEmpty()) {
        channel.close();
        return new Asked.Taken(holder(beside));
      }
      List<String> before = Files.readAllLines(beside);
      BookLock held = new BookLock(beside, channel, me);
      String stamp = before.size() > 1 ? before.get(1) : "";
      held.note(stamp);
      return new Asked.Given(held, stamp);
    } catch (IOException why) {
      return new Asked.Impossible(why);
    }
  }

  /** Says by which opening the book is written from now on. */
  void note(String stamp) throws IOException {
    channel.truncate(0);
    channel.write(ByteBuffer.wrap((me + "\n" + stamp).getBytes(StandardCharsets.UTF_8)), 0);
    channel.force(false);
  }

  /** Who holds it; on some systems not even that can be read while it is held. */
  private static String holder(Path file) {
    try {
      return Files.readAllLines(file).stream().findFirst().orElse("");
    } catch (IOException lockedToo) {
      return "";
    }
  }

  private static Optional<FileLock> tryLock(FileChannel channel) throws IOException {
    try {
      return Optional.ofNullable(channel.tryLock());
    } catch (OverlappingFileLockException takenInThisProgram) {
      return Optional.empty();
    }
  }

  @Override
  public void close() {
    HELD.remove(file);
    try {
      channel.close();
    } catch (IOException harmless) {
      // The system frees the lock with the process at the latest.
    }
  }
}
