package jugulum.desk.practice;

import java.util.concurrent.atomic.AtomicBoolean;
import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.AudioSystem;
import javax.sound.sampled.LineUnavailableException;
import javax.sound.sampled.SourceDataLine;

/**
 * The sound of a bowl: water that runs over its lip, louder and higher the more it is, and the
 * knock of a lip that draws air when it is too little. Where a machine has no sound it is silent.
 */
final class WaterSound implements AutoCloseable {
  static final int RATE = 22_050;

  /** Below that the lip draws air, in mm of water. */
  static final double KNOCKS_BELOW_MM = 6;

  private static final double KNOCK_HERTZ = 110;
  private static final int EVERY = RATE / 3;
  private static final int CHUNK = RATE / 10;
  private static final double LOUDEST = 0.25;
  private static final double MOST_MM = 20;
  private static final int STEP = 1664525;
  private static final int SHIFT = 1013904223;

  private final AtomicBoolean isOn = new AtomicBoolean();
  private volatile double mm;
  private int noise = 1;
  private double smooth;
  private long sample;

  /** Sounds a level from now on, in mm of water on the lip. */
  void level(double millimetres) {
    mm = millimetres;
  }

  /** Is heard, or not. */
  void sound(boolean on) {
    if (on && isOn.compareAndSet(false, true)) {
      Thread.ofVirtual().name("water").start(this::play);
    } else if (!on) {
      isOn.set(false);
    }
  }

  private void play() {
    AudioFormat format = new AudioFormat(RATE, Short.SIZE, 1, true, false);
    try (SourceDataLine line = AudioSystem.getSourceDataLine(format)) {
      line.open(format, CHUNK * 4);
      line.start();
      byte[] bytes = new byte[2 * CHUNK];
      while (isOn.get()) {
        fill(bytes);
        line.write(bytes, 0, bytes.length);
      }
    } catch (LineUnavailableException | IllegalArgumentException noSound) {
      // A machine without sound is no fault: the level stands in sight all the same.
      isOn.set(false);
    }
  }

  /** The next samples, 16 bits each, the low byte first. */
  void fill(byte[] bytes) {
    double share = Math.clamp(mm / MOST_MM, 0, 1);
    for (int i = 0; i < bytes.length / 2; i++) {
      noise = noise * STEP + SHIFT;
      double white = noise * 0x1p-31;
      smooth += (0.02 + 0.3 * share) * (white - smooth);
      double value = LOUDEST * share * smooth * 3;
      if (mm > 0 && mm < KNOCKS_BELOW_MM) {
        double since = (double) (sample % EVERY) / RATE;
        value += LOUDEST * Math.exp(-30 * since) * Math.sin(2 * Math.PI * KNOCK_HERTZ * since);
      }
      short out = (short) Math.round(Math.clamp(value, -1, 1) * Short.MAX_VALUE);
      bytes[2 * i] = (byte) out;
      bytes[2 * i + 1] = (byte) (out >> Byte.SIZE);
      sample++;
    }
  }

  @Override
  public void close() {
    isOn.set(false);
  }
}
