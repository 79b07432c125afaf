package jugulum.desk.files;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Path;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;
import javax.imageio.ImageIO;

/** Writes what was drawn as PNG. */
public final class Pictures {
  private Pictures() {}

  /** The pixels of an image of the window, for a thread that may wait for the disk. */
  public static BufferedImage copy(WritableImage image) {
    return copy(image, BufferedImage.TYPE_INT_RGB);
  }

  /** The pixels of an image that one sees through in places. */
  public static BufferedImage copySeenThrough(WritableImage image) {
    return copy(image, BufferedImage.TYPE_INT_ARGB);
  }

  private static BufferedImage copy(WritableImage image, int kind) {
    int width = (int) image.getWidth();
    int height = (int) image.getHeight();
    int[] pixels = new int[width * height];
    image
        .getPixelReader()
        .getPixels(0, 0, width, height, PixelFormat.getIntArgbInstance(), pixels, 0, width);
    BufferedImage picture = new BufferedImage(width, height, kind);
    picture.setRGB(0, 0, width, height, pixels, 0, width);
    return picture;
  }

  /**
   * Writes a picture.
   *
   * @throws IOException if the file cannot be written
   */
  public static void write(BufferedImage picture, Path file) throws IOException {
    if (!ImageIO.write(picture, "png", file.toFile())) {
      throw new IOException("no writer for PNG");
    }
  }
}
