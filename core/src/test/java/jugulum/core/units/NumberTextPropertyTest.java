package jugulum.core.units;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Locale;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import org.assertj.core.data.Offset;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Numbers and masses as made-up people write them. */
class NumberTextPropertyTest {
  static IntStream seeds() {
    return IntStream.range(0, 300);
  }

  private static final List<MassUnit> UNITS =
      List.of(
          MassUnit.GRAM,
          MassUnit.KILOGRAM,
          MassUnit.MILLIGRAM,
          MassUnit.GRAIN,
          MassUnit.PENNYWEIGHT,
          MassUnit.TROY_OUNCE,
          MassUnit.POUND);

  /** Three places after a comma could be thousands: that one is asked about, never guessed. */
  @ParameterizedTest
  @MethodSource("seeds")
  void aNumberIsReadAsItWasWritten(int seed) {
    SplittableRandom random = new SplittableRandom(seed);
    int places = random.nextInt(0, 6);
    double value = random.nextDouble(0, Math.pow(10, random.nextInt(0, 7)));
    String text = String.format(Locale.ROOT, "%." + places + "f", value);
    double meant = Double.parseDouble(text);
    assertThat(NumberText.parse(" " + text))
        .isEqualTo(new NumberText.Number(meant, places == 0 ? 1 : Math.pow(10, -places)));
    NumberText.Result comma = NumberText.parse(text.replace('.', ','));
    if (places == 3 && meant >= 1 && meant < 1000) {
      assertThat(comma).isEqualTo(new NumberText.Ambiguous(text, text.replace(".", "")));
    } else {
      assertThat(comma).isInstanceOf(NumberText.Number.class);
      assertThat(((NumberText.Number) comma).value()).isEqualTo(meant);
    }
  }

  @ParameterizedTest
  @MethodSource("seeds")
  void aMassIsReadInTheUnitWrittenOrElseInTheUsualOne(int seed) {
    SplittableRandom random = new SplittableRandom(seed);
    MassUnit unit = UNITS.get(random.nextInt(UNITS.size()));
    MassUnit bare = UNITS.get(random.nextInt(UNITS.size()));
    String number = String.format(Locale.ROOT, "%.2f", random.nextDouble(0.01, 900));
    double amount = Double.parseDouble(number);
    MassText.Mass written =
        (MassText.Mass) MassText.parse(number + " " + unit.sign(), bare, MassText.Ounce.ASK);
    assertThat(written.grams()).isCloseTo(unit.toGrams(amount), relative(unit.toGrams(amount)));
    assertThat(written.resolutionG()).isCloseTo(unit.toGrams(0.01), relative(unit.toGrams(0.01)));
    MassText.Mass unwritten = (MassText.Mass) MassText.parse(number, bare, MassText.Ounce.ASK);
    assertThat(unwritten.grams()).isCloseTo(bare.toGrams(amount), relative(bare.toGrams(amount)));
  }

  private static Offset<Double> relative(double value) {
    return Offset.offset(1e-9 * Math.max(1e-9, value));
  }
}
