package jugulum.core.ledger;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import jugulum.core.check.Check;
import jugulum.core.ledger.Process.GravityRun.Manner;

/**
 * A school made concrete: an ordered template of steps for a batch. Of every lot, the first leg
 * that takes it tells its next step. A route is an offer; any other order of work is as good to the
 * ledger.
 *
 * @param name what it is called
 * @param legs its legs, in order
 */
public record Route(String name, List<Leg> legs) {
  /** Keeps its own copy. */
  public Route {
    legs = List.copyOf(legs);
  }

  /**
   * One leg: what is done with lots of some kinds and sizes.
   *
   * @param takes the materials it takes
   * @param coarsestMm it takes no lot with coarser sand, in mm; empty for any
   * @param finestMm it takes no lot with finer sand, in mm; empty for any
   * @param does what is done with it
   */
  public record Leg(
      Set<Material> takes, OptionalDouble coarsestMm, OptionalDouble finestMm, Does does) {
    /** Checks the sizes. */
    public Leg {
      takes = Set.copyOf(takes);
      coarsestMm.ifPresent(mm -> Check.inRange("coarsestMm", mm, 0, 1000));
      finestMm.ifPresent(mm -> Check.inRange("finestMm", mm, 0, 1000));
    }

    /** A leg for the same lots that does something else. */
    public Leg doing(Does other) {
      return new Leg(takes, coarsestMm, finestMm, other);
    }

    /** A leg for lots of all sizes. */
    public static Leg of(Does does, Material... takes) {
      return new Leg(Set.of(takes), OptionalDouble.empty(), OptionalDouble.empty(), does);
    }

    /** The same for lots with sand no coarser than that, in mm. */
    public Leg upTo(double mm) {
      return new Leg(takes, OptionalDouble.of(mm), finestMm, does);
    }

    /** The same for lots with sand no finer than that, in mm. */
    public Leg from(double mm) {
      return new Leg(takes, coarsestMm, OptionalDouble.of(mm), does);
    }
  }

  /** What is done on a leg. */
  public sealed interface Does {
    /**
     * It is screened.
     *
     * @param labels the screens from the top down, as they are called
     */
    record Screen(List<String> labels) implements Does {
      /** Keeps its own copy. */
      public Screen {
        labels = List.copyOf(labels);
      }
    }

    /**
     * The magnetite is taken out.
     *
     * @param medium how the sand is to be
     */
    record Magnet(Process.MagnetRun.Medium medium) implements Does {}

    /**
     * It is run over a machine.
     *
     * @param machine which kind
     * @param manner whether somebody stands by; watched where nobody said
     */
    record Run(Machine.Kind machine, Optional<Manner> manner) implements Does {
      /** Somebody stands by. */
      public Run(Machine.Kind machine) {
        this(machine, Optional.empty());
      }
    }

    /** It is kept, in a bag with a name. */
    record Keep() implements Does {}

    /** Its gold is drawn up, cleaned and weighed. */
    record Finish() implements Does {}
  }
}
