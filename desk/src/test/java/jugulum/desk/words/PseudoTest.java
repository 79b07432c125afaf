package jugulum.desk.words;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Locale;
import org.junit.jupiter.api.Test;

class PseudoTest {
  @Test
  void textsAreMarkedAndLongerAndKeepTheirArguments() {
    assertThat(Pseudo.of("Back")).isEqualTo("«Õàçâ»");
    assertThat(Pseudo.of("{0} to {1}")).isEqualTo("«{0} èö {1}»");
    assertThat(Pseudo.of("Weigh {0} again, or look at what was written.")).contains("{0}", " ~~~");
    assertThat(Pseudo.of("")).isEmpty();
  }

  @Test
  void everyCountIsSpelled() {
    Words words = Words.in(Pseudo.language(), Locale.ENGLISH);
    assertThat(words.counted("board.cuts", 1)).isEqualTo("«1 çûè»");
    assertThat(words.counted("board.cuts", 8)).isEqualTo("«8 çûèš»");
    assertThat(words.counted("measure.specks", 3, "half")).startsWith("«3 šþéçâš îñ half ");
  }

  @Test
  void noTextHasAPlainLetterLeft() {
    Pseudo.language()
        .texts()
        .forEach(
            (key, text) -> {
              if (text.startsWith(String.valueOf(Pseudo.OPEN)) && !text.contains("plural")) {
                assertThat(text).as(key).doesNotContainPattern("[A-Za-z]");
              }
            });
  }
}
