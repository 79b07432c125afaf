package jugulum.book.json;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Stream;
import jugulum.core.ledger.Machine;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** What the published schemas list is what the program knows. */
class SchemasTest {
  static Stream<String> schemas() {
    return Stream.of(BatchFile.schema(), TrialFile.schema());
  }

  @ParameterizedTest
  @MethodSource("schemas")
  void everyKindOfMachineIsListedOnce(String schema) {
    List<String> kinds = Stream.of(Machine.Kind.values()).map(Enum::name).toList();
    JsonNode read = JsonMapper.shared().readTree(schema);
    assertThat(read.at("/$defs/machineKind/enum").valueStream().map(JsonNode::stringValue))
        .containsExactlyElementsOf(kinds);
    String first = '"' + kinds.getFirst() + '"';
    assertThat(schema.split(first, -1)).as("stated once").hasSize(2);
  }
}
