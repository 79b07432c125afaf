package jugulum.book.xlsx;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.time.Instant;
import java.time.LocalDateTime;
import java.util.Arrays;
import java.util.List;
import jugulum.book.Samples;
import jugulum.book.csv.BatchCsv;
import jugulum.book.csv.TableCsv;
import jugulum.book.table.AccountTables;
import jugulum.book.table.Table;
import jugulum.core.account.Account;
import jugulum.core.belief.Belief;
import jugulum.core.belief.Experience;
import jugulum.core.gold.GoldAccount;
import jugulum.core.gold.GoldMemory;
import jugulum.core.ledger.Batch;
import jugulum.core.ledger.Network;
import jugulum.core.mass.SandAccount;
import jugulum.core.shop.Shop;
import org.dhatim.fastexcel.reader.CellType;
import org.dhatim.fastexcel.reader.ReadableWorkbook;
import org.dhatim.fastexcel.reader.Row;
import org.junit.jupiter.api.Test;

class TablesXlsxTest {
  private static ReadableWorkbook read(List<Table> tables) throws IOException {
    return new ReadableWorkbook(new ByteArrayInputStream(TablesXlsx.write(tables)));
  }

  @Test
  void everyKindOfCellComesBackAsWhatItIs() throws IOException {
    Instant at = Instant.parse("2026-03-02T08:55:00Z");
    Table table =
        new Table(
            "kinds",
            List.of("text", "number", "whole", "truth", "moment", "empty"),
            List.of(Arrays.asList("−30 +50, \"quoted\"", 0.1, 12, true, at, null)));
    try (ReadableWorkbook workbook = read(List.of(table))) {
      Row row = workbook.getFirstSheet().read().get(1);
      assertThat(row.getCellText(0)).isEqualTo("−30 +50, \"quoted\"");
      assertThat(row.getCellAsNumber(1).orElseThrow().doubleValue()).isEqualTo(0.1);
      assertThat(row.getCell(2).getType()).isEqualTo(CellType.NUMBER);
      assertThat(row.getCellAsBoolean(3)).contains(true);
      assertThat(row.getCellAsDate(4)).contains(LocalDateTime.parse("2026-03-02T08:55:00"));
      assertThat(row.getOptionalCell(5)).isEmpty();
    }
    assertThat(TableCsv.print(table))
        .contains("\"−30 +50, \"\"quoted\"\"\",0.1,12,true,2026-03-02T08:55:00Z,");
  }

  /** A cell takes 32,767 signs, and no program opens a file with more. */
  @Test
  void aTextThatNoCellHoldsIsCutAndSaysSo() throws IOException {
    Table table = new Table("texts", List.of("text"), List.of(List.of("x".repeat(40_000))));
    try (ReadableWorkbook workbook = read(List.of(table))) {
      String cell = workbook.getFirstSheet().read().get(1).getCellText(0);
      assertThat(cell).hasSize(32_767).endsWith("x…");
    }
  }

  @Test
  void aRowMustHaveAsManyCellsAsThereAreHeads() {
    assertThatThrownBy(() -> new Table("short", List.of("one", "two"), List.of(List.of(1))))
        .isInstanceOf(IllegalArgumentException.class)
        .hasMessageContaining("1 cells, not 2");
  }

  /**
   * A batch with every kind of thing in it: all tables written, the readings the same as in the
   * batch's own table.
   */
  @Test
  void theAccountOfEverythingIsWrittenWhole() throws IOException {
    Batch batch = Samples.everything();
    Network network = Network.of(batch);
    SandAccount sand = SandAccount.of(network);
    GoldMemory memory = new GoldMemory(1_000);
    GoldAccount gold = GoldAccount.of(network, sand, memory);
    List<Table> tables =
        AccountTables.all(
            Account.of(network, sand, gold, memory, new Belief(Experience.NONE, Shop.USUAL)));
    try (ReadableWorkbook workbook = read(tables)) {
      for (Table table : tables) {
        List<Row> rows = workbook.findSheet(table.name()).orElseThrow().read();
        assertThat(rows).as(table.name()).hasSize(table.rows().size() + 1);
      }
    }
    assertThat(TableCsv.print(tables.getLast())).isEqualTo(BatchCsv.readings(batch));
    assertThat(BatchCsv.readings(batch))
        .contains("Smelt,50.0,LEAD,31.5,28.0,6.1,5.4,0.3,TAKEN_BEFORE,3.2,18.0")
        .contains("gold was left in");
  }
}
