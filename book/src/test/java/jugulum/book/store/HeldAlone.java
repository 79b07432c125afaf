package jugulum.book.store;

import java.nio.file.Path;

/** A book that somebody has alone, as on a network disk. */
public final class HeldAlone implements AutoCloseable {
  private final BookLock lock;

  public HeldAlone(Path book, String holder) {
    lock = ((BookLock.Asked.Given) BookLock.ask(book, holder, true)).lock();
    lock.opened();
  }

  @Override
  public void close() {
    lock.close();
  }
}
