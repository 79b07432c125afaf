package jugulum.practice.bowl;

/** Angles by table: quick, and the same on every machine. */
public final class Trig {
  private static final int SIZE = 4096;
  private static final float TURN = (float) (2 * Math.PI);
  private static final float PER_ANGLE = SIZE / TURN;
  private static final float[] COS = new float[SIZE];

  static {
    for (int i = 0; i < SIZE; i++) {
      COS[i] = (float) StrictMath.cos(2 * Math.PI * i / SIZE);
    }
  }

  private Trig() {}

  /** The cosine of an angle from 0 to 2π. */
  public static float cos(float angle) {
    return COS[(int) (angle * PER_ANGLE) & (SIZE - 1)];
  }

  /** The sine of an angle from 0 to 2π. */
  public static float sin(float angle) {
    return COS[((int) (angle * PER_ANGLE) - SIZE / 4) & (SIZE - 1)];
  }

  /** An angle turned further, again from 0 to 2π. */
  public static float turned(float angle, float by) {
    float turned = angle + by;
    return turned >= TURN ? turned - TURN : turned;
  }
}
