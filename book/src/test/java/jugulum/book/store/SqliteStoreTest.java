package jugulum.book.store;

import java.nio.file.Path;
import java.time.Clock;
import jugulum.book.stream.Store;
import jugulum.book.stream.StoreContract;
import org.junit.jupiter.api.io.TempDir;

/** One file keeps what every store has to. */
class SqliteStoreTest extends StoreContract {
  @TempDir private Path folder;

  @Override
  protected Store connect() {
    return SqliteStore.open(folder.resolve("one.book"), Clock.systemUTC());
  }

  @Override
  protected Store another() {
    return connect();
  }
}
