package jugulum.core.advice;

import java.util.Comparator;
import java.util.Optional;
import java.util.OptionalDouble;
import jugulum.core.belief.FirstLook;
import jugulum.core.belief.Thought;
import jugulum.core.check.Band;
import jugulum.core.gold.GoldRange;
import jugulum.core.gold.Recovery;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Machine;

/**
 * Something that can be done next with a lot, with the sums behind it. All gold is native metal.
 *
 * @param kind what
 * @param lot with which lot
 * @param machine on which machine, where it takes one
 * @param of which gold it acts on: machines, magnet and pan on free gold alone
 * @param there that gold in the lot, as it was found or is thought; empty where its mass is not
 *     known
 * @param thought on what that rests
 * @param share the share of it to expect, 0 to 1
 * @param runs on how many of the machine's own runs that share rests; 0 where it is common practice
 * @param won what it is expected to win, with its 95 % range; empty for a look
 * @param minutes how long it takes, 0 or more; above 0 where something is won
 * @param handsMinutes how long of that somebody has to be at it
 * @param costs what it costs beside the time, in the shop's currency, 0 or more
 * @param money what it brings and costs; empty without terms
 * @param look of a look, how much is panned or sent away, where its sand is weighed
 */
public record Advice(
    Kind kind,
    LotId lot,
    Optional<Machine> machine,
    Recovery.Of of,
    Optional<GoldRange> there,
    Optional<Thought> thought,
    Band share,
    int runs,
    Optional<GoldRange> won,
    double minutes,
    double handsMinutes,
    double costs,
    Optional<Money> money,
    Optional<FirstLook> look) {

  /** What can be done. */
  public enum Kind {
    /** Sand or concentrate that waits. */
    RUN,
    /** What was set aside, once more. */
    RERUN,
    /** One more pass of the magnet over the heap. */
    PASS,
    SMELT,
    /** Sold as it is. */
    SELL,
    /** An assay, before anything is done. */
    ASSAY,
    /** It waits to be run or finished, and nobody looked at its gold. */
    GO_ON,
    /** Set aside, and nobody looked: a sample panned, before anything is done. */
    LOOK
  }

  /** What to think of it. */
  public enum Verdict {
    /** It brings more than it costs, as expected. */
    DO,
    /** It does not. */
    LEAVE,
    /** It wins gold; what that is worth nobody told. */
    WINS,
    /** First a look: nobody can tell yet. */
    FIND_OUT
  }

  /**
   * What it comes to, in the shop's currency.
   *
   * @param brings what the gold brings after charges; for an assay what knowing better is worth
   * @param wages what the minutes cost
   * @param costs what else it costs
   * @param chance the chance that it brings more than it costs, 0 to 1; for an assay the chance
   *     that the lot pays
   */
  public record Money(double brings, double wages, double costs, double chance) {
    /** What is left. */
    public double net() {
      return brings - wages - costs;
    }
  }

  /** What to think of it. */
  public Verdict verdict() {
    if (kind == Kind.LOOK || kind == Kind.GO_ON) {
      return Verdict.FIND_OUT;
    }
    if (money.isEmpty()) {
      return Verdict.WINS;
    }
    if (!(money.get().net() > 0)) {
      return Verdict.LEAVE;
    }
    return kind == Kind.ASSAY ? Verdict.FIND_OUT : Verdict.DO;
  }

  /** What is left for each hour of hands; empty without terms. */
  public OptionalDouble moneyPerHour() {
    return money.isPresent()
        ? OptionalDouble.of(money.get().net() / handsMinutes * 60)
        : OptionalDouble.empty();
  }

  /**
   * What is left for each hour of hands, over the 95 % range of the gold won; empty without terms,
   * where nothing is won, and for an assay, which wins knowledge.
   */
  public Optional<Band> moneyPerHourRange() {
    return money
        .filter(_ -> kind != Kind.ASSAY)
        .flatMap(sum -> won.filter(gold -> gold.milligrams() > 0).map(gold -> perHour(sum, gold)));
  }

  private Band perHour(Money sum, GoldRange gold) {
    double perMg = sum.brings() / gold.milligrams();
    double less = sum.wages() + sum.costs();
    double usual = moneyPerHour().getAsDouble();
    return new Band(
        Math.min(usual, (gold.lowMg() * perMg - less) / handsMinutes * 60),
        usual,
        Math.max(usual, (gold.highMg() * perMg - less) / handsMinutes * 60));
  }

  /** The gold won in each hour of hands, in mg; 0 where none can be told. */
  public double goldPerHourMg() {
    return won.map(GoldRange::milligrams).orElse(0.0) / handsMinutes * 60;
  }

  /** By what advice is ranked. */
  public enum By {
    MONEY,
    GOLD
  }

  /** The best first; what wins nothing last, and looks behind what wins something. */
  public static Comparator<Advice> bestFirst(By by) {
    Comparator<Advice> worth =
        Comparator.comparingDouble(
            one ->
                by == By.MONEY && one.money().isPresent()
                    ? one.moneyPerHour().getAsDouble()
                    : one.goldPerHourMg());
    return Comparator.comparing(Advice::rank)
        .thenComparing(worth.reversed())
        .thenComparing(Advice::lot, Comparator.comparingInt(LotId::number));
  }

  private int rank() {
    return switch (verdict()) {
      case DO, WINS -> 0;
      case FIND_OUT -> kind == Kind.GO_ON ? 1 : 2;
      case LEAVE -> 3;
    };
  }
}
