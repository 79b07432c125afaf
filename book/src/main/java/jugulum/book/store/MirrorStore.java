package jugulum.book.store;

import java.nio.file.Path;
import java.time.Clock;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.OptionalLong;
import java.util.Set;
import java.util.function.Consumer;
import java.util.function.Supplier;
import jugulum.book.stream.Book;
import jugulum.book.stream.BookProblem;
import jugulum.book.stream.BookProblem.Kind;
import jugulum.book.stream.Cells;
import jugulum.book.stream.Kept;
import jugulum.book.stream.Key;
import jugulum.book.stream.LineTable;
import jugulum.book.stream.PictureCopy;
import jugulum.book.stream.Placed;
import jugulum.book.stream.Rebase;
import jugulum.book.stream.Row;
import jugulum.book.stream.Search;
import jugulum.book.stream.Sending;
import jugulum.book.stream.SetAside;
import jugulum.book.stream.Store;
import jugulum.book.stream.StreamKind;
import jugulum.book.stream.Waiting;
import jugulum.core.stream.Refusal;

/**
 * A bench's own copy of a served book, in a file like any book, and beside its rows what the bench
 * did that the server was not told yet. Reading and writing needs no network: what is written
 * waits, on this disk, until {@link #arrived} finds it among the server's rows.
 */
public final class MirrorStore implements Store {
  /** So many versions that were handed out are remembered by what was known then. Ours. */
  private static final int REMEMBERED = 5_000;

  /** So many rows are sent in one go. Ours. */
  private static final int SENT = 400;

  private final SqliteStore base;
  private final Outbox outbox;
  private final Clock clock;
  private OptionalLong heard = OptionalLong.empty();
  private Runnable whenWritten = () -> {};

  /** How many transactions are within each other, and whether one wrote what is to be sent. */
  private int depth;

  private boolean isWritten;

  /** Up to which row a stream was known for good when a version was handed out. */
  private final Map<Long, Long> known =
      new LinkedHashMap<>() {
        private static final long serialVersionUID = 1L;

        @Override
        protected boolean removeEldestEntry(Map.Entry<Long, Long> eldest) {
          return size() > REMEMBERED;
        }
      };

  private MirrorStore(SqliteStore base, Clock clock) {
    this.base = base;
    this.outbox = new Outbox(base.handle());
    this.clock = clock;
  }

  /**
   * Opens the copy, or makes an empty one where there is none.
   *
   * @param path the file
   * @throws BookProblem if it cannot be written
   */
  public static MirrorStore open(Path path, Clock clock) {
    SqliteStore base = SqliteStore.open(path, clock);
    try {
      if (base.readOnly().isPresent()) {
        throw new BookProblem(Kind.READ_ONLY_DISK, path, "", null);
      }
      base.doing(() -> Outbox.make(base.handle()));
      return new MirrorStore(base, clock);
    } catch (RuntimeException problem) {
      base.close();
      throw problem;
    }
  }

  @Override
  public Path path() {
    return base.path();
  }

  @Override
  public Optional<ReadOnly> readOnly() {
    return Optional.empty();
  }

  @Override
  public Optional<Path> strange() {
    return base.strange();
  }

  @Override
  public Optional<Store> elsewhere() {
    return base.elsewhere().map(moved -> new MirrorStore((SqliteStore) moved, clock));
  }

  /** From now on that is run after something was written that is to be sent. */
  public void whenWritten(Runnable what) {
    whenWritten = what;
  }

  @Override
  public <T> T transaction(Supplier<T> work) {
    depth++;
    try {
      return base.transaction(work);
    } finally {
      depth--;
      if (depth == 0 && isWritten) {
        isWritten = false;
        whenWritten.run();
      }
    }
  }

  @Override
  public <T> T still(Supplier<T> work) {
    return base.still(work);
  }

  @Override
  public List<Key> streams() {
    return still(
        () -> {
          Set<Key> all = new LinkedHashSet<>(base.streams());
          all.addAll(outbox.streams());
          return List.copyOf(all);
        });
  }

  @Override
  public Optional<Key> lastWritten(String kind) {
    return still(() -> outbox.lastWritten(kind).or(() -> base.lastWritten(kind)));
  }

  @Override
  public boolean othersWrote() {
    long now = base.asking(outbox::others);
    boolean isOther = heard.isPresent() && heard.getAsLong() != now;
    heard = OptionalLong.of(now);
    return isOther;
  }

  @Override
  public Optional<Placed> newest(Key but) {
    return base.asking(outbox::newestOfOthers).or(() -> base.newest(but));
  }

  @Override
  public long version(Key stream) {
    return still(
        () -> {
          long last = outbox.last(stream);
          long head = base.version(stream);
          if (last > 0) {
            known.put(Outbox.FIRST + last, head);
          }
          return last > 0 ? Outbox.FIRST + last : head;
        });
  }

