package jugulum.book.stream;

import java.nio.file.Path;
import java.time.Clock;
import java.time.DateTimeException;
import java.time.Instant;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Consumer;
import java.util.function.Supplier;
import java.util.stream.Stream;
import jugulum.book.stream.BookProblem.Kind;
import jugulum.book.stream.BookProblem.NotUnderstood;
import jugulum.core.check.Check;
import jugulum.core.check.OutOfRange;
import jugulum.core.stream.Applied;
import jugulum.core.stream.History;
import jugulum.core.stream.History.Dated;
import jugulum.core.stream.Log;
import jugulum.core.stream.Meanwhile;
import jugulum.core.stream.Refusal;
import jugulum.core.stream.Refusal.Told;

/**
 * A book: streams of edits of several kinds, in a store. Every call that changes something returns
 * after the change is on disk. Calls are for one thread at a time. It knows no kind of stream but
 * those it is given.
 */
public final class Book implements AutoCloseable {
  /**
   * A stream is kept whole whenever its journal has grown by so many rows: opening folds fewer than
   * that.
   */
  static final int ROWS_BETWEEN_KEPT = 16;

  /** So many rows since it was kept last, and a stream is kept when it is opened. Ours. */
  private static final int ROWS_UNKEPT = 4 * ROWS_BETWEEN_KEPT;

  /** So many streams are brought up in one go: another window must not wait long to write. Ours. */
  private static final int AT_A_TIME = 64;

  /** So often others may come first between a look and a write before it is called a fault. */
  private static final int TRIES = 20;

  private Store store;
  private final List<StreamKind<?, ?>> kinds;
  private final Writer writer;
  private final Recent recent = new Recent();

  /** The streams that could not be read when they were last asked for among others. */
  private final Map<Key, BookProblem> aside = new ConcurrentHashMap<>();

  private Runnable whenSetAside = () -> {};
  private Consumer<Path> whenMoved = _ -> {};

  /**
   * Opens a book in a store.
   *
   * @param store where its rows are
   * @param kinds the kinds of stream it can hold
   * @param writer who writes
   */
  public Book(Store store, List<StreamKind<?, ?>> kinds, Writer writer) {
    this.store = store;
    this.kinds = List.copyOf(kinds);
    this.writer = writer;
    if (store.readOnly().isEmpty()) {
      prepare();
    }
  }

  /**
   * A damaged book opens all the same, so that what is whole can be seen; {@link #verify} says what
   * is wrong with it.
   */
  private void prepare() {
    try {
      projections()
          .filter(one -> !isCurrent(one))
          .toList()
          .forEach(
              one ->
                  store.transaction(
                      () -> {
                        store.shape(one.table(), one.fold());
                        return null;
                      }));
      if (store.version(BookIndex.KEY) == 0) {
        writing(
            () -> {
              beginIndex();
              return null;
            });
      }
    } catch (BookProblem problem) {
      if (problem.kind() != Kind.DAMAGED) {
        throw problem;
      }
    }
  }

  /** A new book gets its identity; an older one lists the streams it has. */
  private void beginIndex() {
    if (store.version(BookIndex.KEY) == 0) {
      Origin from = mine(newId());
      say(from, BookIndex.book(newId()));
      streams().forEach(stream -> say(from, BookIndex.begins(stream)));
    }
  }

  /** Says something in the stream the book has of itself. */
  private void say(Origin from, String what) {
    store.add(
        BookIndex.KEY,
        new Row(
            store.version(BookIndex.KEY) + 1,
            writer.clock().instant(),
            from,
            Row.Act.EDIT,
            BookIndex.FORM,
            what));
  }

  private Origin mine(String action) {
    return new Origin(writer.bench().get(), action);
  }

  /**
   * Adds a row, and where it is the first of its stream lists the stream.
   *
   * @return the version of the stream now
   */
  private long add(Key stream, Row row) {
    if (row.version() == 1) {
      say(mine(row.from().action()), BookIndex.begins(stream));
    }
    return store.add(stream, row);
  }

