package jugulum.core.day;

import java.util.Optional;
import jugulum.core.belief.Belief;
import jugulum.core.check.Band;
import jugulum.core.day.Job.Work;
import jugulum.core.handling.Evaporation;
import jugulum.core.ledger.MeltFact.Phase;
import jugulum.core.ledger.Process.MagnetRun;
import jugulum.core.machine.Gear;
import jugulum.core.machine.Overnight;
import jugulum.core.plan.PlanRequest.ScreeningTime;
import jugulum.core.schedule.DayTask;
import jugulum.core.schedule.DayTask.Hands;
import jugulum.core.schedule.DayTask.Needs;
import jugulum.core.schedule.DayTask.Water;
import jugulum.core.shop.Terms;
import jugulum.core.smelt.Minutes;

/** What a job takes: minutes, hands, trays, power and water. */
final class JobDemands {
  /**
   * Minutes that are not measured may well be a third less: ours.
   *
   * <p>Off by a half: the early end of "done between", not the plan.
   */
  private static final double QUICK = 0.67;

  /**
   * They may be two thirds more: ours.
   *
   * <p>Off by a half: the late end of "done between", and what is called tight.
   */
  private static final double SLOW = 1.67;

  /** What a person lifts magnetite out of in one pass, in grams: common practice. */
  private static final double HEAP_G = 2000;

  private static final int PASSES = 3;
  private static final double UNTOLD_MINUTES_PER_PASS = 6;

  /** What a usual screen takes at a time, in grams, where its own is not told: common practice. */
  private static final double SCREEN_LOAD_G = 900;

  /** A drum with a feeder takes so much in an hour: common practice. */
  private static final double DRUM_KG_H = 20;

  /** Drawing up, last magnet, drying and weighing of one concentrate: common practice. */
  private static final Band FINISH = new Band(15, 25, 45);

  /** Weighing and mixing one crucible's charge: common practice. */
  private static final double CHARGE_MINUTES = 15;

  /**
   * Crucibles in one heat of a small furnace: ours.
   *
   * <p>Off by a half: the hours a smelt takes in the plan of a day.
   */
  private static final int AT_ONCE = 2;

  /** Spreading sand on a tray. */
  static final int SPREAD_MINUTES = 5;

  /** The last water leaves more slowly than the law says: a quarter more, up to twice. Ours. */
  private static final double DRY_USUAL = 1.25;

  private static final double DRY_LONG = 2;

  /** Drained sand takes its quarter of water along: common practice. */
  private static final double LITRES_PER_KG = 0.25;

  private static final double LEAST_MINUTES = 2;
  private static final double LEAST_TRAY_M2 = 0.01;

  /** The looks at what is left alone, laid at its start; they come within its first hour. */
  private static final int LOOKS = Overnight.LOOKS_MINUTES.size() * Overnight.LOOK_TAKES_MINUTES;

  private final DaySetup setup;
  private final Belief belief;
  private final DayPace pace;

  /**
   * For one day.
   *
   * @param belief what is thought of machines
   * @param pace what was learnt on other days
   */
  JobDemands(DaySetup setup, Belief belief, DayPace pace) {
    this.setup = setup;
    this.belief = belief;
    this.pace = pace;
  }

  /** The machine a job holds, as it is called. */
  static Optional<String> machine(Work work) {
    return gear(work).map(one -> one.name().isEmpty() ? one.kind().name() : one.name());
  }

  private static Optional<Gear> gear(Work work) {
    return switch (work) {
      case Work.Run run -> Optional.of(run.gear());
      case Work.Magnet magnet -> magnet.with();
      case Work.Dry _, Work.Screen _, Work.Finish _, Work.Smelt _ -> Optional.empty();
    };
  }

  /** How long a job takes, in minutes. */
  Band minutes(Job job) {
    double kg = job.sand().grams() / 1000;
    Optional<Gear> on = gear(job.work());
    if (isOneNight(job.work())) {
      return Overnight.HOURS.times(60);
    }
    if (on.isPresent()) {
      // Its own timed runs are in there: what was learnt of other days would count them twice.
      Band range = belief.pace(on.get(), job.cut()).likely(job.sand().grams());
      return new Band(bounded(range.low()), bounded(range.usual()), bounded(range.high()));
    }
    Band usual =
        switch (job.work()) {
          case Work.Dry wet -> drying(wet, job.sand().grams());
          case Work.Screen(int screens) -> about(screening(screens, job.sand().grams()));
          case Work.Magnet(var way, var _) ->
              way == MagnetRun.Way.DRUM
                  ? about(kg / DRUM_KG_H * 60)
                  : about(passes(job.sand().grams()));
          case Work.Run _ -> throw new IllegalStateException("a run has its own pace");
          case Work.Finish _ -> FINISH;
          case Work.Smelt smelt -> smelting(smelt);
        };
    Band learnt = pace.minutes(job.work().kind(), machine(job.work()).orElse(""), usual);
    return new Band(bounded(learnt.low()), bounded(learnt.usual()), bounded(learnt.high()));
  }

