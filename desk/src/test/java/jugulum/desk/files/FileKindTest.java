package jugulum.desk.files;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class FileKindTest {
  @ParameterizedTest
  @CsvSource({
    "Tarnbeck 7, Tarnbeck-7.json",
    "a/b\\c:d, a-b-c-d.json",
    "../../etc, etc.json",
    "***, jugulum-.json",
    "CON, jugulum-CON.json",
    "lpt1, jugulum-lpt1.json",
    "concentrate, concentrate.json",
  })
  void aTitleBecomesANameEverySystemTakes(String title, String name) {
    assertThat(FileKind.BATCH.nameFor(title)).isEqualTo(name);
  }

  @Test
  void anEndlessTitleIsCutBetweenItsSigns() {
    assertThat(FileKind.SHEET.nameFor("x".repeat(40_000))).isEqualTo("x".repeat(80) + ".pdf");
    String wide = "\ud840\udc0b".repeat(100);
    assertThat(FileKind.SHEET.nameFor("a" + wide))
        .isEqualTo("a" + wide.substring(0, 78) + ".pdf")
        .matches(
            name ->
                name.codePoints().noneMatch(sign -> Character.getType(sign) == Character.SURROGATE),
            "whole signs");
  }
}
