package jugulum.book.csv;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.util.List;
import jugulum.book.Samples;
import jugulum.core.ledger.Batch;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.junit.jupiter.api.Test;

class BatchCsvTest {
  private final Batch batch = Samples.everything();

  private static List<CSVRecord> read(String text) throws IOException {
    return CSVFormat.RFC4180
        .builder()
        .setHeader()
        .setSkipHeaderRecord(true)
        .get()
        .parse(new java.io.StringReader(text))
        .getRecords();
  }

  @Test
  void everyReadingStandsWithItsValuesAndItsReason() throws IOException {
    List<CSVRecord> rows = read(BatchCsv.readings(batch));
    assertThat(rows).hasSize((int) batch.readings().count());
    CSVRecord struck =
        rows.stream().filter(row -> !row.get("struck_reason").isEmpty()).findFirst().orElseThrow();
    assertThat(struck.get("struck_reason")).isEqualTo("digits, swapped \"again\"");
    assertThat(struck.get("value_2")).isEqualTo("14316.7");
    assertThat(rows.getFirst().get("value_3")).isEqualTo("0.084");
  }

  @Test
  void everyLiveLotStandsWithItsMass() throws IOException {
    List<CSVRecord> rows = read(BatchCsv.lots(batch));
    assertThat(rows)
        .as("the two lots of the withdrawn step do not count")
        .hasSize(batch.lots().size() - 2);
    CSVRecord cut = rows.get(2);
    assertThat(cut.get("cut")).isEqualTo("−16 +50");
    assertThat(Double.parseDouble(cut.get("dry_g"))).isEqualTo(25_000.1);
    assertThat(rows.get(14).get("gold_mg")).startsWith("3934");
  }
}
