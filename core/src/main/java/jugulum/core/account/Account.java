package jugulum.core.account;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import jugulum.core.advice.Advice;
import jugulum.core.advice.Advisor;
import jugulum.core.belief.Belief;
import jugulum.core.check.Band;
import jugulum.core.gold.GoldAccount;
import jugulum.core.gold.GoldDetails;
import jugulum.core.gold.GoldMemory;
import jugulum.core.gold.GoldRange;
import jugulum.core.gold.Place;
import jugulum.core.gold.Recovery;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Network;
import jugulum.core.ledger.StepId;
import jugulum.core.mass.SandAccount;
import jugulum.core.mass.SandBalance;
import jugulum.core.pool.Later;
import jugulum.core.shop.Settlement;
import jugulum.core.shop.Terms;

/**
 * Everything a batch comes to: what the account in the window, the sheet on paper and the tables
 * for a spreadsheet all tell.
 *
 * @param network the batch, linked
 * @param sand its masses as measured
 * @param balance its masses made to add up, and what does not fit
 * @param gold its gold and recoveries
 * @param cumulative after each step the share of the gold found that was not set aside so far
 * @param byMoney what to do next, the most money per hour first
 * @param byGold what to do next, the most gold per hour first
 * @param terms what gold and time are worth to the shop, if told
 * @param later what was won later, out of pools, of what the batch let go
 */
public record Account(
    Network network,
    SandAccount sand,
    SandBalance balance,
    GoldAccount gold,
    Map<StepId, Recovery> cumulative,
    List<Advice> byMoney,
    List<Advice> byGold,
    Optional<Terms> terms,
    Later later) {

  /**
   * Works out an account.
   *
   * @param memory of the same batch, so that what was drawn before is not drawn again
   * @param belief what is thought of lots and machines
   */
  public static Account of(
      Network network, SandAccount sand, GoldAccount gold, GoldMemory memory, Belief belief) {
    GoldDetails details = GoldDetails.of(network, sand, memory);
    Advisor advisor = Advisor.of(network, sand, gold, details, belief);
    return new Account(
        network,
        sand,
        SandBalance.of(network, sand),
        gold,
        details.cumulative(),
        advisor.advice(Advice.By.MONEY),
        advisor.advice(Advice.By.GOLD),
        belief.shop().terms(),
        Later.NONE);
  }

  /** The same with what was won later: other batches tell that. */
  public Account with(Later told) {
    return new Account(network, sand, balance, gold, cumulative, byMoney, byGold, terms, told);
  }

  /** The share passed over, 0 to 1: what was won later of all that was won. */
  public Band passedOver() {
    return later.passedOver(gold.won().map(GoldRange::milligrams).orElse(0.0));
  }

  /** The advice, ranked so. */
  public List<Advice> advice(Advice.By by) {
    return by == Advice.By.MONEY ? byMoney : byGold;
  }

  /** The recovery that rests on most, as {@link GoldAccount#best} says. */
  public Optional<Recovery> best() {
    return gold.best();
  }

  /** The end lots of a place where gold is lost, that nobody looked at. */
  public List<Lot> notLookedAt() {
    return network.lots(gold.notLookedAt());
  }

  /** The dry concentrate that came in, in kilograms, as far as it was weighed. */
  public double feedKg() {
    return sand.feedG() / 1000;
  }

  /** What the customer gets; empty without terms or gold. */
  public Optional<Settlement> settlement() {
    return terms.flatMap(
        told ->
            gold.won()
                .map(won -> Settlement.of(feedKg(), won.milligrams(), gold.fineness(), told)));
  }

  /** What is sold of it that is not gold. */
  public List<Product> products() {
    return Product.of(network, sand);
  }

  /** The gold lots, to be bottled and labelled. */
  public List<Lot> vials() {
    return gold.place(Place.Kind.VIAL).map(Place::lots).map(network::lots).orElse(List.of());
  }

  /** A lot, by its number. */
  public Lot lot(LotId id) {
    return network.lot(id).orElseThrow();
  }
}