  @Override
  public long known(Key stream, long version) {
    return version < Outbox.FIRST ? version : known.getOrDefault(version, 0L);
  }

  @Override
  public boolean isTold(Key stream, long version) {
    return still(
        () ->
            version < Outbox.FIRST
                ? version <= base.version(stream)
                : outbox.has(stream, version - Outbox.FIRST));
  }

  @Override
  public long add(Key stream, Row row) {
    return transaction(
        () -> {
          if (row.version() != version(stream) + 1) {
            throw new VersionTaken(null);
          }
          outbox.add(new Placed(stream, row));
          isWritten = true;
          return version(stream);
        });
  }

  @Override
  public void rows(Key stream, long after, Consumer<Row> each) {
    still(
        () -> {
          base.rows(stream, Math.min(after, base.version(stream)), each);
          outbox.rows(stream).stream().filter(row -> row.version() > after).forEach(each);
          return null;
        });
  }

  @Override
  public List<Key> streamsOf(String action) {
    return still(
        () -> {
          Set<Key> all = new LinkedHashSet<>(base.streamsOf(action));
          all.addAll(outbox.streamsOf(action));
          return List.copyOf(all);
        });
  }

  @Override
  public long length() {
    return still(() -> base.length() + outbox.length());
  }

  @Override
  public long length(Key stream) {
    return still(() -> base.version(stream) + outbox.rows(stream).size());
  }

  @Override
  public Optional<Kept> kept(Key stream) {
    return base.kept(stream);
  }

  /** What a stream comes to with rows that wait may come to something else yet. */
  @Override
  public void keep(Key stream, Kept kept) {
    if (kept.version() < Outbox.FIRST) {
      base.keep(stream, kept);
    }
  }

  @Override
  public OptionalInt fold(String table) {
    return base.fold(table);
  }

  @Override
  public void shape(LineTable table, int fold) {
    base.shape(table, fold);
  }

  @Override
  public void replace(LineTable table, Key stream, long version, List<List<Object>> lines) {
    base.replace(table, stream, version, lines);
  }

  @Override
  public List<Cells> lines(LineTable table) {
    return base.lines(table);
  }

  @Override
  public List<Cells> lines(LineTable table, Key stream) {
    return base.lines(table, stream);
  }

  @Override
  public List<Cells> find(LineTable table, Search search) {
    return base.find(table, search);
  }

  @Override
  public List<String> words(LineTable table) {
    return base.words(table);
  }

  @Override
  public long projected(LineTable table, Key stream) {
    return base.projected(table, stream);
  }

  @Override
  public List<Key> behind(LineTable table, String kind) {
    return still(
        () -> {
          Set<Key> waiting = new LinkedHashSet<>(outbox.streams());
          waiting.removeIf(key -> !key.kind().equals(kind));
          List<Key> behind = new ArrayList<>(base.behind(table, kind));
          behind.removeIf(waiting::contains);
          waiting.stream()
              .filter(key -> base.projected(table, key) != version(key))
              .forEach(behind::add);
          return behind;
        });
  }

  @Override
  public void keep(PictureCopy copy) {
    transaction(
        () -> {
          base.keep(copy);
          outbox.await(copy.sha256());
          isWritten = true;
          return null;
        });
  }

  @Override
  public Optional<PictureCopy> picture(String sha256) {
    return base.picture(sha256);
  }

  @Override
  public List<String> pictures() {
    return base.pictures();
  }

  @Override
  public long pictureBytes() {
    return base.pictureBytes();
  }

  @Override
  public Optional<String> preference(String name) {
    return base.preference(name);
  }

  @Override
  public void check() {
    base.check();
  }

  /** How many of the server's rows are here. */
  public long arrived() {
    return base.length();
  }

  /** The chain of the last of them; empty where there is none. */
  public Optional<String> chain() {
    return base.asking(
        () ->
            base.handle()
                .createQuery("SELECT chain FROM journal ORDER BY seq DESC LIMIT 1")
                .mapTo(String.class)
                .findOne());
  }

  /**
   * Takes rows of the server that follow those that are here. What waited and is among them waits
   * no more; the rest is taken again on what others wrote, and what cannot be is set aside.
   *
   * @param kinds the kinds of stream there are
   * @return whether they were taken: not where another program took some first
   * @throws BookProblem of the kind DAMAGED where a row is not chained to those that are here
   */
  public boolean arrived(List<StreamKind<?, ?>> kinds, List<Served.Arrived> rows) {
    return transaction(
        () -> {
          if (rows.isEmpty() || rows.getFirst().seq() != base.length() + 1) {
            return false;
          }
          List<Waiting> waiting = outbox.waiting();
          Map<Key, Long> seen = new HashMap<>();
          waiting.stream()
              .flatMap(one -> one.streams().stream())
              .forEach(stream -> seen.put(stream, base.version(stream)));
          base.addAll(rows);
          settle(kinds, waiting, seen, rows);
          return true;
        });
  }

