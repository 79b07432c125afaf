package jugulum.core.ledger;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import jugulum.core.check.Check;
import jugulum.core.screens.Screen;

/** A kind of work with what belongs to that kind alone. Nothing here knows which comes first. */
public sealed interface Process {
  /** Whether a machine is left to run alone. */
  default boolean isOvernight() {
    return this instanceof GravityRun run
        && run.manner().equals(Optional.of(GravityRun.Manner.OVERNIGHT));
  }

  /** The machine it is done on; empty where none is, or nobody said. */
  default Optional<Machine> on() {
    return switch (this) {
      case GravityRun run -> Optional.of(run.machine());
      case MagnetRun run -> run.with();
      case Receive _, Screening _, Merging _, Splitting _, Finishing _ -> Optional.empty();
    };
  }

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
   * @param check how that was told; empty under water, or where nobody looked
   * @param way what lifts; a magnet in the hand where nobody said, as in older books
   * @param with which machine; empty where nobody said
   */
  record MagnetRun(
      Medium medium, Optional<DryCheck> check, Optional<Way> way, Optional<Machine> with)
      implements Process {
    /** Sand with no more water than that runs freely: common practice. */
    public static final double DRY_BELOW = 0.005;

    /** How the sand was. */
    public enum Medium {
      BONE_DRY,
      UNDER_WATER,
      /** Neither, and worked all the same: wet grains stick to the magnetite and gold with them. */
      DAMP
    }

    /** What lifts. */
    public enum Way {
      HAND,
      /** A drum or another magnet sand is fed past: one pass through, both products weighed. */
      DRUM;

      /** The way a kind of machine lifts. */
      public static Way of(Machine.Kind kind) {
        return switch (kind) {
          case DRUM_SEPARATOR, SECOND_STAGE -> DRUM;
          default -> HAND;
        };
      }
    }

    /**
     * How it was told that sand is dry.
     *
     * @param moisture the water's share of the wet weight, 0 to 0.99; empty where the sand ran
     *     freely through the fingers
     */
    public record DryCheck(OptionalDouble moisture) {
      /** Checks the moisture. */
      public DryCheck {
        moisture.ifPresent(share -> Check.inRange("moisture", share, 0, 0.99));
      }

      /** Whether it shows dry sand. */
      public boolean showsDry() {
        return moisture.isEmpty() || moisture.getAsDouble() <= DRY_BELOW;
      }
    }

    /** A magnet in the hand, the sand as told. */
    public MagnetRun(Medium medium) {
      this(medium, Optional.empty(), Optional.empty());
    }

    /** With which machine nobody said. */
    public MagnetRun(Medium medium, Optional<DryCheck> check, Optional<Way> way) {
      this(medium, check, way, Optional.empty());
    }

    /** What lifts. */
    public Way by() {
      return way.orElse(Way.HAND);
    }
  }

  /**
   * A run over a machine.
   *
   * @param machine which
   * @param manner whether somebody stands by; watched where nobody said, as in older books
   */
  record GravityRun(Machine machine, Optional<Manner> manner) implements Process {
    /** How a run is looked after. */
    public enum Manner {
      WATCHED,
      /** One charge left alone over night, after two looks. */
      OVERNIGHT
    }

    /** Somebody stands by. */
    public GravityRun(Machine machine) {
      this(machine, Optional.empty());
    }
  }

  /** Several lots put together. */
  record Merging() implements Process {}

  /** One lot parted. */
  record Splitting() implements Process {}

  /** The gold is gathered, dried and bottled. */
  record Finishing() implements Process {}
}