  BookIndex index() {
    BookIndex index = new BookIndex();
    store.rows(BookIndex.KEY, 0, index::take);
    return index;
  }

  /** Whether a stream is the one a book has of itself. */
  public static boolean isItsOwn(Key stream) {
    return stream.equals(BookIndex.KEY);
  }

  private Stream<Projection<?, ?>> projections() {
    return kinds.stream().flatMap(kind -> kind.projections().stream());
  }

  private boolean isCurrent(Projection<?, ?> projection) {
    return store.fold(projection.table().name()).equals(OptionalInt.of(projection.fold()));
  }

  /** The book's file. */
  public Path path() {
    return store.path();
  }

  /** Edits that stood beside the book and were not its own: where they are now. */
  public Optional<Path> strange() {
    return store.strange();
  }

  /** From now on that is told where the book is, when it had to move. */
  public void whenMoved(Consumer<Path> what) {
    whenMoved = what;
  }

  /**
   * Sees whether its file is still where it was; where somebody removed it or put another in its
   * place, goes on in a new one with all that was ever written. Before every write that is done
   * anyway.
   */
  public void keepSafe() {
    Path before = store.path();
    store
        .elsewhere()
        .ifPresent(
            now -> {
              store = now;
              recent.forget();
              if (!now.path().equals(before)) {
                whenMoved.accept(now.path());
              }
            });
  }

  /**
   * What somebody else wrote last, where anybody did since this was asked; empty where nobody did.
   * The first time it only begins to watch.
   */
  public Optional<Placed> othersWrote() {
    return reading(
        () -> {
          if (!store.othersWrote()) {
            return Optional.<Placed>empty();
          }
          recent.forget();
          return store.newest(BookIndex.KEY);
        });
  }

  /** Whether a row is of the bench that writes here. */
  public boolean isMine(Row row) {
    return row.from().isBy(writer.bench().get());
  }

  /** The clock that dates the edits. */
  public Clock clock() {
    return writer.clock();
  }

  /** Where the clock that dates the edits hangs. */
  public ZoneId zone() {
    return writer.clock().getZone();
  }

  /** Why this window may only read; empty when it may write. */
  public Optional<Store.ReadOnly> readOnly() {
    return store.readOnly();
  }

  /** An identifier nothing else has. */
  public String newId() {
    return writer.ids().get().toString();
  }

  /** What a book of an earlier version remembers of how its person liked to see things. */
  public Optional<String> preference(String name) {
    return store.preference(name);
  }

  /** The stream of a kind that was written in last. */
  public <S, E> Optional<StreamRef<S, E>> lastWritten(StreamKind<S, E> kind) {
    return store.lastWritten(kind.name()).map(key -> kind.ref(key.id()));
  }

  /** How a stream stands. */
  public <S, E> Standing<S> standing(StreamRef<S, E> stream) {
    return reading(() -> current(stream));
  }

  private <S, E> Standing<S> current(StreamRef<S, E> stream) {
    long version = store.version(stream.key());
    return recent
        .at(stream, version)
        .orElseGet(
            () -> {
              Standing<S> opened = opened(stream, version);
              recent.know(stream, opened);
              return opened;
            });
  }

  /** From what was kept and the few rows since, or else from the whole journal. */
  private <S, E> Standing<S> opened(StreamRef<S, E> stream, long version) {
    Optional<Kept> kept = folding(stream, () -> store.kept(stream.key()));
    Standing<S> opened = folding(stream, () -> fromKept(stream, kept, version));
    long unkept = version - kept.map(Kept::version).orElse(0L);
    boolean isForGood = store.known(stream.key(), version) == version;
    if (isForGood && unkept >= ROWS_UNKEPT && readOnly().isEmpty()) {
      // Rows that came from others were kept by nobody on the way.
      store.transaction(
          () -> {
            keep(stream, opened);
            return null;
          });
    }
    return opened;
  }

