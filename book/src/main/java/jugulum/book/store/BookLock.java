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
import java.util.Optional;

/**
 * The right to write a book: a lock on a small file beside it. The operating system gives it back
 * when a process ends in whatever way, so a killed program locks nobody out.
 */
final class BookLock implements AutoCloseable {
  private final FileChannel channel;

  private BookLock(FileChannel channel) {
    this.channel = channel;
  }

  /** What came of asking for the right to write. */
  sealed interface Asked {
    /** It was given. */
    record Given(BookLock lock) implements Asked {}

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
    Path beside = book.resolveSibling(book.getFileName() + ".lock");
    try {
      FileChannel channel =
          FileChannel.open(beside, StandardOpenOption.CREATE, StandardOpenOption.WRITE);
      Optional<FileLock> lock = tryLock(channel);
      if (lock.isEmpty()) {
        channel.close();
        return new Asked.Taken(Files.readString(beside).strip());
      }
      channel.truncate(0);
      channel.write(ByteBuffer.wrap(me.getBytes(StandardCharsets.UTF_8)), 0);
      return new Asked.Given(new BookLock(channel));
    } catch (IOException why) {
      return new Asked.Impossible(why);
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
    try {
      channel.close();
    } catch (IOException harmless) {
      // The system frees the lock with the process at the latest.
    }
  }
}
