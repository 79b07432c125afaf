package jugulum.desk.entry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import jugulum.core.machine.Dial.Unit;
import jugulum.desk.words.English;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What is typed for a dial, as value or as it was measured on the bench. */
class DialTextTest {
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "DEGREES            | 3.5              | 3.5",
        "DEGREES            | 3,5              | 3.5",
        "DEGREES            | 35 / 1000        | 2.0045",
        "DEGREES            | 35 mm/1000 mm    | 2.0045",
        "LITRES_PER_MINUTE  | 18               | 18",
        "LITRES_PER_MINUTE  | 12 L / 40 s      | 18",
        "LITRES_PER_MINUTE  | 3 gal / 40 s     | 17.0344",
        "KG_PER_HOUR        | 1.5 kg / 10 min  | 9",
        "KG_PER_HOUR        | 180 g / 1 min    | 10.8",
        "KG_PER_HOUR        | 180 g / 60 s     | 10.8",
        "LITRES_PER_MINUTE  | 36 L / 2 min     | 18",
        "DEGREES            | 35 mm / 100 cm   | 2.0045",
        "GRAMS              | 150              | 150",
        "PER_MINUTE         | 290              | 290"
      })
  void isUnderstood(Unit unit, String typed, double value) {
    assertThat(DialText.parse(English.WORDS, unit, typed))
        .isInstanceOfSatisfying(
            Entry.Value.class,
            read -> assertThat((double) read.value()).isCloseTo(value, within(1e-3)));
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "DEGREES           | steep        | not a number",
        "DEGREES           | 35 / 0       | divided by 0",
        "LITRES_PER_MINUTE | 12 / ten     | not a number",
        "LITRES_PER_MINUTE | 12 / 1.2.3   | not a number",
        "GRAMS             | 150 / 2      | not a number",
        "KG_PER_HOUR       | -4           | Between 0",
        "KG_PER_HOUR       | 3 L / 10 min | another unit",
        "KG_PER_HOUR       | ''           | ''"
      })
  void orToldWhyNot(Unit unit, String typed, String sentence) {
    assertThat(DialText.parse(English.WORDS, unit, typed))
        .isInstanceOfSatisfying(
            Entry.Bad.class, bad -> assertThat(bad.sentence()).contains(sentence).isNotBlank());
  }
}
