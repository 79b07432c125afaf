package jugulum.desk.work;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class FaultLogTest {
  private static final Clock CLOCK =
      Clock.fixed(Instant.parse("2026-11-18T09:00:00Z"), ZoneOffset.UTC);

  @TempDir private Path folder;

  @Test
  void everyFaultIsAddedWithItsTimeAndPlace() throws IOException {
    FaultLog log = new FaultLog(folder.resolve("my.book"), CLOCK);
    Path file = log.write(new IllegalStateException("a drawer stuck")).orElseThrow();
    assertThat(log.write(new IllegalArgumentException("another"))).contains(file);
    assertThat(file).hasFileName("my.book.faults.txt");
    assertThat(Files.readString(file))
        .startsWith("2026-11-18T09:00:00Z java.lang.IllegalStateException: a drawer stuck")
        .contains("at jugulum.desk.work.FaultLogTest", "IllegalArgumentException: another");
  }

  @Test
  void whereNothingCanBeWrittenNothingIsPromised() {
    FaultLog log = new FaultLog(folder.resolve("no such folder").resolve("my.book"), CLOCK);
    assertThat(log.write(new IllegalStateException("a drawer stuck"))).isEqualTo(Optional.empty());
  }
}
