package jugulum.desk.files;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class FileSetTest {
  private static final List<String> ENDINGS = List.of("-lots.csv", "-readings.csv");

  @TempDir private Path folder;

  @Test
  void freeNamesAreTheChosenOnes() {
    assertThat(FileSet.beside(folder.resolve("fern.json"), ENDINGS).stem()).isEqualTo("fern");
    assertThat(FileSet.beside(folder.resolve("fern"), ENDINGS).stem())
        .as("a name without an ending")
        .isEqualTo("fern");
    assertThat(FileSet.beside(folder.resolve("a.b.json"), ENDINGS).stem()).isEqualTo("a.b");
  }

  @Test
  void nothingBesideIsWrittenOver() throws IOException {
    Files.writeString(folder.resolve("fern-readings.csv"), "mine");
    Files.writeString(folder.resolve("fern-2-lots.csv"), "mine too");
    FileSet set = FileSet.beside(folder.resolve("fern.json"), ENDINGS);
    assertThat(set.stem()).as("one number for all of them").isEqualTo("fern-3");
    set.write("{}", Map.of("-lots.csv", "lots", "-readings.csv", "readings"));
    assertThat(folder.resolve("fern-readings.csv")).hasContent("mine");
    assertThat(folder.resolve("fern.json")).hasContent("{}");
    assertThat(folder.resolve("fern-3-lots.csv")).hasContent("lots");
    assertThat(folder.resolve("fern-3-readings.csv")).hasContent("readings");
    assertThat(folder.resolve("fern-lots.csv")).doesNotExist();
  }

  /** Somebody may choose a name that one of the others would have. */
  @Test
  void theChosenFileIsNeverOneOfTheOthers() {
    Path chosen = folder.resolve("fern.csv");
    assertThat(FileSet.beside(chosen, List.of(".csv")).stem()).isEqualTo("fern-2");
  }
}
