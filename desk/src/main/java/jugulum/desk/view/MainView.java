package jugulum.desk.view;

import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.TextField;
import jugulum.desk.guide.Guide;
import jugulum.desk.kit.FocusFirst;

/**
 * A view that fills the window. What it does not answer to itself is left to the batch on the
 * bench: going back, files, and what is asked one question at a time.
 */
public interface MainView extends FocusFirst {
  /** What is shown. */
  Node node();

  /** The page that tells what it answers. */
  Guide.Page page();

  /**
   * Goes back over what was recorded here last, or brings it back again.
   *
   * @return whether there is something of its own to go back over
   */
  default boolean undoOrRedo(boolean isRedo) {
    return false;
  }

  /**
   * Writes what is in sight to files.
   *
   * @return whether it has files of its own
   */
  default boolean save() {
    return false;
  }

  /**
   * Reads something in from a file.
   *
   * @return whether it has files of its own
   */
  default boolean readIn() {
    return false;
  }

  /**
   * The field that records what is asked for now: a number goes there that is typed while no field
   * has the focus. Where nothing is asked the number falls.
   */
  default Optional<TextField> asked() {
    return Optional.empty();
  }

  /** Asks for what is in sight one question at a time, where it can be done so. */
  default Optional<BenchMode> asking(Runnable leave) {
    return Optional.empty();
  }
}
