package jugulum.book.stream;

/** The store of tests keeps what every store has to. */
class MemoryStoreTest extends StoreContract {
  private final MemoryStore.Server server = new MemoryStore.Server();

  @Override
  protected Store connect() {
    return server.connect();
  }

  @Override
  protected Store another() {
    return server.connect();
  }
}
