package jugulum.desk.panel;

import java.time.Instant;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.layout.VBox;
import jugulum.core.account.Worked;
import jugulum.desk.words.Figures;

/** What stands at the right of the board: everything one can read and do at one place. */
public abstract class Panel extends VBox {
  private final VBox dock = new VBox(10);

  /** Makes an empty panel. */
  protected Panel() {
    getStyleClass().add("panel");
    dock.getStyleClass().add("dock");
  }

  /**
   * What is to be typed or weighed now: it stands at the foot, in sight at any length of the panel.
   * A panel puts it there and takes it out as things go.
   */
  public VBox dock() {
    return dock;
  }

  /** Moves a part of the panel into a place, unless it stands there. */
  protected static void move(Node part, VBox place) {
    if (part.getParent() != place) {
      if (part.getParent() instanceof VBox before) {
        before.getChildren().remove(part);
      }
      place.getChildren().add(part);
    }
  }

  /** Shows the batch as it is now; what was typed into the fields stays. */
  public abstract void show(Worked worked, Figures figures);

  /** Whether the panel still makes sense for the batch. */
  public abstract boolean fits(Worked worked);

  /** Puts the focus where typing starts. */
  public abstract void focusFirst();

  /** The key that tells this panel from others, so that opening it twice keeps what was typed. */
  public abstract Object key();

  /** A letter key no visible button has; gives whether it was used. */
  public boolean letter(String letter) {
    return false;
  }

  /** A second has gone by while a machine runs. */
  public void tick(Instant now) {}

  /** The batch is there once a panel is shown. */
  protected static <T> T there(Optional<T> thing) {
    return thing.orElseThrow(() -> new IllegalStateException("the panel does not fit the batch"));
  }
}
