package jugulum.desk.practice;

import java.nio.IntBuffer;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import javafx.animation.AnimationTimer;
import javafx.scene.image.ImageView;
import javafx.scene.image.PixelBuffer;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;
import jugulum.desk.work.Work;
import jugulum.practice.bowl.Bowl;
import jugulum.practice.drill.Action;
import jugulum.practice.drill.Run;

/**
 * Keeps a run going at the pace of the clock: steps and paints off the interface thread, shows what
 * is painted at the next frame. A machine too slow for it shows fewer frames; the run loses nothing
 * but time.
 */
final class RunLoop {
  /** The farthest a frame goes on: who left the window alone does not come back to a lost run. */
  private static final double MOST_S = 0.1;

  private static final int FRAMES = 600;
  private static final double NS = 1e9;

  private final Work work;
  private final Run run;
  private final Painting painting;
  private final Canvas back;
  private final int[] front;
  private final PixelBuffer<IntBuffer> pixels;
  private final ImageView view;
  private final Runnable shown;
  private final List<Action> asked = new ArrayList<>();
  private final long[] frames = new long[FRAMES];
  private int frame;
  private long last;
  private double owed;
  private int pace = 1;
  private boolean isBusy;
  private boolean isPaused;
  private volatile boolean isEnded;

  private final AnimationTimer timer =
      new AnimationTimer() {
        @Override
        public void handle(long now) {
          RunLoop.this.frame(now);
        }
      };

  /**
   * A loop that stands.
   *
   * @param shown told after each frame, on the interface thread
   */
  RunLoop(Work work, Run run, Painting painting, Runnable shown) {
    this.work = work;
    this.run = run;
    this.painting = painting;
    this.shown = shown;
    back = new Canvas(painting.width(), painting.height());
    front = new int[back.pixels.length];
    pixels =
        new PixelBuffer<>(
            back.width, back.height, IntBuffer.wrap(front), PixelFormat.getIntArgbPreInstance());
    view = new ImageView(new WritableImage(pixels));
    painting.paint(back);
    flip();
  }

  /** The picture. */
  ImageView view() {
    return view;
  }

  /** Goes on. */
  void start() {
    last = 0;
    timer.start();
  }

  /** Stands. */
  void stop() {
    timer.stop();
  }

  /** Does something at the next frame. */
  void tell(Action action) {
    asked.add(action);
  }

  /** Ends the run at the next frame. */
  void end() {
    isEnded = true;
  }

  /** Stands still, or goes on. */
  void pause(boolean on) {
    isPaused = on;
    owed = 0;
  }

  boolean isPaused() {
    return isPaused;
  }

  /** Goes so many times as fast as the clock. */
  void pace(int times) {
    pace = times;
  }

  int pace() {
    return pace;
  }

  private void frame(long now) {
    if (last > 0 && !isPaused) {
      owed += Math.min(MOST_S, (now - last) / NS) * pace;
      frames[frame++ % FRAMES] = now - last;
    }
    last = now;
    if (!isBusy && (owed >= Bowl.STEP_S || !asked.isEmpty() || isEnded)) {
      isBusy = true;
      int steps = (int) (owed / Bowl.STEP_S);
      owed -= steps * Bowl.STEP_S;
      List<Action> told = List.copyOf(asked);
      asked.clear();
      work.aside(() -> goOn(told, steps), _ -> painted());
    }
  }

  private boolean goOn(List<Action> told, int steps) {
    told.forEach(run::tell);
    for (int i = 0; i < steps; i++) {
      run.step();
    }
    if (isEnded) {
      run.end();
    }
    painting.paint(back);
    return run.isOver();
  }

  private void painted() {
    isBusy = false;
    flip();
    shown.run();
  }

  private void flip() {
    System.arraycopy(back.pixels, 0, front, 0, front.length);
    pixels.updateBuffer(_ -> null);
  }

  /** Frames a second, on the mean; 0 before there are any. */
  double framesASecond() {
    int count = Math.min(frame, FRAMES);
    long sum = 0;
    for (int i = 0; i < count; i++) {
      sum += frames[i];
    }
    return sum == 0 ? 0 : count * NS / sum;
  }

  /** Frames a second while the slowest of a hundred is shown; 0 before there are any. */
  double worstASecond() {
    int count = Math.min(frame, FRAMES);
    if (count == 0) {
      return 0;
    }
    long[] sorted = Arrays.copyOf(frames, count);
    Arrays.sort(sorted);
    return NS / sorted[(int) Math.min(count - 1, Math.floor(count * 0.99))];
  }
}
