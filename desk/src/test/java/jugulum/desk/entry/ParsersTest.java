package jugulum.desk.entry;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import jugulum.core.units.MassText;
import jugulum.core.units.MassUnit;
import jugulum.desk.words.English;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ParsersTest {
  private static <T> T value(Entry<T> entry) {
    assertThat(entry).isInstanceOf(Entry.Value.class);
    return ((Entry.Value<T>) entry).value();
  }

  private static String sentence(Entry<?> entry) {
    assertThat(entry).isInstanceOf(Entry.Bad.class);
    return ((Entry.Bad<?>) entry).sentence();
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {"8.4 | 0.084", "8,4 % | 0.084", " 100 % | 1", "0 | 0", ".5% | 0.005"})
  void percents(String typed, double share) {
    assertThat(value(Parsers.percent(English.WORDS, typed, 0, 100))).isEqualTo(share);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "101     | Between 0 and 100",
        "-1      | Between 0 and 100",
        "NaN     | is not a number",
        "lots    | is not a number",
        "1,250   | 1.250 or 1250",
        "''      | Nothing is written",
        "1e3     | is not a number"
      })
  void percentsThatAreNone(String typed, String told) {
    assertThat(sentence(Parsers.percent(English.WORDS, typed, 0, 100))).contains(told);
  }

  @Test
  void countsAreWhole() {
    assertThat(value(Parsers.count(English.WORDS, "46", 1_000))).isEqualTo(46);
    assertThat(value(Parsers.count(English.WORDS, "0", 1_000))).isZero();
    assertThat(value(Parsers.count(English.WORDS, "1.0", 1_000))).isEqualTo(1);
    assertThat(sentence(Parsers.count(English.WORDS, "1.5", 1_000))).contains("whole number");
    assertThat(sentence(Parsers.count(English.WORDS, "-2", 1_000))).contains("Between 0 and 1000");
    assertThat(sentence(Parsers.count(English.WORDS, "1001", 1_000)))
        .contains("Between 0 and 1000");
  }

  /** 0.29 times 100 is 28.999… in binary; a count or percent must not lose one to that. */
  @Test
  void noCountIsLostToRounding() {
    for (int count = 0; count <= 10_000; count++) {
      assertThat(value(Parsers.count(English.WORDS, Integer.toString(count), 10_000)))
          .isEqualTo(count);
    }
  }

  @Test
  void bareMassesAreInTheUnitOfTheField() {
    assertThat(value(Parsers.sand(English.WORDS, MassUnit.GRAM).apply("212")).grams())
        .isEqualTo(212);
    assertThat(value(Parsers.sand(English.WORDS, MassUnit.POUND).apply("2")).grams())
        .isEqualTo(2 * 453.59237);
    assertThat(value(Parsers.gold(English.WORDS, MassUnit.GRAIN).apply("10")).grams())
        .isEqualTo(0.6479891);
    assertThat(value(Parsers.sand(English.WORDS, MassUnit.GRAM).apply("3 oz")).grams())
        .isEqualTo(3 * 28.349523125);
    assertThat(sentence(Parsers.gold(English.WORDS, MassUnit.GRAM).apply("3 oz")))
        .contains("ozt", "oz av");
    assertThat(sentence(Parsers.gold(English.WORDS, MassUnit.GRAM).apply("-3 g")))
        .contains("negative");
  }

  @Test
  void whatMayBeLeftOutMayBeLeftOutButNotBeWrong() {
    var optional = Parsers.optional(Parsers.sand(English.WORDS, MassUnit.GRAM));
    assertThat(value(optional.apply("  "))).isEmpty();
    assertThat(value(optional.apply("5 g")).map(MassText.Mass::grams)).isEqualTo(Optional.of(5.0));
    assertThat(sentence(optional.apply("five"))).contains("is not a weight");
  }

  @Test
  void daysAndTexts() {
    assertThat(value(Parsers.day(English.WORDS, " 2026-02-28 ")))
        .isEqualTo(LocalDate.of(2026, 2, 28));
    assertThat(sentence(Parsers.day(English.WORDS, "2026-02-30"))).contains("is not a day");
    assertThat(value(Parsers.text(English.WORDS, "refusal.NAME_MISSING").apply(" Hollin ")))
        .isEqualTo("Hollin");
    assertThat(sentence(Parsers.text(English.WORDS, "refusal.NAME_MISSING").apply(" ")))
        .contains("needs a name");
  }

  @Test
  void aWeightIsNoNameAndSignsNobodySeesAreNone() {
    Function<String, Entry<String>> name = Parsers.text(English.WORDS, "refusal.NAME_MISSING");
    assertThat(name.apply(" Tarnbeck 7 ")).isEqualTo(new Entry.Value<>("Tarnbeck 7"));
    assertThat(name.apply("tin 500 g")).isEqualTo(new Entry.Value<>("tin 500 g"));
    for (String wrong :
        List.of("1.97 kg", "12 lb 6 oz", "1,234 g", "0.5 oz", "a\u202eb", "a\u0000", "\u001b[2J")) {
      assertThat(name.apply(wrong)).as(wrong).isInstanceOf(Entry.Bad.class);
    }
    assertThat(name.apply("\u05d0\u200f 7"))
        .as("a mark of a script")
        .isInstanceOf(Entry.Value.class);
  }

  /** What is said of a range is the range that is taken. */
  @Test
  void goldForATrialIsTakenAsFarAsItIsSaid() {
    assertThat(AmountText.parse(English.WORDS, "100 g")).isInstanceOf(Entry.Value.class);
    assertThat(AmountText.parse(English.WORDS, "100.001 g"))
        .isInstanceOfSatisfying(
            Entry.Bad.class, bad -> assertThat(bad.sentence()).asString().contains("100 g"));
  }
}
