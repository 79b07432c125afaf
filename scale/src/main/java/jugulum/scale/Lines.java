package jugulum.scale;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import jugulum.core.scale.Dialect;

/** Makes lines of the signs that come, however they are cut up on the way. */
public final class Lines {
  private static final byte START_OF_TEXT = 2;
  private static final byte END_OF_TEXT = 3;

  private final StringBuilder line = new StringBuilder();
  private boolean isWhole;

  /**
   * Before the first sign.
   *
   * @param startsWhole whether the first sign begins a line; whoever joins a scale that sends
   *     always comes in the middle of one
   */
  public Lines(boolean startsWhole) {
    this.isWhole = startsWhole;
  }

  /** The lines that are whole now. */
  public List<String> add(byte[] signs, int count) {
    List<String> whole = new ArrayList<>();
    for (int i = 0; i < count; i++) {
      if (endsLine(signs[i])) {
        if (isWhole && !line.isEmpty()) {
          whole.add(line.toString());
        }
        line.setLength(0);
        isWhole = true;
      } else if (line.length() >= Dialect.LONGEST) {
        // Its rest would look like a weight that never lay there.
        line.setLength(0);
        isWhole = false;
      } else {
        line.append(new String(signs, i, 1, StandardCharsets.ISO_8859_1));
      }
    }
    return whole;
  }

  private static boolean endsLine(byte sign) {
    return sign == '\n' || sign == '\r' || sign == START_OF_TEXT || sign == END_OF_TEXT;
  }
}
