package jugulum.desk.print;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PaperTest {
  /** A recovery of 99.6 to 99.9 %, one above the head, one of nothing: every range has a bar. */
  @ParameterizedTest
  @CsvSource({"0, 0", "0, 1", "0.996, 0.999", "1, 1", "0.512, 1.207", "1.1, 1.3", "0.5, 0.5"})
  void everyRangeHasABar(double from, double to) {
    assertThatCode(() -> Paper.bar(from, to)).doesNotThrowAnyException();
    assertThat(Paper.bar(from, to).getTable().getAbsoluteWidths()).hasSize(3);
  }
}
