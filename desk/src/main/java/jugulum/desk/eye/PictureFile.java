package jugulum.desk.eye;

import com.drew.imaging.ImageMetadataReader;
import com.drew.imaging.ImageProcessingException;
import com.drew.metadata.exif.ExifIFD0Directory;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.LinkOption;
import java.nio.file.Path;
import java.util.Iterator;
import java.util.List;
import java.util.Locale;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import jugulum.book.stream.Sha256;
import jugulum.core.eye.Light;
import jugulum.practice.camera.DrawnPicture;
import org.jspecify.annotations.Nullable;

/**
 * Reads a picture a camera made: JPEG, PNG or TIFF by the readers of the JDK alone, whatever its
 * name ends in. Its size is read before any pixel of it; a larger one is read at a part of its
 * size. It is turned as the camera was held; every other tag is dropped, its place before all.
 */
final class PictureFile {
  /** The largest file that is read, in bytes. */
  static final long LARGEST = 60L * 1024 * 1024;

  /** The most pixels a picture may have. */
  static final long MOST_PIXELS = 50_000_000;

  private static final List<String> FORMATS = List.of("jpeg", "png", "tif");

  private PictureFile() {}

  /** What a file was read as. */
  sealed interface Read {
    /**
     * A picture.
     *
     * @param image as one sees it, upright
     * @param light the same for the eye
     * @param bytes the file
     * @param sha256 of the file
     * @param name what it is called
     * @param isDrawn whether no camera made it
     */
    @SuppressWarnings("ArrayRecordComponent") // a file's bytes; nobody changes them
    record Whole(
        BufferedImage image, Light light, byte[] bytes, String sha256, String name, boolean isDrawn)
        implements Read {
      /** Seed of its draws: the same picture gives the same range. */
      long seed() {
        return Long.parseUnsignedLong(sha256.substring(0, 16), 16);
      }

      /** The same, of which it is known that no camera made it. */
      Whole drawn() {
        return new Whole(image, light, bytes, sha256, name, true);
      }
    }

    /** None, and why. */
    record Not(Why why) implements Read {}
  }

  /** Why a file is no picture to look at. */
  enum Why {
    UNREADABLE,
    TOO_LARGE,
    TOO_SMALL,
    FOUR_COLOURS,
    IS_A_LINK
  }

  /** What the played camera drew, as a file. */
  static Read.Whole drawn(DrawnPicture drawn, String name) {
    BufferedImage image =
        new BufferedImage(drawn.width(), drawn.height(), BufferedImage.TYPE_INT_RGB);
    image.setRGB(0, 0, drawn.width(), drawn.height(), drawn.rgb(), 0, drawn.width());
    Light light = Light.of(drawn.rgb(), drawn.width(), drawn.height());
    byte[] bytes = png(image);
    return new Read.Whole(image, light, bytes, Sha256.of(bytes), name, true);
  }

  private static byte[] png(BufferedImage image) {
    try (ByteArrayOutputStream bytes = new ByteArrayOutputStream()) {
      ImageIO.write(image, "png", bytes);
      return bytes.toByteArray();
    } catch (IOException never) {
      throw new UncheckedIOException(never);
    }
  }

  /** Reads a file; whatever is wrong with it is told, never thrown. */
  static Read read(Path file) {
    try {
      if (Files.isSymbolicLink(file) || !Files.isRegularFile(file, LinkOption.NOFOLLOW_LINKS)) {
        return new Read.Not(Why.IS_A_LINK);
      }
      if (Files.size(file) > LARGEST) {
        return new Read.Not(Why.TOO_LARGE);
      }
      return reading(Files.readAllBytes(file), String.valueOf(file.getFileName()));
    } catch (IOException | RuntimeException unreadable) {
      return new Read.Not(Why.UNREADABLE);
    }
  }

  /** The same of a file's bytes. */
  static Read read(byte[] bytes, String name) {
    try {
      return reading(bytes, name);
    } catch (IOException | RuntimeException unreadable) {
      return new Read.Not(Why.UNREADABLE);
    }
  }

