package jugulum.core.finish;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import jugulum.core.account.Worked;
import jugulum.core.gold.BatchSpecks;
import jugulum.core.ledger.FinishFact;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.Reading;
import jugulum.core.ledger.Step;
import jugulum.core.passes.NextPass;
import jugulum.core.passes.Removal;
import jugulum.core.shop.Shop;
import jugulum.core.shop.StopRule;
import jugulum.core.shop.Terms;
import jugulum.core.specks.Speck;

/**
 * What the turns so far tell: the share of the gold a turn wins, what is left, and whether another
 * one pays; the law of the magnet's passes (see {@link jugulum.core.passes.Removal}) over gold that
 * was weighed.
 *
 * @param pass what another turn comes to, in specks of that sand, and whether it pays
 * @param leftLowMg the low end of what is left, in mg, 0 or more
 * @param leftHighMg its high end; empty where there is none
 */
public record NextTurn(NextPass pass, double leftLowMg, OptionalDouble leftHighMg) {
  /**
   * How long a turn takes where none was timed, in minutes: ours.
   *
   * <p>Off by a half: whether another turn is said to pay.
   */
  private static final double MINUTES = 6;

  /**
   * How far the share a turn wins differs from turn to turn, as a standard deviation: ours.
   *
   * <p>Off by a half: the width of what is left, by about as much.
   */
  private static final double SHARE_SD = 0.05;

  private static final double MOST_SPECKS = 1e9;

  /** So many specks, caught with a share of six in ten, differ by chance by {@link #SHARE_SD}. */
  private static final double AS_IF = 0.6 * 0.4 / (SHARE_SD * SHARE_SD);

  /** A turn of more minutes had a break in it. */
  private static final double LONGEST = 120;

  /** The advice after the turns of a step of a batch, in a shop's terms and by its rule. */
  public static NextTurn of(Worked worked, Step step, Shop shop) {
    return of(
        step,
        BatchSpecks.of(worked.network()).of(worked.network().cutInto(step)),
        worked.gold().fineness(),
        shop.terms(),
        shop.stopRule());
  }

  /**
   * The advice after the turns of a step.
   *
   * @param speck what a speck of that sand weighs
   * @param fineness of the gold, 0 to 1
   * @param terms what gold and time are worth, if told
   * @param rule the shop's own rule
   */
  public static NextTurn of(
      Step step, Speck speck, double fineness, Optional<Terms> terms, StopRule rule) {
    List<Double> won = Finishing.of(step).turns().stream().map(FinishFact.Turn::goldMg).toList();
    Speck grain = grain(speck, won);
    // Gold of so many specks that nobody could count them is told by the grain.
    Speck told = won.stream().anyMatch(mg -> mg / speck.meanMg() > MOST_SPECKS) ? grain : speck;
    NextPass pass =
        NextPass.of(
            counted(won, told), OptionalDouble.of(minutes(step)), told, fineness, terms, rule);
    Removal wide = Removal.of(counted(won, grain));
    OptionalDouble high = wide.leftHigh();
    return new NextTurn(
        pass,
        wide.leftLow() * grain.meanMg(),
        high.isPresent() ? OptionalDouble.of(high.getAsDouble() * grain.meanMg()) : high);
  }

  private static List<Double> counted(List<Double> wonMg, Speck speck) {
    return wonMg.stream().map(mg -> mg / speck.meanMg()).toList();
  }

  /** The share of what was left that a turn won so far; empty where the turns cannot tell. */
  public OptionalDouble share() {
    return pass.removal().share();
  }

  /** What is left, in mg. */
  public OptionalDouble leftMg() {
    return inMg(pass.removal().left());
  }

  /** What another turn would bring, in mg. */
  public OptionalDouble nextMg() {
    return pass.nextMg();
  }

  private OptionalDouble inMg(OptionalDouble specks) {
    return specks.isPresent() ? OptionalDouble.of(specks.getAsDouble() * pass.speckMg()) : specks;
  }

  /**
   * Turns differ by more than chance: where there are many specks they are told as fewer, heavier
   * ones, so many as differ by chance as turns do.
   */
  static Speck grain(Speck speck, List<Double> wonMg) {
    double all = wonMg.stream().mapToDouble(mg -> mg).sum();
    double mg = Math.max(speck.meanMg(), all / AS_IF);
    return new Speck(mg, speck.variance(), speck.logSd(), speck.shared());
  }

  /** How long a turn took, on average, in minutes; or what one takes. */
  static double minutes(Step step) {
    List<Double> told = new ArrayList<>();
    Instant began = step.startedAt();
    for (Reading reading : step.live(Measure.Finish.class).toList()) {
      if (((Measure.Finish) reading.measure()).fact() instanceof FinishFact.Turn) {
        double minutes = Duration.between(began, reading.at()).toSeconds() / 60.0;
        if (minutes > 0 && minutes < LONGEST) {
          told.add(minutes);
        }
        began = reading.at();
      }
    }
    return told.stream().mapToDouble(one -> one).average().orElse(MINUTES);
  }
}
