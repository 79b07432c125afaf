package jugulum.book.csv;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import jugulum.book.csv.SizeCsv.Faulty;
import jugulum.book.csv.SizeCsv.Layout;
import jugulum.book.csv.SizeCsv.Read;
import jugulum.book.file.FileFault;
import jugulum.core.sizes.SizeCurve;
import jugulum.core.sizes.SizeCurve.Sieved;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class SizeCsvTest {
  private static final SizeCurve CURVE =
      new SizeCurve(
          List.of(new Sieved(1.18, 12.5), new Sieved(0.6, 80.25), new Sieved(0.075, 101)), 7.1);

  private static List<FileFault> faults(String text, Layout layout) {
    assertThat(SizeCsv.read(text, layout)).isInstanceOf(Faulty.class);
    return ((Faulty) SizeCsv.read(text, layout)).faults();
  }

  @ParameterizedTest
  @EnumSource(Layout.class)
  void aCurveComesBackEqualInEveryValue(Layout layout) {
    assertThat(SizeCsv.read(SizeCsv.write(CURVE, layout), layout)).isEqualTo(new Read(CURVE));
  }

  @Test
  void otherColumnsBlankLinesAndAByteOrderMarkAreLeftAlone() {
    String text = "\uFEFFscreen;retained_g;opening_mm\r\nNo. 30; 80,25 ;0,6\r\n\r\npan;7;0\r\n";
    assertThat(SizeCsv.read(text, Layout.SEMICOLON_COMMA))
        .isEqualTo(new Read(new SizeCurve(List.of(new Sieved(0.6, 80.25)), 7)));
  }

  @Test
  void aCommaDecimalIsNeverGuessed() {
    String text = "opening_mm;retained_g\n0,6;80\n0;7\n";
    assertThat(faults(text, Layout.SEMICOLON_POINT))
        .containsExactly(
            new FileFault(
                2, 1, "opening_mm", "“0,6” is not a number with “.” before its decimals"));
    assertThat(faults(text, Layout.COMMA_POINT).getFirst().reason())
        .contains("what parts the columns");
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "0.6,80!0.3,x!0,7|3|2|not a number",
        "0.6,80!0.3,!0,7|3|2|missing",
        "0.6,80!0.3!0,7|3|2|missing",
        "0.6,80!0.6,70!0,7|3|1|twice",
        "0.3,80!0.6,70!0,7|3|1|coarse screens come first",
        "0.6,80!-0.3,70!0,7|3|1|not from 0",
        "0.6,-80!0,7|2|2|not from 0",
        "0.6,80!0.3,70|3|1|pan is missing",
        "0,7!0.6,80|3|1|must be the last row",
        "0.0001,80!0,7|2|1|at least 0.001",
        "0.6,0!0,0|3|1|something must have been weighed",
        "0.6,1e3!0,7|2|2|not a number",
        "0.6,\"80!0,7|2|1|not a row of a table"
      })
  void eachFaultIsToldWithLineAndColumn(String rows, int line, int column, String reason) {
    FileFault fault =
        faults("opening_mm,retained_g\n" + rows.replace('!', '\n') + "\n", Layout.COMMA_POINT)
            .getFirst();
    assertThat(fault.line()).isEqualTo(line);
    assertThat(fault.column()).isEqualTo(column);
    assertThat(fault.reason()).contains(reason);
  }

  @Test
  void allFaultsAreToldAtOnce() {
    assertThat(faults("opening_mm,retained_g\n0.6,a\n0.3,b\n", Layout.COMMA_POINT))
        .extracting(FileFault::line)
        .containsExactly(2, 3, 3);
    assertThat(faults("", Layout.COMMA_POINT).getFirst().reason()).contains("empty");
  }
}
