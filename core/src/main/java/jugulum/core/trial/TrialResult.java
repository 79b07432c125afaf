package jugulum.core.trial;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import jugulum.core.screens.Cut;
import jugulum.core.trial.TrialLine.Basis;
import org.hipparchus.distribution.discrete.PoissonDistribution;

/**
 * What a trial shows.
 *
 * @param lines each contender at each size class that was run
 * @param pairs two contenders at one size class, both run
 * @param findings what is to be thought of before any of it is believed
 */
public record TrialResult(List<TrialLine> lines, List<Pair> pairs, List<Finding> findings) {
  /** Keeps its own copies. */
  public TrialResult {
    lines = List.copyOf(lines);
    pairs = List.copyOf(pairs);
    findings = List.copyOf(findings);
  }

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
     * @param over so many specks more, or milligrams by weight
     * @param chance that the sand's own gold, as the blank run tells it, is that much, or that the
     *     weights are off by that much; empty of specks without a blank run
     */
    record TooMuch(int contender, Cut cut, Basis basis, double over, OptionalDouble chance)
        implements Finding {}

    /** One run tells nothing of how runs differ. */
    record OneRun(int contender, Cut cut) implements Finding {}

    /** Nothing was won. */
    record NoneFound(int contender, Cut cut) implements Finding {}

    /** All was won: the range still has a low end. */
    record AllFound(int contender, Cut cut) implements Finding {}

    /** Repeats scatter more than specks explain: something else changed from run to run. */
    record Scattered(int contender, Cut cut, double chance) implements Finding {}

    /** The spike is lighter than the scale can weigh: by weight it tells little. */
    record TooLight(int contender, Cut cut, double mg, double sdMg) implements Finding {}

    /**
     * A tenth or more of the spike was found nowhere.
     *
     * @param much so many specks, or milligrams by weight
     */
    record Missing(int contender, Cut cut, Basis basis, double much) implements Finding {}
  }

  private static final double MUCH = 0.1;

  /** Reads a trial. */
  public static TrialResult of(Trial trial) {
    List<TrialLine> lines = new ArrayList<>();
    List<Finding> findings = new ArrayList<>();
    for (int contender = 0; contender < trial.plan().contenders().size(); contender++) {
      for (Cut cut : trial.plan().classes()) {
        Optional<TrialLine> line = TrialLine.of(trial, contender, cut);
        line.ifPresent(
            one -> {
              lines.add(one);
              find(one, findings);
              tooLight(trial, one).ifPresent(findings::add);
            });
      }
    }
    return new TrialResult(lines, pairs(lines), findings);
  }

  private static void find(TrialLine line, List<Finding> findings) {
    SpikeBack back = line.back();
    int contender = line.contender();
    Cut cut = line.cut();
    tooMuch(line).ifPresent(findings::add);
    missing(line).ifPresent(findings::add);
    if (back.won() == 0) {
      findings.add(new Finding.NoneFound(contender, cut));
    } else if (back.won() == back.in()) {
      findings.add(new Finding.AllFound(contender, cut));
    }
    if (line.repeats().isEmpty()) {
      findings.add(new Finding.OneRun(contender, cut));
    }
    line.repeats()
        .filter(Repeats::isMoreThanSpecks)
        .ifPresent(
            repeats -> findings.add(new Finding.Scattered(contender, cut, repeats.chance())));
  }

  private static Optional<Finding> tooMuch(TrialLine line) {
    if (line.basis() == Basis.WEIGHED) {
      return line.weighed()
          .filter(MassBack::isTooMuch)
          .map(
              mass ->
                  new Finding.TooMuch(
                      line.contender(),
                      line.cut(),
                      Basis.WEIGHED,
                      mass.overMg(),
                      OptionalDouble.of(mass.chanceOfOver())));
    }
    int over = line.back().won() + line.back().lost() - line.back().in();
    return line.back().isTooMuch()
        ? Optional.of(
            new Finding.TooMuch(
                line.contender(), line.cut(), Basis.COUNTED, over, chance(over, line.own())))
        : Optional.empty();
  }

  private static Optional<Finding> missing(TrialLine line) {
    if (line.basis() == Basis.WEIGHED) {
      return line.weighed()
          .filter(mass -> mass.missingMg() >= MUCH * mass.in().mg())
          .map(
              mass ->
                  new Finding.Missing(
                      line.contender(), line.cut(), Basis.WEIGHED, mass.missingMg()));
    }
    int specks = line.back().missing();
    return specks >= MUCH * line.back().in() && specks > 1
        ? Optional.of(new Finding.Missing(line.contender(), line.cut(), Basis.COUNTED, specks))
        : Optional.empty();
  }

  /** Counted specks need no weight. */
  private static Optional<Finding> tooLight(Trial trial, TrialLine line) {
    return line.basis() == Basis.COUNTED
        ? Optional.empty()
        : trial.runs().stream()
            .filter(run -> run.isLive() && run.contender() == line.contender())
            .flatMap(run -> run.spike(line.cut()).stream())
            .filter(Spike::isTooLight)
            .findFirst()
            .map(
                spike ->
                    new Finding.TooLight(
                        line.contender(), line.cut(), spike.mg().orElseThrow(), spike.sdMg()));
  }

  /** The chance that the sand has at least so much of its own. */
  private static OptionalDouble chance(int over, OptionalDouble own) {
    return own.isPresent() && own.getAsDouble() > 0
        ? OptionalDouble.of(
            1 - new PoissonDistribution(own.getAsDouble()).cumulativeProbability(over - 1))
        : own;
  }

  private static List<Pair> pairs(List<TrialLine> lines) {
    List<Pair> pairs = new ArrayList<>();
    for (TrialLine first : lines) {
      for (TrialLine second : lines) {
        if (first.contender() < second.contender() && first.cut().isSameSizes(second.cut())) {
          pairs.add(
              new Pair(
                  first.contender(),
                  second.contender(),
                  first.cut(),
                  compared(first.net(), second.net())));
        }
      }
    }
    return pairs;
  }

  private static Comparison compared(SpikeBack first, SpikeBack second) {
    return Comparison.of(
        Math.min(first.won(), first.in()),
        first.in(),
        Math.min(second.won(), second.in()),
        second.in());
  }

  /** What is to be thought of before a contender's result at a size class is believed. */
  public List<Finding> findings(int contender, Cut cut) {
    return findings.stream()
        .filter(one -> one.contender() == contender && one.cut().isSameSizes(cut))
        .toList();
  }

  /** The line of a contender at a size class. */
  public Optional<TrialLine> line(int contender, Cut cut) {
    return lines.stream()
        .filter(line -> line.contender() == contender && line.cut().isSameSizes(cut))
        .findFirst();
  }
}
