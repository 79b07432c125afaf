package jugulum.book.csv;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import jugulum.book.table.Table;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

/** Writes a table as CSV: comma between columns, point in numbers, one header row; RFC 4180. */
public final class TableCsv {
  private TableCsv() {}

  /** The whole file. */
  public static String print(Table table) {
    StringBuilder text = new StringBuilder();
    try (CSVPrinter csv = new CSVPrinter(text, CSVFormat.RFC4180)) {
      csv.printRecord(table.heads());
      for (List<Object> row : table.rows()) {
        csv.printRecord(row);
      }
    } catch (IOException impossible) {
      throw new UncheckedIOException(impossible);
    }
    return text.toString();
  }
}
