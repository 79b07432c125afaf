package jugulum.core.identify;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Map;
import jugulum.core.identify.Suspect.Hazard;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class SpeckKeyTest {
  /**
   * The properties textbooks of mineralogy give each (Deer, Howie and Zussman, from memory), told
   * one after the other: each names its own mineral first.
   */
  @ParameterizedTest
  @CsvSource({
    "GOLD, yellow, same, flake, stays-last, no, dents, copper, above-12.5",
    "AMALGAM, silvery, same, ball, stays-last, no, smears, nail, above-12.5",
    "LEAD, grey, same, ball, stays-last, no, dents, nail, to-12.5",
    "GALENA, grey, flashes, cube, with-black-sand, no, shatters, copper, to-9",
    "PYRITE, brassy, flashes, cube, with-black-sand, no, shatters, none, to-6",
    "CHALCOPYRITE, brassy, flashes, angular, with-black-sand, no, shatters, steel, to-6",
    "MICA, yellow, fades, sheet, floats-off, no, splits, nail, below-3.4",
    "GARNET, red, glassy, rounded, with-black-sand, weakly, nothing, none, to-6",
    "CASSITERITE, brown-black, glassy, rounded, with-black-sand, no, nothing, none, to-9",
    "CINNABAR, red, same, rounded, with-black-sand, no, shatters, nail, to-9",
    "PLATINUM, silvery, same, rounded, stays-last, no, nothing, steel, above-12.5",
    "BRASS, yellow, same, cut-edges, with-black-sand, no, dents, steel, to-9"
  })
  void textbookPropertiesNameTheirOwnMineral(
      Suspect suspect,
      String colour,
      String turned,
      String shape,
      String pan,
      String magnet,
      String needle,
      String scratch,
      String density) {
    SpeckKey key =
        new SpeckKey(
            Map.of(
                Clue.COLOUR, colour,
                Clue.TURNED, turned,
                Clue.SHAPE, shape,
                Clue.IN_THE_PAN, pan,
                Clue.MAGNET, magnet,
                Clue.NEEDLE, needle,
                Clue.SCRATCH, scratch,
                Clue.DENSITY, density));
    assertThat(key.ranked().getFirst()).isEqualTo(suspect);
    // Pyrite and chalcopyrite are alike but for their hardness.
    assertThat(key.chance(suspect)).isGreaterThan(0.6);
    assertThat(key.next()).isEmpty();
  }

  @ParameterizedTest
  @EnumSource(Clue.class)
  void answersOfEachSuspectAreAllThereAre(Clue clue) {
    for (Suspect suspect : Suspect.values()) {
      double sum = 0;
      for (int answer = 0; answer < clue.answers().size(); answer++) {
        sum += Likelihoods.of(clue, suspect, answer);
      }
      assertThat(sum).as("%s of %s", clue, suspect).isCloseTo(1, within(1e-9));
    }
  }

  @Test
  void chancesAreOneTogetherAndOrderIsNothing() {
    SpeckKey one = SpeckKey.NOTHING.with(Clue.COLOUR, "yellow").with(Clue.NEEDLE, "dents");
    SpeckKey other = SpeckKey.NOTHING.with(Clue.NEEDLE, "dents").with(Clue.COLOUR, "yellow");
    assertThat(one).isEqualTo(other);
    assertThat(one.chances().values().stream().mapToDouble(chance -> chance).sum())
        .isCloseTo(1, within(1e-12));
    assertThat(one.without(Clue.NEEDLE)).isEqualTo(SpeckKey.NOTHING.with(Clue.COLOUR, "yellow"));
  }

  @Test
  void whatTellsMostIsAskedNext() {
    for (Clue clue : Clue.values()) {
      assertThat(SpeckKey.NOTHING.information(clue)).as("%s", clue).isBetween(0.0, 3.8);
    }
    SpeckKey yellow = SpeckKey.NOTHING.with(Clue.COLOUR, "yellow");
    assertThat(yellow.information(Clue.COLOUR)).isZero();
    Clue next = yellow.next().orElseThrow();
    for (Clue clue : Clue.values()) {
      assertThat(yellow.information(next)).isGreaterThanOrEqualTo(yellow.information(clue));
    }
    // Yellow gold, mica and brass differ least by a magnet.
    assertThat(yellow.information(Clue.NEEDLE)).isGreaterThan(yellow.information(Clue.MAGNET));
  }

  @Test
  void whatCanHurtIsToldAsLongAsItIsLikely() {
    assertThat(SpeckKey.NOTHING.hazards()).containsExactlyInAnyOrder(Hazard.MERCURY, Hazard.LEAD);
    SpeckKey soft = SpeckKey.NOTHING.with(Clue.COLOUR, "silvery").with(Clue.NEEDLE, "smears");
    assertThat(soft.hazards()).contains(Hazard.MERCURY);
    SpeckKey gold =
        SpeckKey.NOTHING
            .with(Clue.COLOUR, "yellow")
            .with(Clue.NEEDLE, "dents")
            .with(Clue.DENSITY, "above-12.5");
    assertThat(gold.hazards()).isEmpty();
    assertThat(gold.ranked().getFirst()).isEqualTo(Suspect.GOLD);
  }

  @Test
  void anAnswerThereIsNotIsRefused() {
    assertThatThrownBy(() -> SpeckKey.NOTHING.with(Clue.MAGNET, "perhaps"))
        .hasMessageContaining("MAGNET");
  }

  @Test
  void handbookFiguresLieInOrder() {
    assertThat(Suspect.GOLD.densityGCm3().low()).isGreaterThan(Suspect.LEAD.densityGCm3().high());
    assertThat(Suspect.PYRITE.hardness().low()).isGreaterThan(Suspect.GOLD.hardness().high());
    for (Suspect suspect : Suspect.values()) {
      assertThat(suspect.hardness().low()).isBetween(1.0, 10.0);
    }
  }
}
