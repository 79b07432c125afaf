package jugulum.core.units;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import jugulum.core.units.MassText.Mass;
import jugulum.core.units.MassText.Ounce;
import jugulum.core.units.MassText.Refused;
import jugulum.core.units.MassText.Why;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class MassTextTest {
  private static MassText.Result sand(String typed) {
    return MassText.parse(typed, MassUnit.KILOGRAM, Ounce.AVOIRDUPOIS);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "12 lb 6 oz     | 5613.205578750 | 28.349523125",
        "2 lb 3.5 oz    | 1006.408070938 | 2.8349523125",
        "2lb3.5oz       | 1006.408070938 | 2.8349523125",
        "33.25gr        | 2.1545637575   | 0.0006479891",
        "1,5 kg         | 1500           | 100",
        "1,5 g          | 1.5            | 0.1",
        "0.75 ozt       | 23.3276076     | 0.311034768",
        "18 dwt         | 27.99312912    | 1.55517384",
        "4 oz           | 113.3980925    | 28.349523125",
        "4.91           | 4910           | 10",
        ".5 kg          | 500            | 100",
        "1,234.5 g      | 1234.5         | 0.1",
        "1.234,5 g      | 1234.5         | 0.1",
        "0,412 g        | 0.412          | 0.001",
        "1 kg 250 g     | 1250           | 1",
        "3 OZ T         | 93.3104304     | 31.1034768",
        "-3 g           | -3             | 1",
      })
  void readsMassesAsPeopleWriteThem(String typed, double grams, double resolution) {
    assertThat(sand(typed))
        .isInstanceOfSatisfying(
            Mass.class,
            mass -> {
              assertThat(mass.grams()).isCloseTo(grams, within(1e-8));
              assertThat(mass.resolutionG()).isCloseTo(resolution, within(1e-9));
            });
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "''            | EMPTY",
        "heavy         | NOT_A_MASS",
        "12 stone      | UNKNOWN_UNIT",
        "4,316 g       | WHICH_COMMA",
        "1.2.3 g       | NOT_A_MASS",
        "6 oz 12 lb    | NOT_A_MASS",
        "12 lb -6 oz   | NOT_A_MASS",
        "5 kg 3        | NOT_A_MASS",
        "5 kg about    | NOT_A_MASS",
        "NaN           | NOT_A_MASS",
      })
  void saysWhatItDoesNotUnderstand(String typed, Why why) {
    assertThat(sand(typed))
        .isInstanceOfSatisfying(Refused.class, refused -> assertThat(refused.why()).isEqualTo(why));
  }

  @Test
  void asksWhichOunceOfGold() {
    assertThat(MassText.parse("0.5 oz", MassUnit.GRAM, Ounce.ASK))
        .isEqualTo(new Refused(Why.WHICH_OUNCE, "0.5 oz"));
    assertThat(MassText.parse("1 lb 0.5 oz", MassUnit.GRAM, Ounce.ASK)).isInstanceOf(Mass.class);
  }
}
