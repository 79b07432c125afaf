package jugulum.core.ledger;

import java.util.List;
import jugulum.core.screens.Screen;

/** A kind of work with what belongs to that kind alone. Nothing here knows which comes first. */
public sealed interface Process {
  /** Concentrate arrives. */
  record Receive() implements Process {}

  /**
   * A stack of screens.
   *
   * @param stack the screens from the top down
   */
  record Screening(List<Screen> stack) implements Process {
    /** Keeps its own copy of the stack. */
    public Screening {
      stack = List.copyOf(stack);
    }
  }

  /**
   * A magnet in passes.
   *
   * @param medium how the sand was
   */
  record MagnetRun(Medium medium) implements Process {
    /** How the sand was; damp sand is neither. */
    public enum Medium {
      BONE_DRY,
      UNDER_WATER
    }
  }

  /**
   * A run over a machine.
   *
   * @param machine which
   */
  record GravityRun(Machine machine) implements Process {}

  /** Several lots put together. */
  record Merging() implements Process {}

  /** One lot parted. */
  record Splitting() implements Process {}

  /** The gold is gathered, dried and bottled. */
  record Finishing() implements Process {}
}
