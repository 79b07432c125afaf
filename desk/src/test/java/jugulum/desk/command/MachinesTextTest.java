package jugulum.desk.command;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import jugulum.desk.words.English;
import org.junit.jupiter.api.Test;

/** docs/machines.md and what the command prints are the same. */
class MachinesTextTest {
  @Test
  void thePageOfMachinesIsWhatTheCommandPrints() throws Exception {
    assertThat(MachinesText.all(English.WORDS))
        .isEqualTo(Files.readString(Path.of("../docs/machines.md")));
  }
}
