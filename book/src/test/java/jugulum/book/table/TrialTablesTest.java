package jugulum.book.table;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import jugulum.book.csv.TableCsv;
import jugulum.book.trial.SomeTrial;
import jugulum.core.trial.TrialResult;
import org.junit.jupiter.api.Test;

class TrialTablesTest {
  @Test
  void everyAmountHasARow() {
    Table runs = TrialTables.runs(SomeTrial.everything());
    assertThat(runs.rows()).hasSize(6);
    assertThat(cell(runs, 0, "what")).isEqualTo("PUT_IN");
    assertThat(cell(runs, 0, "specks")).isEqualTo(50);
    assertThat(cell(runs, 0, "share")).isEqualTo(0.97);
    assertThat(cell(runs, 0, "settings")).isEqualTo("flow=11.5; volts=12.2");
    assertThat(cell(runs, 1, "specks")).as("only weighed").isNull();
    assertThat(cell(runs, 1, "mg")).isEqualTo(3.5);
    assertThat(cell(runs, 3, "what")).isEqualTo("TAILINGS");
    assertThat(cell(runs, 3, "mg")).as("only counted").isNull();
    assertThat(cell(runs, 5, "machine_name")).isEqualTo("little trap");
  }

  @Test
  void whatIsShownIsWhatTheTrialShows() {
    Table shown = TrialTables.shown(SomeTrial.everything());
    List<String> bases = shown.rows().stream().map(row -> (String) row.get(4)).toList();
    assertThat(bases).containsExactly("COUNTED", "WEIGHED");
    assertThat(cell(shown, 0, "low"))
        .isEqualTo(TrialResult.of(SomeTrial.everything()).lines().getFirst().recovered().low());
    assertThat(cell(shown, 0, "missing")).isEqualTo(1);
    assertThat(cell(shown, 0, "own")).as("the blank run is struck").isNull();
  }

  @Test
  void aTextThatWouldBeAFormulaIsGuarded() {
    assertThat(TableCsv.print(TrialTables.runs(SomeTrial.everything())))
        .contains("'=not the same sand")
        .startsWith("run,at,machine,");
  }

  private static Object cell(Table table, int row, String head) {
    return table.rows().get(row).get(table.heads().indexOf(head));
  }
}
