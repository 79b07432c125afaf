package jugulum.core.task;

import java.util.List;
import jugulum.core.ledger.Edit;
import jugulum.core.units.Typed;

/** What became of what was typed for a task. */
public sealed interface Answered {
  /**
   * It makes edits, to be sent together.
   *
   * @param edits one or more
   */
  record Edits(List<Edit> edits) implements Answered {
    /** Keeps its own copy. */
    public Edits {
      edits = List.copyOf(edits);
    }
  }

  /**
   * One part of it is not understood, or cannot be; nothing is made of the others.
   *
   * @param part the place of the part in the task, from 0
   * @param slip what is wrong with it
   */
  record Wrong(int part, Typed.Slip slip) implements Answered {}
}
