package jugulum.core.eye;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.DoubleStream;
import jugulum.core.check.OutOfRange;
import jugulum.core.eye.Kappa.From;
import org.hipparchus.distribution.continuous.BetaDistribution;
import org.junit.jupiter.api.Test;

/** From areas to milligrams. */
class EyeSumsTest {
  private static SeenSpeck speck(double areaPx) {
    return new SeenSpeck(
        new Point(0, 0),
        areaPx,
        1,
        1,
        0,
        0,
        0,
        false,
        SeenSpeck.Verdict.GOLD,
        Optional.empty(),
        List.of());
  }

  private static PictureScale scale(double pxPerMm, double sd) {
    return new PictureScale(
        pxPerMm,
        sd,
        false,
        new PictureScale.Found.Drawn(new Point(0, 0), new Point(9, 9)),
        new boolean[0]);
  }

  /** 0.3 mm, flatness 0.3, 17.5: 0.074220 mg, which is (π/6) f ρ d³. */
  @Test
  void aDiscWeighsWhatAnEllipsoidOfItsAxesDoes() {
    double area = Math.PI / 4 * 0.09;
    assertThat(Kappa.SHAPE).isCloseTo(0.75225, within(1e-5));
    assertThat(Kappa.told(0.3, 17.5).value() * Math.pow(area, 1.5))
        .isCloseTo(0.074220, within(1e-6))
        .isCloseTo(Math.PI / 6 * 0.3 * 17.5 * 0.027, within(1e-9));
  }

  @Test
  void areasAddUpToThePowerOfOneAndAHalf() {
    double sum = DoubleStream.of(0.02, 0.05, 0.2).map(area -> Math.pow(area, 1.5)).sum();
    assertThat(sum).isCloseTo(0.103451, within(1e-6));
    assertThat(Kappa.told(0.28, 17.2).value() * sum).isCloseTo(0.37479, within(1e-5));
  }

  /** 40 specks of 2.4 mg, ΣA^1.5 0.62, of which 15 tell, in steps of 0.1 mg. */
  @Test
  void aHandfulTellsItsKappa() {
    Kappa kappa = Kappa.handful(40, 2.4, 0.1, 0.62, 0.62 * 0.62 / 15).orElseThrow();
    assertThat(kappa.from()).isEqualTo(From.HANDFUL);
    assertThat(kappa.value()).isCloseTo(3.87097, within(1e-5));
    assertThat(kappa.flatness(17.2)).isCloseTo(0.29918, within(1e-5));
    assertThat(kappa.logSd()).isCloseTo(0.07451, within(1e-5));
    assertThat(kappa.ofOtherCut().logSd()).isCloseTo(Math.hypot(0.07451, 0.1), within(1e-5));
    double all = Math.sqrt(0.07451 * 0.07451 + 0.012 * 0.012 + 0.05 * 0.05);
    assertThat(all).isCloseTo(0.0905, within(1e-4));
    double mass = kappa.value() * 1.85;
    assertThat(mass).isCloseTo(7.1613, within(1e-4));
    assertThat(mass * Math.exp(-1.96 * all)).isCloseTo(6.00, within(0.005));
    assertThat(mass * Math.exp(1.96 * all)).isCloseTo(8.55, within(0.005));
    assertThat(Kappa.handful(19, 2.4, 0.1, 0.62, 0.02)).as("too few").isEmpty();
    assertThat(Kappa.handful(40, 0.9, 0.1, 0.62, 0.02)).as("too light").isEmpty();
  }

  /** Screens tell flatness as if specks were as wide as long: 0.29918 at 1.3 is 0.20186. */
  @Test
  void aFlatnessOfScreensHoldsTheElongation() {
    double elongation = Math.pow(1.3, -1.5);
    assertThat(Kappa.screens(0.29918, elongation, 17.2, 0.1).flatness(17.2))
        .isCloseTo(0.20186, within(2e-5));
    assertThat(1 / elongation).isCloseTo(1.48, within(0.005));
  }

