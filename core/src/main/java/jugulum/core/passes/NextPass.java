package jugulum.core.passes;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import jugulum.core.ledger.Measure.Pass;
import jugulum.core.ledger.Step;
import jugulum.core.shop.StopRule;
import jugulum.core.shop.Terms;
import jugulum.core.specks.Speck;

/**
 * Whether another pass, of the magnet or over a machine, is worth it. Worth of the next pass =
 * expected catch × fineness × price × payable − minutes × hourly rate. The expected catch is that
 * share of what is held for left which the passes let expect ({@link Removal}).
 *
 * @param verdict what to do
 * @param why by which rule
 * @param removal what the passes tell of what is still caught
 * @param nextCatch what one more pass is expected to free, in specks, 0 or more; empty where the
 *     passes cannot tell
 * @param speckMg the mean mass of a speck, in mg
 * @param minutes how long the next pass takes, in minutes; empty where neither the passes nor the
 *     shop tell
 * @param money what it brings and costs; empty without terms, or where the passes cannot tell the
 *     next catch
 */
public record NextPass(
    Verdict verdict,
    Why why,
    Removal removal,
    OptionalDouble nextCatch,
    double speckMg,
    OptionalDouble minutes,
    Optional<Money> money) {
  /** What to do. */
  public enum Verdict {
    GO_ON,
    STOP,
    NOT_DECLINING
  }

  /** By which rule. */
  public enum Why {
    NO_PASS,
    ONE_PASS,
    NOTHING_SEEN,
    NOT_DECLINING,
    CLEAN,
    NOT_CLEAN,
    FEW_SPECKS,
    MANY_SPECKS,
    PAYS,
    DOES_NOT_PAY
  }

  /**
   * What the next pass comes to, in the shop's currency.
   *
   * @param brings what its expected catch brings
   * @param costs what its minutes cost
   * @param chance the chance that it brings more than it costs, 0 to 1
   */
  public record Money(double brings, double costs, double chance) {
    /** Whether it brings more than it costs, as expected. */
    public boolean pays() {
      return brings > costs;
    }
  }

  /**
   * The advice after the passes of a step.
   *
   * @param removal what its passes tell
   * @param left what is held for left in what was lifted, in specks, 0 or more, by whoever knows
   *     more of it than the passes; empty where nobody does
   * @param speck what a speck of that sand weighs
   * @param fineness the fineness of the gold, 0 to 1
   * @param terms what gold and time are worth, if told
   * @param rule the shop's own rule
   */
  public static NextPass of(
      Step step,
      Removal removal,
      OptionalDouble left,
      Speck speck,
      double fineness,
      Optional<Terms> terms,
      StopRule rule) {
    OptionalDouble timed =
        step.passes().stream().map(Pass::minutes).flatMapToDouble(OptionalDouble::stream).average();
    OptionalDouble minutes =
        timed.isPresent() || terms.isEmpty()
            ? timed
            : OptionalDouble.of(terms.get().minutesPerPass());
    return of(
        step.catches(speck.meanMg()),
        removal,
        removal.nextCatch(left),
        minutes,
        speck,
        fineness,
        terms,
        rule);
  }

  /**
   * The advice after catches in order.
   *
   * @param catches what each pass caught, in mean specks of the cut
   * @param minutes how long the next pass takes; empty where nobody can tell: no money then
   * @param speck what a speck of that sand weighs
   * @param fineness the fineness of the gold, 0 to 1
   * @param terms what gold and time are worth, if told
   * @param rule the shop's own rule
   */
  public static NextPass of(
      List<Double> catches,
      OptionalDouble minutes,
      Speck speck,
      double fineness,
      Optional<Terms> terms,
      StopRule rule) {
    Removal removal = Removal.of(catches);
    return of(catches, removal, removal.nextCatch(), minutes, speck, fineness, terms, rule);
  }

  private static NextPass of(
      List<Double> catches,
      Removal removal,
      OptionalDouble next,
      OptionalDouble minutes,
      Speck speck,
      double fineness,
      Optional<Terms> terms,
      StopRule rule) {
    Optional<Money> money =
        terms
            .filter(_ -> next.isPresent() && minutes.isPresent())
            .map(
                told ->
                    money(
                        told, next.orElseThrow(), catches, speck, minutes.orElseThrow(), fineness));
    Why why = why(catches, removal, rule, money);
    return new NextPass(verdict(why), why, removal, next, speck.meanMg(), minutes, money);
  }

  private static Money money(
      Terms terms,
      double next,
      List<Double> catches,
      Speck speck,
      double minutes,
      double fineness) {
    double brings = terms.worth(next * speck.meanMg(), fineness);
    double costs = terms.cost(minutes);
    double perMg = terms.worth(1, fineness);
    double chance = perMg > 0 ? NextCatch.after(catches).chanceOfMass(costs / perMg, speck) : 0;
    return new Money(brings, costs, chance);
  }

  private static Why why(
      List<Double> catches, Removal removal, StopRule rule, Optional<Money> money) {
    return switch (removal.state()) {
      case TOO_FEW_PASSES -> catches.isEmpty() ? Why.NO_PASS : Why.ONE_PASS;
      case NOTHING_CAUGHT -> Why.NOTHING_SEEN;
      // Few specks leave no upper end, also where the last pass found none.
      case NOT_DECLINING -> catches.getLast() == 0 ? byRule(0, rule, money) : Why.NOT_DECLINING;
      case DECLINING -> byRule(catches.getLast(), rule, money);
    };
  }

  /** Without terms nobody can tell what pays; clean is clean. */
  private static Why byRule(double last, StopRule rule, Optional<Money> money) {
    if (rule.kind() == StopRule.Kind.PAYS && money.isPresent()) {
      return money.get().pays() ? Why.PAYS : Why.DOES_NOT_PAY;
    }
    if (rule.kind() == StopRule.Kind.UNDER_SPECKS) {
      return last < rule.specks() ? Why.FEW_SPECKS : Why.MANY_SPECKS;
    }
    return last == 0 ? Why.CLEAN : Why.NOT_CLEAN;
  }

  private static Verdict verdict(Why why) {
    return switch (why) {
      case NO_PASS, ONE_PASS, NOT_CLEAN, MANY_SPECKS, PAYS -> Verdict.GO_ON;
      case NOTHING_SEEN, CLEAN, FEW_SPECKS, DOES_NOT_PAY -> Verdict.STOP;
      case NOT_DECLINING -> Verdict.NOT_DECLINING;
    };
  }

  /** What the next pass is expected to free, in mg; empty where the passes cannot tell. */
  public OptionalDouble nextMg() {
    return nextCatch.isPresent()
        ? OptionalDouble.of(nextCatch.getAsDouble() * speckMg)
        : OptionalDouble.empty();
  }
}
