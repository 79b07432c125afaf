package jugulum.desk.eye;

import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFileAttributeView;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.Optional;
import java.util.function.Consumer;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import javax.imageio.stream.ImageOutputStream;
import jugulum.book.file.WholeFile;
import jugulum.book.stream.PictureCopy;
import jugulum.desk.session.Workbench;

/**
 * Copies of pictures that were gone through, each by the SHA-256 of the file it was made of: at
 * most {@link #LONGEST} pixels long, without any tag. They stand in the book; once that holds as
 * many as it takes, in a folder beside it. Where one is missing the figures stand all the same.
 */
final class Copies {
  /** The longest side of a copy, in pixels. */
  static final int LONGEST = 2400;

  /** A copy is no larger, in bytes. */
  private static final int LARGEST = 1_500_000;

  /** The first that makes it small enough is taken. */
  private static final float[] QUALITIES = {0.85f, 0.7f, 0.5f, 0.3f};

  private final Workbench workbench;
  private final Path folder;

  Copies(Workbench workbench) {
    this.workbench = workbench;
    folder = beside(workbench.session().bookPath());
  }

  /** The folder of pictures beside a book. */
  static Path beside(Path book) {
    return book.resolveSibling(book.getFileName() + ".pictures");
  }

  /**
   * Makes the folder, for its owner alone where the system knows owners: pictures tell where they
   * were taken.
   *
   * @throws IOException if it cannot be made
   */
  static void make(Path folder) throws IOException {
    Files.createDirectories(folder);
    PosixFileAttributeView owned = Files.getFileAttributeView(folder, PosixFileAttributeView.class);
    if (owned != null) {
      owned.setPermissions(PosixFilePermissions.fromString("rwx------"));
    }
  }

  private Path file(String sha256) {
    return folder.resolve(sha256 + ".jpg");
  }

  /** How a copy was kept. */
  enum Kept {
    IN_THE_BOOK,
    /** The book holds as many as it takes. */
    IN_THE_FOLDER,
    NOT
  }

  /** Keeps a copy; one that is there already stays. The window goes on meanwhile. */
  void keep(String sha256, BufferedImage image, Consumer<Kept> done) {
    workbench
        .work()
        .aside(
            () -> jpeg(image).map(jpeg -> new PictureCopy(sha256, jpeg)),
            made ->
                made.ifPresentOrElse(
                    copy ->
                        workbench
                            .session()
                            .keep(
                                copy,
                                isInTheBook -> {
                                  if (isInTheBook) {
                                    done.accept(Kept.IN_THE_BOOK);
                                  } else {
                                    inTheFolder(copy, done);
                                  }
                                }),
                    () -> done.accept(Kept.NOT)));
  }

  private void inTheFolder(PictureCopy copy, Consumer<Kept> done) {
    workbench
        .work()
        .aside(
            () -> {
              try {
                make(folder);
                WholeFile.write(file(copy.sha256()), copy.jpeg());
                return Kept.IN_THE_FOLDER;
              } catch (IOException notWritten) {
                return Kept.NOT;
              }
            },
            done);
  }

  /** Shows the copy of a picture; nothing where there is none, or it cannot be read. */
  void picture(String sha256, Consumer<BufferedImage> show) {
    workbench
        .session()
        .picture(
            sha256,
            kept ->
                workbench
                    .work()
                    .aside(
                        () -> kept.map(PictureCopy::jpeg).or(() -> beside(sha256)),
                        jpeg -> jpeg.flatMap(Copies::image).ifPresent(show)));
  }

  private Optional<byte[]> beside(String sha256) {
    try {
      return Files.isRegularFile(file(sha256))
          ? Optional.of(Files.readAllBytes(file(sha256)))
          : Optional.empty();
    } catch (IOException unreadable) {
      return Optional.empty();
    }
  }

  private static Optional<BufferedImage> image(byte[] jpeg) {
    try {
      return Optional.ofNullable(ImageIO.read(new ByteArrayInputStream(jpeg)));
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

  /** A copy as a JPEG; empty where none can be made. */
  static Optional<byte[]> jpeg(BufferedImage image) {
    try {
      BufferedImage small = small(image);
      byte[] jpeg = {};
      for (float quality : QUALITIES) {
        jpeg = jpeg(small, quality);
        if (jpeg.length <= LARGEST) {
          return Optional.of(jpeg);
        }
      }
      return Optional.of(jpeg).filter(one -> one.length <= PictureCopy.LARGEST);
    } catch (IOException cannot) {
      return Optional.empty();
    }
  }

  private static byte[] jpeg(BufferedImage image, float quality) throws IOException {
    ImageWriter writer = ImageIO.getImageWritersByFormatName("jpeg").next();
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    try (ImageOutputStream out = ImageIO.createImageOutputStream(bytes)) {
      writer.setOutput(out);
      ImageWriteParam param = writer.getDefaultWriteParam();
      param.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
      param.setCompressionQuality(quality);
      writer.write(null, new IIOImage(image, null, null), param);
    } finally {
      writer.dispose();
    }
    return bytes.toByteArray();
  }
}