  /**
   * Lets go what arrived of what waited, and takes the rest again where others wrote.
   *
   * @param seen where each stream stood for who did what waits
   */
  private void settle(
      List<StreamKind<?, ?>> kinds,
      List<Waiting> waiting,
      Map<Key, Long> seen,
      List<Served.Arrived> rows) {
    Set<String> mine = new HashSet<>();
    rows.forEach(row -> mine.add(row.placed().row().from().action()));
    mine.retainAll(waiting.stream().map(Waiting::action).toList());
    mine.forEach(outbox::drop);
    List<Waiting> still = waiting.stream().filter(one -> !mine.contains(one.action())).toList();
    Set<Key> touched = new HashSet<>();
    long last = 0;
    for (Served.Arrived row : rows) {
      Key stream = row.placed().stream();
      if (mine.contains(row.placed().row().from().action())) {
        seen.merge(stream, 1L, Long::sum);
      } else if (!Book.isItsOwn(stream)) {
        touched.add(stream);
        last = row.seq();
      }
    }
    if (last > 0) {
      outbox.othersDid(last);
    }
    boolean isTouched =
        still.stream().flatMap(one -> one.streams().stream()).anyMatch(touched::contains);
    List<Waiting> said = still.stream().filter(one -> !one.streams().isEmpty()).toList();
    if (isTouched) {
      take(
          new Rebase(
                  kinds,
                  stream -> rowsUpTo(stream, seen.getOrDefault(stream, base.version(stream))),
                  this::allRows)
              .take(said));
    } else if (said.size() < still.size()) {
      // What the bench said of a book it did not know yet; it knows it now.
      still.stream()
          .filter(one -> one.streams().isEmpty())
          .forEach(one -> outbox.drop(one.action()));
    }
  }

  private void take(Rebase.Outcome outcome) {
    outbox.replace(outcome.stands());
    outcome.aside().forEach(aside -> outbox.setAside(aside, clock.instant()));
  }

  private List<Row> allRows(Key stream) {
    return rowsUpTo(stream, Long.MAX_VALUE);
  }

  private List<Row> rowsUpTo(Key stream, long version) {
    List<Row> rows = new ArrayList<>();
    base.rows(
        stream,
        0,
        row -> {
          if (row.version() <= version) {
            rows.add(row);
          }
        });
    return rows;
  }

  /** What waits, as the rows the server is to add, some hundreds at a time. */
  public List<Placed> toSend() {
    return toSend(SENT);
  }

  /** The first action that waits, as the rows the server is to add. */
  public List<Placed> firstToSend() {
    return toSend(1);
  }

  private List<Placed> toSend(int most) {
    return still(() -> new Sending(base, most).of(outbox.waiting()));
  }

  /** How many actions the server was not told yet. */
  public int waiting() {
    return base.asking(outbox::count);
  }

  /** All that waits. */
  public List<Waiting> allWaiting() {
    return base.asking(outbox::waiting);
  }

  /** Whether another program wrote into the copy since this was asked last. */
  public boolean isWrittenBeside() {
    return base.othersWrote();
  }

  /** Copies of pictures the server was not told yet. */
  public List<PictureCopy> picturesToSend() {
    return still(
        () -> outbox.pictures().stream().flatMap(one -> base.picture(one).stream()).toList());
  }

  /** A picture the server has now. */
  public void pictureSent(String sha256) {
    transaction(
        () -> {
          outbox.sent(sha256);
          return null;
        });
  }

  /** Takes the copy of a picture from the server. */
  public void pictureArrived(PictureCopy copy) {
    base.keep(copy);
  }

  /** Sets an action the server will not have aside, and whatever rests on it. */
  public void refused(List<StreamKind<?, ?>> kinds, String action, Refusal why) {
    transaction(
        () -> {
          take(
              new Rebase(kinds, this::allRows, this::allRows)
                  .take(outbox.waiting(), Map.of(action, why)));
          return null;
        });
  }

  /** What was set aside, the last first. */
  public List<SetAside> setAside() {
    return still(outbox::aside);
  }

  /** How many of them nobody decided yet. */
  public int setAsideOpen() {
    return base.asking(outbox::asideOpen);
  }

  /** Says what became of something set aside. */
  public void end(long id, SetAside.State state, String note) {
    transaction(
        () -> {
          outbox.end(id, state, note, clock.instant());
          return null;
        });
  }

  @Override
  public void close() {
    base.close();
  }
}