  /** Rows that say things which cannot stand together are not understood, whatever they broke. */
  static <T> T folding(StreamRef<?, ?> stream, Supplier<T> work) {
    try {
      return work.get();
    } catch (BookProblem | NotUnderstood | RowStore.VersionTaken known) {
      throw known;
    } catch (RuntimeException broken) {
      throw new NotUnderstood(
          "the rows of " + stream.kind().name() + " " + stream.id() + " cannot stand together",
          broken);
    }
  }

  private <S, E> Standing<S> fromKept(StreamRef<S, E> stream, Optional<Kept> last, long version) {
    return last.filter(kept -> kept.version() <= version && kept.rule() == stream.kind().rule())
        .flatMap(kept -> read(stream.kind(), kept))
        .flatMap(kept -> onward(stream, kept, version))
        .orElseGet(() -> folded(stream, history(stream, version), version));
  }

  static <S> Optional<Standing<S>> read(StreamKind<S, ?> kind, Kept kept) {
    try {
      Optional<S> state = kept.body().map(body -> kind.states().read(kept.form(), body));
      return Optional.of(new Standing<>(state, kept.version(), kept.undoable(), kept.redoable()));
    } catch (NotUnderstood _) {
      return Optional.empty();
    }
  }

  /**
   * The rows since, where they are edits only; others may have written more than those asked for.
   */
  private <S, E> Optional<Standing<S>> onward(
      StreamRef<S, E> stream, Standing<S> kept, long version) {
    List<Row> rows = new ArrayList<>();
    store.rows(
        stream.key(),
        kept.version(),
        row -> {
          if (row.version() <= version) {
            rows.add(row);
          }
        });
    if (rows.stream().anyMatch(row -> row.act() != Row.Act.EDIT)) {
      return Optional.empty();
    }
    Standing<S> standing = kept;
    for (Row row : rows) {
      standing =
          standing.with(
              stream.kind().fold().replay(standing.now(), stream.kind().edit(row), row.at()));
    }
    return Optional.of(standing);
  }

  static <S, E> Standing<S> folded(StreamRef<S, E> stream, History<E> history, long version) {
    return new Standing<>(
        stream.kind().fold().replay(history),
        version,
        history.done().size(),
        history.undone().size());
  }

  /** All edits of a stream, those taken back included. */
  public <S, E> History<E> history(StreamRef<S, E> stream) {
    return reading(() -> folding(stream, () -> history(stream, Long.MAX_VALUE)));
  }

  private <S, E> History<E> history(StreamRef<S, E> stream, long upTo) {
    return new Folding<>(stream.kind()).fold(rows -> store.rows(stream.key(), 0, rows), upTo);
  }

  /**
   * Does something again that was done before, on what stands now: its edits all or none, without
   * asking what who did it saw.
   */
  public Saved again(Waiting what) {
    List<Order<?, ?>> orders =
        what.rows().stream()
            .filter(placed -> !isItsOwn(placed.stream()) && placed.row().act() == Row.Act.EDIT)
            .<Order<?, ?>>map(placed -> order(kind(placed.stream()), placed))
            .toList();
    return submit(orders);
  }

  private static <S, E> Order<S, E> order(StreamKind<S, E> kind, Placed placed) {
    return Order.of(kind.ref(placed.stream().id()), kind.edit(placed.row()));
  }

  /** Carries out edits and writes them, all or none. */
  public Saved submit(Order<?, ?>... orders) {
    return submit(List.of(orders));
  }

  /**
   * Carries out edits of several streams and writes them, all of them or, where one is refused,
   * none.
   */
  public Saved submit(List<Order<?, ?>> orders) {
    String action = newId();
    try {
      writing(
          () -> {
            orders.forEach(order -> write(order, mine(action)));
            return null;
          });
      return new Saved.Recorded(action);
    } catch (NotAll ended) {
      return new Saved.Refused(ended.refusal);
    }
  }

