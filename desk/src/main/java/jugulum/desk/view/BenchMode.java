package jugulum.desk.view;

import javafx.scene.Node;
import jugulum.desk.kit.FocusFirst;

/** Something that asks one question at a time, over the whole window. */
public interface BenchMode extends FocusFirst {
  /** What is shown. */
  Node node();

  /** Begins to ask. */
  void begin();

  /** Asks no more. */
  void end();
}
