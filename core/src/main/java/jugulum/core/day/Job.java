package jugulum.core.day;

import java.time.Instant;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import jugulum.core.ledger.BatchId;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Machine;
import jugulum.core.ledger.Process.MagnetRun;
import jugulum.core.ledger.StepId;
import jugulum.core.machine.Gear;
import jugulum.core.screens.Cut;

/**
 * A piece of work on the way of a batch: what is done with which sand.
 *
 * @param id names it, whether its sand is there yet or not, begun or not
 * @param batch of which batch
 * @param name what is written on its bucket
 * @param work what is done
 * @param cut the sizes of the sand
 * @param sand how much of it
 * @param lot the lot, where it is there already
 * @param step the step, where it is begun
 * @param standing how far it is
 * @param after the jobs of the batch that come before it
 * @param gold what there is to win
 */
public record Job(
    String id,
    BatchId batch,
    String name,
    Work work,
    Cut cut,
    Sand sand,
    Optional<LotId> lot,
    Optional<StepId> step,
    Standing standing,
    List<String> after,
    Gold gold) {
  /** Keeps its own copy. */
  public Job {
    after = List.copyOf(after);
  }

  /** What is done. */
  public sealed interface Work {
    /**
     * Wet sand is spread to dry.
     *
     * @param waterG the water in it, in grams
     * @param gramsPerHour how fast it leaves, in g/h, where the sand was weighed as it dried
     */
    record Dry(double waterG, OptionalDouble gramsPerHour) implements Work {}

    /**
     * It is screened.
     *
     * @param screens how many screens the stack has
     */
    record Screen(int screens) implements Work {}

    /**
     * The magnetite is taken out.
     *
     * @param with the machine; empty for a magnet nobody told more of
     */
    record Magnet(MagnetRun.Way way, Optional<Gear> with) implements Work {}

    /**
     * It is run over a machine.
     *
     * @param gear the machine
     * @param asked what the route asks for where the shop has none of that kind
     * @param isOvernight whether it is left alone
     */
    record Run(Gear gear, Optional<Machine.Kind> asked, boolean isOvernight) implements Work {
      /** Somebody stands by. */
      public Run(Gear gear, Optional<Machine.Kind> asked) {
        this(gear, asked, false);
      }

      /** The same, left alone or not. */
      Run overnight(boolean left) {
        return new Run(gear, asked, left);
      }

      /** The machine the route asks for, or that was taken. */
      public Run(Gear gear) {
        this(gear, Optional.empty());
      }
    }

    /** Its gold is drawn up, cleaned and weighed. */
    record Finish() implements Work {}

    /**
     * A part of it is smelted.
     *
     * @param stage how far
     * @param crucibles how many
     */
    record Smelt(Stage stage, int crucibles) implements Work {}

    /** What a smelt goes through in a day. */
    enum Stage {
      ROAST,
      CHARGE,
      /** Melted and poured, watched all the time. */
      MELT,
      /** Cooled, broken out and cupelled, the beads weighed. */
      CUPEL
    }

    /** The work without its amounts: by that name what was learnt of it is kept. */
    default String kind() {
      return switch (this) {
        case Dry _ -> "dry";
        case Screen _ -> "screen";
        case Magnet(var way, var _) -> way == MagnetRun.Way.DRUM ? "drum" : "magnet";
        case Run _ -> "run";
        case Finish _ -> "finish";
        case Smelt(Stage stage, int _) -> "smelt-" + stage.name().toLowerCase(Locale.ROOT);
      };
    }
  }

  /**
   * Sand, dry.
   *
   * @param grams how much, in grams
   * @param isGuessed whether nobody has weighed it yet
   */
  public record Sand(double grams, boolean isGuessed) {}

  /**
   * What there is to win.
   *
   * @param from the lot it is in now, or was before
   * @param milligrams free gold in that lot, as it was found or is thought, in mg, 0 or more
   * @param isThought whether nobody looked
   * @param grams the sand of that lot, in grams
   */
  public record Gold(LotId from, double milligrams, boolean isThought, double grams) {}

  /** How far a job is. */
  public sealed interface Standing {
    /** Not begun. */
    record Ahead() implements Standing {}

    /** Begun. */
    record UnderWay(Instant from) implements Standing {}

    /** Done. */
    record Done(Instant from, Instant to) implements Standing {}
  }

  /** Whether it is done. */
  public boolean isDone() {
    return standing instanceof Standing.Done;
  }

  /** Whether it can be begun now: its sand is there. */
  public boolean isReady() {
    return standing instanceof Standing.Ahead && lot.isPresent() && after.isEmpty();
  }
}