  /** Charge by charge nobody is left alone with; what feeds itself goes by its own pace. */
  private static boolean isOneNight(Work work) {
    return work instanceof Work.Run run
        && run.isOvernight()
        && run.gear().sheet().dial("charge").isPresent();
  }

  private static Band smelting(Work.Smelt smelt) {
    int heats = (smelt.crucibles() + AT_ONCE - 1) / AT_ONCE;
    return switch (smelt.stage()) {
      case ROAST -> Minutes.of(Phase.ROAST);
      case CHARGE -> about(CHARGE_MINUTES * smelt.crucibles());
      case MELT -> Minutes.of(Phase.MELT).times(heats);
      case CUPEL -> Minutes.of(Phase.COOL).plus(Minutes.of(Phase.CUPEL).times(heats));
    };
  }

  private static double bounded(double minutes) {
    return Math.clamp(minutes, LEAST_MINUTES, DayTask.LONGEST);
  }

  private static Band about(double minutes) {
    return new Band(QUICK * minutes, minutes, SLOW * minutes);
  }

  /** Half of what comes onto a screen goes on to the next. */
  private double screening(int screens, double grams) {
    double minutes = 0;
    double arriving = grams;
    for (int i = 0; i < screens; i++) {
      minutes += ScreeningTime.USUAL.minutes(arriving, SCREEN_LOAD_G);
      arriving /= 2;
    }
    return minutes;
  }

  private double passes(double grams) {
    double each = belief.shop().terms().map(Terms::minutesPerPass).orElse(UNTOLD_MINUTES_PER_PASS);
    return each * PASSES * Math.max(1, grams / HEAP_G);
  }

  /** By its own weights where it was weighed while it dried, else by the air. */
  private Band drying(Work.Dry wet, double sandG) {
    double byAir =
        setup
            .air()
            .hours(wet.waterG() / 1000, Math.max(LEAST_TRAY_M2, tray(sandG)))
            .orElse(DayTask.LONGEST);
    double hours =
        wet.gramsPerHour().isPresent() ? wet.waterG() / wet.gramsPerHour().getAsDouble() : byAir;
    double minutes = Math.min(hours * 60, DayTask.LONGEST);
    return new Band(minutes, DRY_USUAL * minutes, DRY_LONG * minutes);
  }

  /** Spread thinly, or as thinly as there is room. */
  private double tray(double sandG) {
    return Math.min(setup.trayM2(), sandG / 1000 / Evaporation.SPREAD_KG_M2);
  }

  static Hands hands(Work work) {
    return switch (work) {
      case Work.Dry _ -> Hands.NONE;
      case Work.Screen _, Work.Finish _ -> Hands.ALL;
      case Work.Smelt smelt ->
          switch (smelt.stage()) {
            case CHARGE, MELT -> Hands.ALL;
            case ROAST, CUPEL -> Hands.INTERVALS;
          };
      case Work.Magnet(var way, var _) -> way == MagnetRun.Way.DRUM ? Hands.INTERVALS : Hands.ALL;
      case Work.Run run -> run.isOvernight() ? Hands.NONE : run.gear().sheet().working().hands();
    };
  }

  int handsOn(Work work) {
    return switch (work) {
      case Work.Dry _ -> SPREAD_MINUTES;
      case Work.Run _, Work.Magnet _ ->
          gear(work).map(one -> (int) Math.round(one.sheet().working().setUpMinutes())).orElse(0)
              + (work instanceof Work.Run run && run.isOvernight() ? LOOKS : 0);
      case Work.Screen _, Work.Finish _, Work.Smelt _ -> 0;
    };
  }

  Needs needs(Job job, double minutes) {
    return switch (job.work()) {
      case Work.Dry _ -> new Needs(tray(job.sand().grams()), 0, 0, Water.LEAVES);
      case Work.Run run ->
          new Needs(
              0,
              wattHours(run.gear(), minutes),
              job.sand().grams() / 1000 * LITRES_PER_KG,
              run.gear().sheet().working().water());
      case Work.Magnet magnet ->
          magnet
              .with()
              .map(one -> new Needs(0, wattHours(one, minutes), 0, Water.LEAVES))
              .orElse(Needs.NOTHING);
      case Work.Screen _, Work.Finish _, Work.Smelt _ -> Needs.NOTHING;
    };
  }

  private static double wattHours(Gear gear, double minutes) {
    return gear.drawWatts().orElse(0) * minutes / 60;
  }
}