  /** Ends a transaction whose edits are not all taken. */
  private static final class NotAll extends RuntimeException {
    private static final long serialVersionUID = 1L;
    private final transient Refusal refusal;

    NotAll(Refusal refusal) {
      super(null, null, false, false);
      this.refusal = refusal;
    }
  }

  private <S, E> void write(Order<S, E> order, Origin from) {
    StreamKind<S, E> kind = order.stream().kind();
    Standing<S> standing = current(order.stream());
    checkMeaning(order, standing);
    Instant at = writer.clock().instant();
    for (E edit : order.edits()) {
      standing =
          switch (kind.fold().apply(standing.now(), edit, at)) {
            case Applied.Refused<S>(Refusal refusal) -> throw new NotAll(refusal);
            case Applied.Done<S>(S after) -> standing.with(after);
          };
      long version =
          add(
              order.stream().key(),
              new Row(
                  standing.version(),
                  at,
                  from,
                  Row.Act.EDIT,
                  kind.edits().form(),
                  kind.edits().write(edit)));
      standing = standing.at(version);
    }
    if (standing.version() / ROWS_BETWEEN_KEPT
        > (standing.version() - order.edits().size()) / ROWS_BETWEEN_KEPT) {
      keep(order.stream(), standing);
    }
    follow(order.stream(), standing, standing.now());
  }

  private <S, E> void checkMeaning(Order<S, E> order, Standing<S> now) {
    if (order.seen().isEmpty() || order.seen().getAsLong() == now.version()) {
      return;
    }
    long seen = order.seen().getAsLong();
    List<Row> since = since(order.stream(), store.known(order.stream().key(), seen));
    boolean saysTheSame =
        at(order.stream(), seen)
            .map(
                then ->
                    order.stream().kind().fold().saysTheSame(then.now(), now.now(), order.edits()))
            .orElseGet(() -> since.stream().allMatch(this::isMine));
    if (!saysTheSame && !since.isEmpty()) {
      throw new NotAll(cameFirst(since.getLast()));
    }
  }

  /** How a stream stood at a version; empty where that cannot be told any more. */
  private <S, E> Optional<Standing<S>> at(StreamRef<S, E> stream, long version) {
    return recent
        .at(stream, version)
        .or(
            () ->
                store.isTold(stream.key(), version)
                    ? Optional.of(folded(stream, history(stream, version), version))
                    : Optional.empty());
  }

  private List<Row> since(StreamRef<?, ?> stream, long version) {
    List<Row> rows = new ArrayList<>();
    store.rows(stream.key(), version, rows::add);
    return rows;
  }

  private static Refusal cameFirst(Row other) {
    return refusal(Meanwhile.OTHER_CAME_FIRST, other);
  }

  /** A refusal that says who came first, and when. */
  static Refusal refusal(Meanwhile why, Row other) {
    return Refusal.of(
        why, new Told.Words(other.from().bench().name()), new Told.Moment(other.at()));
  }

  private <S, E> void keep(StreamRef<S, E> stream, Standing<S> standing) {
    store.keep(stream.key(), kept(stream.kind(), standing));
  }

  private static <S> Kept kept(StreamKind<S, ?> kind, Standing<S> standing) {
    return new Kept(
        standing.version(),
        standing.undoable(),
        standing.redoable(),
        kind.rule(),
        kind.states().form(),
        standing.now().map(kind.states()::write));
  }

  /** What follows from a stream follows its edits, as far as that is quick. */
  private <S, E> void follow(StreamRef<S, E> stream, Standing<S> standing, Optional<S> last) {
    recent.know(stream, standing);
    stream.kind().projections().stream()
        .filter(Projection::isEager)
        .forEach(one -> last.ifPresent(state -> project(one, stream, standing, state)));
  }

  private <S, R> List<R> project(
      Projection<S, R> projection, StreamRef<S, ?> stream, Standing<S> standing, S last) {
    List<R> lines = projection.lines(stream.id(), standing.now(), last);
    store.replace(
        projection.table(),
        stream.key(),
        standing.version(),
        lines.stream().map(projection::cells).toList());
    return lines;
  }

