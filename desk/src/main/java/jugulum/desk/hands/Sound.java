package jugulum.desk.hands;

/** Something to be heard, as its samples. */
interface Sound {
  /** Its samples, from -1 to 1, {@link Tone#RATE} a second. */
  double[] samples();

  /** The same as 16 bits a sample, the low byte first. */
  default byte[] bytes() {
    double[] samples = samples();
    byte[] bytes = new byte[2 * samples.length];
    for (int i = 0; i < samples.length; i++) {
      short value = (short) Math.round(samples[i] * Short.MAX_VALUE);
      bytes[2 * i] = (byte) value;
      bytes[2 * i + 1] = (byte) (value >> Byte.SIZE);
    }
    return bytes;
  }
}
