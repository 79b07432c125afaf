package jugulum.book.csv;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import jugulum.book.table.PlainText;
import jugulum.book.table.Table;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

/** Writes a table as CSV: comma between columns, point in numbers, one header row; RFC 4180. */
public final class TableCsv {
  private TableCsv() {}

  private static Object cell(Object value) {
    return value instanceof String text ? PlainText.guarded(text) : value;
  }

  /** The whole file. */
  public static String print(Table table) {
    StringBuilder text = new StringBuilder();
    try (CSVPrinter csv = new CSVPrinter(text, CSVFormat.RFC4180)) {
      csv.printRecord(table.heads());
      for (List<Object> row : table.rows()) {
        csv.printRecord(row.stream().map(TableCsv::cell));
      }
    } catch (IOException impossible) {
      throw new UncheckedIOException(impossible);
    }
    return text.toString();
  }
}
