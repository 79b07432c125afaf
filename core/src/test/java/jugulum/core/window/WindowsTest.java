package jugulum.core.window;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import jugulum.core.check.Band;
import jugulum.core.check.OutOfRange;
import jugulum.core.ledger.Machine;
import jugulum.core.machine.Sheets;
import jugulum.core.minerals.Mineral;
import jugulum.core.settling.Settling;
import jugulum.core.water.Water;
import jugulum.core.window.Windows.Window;
import org.junit.jupiter.api.Test;

class WindowsTest {
  private static final Band FLAKY = new Band(0.2, 0.35, 0.5);
  private static final Band NATIVE = new Band(16, 17.5, 19);

  private static Conditions conditions(boolean magnetFirst) {
    return new Conditions(
        new Water(15),
        FLAKY,
        NATIVE,
        Set.of(Mineral.MAGNETITE, Mineral.GARNET, Mineral.QUARTZ),
        magnetFirst,
        0.075);
  }

  private static double ratio(double upper, double lower, boolean magnetFirst) {
    return new Windows(conditions(magnetFirst))
        .of(upper, lower, Sorting.FREE)
        .ratio()
        .orElseThrow()
        .usual();
  }

  /**
   * 15 °C, flatness 0.35 on a 100-mesh screen 38.4 mm/s and magnetite of 0.7 at 50 mesh 55.8: the
   * reference speeds of Dietrich's law.
   */
  @Test
  void theWindowIsTheSlowestGoldOverTheFastestHeavy() {
    Window window = new Windows(conditions(false)).of(0.30, 0.15, Sorting.FREE);
    assertThat(window.gold().slowest().usual() * 1000).isCloseTo(38.4, within(0.1));
    assertThat(window.limiting()).contains(Mineral.MAGNETITE);
    assertThat(window.ratio().orElseThrow().usual()).isCloseTo(38.4 / 55.5, within(0.01));
    assertThat(window.ratio().orElseThrow().low())
        .isLessThan(19.7 / 55.5)
        .as("flattest, lightest gold against round, heavy magnetite");
    assertThat(window.sizeRatio()).isEqualTo(2);
  }

  @Test
  void theMagnetWidensTheWindow() {
    Window without = new Windows(conditions(true)).of(0.30, 0.15, Sorting.FREE);
    assertThat(without.limiting()).contains(Mineral.GARNET);
    assertThat(ratio(0.30, 0.15, true)).isGreaterThan(1.2 * ratio(0.30, 0.15, false));
  }

  /** Common practice: tighter cuts raise a bowl's recovery. */
  @Test
  void tighterCutsHaveWiderWindows() {
    assertThat(ratio(0.30, 0.18, true)).isGreaterThan(ratio(0.30, 0.15, true));
    assertThat(ratio(0.18, 0.15, true)).isGreaterThan(ratio(0.30, 0.15, true)).isGreaterThan(1);
  }

  /** Common practice: minus 100 mesh belongs apart from 50 mesh. */
  @Test
  void minusHundredMeshBelongsApartFromFiftyMesh() {
    assertThat(ratio(0.30, 0, true))
        .as("run together the finest gold leaves with the coarsest garnet")
        .isLessThan(0.5);
    assertThat(ratio(0.15, 0, true)).isGreaterThan(1.5 * ratio(0.30, 0, true));
  }

  @Test
  void aBedWidensTheDifferenceByTheHinderedCriterion() {
    double free =
        new Windows(conditions(true)).of(0.6, 0.3, Sorting.FREE).ratio().orElseThrow().usual();
    double bed =
        new Windows(conditions(true))
            .of(0.6, 0.3, Sheets.of(Machine.Kind.SHAKER_TABLE).working().sorting())
            .ratio()
            .orElseThrow()
            .usual();
    double garnet = Mineral.GARNET.usualGCm3();
    assertThat(bed / free)
        .isCloseTo((17.5 - 1.5) / (garnet - 1.5) / ((17.5 - 1) / (garnet - 1)), within(1e-12));
  }

