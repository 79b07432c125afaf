package jugulum.core.look;

import java.time.Instant;
import java.util.Optional;
import java.util.OptionalDouble;
import jugulum.core.account.Worked;
import jugulum.core.belief.Belief;
import jugulum.core.belief.Pace;
import jugulum.core.belief.Value;
import jugulum.core.check.Check;
import jugulum.core.gold.BatchSpecks;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.Process;
import jugulum.core.ledger.Step;
import jugulum.core.machine.RunLog;

/**
 * What is at stake while a machine loses gold: from how many specks in a kilogram each act pays.
 *
 * @param value what gold and hours are worth
 * @param speckMg what a speck weighs, native, in mg, 0 to 1e6
 * @param kgLeft sand still to run, in kg, 0 to 1e6
 * @param kgLetGo sand that left already, in kg, 0 to 1e6
 * @param pace of the machine, with how fast it is fed
 */
public record Stakes(Value value, double speckMg, double kgLeft, double kgLetGo, Pace pace) {
  /**
   * What turning a dial or feeding at half ends of the loss, as a share: ours.
   *
   * <p>Off by a half: from how many specks on an act during a run is advised.
   */
  static final double ENDED = 0.6;

  /**
   * What running tailings once more wins of the gold in them, as a share: ours.
   *
   * <p>Off by a half: from how many specks on another run of the tailings is advised.
   */
  static final double WON_AGAIN = 0.5;

  /**
   * Hands to turn one dial and wait for what it does, in minutes: ours.
   *
   * <p>Off by a half: from how many specks on a dial is turned.
   */
  static final double TURN_MINUTES = 2;

  /** Checks every value against its range. */
  public Stakes {
    Check.inRange("speckMg", speckMg, 0, 1e6);
    Check.inRange("kgLeft", kgLeft, 0, 1e6);
    Check.inRange("kgLetGo", kgLetGo, 0, 1e6);
  }

  /**
   * Of a run over a machine, by what was recorded of it.
   *
   * @param tailings a lot the run makes
   * @param now while it runs
   * @return empty where the lot is not of a run over a machine, or nobody knows how fast it goes
   */
  public static Optional<Stakes> of(Worked worked, Lot tailings, Belief belief, Instant now) {
    return worked
        .network()
        .maker(tailings.id())
        .filter(step -> step.process() instanceof Process.GravityRun)
        .map(step -> of(worked, tailings, step, belief, now));
  }

  private static Stakes of(Worked worked, Lot tailings, Step step, Belief belief, Instant now) {
    var gear = belief.shop().gear(((Process.GravityRun) step.process()).machine());
    Pace usual = belief.pace(gear, tailings.cut());
    Pace pace =
        Leaving.rate(step, now).stream()
            .mapToObj(rate -> usual.at(Pace.clamped(rate)))
            .findFirst()
            .orElse(usual);
    double all =
        step.inputs().stream().mapToDouble(lot -> worked.sand().mass(lot).grams() / 1000).sum();
    double laidIn = step.laidInG() / 1000;
    boolean runs = RunLog.of(step).isRunning();
    double fed =
        laidIn > 0 ? laidIn : pace.kgPerHour() * RunLog.of(step).ran(now).toSeconds() / 3600;
    double gone = runs ? Math.min(all, fed) : worked.sand().mass(tailings.id()).grams() / 1000;
    return new Stakes(
        belief.value(worked.gold().fineness()),
        BatchSpecks.of(worked.network()).of(tailings.cut()).meanMg(),
        runs ? Math.max(0, all - fed) : 0,
        Math.max(0, gone),
        pace);
  }

  /**
   * From how many specks in a kilogram an act pays; empty where there is nothing to do it to, gold
   * brings nothing, or its hands cost nothing.
   */
  public OptionalDouble paysFrom(Act act) {
    double saved = value.of(winsMg(act, 1));
    double cost = value.hands(handsMinutes(act));
    return saved > 0 && cost > 0 ? OptionalDouble.of(cost / saved) : OptionalDouble.empty();
  }

  /** The hands an act takes, in minutes: at half the feed what is left takes as long again. */
  public double handsMinutes(Act act) {
    return switch (act) {
      case TURN -> TURN_MINUTES;
      case SLOW -> pace.handsMinutes(kgLeft * 1000) - pace.handsMinutes(0);
      case RERUN -> pace.handsMinutes(kgLetGo * 1000);
    };
  }

  /**
   * The native gold an act would win where so many specks leave in a kilogram, in mg.
   *
   * @param perKg 0 or more
   */
  public double winsMg(Act act, double perKg) {
    double share = act == Act.RERUN ? kgLetGo * WON_AGAIN : kgLeft * ENDED;
    return Check.inRange("perKg", perKg, 0, 1e12) * share * speckMg;
  }
}
