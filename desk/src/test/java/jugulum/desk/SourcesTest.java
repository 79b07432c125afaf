package jugulum.desk;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** How every Java source is written; scripts/format writes them so. */
class SourcesTest {
  private static final int LONGEST_LINE = 120;

  private static List<Path> sources() throws IOException {
    Path home = Path.of("").toAbsolutePath().getParent();
    try (Stream<Path> all = Files.walk(home)) {
      return all.filter(file -> file.toString().endsWith(".java"))
          .filter(file -> !home.relativize(file).toString().contains("target"))
          .toList();
    }
  }

  @Test
  void noLineIsTooLongToRead() throws IOException {
    List<String> tooLong = new ArrayList<>();
    List<Path> sources = sources();
    for (Path source : sources) {
      List<String> lines = Files.readAllLines(source);
      for (int i = 0; i < lines.size(); i++) {
        if (lines.get(i).length() > LONGEST_LINE || lines.get(i).contains("\t")) {
          tooLong.add(source.getFileName() + ":" + (i + 1));
        }
      }
    }
    assertThat(sources).hasSizeGreaterThan(400);
    assertThat(tooLong).isEmpty();
  }

  /** docs/science/assumptions.md is what the sources say, and each constant says what it moves. */
  @Test
  void whatIsAssumedIsToldInOneTable() throws IOException, InterruptedException {
    Path home = Path.of("").toAbsolutePath().getParent();
    Process printed =
        new ProcessBuilder(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                home.resolve("scripts/Assumptions.java").toString(),
                home.toString())
            .redirectErrorStream(true)
            .start();
    String table = new String(printed.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
    assertThat(printed.waitFor()).isZero();
    assertThat(table)
        .as("java scripts/Assumptions.java > docs/science/assumptions.md")
        .isEqualTo(Files.readString(home.resolve("docs/science/assumptions.md")));
    assertThat(table).doesNotContain("| not told |");
    assertThat(table.lines().count()).isGreaterThan(100);
  }
}
