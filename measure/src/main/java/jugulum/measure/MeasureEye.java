package jugulum.measure;

import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;
import jugulum.core.eye.Corrected;
import jugulum.core.eye.Eye;
import jugulum.core.eye.EyeMass;
import jugulum.core.eye.Kappa;
import jugulum.core.eye.KnownSize;
import jugulum.core.eye.Light;
import jugulum.core.eye.PictureScale;
import jugulum.core.eye.PictureSeen;
import jugulum.core.eye.Point;
import jugulum.core.eye.Scales;
import jugulum.core.eye.SeenSpeck;
import jugulum.core.eye.Tally;
import jugulum.core.eye.Tray;
import jugulum.practice.camera.DrawnPicture;

/** How quick the eye looks at a picture, and how much memory that takes; one thread. */
public final class MeasureEye {
  private static final long SEED = 12;
  private static final int ROUNDS = 3;
  private static final int SPECKS = 300;
  private static final double MEGA = 1e6;

  private MeasureEye() {}

  /** Prints the figures of the eye alone. */
  public static void main(String[] args) {
    print(System.out::println);
  }

  static void print(Consumer<String> out) {
    DrawnPicture drawn = DrawnPicture.of(SEED, Tray.BLACK);
    for (int[] size : new int[][] {{drawn.width(), drawn.height()}, {4000, 3000}}) {
      look(drawn, size[0], size[1], out);
    }
  }

  private static void look(DrawnPicture drawn, int width, int height, Consumer<String> out) {
    int[] rgb = larger(drawn, width, height);
    double by = width / (double) drawn.width();
    DrawnPicture.Gold first = drawn.specks().getFirst();
    Optional<Point> sure = Optional.of(new Point(first.x() * by, first.y() * by));
    String size =
        String.format(Locale.ROOT, "eye, %.1f megapixels: ", (double) width * height / MEGA);
    for (int round = 0; round < ROUNDS; round++) {
      Consumer<String> say = round == ROUNDS - 1 ? line -> out.accept(size + line) : _ -> {};
      long before = used();
      Light light = timed("light", say, () -> Light.of(rgb, width, height));
      PictureScale scale =
          timed(
              "scale by a disc",
              say,
              () -> Scales.of(light, new KnownSize.Disc(DrawnPicture.DISC_MM)).orElseThrow());
      Eye eye = timed("look", say, () -> new Eye(light, scale, Tray.BLACK));
      PictureSeen seen = timed("judged beside a click", say, () -> eye.judged(sure));
      Tally tally = Tally.of(seen);
      timed("a correction", say, () -> tally.saying(0, false).gold());
      say.accept(String.format(Locale.ROOT, "kept of it %.0f MB", (used() - before) / MEGA));
      List<SeenSpeck> many = Collections.nCopies(SPECKS, seen.gold().getFirst());
      timed(
          EyeMass.DRAWS + " draws of " + SPECKS + " specks",
          say,
          () ->
              EyeMass.of(
                  many, scale, Kappa.told(0.3, 17.5), true, Corrected.NONE, Corrected.NONE, 1));
    }
  }

  private static long used() {
    System.gc();
    Runtime runtime = Runtime.getRuntime();
    return runtime.totalMemory() - runtime.freeMemory();
  }

  private static <T> T timed(String what, Consumer<String> say, Supplier<T> work) {
    long begun = System.nanoTime();
    T done = work.get();
    say.accept(String.format(Locale.ROOT, "%s %.2f ms", what, (System.nanoTime() - begun) / MEGA));
    return done;
  }

  private static int[] larger(DrawnPicture drawn, int width, int height) {
    if (width == drawn.width()) {
      return drawn.rgb();
    }
    BufferedImage image =
        new BufferedImage(drawn.width(), drawn.height(), BufferedImage.TYPE_INT_RGB);
    image.setRGB(0, 0, drawn.width(), drawn.height(), drawn.rgb(), 0, drawn.width());
    BufferedImage large = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
    Graphics2D graphics = large.createGraphics();
    graphics.setRenderingHint(
        RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BICUBIC);
    graphics.drawImage(image, 0, 0, width, height, null);
    graphics.dispose();
    return large.getRGB(0, 0, width, height, null, 0, width);
  }
}