  /**
   * Takes the last action of a stream back, in every stream it reached, unless somebody else wrote
   * since a version that was seen, or what came after it there would not say the same without it.
   */
  public <S, E> Walked<E> undo(StreamRef<S, E> stream, long seen) {
    return walk(stream, seen, Row.Act.UNDO);
  }

  /**
   * Brings the action of a stream that was taken back last back again, in every stream it reached,
   * under the same conditions.
   */
  public <S, E> Walked<E> redo(StreamRef<S, E> stream, long seen) {
    return walk(stream, seen, Row.Act.REDO);
  }

  /**
   * Takes one action back, in every stream it reached, whatever came after it there, as long as
   * that says the same without it.
   *
   * @param stream one it reached
   */
  public <S, E> Walked<E> takeBack(StreamRef<S, E> stream, String action) {
    return walking(
        () -> {
          History<E> history = history(stream, Long.MAX_VALUE);
          return history.done().stream()
              .filter(one -> one.isOf(action))
              .reduce((_, later) -> later)
              .<Walked<E>>map(last -> gone(stream, history, Row.Act.UNDO, last))
              .orElseGet(Walked.Nothing::new);
        });
  }

  private <S, E> Walked<E> walk(StreamRef<S, E> stream, long seen, Row.Act act) {
    return walking(() -> walked(stream, seen, act));
  }

  private <E> Walked<E> walking(Supplier<Walked<E>> way) {
    try {
      return writing(way);
    } catch (NotAll ended) {
      return new Walked.Refused<>(ended.refusal);
    }
  }

  private <S, E> Walked<E> walked(StreamRef<S, E> stream, long seen, Row.Act act) {
    since(stream, store.known(stream.key(), seen)).stream()
        .filter(row -> !isMine(row))
        .reduce((_, later) -> later)
        .ifPresent(
            other -> {
              throw new NotAll(cameFirst(other));
            });
    History<E> history = history(stream, Long.MAX_VALUE);
    List<Dated<E>> from = act == Row.Act.UNDO ? history.done() : history.undone();
    return from.isEmpty() ? new Walked.Nothing<>() : gone(stream, history, act, from.getLast());
  }

  /** Takes the action of an edit back, or brings it back, in every stream it reached. */
  private <S, E> Walked<E> gone(
      StreamRef<S, E> stream, History<E> history, Row.Act act, Dated<E> last) {
    Origin from = mine(newId());
    walk(stream, history, act, last.action(), from);
    List<Key> all = new ArrayList<>(store.streamsOf(last.action()));
    all.removeAll(List.of(stream.key(), BookIndex.KEY));
    for (Key other : all) {
      walk(kind(other).ref(other.id()), act, last.action(), from);
    }
    all.addFirst(stream.key());
    return new Walked.Done<>(last.edit(), all);
  }

  private <S, E> void walk(StreamRef<S, E> stream, Row.Act act, String action, Origin from) {
    walk(stream, history(stream, Long.MAX_VALUE), act, action, from);
  }

  /** Takes one stream's part of an action back, or brings it back. */
  private <S, E> void walk(
      StreamRef<S, E> stream, History<E> before, Row.Act act, String action, Origin from) {
    Log<E> log = new Log<>(before);
    boolean isAny = act == Row.Act.UNDO ? log.undo(action) : log.redo(action);
    if (!isAny) {
      throw new NotAll(refusal(Meanwhile.RESTS_ON_IT, since(stream, 0).getLast()));
    }
    History<E> after = log.history();
    new SameWithout<>(stream.kind().fold(), before.done(), after.done())
        .firstThatDiffers()
        .ifPresent(
            later -> {
              throw new NotAll(
                  refusal(Meanwhile.RESTS_ON_IT, since(stream, later.version() - 1).getFirst()));
            });
    long version =
        add(
            stream.key(),
            new Row(
                store.version(stream.key()) + 1,
                writer.clock().instant(),
                from,
                act,
                stream.kind().edits().form(),
                action));
    Standing<S> standing = folded(stream, after, version);
    keep(stream, standing);
    follow(stream, standing, standing.now().or(() -> stream.kind().fold().replay(before)));
  }

