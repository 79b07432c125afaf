package jugulum.core.units;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Random;
import org.junit.jupiter.api.Test;

class DecimalTest {
  @Test
  void thePointIsMovedAsOnPaper() {
    assertThat(Decimal.shifted(0.123_456, 3)).isEqualTo(123.456);
    assertThat(Decimal.shifted(884, -3)).isEqualTo(0.884);
    assertThat(Decimal.shifted(0, 3)).isZero();
    assertThat(Decimal.shifted(Double.POSITIVE_INFINITY, 3)).isInfinite();
    assertThat(Decimal.shifted(Double.NaN, -3)).isNaN();
    assertThat(Decimal.shifted(-2.5e-7, 3)).isEqualTo(-2.5e-4);
  }

  /**
   * What a person can type, up to nine digits, comes back after there and back; with a thousand in
   * floating point one in some does not.
   */
  @Test
  void thereAndBackIsTheSameNumber() {
    Random random = new Random(11);
    int besideByThousand = 0;
    for (int i = 0; i < 10_000; i++) {
      double typed = random.nextInt(1_000_000_000) / 1e6;
      assertThat(Decimal.shifted(Decimal.shifted(typed, -3), 3)).isEqualTo(typed);
      besideByThousand += typed / 1000 * 1000 == typed ? 0 : 1;
    }
    assertThat(besideByThousand).as("why it is not simply divided").isPositive();
  }

  @Test
  void aMassTellsItsMilligrams() {
    assertThat(
            ((MassText.Mass) MassText.parse("0.912345 mg", MassUnit.GRAM, MassText.Ounce.ASK))
                .milligrams())
        .isEqualTo(0.912_345);
  }
}
