package jugulum.core.plan;

import java.util.List;
import jugulum.core.check.Check;
import jugulum.core.machine.BenchSums;
import jugulum.core.screens.Cut;
import jugulum.core.screens.Screen;
import jugulum.core.sizes.SizeSpread;
import jugulum.core.specks.SpeckMass;
import jugulum.core.window.Conditions;

/**
 * What is asked of a plan of cuts.
 *
 * @param screens the screens that may be used, each with the load it takes
 * @param feed the sizes of what is to be screened
 * @param sizes how it is spread over sizes; decides bench time, not windows
 * @param feedG its mass, in grams
 * @param conditions water, gold and the other heavies
 * @param machines the machines there are
 * @param gold the free gold expected
 * @param margin the ratio every window must reach, from 0.1 to 10
 * @param surety what must reach it
 * @param lookedOverAboveMm sand coarser than this may be looked over by hand instead of run, in mm
 * @param screening the bench time of screening
 */
public record PlanRequest(
    List<Sieve> screens,
    Cut feed,
    SizeSpread sizes,
    double feedG,
    Conditions conditions,
    Machines machines,
    GoldExpected gold,
    double margin,
    Surety surety,
    double lookedOverAboveMm,
    ScreeningTime screening) {

  /** Sand so coarse may be looked over: its gold is seen and picked. */
  public static final double USUAL_LOOKED_OVER_ABOVE_MM = SpeckMass.PICKED_FROM_MM;

  /**
   * A screen with what it takes in one go.
   *
   * @param screen the screen
   * @param loadG the sand it takes in one load, in grams, from 1 to 100,000
   */
  public record Sieve(Screen screen, double loadG) {
    /** Checks the load. */
    public Sieve {
      Check.inRange("loadG", loadG, 1, 100_000);
    }
  }

  /** Which end of the band of a window must reach the margin. */
  public enum Surety {
    /** The gold and the heavies as they usually are. */
    USUAL,
    /** The flattest gold against the roundest heavy. */
    WHOLE_BAND
  }

  /**
   * The bench time of screening; the start values are an assumption of ours.
   *
   * @param minutesPerScreen to set one up, weigh and label its cut, in minutes
   * @param minutesPerLoad to shake one load, in minutes
   */
  public record ScreeningTime(double minutesPerScreen, double minutesPerLoad) {
    /** Six minutes a screen, four a load. */
    public static final ScreeningTime USUAL = new ScreeningTime(6, 4);

    /** Checks both values against their ranges. */
    public ScreeningTime {
      Check.inRange("minutesPerScreen", minutesPerScreen, 0, 1000);
      Check.inRange("minutesPerLoad", minutesPerLoad, 0, 1000);
    }

    /**
     * The bench time of one screen, in minutes.
     *
     * @param arrivingG the sand that comes onto it, in grams
     * @param loadG what it takes at a time, in grams
     */
    public double minutes(double arrivingG, double loadG) {
      return minutesPerScreen + BenchSums.loads(arrivingG, loadG) * minutesPerLoad;
    }
  }

  /** Checks every value against its range and puts the screens coarse first. */
  public PlanRequest {
    screens =
        screens.stream()
            .sorted(
                (one, other) ->
                    Double.compare(other.screen().openingMm(), one.screen().openingMm()))
            .toList();
    Check.grams("feedG", feedG);
    Check.inRange("margin", margin, 0.1, 10);
    Check.inRange("lookedOverAboveMm", lookedOverAboveMm, 0.01, 200);
  }
}
