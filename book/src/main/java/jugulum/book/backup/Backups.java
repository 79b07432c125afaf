package jugulum.book.backup;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import jugulum.book.Books;
import jugulum.book.store.BookCopy;
import jugulum.book.stream.Book;
import jugulum.book.stream.BookProblem;
import jugulum.book.stream.BookProblem.Kind;
import jugulum.book.stream.Writer;

/**
 * The copies of one bench's book in a folder: made on days on which it changed and before a newer
 * program writes in it, read again after they are written, and thinned out.
 *
 * @param book the book's file
 * @param folder the folder a person chose: of a stick, of a synchronised disk
 * @param bench in which folder of it this bench keeps its own; several may share a stick
 * @param clock tells when; its zone is that of the day
 */
public record Backups(Path book, Path folder, String bench, Clock clock) {
  /** A copy of the same day is made anew when the last is older. Ours. */
  public static final Duration SAME_DAY = Duration.ofHours(2);

  /** From that age of the last copy on a person is told. */
  public static final Duration OLD = Duration.ofDays(7);

  private static final int DEPTH = 2;

  /** Who only looks writes no time. */
  private static final Clock NEVER_ASKED = Clock.fixed(Instant.EPOCH, ZoneOffset.UTC);

  /** Where this bench keeps its own. */
  public Path own() {
    return folder.resolve(bench);
  }

  private String name() {
    return String.valueOf(book.getFileName()).replaceFirst("\\.book$", "");
  }

  private LocalDateTime now() {
    return LocalDateTime.now(clock).withNano(0);
  }

  /** What stands in a folder, also of other benches and books, the last first. */
  public static List<Backup> in(Path folder) {
    if (!Files.isDirectory(folder)) {
      return List.of();
    }
    try (Stream<Path> files = Files.walk(folder, DEPTH)) {
      return files
          .filter(Files::isRegularFile)
          .flatMap(file -> Backup.of(file).stream())
          .sorted(Backup.BY_TIME.reversed())
          .toList();
    } catch (IOException | UncheckedIOException away) {
      return List.of();
    }
  }

  /** This bench's copies of this book, the last first. */
  public List<Backup> all() {
    return in(own()).stream().filter(one -> one.book().equals(name())).toList();
  }

  /**
   * Whether a copy is due: the book says more than the last one, and that is of another day or of
   * some hours ago. A last copy that cannot be read is as good as none, one of tomorrow as one of
   * long ago.
   *
   * @param rows how many rows the book has now
   */
  public boolean isDue(long rows) {
    Optional<Backup> last = all().stream().findFirst();
    if (last.isEmpty()) {
      return rows > 0;
    }
    LocalDateTime at = last.get().at();
    boolean isRecent =
        !at.isAfter(now())
            && at.toLocalDate().equals(now().toLocalDate())
            && Duration.between(at, now()).compareTo(SAME_DAY) < 0;
    return !isRecent && rowsOf(last.get()) != rows;
  }

  private static long rowsOf(Backup copy) {
    try {
      return BookCopy.read(copy.file()).rows();
    } catch (BookProblem damaged) {
      return -1;
    }
  }

  /**
   * Makes a copy now, reads all of it again, and takes away those nobody needs.
   *
   * @param before the version of the program that comes now; empty for the copy of a day
   * @throws BookProblem where the folder is away or full, or what was written does not read as it
   *     was; the copies that were there stay
   */
  public Backup take(Optional<String> before) {
    Backup made = make(before);
    confirm(made);
    return made;
  }

  /**
   * Makes a copy now, without reading it again: as quick as the disk, for who must not wait.
   *
   * @throws BookProblem where the folder is away or full
   */
  public Backup make(Optional<String> before) {
    if (!Files.isDirectory(folder)) {
      throw new BookProblem(Kind.CANNOT_CREATE, folder, "the folder is not there", null);
    }
    Backup made = Backup.to(own(), name(), now(), before);
    BookCopy.make(book, made.file());
    return made;
  }

  /**
   * Reads all of a copy that was made, and takes away those nobody needs.
   *
   * @throws BookProblem where it does not read as it was written; it is taken away then, but for
   *     one made before a newer program: of a damaged book that is all there will be
   */
  public void confirm(Backup made) {
    try {
      check(made.file());
      thin();
    } catch (BookProblem spoilt) {
      if (made.before().isEmpty()) {
        remove(made.file());
      }
      throw spoilt;
    }
  }

  /**
   * Reads a whole copy.
   *
   * @throws BookProblem where something is not as it was written
   */
  public static void check(Path copy) {
    try (Book read = Books.look(copy, Writer.unnamed(NEVER_ASKED))) {
      read.verify();
    }
  }

  /**
   * Reads a whole copy, then copies it back, to be a book of its own.
   *
   * @param fresh the file to make; must not be there
   * @throws BookProblem where something is there, the copy is not as it was written, or the book
   *     cannot be written
   */
  public static void bringBack(Path copy, Path fresh) {
    check(copy);
    BookCopy.bringBack(copy, fresh);
  }

  private void thin() {
    Thinning.goes(all()).forEach(one -> remove(one.file()));
    halfWritten().forEach(Backups::remove);
  }

  /** What a stick that was pulled out, or a kill, left behind. */
  private List<Path> halfWritten() {
    try (Stream<Path> files = Files.list(own())) {
      return files
          .filter(file -> BookCopy.isHalfWritten(String.valueOf(file.getFileName())))
          .toList();
    } catch (IOException away) {
      return List.of();
    }
  }

  private static void remove(Path copy) {
    try {
      Files.deleteIfExists(copy);
    } catch (IOException stays) {
      // One more than need be.
    }
  }

  /** How it stands with the copies. */
  public enum Health {
    /** The last is not old. */
    WELL,
    /** There is none yet. */
    NONE,
    /** The folder is not there: a stick that was pulled out. */
    AWAY,
    /** The last is older than a week. */
    OLD,
    /** The last is of a day to come: a clock was wrong then, or is now. */
    AHEAD
  }

  /** How it stands with the copies now. */
  public Health health() {
    if (!Files.isDirectory(folder)) {
      return Health.AWAY;
    }
    return all().stream().findFirst().map(one -> health(one.at())).orElse(Health.NONE);
  }

  private Health health(LocalDateTime last) {
    if (last.isAfter(now().plusDays(1))) {
      return Health.AHEAD;
    }
    return Duration.between(last, now()).compareTo(OLD) > 0 ? Health.OLD : Health.WELL;
  }
}
