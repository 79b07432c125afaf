package jugulum.book.file;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class TextFileTest {
  @TempDir private Path folder;

  private String read(Path file) {
    return TextFile.read(
        file, text -> "text: " + text, faults -> "fault: " + faults.getFirst().reason());
  }

  @Test
  void aTextIsHandedOn() throws IOException {
    assertThat(read(Files.writeString(folder.resolve("a.csv"), "ünï"))).isEqualTo("text: ünï");
  }

  @Test
  void whatCannotBeReadIsAFault() throws IOException {
    assertThat(read(folder.resolve("missing.csv"))).isEqualTo("fault: there is no such file");
    assertThat(
            read(
                Files.write(
                    folder.resolve("b.csv"), "0,6;ü".getBytes(StandardCharsets.ISO_8859_1))))
        .isEqualTo("fault: it is not a UTF-8 text file");
    assertThat(read(folder)).startsWith("fault: ");
  }
}
