package jugulum.book.stream;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.Consumer;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/**
 * What a book needs of a database. It knows rows and texts; what they mean, the streams say. Every
 * failure is a {@link BookProblem}.
 */
public interface Store extends AutoCloseable {
  /** Somebody else wrote that version of a stream first; nothing of the transaction stands. */
  final class VersionTaken extends RuntimeException {
    private static final long serialVersionUID = 1L;

    /** A version that is taken. */
    public VersionTaken(@Nullable Throwable cause) {
      super(null, cause, false, false);
    }
  }

  /** Why it may only be read. */
  sealed interface ReadOnly {
    /**
     * Another window has it alone.
     *
     * @param holder what that window said of itself
     */
    record OtherWindow(String holder) implements ReadOnly {}

    /** The disk or the folder may not be written. */
    record Disk() implements ReadOnly {}
  }

  /** Where it is. */
  Path path();

  /** Why it may only be read; empty when it may be written. */
  Optional<ReadOnly> readOnly();

  /**
   * Edits that stood beside the book and were not its own, as after another book was put in its
   * place: where they were moved to; empty where there were none.
   */
  Optional<Path> strange();

  /**
   * Where its file was removed or another put in its place while it was open: the same store in a
   * file people can see, a new one beside where it was if need be, with all that was ever written;
   * this one is closed. Empty while everything is where it was.
   */
  Optional<Store> elsewhere();

  /** Does work of which all or nothing stands; it is on disk when this returns. */
  <T> T transaction(Supplier<T> work);

  /** Reads several things as they are at one moment, whatever others write meanwhile. */
  <T> T still(Supplier<T> work);

  /** The streams there are. */
  List<Key> streams();

  /** The stream of a kind that was written in last. */
  Optional<Key> lastWritten(String kind);

  /**
   * Whether somebody else wrote since this was asked last; the first time it only begins to watch.
   */
  boolean othersWrote();

  /** The row written last in streams of any kind but that one; empty where there is none. */
  Optional<Row> newest(Key but);

  /** The version of a stream's last row; 0 where it has none. */
  long version(Key stream);

  /**
   * Adds a row, which is never changed.
   *
   * @throws VersionTaken where the stream has a row of that version
   */
  void add(Key stream, Row row);

  /**
   * Tells the rows of a stream after a version, in their order.
   *
   * @throws BookProblem of the kind DAMAGED where a row is not as it was written, or missing
   */
  void rows(Key stream, long after, Consumer<Row> each);

  /** The streams in which edits of an action stand. */
  List<Key> streamsOf(String action);

  /** How many rows all streams have together. */
  long length();

  /** What was kept of a stream last, if it is as it was written. */
  Optional<Kept> kept(Key stream);

  /** Keeps what a stream comes to. */
  void keep(Key stream, Kept kept);

  /** The rule the lines of a table were made by; empty where there is no such table. */
  OptionalInt fold(String table);

  /** Makes a table anew, empty, for lines made by a rule. */
  void shape(Table table, int fold);

  /** Takes the lines of one stream in place of those it had. */
  void replace(Table table, Key stream, long version, List<List<Object>> lines);

  /** The lines of a table. */
  List<Cells> lines(Table table);

  /** The lines of one stream in a table. */
  List<Cells> lines(Table table, Key stream);

  /** The lines of a searched table in which something is found, those written last first. */
  List<Cells> find(Table table, Search search);

  /** Every word of the searched column of a table, once. */
  List<String> words(Table table);

  /** Of which version of a stream its lines in a table are; 0 where it has none. */
  long projected(Table table, Key stream);

  /** The streams of a kind whose lines in a table are not of their last version. */
  List<Key> behind(Table table, String kind);

  /** Keeps the copy of a picture; one that is there already stays. */
  void keep(PictureCopy copy);

  /** The copy of a picture, if it is as it was written. */
  Optional<PictureCopy> picture(String sha256);

  /** Of which pictures there are copies. */
  List<String> pictures();

  /** How many bytes all copies of pictures take together. */
  long pictureBytes();

  /** What an older book remembers of how a person likes to see things. */
  Optional<String> preference(String name);

  /**
   * Checks that it hangs together, without reading what it says: that every row stands where it was
   * put, none is missing and none too many, and that what follows from the rows is as it was
   * written.
   *
   * @throws BookProblem of the kind DAMAGED, naming what is not
   */
  void check();

  @Override
  void close();
}
