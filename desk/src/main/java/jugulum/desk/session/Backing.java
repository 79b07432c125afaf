package jugulum.desk.session;

import java.io.File;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.CompletionStage;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import jugulum.book.backup.Backup;
import jugulum.book.backup.Backups;
import jugulum.book.store.BookCopy;
import jugulum.book.stream.Bench;
import jugulum.book.stream.Book;
import jugulum.book.stream.BookProblem;
import jugulum.desk.preference.BenchMemory;
import jugulum.desk.preference.Preferences;
import jugulum.desk.work.Work;

/** Copies of the book: made by themselves while it is open, looked through, brought back. */
public final class Backing {
  private static final String FOLDER = "backup.folder";
  private static final String PROGRAM = "program.version";

  /** So often it is asked whether a copy is due. Ours. */
  private static final Duration BETWEEN = Duration.ofMinutes(10);

  private static final int LETTERS_OF_ID = 8;

  private final Book book;
  private final boolean isServed;
  private final BenchMemory memory;
  private final Work work;
  private final ReadOnlyObjectWrapper<Status> status = new ReadOnlyObjectWrapper<>(Status.UNKNOWN);
  private Instant askedAt = Instant.MIN;

  /** What copies were found to hold, by how their files stood then. */
  private volatile Map<Stamp, Seen> read = Map.of();

  private record Stamp(Path file, long bytes, long modified) {
    static Stamp of(Backup one) {
      File file = one.file().toFile();
      return new Stamp(one.file(), file.length(), file.lastModified());
    }
  }

  /**
   * A copy and what it holds.
   *
   * @param backup which
   * @param bytes how large it is
   * @param holds what it holds; empty where it cannot be read
   */
  public record Seen(Backup backup, long bytes, Optional<BookCopy> holds) {}

  /**
   * How it stands.
   *
   * @param health of the copies; empty before it was looked at
   * @param copies the last first
   * @param problem why the last one could not be made; empty where it could
   */
  public record Status(
      Optional<Backups.Health> health, List<Seen> copies, Optional<BookProblem> problem) {
    static final Status UNKNOWN = new Status(Optional.empty(), List.of(), Optional.empty());
  }

  Backing(Book book, boolean isServed, BenchMemory memory, Work work) {
    this.book = book;
    this.isServed = isServed;
    this.memory = memory;
    this.work = work;
  }

  /** How it stands with the copies. */
  public ReadOnlyObjectProperty<Status> status() {
    return status.getReadOnlyProperty();
  }

  /** Whether the book is kept by a server, whose own tools copy it. */
  public boolean isServed() {
    return isServed;
  }

  /**
   * Whether copies are made without being asked for: not of a book among what may go at any time,
   * as made-up batches are, nor of one that is only looked at.
   */
  public boolean isByItself() {
    return !isServed && book.readOnly().isEmpty() && !isPassing(book.path());
  }

  /** Whether a book lies among what may go at any time, as made-up batches do. */
  public static boolean isPassing(Path file) {
    return file.toAbsolutePath().startsWith(System.getProperty("java.io.tmpdir"));
  }

  /** The folder the copies go to: the one chosen, else one beside the book. */
  public Path folder() {
    return folder(book.path(), memory);
  }

  /** Whether a folder was chosen: one beside the book goes with its disk. */
  public boolean isChosen() {
    return chosen(memory).isPresent();
  }

  private static Path folder(Path book, BenchMemory memory) {
    return chosen(memory).orElseGet(() -> beside(book));
  }

  private static Optional<Path> chosen(BenchMemory memory) {
    return memory.get(FOLDER).filter(text -> !text.isBlank()).map(Path::of);
  }

  private static Path beside(Path book) {
    return book.toAbsolutePath().resolveSibling("backups");
  }

  private Backups backups() {
    return backups(book.path(), folder(), memory, book.clock());
  }

  /** The copies of this bench in a folder. */
  public static Backups backups(Path book, Path folder, BenchMemory memory, Clock clock) {
    Bench bench = Preferences.bench(memory, UUID::randomUUID).get();
    String name = bench.name().replaceAll("[^\\p{L}\\p{N} _-]", "").strip();
    String id = bench.id().substring(0, Math.min(LETTERS_OF_ID, bench.id().length()));
    return new Backups(book, folder, (name.isEmpty() ? "bench" : name) + " " + id, clock);
  }

  /** The folder beside the book is made; a stick that is away is not. */
  private void makeOwn(Backups backups) {
    if (!isChosen()) {
      make(backups.folder());
    }
  }

  private static void make(Path folder) {
    try {
      Files.createDirectories(folder);
    } catch (IOException cannot) {
      throw new BookProblem(
          BookProblem.Kind.CANNOT_CREATE, folder, String.valueOf(cannot.getMessage()), cannot);
    }
  }

  /** Once a second: makes a copy when one is due. On the interface thread. */
  public void beat() {
    Instant now = book.clock().instant();
    if (!isByItself()
        || work.isOver()
        || now.isBefore(askedAt.plus(BETWEEN)) && now.isAfter(askedAt)) {
      return;
    }
    askedAt = now;
    work.run(
        book::length,
        rows -> {
          CompletionStage<Void> _ = work.aside(() -> dueOrSeen(rows), status::set);
        });
  }

