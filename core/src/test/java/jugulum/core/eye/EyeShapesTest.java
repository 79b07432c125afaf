package jugulum.core.eye;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import jugulum.core.eye.DrawnDiscs.Disc;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Borders, necks and marks on pictures of which everything is known. */
class EyeShapesTest {
  private static final double[] BLACK = {0.028, 0.028, 0.03};
  private static final double[] WHITE = {0.7, 0.7, 0.69};
  private static final double[] GREEN = {0.045, 0.2, 0.075};

  private static double[] ground(Tray tray) {
    return switch (tray) {
      case BLACK -> BLACK;
      case WHITE -> WHITE;
      default -> GREEN;
    };
  }

  private static PictureSeen look(Light light, Tray tray) {
    return look(light, tray, Optional.empty());
  }

  private static PictureSeen look(Light light, Tray tray, Optional<Point> sure) {
    PictureScale scale =
        Scales.of(light, new KnownSize.Line(10, new Point(20, 20), new Point(420, 20)))
            .orElseThrow();
    return Eye.look(light, scale, tray, sure);
  }

  /** Ten, twenty and sixty pixels, sharp and blurred: within 20, 10 and 3 % of the area. */
  @ParameterizedTest
  @CsvSource({
    "BLACK, 10, 0.6, 0.20",
    "BLACK, 20, 0.6, 0.10",
    "BLACK, 60, 0.6, 0.03",
    "BLACK, 20, 1.3, 0.10",
    "BLACK, 60, 2.0, 0.03",
    "GREEN, 10, 0.6, 0.20",
    "GREEN, 20, 0.6, 0.10",
    "GREEN, 60, 0.6, 0.03",
    "GREEN, 20, 1.3, 0.10",
    "GREEN, 60, 2.0, 0.03",
    "WHITE, 14, 0.6, 0.20",
    "WHITE, 20, 0.6, 0.10",
    "WHITE, 60, 0.6, 0.03",
    "WHITE, 20, 1.3, 0.10",
    "WHITE, 60, 2.0, 0.03"
  })
  void anAreaIsThatOfTheDisc(Tray tray, double across, double blur, double within) {
    List<Disc> discs = new ArrayList<>();
    Random random = new Random(2);
    for (int i = 0; i < 12; i++) {
      discs.add(
          new Disc(
              90 + 140 * (i % 4) + random.nextDouble(),
              90 + 140.0 * (i / 4) + random.nextDouble(),
              across));
    }
    List<SeenSpeck> gold = look(DrawnDiscs.of(discs, ground(tray), blur, 1), tray).gold();
    assertThat(gold).hasSize(12);
    double mean = gold.stream().mapToDouble(SeenSpeck::areaPx).average().orElseThrow();
    double drawn = Math.PI / 4 * across * across;
    assertThat(mean / drawn).isBetween(1 - within, 1 + within);
    assertThat(gold.getFirst().longPx() / gold.getFirst().shortPx()).isLessThan(1.15);
  }

  /** Two discs with a neck of a half of them are two, with nine tenths one. */
  @ParameterizedTest
  @CsvSource({"0.5, 2", "0.9, 1"})
  void twoThatTouchAreTakenApartAtANarrowNeck(double neck, int specks) {
    double across = 40;
    double apart = across * Math.sqrt(1 - neck * neck);
    List<Disc> discs = List.of(new Disc(300, 240, across), new Disc(300 + apart, 240, across));
    assertThat(look(DrawnDiscs.of(discs, BLACK, 0.7, 1), Tray.BLACK).gold()).hasSize(specks);
  }

  @Test
  void sandWithoutGoldIsNoGoldNeverZero() {
    List<Disc> discs = List.of(new Disc(200, 200, 30), new Disc(400, 300, 24));
    Light grey = DrawnDiscs.of(discs, WHITE, new double[] {0.05, 0.05, 0.05}, 0.7, 1);
    assertThat(look(grey, Tray.WHITE).troubles()).contains(PictureSeen.Trouble.NO_GOLD);
    Light garnet = DrawnDiscs.of(discs, BLACK, new double[] {0.25, 0.04, 0.035}, 0.7, 1);
    assertThat(look(garnet, Tray.BLACK).gold()).isEmpty();
  }

  @Test
  void blurIsTold() {
    List<Disc> discs = new ArrayList<>();
    for (int i = 0; i < 6; i++) {
      discs.add(new Disc(100 + 90 * i, 240, 50));
    }
    PictureSeen sharp = look(DrawnDiscs.of(discs, BLACK, 0.8, 1), Tray.BLACK);
    PictureSeen soft = look(DrawnDiscs.of(discs, BLACK, 2.2, 1), Tray.BLACK);
    assertThat(sharp.blurPx().orElseThrow()).isBetween(0.5, 1.2);
    assertThat(soft.blurPx().orElseThrow()).isBetween(1.8, 2.6);
    assertThat(soft.troubles()).contains(PictureSeen.Trouble.BLURRED);
    assertThat(sharp.troubles()).doesNotContain(PictureSeen.Trouble.BLURRED);
  }

  /** An outline walked around its pixels holds them all and no other. */
  @Test
  void anOutlineHoldsItsPixels() {
    List<Disc> discs = List.of(new Disc(300, 240, 33), new Disc(330, 262, 33));
    for (SeenSpeck speck : look(DrawnDiscs.of(discs, BLACK, 0.7, 1), Tray.BLACK).gold()) {
      Window all = new Window(0, 0, 640, 480);
      boolean[] inside = Outline.inside(speck.outline(), all);
      int pixels = 0;
      for (boolean one : inside) {
        pixels += one ? 1 : 0;
      }
      assertThat((double) pixels).isEqualTo(speck.areaPx());
    }
  }

  /** Dark marks every 23.7 pixels from 11.3 on, on a bright strip: there the lines are drawn. */
  @Test
  void linesLieOnTheirMarks() {
    int[] rgb = new int[1200 * 900];
    Random random = new Random(5);
    for (int y = 0; y < 900; y++) {
      for (int x = 0; x < 1200; x++) {
        boolean isStrip = y > 640;
        double place = (x - 11.3) / 23.7;
        boolean isMark = isStrip && y < 760 && Math.abs(place - Math.round(place)) * 23.7 < 2.2;
        int grey = (isStrip ? isMark ? 40 : 215 : 60) + random.nextInt(5);
        rgb[y * 1200 + x] = grey << 16 | grey << 8 | grey;
      }
    }
    PictureScale scale = Scales.of(Light.of(rgb, 1200, 900), new KnownSize.Ruler(1)).orElseThrow();
    assertThat(scale.pxPerMm()).isBetween(23.68, 23.72);
    PictureScale.Found.Lines lines = (PictureScale.Found.Lines) scale.found();
    for (int mark = 1; mark < 50; mark += 12) {
      double cycles = (11.3 + 23.7 * mark) * lines.x() + 700 * lines.y() - lines.phase();
      assertThat(Math.abs(cycles - Math.round(cycles))).as("mark %d", mark).isLessThan(0.08);
    }
  }

  @Test
  void aLineOfKnownLengthIsAScale() {
    Light light = DrawnDiscs.of(List.of(), BLACK, 0.7, 1);
    PictureScale scale =
        Scales.of(light, new KnownSize.Line(25, new Point(10, 10), new Point(310, 410)))
            .orElseThrow();
    assertThat(scale.pxPerMm()).isEqualTo(20);
    assertThat(scale.isWeak()).isFalse();
  }
}
