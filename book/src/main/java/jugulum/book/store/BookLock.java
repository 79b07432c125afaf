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
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.locks.ReentrantLock;
import org.jspecify.annotations.Nullable;

/**
 * The right to write a book: locks on a small file beside it. On a disk of this machine several
 * windows have it at once, and the database keeps their writes apart; on a network disk one has it
 * alone. The operating system gives it back when a process ends in whatever way, so a killed
 * program locks nobody out. The file says who took it first, and by which opening the book was
 * written last.
 *
 * <p>Windows open a book one after the other: who finds nobody else there may look whether the
 * book's tail is its own, and marks the book.
 */
final class BookLock implements AutoCloseable {
  /**
   * The locks this process holds. On many systems a process loses a lock as soon as it closes the
   * file a second time, so it must not even open it again: it counts.
   */
  private static final Map<Path, BookLock> HELD = new HashMap<>();

  /** One thread of this process opens at a time. */
  private static final ReentrantLock OPENING = new ReentrantLock();

  /** Locked while a book is being opened; far behind all the file says. */
  private static final long GATE = 1L << 40;

  /** Locked while it is open: by many, or by one alone. */
  private static final long OPEN = GATE + 1;

  /**
   * So long one waits for another window that opens, in steps; one that brings an old book up may
   * take longer, and then this one reads. Ours.
   */
  private static final int GATE_TRIES = 100;

  private static final long GATE_STEP_MS = 50;

  /** More the file never says, in bytes. */
  private static final long LONGEST = 10_000;

  private final Path file;
  private final FileChannel channel;
  private final String me;
  private final boolean isAlone;
  private int windows = 1;
  private @Nullable FileLock gate;

  private BookLock(Path file, FileChannel channel, FileLock gate, String me, boolean isAlone) {
    this.file = file;
    this.channel = channel;
    this.gate = gate;
    this.me = me;
    this.isAlone = isAlone;
  }

  /** What came of asking for the right to write. */
  sealed interface Asked {
    /**
     * It was given. Until {@link BookLock#opened} nobody else opens the book.
     *
     * @param stamp the opening that wrote last, as the file said, empty where it did not; none
     *     where others have the book open
     */
    record Given(BookLock lock, Optional<String> stamp) implements Asked {}

    /** Another window has it alone. */
    record Taken(String holder) implements Asked {}

    /** The folder may not be written. */
    record Impossible(IOException why) implements Asked {}
  }

  /**
   * Asks for the right to write.
   *
   * @param book the book's file
   * @param me what to tell others who ask while it is held
   * @param isAlone whether it must be held alone
   */
  static Asked ask(Path book, String me, boolean isAlone) {
    Path beside = book.toAbsolutePath().normalize().resolveSibling(book.getFileName() + ".lock");
    OPENING.lock();
    boolean isGiven = false;
    try {
      Asked asked = asked(beside, me, isAlone);
      isGiven = asked instanceof Asked.Given;
      return asked;
    } finally {
      if (!isGiven) {
        OPENING.unlock();
      }
    }
  }

  private static Asked asked(Path beside, String me, boolean isAlone) {
    BookLock mine = HELD.get(beside);
    if (mine != null) {
      if (isAlone || mine.isAlone) {
        return new Asked.Taken(mine.me);
      }
      mine.windows++;
      return new Asked.Given(mine, Optional.empty());
    }
    Asked asked = ofTheSystem(beside, me, isAlone);
    if (asked instanceof Asked.Given given) {
      HELD.put(beside, given.lock());
    }
    return asked;
  }

  private static Asked ofTheSystem(Path beside, String me, boolean isAlone) {
    try {
      Private.makeFile(beside);
      FileChannel channel =
          FileChannel.open(beside, StandardOpenOption.READ, StandardOpenOption.WRITE);
      Optional<Asked.Given> given = Optional.empty();
      try {
        given = given(beside, channel, me, isAlone);
      } finally {
        if (given.isEmpty()) {
          channel.close();
        }
      }
      return given.isPresent() ? given.get() : new Asked.Taken(holder(beside));
    } catch (IOException why) {
      return new Asked.Impossible(why);
    }
  }

  /** Empty where another program has it alone, or is opening it and does not end. */
  private static Optional<Asked.Given> given(
      Path beside, FileChannel channel, String me, boolean isAlone) throws IOException {
    Optional<FileLock> gate = gate(channel);
    if (gate.isEmpty()) {
      return Optional.empty();
    }
    BookLock held = new BookLock(beside, channel, gate.get(), me, isAlone);
    Optional<FileLock> alone = tryLock(channel, OPEN, false);
    if (alone.isEmpty()) {
      return !isAlone && tryLock(channel, OPEN, true).isPresent()
          ? Optional.of(new Asked.Given(held, Optional.empty()))
          : Optional.empty();
    }
    List<String> before = said(channel);
    String stamp = before.size() > 1 ? before.get(1) : "";
    held.note(stamp);
    if (!isAlone) {
      alone.get().release();
      if (tryLock(channel, OPEN, true).isEmpty()) {
        throw new IOException("the lock was lost on the way");
      }
    }
    return Optional.of(new Asked.Given(held, Optional.of(stamp)));
  }

  private static Optional<FileLock> gate(FileChannel channel) throws IOException {
    for (int tries = 1; ; tries++) {
      Optional<FileLock> gate = tryLock(channel, GATE, false);
      if (gate.isPresent() || tries == GATE_TRIES) {
        return gate;
      }
      try {
        Thread.sleep(GATE_STEP_MS);
      } catch (InterruptedException ended) {
        Thread.currentThread().interrupt();
        return Optional.empty();
      }
    }
  }

  /** From now on others may open the book. */
  void opened() {
    try {
      if (gate != null) {
        gate.release();
        gate = null;
      }
    } catch (IOException harmless) {
      // Others wait until this window is closed.
    } finally {
      OPENING.unlock();
    }
  }

  /** Says by which opening the book is written from now on. */
  void note(String stamp) throws IOException {
    channel.truncate(0);
    channel.write(ByteBuffer.wrap((me + "\n" + stamp).getBytes(StandardCharsets.UTF_8)), 0);
    channel.force(false);
  }

  /**
   * What the file says. It is read by the channel that holds the locks: were it opened a second
   * time, closing it would give them all back.
   */
  private static List<String> said(FileChannel channel) throws IOException {
    ByteBuffer all = ByteBuffer.allocate((int) Math.min(channel.size(), LONGEST));
    while (all.hasRemaining() && channel.read(all, all.position()) >= 0) {
      // Until it is read.
    }
    return new String(all.array(), 0, all.position(), StandardCharsets.UTF_8).lines().toList();
  }

  /**
   * Who holds it, asked where this process does not; on some systems not even that can be read
   * while it is held.
   */
  private static String holder(Path file) {
    try {
      return Files.readAllLines(file).stream().findFirst().orElse("");
    } catch (IOException lockedToo) {
      return "";
    }
  }

  private static Optional<FileLock> tryLock(FileChannel channel, long at, boolean isShared) {
    try {
      return Optional.ofNullable(channel.tryLock(at, 1, isShared));
    } catch (OverlappingFileLockException | IOException takenInThisProgram) {
      return Optional.empty();
    }
  }

  /** Gives it back, also while the book is being opened. */
  @Override
  public void close() {
    OPENING.lock();
    try {
      windows--;
      if (windows == 0) {
        HELD.remove(file);
        gate = null;
        channel.close();
      }
    } catch (IOException harmless) {
      // The system frees the lock with the process at the latest.
    } finally {
      OPENING.unlock();
    }
  }
}
