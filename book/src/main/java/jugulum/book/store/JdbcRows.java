package jugulum.book.store;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;
import jugulum.book.stream.Key;
import jugulum.book.stream.PictureCopy;
import jugulum.book.stream.Placed;
import jugulum.book.stream.Row;
import jugulum.book.stream.RowStore;
import org.jdbi.v3.core.Handle;

/** Rows and pictures over one connection, as far as databases of any make tell them alike. */
abstract class JdbcRows implements RowStore {
  private final Handle handle;
  private final Journal journal;

  JdbcRows(Handle handle, Journal journal) {
    this.handle = handle;
    this.journal = journal;
  }

  /** The connection itself, for what else stands in the database. */
  final Handle handle() {
    return handle;
  }

  /**
   * Asks the database. What comes out of the work itself is not the database's: only its own
   * failures are told as problems of the book.
   */
  abstract <T> T asking(Supplier<T> work);

  /** The same where nothing is answered. */
  final void doing(Runnable work) {
    asking(
        () -> {
          work.run();
          return true;
        });
  }

  @Override
  public <T> T transaction(Supplier<T> work) {
    return asking(() -> handle.inTransaction(_ -> work.get()));
  }

  @Override
  public List<Key> streams() {
    return asking(journal::streams);
  }

  @Override
  public Optional<Key> lastWritten(String kind) {
    return asking(() -> journal.lastWritten(kind));
  }

  @Override
  public Optional<Placed> newest(Key but) {
    return asking(() -> journal.newest(but));
  }

  @Override
  public long version(Key stream) {
    return asking(() -> journal.head(stream).version());
  }

  @Override
  public void rows(Key stream, long after, Consumer<Row> each) {
    doing(() -> journal.rows(stream, after, each));
  }

  @Override
  public List<Key> streamsOf(String action) {
    return asking(() -> journal.streamsOf(action));
  }

  /** Rows of all streams after a number, in their order. */
  final List<Served.Arrived> after(long seq, int most) {
    return asking(() -> journal.after(seq, most));
  }

  @Override
  public void keep(PictureCopy copy) {
    doing(() -> PictureRows.keep(handle, copy));
  }

  @Override
  public Optional<PictureCopy> picture(String sha256) {
    return asking(() -> PictureRows.of(handle, sha256));
  }

  @Override
  public List<String> pictures() {
    return asking(() -> PictureRows.all(handle));
  }

  @Override
  public long pictureBytes() {
    return asking(() -> PictureRows.bytes(handle));
  }
}
