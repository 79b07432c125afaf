package jugulum.book.stream;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;

/**
 * What a book needs of a database: rows, and what follows from them, kept so that it need not be
 * worked out again. It knows rows and texts; what they mean, the streams say.
 */
public interface Store extends RowStore {
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

    /** It is a copy, opened to be looked at. */
    record ACopy() implements ReadOnly {}
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

  /**
   * Up to which row a stream was known for good when it was of a version: where rows wait to be
   * told to others, those others wrote meanwhile come after that one.
   */
  default long known(Key stream, long version) {
    return version;
  }

  /** How many rows a stream has. */
  default long length(Key stream) {
    return version(stream);
  }

  /** Whether a version of a stream can still be told by its rows: not where others came between. */
  default boolean isTold(Key stream, long version) {
    return true;
  }

  /** What was kept of a stream last, if it is as it was written. */
  Optional<Kept> kept(Key stream);

  /** Keeps what a stream comes to. */
  void keep(Key stream, Kept kept);

  /** The rule the lines of a table were made by; empty where there is no such table. */
  OptionalInt fold(String table);

  /** Makes a table anew, empty, for lines made by a rule. */
  void shape(LineTable table, int fold);

  /** Takes the lines of one stream in place of those it had. */
  void replace(LineTable table, Key stream, long version, List<List<Object>> lines);

  /** The lines of a table. */
  List<Cells> lines(LineTable table);

  /** The lines of one stream in a table. */
  List<Cells> lines(LineTable table, Key stream);

  /** The lines of a searched table in which something is found, those written last first. */
  List<Cells> find(LineTable table, Search search);

  /** Every word of the searched column of a table, once. */
  List<String> words(LineTable table);

  /** Of which version of a stream its lines in a table are; 0 where it has none. */
  long projected(LineTable table, Key stream);

  /** The streams of a kind whose lines in a table are not of their last version. */
  List<Key> behind(LineTable table, String kind);

  /** What an older book remembers of how a person likes to see things. */
  Optional<String> preference(String name);
}
