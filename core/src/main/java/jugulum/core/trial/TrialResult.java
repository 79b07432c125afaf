package jugulum.core.trial;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.IntStream;
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
  /** So seldom is any pair of a trial told apart where none of its machines differ. */
  public static final double BY_CHANCE = 0.05;

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

    /** So few runs do not tell how runs differ: the usual stands in ({@link RunScatter}). */
    record FewRuns(int contender, Cut cut) implements Finding {}

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
    List<Asked> asked = new ArrayList<>();
    for (Cut cut : trial.plan().classes()) {
      List<TrialLine> of =
          IntStream.range(0, trial.plan().contenders().size())
              .mapToObj(contender -> TrialLine.of(trial, contender, cut))
              .flatMap(Optional::stream)
              .toList();
      RunScatter scatter = scatter(of);
      List<TrialLine> scattered = of.stream().map(line -> line.scattered(scatter)).toList();
      lines.addAll(scattered);
      asked.addAll(asked(scattered, scatter));
      for (TrialLine line : scattered) {
        find(line, scatter, findings);
        tooLight(trial, line).ifPresent(findings::add);
      }
    }
    lines.sort(Comparator.comparingInt(TrialLine::contender));
    return new TrialResult(lines, pairs(asked), findings);
  }

  /** What all machines tell of how runs differ at a size. */
  private static RunScatter scatter(List<TrialLine> lines) {
    double specks = lines.stream().mapToDouble(line -> line.back().in()).sum();
    int runs = lines.stream().mapToInt(TrialLine::runs).sum();
    return RunScatter.of(
        lines.stream().flatMap(line -> line.repeats().stream()).toList(),
        runs == 0 ? 1 : Math.max(1, specks / runs));
  }

  private static void find(TrialLine line, RunScatter scatter, List<Finding> findings) {
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
    if (!scatter.isKnown()) {
      findings.add(new Finding.FewRuns(contender, cut));
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

  /** Two lines that are compared, and the chance that two alike come out as far apart. */
  private record Asked(TrialLine first, TrialLine second, RunScatter scatter, double chance) {
    static Asked of(TrialLine first, TrialLine second, RunScatter scatter) {
      SpikeBack one = first.net();
      SpikeBack two = second.net();
      return new Asked(
          first,
          second,
          scatter,
          ShareDifference.chance(won(one), one.in(), won(two), two.in(), scatter));
    }

    private static int won(SpikeBack back) {
      return Math.min(back.won(), back.in());
    }

    Pair compared(double confidence) {
      SpikeBack one = first.net();
      SpikeBack two = second.net();
      return new Pair(
          first.contender(),
          second.contender(),
          first.cut(),
          Comparison.of(won(one), one.in(), won(two), two.in(), scatter, confidence));
    }
  }

  private static List<Asked> asked(List<TrialLine> lines, RunScatter scatter) {
    List<Asked> asked = new ArrayList<>();
    for (int i = 0; i < lines.size(); i++) {
      for (TrialLine second : lines.subList(i + 1, lines.size())) {
        asked.add(Asked.of(lines.get(i), second, scatter));
      }
    }
    return asked;
  }

  /**
   * Of many pairs one always looks apart: each is held against what remains of the chance allowed
   * to all together, the clearest first, and from the first that is not apart on all against the
   * same. Source: S. Holm, Scandinavian Journal of Statistics 6 (1979) 65–70 (from memory).
   */
  private static List<Pair> pairs(List<Asked> asked) {
    List<Asked> clearest =
        asked.stream().sorted(Comparator.comparingDouble(Asked::chance)).toList();
    List<Pair> compared = new ArrayList<>();
    int left = asked.size();
    boolean areAllApart = true;
    for (Asked one : clearest) {
      double allowed = BY_CHANCE / left;
      compared.add(one.compared(1 - allowed));
      areAllApart = areAllApart && one.chance() <= allowed;
      left -= areAllApart ? 1 : 0;
    }
    compared.sort(
        Comparator.comparingInt(Pair::first)
            .thenComparing(Pair::cut, Cut.COARSE_FIRST)
            .thenComparingInt(Pair::second));
    return compared;
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