  @Test
  void bandsHoldTheUsualAndGrowWithDoubt() {
    Band doubtful = new Windows(conditions(true)).of(0.3, 0.15, Sorting.FREE).ratio().orElseThrow();
    Conditions sure =
        new Conditions(
            new Water(15), Band.sharp(0.35), Band.sharp(17.5), Set.of(Mineral.GARNET), true, 0.075);
    Band known = new Windows(sure).of(0.3, 0.15, Sorting.FREE).ratio().orElseThrow();
    assertThat(doubtful.low()).isLessThan(known.low());
    assertThat(doubtful.high()).isGreaterThan(known.high());
    assertThat(doubtful.usual()).isCloseTo(known.usual(), within(1e-12));
  }

  @Test
  void flakesBelowTheLawSayWhichLawTheyFollow() {
    Conditions foil =
        new Conditions(
            new Water(15), new Band(0.08, 0.2, 0.4), NATIVE, Set.of(Mineral.GARNET), true, 0.075);
    assertThat(new Windows(foil).of(0.3, 0.15, Sorting.FREE).gold().law())
        .isEqualTo(Settling.Law.THIN_DISC);
    assertThat(new Windows(conditions(true)).of(0.3, 0.15, Sorting.FREE).gold().law())
        .isEqualTo(Settling.Law.DIETRICH);
  }

  @Test
  void withNothingElseLeftThereIsNoRatio() {
    Conditions clean =
        new Conditions(new Water(15), FLAKY, NATIVE, Set.of(Mineral.MAGNETITE), true, 0.075);
    assertThat(new Windows(clean).of(0.3, 0.15, Sorting.FREE).ratio()).isEmpty();
  }

  /**
   * Magnetite usually falls faster, but the densest hematite is denser than the densest magnetite:
   * more minerals never leave gold more room, at either end and in the middle.
   */
  @Test
  void theWorstMineralCountsAtEachEnd() {
    List<Mineral> minerals =
        Stream.of(Mineral.values()).filter(mineral -> mineral != Mineral.GOLD).toList();
    for (Mineral one : minerals) {
      for (Mineral other : minerals) {
        for (Sorting sorting : Sorting.values()) {
          Band alone = window(Set.of(one), sorting);
          Band both = window(EnumSet.of(one, other), sorting);
          assertThat(both.low())
              .as("%s beside %s, %s", other, one, sorting)
              .isLessThanOrEqualTo(alone.low());
          assertThat(both.usual()).isLessThanOrEqualTo(alone.usual());
          assertThat(both.high()).isLessThanOrEqualTo(alone.high());
        }
      }
    }
    assertThat(window(Set.of(Mineral.MAGNETITE, Mineral.HEMATITE), Sorting.FREE).low())
        .isEqualTo(window(Set.of(Mineral.HEMATITE), Sorting.FREE).low());
  }

  private static Band window(Set<Mineral> others, Sorting sorting) {
    Conditions conditions = new Conditions(new Water(15), FLAKY, NATIVE, others, false, 0.075);
    return new Windows(conditions).of(0.30, 0.15, sorting).ratio().orElseThrow();
  }

  @Test
  void valuesOutOfRangeAreRefusedByName() {
    assertThatThrownBy(
            () ->
                new Conditions(
                    new Water(15), new Band(0.01, 0.3, 0.5), NATIVE, Set.of(), true, 0.075))
        .isInstanceOf(OutOfRange.class)
        .hasMessageContaining("flatness");
    assertThatThrownBy(() -> new Windows(conditions(true)).of(0.15, 0.3, Sorting.FREE))
        .isInstanceOf(OutOfRange.class)
        .hasMessageContaining("lowerMm");
    assertThatThrownBy(() -> new Band(0.3, Double.NaN, 0.5)).isInstanceOf(OutOfRange.class);
  }
}
