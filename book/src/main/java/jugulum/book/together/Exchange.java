package jugulum.book.together;

import java.time.Duration;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import java.util.function.Consumer;
import java.util.function.Supplier;
import jugulum.book.store.MirrorStore;
import jugulum.book.store.Served;
import jugulum.book.stream.Bench;
import jugulum.book.stream.BookProblem;
import jugulum.book.stream.BookProblem.Kind;
import jugulum.book.stream.PictureCopy;
import jugulum.book.stream.Placed;
import jugulum.book.stream.RowStore;
import jugulum.book.stream.StreamKind;
import jugulum.core.stream.Meanwhile;
import jugulum.core.stream.Refusal;
import jugulum.core.stream.Refusal.Told;
import org.jspecify.annotations.Nullable;

/**
 * Carries rows between a bench's own copy and the server: what others wrote comes, what waits goes.
 * Where the server is away it tries again; nobody waits for it. It has a connection of its own to
 * the copy, and, once started, a thread of its own.
 */
public final class Exchange implements AutoCloseable {
  /** So long it listens to the server before it looks whether something waits here. Ours. */
  private static final Duration LISTENING = Duration.ofMillis(40);

  /**
   * So often it asks the server without being told to: a network may swallow what is told. Ours.
   */
  private static final Duration ASKING = Duration.ofSeconds(5);

  /** So often it says that the bench is there; gone after thirty seconds of silence. Ours. */
  private static final Duration SAYING = Duration.ofSeconds(8);

  /**
   * So long it rests after a failure, and twice as long after each further one, up to the last.
   * Ours.
   */
  private static final Duration REST = Duration.ofMillis(500);

  private static final Duration LONGEST_REST = Duration.ofSeconds(8);

  /**
   * So long it is waited for when it ends: it may be asking a server that does not answer. Ours.
   */
  private static final Duration PARTING = Duration.ofSeconds(3);

  /** So often others may come first before it rests. */
  private static final int TRIES = 200;

  private final MirrorStore mirror;
  private final Supplier<Served> connecting;
  private final Supplier<Bench> bench;
  private final List<StreamKind<?, ?>> kinds;
  private final Semaphore nudged = new Semaphore(0);
  private volatile Status status = Status.UNKNOWN;
  private volatile String station = "";

  private Consumer<Status> whenChanged = _ -> {};
  private volatile boolean isClosed;
  private @Nullable Served server;
  private @Nullable Thread thread;

  /**
   * How it stands between a bench and the server.
   *
   * @param isConnected whether the server answered last
   * @param problem why it did not; empty where it did, or was not asked yet
   * @param waiting how many actions wait for it
   * @param aside how many are set aside and nobody decided yet
   * @param here the benches that are connected, this one among them
   */
  public record Status(
      boolean isConnected,
      Optional<BookProblem> problem,
      int waiting,
      int aside,
      List<Served.Here> here) {
    /** Before the server was asked. */
    public static final Status UNKNOWN = new Status(false, Optional.empty(), 0, 0, List.of());

    /** Keeps its own copy. */
    public Status {
      here = List.copyOf(here);
    }
  }

  /**
   * Prepares it.
   *
   * @param mirror the bench's own copy; closed with this
   * @param connecting connects to the server, or throws a {@link BookProblem}
   * @param bench which bench this is
   * @param kinds the kinds of stream there are
   */
  public Exchange(
      MirrorStore mirror,
      Supplier<Served> connecting,
      Supplier<Bench> bench,
      List<StreamKind<?, ?>> kinds) {
    this.mirror = mirror;
    this.connecting = connecting;
    this.bench = bench;
    this.kinds = List.copyOf(kinds);
  }

  /**
   * From now on rows are carried as they come.
   *
   * @param listener is told how it stands, now and then by this one's thread
   */
  public void start(Consumer<Status> listener) {
    whenChanged = listener;
    listener.accept(status);
    thread = Thread.ofPlatform().name("together").daemon(true).start(this::run);
  }

  /** Something was written here, or is to be tried again now. */
  public void nudge() {
    nudged.release();
  }

  /** How it stands. */
  public Status status() {
    return status;
  }

  /** Says what the bench is at, for the others. */
  public void isAt(String what) {
    station = what;
  }

  private void run() {
    Duration rest = REST;
    while (!isClosed) {
      try {
        carry();
        rest = REST;
        follow();
      } catch (BookProblem problem) {
        disconnect();
        tell(Optional.of(problem), List.of());
        rest(rest);
        rest =
            rest.multipliedBy(2).compareTo(LONGEST_REST) < 0 ? rest.multipliedBy(2) : LONGEST_REST;
      } catch (RuntimeException fault) {
        disconnect();
        tell(
            Optional.of(
                new BookProblem(Kind.SERVER_ERROR, mirror.path(), String.valueOf(fault), fault)),
            List.of());
        rest(LONGEST_REST);
      }
    }
    disconnect();
  }

  private void rest(Duration how) {
    try {
      boolean isNudged = nudged.tryAcquire(how.toMillis(), TimeUnit.MILLISECONDS);
      if (isNudged) {
        nudged.drainPermits();
      }
    } catch (InterruptedException ended) {
      Thread.currentThread().interrupt();
      isClosed = true;
    }
  }

