package jugulum.core.settling;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import jugulum.core.check.OutOfRange;
import jugulum.core.settling.Settling.Law;
import jugulum.core.water.Water;
import org.assertj.core.data.Percentage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/**
 * The reference speeds were derived from the published formulas by another language's numerical
 * library.
 */
class SettlingTest {
  private static final Water AT_20 = new Water(20);
  private static final Water AT_15 = new Water(15);
  private static final double QUARTZ = 2.65;

  private static double mmPerSecond(double metresPerSecond) {
    return metresPerSecond * 1000;
  }

  /** Haider and Levenspiel 1989. */
  @ParameterizedTest
  @CsvSource({"0.1, 7.79", "0.5, 77.2", "1, 155.9"})
  void spheresFallAsHaiderAndLevenspielFound(double mm, double speed) {
    assertThat(mmPerSecond(HaiderLevenspiel.speedMps(mm, QUARTZ, AT_20)))
        .isCloseTo(speed, Percentage.withPercentage(0.1));
  }

  /** Dietrich 1982 for a sphere: flatness 1, roundness 6. */
  @ParameterizedTest
  @CsvSource({"0.1, 7.48", "0.5, 74.0", "1, 155.1"})
  void aSphereFallsAsDietrichFound(double mm, double speed) {
    double found = mmPerSecond(Settling.of(new Grain(mm, 1, QUARTZ, 6), AT_20).metresPerSecond());
    assertThat(found).isCloseTo(speed, Percentage.withPercentage(0.1));
    assertThat(found)
        .as("the two laws agree")
        .isCloseTo(
            mmPerSecond(HaiderLevenspiel.speedMps(mm, QUARTZ, AT_20)),
            Percentage.withPercentage(8));
  }

  /** Ferguson and Church 2004. */
  @ParameterizedTest
  @CsvSource({"0.15, 2.65, 14.9", "0.6, 2.65, 84.3", "0.3, 5.18, 78.8"})
  void naturalSandFallsAsFergusonAndChurchFound(double mm, double density, double speed) {
    assertThat(mmPerSecond(FergusonChurch.speedMps(mm, density, AT_20)))
        .isCloseTo(speed, Percentage.withPercentage(0.4));
  }

  @ParameterizedTest
  @ValueSource(doubles = {0.1, 0.2, 0.4, 0.8})
  void twoLawsOfNaturalQuartzSandAgreeAtTheSameNominalDiameter(double mm) {
    double dietrich =
        Settling.of(Grain.natural(mm / Math.cbrt(0.7), 0.7, QUARTZ), AT_20).metresPerSecond();
    assertThat(FergusonChurch.speedMps(mm, QUARTZ, AT_20))
        .isCloseTo(dietrich, Percentage.withPercentage(25));
  }

  /** Dietrich 1982 by sieve size, with the nominal diameter, at 15 °C. */
  @ParameterizedTest
  @CsvSource({
    "0.15, 0.20, 17.5, 19.7",
    "0.15, 0.35, 17.5, 38.4",
    "0.15, 0.50, 17.5, 51.1",
    "0.15, 0.70, 17.5, 64.7",
    "0.30, 0.7, 5.18, 55.8",
    "0.30, 0.7, 4.1, 44.4",
    "0.30, 0.7, 2.65, 27.1"
  })
  void goldAndSandFallBySieveSizeAndFlatness(
      double mm, double flatness, double density, double speed) {
    Settling found = Settling.of(Grain.natural(mm, flatness, density), AT_15);
    assertThat(mmPerSecond(found.metresPerSecond())).isCloseTo(speed, within(0.06));
    assertThat(found.law()).isEqualTo(Law.DIETRICH);
  }

  @Test
  void theNominalDiameterIsThatOfTheSphereOfEqualVolume() {
    Grain grain = Grain.natural(0.2, 0.3, 17.5);
    double ellipsoid = Math.PI / 6 * 0.2 * 0.2 * (0.3 * 0.2);
    double sphere = Math.PI / 6 * Math.pow(grain.nominalDiameterM() * 1000, 3);
    assertThat(sphere).isCloseTo(ellipsoid, Percentage.withPercentage(1e-9));
  }

  @Test
  void goldFinerThanTheFitFallsByStokesAndSaysSo() {
    Settling fine = Settling.of(Grain.natural(0.003, 1, 17.5), AT_20);
    Settling finer = Settling.of(Grain.natural(0.0015, 1, 17.5), AT_20);
    assertThat(fine.law()).isEqualTo(Law.STOKES);
    assertThat(fine.metresPerSecond() / finer.metresPerSecond())
        .as("Stokes: with the square of the size")
        .isCloseTo(4, within(0.01));
    double stokes = 16.53 * 9.80665 * 3e-6 * 3e-6 / 18 / AT_20.kinematicViscosityM2S();
    assertThat(Settling.of(new Grain(0.003, 1, 17.5, 6), AT_20).metresPerSecond())
        .isCloseTo(stokes, Percentage.withPercentage(2));
  }

