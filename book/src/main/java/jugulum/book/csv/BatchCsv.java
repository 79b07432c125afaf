package jugulum.book.csv;

import jugulum.book.table.BatchTables;
import jugulum.core.gold.GoldAccount;
import jugulum.core.ledger.Batch;
import jugulum.core.ledger.Network;
import jugulum.core.mass.SandAccount;

/**
 * A batch as tables for a spreadsheet: its lots with what they come to, every reading as it was
 * recorded, and the specks of its pictures.
 */
public final class BatchCsv {
  private BatchCsv() {}

  /** One row a live lot. */
  public static String lots(Batch batch) {
    Network network = Network.of(batch);
    SandAccount sand = SandAccount.of(network);
    return TableCsv.print(BatchTables.lots(network, sand, GoldAccount.of(network, sand)));
  }

  /** One row a speck of a picture. */
  public static String specks(Batch batch) {
    return TableCsv.print(BatchTables.specks(batch));
  }

  /** One row a reading, struck ones included. */
  public static String readings(Batch batch) {
    return TableCsv.print(BatchTables.readings(batch));
  }
}
