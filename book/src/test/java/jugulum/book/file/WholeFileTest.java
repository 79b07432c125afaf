package jugulum.book.file;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class WholeFileTest {
  @TempDir private Path folder;

  private long files() throws IOException {
    try (Stream<Path> all = Files.list(folder)) {
      return all.count();
    }
  }

  @Test
  void isWrittenOverOnlyWhenItIsWhole() throws IOException {
    Path file = folder.resolve("a.csv");
    WholeFile.write(file, "of before\n");
    assertThatThrownBy(
            () ->
                WholeFile.write(
                    file,
                    out -> {
                      out.write(new byte[10_000]);
                      throw new IOException("the disk is full");
                    }))
        .hasMessage("the disk is full");
    assertThat(file).hasContent("of before");
    assertThat(files()).as("no part stays").isEqualTo(1);
    WholeFile.write(file, "of now\n");
    assertThat(file).hasContent("of now");
  }

  @Test
  void ofSeveralAllOrNone() throws IOException {
    Map<Path, WholeFile.Writing> all = new LinkedHashMap<>();
    all.put(folder.resolve("a.csv"), out -> out.write('a'));
    all.put(
        folder.resolve("b.csv"),
        _ -> {
          throw new IOException("the disk is full");
        });
    assertThatThrownBy(() -> WholeFile.writeAll(all)).isInstanceOf(IOException.class);
    assertThat(files()).isZero();
    all.put(folder.resolve("b.csv"), out -> out.write('b'));
    WholeFile.writeAll(all);
    assertThat(folder.resolve("a.csv")).hasContent("a");
    assertThat(folder.resolve("b.csv")).hasContent("b");
  }
}
