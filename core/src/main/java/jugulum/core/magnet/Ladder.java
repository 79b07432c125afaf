package jugulum.core.magnet;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import jugulum.core.check.Check;
import jugulum.core.ledger.Measure.Pass;
import jugulum.core.ledger.Measure.Pass.From;
import jugulum.core.ledger.Reading;
import jugulum.core.ledger.ReadingId;
import jugulum.core.ledger.Step;

/**
 * The passes of a magnet run in order, each with the heap it found and left, what went astray, and
 * the magnetite it took. Passes that do not fit are shown as they are: the difference is a finding.
 *
 * @param rungs one for each live pass
 * @param magnetiteLeftG the magnetite left in the sand, in grams: what was there less what the heap
 *     holds now; below 0 where it holds more. Empty without a bench test or a pass over the sand
 */
public record Ladder(List<Rung> rungs, OptionalDouble magnetiteLeftG) {
  /**
   * The doubt of a bench test on 100 g, as a share: nearer than that a balance cannot be told from
   * none. An assumption of ours.
   *
   * <p>Off by a half: from where on a bench test says that magnetite is left.
   */
  public static final double TEST_DOUBT = 0.05;

  /** Keeps its own copy. */
  public Ladder {
    rungs = List.copyOf(rungs);
  }

  /**
   * One pass.
   *
   * @param reading where it is recorded
   * @param pass as recorded
   * @param heapBeforeG the heap it found, in grams
   * @param heapAfterG the heap it left, in grams
   * @param strayG what it lifted more than the heap held, in grams; below 0 for what the heap lost
   *     in between. 0 for sand
   * @param magnetite what it took of the magnetite; empty without a bench test, and for passes over
   *     the heap
   */
  public record Rung(
      ReadingId reading,
      Pass pass,
      double heapBeforeG,
      double heapAfterG,
      double strayG,
      Optional<Taken> magnetite) {
    /**
     * Whether heap and lift fit.
     *
     * @param tolerance the share they may differ by, 0 to 1
     */
    public boolean closes(double tolerance) {
      return Math.abs(strayG) <= tolerance * heapBeforeG;
    }
  }

  /**
   * The magnetite of one pass over the sand, with the sand it trapped, which later passes over the
   * heap give back.
   *
   * @param beforeG in the sand before, in grams
   * @param takenG onto the heap, in grams, 0 or more
   */
  public record Taken(double beforeG, double takenG) {
    /** Left in the sand, in grams; below 0 where more was taken than the bench test found. */
    public double leftG() {
      return beforeG - takenG;
    }

    /** Whether it took more than the bench test and its doubt leave. */
    public boolean isTooMuch() {
      return takenG > beforeG * (1 + TEST_DOUBT);
    }

    /** The share taken, 0 to 1; more where the heap holds more than the bench test found. */
    public double efficiency() {
      return beforeG > 0 ? takenG / beforeG : 0;
    }
  }

  /**
   * The ladder of a step.
   *
   * @param magnetiteG the magnetite in the sand before the first pass, in grams; empty without a
   *     bench test
   * @param purity the share of magnetite in what is lifted, above 0, at most 1; 1 counts trapped
   *     sand as magnetite
   */
  public static Ladder of(Step step, OptionalDouble magnetiteG, double purity) {
    Check.inRange("purity", purity, 1e-3, 1);
    List<Rung> rungs = new ArrayList<>();
    double heap = 0;
    OptionalDouble there = magnetiteG;
    for (Reading reading : step.readings()) {
      if (reading.isLive() && reading.measure() instanceof Pass pass) {
        double after = pass.from() == From.SAND ? heap + pass.keptG() : pass.keptG();
        double stray = pass.from() == From.HEAP ? pass.liftedG() - heap : 0;
        Optional<Taken> taken =
            pass.from() == From.SAND && there.isPresent()
                ? Optional.of(new Taken(there.getAsDouble(), pass.keptG() * purity))
                : Optional.empty();
        if (taken.isPresent()) {
          there = OptionalDouble.of(Math.max(0, taken.get().leftG()));
        }
        rungs.add(new Rung(reading.id(), pass, heap, after, stray, taken));
        heap = after;
      }
    }
    OptionalDouble left =
        magnetiteG.isPresent() && !rungs.isEmpty()
            ? OptionalDouble.of(magnetiteG.getAsDouble() - heap * purity)
            : OptionalDouble.empty();
    return new Ladder(rungs, left);
  }
}
