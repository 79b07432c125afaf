package jugulum.core.gold;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import jugulum.core.check.Band;
import jugulum.core.ledger.LotId;

/**
 * What one step did to the gold: a run over a machine, a magnet, a cleaning. What is in a product
 * is what was found in it, or, where it went on, what was found in all that was made of it. All
 * gold is native metal, in milligrams, and free gold as far as it was told apart: machines and
 * magnets part no other.
 *
 * @param fed in what it took, by evidence on that itself; empty without
 * @param won in what goes on: its concentrates, what the magnet left, the gold
 * @param again in its middlings
 * @param left in what was set aside: its tailings, the magnetics, the residue
 * @param bound what lots nobody looked at mean for the recovery
 * @param of of which gold: of all where none of its products had free gold told apart
 * @param notLookedAt those lots
 * @param together lots whose free and hidden gold were measured together while others told free
 *     gold: they bound the recovery too
 * @param recovery won ÷ (won + again + left), 0 to 1, with its 95 % range; empty where nothing was
 *     found in the concentrates' way, or gold may lie on either side unseen
 * @param ratio the ratio of concentration, mass fed ÷ mass of the concentrates; empty where one of
 *     them is not known
 * @param enrichment grade of the concentrates ÷ grade of all that was found: recovery × ratio
 * @param balance two ways to tell the recovery from the gold fed, where both can be had
 */
public record Stage(
    Optional<GoldRange> fed,
    Optional<GoldRange> won,
    Optional<GoldRange> again,
    Optional<GoldRange> left,
    Bound bound,
    Recovery.Of of,
    List<LotId> notLookedAt,
    List<LotId> together,
    Optional<Band> recovery,
    OptionalDouble ratio,
    Optional<Band> enrichment,
    Optional<Balance> balance) {
  /** Keeps its own copy. */
  public Stage {
    notLookedAt = List.copyOf(notLookedAt);
    together = List.copyOf(together);
  }

  /** What lots nobody looked at mean for a recovery. */
  public enum Bound {
    /** Every lot was looked at. */
    TOLD,
    /** Gold may lie where it counts as lost. */
    AT_MOST,
    /** Gold may lie where it counts as won. */
    AT_LEAST,
    /** Both: no recovery can be told. */
    OPEN
  }

  /**
   * Two ways to tell a recovery from the same evidence: what came out over what went in, which
   * needs the weights, and the two-product formula (see {@link TwoProduct}), which needs the grades
   * alone. They agree where weights and grades fit together.
   *
   * @param checkedOut won ÷ fed, with its 95 % range
   * @param twoProduct c(f − t)/(f(c − t)), with its 95 % range
   * @param difference two-product less checked out, with its 95 % range: both rest on the same
   *     readings, so the ranges above cannot tell
   */
  public record Balance(Band checkedOut, Band twoProduct, Band difference) {
    /** Whether they differ by more than the readings let expect. */
    public boolean disagrees() {
      return difference.isAwayFromZero();
    }
  }
}
