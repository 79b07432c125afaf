package jugulum.core.eye;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Random;
import jugulum.core.check.Band;
import jugulum.core.check.OutOfRange;
import org.junit.jupiter.api.Test;

/** What became of the marks of pictures before says how many specks lie in the next. */
class CorrectionsTest {
  private static Corrections of(int looked, int takenOut, int gold, int putIn) {
    return new Corrections(
        Map.of(
            new Corrections.Of(Tray.GREEN, AcrossPx.FROM_12),
            new Corrections.Counts(looked, takenOut, gold, putIn)));
  }

  private static List<SeenSpeck> specks(int many, double acrossPx) {
    return Collections.nCopies(many, Shapes.ellipse(new Point(9, 9), acrossPx, acrossPx));
  }

  /** 6 of 120 taken out on Beta(1, 9): of 200 the mean is 10.8, 3 to 22; none is ever unseen. */
  @Test
  void theNumberInANewPictureIsBetaBinomial() {
    Corrections taught = of(120, 6, 1_000_000, 0);
    assertThat(taught.falses(Tray.GREEN, AcrossPx.FROM_12).mean()).isCloseTo(0.0538, within(5e-5));
    Band count = taught.count(Tray.GREEN, specks(200, 20), 4);
    assertThat(200 - count.usual()).isCloseTo(10, within(1.0));
    assertThat(200 - count.high()).isCloseTo(3, within(1.0));
    assertThat(200 - count.low()).isCloseTo(22, within(1.5));
  }

  @Test
  void oneTrayAndOneSizeTellNothingOfAnother() {
    Corrections taught = of(500, 200, 300, 0);
    assertThat(taught.falses(Tray.GREEN, AcrossPx.FROM_12).hits()).isEqualTo(200);
    assertThat(taught.falses(Tray.GREEN, AcrossPx.UNDER_6)).isEqualTo(Corrected.NONE);
    assertThat(taught.falses(Tray.BLACK, AcrossPx.FROM_12)).isEqualTo(Corrected.NONE);
    assertThat(taught.rests(Tray.GREEN)).isEqualTo(500);
    assertThat(taught.rests(Tray.BLACK)).isZero();
    assertThat(AcrossPx.of(5.9)).isEqualTo(AcrossPx.UNDER_6);
    assertThat(AcrossPx.of(6)).isEqualTo(AcrossPx.UNDER_12);
    assertThat(AcrossPx.of(12)).isEqualTo(AcrossPx.FROM_12);
  }

  @Test
  void marksAddUp() {
    Corrections all =
        Corrections.one(Tray.GREEN, 20, true, true)
            .plus(Corrections.one(Tray.GREEN, 20, true, false))
            .plus(Corrections.one(Tray.GREEN, 20, false, true));
    assertThat(all.counts().values()).containsExactly(new Corrections.Counts(2, 1, 2, 1));
    assertThatThrownBy(() -> new Corrections.Counts(2, 3, 0, 0)).isInstanceOf(OutOfRange.class);
    assertThatThrownBy(() -> new Corrections.Counts(2, 0, 1, 2)).isInstanceOf(OutOfRange.class);
  }

  /** Shops whose shares differ as the prior says, eight pictures each: the ninth is told. */
  @Test
  void theRangeHoldsInTheNextPictureOfAShop() {
    Random random = new Random(31);
    int held = 0;
    int shops = 400;
    for (int shop = 0; shop < shops; shop++) {
      double none = beta(random);
      double unseen = beta(random);
      Corrections taught = Corrections.NONE;
      for (int picture = 0; picture < 8; picture++) {
        Truth truth = new Truth(random, 40, none, unseen);
        taught = taught.plus(of(truth.looks, truth.falses, truth.all, truth.missed));
      }
      Truth next = new Truth(random, 40, none, unseen);
      Band count = taught.count(Tray.GREEN, specks(next.looks, 20), shop);
      held += next.all >= Math.floor(count.low()) && next.all <= Math.ceil(count.high()) ? 1 : 0;
    }
    assertThat(held / (double) shops).isBetween(0.91, 0.99);
  }

  private static double beta(Random random) {
    // Beta(1, 9) by its inverse.
    return 1 - Math.pow(1 - random.nextDouble(), 1.0 / 9);
  }

  /** A picture: so many look like gold, of which some are none; some are not seen. */
  private static final class Truth {
    private int looks;
    private int falses;
    private int missed;
    private int all;

    Truth(Random random, int about, double none, double unseen) {
      for (int i = 0; i < about; i++) {
        boolean isNone = random.nextDouble() < none;
        boolean isMissed = !isNone && random.nextDouble() < unseen;
        looks += isMissed ? 0 : 1;
        falses += isNone ? 1 : 0;
        missed += isMissed ? 1 : 0;
        all += isNone ? 0 : 1;
      }
    }
  }
}