  /**
   * The streams that cannot be read, and why: who asks for many gets the others, and these are set
   * aside.
   */
  public Map<Key, BookProblem> setAside() {
    return Map.copyOf(aside);
  }

  /** From now on that is run when a stream is set aside, by whichever thread met it. */
  public void whenSetAside(Runnable what) {
    whenSetAside = what;
  }

  /** Reads something of one stream among many; one that cannot be read is set aside. */
  private <T> Optional<T> orAside(Key stream, Supplier<T> read) {
    try {
      T found = reading(read);
      aside.remove(stream);
      return Optional.of(found);
    } catch (BookProblem problem) {
      if (!problem.isInOneStream()) {
        throw problem;
      }
      if (aside.put(stream, problem) == null) {
        whenSetAside.run();
      }
      return Optional.empty();
    }
  }

  /** How a stream stands, one among many; empty where it cannot be read and is set aside. */
  public <S, E> Optional<Standing<S>> whole(StreamRef<S, E> stream) {
    return orAside(stream.key(), () -> current(stream));
  }

  /**
   * The lines of a whole table, those behind brought up; of a stream that cannot be read as they
   * stood before.
   */
  public <S, E, R> List<R> lines(StreamKind<S, E> kind, Projection<S, R> projection) {
    return reading(
        () -> {
          List<R> made = new ArrayList<>();
          List<Key> behind = behind(kind, projection);
          for (int from = 0; from < behind.size(); from += AT_A_TIME) {
            List<Key> some = behind.subList(from, Math.min(behind.size(), from + AT_A_TIME));
            made.addAll(broughtUp(kind, projection, some));
          }
          List<R> lines =
              new ArrayList<>(
                  isShaped(projection)
                      ? store.lines(projection.table()).stream().map(projection::line).toList()
                      : List.of());
          if (readOnly().isPresent()) {
            lines.addAll(made);
          }
          return lines;
        });
  }

  private <S, E, R> List<R> broughtUp(
      StreamKind<S, E> kind, Projection<S, R> projection, List<Key> some) {
    Supplier<List<R>> bringingUp =
        () ->
            some.stream()
                .flatMap(key -> broughtUpOrAside(kind.ref(key.id()), projection).stream())
                .toList();
    return inOneGo(bringingUp);
  }

  /** Who may only read keeps nothing of what he works out. */
  private <T> T inOneGo(Supplier<T> work) {
    return readOnly().isPresent() ? work.get() : store.transaction(work);
  }

  private <S, E, R> List<R> broughtUpOrAside(StreamRef<S, E> stream, Projection<S, R> projection) {
    return orAside(stream.key(), () -> folding(stream, () -> broughtUp(stream, projection)))
        .orElse(List.of());
  }

  /**
   * The lines of a searched table in which something is found, those written last first; none is
   * brought up for it.
   */
  public <S, R> List<R> find(Projection<S, R> projection, Search search) {
    return reading(
        () ->
            isShaped(projection)
                ? store.find(projection.table(), search).stream().map(projection::line).toList()
                : List.of());
  }

  /** Every word of a searched table, once. */
  public <S, R> List<String> words(Projection<S, R> projection) {
    return reading(
        () -> isShaped(projection) ? store.words(projection.table()) : List.<String>of());
  }

  /**
   * The lines of a whole table as they stand, none brought up; read by all cores, since a large
   * book has very many.
   */
  public <S, R> List<R> linesAsTheyStand(Projection<S, R> projection) {
    return reading(
        () ->
            isShaped(projection)
                ? store.lines(projection.table()).parallelStream().map(projection::line).toList()
                : List.of());
  }

