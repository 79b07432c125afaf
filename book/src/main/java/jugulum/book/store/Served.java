package jugulum.book.store;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import jugulum.book.stream.BookProblem;
import jugulum.book.stream.PictureCopy;
import jugulum.book.stream.Placed;
import jugulum.book.stream.RowStore;

/**
 * A connection to a book that a server keeps, as a bench needs it. Every failure is a {@link
 * BookProblem}; after one it is closed and another is opened.
 */
public interface Served extends AutoCloseable {
  /**
   * A row as the server has it.
   *
   * @param placed what it says and where it stands
   * @param seq its number among all, from 1 without gaps in the order they stand
   * @param chain its chain
   */
  record Arrived(Placed placed, long seq, String chain) {}

  /**
   * A bench that is connected.
   *
   * @param bench its identity
   * @param name the name a person gave it
   * @param at what it is at
   * @param seen when it was last heard of, by the server's clock
   */
  record Here(String bench, String name, String at, Instant seen) {}

  /** How many rows there are. */
  long length();

  /**
   * The rows after a number, in the order they stand, some thousands at a time: what was done in
   * one action comes whole.
   */
  List<Arrived> news(long after);

  /** The chain of the row with a number; empty where there is none. */
  Optional<String> chain(long seq);

  /**
   * Adds rows, all or none, in one go.
   *
   * @throws RowStore.VersionTaken where a stream has a row of that version, or not yet the one
   *     before it
   */
  void append(List<Placed> rows);

  /** Of which pictures there are copies. */
  List<String> pictures();

  /** The copy of a picture, if it is as it was written. */
  Optional<PictureCopy> picture(String sha256);

  /** Keeps the copy of a picture; one that is there already stays. */
  void keep(PictureCopy copy);

  /** From now on it is told when rows are added; see {@link #waitForNews}. */
  void listen();

  /** Waits until rows were added, or so long; says whether any were. */
  boolean waitForNews(Duration atMost);

  /** Says that a bench is there, and hears which were within half a minute. */
  List<Here> here(String bench, String name, String at);

  @Override
  void close();
}
