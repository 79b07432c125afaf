package jugulum.core.machine;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import jugulum.core.ledger.Machine.Kind;
import jugulum.core.minerals.Mineral;
import jugulum.core.screens.Cut;
import jugulum.core.screens.Screen;
import jugulum.core.screens.StandardScreens;
import jugulum.core.water.Water;
import jugulum.core.window.Conditions;
import jugulum.core.window.Windows;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/**
 * Common practice: the magnet before gravity, and tighter cuts where the fines would leave with the
 * coarse sand.
 */
class BeforehandTest {
  private static final List<Screen> SCREENS =
      Stream.of("40", "60", "80", "120", "140", "170")
          .flatMap(label -> StandardScreens.numbered(label).stream())
          .toList();

  private static Cut cut(String passing, String retained) {
    return new Cut(StandardScreens.numbered(passing), StandardScreens.numbered(retained));
  }

  private static Conditions with(boolean magnetFirst, Set<Mineral> heavies) {
    return new Conditions(
        new Water(12),
        Conditions.flatnessAround(0.3),
        Conditions.densityAround(17.5),
        heavies,
        magnetFirst,
        0.075);
  }

  private static boolean parts(Cut cut, Conditions conditions, Kind kind) {
    return new Windows(conditions)
            .of(cut.upperMm(), cut.lowerMm(), Sheets.of(kind).working().sorting())
            .ratio()
            .orElseThrow()
            .usual()
        >= 1;
  }

  @Test
  void aTightCutWithoutMagnetiteNeedsNothing() {
    assertThat(
            Beforehand.of(
                    cut("80", "100"),
                    with(true, Conditions.USUAL_HEAVIES),
                    Kind.SHAKER_TABLE,
                    SCREENS)
                .isNothing())
        .isTrue();
    assertThat(
            Beforehand.of(
                    Cut.ALL, with(false, Conditions.USUAL_HEAVIES), Kind.SHAKER_TABLE, SCREENS)
                .isNothing())
        .as("nothing to reckon with")
        .isTrue();
  }

  @ParameterizedTest
  @EnumSource(
      value = Kind.class,
      names = {"SHAKER_TABLE", "VORTEX_BOWL", "FINISHING_TABLE", "PIPE_TRAP"})
  void whatIsAdvisedMakesBothPartsReachOne(Kind kind) {
    Cut wide = cut("30", "100");
    Conditions before = with(false, Conditions.USUAL_HEAVIES);
    assertThat(parts(wide, before, kind)).isFalse();
    Beforehand advice = Beforehand.of(wide, before, kind, SCREENS);
    assertThat(advice.magnet()).isTrue();
    Conditions after = before.withMagnetFirst();
    if (advice.split().isPresent()) {
      assertThat(Cut.of(wide, List.of(advice.split().get())))
          .allMatch(part -> parts(part, after, kind));
    } else {
      assertThat(advice.enough()).isEqualTo(parts(wide, after, kind));
    }
  }

  @Test
  void withoutAScreenAtHandNothingHelpsAndThatIsSaid() {
    Beforehand advice =
        Beforehand.of(
            cut("16", "100"), with(true, Conditions.USUAL_HEAVIES), Kind.VORTEX_BOWL, List.of());
    assertThat(advice).isEqualTo(new Beforehand(false, Optional.empty(), false));
    assertThat(advice.isNothing()).isFalse();
  }

  /** Quartz alone is light enough for a wide cut on a table; the magnet would take nothing. */
  @Test
  void theMagnetIsAdvisedOnlyWhereItTakesTheLimitingGrain() {
    Set<Mineral> light = EnumSet.of(Mineral.GARNET, Mineral.QUARTZ);
    assertThat(
            Beforehand.of(cut("30", "100"), with(false, light), Kind.VORTEX_BOWL, SCREENS).magnet())
        .isFalse();
  }
}
