package jugulum.core.ledger;

import java.util.List;
import java.util.Optional;
import jugulum.core.screens.Screen;

/** A kind of work with what belongs to that kind alone. Nothing here knows which comes first. */
public sealed interface Process {
  /** Concentrate arrives. */
  record Receive() implements Process {}

  /**
   * A stack of screens.
   *
   * @param stack the screens from the top down
   * @param manner how it was done; empty in older books, which knew bulk work only
   */
  record Screening(List<Screen> stack, Optional<Manner> manner) implements Process {
    /** How a stack is worked, which decides how closely its cuts must add up. */
    public enum Manner {
      /** A weighed sample, bone dry, as in a laboratory. */
      DRY_SAMPLE,
      DRY_BULK,
      WET_BULK
    }

    /** Keeps its own copy of the stack. */
    public Screening {
      stack = List.copyOf(stack);
    }

    /** Bulk work. */
    public Screening(List<Screen> stack) {
      this(stack, Optional.empty());
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