  private Status dueOrSeen(long rows) {
    return trying(
        backups -> {
          makeOwn(backups);
          if (Files.isDirectory(backups.folder()) && backups.isDue(rows)) {
            backups.take(Optional.empty());
          }
        });
  }

  private Status trying(Consumer<Backups> make) {
    Backups backups = backups();
    Optional<BookProblem> problem = Optional.empty();
    try {
      make.accept(backups);
    } catch (BookProblem why) {
      problem = Optional.of(why);
    }
    Backups.Health health = backups.health();
    // The folder beside the book is made with the first copy: nobody need plug it in.
    boolean isToCome = health == Backups.Health.AWAY && !isChosen();
    return new Status(Optional.of(isToCome ? Backups.Health.NONE : health), seen(backups), problem);
  }

  /** What is new or changed is read; the rest was read when it was last looked at. */
  private List<Seen> seen(Backups backups) {
    Map<Stamp, Seen> before = read;
    Map<Stamp, Seen> now = new LinkedHashMap<>();
    for (Backup one : Backups.in(backups.folder())) {
      Stamp stamp = Stamp.of(one);
      Seen known = before.get(stamp);
      now.put(stamp, known == null ? seen(one) : known);
    }
    read = Collections.unmodifiableMap(now);
    return List.copyOf(now.values());
  }

  /** A copy and what it holds. */
  public static Seen seen(Backup one) {
    Optional<BookCopy> holds;
    try {
      holds = Optional.of(BookCopy.read(one.file()));
    } catch (BookProblem damaged) {
      holds = Optional.empty();
    }
    return new Seen(one, one.file().toFile().length(), holds);
  }

  /** Looks again at what there is, all of it read anew: a stick may have gone bad meanwhile. */
  public void look() {
    CompletionStage<Void> _ = work.aside(() -> trying(_ -> read = Map.of()), status::set);
  }

  /** Makes a copy now. */
  public CompletionStage<Void> take(Consumer<Status> then) {
    return work.aside(
        () ->
            trying(
                backups -> {
                  makeOwn(backups);
                  backups.take(Optional.empty());
                }),
        now -> {
          status.set(now);
          then.accept(now);
        });
  }

  /** From now on copies go there; the folder beside the book where none is named. */
  public void choose(Optional<Path> folder) {
    memory.put(FOLDER, folder.map(Path::toString).orElse(""));
    askedAt = Instant.MIN;
    look();
  }

  /**
   * Copies a copy back into a new file; the book that is open stays as it is. What went wrong is
   * told; empty where all is well.
   */
  public CompletionStage<Void> bringBack(
      Seen copy, Path fresh, Consumer<Optional<BookProblem>> then) {
    return asking(() -> Backups.bringBack(copy.backup().file(), fresh), then);
  }

  private CompletionStage<Void> asking(Runnable what, Consumer<Optional<BookProblem>> then) {
    Supplier<Optional<BookProblem>> asked =
        () -> {
          try {
            what.run();
            return Optional.empty();
          } catch (BookProblem problem) {
            return Optional.of(problem);
          }
        };
    return work.aside(asked, then);
  }

  /**
   * What came of copying a book before a newer program writes in it.
   *
   * @param confirms reads the whole copy, which takes its time: beside all else; empty where none
   *     was made
   * @param why none was made though it should have been; empty where all is well
   */
  public record Before(Optional<Runnable> confirms, Optional<BookProblem> why) {
    /** Nothing was to be copied. */
    public static final Before NOTHING = new Before(Optional.empty(), Optional.empty());
  }

  /**
   * Copies a book before a newer program writes in it for the first time. Where that cannot be, the
   * program starts all the same.
   *
   * @param version of the program that starts now
   */
  public static Before beforeNewer(Path book, BenchMemory memory, String version, Clock clock) {
    if (memory.get(PROGRAM).filter(version::equals).isPresent()) {
      return Before.NOTHING;
    }
    try {
      Before made = Before.NOTHING;
      if (Files.exists(book) && Files.isReadable(book) && book.toFile().length() > 0) {
        Path chosen = folder(book, memory);
        Path folder = Files.isDirectory(chosen) ? chosen : beside(book);
        make(folder);
        Backups backups = backups(book, folder, memory, clock);
        Backup copy = backups.make(Optional.of(version));
        made = new Before(Optional.of(() -> backups.confirm(copy)), Optional.empty());
      }
      memory.put(PROGRAM, version);
      return made;
    } catch (BookProblem why) {
      return new Before(Optional.empty(), Optional.of(why));
    }
  }

  /** Confirms the copy made before, beside all else; what is wrong with it is told. */
  public void confirm(Before before, Consumer<BookProblem> wrong) {
    before.why().ifPresent(wrong);
    before
        .confirms()
        .ifPresent(
            confirms -> {
              CompletionStage<Void> _ = asking(confirms, problem -> problem.ifPresent(wrong));
            });
  }
}
