package jugulum.practice.camera;

import java.util.List;
import jugulum.core.eye.KnownSize;
import jugulum.core.eye.Tray;

/**
 * A picture that was never taken: a thing of known size, specks of gold, sand above and below them,
 * some of it as yellow as gold, light from one side, a lens and a camera's noise, with what lies in
 * it. The same seed draws the same picture. To practise on and to test by; never evidence of
 * anything.
 *
 * @param rgb its pixels row by row, sRGB
 * @param width across, in pixels
 * @param height down, in pixels
 * @param tray what it was drawn on
 * @param known what lies beside the specks
 * @param pxPerMm how large it shows things
 * @param specks the gold in it
 */
@SuppressWarnings("ArrayRecordComponent") // a million pixels; drawn, looked at and let go
public record DrawnPicture(
    int[] rgb,
    int width,
    int height,
    Tray tray,
    KnownSize known,
    double pxPerMm,
    List<Gold> specks) {
  /** The disc that lies in every picture, across, in mm. */
  public static final double DISC_MM = 8;

  /** Thickness through the root of both other axes of the gold that is drawn. */
  public static final double FLATNESS = 0.28;

  /** Its density, in g/mL. */
  public static final double DENSITY = 17.2;

  /**
   * A speck of gold.
   *
   * @param x its middle, in pixels
   * @param y its middle, in pixels
   * @param longMm its longest axis, in mm
   * @param shortMm its shortest as seen from above, in mm
   * @param milligrams what it would weigh
   */
  public record Gold(double x, double y, double longMm, double shortMm, double milligrams) {}

  /** Keeps its own copy of the specks. */
  public DrawnPicture {
    specks = List.copyOf(specks);
  }

  /** All its gold, in mg. */
  public double milligrams() {
    return specks.stream().mapToDouble(Gold::milligrams).sum();
  }

  /** What lies beside the specks. */
  public enum Beside {
    DISC,
    RULER,
    MESH
  }

  /**
   * Draws one with a disc in it.
   *
   * @param tray what it lies on
   */
  public static DrawnPicture of(long seed, Tray tray) {
    return of(seed, tray, Beside.DISC);
  }

  /**
   * Draws one.
   *
   * @param tray what it lies on
   */
  public static DrawnPicture of(long seed, Tray tray, Beside beside) {
    return new CameraDrawing(seed, tray, beside).draw();
  }
}
