package jugulum.core.runs;

import java.util.List;
import java.util.Optional;
import jugulum.core.check.Band;
import jugulum.core.check.Normal;
import jugulum.core.machine.Gear;
import jugulum.core.machine.Proven;
import jugulum.core.screens.Cut;
import jugulum.core.trial.Logit;
import jugulum.core.trial.OwnForecast;
import jugulum.core.trial.RandomEffects.Result;
import jugulum.core.trial.TriedRun;

/**
 * What a machine's own runs and trials of one cut let expect of the next run of a kind.
 *
 * <p>Each run's recovery is taken as a logit with what its range leaves open; {@link OwnForecast}
 * puts them together with common practice, from which they draw away as they grow. First runs,
 * reductions and reruns say nothing of each other, so they are not mixed; nor are sizes. Runs of
 * trials, with gold of one's own, shift what a first run starts from: their forecast takes the
 * place of common practice there, its 95 % range read as the 90 % one of {@link OwnForecast}, which
 * errs to the wide side.
 */
public final class MachineRecord {
  /**
   * What a machine has left once it wins less of: where nobody has a record the low end is halved.
   */
  private static final double ONCE_MISSED = 0.5;

  /** A recovery is told no closer to none or all than that. */
  private static final double EDGE = 0.002;

  private static final double SHARPEST_SD = 0.05;

  private MachineRecord() {}

  /** Common practice for a kind of run on a cut. */
  public static Band practice(Gear gear, Cut cut, PastRun.Kind kind) {
    Band fresh = gear.sheet().expected(cut);
    return kind == PastRun.Kind.RERUN ? onceMissed(fresh) : fresh;
  }

  private static Band onceMissed(Band fresh) {
    double low = fresh.low() * ONCE_MISSED;
    return new Band(low, (low + fresh.usual()) / 2, fresh.high());
  }

  /**
   * The recovery to expect of one more run; empty where the machine has shown nothing of that cut
   * and kind yet.
   *
   * @param evidence of any machine; only that of this gear counts, runs whose recovery is told and
   *     trials with gold of one's own
   * @param cut the sizes: only what was shown on the same cut counts
   */
  public static Optional<Proven> expected(
      Evidence evidence, Gear gear, Cut cut, PastRun.Kind kind) {
    Evidence its = evidence.of(gear.machine());
    List<Result> runs =
        its.runs().stream()
            .filter(run -> run.isTold() && run.kind() == kind && run.cut().isSameSizes(cut))
            .map(run -> result(run.recovery().orElseThrow()))
            .toList();
    List<TriedRun> tried =
        kind == PastRun.Kind.FIRST
            ? its.tried().stream()
                .filter(run -> run.isOwnGold() && run.cut().isSameSizes(cut))
                .toList()
            : List.of();
    if (runs.isEmpty() && tried.isEmpty()) {
      return Optional.empty();
    }
    Band start = tried.isEmpty() ? practice(gear, cut, kind) : tried(tried, gear, cut).share();
    Band share = runs.isEmpty() ? start : OwnForecast.of(start, runs).recovery();
    return Optional.of(new Proven(share, runs.size(), tried.size()));
  }

  /**
   * What runs of trials alone let expect of one more at that size.
   *
   * @param tried one or more, whosever they are
   * @param gear whose common practice they start from
   */
  public static Proven tried(List<TriedRun> tried, Gear gear, Cut cut) {
    return new Proven(
        OwnForecast.of(
                practice(gear, cut, PastRun.Kind.FIRST),
                tried.stream().map(TriedRun::result).toList())
            .recovery(),
        0,
        tried.size());
  }

  /** A recovery with its 95 % range as a logit with its variance. */
  static Result result(Band recovery) {
    double sd =
        Math.max(
            SHARPEST_SD,
            (Logit.of(recovery.high(), EDGE) - Logit.of(recovery.low(), EDGE)) / 2 / Normal.Z95);
    return new Result(Logit.of(recovery.usual(), EDGE), sd * sd);
  }
}
