package jugulum.core.gold;

import java.util.Map;
import java.util.Optional;
import jugulum.core.check.Band;
import jugulum.core.check.Check;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Network;
import jugulum.core.ledger.StepId;
import jugulum.core.mass.SandAccount;

/**
 * What takes more work than the account itself and is asked for only where somebody looks: by step,
 * and what winning more would bring.
 */
public final class GoldDetails {
  private final GoldWorking working;

  private GoldDetails(GoldWorking working) {
    this.working = working;
  }

  /** Details of an account, from the same draws. */
  public static GoldDetails of(Network network, SandAccount sand, GoldMemory memory) {
    return new GoldDetails(new GoldWorking(network, sand, memory));
  }

  /**
   * After each live step, in the order taken, the share of all gold found that was not set aside by
   * it or a step before: what is in hand or still to be run. Where nothing is left to run the last
   * one is the recovery against the gold found.
   */
  public Map<StepId, Recovery> cumulative() {
    return working.cumulative();
  }

  /**
   * What winning a share of a lot's gold comes to.
   *
   * @param won how much would be won, native, in milligrams
   * @param chance the chance that it is more than asked for, 0 to 1
   * @param meanAboveMg the mean of what it is more than that, counting less as nothing, in
   *     milligrams
   */
  public record Odds(GoldRange won, double chance, double meanAboveMg) {}

  /**
   * What winning a share of the gold still in a lot comes to; empty where nothing is known of that
   * gold.
   *
   * @param lot which
   * @param of of which gold: gravity, magnet and pan win free gold only, and only where it was told
   *     apart
   * @param share the share that would be won, 0 to 1
   * @param atLeastMg how much it should be, native, in milligrams, 0 or more
   */
  public Optional<Odds> odds(LotId lot, Recovery.Of of, Band share, double atLeastMg) {
    Check.share("share", share.high());
    Check.inRange("atLeastMg", atLeastMg, 0, Double.MAX_VALUE);
    return (of == Recovery.Of.FREE ? working.free(lot) : working.left(lot, of))
        .map(gold -> gold.times(working.triangular(share)))
        .map(won -> new Odds(won.range(), won.shareAbove(atLeastMg), won.meanAbove(atLeastMg)));
  }
}
