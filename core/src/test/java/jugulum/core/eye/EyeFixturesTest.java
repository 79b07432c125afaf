package jugulum.core.eye;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import jugulum.core.eye.PictureSeen.Trouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Ten drawn pictures of gold among sand, with their truth. */
class EyeFixturesTest {
  /** Told by its reason, whatever else stands in the way. */
  private static final Map<String, Trouble> REFUSED =
      Map.of(
          "01_pan_green_disc", Trouble.TOO_MUCH_LOOKS_LIKE_GOLD,
          "02_pan_black_disc", Trouble.BURNT_OUT,
          "03_pan_blue_ruler", Trouble.BLURRED,
          "08_tray_black_mesh", Trouble.BURNT_OUT);

  private static final Map<String, PictureSeen> LOOKED = new HashMap<>();

  private static PictureSeen seen(Fixture one) {
    return LOOKED.computeIfAbsent(
        one.name(),
        _ ->
            Eye.look(
                one.light(),
                Scales.of(one.light(), one.known()).orElseThrow(),
                one.tray(),
                Optional.of(one.click())));
  }

  private static List<String> all() {
    return Fixture.ALL;
  }

  @ParameterizedTest
  @MethodSource("all")
  void theScaleIsRightOrItIsAsked(String name) {
    Fixture one = Fixture.of(name);
    PictureScale scale = seen(one).scale();
    if (!scale.isWeak()) {
      assertThat(scale.pxPerMm() / one.pxPerMm()).isBetween(0.985, 1.015);
    }
  }

  @Test
  void whatCannotBeMeasuredIsSaidWithItsReason() {
    REFUSED.forEach(
        (name, trouble) ->
            assertThat(seen(Fixture.of(name)).troubles()).as(name).contains(trouble));
    assertThat(seen(Fixture.of("04_pan_steel_disc")).troubles())
        .as("a grey disc on steel")
        .contains(Trouble.WEAK_SCALE);
  }

  /** What a person went through: the gold that was drawn lies in the range. */
  @Test
  void goneThroughTheRangeHolds() {
    List<String> held = new ArrayList<>();
    int answered = 0;
    for (String name : Fixture.ALL) {
      Fixture one = Fixture.of(name);
      PictureSeen seen = seen(one);
      if (!seen.scale().isWeak()) {
        answered++;
        List<SeenSpeck> gold = one.corrected(seen, new Random(3));
        EyeMass mass =
            EyeMass.of(gold, seen.scale(), one.kappa(), true, Corrected.NONE, Corrected.NONE, 11);
        if (one.massMg() >= mass.milligrams().low() && one.massMg() <= mass.milligrams().high()) {
          held.add(name);
        }
      }
    }
    assertThat(answered).isEqualTo(9);
    assertThat(held).hasSizeGreaterThanOrEqualTo(8);
  }

  /** Two grains of brown mica in three are taken for gold: nothing is weighed before a look. */
  @Test
  void lookAlikesAreUnsureInNumbers() {
    Fixture one = Fixture.of("10_scope_black_mesh");
    PictureSeen seen = seen(one);
    assertThat(seen.gold()).hasSizeGreaterThan(3 * one.specks().size());
    assertThat(seen.gold().stream().filter(gold -> gold.verdict() == SeenSpeck.Verdict.UNSURE))
        .isNotEmpty();
  }

  /** By itself: most of what is twelve pixels across and lies open. */
  @Test
  void mostOfWhatIsLargeEnoughIsFound() {
    int drawn = 0;
    int found = 0;
    for (String name : Fixture.ALL) {
      Fixture one = Fixture.of(name);
      List<SeenSpeck> gold = seen(one).gold();
      for (Fixture.Drawn speck : one.specks()) {
        double across = speck.acrossPx(one.pxPerMm());
        if (across >= 12 && speck.visible() > 0.9) {
          drawn++;
          found +=
              gold.stream().anyMatch(mark -> mark.centre().to(speck.centre()) < across / 2) ? 1 : 0;
        }
      }
    }
    assertThat(drawn).isGreaterThan(60);
    assertThat((double) found / drawn).isGreaterThan(0.80);
  }

  @Test
  void thePictureTellsTheSameTwice() {
    Fixture one = Fixture.of("05_tray_white_ruler");
    PictureScale scale = Scales.of(one.light(), one.known()).orElseThrow();
    PictureSeen again = Eye.look(one.light(), scale, one.tray(), Optional.of(one.click()));
    assertThat(again.specks()).isEqualTo(seen(one).specks());
  }
}
