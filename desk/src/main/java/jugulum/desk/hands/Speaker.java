package jugulum.desk.hands;

import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.AudioSystem;
import javax.sound.sampled.LineUnavailableException;
import javax.sound.sampled.SourceDataLine;

/** Sounds tones where the machine can; where it cannot, the window alone says it. */
final class Speaker {
  private static final AudioFormat FORMAT = new AudioFormat(Tone.RATE, Short.SIZE, 1, true, false);

  private Speaker() {}

  /** Sounds something, off the interface thread. */
  static void sound(Sound tone) {
    Thread.ofVirtual().name("tone").start(() -> play(tone));
  }

  private static void play(Sound tone) {
    try (SourceDataLine line = AudioSystem.getSourceDataLine(FORMAT)) {
      line.open(FORMAT);
      line.start();
      byte[] bytes = tone.bytes();
      line.write(bytes, 0, bytes.length);
      line.drain();
    } catch (LineUnavailableException | IllegalArgumentException noSound) {
      // A machine without sound is no fault: the due times stand in sight all the same.
    }
  }
}
