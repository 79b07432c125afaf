package jugulum.desk.words;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Locale;
import org.junit.jupiter.api.Test;

/** How much of the program each language says itself. */
class TranslatedTest {
  @Test
  void everyLanguageThatShipsSaysEverything() {
    for (Language language : Language.shipped()) {
      System.out.printf(
          "%s: %.1f %% of %d texts%n",
          language.name(), 100 * language.translated(), language.texts().size());
      assertThat(language.inEnglish()).as(language.name()).isEmpty();
    }
  }

  /** The bundles of the tests have two texts in this language of no place. */
  @Test
  void whatNobodyTranslatedIsSaidInEnglishAndCounted() {
    Language some = Language.shipped(Locale.forLanguageTag("qaa"));
    assertThat(some.text("view.CUTS")).contains("Cutsimi");
    assertThat(some.text("guide.words")).contains("Vordi");
    assertThat(some.text("view.DAY")).isEqualTo(Language.ENGLISH.text("view.DAY"));
    assertThat(some.inEnglish()).hasSize(some.texts().size() - 2).doesNotContain("view.CUTS");
    assertThat(some.translated()).isBetween(0.0, 0.01);
    assertThat(Language.ENGLISH.translated()).isEqualTo(1);
  }
}
