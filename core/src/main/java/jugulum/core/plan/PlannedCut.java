package jugulum.core.plan;

import java.util.Optional;
import jugulum.core.belief.MachineWay;
import jugulum.core.check.Band;
import jugulum.core.ledger.Machine;
import jugulum.core.machine.Gear;
import jugulum.core.screens.Cut;
import jugulum.core.window.Windows.Window;

/**
 * One cut of a plan.
 *
 * @param cut its sizes
 * @param massG the sand expected in it, in grams
 * @param screeningMinutes the bench time of the screen it stays on; 0 for the last cut
 * @param fate what becomes of it
 * @param goldMg the free gold expected in it, native, in mg
 * @param won what is expected to be won of that, native, in mg, with how far it may be off
 */
public record PlannedCut(
    Cut cut, double massG, double screeningMinutes, Fate fate, double goldMg, Band won) {
  /** What becomes of a cut. */
  public sealed interface Fate {}

  /** It is coarse enough to be looked over by hand. */
  public record LookedOver() implements Fate {}

  /**
   * It is run over a machine.
   *
   * @param gear the machine
   * @param minutes how long it takes, in minutes
   * @param handsMinutes how long of that somebody has to be at it
   * @param byRecord whether what it wins rests on its own runs on such a cut
   * @param window its settling window, as that machine sorts
   * @param shortfall how far the window stays below the margin, as the logarithm of their ratio; 0
   *     if it reaches it
   * @param remedy what would help; empty if the margin is reached
   */
  public record Run(
      Gear gear,
      double minutes,
      double handsMinutes,
      boolean byRecord,
      Window window,
      double shortfall,
      Optional<Remedy> remedy)
      implements Fate {
    /** What kind of machine it is. */
    public Machine.Kind kind() {
      return gear.kind();
    }

    /** Whether the window reaches the margin. */
    public boolean meets() {
      return shortfall == 0;
    }
  }

  /** What would bring a window to the margin. */
  public sealed interface Remedy {
    /** Another screen owned, between the two, makes two cuts that both reach it. */
    record SplitAt(String label) implements Remedy {}

    /** Taking the magnetite out before reaches it. */
    record MagnetFirst() implements Remedy {}

    /**
     * A finer upper screen would reach it.
     *
     * @param openingMm at most so wide, in mm
     */
    record FinerScreen(double openingMm) implements Remedy {}

    /** No screen helps: gold this flat falls no faster than a heavy grain of its own size. */
    record NoScreen() implements Remedy {}
  }

  /** The bench time of the whole cut, in minutes. */
  public double minutes() {
    return screeningMinutes + (fate instanceof Run run ? run.minutes() : 0);
  }

  /** What is expected to be won in the mean, native, in mg. */
  public double wonMg() {
    return MachineWay.mean(won);
  }

  /** Of that the time somebody has to be at it. */
  public double handsMinutes() {
    return screeningMinutes + (fate instanceof Run run ? run.handsMinutes() : 0);
  }

  /** How far it stays below the margin; 0 where it is looked over. */
  double shortfall() {
    return fate instanceof Run run ? run.shortfall() : 0;
  }
}
