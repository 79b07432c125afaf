package jugulum.scale;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class LinesTest {
  /** Cut up into pieces of so many signs. */
  private static List<String> lines(String text, int piece) {
    Lines lines = new Lines(true);
    List<String> all = new ArrayList<>();
    byte[] signs = text.getBytes(StandardCharsets.ISO_8859_1);
    for (int from = 0; from < signs.length; from += piece) {
      byte[] some = java.util.Arrays.copyOfRange(signs, from, Math.min(signs.length, from + piece));
      all.addAll(lines.add(some, some.length));
    }
    return all;
  }

  @ParameterizedTest
  @ValueSource(ints = {1, 2, 7, 500})
  void areWholeHoweverTheyCome(int piece) {
    assertThat(lines("  12.3 g\r\n  12.4 g\r\n  1", piece)).containsExactly("  12.3 g", "  12.4 g");
  }

  /** Noise without an end, and in it a weight of which a part would look like another one. */
  @ParameterizedTest
  @ValueSource(ints = {100, 112, 113, 118, 119, 120, 121, 240, 245})
  void noiseLeavesNoPartOfAWeight(int noise) {
    List<String> heard = lines("x".repeat(noise) + "4123.45 g\r\n  12.4 g\r\n", 7);
    assertThat(heard).last().isEqualTo("  12.4 g");
    assertThat(heard.subList(0, heard.size() - 1)).allMatch(line -> line.startsWith("x"));
  }
}
