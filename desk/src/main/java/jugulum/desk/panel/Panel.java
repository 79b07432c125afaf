package jugulum.desk.panel;

import java.time.Instant;
import java.util.Optional;
import javafx.scene.layout.VBox;
import jugulum.core.account.Worked;
import jugulum.desk.words.Figures;

/** What stands at the right of the board: everything one can read and do at one place. */
public abstract class Panel extends VBox {
  /** Makes an empty panel. */
  protected Panel() {
    getStyleClass().add("panel");
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
