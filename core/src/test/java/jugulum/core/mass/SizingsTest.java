package jugulum.core.mass;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import jugulum.core.ledger.Bench;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.Network;
import jugulum.core.sizes.SizeCurve;
import jugulum.core.sizes.SizeCurve.Sieved;
import org.junit.jupiter.api.Test;

class SizingsTest {
  private static Optional<SizeCurve> of(Bench bench, int lot) {
    Network network = Network.of(bench.batch());
    return Sizings.of(network, SandAccount.of(network), new LotId(lot));
  }

  @Test
  void aStackGivesACurveOnceThePanIsWeighed() {
    Bench bench =
        Bench.started().weighs(1, 1_000).screens(1, "30", "50").weighs(2, 500).weighs(3, 300);
    assertThat(of(bench, 1)).isEmpty();
    bench.weighs(4, 195);
    assertThat(of(bench, 1))
        .contains(new SizeCurve(List.of(new Sieved(0.6, 500), new Sieved(0.3, 300)), 195));
  }

  @Test
  void aCutScreenedAgainRefinesTheCurveWithoutChangingItsMass() {
    Bench bench =
        Bench.started()
            .weighs(1, 1_000)
            .screens(1, "30", "50")
            .weighs(2, 500)
            .weighs(3, 300)
            .weighs(4, 200);
    bench.screens(4, "100").weighs(5, 120).weighs(6, 78);
    SizeCurve curve = of(bench, 1).orElseThrow();
    assertThat(curve.sieved()).extracting(Sieved::openingMm).containsExactly(0.6, 0.3, 0.15);
    assertThat(curve.totalG()).isCloseTo(1_000, within(1e-9));
    assertThat(curve.panG()).isCloseTo(200 * 78 / 198.0, within(1e-9));
  }

  @Test
  void aSieveSampleSpeaksUntilTheLotItselfIsScreened() {
    SizeCurve sample = new SizeCurve(List.of(new Sieved(0.5, 40), new Sieved(0.25, 50)), 10);
    Bench bench = Bench.started().weighs(1, 1_000).measures(1, new Measure.SizeAnalysis(sample));
    assertThat(of(bench, 1)).contains(sample);
    bench.screens(1, "50").weighs(2, 700).weighs(3, 299);
    assertThat(of(bench, 1).orElseThrow().sieved()).containsExactly(new Sieved(0.3, 700));
  }

  @Test
  void theGoldsSizesComeFromTheCutsItWasWonOf() {
    Bench bench =
        Bench.started().weighs(1, 1_000).screens(1, "30", "50").finishes(2).finishes(3).finishes(4);
    Network network = Network.of(bench.batch());
    SizeCurve gold =
        Sizings.gold(network, Map.of(new LotId(5), 120.0, new LotId(7), 250.0, new LotId(9), 130.0))
            .orElseThrow();
    assertThat(gold.points())
        .extracting(point -> Math.rint(100 * point.finer()))
        .containsExactly(76.0, 26.0);
    assertThat(Sizings.gold(network, Map.of(new LotId(5), 120.0)))
        .as("one cut has no spread")
        .isEmpty();
  }
}
