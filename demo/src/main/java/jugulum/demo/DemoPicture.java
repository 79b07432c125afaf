package jugulum.demo;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Optional;
import javax.imageio.ImageIO;
import jugulum.book.stream.Book;
import jugulum.book.stream.PictureCopy;
import jugulum.book.stream.Sha256;
import jugulum.core.check.Band;
import jugulum.core.eye.Corrected;
import jugulum.core.eye.Eye;
import jugulum.core.eye.EyeMass;
import jugulum.core.eye.Kappa;
import jugulum.core.eye.KnownSize;
import jugulum.core.eye.Light;
import jugulum.core.eye.Outlines;
import jugulum.core.eye.PictureScale;
import jugulum.core.eye.Point;
import jugulum.core.eye.Scales;
import jugulum.core.eye.SeenSpeck;
import jugulum.core.eye.Shapes;
import jugulum.core.eye.Tray;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.Traced;
import jugulum.practice.camera.DrawnPicture;

/** A picture of a look: drawn, so it is no evidence, with every speck that lies in it outlined. */
final class DemoPicture {
  private static final long SEED = 1907;
  private static final Tray TRAY = Tray.GREEN;

  private DemoPicture() {}

  /** Draws one, keeps its copy in the book, and gives what stays with a lot. */
  static Measure.Pictured in(Book book) {
    DrawnPicture drawn = DrawnPicture.of(SEED, TRAY);
    byte[] jpeg = jpeg(drawn);
    String sha256 = Sha256.of(jpeg);
    book.keep(new PictureCopy(sha256, jpeg));
    Light light = Light.of(drawn.rgb(), drawn.width(), drawn.height());
    PictureScale scale = Scales.of(light, new KnownSize.Disc(DrawnPicture.DISC_MM)).orElseThrow();
    List<SeenSpeck> gold =
        drawn.specks().stream().map(one -> outlined(one, drawn.pxPerMm())).toList();
    Band mg =
        EyeMass.of(gold, scale, Kappa.told(0.3, 17.5), true, Corrected.NONE, Corrected.NONE, SEED)
            .milligrams();
    return new Measure.Pictured(
        sha256,
        "look at the fine tailings.jpg",
        scale.pxPerMm(),
        gold.stream().map(one -> size(one, scale.pxPerMm())).toList(),
        1,
        0,
        mg.low(),
        mg.usual(),
        mg.high(),
        Eye.RULE,
        true,
        Optional.of(
            new Traced(
                TRAY,
                Traced.By.DISC,
                scale.relativeSd(),
                drawn.width(),
                gold.stream()
                    .map(
                        one ->
                            new Traced.Mark(
                                true, true, false, one.acrossPx(), Outlines.written(one.outline())))
                    .toList())));
  }

  private static SeenSpeck outlined(DrawnPicture.Gold gold, double pxPerMm) {
    double across = Math.sqrt(gold.longMm() * gold.shortMm()) * pxPerMm;
    return Shapes.ellipse(new Point(gold.x(), gold.y()), across, across);
  }

  private static Measure.Pictured.SpeckSize size(SeenSpeck one, double pxPerMm) {
    return new Measure.Pictured.SpeckSize(
        one.areaPx() / (pxPerMm * pxPerMm), one.longPx() / pxPerMm, one.shortPx() / pxPerMm);
  }

  private static byte[] jpeg(DrawnPicture drawn) {
    BufferedImage image =
        new BufferedImage(drawn.width(), drawn.height(), BufferedImage.TYPE_INT_RGB);
    image.setRGB(0, 0, drawn.width(), drawn.height(), drawn.rgb(), 0, drawn.width());
    try (ByteArrayOutputStream bytes = new ByteArrayOutputStream()) {
      ImageIO.write(image, "jpg", bytes);
      return bytes.toByteArray();
    } catch (IOException never) {
      throw new UncheckedIOException(never);
    }
  }
}