  /** Carries as it comes, until something fails. */
  private void follow() {
    connected().listen();
    // What was added between the last look and now is not told.
    carry();
    long asked = System.nanoTime();
    long said = asked - SAYING.toNanos();
    while (!isClosed) {
      long now = System.nanoTime();
      if (now - said >= SAYING.toNanos()) {
        Bench me = bench.get();
        tell(Optional.empty(), connected().here(me.id(), me.name(), station));
        said = now;
      }
      boolean isTold = connected().waitForNews(LISTENING);
      boolean isNudged = nudged.drainPermits() > 0;
      boolean isBeside = mirror.isWrittenBeside();
      if (isTold || isNudged || isBeside || now - asked >= ASKING.toNanos()) {
        carry();
        asked = System.nanoTime();
      }
    }
  }

  /**
   * Carries all there is, once: what came, then what waits.
   *
   * @throws BookProblem where the server cannot be reached; nothing is lost
   */
  public void carry() {
    Served there = connected();
    boolean isNews = pull(there);
    if (isNews) {
      pullPictures(there);
    }
    for (PictureCopy copy : mirror.picturesToSend()) {
      there.keep(copy);
      mirror.pictureSent(copy.sha256());
    }
    for (int tries = 0; send(there); tries++) {
      if (tries == TRIES) {
        throw new BookProblem(Kind.NO_SERVER, mirror.path(), "others write all the time", null);
      }
    }
    tell(Optional.empty(), status.here());
  }

  private boolean pull(Served there) {
    boolean isAny = false;
    for (List<Served.Arrived> news = there.news(mirror.arrived());
        !news.isEmpty();
        news = there.news(mirror.arrived())) {
      isAny |= mirror.arrived(kinds, news);
    }
    return isAny;
  }

  private void pullPictures(Served there) {
    Set<String> missing = new HashSet<>(there.pictures());
    mirror.pictures().forEach(missing::remove);
    missing.forEach(one -> there.picture(one).ifPresent(mirror::pictureArrived));
  }

  /** Sends some of what waits; says whether there may be more. */
  private boolean send(Served there) {
    List<Placed> rows = mirror.toSend();
    if (rows.isEmpty()) {
      return false;
    }
    try {
      there.append(rows);
    } catch (RowStore.VersionTaken othersCameFirst) {
      // What they wrote comes now, and what waits is taken again on it.
    } catch (BookProblem problem) {
      if (problem.kind() != Kind.NOT_TAKEN) {
        throw problem;
      }
      sendOne(there);
    }
    pull(there);
    return true;
  }

  /** One of many is not taken: which one is found one by one. */
  private void sendOne(Served there) {
    List<Placed> first = mirror.firstToSend();
    try {
      there.append(first);
    } catch (RowStore.VersionTaken othersCameFirst) {
      // As above.
    } catch (BookProblem problem) {
      if (problem.kind() != Kind.NOT_TAKEN) {
        throw problem;
      }
      String action = first.getLast().row().from().action();
      mirror.refused(
          kinds, action, Refusal.of(Meanwhile.NOT_TAKEN, new Told.Words(problem.detail())));
    }
  }

  private Served connected() {
    Served there = server;
    if (there == null) {
      there = connecting.get();
      server = there;
      checkSame(there);
      pullPictures(there);
    }
    return there;
  }

  /** The rows that are here must be the first of those that are there. */
  private void checkSame(Served there) {
    long arrived = mirror.arrived();
    if (arrived > 0 && !there.chain(arrived).equals(mirror.chain())) {
      long rows = there.length();
      throw new BookProblem(
          Kind.ANOTHER_BOOK,
          mirror.path(),
          rows < arrived ? rows + " rows there, " + arrived + " known here" : "",
          null);
    }
  }

  /** Carries once; says why it could not, and gives the connection up then. */
  Optional<BookProblem> tryToCarry() {
    try {
      carry();
      return Optional.empty();
    } catch (BookProblem away) {
      disconnect();
      tell(Optional.of(away), List.of());
      return Optional.of(away);
    }
  }

  /** Which benches are there; none where no server answers. */
  List<Served.Here> others() {
    try {
      Bench me = bench.get();
      return connected().here(me.id(), me.name(), station);
    } catch (BookProblem away) {
      disconnect();
      return List.of();
    }
  }

  /** Whether the bench never heard of the book. */
  boolean isNew() {
    return mirror.arrived() == 0;
  }

  /**
   * Carries, where it was not started, until nothing waits any more, or so long; says whether
   * nothing does.
   */
  boolean settle(Duration atMost) {
    long end = System.nanoTime() + atMost.toNanos();
    while (stillWaits()) {
      if (System.nanoTime() > end || isClosed) {
        return false;
      }
      try {
        TimeUnit.MILLISECONDS.sleep(LISTENING.toMillis());
      } catch (InterruptedException ended) {
        Thread.currentThread().interrupt();
        return false;
      }
    }
    return true;
  }

  private boolean stillWaits() {
    return tryToCarry().isPresent() || mirror.waiting() > 0;
  }

  private void disconnect() {
    Served there = server;
    server = null;
    if (there != null) {
      there.close();
    }
  }

  private void tell(Optional<BookProblem> problem, List<Served.Here> here) {
    Status now =
        new Status(problem.isEmpty(), problem, mirror.waiting(), mirror.setAsideOpen(), here);
    boolean isOther = !now.equals(status);
    status = now;
    if (isOther) {
      whenChanged.accept(now);
    }
  }

  /** Ends; what waits goes on waiting in the copy. */
  @Override
  public void close() {
    isClosed = true;
    nudge();
    Thread running = thread;
    if (running != null) {
      try {
        running.join(PARTING);
      } catch (InterruptedException ended) {
        Thread.currentThread().interrupt();
      }
    } else {
      disconnect();
    }
    mirror.close();
  }
}
