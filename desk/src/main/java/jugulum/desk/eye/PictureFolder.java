package jugulum.desk.eye;

import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.Optional;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import javax.imageio.stream.ImageOutputStream;

/**
 * Copies of pictures that were gone through, in a folder beside the book, each by the SHA-256 of
 * the file it was made of: at most {@link #LONGEST} pixels long, without any tag. Where one is
 * missing the figures stand all the same.
 */
final class PictureFolder {
  /** The longest side of a copy, in pixels. */
  static final int LONGEST = 2400;

  private static final float QUALITY = 0.85f;

  private final Path folder;

  /** Beside that book. */
  PictureFolder(Path book) {
    folder = book.resolveSibling(book.getFileName() + ".pictures");
  }

  private Path file(String sha256) {
    return folder.resolve(sha256 + ".jpg");
  }

  /**
   * Keeps a copy; one that is there already stays.
   *
   * @throws IOException if it cannot be written
   */
  void keep(String sha256, BufferedImage image) throws IOException {
    Path kept = file(sha256);
    if (Files.exists(kept)) {
      return;
    }
    Files.createDirectories(folder);
    Path making = Files.createTempFile(folder, "making", ".jpg");
    try {
      Files.write(making, jpeg(small(image)));
      Files.move(making, kept, StandardCopyOption.ATOMIC_MOVE);
    } finally {
      Files.deleteIfExists(making);
    }
  }

  /** The copy of a picture; empty where there is none, or it cannot be read. */
  Optional<BufferedImage> picture(String sha256) {
    try {
      return Files.isRegularFile(file(sha256))
          ? Optional.ofNullable(ImageIO.read(file(sha256).toFile()))
          : Optional.empty();
    } catch (IOException | RuntimeException unreadable) {
      return Optional.empty();
    }
  }

  private static BufferedImage small(BufferedImage image) {
    double by = Math.min(1, LONGEST / (double) Math.max(image.getWidth(), image.getHeight()));
    BufferedImage small =
        new BufferedImage(
            (int) Math.round(by * image.getWidth()),
            (int) Math.round(by * image.getHeight()),
            BufferedImage.TYPE_INT_RGB);
    Graphics2D graphics = small.createGraphics();
    graphics.setRenderingHint(
        RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BICUBIC);
    graphics.drawImage(image, 0, 0, small.getWidth(), small.getHeight(), null);
    graphics.dispose();
    return small;
  }

  private static byte[] jpeg(BufferedImage image) throws IOException {
    ImageWriter writer = ImageIO.getImageWritersByFormatName("jpeg").next();
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    try (ImageOutputStream out = ImageIO.createImageOutputStream(bytes)) {
      writer.setOutput(out);
      ImageWriteParam param = writer.getDefaultWriteParam();
      param.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
      param.setCompressionQuality(QUALITY);
      writer.write(null, new IIOImage(image, null, null), param);
    } finally {
      writer.dispose();
    }
    return bytes.toByteArray();
  }
}
