package jugulum.core.trip;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.OptionalDouble;
import jugulum.core.check.Band;
import jugulum.core.check.OutOfRange;
import jugulum.core.trip.PanDown.Day;
import jugulum.core.trip.PanDown.Gives;
import jugulum.core.units.Conversion;
import jugulum.core.units.Conversion.Kind;
import jugulum.core.units.MassText;
import jugulum.core.units.MassUnit;
import jugulum.core.units.NumberText;
import jugulum.core.units.Typed;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** A day outdoors: how far to pan down, gravel by weight or volume. */
class TripTest {
  private static final PanDown ROUGH = new PanDown(6, 0.5, 0.04);
  private static final PanDown FINE = new PanDown(10, 0.1, 0.10);

  private static Day day(double homeMinutesPerKg, OptionalDouble mostKg) {
    return new Day(240, 60, 3, homeMinutesPerKg, 0.95, mostKg);
  }

  private static final Day DAY = day(8, OptionalDouble.empty());

  /** 240 min, travel 60, 3 mg a pan, home 8 min/kg, 95 %. */
  @Test
  void gravelCountsOutdoors() {
    Gives rough = ROUGH.on(DAY);
    assertThat(rough.milligrams()).isCloseTo(109.4, within(0.05));
    assertThat(rough.mgPerHour()).isCloseTo(14.3, within(0.05));
    Gives fine = FINE.on(DAY);
    assertThat(fine.milligrams()).isCloseTo(61.6, within(0.05));
    assertThat(fine.mgPerHour()).isCloseTo(11.6, within(0.05));
    double even = PanDown.even(ROUGH, FINE, DAY).orElseThrow();
    assertThat(even).isCloseTo(14.8, within(0.05));
    assertThat(ROUGH.on(day(even, OptionalDouble.empty())).mgPerHour())
        .as("there both give the same")
        .isCloseTo(FINE.on(day(even, OptionalDouble.empty())).mgPerHour(), within(1e-9));
    assertThat(PanDown.even(FINE, FINE, DAY)).isEmpty();
  }

  @Test
  void whatCanBeCarriedEndsTheDay() {
    Gives full = ROUGH.on(day(8, OptionalDouble.of(5)));
    assertThat(full.isFull()).isTrue();
    assertThat(full.pans()).isEqualTo(10);
    assertThat(full.carriedKg()).isEqualTo(5);
    assertThat(full.hours()).isCloseTo((60 + 60 + 40) / 60.0, within(1e-12));
    assertThat(FINE.on(day(8, OptionalDouble.of(5))).isFull()).isFalse();
  }

  /** 220 kg of gravel are 110 to 147 L. */
  @Test
  void gravelByWeightIsARangeOfLitres() {
    Band litres = Dug.ofKg(220).inLitres();
    assertThat(litres.low()).isCloseTo(110, within(1e-9));
    assertThat(litres.high()).isCloseTo(146.7, within(0.05));
    assertThat(Dug.ofLitres(100).inKg()).isEqualTo(new Band(150, 175, 200));
    assertThat(Dug.ofLitres(0).cubicMetres()).isEmpty();
    assertThatThrownBy(() -> new Dug(OptionalDouble.empty(), OptionalDouble.empty()))
        .isInstanceOf(OutOfRange.class);
    assertThatThrownBy(() -> Dug.ofKg(Double.NaN)).isInstanceOf(OutOfRange.class);
    assertThatThrownBy(() -> new PanDown(0, 1, 0.1)).isInstanceOf(OutOfRange.class);
  }

  /** A bucket two thirds full is understood everywhere. */
  @ParameterizedTest
  @CsvSource({
    "2/3 bucket, 12",
    "⅔ bucket, 12",
    "1 1/2 buckets, 27",
    "1½ buckets, 27",
    "12 buckets, 216",
    "40 L, 40",
    "1/2 m³, 500"
  })
  void bucketsAreAVolume(String typed, double litres) {
    assertThat(Conversion.of(typed))
        .isInstanceOfSatisfying(
            Typed.Value.class,
            value -> {
              Conversion read = (Conversion) value.value();
              assertThat(read.kind()).isEqualTo(Kind.VOLUME);
              assertThat(read.base()).isCloseTo(litres, within(1e-9));
            });
  }

  @Test
  void brokenNumbersAreNumbersOfAnyUnit() {
    assertThat(NumberText.parse("2/3"))
        .isInstanceOfSatisfying(
            NumberText.Number.class,
            number -> {
              assertThat(number.value()).isCloseTo(2 / 3.0, within(1e-12));
              assertThat(number.step()).isCloseTo(1 / 3.0, within(1e-12));
            });
    assertThat(NumberText.parse("-1 1/2"))
        .isInstanceOfSatisfying(
            NumberText.Number.class, number -> assertThat(number.value()).isEqualTo(-1.5));
    assertThat(MassText.parse("1 1/2 lb 4 oz", MassUnit.GRAM, MassText.Ounce.AVOIRDUPOIS))
        .isInstanceOfSatisfying(
            MassText.Mass.class,
            mass -> assertThat(mass.grams()).isCloseTo(1.75 * 453.59237, within(1e-9)));
  }

  @ParameterizedTest
  @ValueSource(strings = {"1/0", "/3", "2/", "1/2/3", "1,5/3", "2 / kg", "150 / 2"})
  void whatIsNoBrokenNumberIsNone(String typed) {
    assertThat(NumberText.parse(typed)).isInstanceOf(NumberText.NotANumber.class);
  }
}
