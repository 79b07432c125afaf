package jugulum.desk.kit;

import java.util.List;
import javafx.scene.control.Labeled;
import javafx.scene.layout.Region;
import javafx.scene.text.Font;
import javafx.scene.text.FontWeight;
import javafx.scene.text.Text;

/** What room a text needs, and which of several ways to say a thing has it. */
public final class Room {
  /** As the style sheet has it for the window. */
  private static final double TYPE = 14;

  private static final Font PLAIN = Font.font("B612", TYPE);
  private static final Font BOLD = Font.font("B612", FontWeight.BOLD, TYPE);

  /** No letter of the type is wider than that. */
  private static final double WIDEST_LETTER = 14;

  private Room() {}

  /** The first that has room; the last where none has. */
  public static String best(List<String> choices, double width, boolean bold) {
    return choices.stream()
        .filter(text -> fits(text, width, bold))
        .findFirst()
        .orElseGet(choices::getLast);
  }

  /**
   * Lets a text go on in the next line only if it is long: one that may break costs more to lay
   * out.
   *
   * @param longest a longer text breaks, in pixels
   * @param narrowest how narrow one that breaks may become, in pixels
   */
  public static void breakIfLong(Labeled label, double longest, double narrowest) {
    boolean breaks = !fits(label.getText(), longest, false);
    label.setWrapText(breaks);
    label.setMinWidth(breaks ? narrowest : Region.USE_PREF_SIZE);
  }

  private static boolean fits(String text, double width, boolean bold) {
    return text.length() * WIDEST_LETTER <= width || width(text, bold) <= width;
  }

  /** How wide a text of the usual size is, in pixels. */
  public static double width(String text, boolean bold) {
    Text measured = new Text(text);
    measured.setFont(bold ? BOLD : PLAIN);
    return Math.ceil(measured.getLayoutBounds().getWidth());
  }
}
