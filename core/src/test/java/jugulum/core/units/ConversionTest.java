package jugulum.core.units;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import jugulum.core.units.Typed.Slip;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Factors as in NIST Special Publication 811 (2008), appendix B.8. */
class ConversionTest {
  private static Conversion of(String typed) {
    return ((Typed.Value<Conversion>) Conversion.of(typed)).value();
  }

  /** SP 811: ounce (troy) 3.110348 E-02 kg, grain 6.479891 E-05, pennyweight 1.555174 E-03, … */
  @ParameterizedTest
  @CsvSource({
    "1 ozt, g, 31.10348, 1e-5",
    "1 gr, g, 0.06479891, 1e-10",
    "1 dwt, g, 1.555174, 1e-6",
    "1 lb, g, 453.59237, 1e-9",
    "1 lb 3 oz, kg, 0.53864094, 1e-8",
    "1 in, mm, 25.4, 1e-12",
    "1 ft, mm, 304.8, 1e-9",
    "1 gal, L, 3.785412, 1e-6",
    "1 imperial gallon, L, 4.54609, 1e-9",
    "1 ft³, L, 28.31685, 1e-5",
    "1 yd³, m³, 0.7645549, 1e-7",
    "1 gal/min, L/min, 3.785412, 1e-6",
    "1 psi, kPa, 6.894757, 1e-6",
    "98.6 °F, °C, 37, 1e-9",
    "0 °C, K, 273.15, 1e-9",
    "1 oz/ton, g/t, 34.2857, 1e-4",
    "1 %, g/t, 10000, 1e-9",
    "250 µm, mm, 0.25, 1e-12"
  })
  void aUnitIsWorthWhatTheStandardSays(String typed, String to, double worth, double within) {
    Conversion amount = of(typed);
    assertThat(amount.in(amount.unit(to).orElseThrow())).isCloseTo(worth, within(within));
  }

  @Test
  void everyUnitGoesThereAndBackAndIsSpelledOnce() {
    for (Conversion.Kind kind : Conversion.Kind.values()) {
      assertThat(kind.units().getFirst().factor()).isEqualTo(1);
      for (Conversion.Unit unit : kind.units()) {
        assertThat(unit.base(unit.of(12.34))).isCloseTo(12.34, within(1e-9));
        for (String spelling : unit.spellings()) {
          assertThat(of("2 " + spelling).kind()).as(spelling).isEqualTo(kind);
        }
      }
    }
  }

  @Test
  void aBareNumberIsGrams() {
    assertThat(of("12.5")).isEqualTo(new Conversion(Conversion.Kind.MASS, 12.5));
  }

  @ParameterizedTest
  @ValueSource(strings = {"", "much", "12 furlongs", "1 oz", "1,234 gal"})
  void whatIsNotUnderstoodIsSaid(String typed) {
    assertThat(Conversion.of(typed))
        .isInstanceOfSatisfying(
            Typed.Wrong.class, wrong -> assertThat(wrong.slip()).isInstanceOf(Slip.class));
  }
}
