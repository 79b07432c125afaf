package jugulum.book;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import jugulum.book.batch.BatchStream;
import jugulum.book.day.DayStream;
import jugulum.book.season.SeasonStream;
import jugulum.book.shop.ShopStream;
import jugulum.book.store.BookAddress;
import jugulum.book.store.Move;
import jugulum.book.store.Rescue;
import jugulum.book.store.SqliteStore;
import jugulum.book.stream.Book;
import jugulum.book.stream.BookProblem;
import jugulum.book.stream.StreamKind;
import jugulum.book.stream.Writer;
import jugulum.book.together.Together;
import jugulum.book.trial.TrialStream;

/** Books as files, and the kinds of stream they hold. */
public final class Books {
  /** Every kind of stream. A new one is added here, and nowhere else outside its own package. */
  public static final List<StreamKind<?, ?>> KINDS =
      List.of(
          BatchStream.KIND, ShopStream.KIND, TrialStream.KIND, DayStream.KIND, SeasonStream.KIND);

  private Books() {}

  /**
   * Opens a book, or makes it where there is none. Where another window has it, or the disk may not
   * be written, it is opened to read only and says why.
   *
   * @param path the file
   * @param writer who writes
   * @throws jugulum.book.stream.BookProblem if it cannot be opened
   */
  public static Book open(Path path, Writer writer) {
    return new Book(SqliteStore.open(path, writer.clock()), KINDS, writer);
  }

  /**
   * Opens a copy of a book to look at it; nothing of it is written, nor beside it.
   *
   * @param copy the file
   * @param writer who looks
   * @throws jugulum.book.stream.BookProblem if it cannot be read
   */
  public static Book look(Path copy, Writer writer) {
    return new Book(SqliteStore.look(copy, writer.clock()), KINDS, writer);
  }

  /**
   * Opens this bench's copy of a book that a server keeps, or makes it.
   *
   * @param address where the server keeps it
   * @param mirror the bench's copy
   * @param writer who writes
   * @throws jugulum.book.stream.BookProblem where there is no copy yet and no server answers
   */
  public static Together together(BookAddress address, Path mirror, Writer writer) {
    return Together.open(address, mirror, writer, KINDS);
  }

  /** The same for a window: one that has a copy opens at once, and hears the server then. */
  public static Together togetherAtOnce(BookAddress address, Path mirror, Writer writer) {
    return Together.openAtOnce(address, mirror, writer, KINDS);
  }

  /**
   * Copies a book to a server, all of it or nothing.
   *
   * @param file the book; one of an earlier version is brought up first, as when it is opened
   * @param address a served book in which nothing stands yet
   * @param writer who does
   * @throws jugulum.book.stream.BookProblem if it cannot be
   */
  public static Move there(Path file, BookAddress address, Writer writer) {
    if (!Files.exists(file)) {
      throw new BookProblem(BookProblem.Kind.NOT_A_BOOK, file, "it is not there", null);
    }
    open(file, writer).close();
    return Move.there(file, address, writer.clock());
  }

  /**
   * Copies what can be read of a damaged book into a new one.
   *
   * @param damaged the damaged book's file
   * @param fresh the file to make; must not exist
   * @param writer who does
   * @throws jugulum.book.stream.BookProblem if nothing can be read, or the new book cannot be made
   */
  public static Rescue rescue(Path damaged, Path fresh, Writer writer) {
    return Rescue.copy(damaged, fresh, KINDS, writer);
  }
}
