package jugulum.core.account;

import java.util.Optional;
import java.util.OptionalDouble;
import jugulum.core.belief.Belief;
import jugulum.core.check.Check;
import jugulum.core.gold.BatchSpecks;
import jugulum.core.gold.GoldAccount;
import jugulum.core.gold.GoldMemory;
import jugulum.core.gold.LotGold;
import jugulum.core.ledger.Batch;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Network;
import jugulum.core.ledger.Step;
import jugulum.core.mass.SandAccount;
import jugulum.core.passes.NextPass;
import jugulum.core.passes.Removal;
import jugulum.core.shop.Shop;
import jugulum.core.specks.Speck;

/**
 * A batch with everything that follows from it.
 *
 * @param batch as recorded
 * @param network its lots and steps, linked
 * @param sand its masses and closures
 * @param gold its gold and recoveries
 */
public record Worked(Batch batch, Network network, SandAccount sand, GoldAccount gold) {
  /**
   * The number of the rules all this is worked out by. It is raised whenever one of them gives
   * other figures for the same readings, so that what a book keeps of them is worked out anew.
   */
  public static final int RULE = 13;

  /** Works a batch out. Takes a while: not for the interface thread. */
  public static Worked of(Batch batch) {
    return of(batch, new GoldMemory());
  }

  /** Works a batch out, sooner where the memory is of the same batch before its last edit. */
  public static Worked of(Batch batch, GoldMemory memory) {
    return Check.asRecorded(
        () -> {
          Network network = Network.of(batch);
          SandAccount sand = SandAccount.of(network);
          return new Worked(batch, network, sand, GoldAccount.of(network, sand, memory));
        });
  }

  /** Whether another pass of a live magnet step is worth it, in a shop's terms and by its rule. */
  public NextPass nextPass(Step step, Shop shop) {
    Speck speck = BatchSpecks.of(network).of(network.cutInto(step));
    Removal removal = Check.known(gold.removals(), step.id());
    return NextPass.of(
        step,
        removal,
        stillCaught(step, removal, speck.meanMg()),
        speck,
        gold.fineness(),
        shop.terms(),
        shop.stopRule());
  }

  /**
   * The specks still caught in what a live magnet step lifted: its free gold by the mass of a
   * speck.
   *
   * @param next what {@link #nextPass} says of that step
   * @return 0 or more; empty where the passes tell nothing, or nothing is known of that gold
   */
  public OptionalDouble stillCaught(Step step, NextPass next) {
    return stillCaught(step, next.removal(), next.speckMg());
  }

  private OptionalDouble stillCaught(Step step, Removal removal, double speckMg) {
    return removal.state() == Removal.State.DECLINING
        ? network
            .output(step, Material.MAGNETICS)
            .flatMap(lot -> Optional.ofNullable(gold.lots().get(lot.id())))
            .flatMap(LotGold::free)
            .map(free -> OptionalDouble.of(free.milligrams() / speckMg))
            .orElse(OptionalDouble.empty())
        : OptionalDouble.empty();
  }

  /**
   * The whole account; takes longer, and is for those who look at it. Not for the interface thread.
   */
  public Account account(GoldMemory memory, Belief belief) {
    return Check.asRecorded(() -> Account.of(network, sand, gold, memory, belief));
  }
}
