package jugulum.book.store;

import jugulum.book.stream.RowStore;
import jugulum.book.stream.RowsContract;

/** A server keeps what every database of rows has to, for a bench with a bench's rights. */
class PostgresRowsTest extends RowsContract {
  private final BookAddress book = TestServer.book();

  @Override
  protected RowStore connect() {
    return PostgresRows.open(book);
  }

  @Override
  protected RowStore another() {
    return connect();
  }
}
