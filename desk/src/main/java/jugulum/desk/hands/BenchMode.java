package jugulum.desk.hands;

import jugulum.desk.kit.FocusFirst;

/** Something that asks one question at a time, over the whole window. */
public interface BenchMode extends FocusFirst {
  /** Begins to ask. */
  void begin();

  /** Asks no more. */
  void end();
}
