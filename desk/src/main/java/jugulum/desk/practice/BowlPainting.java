package jugulum.desk.practice;

import jugulum.practice.bowl.Bowl;
import jugulum.practice.bowl.Trig;
import jugulum.practice.sand.GrainKind;

/** A vortex bowl from above. */
final class BowlPainting implements Painting {
  private static final int SIZE = 490;
  private static final int EDGE = 10;
  private static final int CENTRE = SIZE / 2;
  private static final int GOLD = GrainKind.GOLD.ordinal();

  private final Bowl bowl;
  private final double scale;
  private final Canvas ground = new Canvas(SIZE, SIZE);

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
    return SIZE;
  }

  @Override
  public void paint(Canvas canvas) {
    canvas.copy(ground);
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
  }

  private void grain(Canvas canvas, int i, int kind, int size) {
    double r = bowl.radiusM(i) * scale;
    int x = (int) (CENTRE + r * Trig.cos(bowl.angle(i)));
    int y = (int) (CENTRE - r * Trig.sin(bowl.angle(i)));
    canvas.dot(x, y, size, MineralColours.of(kind));
  }
}
