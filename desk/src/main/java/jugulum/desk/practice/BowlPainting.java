package jugulum.desk.practice;

import java.util.Arrays;
import jugulum.practice.bowl.Bowl;
import jugulum.practice.bowl.Trig;
import jugulum.practice.sand.GrainKind;

/**
 * A vortex bowl from above, its swirl told by streaks that go round as fast as the water at the
 * wall; below it the bowl cut through: water, lip and bed, their heights enlarged.
 */
final class BowlPainting implements Painting {
  private static final int SIZE = 408;
  private static final int EDGE = 10;
  private static final int CENTRE = SIZE / 2;
  private static final int GOLD = GrainKind.GOLD.ordinal();

  /** How high the cut is, and what stands where in it, in pixels from its foot. */
  private static final int CUT = 80;

  private static final int FLOOR = SIZE + CUT - 8;
  private static final int LIP = 34;
  private static final int RIM = 66;

  /**
   * A millimetre of water on the lip, in pixels; the bed is drawn as high as shows where it lies.
   */
  private static final double PX_OF_MM = 4;

  private static final double BED = 24;
  private static final int HIGHEST_BED = 30;

  private static final int STREAKS = 14;
  private static final int STREAK_LENGTH = 12;
  private static final double[] STREAK_AT = {0.52, 0.68, 0.84};

  private final Bowl bowl;
  private final double scale;
  private final Canvas ground = new Canvas(SIZE, SIZE + CUT);

  /** How many grains lie at each distance from the middle, in pixels: all, and gold. */
  private final int[] bed = new int[CENTRE];

  private final int[] goldBed = new int[CENTRE];

  /**
   * Paints a bowl.
   *
   * @param behind the colour of what is round it
   */
  BowlPainting(Bowl bowl, int behind) {
    this.bowl = bowl;
    scale = (CENTRE - EDGE) / bowl.shape().wallM();
    ground.fill(behind);
    ground.circle(CENTRE, CENTRE, CENTRE - 1, MineralColours.WALL);
    ground.circle(CENTRE, CENTRE, CENTRE - EDGE, MineralColours.WATER);
    ground.circle(CENTRE, CENTRE, bowl.shape().footM() * scale, MineralColours.CONE);
    ground.circle(CENTRE, CENTRE, bowl.shape().lipM() * scale + 3, MineralColours.WALL);
    ground.circle(CENTRE, CENTRE, bowl.shape().lipM() * scale, MineralColours.HOLE);
  }

  @Override
  public int width() {
    return SIZE;
  }

  @Override
  public int height() {
    return SIZE + CUT;
  }

  @Override
  public void paint(Canvas canvas) {
    canvas.copy(ground);
    swirl(canvas);
    Arrays.fill(bed, 0);
    Arrays.fill(goldBed, 0);
    int count = bowl.grains().count();
    for (int i = 0; i < count; i++) {
      int kind = bowl.grains().kind(i);
      if (bowl.state(i) == Bowl.IN && kind != GOLD) {
        grain(canvas, i, kind, 2);
      }
    }
    // Gold is what one looks for: it lies over the rest.
    for (int i = 0; i < count; i++) {
      if (bowl.state(i) == Bowl.IN && bowl.grains().kind(i) == GOLD) {
        grain(canvas, i, GOLD, 3);
      }
    }
    cut(canvas);
  }

  /** The water is as quick at every distance as at the wall, as one sees it in a bowl that runs. */
  private void swirl(Canvas canvas) {
    double wall = bowl.shape().wallM();
    for (double share : STREAK_AT) {
      double r = share * wall;
      double turned = bowl.wallMps() / r * bowl.seconds();
      for (int streak = 0; streak < STREAKS; streak++) {
        double from = turned + streak * 2 * Math.PI / STREAKS;
        for (int i = 0; i < STREAK_LENGTH; i++) {
          float at = (float) ((from - i * 0.012) % (2 * Math.PI));
          int x = (int) (CENTRE + r * scale * Trig.cos(at));
          int y = (int) (CENTRE - r * scale * Trig.sin(at));
          canvas.dot(x, y, 2, MineralColours.STREAK);
        }
      }
    }
  }

  /** Water from wall to lip, over it what runs off; the bed where the grains lie, gold lowest. */
  private void cut(Canvas canvas) {
    int water = (int) Math.min(RIM, LIP + bowl.headM() * 1000 * PX_OF_MM);
    double foot = bowl.shape().footM() * scale;
    double lip = bowl.shape().lipM() * scale;
    for (int r = 0; r < CENTRE - EDGE; r++) {
      boolean isHole = r < lip;
      int floor = !isHole && r < foot ? (int) (LIP * (foot - r) / (foot - lip)) : 0;
      both(canvas, r, RIM, 0, isHole ? MineralColours.HOLE : MineralColours.DEEP);
      if (!isHole) {
        both(canvas, r, Math.max(water, floor), floor, MineralColours.SWIRL);
        both(canvas, r, floor, 0, MineralColours.CONE);
        int sand = height(bed[r], r);
        int gold = height(goldBed[r], r);
        both(canvas, r, floor + sand, floor, MineralColours.BED);
        both(canvas, r, floor + Math.min(gold, sand), floor, MineralColours.of(GOLD));
      }
    }
    for (int r = CENTRE - EDGE; r < CENTRE; r++) {
      both(canvas, r, RIM + 4, 0, MineralColours.WALL);
    }
  }

  private static int height(int grains, int r) {
    return grains == 0 ? 0 : (int) Math.min(HIGHEST_BED, 1 + BED * grains / (r + 1));
  }

  /** A column on each side of the middle. */
  private static void both(Canvas canvas, int r, int top, int foot, int colour) {
    canvas.rectangle(CENTRE + r, FLOOR - top, 1, top - foot, colour);
    canvas.rectangle(CENTRE - r - 1, FLOOR - top, 1, top - foot, colour);
  }

  private void grain(Canvas canvas, int i, int kind, int size) {
    double r = bowl.radiusM(i) * scale;
    int at = (int) Math.clamp(r, 0, CENTRE - 1);
    bed[at]++;
    goldBed[at] += kind == GOLD ? 1 : 0;
    int x = (int) (CENTRE + r * Trig.cos(bowl.angle(i)));
    int y = (int) (CENTRE - r * Trig.sin(bowl.angle(i)));
    canvas.dot(x, y, size, MineralColours.of(kind));
  }
}
