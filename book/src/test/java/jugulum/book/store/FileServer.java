package jugulum.book.store;

import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import jugulum.book.stream.BookProblem;
import jugulum.book.stream.BookProblem.Kind;
import jugulum.book.stream.PictureCopy;
import jugulum.book.stream.Placed;

/** A server that is a file: numbers and chains rows as a real one does, and can be away. */
public final class FileServer {
  private final SqliteStore store;
  private boolean isAway;

  /** So many answers are given before the network is cut in the middle; none where it is not. */
  private int answers = Integer.MAX_VALUE;

  public FileServer(Path file) {
    store = SqliteStore.open(file, Clock.systemUTC());
  }

  /** Whether nobody reaches it. */
  public void away(boolean is) {
    isAway = is;
  }

  /** From now on it answers so often, and once more without the answer arriving. */
  public void cutAfter(int some) {
    answers = some;
  }

  /** What it holds. */
  public SqliteStore store() {
    return store;
  }

  public Served connect() {
    check();
    return new Connected();
  }

  private void check() {
    if (isAway) {
      throw away();
    }
  }

  private static BookProblem away() {
    return new BookProblem(Kind.NO_SERVER, "the server", "it is away", null);
  }

  /** Before work a cut means that it was not done, after it that nobody hears of it. */
  private <T> T answering(Supplier<T> work) {
    check();
    T done = work.get();
    if (answers-- <= 0) {
      answers = Integer.MAX_VALUE;
      throw away();
    }
    return done;
  }

  private final class Connected implements Served {
    @Override
    public long length() {
      return answering(store::length);
    }

    @Override
    public List<Arrived> news(long after) {
      return answering(() -> store.after(after, Integer.MAX_VALUE));
    }

    @Override
    public Optional<String> chain(long seq) {
      return answering(
          () ->
              store
                  .handle()
                  .createQuery("SELECT chain FROM journal WHERE seq = ?")
                  .bind(0, seq)
                  .mapTo(String.class)
                  .findOne());
    }

    @Override
    public void append(List<Placed> rows) {
      answering(
          () ->
              store.transaction(
                  () -> {
                    rows.forEach(placed -> store.add(placed.stream(), placed.row()));
                    return true;
                  }));
    }

    @Override
    public List<String> pictures() {
      return answering(store::pictures);
    }

    @Override
    public Optional<PictureCopy> picture(String sha256) {
      return answering(() -> store.picture(sha256));
    }

    @Override
    public void keep(PictureCopy copy) {
      answering(
          () -> {
            store.keep(copy);
            return true;
          });
    }

    @Override
    public void listen() {
      check();
    }

    @Override
    public boolean waitForNews(Duration atMost) {
      check();
      return true;
    }

    @Override
    public List<Here> here(String bench, String name, String at) {
      check();
      return List.of();
    }

    @Override
    public void close() {}
  }
}
