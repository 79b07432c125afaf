package jugulum.desk.hands;

import java.util.ArrayDeque;
import java.util.Deque;

/**
 * Between an answer that is sent and the next question nothing is answered: what is pressed
 * meanwhile waits for that question. A yes before anything was typed for it was meant for the
 * question that is answered already, and is dropped: one answer a question. For the interface
 * thread.
 */
final class Gate {
  private final Runnable changed;
  private final Deque<Pressed> waiting = new ArrayDeque<>();
  private boolean isShut;

  /**
   * Open at first.
   *
   * @param changed is run after whatever was pressed had its effect
   */
  Gate(Runnable changed) {
    this.changed = changed;
  }

  private record Pressed(boolean isYes, Runnable what) {}

  /** Whether an answer is on its way. */
  boolean isShut() {
    return isShut;
  }

  /** An answer is sent. */
  void shut() {
    isShut = true;
    while (!waiting.isEmpty() && waiting.getFirst().isYes()) {
      waiting.removeFirst();
    }
  }

  /** The next question is asked, and takes what was pressed for it. */
  void open() {
    isShut = false;
    while (!isShut && !waiting.isEmpty()) {
      act(waiting.removeFirst().what());
    }
  }

  /** What answers the question in sight, or, behind what was typed for it, the next. */
  void yes(Runnable what) {
    if (!isShut) {
      act(what);
    } else if (!waiting.isEmpty()) {
      waiting.addLast(new Pressed(true, what));
    }
  }

  /** Anything else that is pressed. */
  void pass(Runnable what) {
    if (isShut) {
      waiting.addLast(new Pressed(false, what));
    } else {
      act(what);
    }
  }

  private void act(Runnable what) {
    what.run();
    changed.run();
  }
}