  /**
   * The lines of one stream, brought up if they are behind; none of one that cannot be read, which
   * is set aside.
   */
  public <S, E, R> List<R> lines(StreamRef<S, E> stream, Projection<S, R> projection) {
    return reading(
        () ->
            isBehind(stream, projection)
                ? broughtUpOrAside(stream, projection)
                : store.lines(projection.table(), stream.key()).stream()
                    .map(projection::line)
                    .toList());
  }

  /** A window that may only read finds tables of another version as if they were not there. */
  private boolean isShaped(Projection<?, ?> projection) {
    return readOnly().isEmpty() || isCurrent(projection);
  }

  /**
   * Asks for the one stream only: this is on the way of every edit, however many others there are.
   */
  private boolean isBehind(StreamRef<?, ?> stream, Projection<?, ?> projection) {
    long version = store.version(stream.key());
    return version > 0
        && !(isShaped(projection) && store.projected(projection.table(), stream.key()) == version);
  }

  /**
   * The streams whose lines are behind what was written: {@link #lines(StreamKind, Projection)}
   * brings them up all at once, one stream's lines only its own.
   */
  public <S, E, R> List<Key> behind(StreamKind<S, E> kind, Projection<S, R> projection) {
    return isShaped(projection) ? store.behind(projection.table(), kind.name()) : streams(kind);
  }

  private <S, E, R> List<R> broughtUp(StreamRef<S, E> stream, Projection<S, R> projection) {
    return inOneGo(() -> madeOf(stream, projection));
  }

  private <S, E, R> List<R> madeOf(StreamRef<S, E> stream, Projection<S, R> projection) {
    Standing<S> standing = opened(stream, store.version(stream.key()));
    Optional<S> last = standing.now().or(() -> firstTakenBack(stream));
    if (last.isEmpty()) {
      return List.of();
    }
    return readOnly().isPresent()
        ? projection.lines(stream.id(), standing.now(), last.get())
        : project(projection, stream, standing, last.get());
  }

  private <S, E> Optional<S> firstTakenBack(StreamRef<S, E> stream) {
    return history(stream, Long.MAX_VALUE).redo().flatMap(stream.kind().fold()::replay);
  }

  /**
   * Reads the whole book and compares it with what was written.
   *
   * @throws BookProblem of the kind DAMAGED if something is not as it was
   */
  public void verify() {
    faults().stream()
        .findFirst()
        .ifPresent(
            problem -> {
              throw problem;
            });
  }

  /** All that is not as it was written: of the book, then stream by stream. */
  public List<BookProblem> faults() {
    return verification().faults();
  }

  /**
   * Checks that the file hangs together and that no stream is missing or too many, without reading
   * what they say.
   *
   * @throws BookProblem of the kind DAMAGED if it does not
   */
  public void check() {
    store.still(
        () -> {
          verification().check();
          return null;
        });
  }

  private Verification verification() {
    return new Verification(this, store);
  }

  /** The streams of the book. */
  public List<Key> streams() {
    return store.streams().stream().filter(key -> !key.equals(BookIndex.KEY)).toList();
  }

  /** The streams of one kind. */
  public List<Key> streams(StreamKind<?, ?> kind) {
    return streams().stream().filter(key -> key.kind().equals(kind.name())).toList();
  }

  /**
   * Reads one stream and compares it with what was written, and what was kept of it with what it
   * says.
   *
   * @throws BookProblem of the kind DAMAGED if something is not as it was, NOT_UNDERSTOOD if it
   *     says what this version does not know
   */
  public void verify(Key key) {
    verification().verify(key);
  }

  StreamKind<?, ?> kind(Key key) {
    return kinds.stream()
        .filter(kind -> kind.name().equals(key.kind()))
        .findFirst()
        .orElseThrow(
            () ->
                new BookProblem(
                    Kind.NOT_UNDERSTOOD, path(), "a stream of the kind " + key.kind(), null));
  }

