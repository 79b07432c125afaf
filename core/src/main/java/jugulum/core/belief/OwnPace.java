package jugulum.core.belief;

import java.util.List;
import java.util.OptionalDouble;
import jugulum.core.check.Band;
import jugulum.core.machine.Dial;
import jugulum.core.machine.Gear;
import jugulum.core.runs.PastRun;
import jugulum.core.schedule.DayTask.Hands;
import jugulum.core.screens.Cut;
import org.hipparchus.stat.descriptive.StreamingStatistics;

/**
 * How fast a machine's own timed runs were, over what its sheet lets expect of their cuts: a
 * log-normal factor, shrunk to 1 while the runs are few.
 *
 * @param gear the machine
 * @param log the mean of the logarithm of that factor
 * @param sd what is open of it
 * @param scatterSd how much one run lies off
 * @param runs on how many it rests
 */
record OwnPace(Gear gear, double log, double sd, double scatterSd, int runs) {
  /**
   * How far the pace of a machine may lie from its sheet, as a logarithm: ours.
   *
   * <p>Off by a half: how soon one's own timed runs outweigh the sheet; and how early or late a run
   * nobody ever timed may end.
   */
  private static final double SHEET_SD = 0.5;

  /**
   * How much the pace of one run lies off those of the same machine, as a logarithm, while fewer
   * than three tell it: ours.
   *
   * <p>Off by a half: how much one timed run counts beside the sheet.
   */
  private static final double RUN_SD = 0.3;

  private static final int TELLING = 3;

  /**
   * A spoon a minute: ours.
   *
   * <p>Off by a half: the pace of what is fed by the spoon and has no record, in proportion.
   */
  private static final double SPOON_MINUTES = 1;

  /**
   * Sand over a machine whose sheet tells nothing: ours.
   *
   * <p>Off by a half: the hours planned for such a machine, in proportion.
   */
  private static final double UNTOLD_KG_PER_HOUR = 10;

  /**
   * Of the time a machine runs that wants a look now and then, hands are at it so much: ours.
   *
   * <p>Off by a half: what such a machine costs in hands, and with it which machine comes first.
   */
  private static final double LOOKED_AFTER = 1.0 / 3;

  static OwnPace of(Gear gear, List<PastRun> all) {
    StreamingStatistics logs = new StreamingStatistics();
    all.stream()
        .filter(run -> run.machine().equals(gear.machine()))
        .filter(run -> run.fedG().orElse(0) > 0 && run.minutes().orElse(0) > 0)
        .forEach(
            run ->
                logs.addValue(
                    Math.log(
                        Pace.clamped(
                                run.fedG().getAsDouble() / 1000 / run.minutes().getAsDouble() * 60)
                            / bySheet(gear, run.cut()))));
    int n = (int) logs.getN();
    double scatter = n >= TELLING ? Math.max(RUN_SD / 2, logs.getStandardDeviation()) : RUN_SD;
    double own = n / (scatter * scatter);
    double sheet = 1 / (SHEET_SD * SHEET_SD);
    double log = n == 0 ? 0 : own * logs.getMean() / (own + sheet);
    return new OwnPace(gear, log, Math.sqrt(1 / (own + sheet)), n == 0 ? 0 : scatter, n);
  }

  /** On a cut. */
  Pace of(Cut cut) {
    return new Pace(
        gear.sheet().working().setUpMinutes(),
        Pace.clamped(bySheet(gear, cut) * Math.exp(log)),
        Math.sqrt(sd * sd + scatterSd * scatterSd),
        runs,
        handsShare(gear.sheet().working().hands()));
  }

  private static double handsShare(Hands hands) {
    return switch (hands) {
      case ALL -> 1;
      case INTERVALS -> LOOKED_AFTER;
      case NONE -> 0;
    };
  }

  private static double bySheet(Gear gear, Cut cut) {
    if (Panning.isPan(gear)) {
      return Panning.kgPerHour(cut);
    }
    OptionalDouble feed = usual(gear, "feed");
    OptionalDouble charge = usual(gear, "charge");
    OptionalDouble spoon = usual(gear, "spoon");
    if (feed.isPresent()) {
      return Pace.clamped(feed.getAsDouble());
    }
    if (charge.isPresent()) {
      return Pace.clamped(
          charge.getAsDouble()
              / 1000
              / usual(gear, "charge-time").orElse(gear.sheet().working().chargeMinutes())
              * 60);
    }
    return Pace.clamped(
        spoon.isPresent() ? spoon.getAsDouble() / 1000 / SPOON_MINUTES * 60 : UNTOLD_KG_PER_HOUR);
  }

  private static OptionalDouble usual(Gear gear, String dial) {
    return gear.sheet()
        .dial(dial)
        .flatMap(Dial::usual)
        .map(Band::usual)
        .map(OptionalDouble::of)
        .orElse(OptionalDouble.empty());
  }
}
