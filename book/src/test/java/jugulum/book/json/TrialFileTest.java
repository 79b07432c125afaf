package jugulum.book.json;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;
import jugulum.book.file.FileFault;
import jugulum.book.trial.SomeTrial;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class TrialFileTest {
  private static final String TEXT = TrialFile.write(SomeTrial.everything());

  @Test
  void aTrialReadBackIsEqualInEveryValue() {
    assertThat(TrialFile.read(TEXT)).isEqualTo(new TrialFile.Read(SomeTrial.everything()));
  }

  @Test
  void aFileIsTheSameWhateverTheLanguage() {
    Locale before = Locale.getDefault();
    try {
      Locale.setDefault(Locale.GERMANY);
      assertThat(TrialFile.write(SomeTrial.everything())).isEqualTo(TEXT);
    } finally {
      Locale.setDefault(before);
    }
  }

  private static FileFault fault(String text) {
    assertThat(TrialFile.read(text)).isInstanceOf(TrialFile.Faulty.class);
    return ((TrialFile.Faulty) TrialFile.read(text)).faults().getFirst();
  }

  @ParameterizedTest
  @CsvSource({
    "'\"specks\" : 44', '\"specks\" : -1', /trial/runs/0/found/0/specks",
    "'\"sandG\" : 1500.5', '\"sandG\" : 0', /trial/runs/0/sandG",
    "'\"stuff\" : \"LEAD\"', '\"stuff\" : \"TIN\"', /trial/plan/stuff",
    "'\"port\" : \"TAILINGS\"', '\"port\" : \"FEED\"', /trial/runs/0/found/1/port",
    "'\"share\" : 0.97', '\"share\" : 1.5', /trial/runs/0/spikes/0/share",
    "'\"name\" : \"Deeper cone\"', '\"name\" : \" \"', /trial/name"
  })
  void aFaultNamesItsLineAndPlace(String good, String bad, String where) {
    assertThat(TEXT).contains(good);
    FileFault fault = fault(TEXT.replaceFirst(Pattern.quote(good), bad));
    assertThat(fault.where()).isEqualTo(where);
    assertThat(fault.line()).isPositive();
  }

  @Test
  void whatIsNeitherCountedNorWeighedIsRefused() {
    String spoilt = TEXT.replace("\"specks\" : 5\n", "\"seen\" : 5\n");
    assertThat(spoilt).isNotEqualTo(TEXT);
    assertThat(fault(spoilt).where()).startsWith("/trial/runs/0/found/1");
  }

  @Test
  void aBatchFileIsNoTrial() {
    assertThat(fault(TEXT.replace("jugulum-trial", "jugulum-batch")).where()).isEqualTo("/format");
    assertThat(fault(TEXT.replace("\"version\" : 1", "\"version\" : 2")).reason())
        .contains("version 2", "version 1");
    assertThat(((TrialFile.Faulty) TrialFile.read("")).faults()).hasSize(1);
    assertThat(List.of(TrialFile.schema(), BatchFile.schema())).doesNotHaveDuplicates();
  }
}
