package jugulum.book.together;

import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.util.UUID;
import jugulum.book.Books;
import jugulum.book.batch.BatchStream;
import jugulum.book.store.BookAddress;
import jugulum.book.stream.Bench;
import jugulum.book.stream.Order;
import jugulum.book.stream.Saved;
import jugulum.book.stream.SetAside;
import jugulum.book.stream.Writer;
import jugulum.core.ledger.BatchId;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Measure;

/**
 * One of several benches, each a program of its own, that record so many weights on one lot of one
 * served book. Says how many were recorded and how many set aside. Run by {@link ManyBenchesTest}.
 */
public final class OneOfManyBenches {
  static final BatchId ID = new BatchId(UUID.fromString("00000000-0000-4000-8000-0000000f1ee5"));

  private OneOfManyBenches() {}

  /**
   * @param args the book's address, a folder of one's own, which bench it is, how many weights
   */
  public static void main(String[] args) {
    int which = Integer.parseInt(args[2]);
    Bench bench = new Bench("bench-" + which, "bench " + which);
    Writer writer = new Writer(() -> bench, Clock.systemUTC(), UUID::randomUUID);
    int recorded = 0;
    try (Together together =
        Together.open(
            BookAddress.parse(args[0]), Path.of(args[1], "copy.book"), writer, Books.KINDS)) {
      for (int i = 0; i < Integer.parseInt(args[3]); i++) {
        Edit weight =
            new Edit.RecordOnLot(new LotId(1), new Measure.SandWeight(grams(which, i), 0, 0, 1));
        recorded +=
            together.book().submit(Order.of(BatchStream.of(ID), weight)) instanceof Saved.Recorded
                ? 1
                : 0;
        if (i % 5 == 4) {
          together.carry();
        }
      }
      together.settle(Duration.ofMinutes(5));
      long aside =
          together.setAside().stream().filter(one -> one.state() == SetAside.State.OPEN).count();
      System.out.println(recorded + " " + aside + " " + together.status().waiting());
    }
  }

  /** A weight no other bench records, nor this one again. */
  static double grams(int which, int i) {
    return which * 10_000 + i;
  }
}
