package jugulum.desk.print;

import java.util.Optional;
import java.util.stream.Stream;
import org.openpdf.text.PageSize;
import org.openpdf.text.Rectangle;

/** How large labels are: many on a sheet to be cut out, or one a page of a label printer. */
public enum LabelSize {
  /** Two or three across on A4, to be cut out along the lines. */
  SHEET(0, 0),
  /** 89 by 36 mm. */
  LARGE(89, 36),
  /** 62 by 29 mm. */
  MEDIUM(62, 29),
  /** 50 by 25 mm. */
  SMALL(50, 25);

  private static final float POINTS_OF_MM = 72 / 25.4f;

  /** The height of a label on a sheet, for which the type is made. */
  private static final float FULL = 96;

  /** No type smaller than that of it can be read at arm's length. Ours. */
  private static final float SMALLEST = 0.62f;

  private final float widthMm;
  private final float heightMm;

  LabelSize(float widthMm, float heightMm) {
    this.widthMm = widthMm;
    this.heightMm = heightMm;
  }

  /** The one of a name; a sheet where there is none. */
  public static LabelSize of(Optional<String> name) {
    return name.flatMap(
            text -> Stream.of(values()).filter(size -> size.name().equals(text)).findFirst())
        .orElse(SHEET);
  }

  /** Whether each label is a page of its own. */
  boolean isOneAPage() {
    return this != SHEET;
  }

  Rectangle page() {
    return isOneAPage()
        ? new Rectangle(widthMm * POINTS_OF_MM, heightMm * POINTS_OF_MM)
        : PageSize.A4;
  }

  /** How large the type is, 1 on a sheet. */
  float type() {
    return isOneAPage() ? Math.max(SMALLEST, Math.min(1, page().getHeight() / FULL)) : 1;
  }

  /** What a label may take of that page, in points. */
  float room(float onASheet, float margins) {
    return isOneAPage() ? page().getHeight() - 2 * margins : onASheet;
  }
}