  /** Tells every row of a stream as it was written, in their order, numbered from 1. */
  public void rows(Key stream, Consumer<Row> each) {
    store.rows(
        stream,
        0,
        new Consumer<>() {
          private long version;

          @Override
          public void accept(Row row) {
            each.accept(row.numbered(++version));
          }
        });
  }

  /**
   * The number of rows of all streams, undo and redo included; what the book says of itself does
   * not count.
   */
  public long length() {
    return store.length() - store.length(BookIndex.KEY);
  }

  /**
   * A stream as it stood in another book.
   *
   * @param <S> what its edits make
   * @param <E> its edits
   * @param stream which
   * @param rows its rows, numbered on from what stands
   */
  public record Taken<S, E>(StreamRef<S, E> stream, List<Row> rows) {
    /** Keeps its own copy. */
    public Taken {
      rows = List.copyOf(rows);
    }

    /** A stream of some kind. */
    public static <S, E> Taken<S, E> of(StreamKind<S, E> kind, String id, List<Row> rows) {
      return new Taken<>(kind.ref(id), rows);
    }
  }

  /**
   * Takes rows and copies of pictures as they stood in another book, all or none; rules are not
   * asked again, and who wrote them when is kept.
   */
  public void take(List<? extends Taken<?, ?>> all, Iterable<PictureCopy> pictures) {
    writing(
        () -> {
          all.forEach(this::taking);
          pictures.forEach(store::keep);
          return null;
        });
  }

  private <S, E> void taking(Taken<S, E> taken) {
    StreamRef<S, E> stream = taken.stream();
    taken.rows().forEach(row -> add(stream.key(), row));
    Standing<S> standing = opened(stream, store.version(stream.key()));
    keep(stream, standing);
    follow(stream, standing, standing.now().or(() -> firstTakenBack(stream)));
  }

  /** Takes rows of one stream as they stood in another book. */
  public <S, E> void take(StreamRef<S, E> stream, List<Row> rows) {
    take(List.of(new Taken<>(stream, rows)), List.of());
  }

  /**
   * Keeps the copy of a picture; one that is there already stays.
   *
   * @return whether the book has it now; it has no room for more than {@link
   *     PictureCopy#MOST_IN_A_BOOK}
   */
  public boolean keep(PictureCopy copy) {
    return writing(
        () -> {
          boolean hasRoom = store.pictureBytes() + copy.jpeg().length <= PictureCopy.MOST_IN_A_BOOK;
          if (hasRoom) {
            store.keep(copy);
          }
          return hasRoom || store.picture(copy.sha256()).isPresent();
        });
  }

  /** The copy of a picture, if there is one and it is as it was written. */
  public Optional<PictureCopy> picture(String sha256) {
    return reading(() -> store.picture(sha256));
  }

  /** The copies of some pictures, as far as there are any. */
  public List<PictureCopy> picturesOf(List<String> some) {
    return some.stream().flatMap(sha256 -> picture(sha256).stream()).toList();
  }

  /** Of which pictures there are copies. */
  public List<String> pictures() {
    return reading(store::pictures);
  }

  <T> T reading(Supplier<T> work) {
    try {
      return Check.asRecorded(work);
    } catch (NotUnderstood | OutOfRange | DateTimeException problem) {
      throw new BookProblem(
          Kind.NOT_UNDERSTOOD, path(), String.valueOf(problem.getMessage()), problem);
    }
  }

  private <T> T writing(Supplier<T> work) {
    if (readOnly().isPresent()) {
      throw new BookProblem(Kind.READ_ONLY, path(), readOnly().get().toString(), null);
    }
    keepSafe();
    for (int tries = 1; ; tries++) {
      try {
        return reading(() -> store.transaction(work));
      } catch (RowStore.VersionTaken taken) {
        recent.forget();
        if (tries == TRIES) {
          throw new BookProblem(Kind.DISK_ERROR, path(), "others write all the time", taken);
        }
      } catch (RuntimeException problem) {
        recent.forget();
        throw problem;
      }
    }
  }

  @Override
  public void close() {
    store.close();
  }
}
