package jugulum.practice.camera;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import jugulum.core.eye.Corrected;
import jugulum.core.eye.Eye;
import jugulum.core.eye.EyeMass;
import jugulum.core.eye.Kappa;
import jugulum.core.eye.KnownSize;
import jugulum.core.eye.Light;
import jugulum.core.eye.PictureScale;
import jugulum.core.eye.PictureSeen;
import jugulum.core.eye.Point;
import jugulum.core.eye.Scales;
import jugulum.core.eye.SeenSpeck;
import jugulum.core.eye.Shapes;
import jugulum.core.eye.Tray;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** What the played camera draws, the eye finds again. */
class DrawnPictureTest {
  @Test
  void theSameSeedDrawsTheSamePicture() {
    DrawnPicture one = DrawnPicture.of(5, Tray.BLACK);
    DrawnPicture again = DrawnPicture.of(5, Tray.BLACK);
    assertThat(again.rgb()).isEqualTo(one.rgb());
    assertThat(again.specks()).isEqualTo(one.specks());
    assertThat(DrawnPicture.of(6, Tray.BLACK).rgb()).isNotEqualTo(one.rgb());
    assertThat(one.milligrams()).isPositive();
  }

  @ParameterizedTest
  @EnumSource(Tray.class)
  void theEyeFindsItsScaleAndItsLargeSpecks(Tray tray) {
    DrawnPicture drawn = DrawnPicture.of(11, tray);
    Light light = Light.of(drawn.rgb(), drawn.width(), drawn.height());
    PictureScale scale = Scales.of(light, new KnownSize.Disc(DrawnPicture.DISC_MM)).orElseThrow();
    if (!scale.isWeak()) {
      assertThat(scale.pxPerMm() / drawn.pxPerMm()).isBetween(0.985, 1.015);
    }
    DrawnPicture.Gold largest =
        drawn.specks().stream()
            .max(Comparator.comparingDouble(DrawnPicture.Gold::longMm))
            .orElseThrow();
    PictureSeen seen =
        Eye.look(light, scale, tray, Optional.of(new Point(largest.x(), largest.y())));
    List<DrawnPicture.Gold> large =
        drawn.specks().stream().filter(one -> one.shortMm() * drawn.pxPerMm() > 12).toList();
    long found =
        large.stream().filter(one -> on(seen.gold(), one, drawn.pxPerMm()).isPresent()).count();
    assertThat((double) found / large.size()).isGreaterThan(0.7);
  }

  private static Optional<SeenSpeck> on(
      List<SeenSpeck> gold, DrawnPicture.Gold drawn, double pxPerMm) {
    return gold.stream()
        .filter(
            one ->
                one.centre().to(new Point(drawn.x(), drawn.y()))
                    < Math.max(2.5, drawn.longMm() * pxPerMm / 2))
        .min(Comparator.comparingDouble(one -> one.centre().to(new Point(drawn.x(), drawn.y()))));
  }

  /**
   * Twenty pictures, every speck outlined as it was seen, what was missed put in: the range holds.
   */
  @Test
  void theRangeHoldsWhatWasDrawn() {
    int held = 0;
    for (int seed = 100; seed < 120; seed++) {
      DrawnPicture drawn = DrawnPicture.of(seed, Tray.BLACK);
      Light light = Light.of(drawn.rgb(), drawn.width(), drawn.height());
      PictureScale scale = Scales.of(light, new KnownSize.Disc(DrawnPicture.DISC_MM)).orElseThrow();
      DrawnPicture.Gold sure = drawn.specks().getFirst();
      PictureSeen seen =
          Eye.look(light, scale, Tray.BLACK, Optional.of(new Point(sure.x(), sure.y())));
      List<SeenSpeck> gold = new ArrayList<>();
      for (DrawnPicture.Gold one : drawn.specks()) {
        gold.add(
            on(seen.gold(), one, drawn.pxPerMm())
                .orElseGet(
                    () ->
                        Shapes.ellipse(
                            new Point(one.x(), one.y()),
                            one.longMm() * drawn.pxPerMm(),
                            one.shortMm() * drawn.pxPerMm())));
      }
      EyeMass mass =
          EyeMass.of(
              gold,
              scale,
              Kappa.handful(400, 400, 0.1, 400 / Kappa.told(0.28, 17.2).value(), 1).orElseThrow(),
              true,
              Corrected.NONE,
              Corrected.NONE,
              seed);
      boolean holds =
          drawn.milligrams() >= mass.milligrams().low()
              && drawn.milligrams() <= mass.milligrams().high();
      held += holds ? 1 : 0;
    }
    assertThat(held).isGreaterThanOrEqualTo(17);
  }
}
