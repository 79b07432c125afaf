package jugulum.desk.command;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import jugulum.desk.words.English;
import jugulum.desk.words.Language;
import org.junit.jupiter.api.Test;

/** docs/machines.md and what the command prints are the same, in both languages. */
class MachinesTextTest {
  @Test
  void thePageOfMachinesIsWhatTheCommandPrints() throws Exception {
    assertThat(MachinesText.all(English.WORDS))
        .isEqualTo(Files.readString(Path.of("../docs/machines.md")));
    assertThat(MachinesText.all(English.WORDS.in(Language.SPANISH)))
        .isEqualTo(Files.readString(Path.of("../docs/machines_es.md")));
  }
}
