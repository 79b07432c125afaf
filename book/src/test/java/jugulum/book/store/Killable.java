package jugulum.book.store;

import java.nio.file.Path;
import java.time.Clock;
import java.time.LocalDate;
import java.util.UUID;
import jugulum.book.BatchBook;
import jugulum.core.ledger.Assumptions;
import jugulum.core.ledger.BatchId;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.Label;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Measure;

/**
 * A program that records weights as fast as it can and says each one after it is recorded, until it
 * is killed. Run by {@link KillTest}, which then looks for every weight that was said.
 */
public final class Killable {
  private Killable() {}

  static final BatchId ID = new BatchId(UUID.fromString("00000000-0000-4000-8000-00000000dead"));

  public static void main(String[] args) {
    try (BatchBook book = BatchBook.open(Path.of(args[0]), Clock.systemUTC())) {
      if (book.state(ID).now().isEmpty()) {
        book.submit(
            ID,
            new Edit.StartBatch(ID, new Label("Killed", "", LocalDate.EPOCH), Assumptions.USUAL));
      }
      int next = book.state(ID).now().orElseThrow().lots().getFirst().readings().size();
      while (true) {
        book.submit(ID, new Edit.RecordOnLot(new LotId(1), new Measure.SandWeight(next, 0, 0, 1)));
        System.out.println(next);
        System.out.flush();
        next++;
      }
    }
  }
}
