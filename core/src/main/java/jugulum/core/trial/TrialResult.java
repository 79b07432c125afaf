package jugulum.core.trial;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import jugulum.core.screens.Cut;
import jugulum.core.trial.SpikeBack.Recovered;
import org.hipparchus.distribution.discrete.PoissonDistribution;

/**
 * What a trial shows.
 *
 * @param lines each contender at each size class that was run
 * @param pairs two contenders at one size class, both run
 * @param findings what is to be thought of before any of it is believed
 */
public record TrialResult(List<Line> lines, List<Pair> pairs, List<Finding> findings) {
  /** Keeps its own copies. */
  public TrialResult {
    lines = List.copyOf(lines);
    pairs = List.copyOf(pairs);
    findings = List.copyOf(findings);
  }

  /**
   * A contender at a size class, all its runs together.
   *
   * @param contender its place, from 0
   * @param cut the size class
   * @param back what came back
   * @param recovered the share won, the sand's own gold taken off where a blank run tells it;
   *     widened where repeats scatter more than specks explain
   * @param runs how many runs
   * @param own specks of the sand's own that were taken off; empty without a blank run
   * @param repeats whether they scatter; empty for one run
   */
  public record Line(
      int contender,
      Cut cut,
      SpikeBack back,
      Recovered recovered,
      int runs,
      OptionalDouble own,
      Optional<Repeats> repeats) {}

  /**
   * Two contenders at a size class.
   *
   * @param first the place of the one
   * @param second the place of the other
   * @param cut the size class
   * @param comparison first against second, of what was put in, missing specks counted as not won
   */
  public record Pair(int first, int second, Cut cut, Comparison comparison) {}

  /** Something doubtful. */
  public sealed interface Finding {
    /** The contender it is about. */
    int contender();

    /** The size class it is about. */
    Cut cut();

    /**
     * More was found than put in.
     *
     * @param over so many more
     * @param chance that the sand's own gold, as the blank run tells it, is that much; empty
     *     without a blank run
     */
    record TooMuch(int contender, Cut cut, int over, OptionalDouble chance) implements Finding {}

    /** One run tells nothing of how runs differ. */
    record OneRun(int contender, Cut cut) implements Finding {}

    /** Nothing was won. */
    record NoneFound(int contender, Cut cut) implements Finding {}

    /** All was won: the range still has a low end. */
    record AllFound(int contender, Cut cut) implements Finding {}

    /** Repeats scatter more than specks explain: something else changed from run to run. */
    record Scattered(int contender, Cut cut, double chance) implements Finding {}

    /** A tenth or more of the spike was found nowhere. */
    record Missing(int contender, Cut cut, int specks) implements Finding {}
  }

  private static final double MUCH = 0.1;

  /** Reads a trial. */
  public static TrialResult of(Trial trial) {
    List<Line> lines = new ArrayList<>();
    List<Finding> findings = new ArrayList<>();
    for (int contender = 0; contender < trial.plan().contenders().size(); contender++) {
      for (Cut cut : trial.plan().classes()) {
        Optional<Line> line = line(trial, contender, cut);
        line.ifPresent(
            one -> {
              lines.add(one);
              find(one, findings);
            });
      }
    }
    return new TrialResult(lines, pairs(lines), findings);
  }

  private static List<TrialRun> done(Trial trial, int contender) {
    return trial.runs().stream()
        .filter(run -> run.isLive() && run.isDone() && run.contender() == contender)
        .toList();
  }

  private static Optional<Line> line(Trial trial, int contender, Cut cut) {
    List<TrialRun> runs =
        done(trial, contender).stream()
            .filter(run -> run.spikes().stream().anyMatch(spike -> spike.cut().isSameSizes(cut)))
            .toList();
    if (runs.isEmpty()) {
      return Optional.empty();
    }
    List<SpikeBack> each = runs.stream().map(run -> back(run, cut)).toList();
    SpikeBack back = each.stream().reduce(SpikeBack::with).orElseThrow();
    List<TrialRun> blanks = done(trial, contender).stream().filter(TrialRun::isBlank).toList();
    Optional<Repeats> repeats = each.size() > 1 ? Optional.of(Repeats.of(each)) : Optional.empty();
    double ratio =
        runs.stream().mapToDouble(TrialRun::sandG).sum()
            / Math.max(1e-9, blanks.stream().mapToDouble(TrialRun::sandG).sum());
    int blank = blanks.stream().mapToInt(run -> run.found(cut, true)).sum();
    Recovered recovered = blanks.isEmpty() ? back.recovery() : back.lessOwn(blank, ratio);
    double widening = repeats.map(Repeats::widening).orElse(1.0);
    return Optional.of(
        new Line(
            contender,
            cut,
            back,
            recovered.widened(widening),
            runs.size(),
            blanks.isEmpty() ? OptionalDouble.empty() : OptionalDouble.of(blank * ratio),
            repeats));
  }

  private static SpikeBack back(TrialRun run, Cut cut) {
    int in =
        run.spikes().stream()
            .filter(spike -> spike.cut().isSameSizes(cut))
            .mapToInt(Spike::specks)
            .sum();
    return new SpikeBack(in, run.found(cut, true), run.found(cut, false));
  }

  private static void find(Line line, List<Finding> findings) {
    SpikeBack back = line.back();
    int contender = line.contender();
    Cut cut = line.cut();
    if (back.isTooMuch()) {
      int over = back.won() + back.lost() - back.in();
      findings.add(new Finding.TooMuch(contender, cut, over, chance(over, line.own())));
    }
    if (back.won() == 0) {
      findings.add(new Finding.NoneFound(contender, cut));
    } else if (back.won() == back.in()) {
      findings.add(new Finding.AllFound(contender, cut));
    }
    if (back.missing() >= MUCH * back.in() && back.missing() > 1) {
      findings.add(new Finding.Missing(contender, cut, back.missing()));
    }
    if (line.repeats().isEmpty()) {
      findings.add(new Finding.OneRun(contender, cut));
    }
    line.repeats()
        .filter(Repeats::isMoreThanSpecks)
        .ifPresent(
            repeats -> findings.add(new Finding.Scattered(contender, cut, repeats.chance())));
  }

  /** The chance that the sand has at least so much of its own. */
  private static OptionalDouble chance(int over, OptionalDouble own) {
    return own.isPresent() && own.getAsDouble() > 0
        ? OptionalDouble.of(
            1 - new PoissonDistribution(own.getAsDouble()).cumulativeProbability(over - 1))
        : own;
  }

  private static List<Pair> pairs(List<Line> lines) {
    List<Pair> pairs = new ArrayList<>();
    for (Line first : lines) {
      for (Line second : lines) {
        if (first.contender() < second.contender() && first.cut().isSameSizes(second.cut())) {
          pairs.add(
              new Pair(
                  first.contender(),
                  second.contender(),
                  first.cut(),
                  Comparison.of(won(first), first.back().in(), won(second), second.back().in())));
        }
      }
    }
    return pairs;
  }

  /** What was won of the spike itself. */
  private static int won(Line line) {
    int own = (int) Math.round(line.own().orElse(0));
    return Math.clamp(line.back().won() - own, 0, line.back().in());
  }

  /** The line of a contender at a size class. */
  public Optional<Line> line(int contender, Cut cut) {
    return lines.stream()
        .filter(line -> line.contender() == contender && line.cut().isSameSizes(cut))
        .findFirst();
  }
}
