package jugulum.desk.hands;

import jugulum.core.machine.Due;

/**
 * A tone as its samples: a machine that asks is heard where it cannot be seen, and what it asks for
 * is told by the pitch.
 *
 * @param hertz its pitch
 */
record Tone(double hertz) implements Sound {
  /** Samples a second. */
  static final int RATE = 22_050;

  private static final double SECONDS = 0.35;

  /** Without a soft begin and end a tone clicks. */
  private static final double SOFT_SECONDS = 0.02;

  private static final double LOUDNESS = 0.6;

  /**
   * The one for what is asked for: high for a charge, a fifth lower for a look; of a melt the pour,
   * which waits for nobody, an octave above the look.
   */
  static Tone of(Due.What what) {
    return switch (what) {
      case CHARGE -> new Tone(880);
      case LOOK -> new Tone(587.33);
      case POUR -> new Tone(1174.66);
      case ROASTED, BREAK, BEAD -> new Tone(698.46);
    };
  }

  @Override
  public double[] samples() {
    int count = (int) Math.round(SECONDS * RATE);
    double[] samples = new double[count];
    for (int i = 0; i < count; i++) {
      double t = (double) i / RATE;
      double edge = Math.min(t, SECONDS - t);
      double soft = Math.clamp(edge / SOFT_SECONDS, 0, 1);
      samples[i] = LOUDNESS * soft * Math.sin(2 * Math.PI * hertz * t);
    }
    return samples;
  }
}
