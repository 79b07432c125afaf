package jugulum.book.stream;

import java.nio.file.Path;
import java.time.Clock;
import java.time.DateTimeException;
import java.time.Instant;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.stream.Stream;
import jugulum.book.stream.BookProblem.Kind;
import jugulum.book.stream.BookProblem.NotUnderstood;
import jugulum.core.check.Check;
import jugulum.core.check.OutOfRange;
import jugulum.core.stream.Applied;
import jugulum.core.stream.History;
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

  /** So often others may come first between a look and a write before it is called a fault. */
  private static final int TRIES = 20;

  private final Store store;
  private final List<StreamKind<?, ?>> kinds;
  private final Writer writer;
  private final Recent recent = new Recent();

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
      shapeTables();
    }
  }

  /**
   * A damaged book opens all the same, so that what is whole can be seen; {@link #verify} says what
   * is wrong with it.
   */
  private void shapeTables() {
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
    } catch (BookProblem problem) {
      if (problem.kind() != Kind.DAMAGED) {
        throw problem;
      }
    }
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
    return store
        .kept(stream.key())
        .filter(kept -> kept.version() <= version)
        .flatMap(kept -> read(stream.kind(), kept))
        .flatMap(kept -> onward(stream, kept))
        .orElseGet(() -> folded(stream, history(stream, Long.MAX_VALUE), version));
  }

  private static <S> Optional<Standing<S>> read(StreamKind<S, ?> kind, Kept kept) {
    try {
      Optional<S> state = kept.body().map(body -> kind.states().read(kept.form(), body));
      return Optional.of(new Standing<>(state, kept.version(), kept.undoable(), kept.redoable()));
    } catch (NotUnderstood _) {
      return Optional.empty();
    }
  }

  /** The rows since, where they are edits only. */
  private <S, E> Optional<Standing<S>> onward(StreamRef<S, E> stream, Standing<S> kept) {
    List<Row> rows = new ArrayList<>();
    store.rows(stream.key(), kept.version(), rows::add);
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

  private static <S, E> Standing<S> folded(
      StreamRef<S, E> stream, History<E> history, long version) {
    return new Standing<>(
        stream.kind().fold().replay(history),
        version,
        history.done().size(),
        history.undone().size());
  }

  /** All edits of a stream, those taken back included. */
  public <S, E> History<E> history(StreamRef<S, E> stream) {
    return reading(() -> history(stream, Long.MAX_VALUE));
  }

  private <S, E> History<E> history(StreamRef<S, E> stream, long upTo) {
    return new Folding<>(stream.kind()).fold(rows -> store.rows(stream.key(), 0, rows), upTo);
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
    try {
      writing(
          () -> {
            orders.forEach(this::write);
            return null;
          });
      return new Saved.Recorded();
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

  private <S, E> void write(Order<S, E> order) {
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
      store.add(
          order.stream().key(),
          new Row(
              standing.version(),
              at,
              writer.name().get(),
              Row.Act.EDIT,
              kind.edits().form(),
              kind.edits().write(edit)));
    }
    if (standing.version() / ROWS_BETWEEN_KEPT
        > (standing.version() - order.edits().size()) / ROWS_BETWEEN_KEPT) {
      keep(order.stream(), standing);
    }
    follow(order.stream(), standing, standing.now());
  }

  private <S, E> void checkMeaning(Order<S, E> order, Standing<S> now) {
    order.seen().stream()
        .filter(seen -> seen < now.version())
        .filter(
            seen ->
                !order.stream()
                    .kind()
                    .fold()
                    .saysTheSame(at(order.stream(), seen).now(), now.now(), order.edits()))
        .findFirst()
        .ifPresent(
            seen -> {
              throw new NotAll(cameFirst(since(order.stream(), seen).getLast()));
            });
  }

  private <S, E> Standing<S> at(StreamRef<S, E> stream, long version) {
    return recent
        .at(stream, version)
        .orElseGet(() -> folded(stream, history(stream, version), version));
  }

  private List<Row> since(StreamRef<?, ?> stream, long version) {
    List<Row> rows = new ArrayList<>();
    store.rows(stream.key(), version, rows::add);
    return rows;
  }

  private static Refusal cameFirst(Row other) {
    return Refusal.of(
        Meanwhile.OTHER_CAME_FIRST, new Told.Words(other.who()), new Told.Moment(other.at()));
  }

  private <S, E> void keep(StreamRef<S, E> stream, Standing<S> standing) {
    Codec<S> codec = stream.kind().states();
    store.keep(
        stream.key(),
        new Kept(
            standing.version(),
            standing.undoable(),
            standing.redoable(),
            codec.form(),
            standing.now().map(codec::write)));
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
   * Takes the last edit of a stream back, unless somebody else wrote since a version that was seen.
   */
  public <S, E> Walked<E> undo(StreamRef<S, E> stream, long seen) {
    return walk(stream, seen, Row.Act.UNDO, History::undo);
  }

  /**
   * Brings the last edit taken back of a stream back again, unless somebody else wrote since a
   * version that was seen.
   */
  public <S, E> Walked<E> redo(StreamRef<S, E> stream, long seen) {
    return walk(stream, seen, Row.Act.REDO, History::redo);
  }

  private <S, E> Walked<E> walk(
      StreamRef<S, E> stream,
      long seen,
      Row.Act act,
      Function<History<E>, Optional<History<E>>> way) {
    return writing(
        () -> {
          Optional<Row> other =
              since(stream, seen).stream()
                  .filter(row -> !row.who().equals(writer.name().get()))
                  .reduce((_, later) -> later);
          if (other.isPresent()) {
            return new Walked.Refused<>(cameFirst(other.get()));
          }
          History<E> before = history(stream, Long.MAX_VALUE);
          return way.apply(before)
              .<Walked<E>>map(after -> new Walked.Done<>(walked(stream, act, before, after)))
              .orElseGet(Walked.Nothing::new);
        });
  }

  private <S, E> E walked(
      StreamRef<S, E> stream, Row.Act act, History<E> before, History<E> after) {
    long version = store.version(stream.key()) + 1;
    store.add(
        stream.key(),
        new Row(
            version,
            writer.clock().instant(),
            writer.name().get(),
            act,
            stream.kind().edits().form(),
            ""));
    Standing<S> standing = folded(stream, after, version);
    keep(stream, standing);
    follow(stream, standing, standing.now().or(() -> stream.kind().fold().replay(before)));
    return (act == Row.Act.UNDO ? after.undone() : after.done()).getLast().edit();
  }

  /** The lines of a whole table, those behind brought up. */
  public <S, E, R> List<R> lines(StreamKind<S, E> kind, Projection<S, R> projection) {
    return reading(
        () -> {
          List<Key> behind = behind(kind, projection);
          List<R> made =
              behind.stream()
                  .flatMap(key -> broughtUp(kind.ref(key.id()), projection).stream())
                  .toList();
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

  /** The lines of one stream, brought up if they are behind. */
  public <S, E, R> List<R> lines(StreamRef<S, E> stream, Projection<S, R> projection) {
    return reading(
        () ->
            isBehind(stream, projection)
                ? broughtUp(stream, projection)
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
    Standing<S> standing = opened(stream, store.version(stream.key()));
    Optional<S> last = standing.now().or(() -> firstTakenBack(stream));
    if (last.isEmpty()) {
      return List.of();
    }
    return readOnly().isPresent()
        ? projection.lines(stream.id(), standing.now(), last.get())
        : store.transaction(() -> project(projection, stream, standing, last.get()));
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
    check();
    streams().forEach(this::verify);
  }

  /**
   * Checks that the file hangs together, without reading what it says.
   *
   * @throws BookProblem of the kind DAMAGED if it does not
   */
  public void check() {
    store.check();
  }

  /** The streams of the book. */
  public List<Key> streams() {
    return store.streams();
  }

  /** The streams of one kind. */
  public List<Key> streams(StreamKind<?, ?> kind) {
    return streams().stream().filter(key -> key.kind().equals(kind.name())).toList();
  }

  /**
   * Reads one stream and compares it with what was written.
   *
   * @throws BookProblem of the kind DAMAGED if something is not as it was, NOT_UNDERSTOOD if it
   *     says what this version does not know
   */
  public void verify(Key key) {
    StreamKind<?, ?> known =
        kinds.stream()
            .filter(kind -> kind.name().equals(key.kind()))
            .findFirst()
            .orElseThrow(
                () ->
                    new BookProblem(
                        Kind.NOT_UNDERSTOOD, path(), "a stream of the kind " + key.kind(), null));
    reading(() -> verified(known.ref(key.id())));
  }

  private <S, E> Standing<S> verified(StreamRef<S, E> stream) {
    return folded(stream, history(stream, Long.MAX_VALUE), 0);
  }

  /** Tells every row of a stream as it was written, in their order. */
  public void rows(Key stream, Consumer<Row> each) {
    store.rows(stream, 0, each);
  }

  /** The number of rows of all streams, undo and redo included. */
  public long length() {
    return store.length();
  }

  /**
   * Takes rows as they stood in another book; rules are not asked again, and who wrote them when is
   * kept.
   */
  public <S, E> void take(StreamRef<S, E> stream, List<Row> rows) {
    writing(
        () -> {
          rows.forEach(row -> store.add(stream.key(), row));
          Standing<S> standing = opened(stream, store.version(stream.key()));
          keep(stream, standing);
          follow(stream, standing, standing.now().or(() -> firstTakenBack(stream)));
          return null;
        });
  }

  private <T> T reading(Supplier<T> work) {
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
    for (int tries = 1; ; tries++) {
      try {
        return reading(() -> store.transaction(work));
      } catch (Store.VersionTaken taken) {
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