  @Test
  void foilFallsSlowerTheFlatterItIsWithoutAJumpAtTheEdge() {
    double edge = Settling.of(Grain.natural(0.2, Dietrich.FLATTEST, 17.5), AT_20).metresPerSecond();
    Settling below = Settling.of(Grain.natural(0.2, 0.1999, 17.5), AT_20);
    assertThat(below.law()).isEqualTo(Law.THIN_DISC);
    assertThat(below.metresPerSecond()).isCloseTo(edge, Percentage.withPercentage(0.1));
    double before = edge;
    for (double flatness = 0.19; flatness >= 0.05; flatness -= 0.01) {
      double now = Settling.of(Grain.natural(0.2, flatness, 17.5), AT_20).metresPerSecond();
      assertThat(now).isPositive().isLessThan(before);
      before = now;
    }
  }

  /**
   * A disc creeping broadside feels 16 μ a U (Oberbeck; Happel and Brenner), which is Cd = 64/(π
   * Re).
   */
  @Test
  void aDiscInCreepingFlowFeelsOberbecksDrag() {
    assertThat(ThinDisc.drag(1e-4))
        .isCloseTo(64 / (Math.PI * 1e-4), Percentage.withPercentage(0.1));
    assertThat(ThinDisc.drag(133))
        .as("the branches meet")
        .isCloseTo(ThinDisc.drag(133.01), Percentage.withPercentage(5));
    assertThat(ThinDisc.drag(1.5)).isCloseTo(ThinDisc.drag(1.5001), Percentage.withPercentage(3));
  }

  @Test
  void dietrichItselfRefusesFoilWithTheRange() {
    assertThatThrownBy(() -> Dietrich.speedMps(Grain.natural(0.2, 0.15, 17.5), AT_20))
        .isInstanceOf(OutOfRange.class)
        .hasMessageContaining("flatness")
        .hasMessageContaining("0.2")
        .hasMessageContaining("0.15");
  }

  @Test
  void whatFloatsDoesNotSettle() {
    assertThatThrownBy(() -> new Grain(0.2, 0.5, 0.9, 3.5)).isInstanceOf(OutOfRange.class);
    assertThatThrownBy(() -> new Grain(Double.NaN, 0.5, 2.6, 3.5)).isInstanceOf(OutOfRange.class);
    assertThatThrownBy(() -> FergusonChurch.speedMps(-1, 2.6, AT_20))
        .isInstanceOf(OutOfRange.class);
  }

  @Test
  void warmWaterLetsFineGoldFallFaster() {
    Grain flake = Grain.natural(0.1, 0.3, 17.5);
    assertThat(Settling.of(flake, new Water(30)).metresPerSecond())
        .isGreaterThan(1.2 * Settling.of(flake, new Water(5)).metresPerSecond());
  }

  /** Taggart's criterion with the ratios worked in Wills and Finch, from memory. */
  @ParameterizedTest
  @CsvSource({
    "19.3, 2.65, 1, 11.09",
    "19.3, 5.18, 1, 4.38",
    "5.18, 2.65, 1, 2.53",
    "7.5, 2.65, 1, 3.94",
    "7.5, 2.65, 1.5, 5.22"
  })
  void theConcentrationCriterionIsThatOfTheHandbook(
      double heavy, double light, double fluid, double value) {
    assertThat(ConcentrationCriterion.of(heavy, light, fluid).value())
        .isCloseTo(value, within(0.006));
  }

  @Test
  void galenaAndQuartzHaveTheSizeRatiosOfTheHandbook() {
    ConcentrationCriterion free = ConcentrationCriterion.of(7.5, 2.65, 1);
    assertThat(free.sizeRatio(0.5)).isCloseTo(1.99, within(0.006));
    assertThat(free.sizeRatio(1)).isCloseTo(3.94, within(0.006));
  }

  @ParameterizedTest
  @CsvSource({"3.51, 0.075", "2.5, 0.15", "1.75, 0.15", "1.6, 2.0", "1.3, 6.35", "1.1, Infinity"})
  void howFineTheCriterionReaches(double value, double finestMm) {
    assertThat(new ConcentrationCriterion(value).reach().finestMm()).isEqualTo(finestMm);
  }

  @Test
  void flatnessComesFromGrainsMeasuredInAnyOrder() {
    GrainShapes.Axes flake = new GrainShapes.Axes(0.05, 0.25, 0.20);
    assertThat(flake.flatness()).isCloseTo(0.05 / Math.sqrt(0.25 * 0.20), within(1e-12));
    var several =
        GrainShapes.flatness(
            java.util.List.of(
                flake,
                new GrainShapes.Axes(0.3, 0.3, 0.09),
                new GrainShapes.Axes(0.2, 0.16, 0.07)));
    assertThat(several.usual()).isCloseTo((0.2236 + 0.3 + 0.3913) / 3, within(1e-3));
    assertThat(several.low()).isBetween(0.1, 0.25);
    assertThat(several.high()).isBetween(0.35, 0.5);
    assertThat(GrainShapes.flatness(java.util.List.of(flake)).low())
        .isCloseTo(flake.flatness() / 2, within(1e-12));
    assertThatThrownBy(() -> new GrainShapes.Axes(0, 1, 1)).isInstanceOf(OutOfRange.class);
  }
}
