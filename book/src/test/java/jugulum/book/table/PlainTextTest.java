package jugulum.book.table;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.StringReader;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import jugulum.book.csv.TableCsv;
import jugulum.book.xlsx.TablesXlsx;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.dhatim.fastexcel.reader.ReadableWorkbook;
import org.dhatim.fastexcel.reader.Row;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class PlainTextTest {
  private static final List<String> TEXTS =
      List.of(
          "=1+1",
          "+16",
          "-30",
          "@sum",
          "\tx",
          "'quoted",
          "'=1",
          "''",
          "plain",
          "",
          "−30 +50",
          "=HYPERLINK(\"x\")",
          "'",
          "\uff1d1+1",
          " =1+1",
          "\u3000\uff20sum",
          " plain");

  private static Table table() {
    return new Table(
        "texts",
        List.of("text", "number"),
        TEXTS.stream().map(text -> List.<Object>of(text, -1.5)).toList());
  }

  /**
   * Spreadsheets take a cell for a formula by its first letter (OWASP, CSV injection; from memory).
   */
  @ParameterizedTest
  @ValueSource(
      strings = {
        "=1+1",
        "+16",
        "-30",
        "@sum",
        "\tx",
        "\rx",
        "=cmd|' /C calc'!A0",
        "\uff1d1+1",
        "  =1",
        "\u00a0@x"
      })
  void noTextBeginsLikeAFormula(String text) {
    assertThat(PlainText.guarded(text)).startsWith("'").endsWith(text);
    assertThat(PlainText.read(PlainText.guarded(text))).isEqualTo(text);
  }

  @Test
  void textsComeBackEqualFromBothKindsOfFile() throws IOException {
    List<String> csv = new ArrayList<>();
    for (CSVRecord row :
        CSVFormat.RFC4180
            .builder()
            .setHeader()
            .setSkipHeaderRecord(true)
            .get()
            .parse(new StringReader(TableCsv.print(table())))
            .getRecords()) {
      assertThat(row.get("text")).doesNotMatch("\\s*[=+@\\t\uff1d\uff20-].*");
      assertThat(row.get("number")).as("a number stays one").isEqualTo("-1.5");
      csv.add(PlainText.read(row.get("text")));
    }
    assertThat(csv).isEqualTo(TEXTS);
    try (ReadableWorkbook workbook =
            new ReadableWorkbook(new ByteArrayInputStream(TablesXlsx.write(List.of(table()))));
        Stream<Row> rows = workbook.getFirstSheet().openStream()) {
      List<String> cells = rows.skip(1).map(row -> row.getCellText(0)).toList();
      assertThat(cells).noneMatch(cell -> cell.matches("[=+@\\t-].*"));
      assertThat(cells.stream().map(PlainText::read)).isEqualTo(TEXTS);
    }
  }
}
