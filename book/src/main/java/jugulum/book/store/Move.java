package jugulum.book.store;

import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import jugulum.book.stream.BookProblem;
import jugulum.book.stream.BookProblem.Kind;
import jugulum.book.stream.Placed;

/**
 * Copies a whole book from a file to a server and back, row by row: every row with its number, its
 * moment and who wrote it, and every copy of a picture.
 *
 * @param rows how many rows
 * @param pictures how many pictures
 */
public record Move(long rows, int pictures) {
  private static final int AT_A_TIME = 1_000;

  /**
   * Copies a file to a server, all or nothing. The file stays as it is.
   *
   * @param file a book
   * @param address a served book in which nothing stands yet
   * @throws BookProblem where it cannot be read, the server has something, or does not take it
   */
  public static Move there(Path file, BookAddress address, Clock clock) {
    try (SqliteStore from = SqliteStore.open(file, clock);
        PostgresRows to = PostgresRows.open(address)) {
      return from.still(
          () ->
              to.transaction(
                  () -> {
                    if (to.length() > 0) {
                      throw new BookProblem(Kind.NOT_EMPTY, address.toString(), "", null);
                    }
                    long rows = 0;
                    for (List<Served.Arrived> some = from.after(0, AT_A_TIME);
                        !some.isEmpty();
                        some = from.after(some.getLast().seq(), AT_A_TIME)) {
                      to.append(some.stream().map(Served.Arrived::placed).toList());
                      rows += some.size();
                    }
                    int pictures = 0;
                    for (String sha256 : from.pictures()) {
                      from.picture(sha256).ifPresent(to::keep);
                      pictures++;
                    }
                    checkSame(from, to.after(0, Integer.MAX_VALUE), address.toString());
                    return new Move(rows, pictures);
                  }));
    }
  }

  /**
   * Copies a served book into a new file. The server's stays as it is.
   *
   * @param address a served book
   * @param fresh the file to make; must not be there
   * @throws BookProblem where it cannot be read, or the file not made
   */
  public static Move back(BookAddress address, Path fresh, Clock clock) {
    if (Files.exists(fresh)) {
      throw new BookProblem(Kind.CANNOT_CREATE, fresh, "it is there already", null);
    }
    try (PostgresRows from = PostgresRows.open(address);
        SqliteStore to = SqliteStore.open(fresh, clock)) {
      return from.still(
          () ->
              to.transaction(
                  () -> {
                    List<Served.Arrived> rows = from.after(0, Integer.MAX_VALUE);
                    to.addAll(rows);
                    List<String> pictures = from.pictures();
                    pictures.forEach(sha256 -> from.picture(sha256).ifPresent(to::keep));
                    return new Move(rows.size(), pictures.size());
                  }));
    }
  }

  /** What arrived is what was sent, row by row. */
  private static void checkSame(SqliteStore from, List<Served.Arrived> there, String place) {
    List<Placed> sent = new ArrayList<>();
    from.after(0, Integer.MAX_VALUE).forEach(one -> sent.add(one.placed()));
    if (!sent.equals(there.stream().map(Served.Arrived::placed).toList())) {
      throw new BookProblem(Kind.DAMAGED, place, "it did not arrive as it was sent", null);
    }
  }
}
