package jugulum.book.stream;

import java.nio.file.Path;
import org.jspecify.annotations.Nullable;

/**
 * A book cannot be opened, read or written. What was shown as recorded is safe; what was being
 * recorded was not taken.
 */
public final class BookProblem extends RuntimeException {
  private static final long serialVersionUID = 1L;

  /** What is wrong. */
  public enum Kind {
    /** The file is no book. */
    NOT_A_BOOK,
    /** A newer program wrote it. */
    NEWER_VERSION,
    /** Its contents do not hold together. */
    DAMAGED,
    /** A row of it says what this version does not understand; the row is as it was written. */
    NOT_UNDERSTOOD,
    /** It could not be made where it was asked for. */
    CANNOT_CREATE,
    /** The disk is full. */
    DISK_FULL,
    /** The disk or the file may not be written. */
    READ_ONLY_DISK,
    /** This window may only read: another has the book, or the disk is read-only. */
    READ_ONLY,
    /** The disk failed in some other way. */
    DISK_ERROR,
    /** The address of a served book is none. */
    NO_ADDRESS,
    /** No server answers there. */
    NO_SERVER,
    /** The server does not let this bench in: its name, its password, or where it comes from. */
    NOT_LET_IN,
    /** The server does not show who it is in a way this machine trusts. */
    NOT_TRUSTED,
    /** The bench has no right to what it asked for. */
    NO_RIGHT,
    /** The server has no book. */
    NO_BOOK_THERE,
    /** The server's book has something in it already. */
    NOT_EMPTY,
    /** The server is of too old a make. */
    OLD_SERVER,
    /** At that address is another book than the bench knew, or one that has lost rows. */
    ANOTHER_BOOK,
    /** The server does not take what was written: it is too long, or says what cannot be. */
    NOT_TAKEN,
    /** The server's disk is full. */
    SERVER_FULL,
    /** The server failed in some other way. */
    SERVER_ERROR
  }

  /** Whether it is in what one stream says, so that the others can be read all the same. */
  public boolean isInOneStream() {
    return kind == Kind.DAMAGED || kind == Kind.NOT_UNDERSTOOD;
  }

  /**
   * A row that does not say anything this version understands; thrown by those who read it, who do
   * not know where it stands.
   */
  public static final class NotUnderstood extends RuntimeException {
    private static final long serialVersionUID = 1L;

    /**
     * A row that is not understood.
     *
     * @param what what the reader said
     * @param cause what was thrown, or null
     */
    public NotUnderstood(String what, @Nullable Throwable cause) {
      super(what, cause);
    }
  }

  private final Kind kind;
  private final String place;
  private final String detail;

  /**
   * A problem of a book in a file.
   *
   * @param kind what is wrong
   * @param path the file of the book
   * @param detail what the database or the reader said; may be empty
   * @param cause what was thrown, or null
   */
  public BookProblem(Kind kind, Path path, String detail, @Nullable Throwable cause) {
    this(kind, path.toString(), detail, cause);
  }

  /**
   * A problem of a book anywhere.
   *
   * @param kind what is wrong
   * @param place where the book is: a file, or the address of a server
   * @param detail what the database or the reader said; may be empty
   * @param cause what was thrown, or null
   */
  public BookProblem(Kind kind, String place, String detail, @Nullable Throwable cause) {
    super(kind + " " + place + (detail.isEmpty() ? "" : ": " + detail), cause);
    this.kind = kind;
    this.place = place;
    this.detail = detail;
  }

  /** What is wrong. */
  public Kind kind() {
    return kind;
  }

  /** What the database or the reader said; may be empty. */
  public String detail() {
    return detail;
  }

  /** Where the book is: a file, or the address of a server. */
  public String place() {
    return place;
  }
}
