package jugulum.book.xlsx;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.List;
import jugulum.book.table.PlainText;
import jugulum.book.table.Table;
import org.dhatim.fastexcel.Workbook;
import org.dhatim.fastexcel.Worksheet;

/**
 * Writes tables as one spreadsheet (Office Open XML), a sheet for each; numbers are numbers,
 * moments are moments in UTC.
 */
public final class TablesXlsx {
  private static final String MAKER = "Jugulum";
  private static final String VERSION = "1.0";
  private static final String MOMENT = "yyyy-mm-dd hh:mm:ss";

  private TablesXlsx() {}

  /** The whole file. */
  public static byte[] write(List<Table> tables) {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try (Workbook workbook = new Workbook(out, MAKER, VERSION)) {
      for (Table table : tables) {
        sheet(workbook.newWorksheet(table.name()), table);
      }
    } catch (IOException impossible) {
      throw new UncheckedIOException(impossible);
    }
    return out.toByteArray();
  }

  private static void sheet(Worksheet sheet, Table table) {
    for (int column = 0; column < table.heads().size(); column++) {
      sheet.value(0, column, table.heads().get(column));
      sheet.style(0, column).bold().set();
    }
    sheet.freezePane(0, 1);
    for (int row = 0; row < table.rows().size(); row++) {
      List<Object> cells = table.rows().get(row);
      for (int column = 0; column < cells.size(); column++) {
        cell(sheet, row + 1, column, cells.get(column));
      }
    }
  }

  private static void cell(Worksheet sheet, int row, int column, Object value) {
    switch (value) {
      case null -> {}
      case Number number -> sheet.value(row, column, number);
      case Boolean truth -> sheet.value(row, column, truth);
      case Instant at -> {
        sheet.value(row, column, at.atZone(ZoneOffset.UTC).toLocalDateTime());
        sheet.style(row, column).format(MOMENT).set();
      }
      default -> sheet.value(row, column, PlainText.guarded(value.toString()));
    }
  }
}
