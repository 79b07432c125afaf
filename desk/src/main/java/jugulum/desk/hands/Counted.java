package jugulum.desk.hands;

/**
 * Seconds counted aloud: a tone at the beginning of each, and a long, higher one when they are
 * over.
 *
 * @param seconds how many, 0.5 to 60
 */
record Counted(double seconds) implements Sound {
  private static final Tone EACH = new Tone(659.26);
  private static final Tone OVER = new Tone(987.77);

  @Override
  public double[] samples() {
    double[] over = OVER.samples();
    double[] all = new double[(int) Math.round(seconds * Tone.RATE) + 2 * over.length];
    double[] each = EACH.samples();
    for (int second = 0; second < seconds; second++) {
      int at = second * Tone.RATE;
      int room = (int) Math.round(seconds * Tone.RATE) - at;
      System.arraycopy(each, 0, all, at, Math.min(each.length, room));
    }
    int end = all.length - 2 * over.length;
    System.arraycopy(over, 0, all, end, over.length);
    System.arraycopy(over, 0, all, end + over.length, over.length);
    return all;
  }
}
