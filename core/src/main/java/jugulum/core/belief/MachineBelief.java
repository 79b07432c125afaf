package jugulum.core.belief;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import jugulum.core.check.Band;
import jugulum.core.ledger.Machine;
import jugulum.core.machine.Gear;
import jugulum.core.machine.Proven;
import jugulum.core.machine.Sheet;
import jugulum.core.runs.PastRun;
import jugulum.core.screens.Cut;
import jugulum.core.trial.OwnForecast;
import jugulum.core.trial.RandomEffects.Result;
import jugulum.core.trial.TriedRun;
import jugulum.core.window.Conditions;

/**
 * What machines win and how long they take: the one place for list, plan, day, stock, advice and
 * season.
 *
 * <p>The share starts from common practice, size by size ({@link SharesBySize}); the machine's own
 * runs and trials of the same cut and kind shift it, as logits with what each leaves open ({@link
 * OwnForecast}), and outweigh it as they grow. First runs, reductions and reruns say nothing of
 * each other, so they are not mixed; nor are sizes. Runs of trials, with gold of one's own, shift
 * what a first run starts from: their forecast takes the place of common practice there, its 95 %
 * range read as the 90 % one of {@link OwnForecast}, which errs to the wide side. Several threads
 * may ask: one at a time is let in.
 */
public final class MachineBelief {
  /**
   * What a machine has left once it wins less of: where nobody has a record the low end is halved.
   */
  private static final double ONCE_MISSED = 0.5;

  private final Experience experience;
  private final Map<Gear, Double> rates;
  private final Map<Machine, Experience> shown = new HashMap<>();
  private final Map<Conditions, SharesBySize> bySize = new HashMap<>();
  private final Map<Asked, Band> practice = new HashMap<>();
  private final Map<Asked, Proven> known = new HashMap<>();
  private final Map<Gear, OwnPace> paces = new HashMap<>();

  private record Asked(Gear gear, Cut cut, PastRun.Kind kind, Conditions conditions) {}

  /** What all machines of a shop have shown. */
  public MachineBelief(Experience experience) {
    this(experience, Map.of());
  }

  /**
   * The same, fed as fast as a person says.
   *
   * @param rates sand a machine takes in an hour, in kg, of those it was said of
   */
  public MachineBelief(Experience experience, Map<Gear, Double> rates) {
    this.experience = experience;
    this.rates = Map.copyOf(rates);
  }

  /**
   * The share of its gold a machine is expected to win of a cut, with the 95 % range of one more
   * run where it has a record, else the wide range of common practice.
   */
  public synchronized Proven share(Gear gear, Cut cut, PastRun.Kind kind, Conditions conditions) {
    return known.computeIfAbsent(
        new Asked(gear, cut, kind, conditions),
        asked ->
            record(gear, cut, kind, conditions).orElseGet(() -> new Proven(practice(asked), 0, 0)));
  }

  /** Common practice for a kind of run on a cut, 0 to 1. */
  public synchronized Band practice(Gear gear, Cut cut, PastRun.Kind kind, Conditions conditions) {
    return practice(new Asked(gear, cut, kind, conditions));
  }

  private Band practice(Asked asked) {
    return practice.computeIfAbsent(
        asked,
        one -> {
          Band fresh =
              bySize.computeIfAbsent(one.conditions(), SharesBySize::new).of(one.gear(), one.cut());
          return one.kind() == PastRun.Kind.RERUN ? onceMissed(fresh) : fresh;
        });
  }

  private static Band onceMissed(Band fresh) {
    double low = fresh.low() * ONCE_MISSED;
    return new Band(low, (low + fresh.usual()) / 2, fresh.high());
  }

  /** Common practice for sizes that suit a kind of machine, 0 to 1: what its sheet tells. */
  public static Band common(Sheet sheet) {
    return sheet.expected();
  }

  /**
   * What a machine's own record lets expect of one more run; empty where it has shown nothing of
   * that cut and kind yet.
   */
  public synchronized Optional<Proven> record(
      Gear gear, Cut cut, PastRun.Kind kind, Conditions conditions) {
    Experience its = shown(gear);
    List<Result> runs =
        its.runs().stream()
            .filter(run -> run.isTold() && run.kind() == kind && run.cut().isSameSizes(cut))
            .map(run -> Result.of(run.recovery().orElseThrow()))
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
    Band start =
        tried.isEmpty()
            ? practice(gear, cut, kind, conditions)
            : tried(tried, gear, cut, conditions).share();
    Band share = runs.isEmpty() ? start : OwnForecast.of(start, runs).recovery();
    return Optional.of(new Proven(share, runs.size(), tried.size()));
  }

  /**
   * What runs of trials alone let expect of one more at that size.
   *
   * @param tried one or more, whosever they are
   * @param gear whose common practice they start from
   */
  public synchronized Proven tried(
      List<TriedRun> tried, Gear gear, Cut cut, Conditions conditions) {
    return new Proven(
        OwnForecast.of(
                practice(gear, cut, PastRun.Kind.FIRST, conditions),
                tried.stream().map(TriedRun::result).toList())
            .recovery(),
        0,
        tried.size());
  }

  /** How fast sand of a cut goes over it. */
  public synchronized Pace pace(Gear gear, Cut cut) {
    Pace own = paces.computeIfAbsent(gear, one -> OwnPace.of(one, shown(one).runs())).of(cut);
    return Optional.ofNullable(rates.get(gear)).map(own::at).orElse(own);
  }

  private Experience shown(Gear gear) {
    return shown.computeIfAbsent(gear.machine(), experience::of);
  }
}
