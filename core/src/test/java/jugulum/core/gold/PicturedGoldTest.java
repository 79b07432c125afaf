package jugulum.core.gold;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Collections;
import java.util.List;
import java.util.Optional;
import jugulum.core.eye.AcrossPx;
import jugulum.core.eye.Corrected;
import jugulum.core.eye.Corrections;
import jugulum.core.eye.Kappa;
import jugulum.core.eye.Tray;
import jugulum.core.ledger.Bench;
import jugulum.core.ledger.Measure.Pictured;
import jugulum.core.ledger.Measure.WeighedSpecks;
import jugulum.core.ledger.Network;
import jugulum.core.ledger.Traced;
import org.junit.jupiter.api.Test;

/** Specks that were seen in a picture and weighed tell the thickness of all of their batch. */
class PicturedGoldTest {
  private static Pictured picture(int specks, boolean isDrawn) {
    List<Pictured.SpeckSize> sizes =
        Collections.nCopies(specks, new Pictured.SpeckSize(0.05, 0.3, 0.22));
    return new Pictured(
        "0f".repeat(32), "a.jpg", 40, sizes, 0, 0, 1, 2, 3, 1, isDrawn, Optional.empty());
  }

  private static Kappa kappa(Bench bench) {
    return PicturedGold.kappa(Network.of(bench.batch()));
  }

  @Test
  void aWeighedPictureGoesBeforeWhatWasTold() {
    Bench bench = Bench.started().weighs(1, 500);
    Kappa told = kappa(bench);
    assertThat(told.from()).isEqualTo(Kappa.From.TOLD);
    assertThat(told.value()).isCloseTo(Kappa.told(0.3, 17.5).value(), within(1e-9));
    bench.measures(1, picture(40, false));
    assertThat(kappa(bench).from()).as("not weighed").isEqualTo(Kappa.From.TOLD);
    bench.measures(1, new WeighedSpecks(40, 2.4, 0.1));
    Kappa weighed = kappa(bench);
    assertThat(weighed.from()).isEqualTo(Kappa.From.HANDFUL);
    assertThat(weighed.value()).isCloseTo(2.4 / (40 * Math.pow(0.05, 1.5)), within(1e-9));
    assertThat(weighed.logSd()).isLessThan(told.logSd() / 2);
  }

  @Test
  void othersThanThoseSeenOrDrawnOnesTellNothing() {
    Bench other = Bench.started().weighs(1, 500).measures(1, picture(40, false));
    assertThat(kappa(other.measures(1, new WeighedSpecks(39, 2.4, 0.1))).from())
        .isEqualTo(Kappa.From.TOLD);
    Bench drawn = Bench.started().weighs(1, 500).measures(1, picture(40, true));
    assertThat(kappa(drawn.measures(1, new WeighedSpecks(40, 2.4, 0.1))).from())
        .isEqualTo(Kappa.From.TOLD);
    Bench few = Bench.started().weighs(1, 500).measures(1, picture(12, false));
    assertThat(kappa(few.measures(1, new WeighedSpecks(12, 2.4, 0.1))).from())
        .isEqualTo(Kappa.From.TOLD);
  }

  private static Pictured gone(boolean isDrawn) {
    return new Pictured(
        "0f".repeat(32),
        "a.jpg",
        40,
        List.of(new Pictured.SpeckSize(0.05, 0.3, 0.22)),
        1,
        1,
        1,
        2,
        3,
        1,
        isDrawn,
        Optional.of(
            new Traced(
                Tray.STEEL,
                Traced.By.RULER,
                0.004,
                1200,
                List.of(
                    new Traced.Mark(true, true, false, 20, "0 0 4 0 0 4"),
                    new Traced.Mark(true, false, false, 14, ""),
                    new Traced.Mark(false, true, true, 5, "")))));
  }

  @Test
  void picturesThatWereGoneThroughTeachWhatLooksLikeGold() {
    Bench bench = Bench.started().weighs(1, 500).measures(1, gone(false)).measures(1, gone(true));
    Corrections taught = PicturedGold.corrections(bench.batch());
    assertThat(taught.falses(Tray.STEEL, AcrossPx.FROM_12)).isEqualTo(new Corrected(1, 2));
    assertThat(taught.missed(Tray.STEEL, AcrossPx.UNDER_6)).isEqualTo(new Corrected(1, 1));
    assertThat(taught.rests(Tray.STEEL)).as("a drawn one is no evidence").isEqualTo(2);
  }
}
