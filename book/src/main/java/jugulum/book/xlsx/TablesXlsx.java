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

  /** A cell of a spreadsheet holds no more signs: common practice. */
  private static final int MOST_SIGNS = 32_767;

  private static void cell(Worksheet sheet, int row, int column, Object value) {
    switch (value) {
      case null -> {}
      case Number number -> sheet.value(row, column, number);
      case Boolean truth -> sheet.value(row, column, truth);
      case Instant at -> {
        sheet.value(row, column, at.atZone(ZoneOffset.UTC).toLocalDateTime());
        sheet.style(row, column).format(MOMENT).set();
      }
      default -> sheet.value(row, column, fitting(PlainText.guarded(value.toString())));
    }
  }

  /** What a cell cannot hold is cut and says so; every other format holds all of it. */
  private static String fitting(String text) {
    if (text.length() <= MOST_SIGNS) {
      return text;
    }
    int end =
        Character.isHighSurrogate(text.charAt(MOST_SIGNS - 2)) ? MOST_SIGNS - 2 : MOST_SIGNS - 1;
    return text.substring(0, end) + "…";
  }
}