  @Test
  void aFlakeSlipsThroughAnOpeningSmallerThanItself() {
    double longest = 0.3 * 1.3;
    assertThat(Kappa.slipsThroughMm(longest, 0.3, 0.28)).isCloseTo(0.2227, within(1e-4));
    assertThat(Kappa.slipsThroughMm(0.3, 0.3, 1)).isCloseTo(0.3, within(1e-9));
  }

  /** 6 of 120 taken out: 5.38 %, 2.21 to 9.85 %. */
  @Test
  void correctionsTellTheShareThatIsNone() {
    Corrected six = new Corrected(6, 120);
    assertThat(six.mean()).isCloseTo(0.0538, within(1e-4));
    BetaDistribution beta = new BetaDistribution(six.alpha(), six.beta());
    assertThat(beta.inverseCumulativeProbability(0.025)).isCloseTo(0.0221, within(1e-4));
    assertThat(beta.inverseCumulativeProbability(0.975)).isCloseTo(0.0985, within(1e-4));
    assertThatThrownBy(() -> new Corrected(7, 6)).isInstanceOf(OutOfRange.class);
  }

  /** A border out by a quarter of a pixel all round: 27.1, 15.8 and 7.7 % of mass. */
  @Test
  void aBorderCountsMoreTheSmallerASpeckIs() {
    assertThat(Math.pow(1 + 2 * 0.25 / 6, 3)).isCloseTo(1.271, within(5e-4));
    assertThat(Math.pow(1 + 2 * 0.25 / 10, 3)).isCloseTo(1.158, within(5e-4));
    assertThat(Math.pow(1 + 2 * 0.25 / 20, 3)).isCloseTo(1.077, within(5e-4));
  }

  @Test
  void theRangeHoldsTheSumAndTellsWhatMakesItWide() {
    List<SeenSpeck> many =
        new Random(1).doubles(60, 200, 900).mapToObj(EyeSumsTest::speck).toList();
    Kappa kappa = Kappa.handful(60, 8, 0.1, 2, 0.1).orElseThrow();
    EyeMass sure = mass(many, scale(40, 0.004), kappa, true);
    double plain =
        kappa.value() * many.stream().mapToDouble(one -> Math.pow(one.areaPx() / 1600, 1.5)).sum();
    assertThat(sure.milligrams().low()).isLessThan(plain);
    assertThat(sure.milligrams().high()).isGreaterThan(plain);
    assertThat(sure.milligrams().usual() / plain).isBetween(0.93, 1.07);
    EyeMass unsure = mass(many, scale(40, 0.004), kappa, false);
    assertThat(width(unsure)).isGreaterThan(1.5 * width(sure));
    assertThat(unsure.widest()).isEqualTo(EyeMass.Widest.CORRECTIONS);
    assertThat(mass(many, scale(40, 0.004), Kappa.told(0.28, 17.2), true).widest())
        .isEqualTo(EyeMass.Widest.THICKNESS);
    assertThat(mass(many, scale(40, 0.06), kappa, true).widest()).isEqualTo(EyeMass.Widest.SCALE);
    assertThat(mass(many.subList(0, 2), scale(40, 0.004), kappa, true).widest())
        .isEqualTo(EyeMass.Widest.COUNT);
    assertThat(mass(many, scale(40, 0.004), kappa, true)).as("the same again").isEqualTo(sure);
  }

  private static double width(EyeMass mass) {
    return Math.log(mass.milligrams().high() / mass.milligrams().low());
  }

  private static EyeMass mass(
      List<SeenSpeck> gold, PictureScale scale, Kappa kappa, boolean isGoneThrough) {
    return EyeMass.of(gold, scale, kappa, isGoneThrough, Corrected.NONE, Corrected.NONE, 7);
  }

  /** A pitch told with a wire 15 % too thick: 6 % of pitch, 19 % of mass. */
  @Test
  void aWireNobodyCountedCounts() {
    double pitch = (0.150 + 0.100 * 1.15) / 0.250;
    assertThat(pitch).isCloseTo(1.06, within(1e-9));
    assertThat(Math.pow(pitch, 3)).isCloseTo(1.19, within(0.002));
  }
}
