package jugulum.practice.camera;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import jugulum.core.eye.Corrected;
import jugulum.core.eye.Eye;
import jugulum.core.eye.EyeMass;
import jugulum.core.eye.Kappa;
import jugulum.core.eye.Light;
import jugulum.core.eye.PictureScale;
import jugulum.core.eye.PictureSeen;
import jugulum.core.eye.Point;
import jugulum.core.eye.Scales;
import jugulum.core.eye.SeenSpeck;
import jugulum.core.eye.Shapes;
import jugulum.core.eye.Tray;
import jugulum.practice.camera.DrawnPicture.Beside;
import jugulum.practice.camera.DrawnPicture.Gold;
import org.junit.jupiter.api.Test;

/**
 * A hundred drawn pictures, every tray and every thing of known size, corrected from truth as a
 * person would with the same gold weighed: ten of them everywhere, all under -Pthorough.
 */
class HundredPicturesTest {
  private static final boolean IS_THOROUGH = Boolean.getBoolean("jugulum.thorough");
  private static final int PICTURES = IS_THOROUGH ? 100 : 10;
  private static final long FIRST_SEED = 40_000;

  /** So many specks, drawn as those of the pictures are, make the handful that is weighed. */
  private static final int HANDFUL = 60;

  private static final double LEAST_PX = 4;

  /** What all pictures came to. */
  private static final class Sum {
    private int scales;
    private int scalesTold;
    private int asked;
    private int held;
    private int falses;
    private final Map<Tray, int[]> found = new EnumMap<>(Tray.class);
  }

  @Test
  void scalesAreRightOrToldWeakAndRangesHold() {
    Sum sum = new Sum();
    for (int i = 0; i < PICTURES; i++) {
      look(i, sum);
    }
    System.out.printf(
        "%d pictures: scale right in %d, told weak in %d more; held %d of %d; %d false; found %s%n",
        PICTURES, sum.scales, sum.scalesTold, sum.held, sum.asked, sum.falses, found(sum));
    assertThat(sum.scales + sum.scalesTold).as("right within 1.5 %, or told").isEqualTo(PICTURES);
    assertThat(sum.held / (double) sum.asked).isGreaterThanOrEqualTo(IS_THOROUGH ? 0.92 : 0.8);
  }

  private static String found(Sum sum) {
    StringBuilder text = new StringBuilder();
    sum.found.forEach(
        (tray, of) ->
            text.append(tray).append(' ').append(of[1]).append('/').append(of[0]).append(' '));
    return text.toString();
  }

  private static void look(int number, Sum sum) {
    Tray tray = Tray.values()[number % Tray.values().length];
    int turn = number / Tray.values().length;
    Beside beside = Beside.values()[turn % Beside.values().length];
    DrawnPicture drawn = DrawnPicture.of(FIRST_SEED + number, tray, beside);
    Light light = Light.of(drawn.rgb(), drawn.width(), drawn.height());
    Optional<PictureScale> scale = Scales.of(light, drawn.known());
    boolean isRight =
        scale.filter(one -> Math.abs(one.pxPerMm() / drawn.pxPerMm() - 1) < 0.015).isPresent();
    sum.scales += isRight ? 1 : 0;
    if (!isRight) {
      sum.scalesTold += scale.map(PictureScale::isWeak).orElse(true) ? 1 : 0;
      return;
    }
    Random random = new Random(number);
    Gold sure = drawn.specks().getFirst();
    PictureSeen seen = Eye.look(light, scale.get(), tray, Optional.of(at(sure)));
    List<SeenSpeck> gold = corrected(drawn, seen, random, sum);
    Kappa kappa = handful(random);
    EyeMass mass =
        EyeMass.of(gold, scale.get(), kappa, true, Corrected.NONE, Corrected.NONE, number);
    sum.asked++;
    boolean holds =
        mass.milligrams().low() <= drawn.milligrams()
            && drawn.milligrams() <= mass.milligrams().high();
    sum.held += holds ? 1 : 0;
  }

  private static Point at(Gold one) {
    return new Point(one.x(), one.y());
  }

  private static double acrossPx(Gold one, DrawnPicture drawn) {
    return Math.sqrt(one.longMm() * one.shortMm()) * drawn.pxPerMm();
  }

  /** What is no gold is taken out; what was not found is put in as a hand outlines it. */
  private static List<SeenSpeck> corrected(
      DrawnPicture drawn, PictureSeen seen, Random random, Sum sum) {
    int[] of = sum.found.computeIfAbsent(drawn.tray(), _ -> new int[2]);
    sum.falses +=
        (int)
            seen.gold().stream()
                .filter(
                    mark ->
                        drawn.specks().stream().noneMatch(one -> lies(one, mark.centre(), drawn)))
                .count();
    List<SeenSpeck> left = new ArrayList<>();
    for (Gold one : drawn.specks()) {
      List<SeenSpeck> on =
          seen.gold().stream().filter(mark -> lies(one, mark.centre(), drawn)).toList();
      double across = acrossPx(one, drawn);
      if (across >= LEAST_PX) {
        of[0]++;
        of[1] += on.isEmpty() ? 0 : 1;
        left.add(on.size() == 1 ? on.getFirst() : outlined(one, across, random));
      }
    }
    return left;
  }

  private static boolean lies(Gold one, Point place, DrawnPicture drawn) {
    return at(one).to(place) < Math.max(2.5, one.longMm() * drawn.pxPerMm() / 2);
  }

  private static SeenSpeck outlined(Gold one, double across, Random random) {
    double told = Math.max(3, across + 0.5 * random.nextGaussian());
    return Shapes.ellipse(at(one), told, told);
  }

  /** As many specks of such gold were seen and weighed, in steps of a tenth of a milligram. */
  private static Kappa handful(Random random) {
    double weight = 0;
    double sum15 = 0;
    double sum30 = 0;
    for (int i = 0; i < HANDFUL; i++) {
      double size = 0.28 * Math.exp(0.45 * random.nextGaussian());
      double area15 = Math.pow(Math.PI / 4 * size * size, 1.5);
      double thick = Math.exp(0.26 * random.nextGaussian() - 0.26 * 0.26 / 2);
      double kappa = Kappa.SHAPE * DrawnPicture.FLATNESS * DrawnPicture.DENSITY;
      weight += kappa * area15 * thick;
      sum15 += area15;
      sum30 += area15 * area15;
    }
    return Kappa.handful(HANDFUL, Math.round(weight * 10) / 10.0, 0.1, sum15, sum30).orElseThrow();
  }
}
