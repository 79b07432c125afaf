package jugulum.book.store;

import java.nio.file.Path;
import java.time.Clock;
import java.util.UUID;
import jugulum.book.Books;
import jugulum.book.batch.BatchStream;
import jugulum.book.stream.Bench;
import jugulum.book.stream.Book;
import jugulum.book.stream.Order;
import jugulum.book.stream.Saved;
import jugulum.book.stream.Writer;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Measure;

/**
 * One of several programs that write one book at the same time: records so many weights on one lot,
 * and says how many were recorded. Run by {@link ManyWindowsTest}.
 */
public final class OneOfMany {
  private OneOfMany() {}

  /**
   * @param args the book, which of the programs it is, and how many weights
   */
  public static void main(String[] args) {
    int which = Integer.parseInt(args[1]);
    Bench bench = new Bench("bench-" + which, "bench " + which);
    Writer writer = new Writer(() -> bench, Clock.systemUTC(), UUID::randomUUID);
    int recorded = 0;
    try (Book book = Books.open(Path.of(args[0]), writer)) {
      for (int i = 0; i < Integer.parseInt(args[2]); i++) {
        Edit weight =
            new Edit.RecordOnLot(new LotId(1), new Measure.SandWeight(grams(which, i), 0, 0, 1));
        recorded +=
            book.submit(Order.of(BatchStream.of(Killable.ID), weight)) instanceof Saved.Recorded
                ? 1
                : 0;
      }
    }
    System.out.println(recorded);
  }

  /** A weight no other program records, nor this one again. */
  static double grams(int which, int i) {
    return which * 10_000 + i;
  }
}
