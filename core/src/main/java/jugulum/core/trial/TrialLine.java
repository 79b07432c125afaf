package jugulum.core.trial;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.ToDoubleBiFunction;
import jugulum.core.ledger.Assumptions;
import jugulum.core.screens.Cut;
import jugulum.core.specks.Speck;
import jugulum.core.trial.MassBack.Weighed;
import jugulum.core.trial.SpikeBack.Recovered;
import jugulum.core.trial.TrialPlan.Stuff;

/**
 * What a trial shows of one contender at a size class, all its runs together.
 *
 * @param contender its place, from 0
 * @param cut the size class
 * @param basis whether it was told by counting or by weight
 * @param back what came back; by weight the counted specks that would tell as much, the sand's own
 *     gold taken off
 * @param weighed the same by weight, where all was weighed
 * @param recovered the share won, the sand's own gold taken off where a blank run tells it
 * @param runs how many runs, from 1
 * @param own of what was won the sand's own, that was taken off: specks, or milligrams by weight;
 *     empty without a blank run
 * @param repeats whether they scatter; empty for one run
 */
public record TrialLine(
    int contender,
    Cut cut,
    Basis basis,
    SpikeBack back,
    Optional<MassBack> weighed,
    Recovered recovered,
    int runs,
    OptionalDouble own,
    Optional<Repeats> repeats) {
  /** How a recovery was told. */
  public enum Basis {
    COUNTED,
    /** At least one run was weighed and not counted. */
    WEIGHED
  }

  private static final double NO_SAND = 1e-9;
  private static final double CONFIDENCE = 0.95;

  /** The line of a contender at a size class; empty where none of its runs is done. */
  static Optional<TrialLine> of(Trial trial, int contender, Cut cut) {
    List<TrialRun> runs =
        trial.runs().stream()
            .filter(
                run ->
                    run.isLive()
                        && run.contender() == contender
                        && run.spike(cut).isPresent()
                        && run.isDone(cut))
            .toList();
    return runs.isEmpty()
        ? Optional.empty()
        : Optional.of(
            new Sums(trial.plan().stuff(), cut, runs, blanks(trial, contender)).line(contender));
  }

  /** The line of one run alone; empty where it is not done. */
  static Optional<TrialLine> of(Trial trial, TrialRun run, Cut cut) {
    return run.isLive() && run.spike(cut).isPresent() && run.isDone(cut)
        ? Optional.of(
            new Sums(trial.plan().stuff(), cut, List.of(run), blanks(trial, run.contender()))
                .line(run.contender()))
        : Optional.empty();
  }

  private static List<TrialRun> blanks(Trial trial, int contender) {
    return trial.runs().stream()
        .filter(
            run -> run.isLive() && run.isDone() && run.isBlank() && run.contender() == contender)
        .toList();
  }

  /** The same where runs differ beyond their specks: its range is so much wider. */
  TrialLine scattered(RunScatter scatter) {
    return new TrialLine(
        contender,
        cut,
        basis,
        back,
        weighed,
        recovered.widened(scatter.times(CONFIDENCE)),
        runs,
        own,
        repeats);
  }

  /** What was won of the spike itself, the sand's own gold taken off. */
  public SpikeBack net() {
    if (basis == Basis.WEIGHED) {
      return back;
    }
    int taken = (int) Math.round(own.orElse(0));
    return new SpikeBack(back.in(), Math.clamp(back.won() - taken, 0, back.in()), back.lost());
  }

  /** Specks that weigh so much, where nobody counted them; at least one. */
  static int specksOf(Stuff stuff, Spike spike) {
    Speck speck = speck(stuff, spike.cut());
    return spike
        .specks()
        .orElseGet(
            () ->
                (int)
                    Math.max(
                        1, Math.round(spike.mg().orElseThrow() * spike.share() / speck.meanMg())));
  }

  private static Speck speck(Stuff stuff, Cut cut) {
    Assumptions usual = Assumptions.USUAL;
    return Speck.of(
        cut, usual.flatness(), stuff == Stuff.LEAD ? StandIn.LEAD_GCM3 : usual.goldDensity());
  }

  /** The runs of one contender at one size class. */
  private record Sums(Stuff stuff, Cut cut, List<TrialRun> runs, List<TrialRun> blanks) {
    TrialLine line(int contender) {
      boolean isCounted = runs.stream().allMatch(run -> run.isCounted(cut));
      boolean isWeighed = runs.stream().allMatch(run -> run.isWeighed(cut));
      List<SpikeBack> each = runs.stream().map(this::back).toList();
      SpikeBack counted = each.stream().reduce(SpikeBack::with).orElseThrow();
      Optional<MassBack> weighed = isWeighed ? Optional.of(weighed(runs)) : Optional.empty();
      Optional<Repeats> repeats =
          each.size() > 1 ? Optional.of(Repeats.of(each)) : Optional.empty();
      Recovered recovered =
          isCounted
              ? counted(counted)
              : weighed.map(MassBack::recovered).orElseGet(counted::recovery);
      return new TrialLine(
          contender,
          cut,
          isCounted ? Basis.COUNTED : Basis.WEIGHED,
          isCounted ? counted : weighed.map(MassBack::worth).orElse(counted),
          weighed,
          recovered,
          runs.size(),
          own(isCounted, weighed),
          repeats);
    }

    /** One run, by its specks where they were counted, else by what its weights are worth. */
    private SpikeBack back(TrialRun run) {
      return run.isCounted(cut)
          ? new SpikeBack(
              run.spike(cut).orElseThrow().specks().orElseThrow(), run.won(cut), run.lost(cut))
          : weighed(List.of(run)).worth();
    }

    private Recovered counted(SpikeBack back) {
      return blanks.isEmpty() ? back.recovery() : back.lessOwn(blankSpecks(), ratio(runs));
    }

    private int blankSpecks() {
      return blanks.stream().mapToInt(run -> run.won(cut)).sum();
    }

    private OptionalDouble own(boolean isCounted, Optional<MassBack> weighed) {
      if (blanks.isEmpty()) {
        return OptionalDouble.empty();
      }
      return isCounted
          ? OptionalDouble.of(blankSpecks() * ratio(runs))
          : weighed.map(mass -> OptionalDouble.of(mass.own().mg())).orElse(OptionalDouble.of(0));
    }

    /** Sand of runs by that of the blank ones. */
    private double ratio(List<TrialRun> some) {
      return some.stream().mapToDouble(TrialRun::sandG).sum()
          / Math.max(NO_SAND, blanks.stream().mapToDouble(TrialRun::sandG).sum());
    }

    /** What is weighed is weighed on the scale of the spike, with its doubt. */
    private MassBack weighed(List<TrialRun> some) {
      Weighed in = Weighed.NONE;
      Weighed won = Weighed.NONE;
      Weighed lost = Weighed.NONE;
      int specks = 0;
      for (TrialRun run : some) {
        Spike spike = run.spike(cut).orElseThrow();
        in = in.and(spike.pure());
        won = won.and(new Weighed(run.wonMg(cut), spike.sdMg()));
        lost = lost.and(new Weighed(run.lostMg(cut), spike.sdMg()));
        specks += specksOf(stuff, spike);
      }
      double doubt = some.getFirst().spike(cut).orElseThrow().sdMg();
      Speck speck = speck(stuff, cut);
      Weighed own = own(TrialRun::wonMg, doubt, speck, some);
      Weighed ownLost = own(TrialRun::lostMg, doubt, speck, some);
      return new MassBack(in, won, lost.less(ownLost), own, specks, speck.variance());
    }

    /** What of these runs is the sand's own, as the blank ones tell it. */
    private Weighed own(
        ToDoubleBiFunction<TrialRun, Cut> where, double doubt, Speck speck, List<TrialRun> some) {
      Weighed own =
          blanks.stream()
              .map(run -> new Weighed(where.applyAsDouble(run, cut), doubt))
              .reduce(Weighed.NONE, Weighed::and)
              .times(blanks.isEmpty() ? 0 : ratio(some));
      return scattered(own, speck, some);
    }

    /**
     * Sand has whole specks of its own, here more and there fewer, in the blank run and in these:
     * own · m (1 + v) for either, the blank's times the ratio of the sands (moments of a compound
     * Poisson sum, A. Gut, Probability: A Graduate Course, chapter 3; from memory).
     */
    private Weighed scattered(Weighed own, Speck speck, List<TrialRun> some) {
      double one = own.mg() * speck.meanMg() * (1 + speck.variance());
      double chance = blanks.isEmpty() ? 0 : Math.sqrt(one * (1 + ratio(some)));
      return new Weighed(own.mg(), Math.hypot(own.sdMg(), chance));
    }
  }
}
