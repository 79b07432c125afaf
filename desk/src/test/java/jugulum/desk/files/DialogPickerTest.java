package jugulum.desk.files;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class DialogPickerTest {
  @TempDir private Path folder;

  private Path once(String name) {
    return folder.relativize(DialogPicker.endingOnce(folder.resolve(name), "json"));
  }

  @Test
  void anEndingTypedIsNotPutTwice() {
    assertThat(once("fern.json.json")).hasToString("fern.json");
    assertThat(once("fern.json")).hasToString("fern.json");
    assertThat(once("fern.csv.json")).hasToString("fern.csv.json");
    assertThat(once("json")).hasToString("json");
    assertThat(once(".json.json")).hasToString(".json");
  }

  @Test
  void whatTheDialogDidNotAskAboutIsNotWrittenOver() throws IOException {
    Files.writeString(folder.resolve("fern.json"), "mine");
    assertThat(once("fern.json.json")).hasToString("fern.json.json");
  }
}
