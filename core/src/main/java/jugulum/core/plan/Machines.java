package jugulum.core.plan;

import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import jugulum.core.ledger.Machine;
import jugulum.core.machine.Gear;
import jugulum.core.runs.Pace;

/**
 * Which kind of machine each cut goes to, by its coarsest grain.
 *
 * @param coarse for cuts that reach above {@link #COARSE_ABOVE_MM}
 * @param middle for those between
 * @param fine for cuts wholly below {@link #FINE_BELOW_MM}
 * @param paces the bench time of each; the usual where none is given
 */
public record Machines(Machine.Kind coarse, Machine.Kind middle, Machine.Kind fine, Map<Machine.Kind, Pace> paces) {
  /** Common practice: a finishing table and a bowl take minus 30 mesh. */
  public static final double COARSE_ABOVE_MM = 0.600;

  /** Common practice: minus 100 mesh belongs apart, on the gentlest machine. */
  public static final double FINE_BELOW_MM = 0.150;

  /** A shaker table for the coarse, a bowl for the middle, a finishing table for the fine. */
  public static final Machines USUAL =
      new Machines(Machine.Kind.SHAKER_TABLE, Machine.Kind.VORTEX_BOWL, Machine.Kind.FINISHING_TABLE, Map.of());

  /** Keeps its own copy of the paces. */
  public Machines {
    paces = paces.isEmpty() ? Map.of() : Map.copyOf(new EnumMap<>(paces));
  }

  /** The machine for a cut. */
  public Machine.Kind kindFor(double upperMm) {
    if (upperMm > COARSE_ABOVE_MM) {
      return coarse;
    }
    return upperMm > FINE_BELOW_MM ? middle : fine;
  }

  /** The bench time of a kind of machine. */
  public Pace pace(Machine.Kind kind) {
    return Optional.ofNullable(paces.get(kind)).orElseGet(() -> Pace.usual(Gear.any(kind)));
  }
}