  private static Read reading(byte[] bytes, String name) throws IOException {
    try (ImageInputStream input = ImageIO.createImageInputStream(new ByteArrayInputStream(bytes))) {
      ImageReader reader = reader(input);
      if (reader == null) {
        return new Read.Not(Why.UNREADABLE);
      }
      try {
        reader.setInput(input, true, true);
        long pixels = (long) reader.getWidth(0) * reader.getHeight(0);
        if (pixels > MOST_PIXELS) {
          return new Read.Not(Why.TOO_LARGE);
        }
        if (Math.max(reader.getWidth(0), reader.getHeight(0)) < Light.LEAST_WIDTH
            || Math.min(reader.getWidth(0), reader.getHeight(0)) < Light.LEAST_HEIGHT) {
          return new Read.Not(Why.TOO_SMALL);
        }
        ImageReadParam param = reader.getDefaultReadParam();
        int by = (int) Math.ceil(Math.sqrt(pixels / (double) Light.MOST_PIXELS));
        param.setSourceSubsampling(by, by, 0, 0);
        if (reader.getRawImageType(0) != null && reader.getRawImageType(0).getNumComponents() > 4) {
          return new Read.Not(Why.FOUR_COLOURS);
        }
        return whole(turned(plain(reader.read(0, param)), orientation(bytes)), bytes, name);
      } finally {
        reader.dispose();
      }
    }
  }

  private static Read whole(BufferedImage image, byte[] bytes, String name) {
    int width = image.getWidth();
    int height = image.getHeight();
    if (width < Light.LEAST_WIDTH || height < Light.LEAST_HEIGHT) {
      return new Read.Not(Why.TOO_SMALL);
    }
    int[] rgb = image.getRGB(0, 0, width, height, null, 0, width);
    return new Read.Whole(
        image, Light.of(rgb, width, height), bytes, Sha256.of(bytes), name, false);
  }

  /** One that came with the JDK: others on the class path may do what they like. */
  private static @Nullable ImageReader reader(ImageInputStream input) throws IOException {
    for (Iterator<ImageReader> all = ImageIO.getImageReaders(input); all.hasNext(); ) {
      ImageReader one = all.next();
      boolean isOwn = one.getClass().getName().startsWith("com.sun.imageio.");
      if (isOwn && FORMATS.contains(one.getFormatName().toLowerCase(Locale.ROOT))) {
        return one;
      }
      one.dispose();
    }
    return null;
  }

  /** In sRGB with eight bits a colour, on white where it is seen through. */
  private static BufferedImage plain(BufferedImage image) {
    BufferedImage plain =
        new BufferedImage(image.getWidth(), image.getHeight(), BufferedImage.TYPE_INT_RGB);
    Graphics2D graphics = plain.createGraphics();
    graphics.drawImage(image, 0, 0, Color.WHITE, null);
    graphics.dispose();
    return plain;
  }

  /** 1 to 8 as EXIF counts them; 1 where nothing tells. */
  private static int orientation(byte[] bytes) {
    try {
      ExifIFD0Directory tags =
          ImageMetadataReader.readMetadata(new ByteArrayInputStream(bytes))
              .getFirstDirectoryOfType(ExifIFD0Directory.class);
      Integer told = tags == null ? null : tags.getInteger(ExifIFD0Directory.TAG_ORIENTATION);
      return told == null || told < 1 || told > 8 ? 1 : told;
    } catch (ImageProcessingException | IOException | RuntimeException noTags) {
      return 1;
    }
  }

  /** As EXIF tells: 2 to 4 mirrored or upside down, 5 to 8 on its side. */
  static BufferedImage turned(BufferedImage image, int orientation) {
    if (orientation == 1) {
      return image;
    }
    int width = image.getWidth();
    int height = image.getHeight();
    boolean isOnItsSide = orientation >= 5;
    BufferedImage upright =
        new BufferedImage(
            isOnItsSide ? height : width, isOnItsSide ? width : height, BufferedImage.TYPE_INT_RGB);
    for (int y = 0; y < height; y++) {
      for (int x = 0; x < width; x++) {
        int rgb = image.getRGB(x, y);
        switch (orientation) {
          case 2 -> upright.setRGB(width - 1 - x, y, rgb);
          case 3 -> upright.setRGB(width - 1 - x, height - 1 - y, rgb);
          case 4 -> upright.setRGB(x, height - 1 - y, rgb);
          case 5 -> upright.setRGB(y, x, rgb);
          case 6 -> upright.setRGB(height - 1 - y, x, rgb);
          case 7 -> upright.setRGB(height - 1 - y, width - 1 - x, rgb);
          default -> upright.setRGB(y, width - 1 - x, rgb);
        }
      }
    }
    return upright;
  }
}
