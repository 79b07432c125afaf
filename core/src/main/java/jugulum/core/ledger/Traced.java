package jugulum.core.ledger;

import java.util.List;
import java.util.regex.Pattern;
import jugulum.core.check.Check;
import jugulum.core.eye.Tray;

/**
 * How a picture was gone through, so that it can be looked at again: by what its scale was found,
 * what the specks lay on, the outline of every mark and what a person made of it.
 *
 * @param tray what the specks lay on
 * @param by what the scale was found by
 * @param scaleSd its standard deviation, as a share, 0 to 1
 * @param widthPx how wide the picture was that the outlines are of, in pixels, 1 to 100,000
 * @param marks all that looked like gold or was called gold; those that count are the specks of the
 *     picture, in their order; at most {@link Measure.Pictured#MOST}
 */
public record Traced(Tray tray, By by, double scaleSd, int widthPx, List<Mark> marks) {
  /** What tells how large a picture shows things. */
  public enum By {
    DISC,
    RULER,
    MESH,
    /** A line a person drew along something. */
    LINE
  }

  /** Checks every value and keeps its own copy. */
  public Traced {
    marks = List.copyOf(marks);
    Check.share("scaleSd", scaleSd);
    Check.inRange("widthPx", widthPx, 1, 100_000);
    Check.inRange("marks", marks.size(), 0, Measure.Pictured.MOST);
  }

  /**
   * A mark in a picture.
   *
   * @param looksGold whether the eye took it for gold
   * @param isGold whether it counts
   * @param isPutIn whether the eye had no mark there
   * @param acrossPx as a disc of its area, in pixels, 0 to 100,000
   * @param outline its corners as {@link jugulum.core.eye.Outlines} writes them
   */
  public record Mark(
      boolean looksGold, boolean isGold, boolean isPutIn, double acrossPx, String outline) {
    /** A longer one is no speck's. */
    public static final int LONGEST = 50_000;

    private static final Pattern CORNERS = Pattern.compile("(-?\\d{1,6}( -?\\d{1,6})*)?");

    /** Checks both. */
    public Mark {
      Check.inRange("acrossPx", acrossPx, 0, 100_000);
      Check.inRange("outline", outline.length(), 0, LONGEST);
      if (!CORNERS.matcher(outline).matches()) {
        throw new IllegalArgumentException("an outline is a row of whole numbers");
      }
    }
  }
}
