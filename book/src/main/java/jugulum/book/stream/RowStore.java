package jugulum.book.stream;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/**
 * What was recorded, and nothing that follows from it: the rows of all streams and the copies of
 * pictures they name. Every failure is a {@link BookProblem}.
 */
public interface RowStore extends AutoCloseable {
  /** Somebody else wrote that version of a stream first; nothing of the transaction stands. */
  final class VersionTaken extends RuntimeException {
    private static final long serialVersionUID = 1L;

    /** A version that is taken. */
    public VersionTaken(@Nullable Throwable cause) {
      super(null, cause, false, false);
    }
  }

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
  Optional<Placed> newest(Key but);

  /** The version of a stream's last row; 0 where it has none. */
  long version(Key stream);

  /**
   * Adds a row, which is never changed.
   *
   * @param row numbered on from the last of its stream
   * @return the version of the stream now; that of the row, but where it still waits to be told to
   *     others
   * @throws VersionTaken where the stream has a row of that version
   */
  long add(Key stream, Row row);

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

  /** Keeps the copy of a picture; one that is there already stays. */
  void keep(PictureCopy copy);

  /** The copy of a picture, if it is as it was written. */
  Optional<PictureCopy> picture(String sha256);

  /** Of which pictures there are copies. */
  List<String> pictures();

  /** How many bytes all copies of pictures take together. */
  long pictureBytes();

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
