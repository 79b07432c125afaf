package jugulum.desk.kit;

import java.util.List;
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

  private static boolean fits(String text, double width, boolean bold) {
    if (text.length() * WIDEST_LETTER <= width) {
      return true;
    }
    return width(text, bold) <= width;
  }

  /** How wide a text of the usual size is, in pixels. */
  public static double width(String text, boolean bold) {
    Text measured = new Text(text);
    measured.setFont(bold ? BOLD : PLAIN);
    return Math.ceil(measured.getLayoutBounds().getWidth());
  }
}
