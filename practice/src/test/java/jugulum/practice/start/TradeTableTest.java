package jugulum.practice.start;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import jugulum.core.simulated.Coverage;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

class TradeTableTest {
  private static final int ROWS = 4;

  /** What ships is what the laws make that hold now: rows by chance, all of them when thorough. */
  @Tag("simulated")
  @Test
  void whatShipsIsWhatTheLawsMake() {
    List<String> lines = TradeTable.lines();
    List<TradeTable.Row> rows = new ArrayList<>(TradeTable.rows().toList());
    assertThat(lines).hasSize(rows.size() + 1);
    List<Integer> some = new ArrayList<>();
    for (int i = 0; i < rows.size(); i++) {
      assertThat(lines.get(i + 1)).startsWith(rows.get(i).name() + ",");
      some.add(i);
    }
    Collections.shuffle(some, new Random(29));
    some.subList(0, Coverage.THOROUGH ? some.size() : ROWS)
        .forEach(i -> assertThat(rows.get(i).made()).isEqualTo(lines.get(i + 1)));
  }
}
