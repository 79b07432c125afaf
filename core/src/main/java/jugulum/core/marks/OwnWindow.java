package jugulum.core.marks;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.ToDoubleFunction;
import jugulum.core.check.Band;
import jugulum.core.check.Check;
import jugulum.core.marks.MarkLook.Saw;
import org.hipparchus.distribution.continuous.TDistribution;
import org.hipparchus.stat.descriptive.StreamingStatistics;

/**
 * Where a bowl works for a cut, by one's own looks: between the flow at which its sand climbs (S)
 * and the highest without a speck (G).
 *
 * <p>Textbook: the 95 % range of a mean by Student's t. Used: S is the upper end of the range of
 * its mean over the ways up, so that sand surely leaves; of one way alone the flow of its first
 * thread. The aim is a third of the way from S to G: ours.
 *
 * @param marks what was looked at
 * @param state what they tell
 * @param climbs where a steady thread began, in L/min: its mean with its range; of one way alone
 *     sharp
 * @param clean G, in L/min: the highest flow at which, and below which, no speck was seen
 * @param stops where on the way down sand still left last, in L/min: below that it stands still
 */
public record OwnWindow(
    OwnMarks marks,
    State state,
    Optional<Band> climbs,
    OptionalDouble clean,
    OptionalDouble stops) {
  /** What looks can tell. */
  public enum State {
    /** No thread was seen yet. */
    OPEN,
    /** Sand leaves before gold does. */
    WINDOW,
    /** Gold goes as soon as sand does: magnet, tighter cut, smaller charge. */
    NONE
  }

  /**
   * How far from S to G one aims, as a share: ours.
   *
   * <p>Off by a half: how near to sand standing still a bowl is set.
   */
  private static final double AIM = 1 / 3.0;

  private static final double CONFIDENCE = 0.975;

  /** What looks tell. */
  public static OwnWindow of(OwnMarks marks) {
    StreamingStatistics threads = new StreamingStatistics();
    for (List<MarkLook> way : marks.ways()) {
      if (way.getFirst().isUp()) {
        way.stream()
            .filter(look -> look.saw().compareTo(Saw.THREAD) >= 0)
            .findFirst()
            .ifPresent(look -> threads.addValue(look.litresPerMinute()));
      }
    }
    OptionalDouble clean = clean(marks);
    if (threads.getN() == 0) {
      return new OwnWindow(marks, State.OPEN, Optional.empty(), clean, OptionalDouble.empty());
    }
    Band climbs = range(threads);
    boolean isOpen = clean.isPresent() && clean.getAsDouble() > climbs.high();
    return new OwnWindow(
        marks, isOpen ? State.WINDOW : State.NONE, Optional.of(climbs), clean, stops(marks));
  }

  private static Band range(StreamingStatistics threads) {
    if (threads.getN() < 2) {
      return Band.sharp(threads.getMean());
    }
    double t =
        new TDistribution((double) threads.getN() - 1).inverseCumulativeProbability(CONFIDENCE);
    double half = t * threads.getStandardDeviation() / Math.sqrt((double) threads.getN());
    return new Band(
        Math.max(0, threads.getMean() - half), threads.getMean(), threads.getMean() + half);
  }

  private static OptionalDouble clean(OwnMarks marks) {
    double lost =
        marks.looks().stream()
            .filter(look -> look.saw() == Saw.SPECK)
            .mapToDouble(MarkLook::litresPerMinute)
            .min()
            .orElse(Double.POSITIVE_INFINITY);
    return marks.looks().stream()
        .mapToDouble(MarkLook::litresPerMinute)
        .filter(flow -> flow < lost)
        .max();
  }

  private static OptionalDouble stops(OwnMarks marks) {
    return marks.ways().stream()
        .filter(way -> !way.getFirst().isUp())
        .flatMap(
            way ->
                way.stream()
                    .filter(look -> look.saw().compareTo(Saw.GRAINS) >= 0)
                    .reduce((_, later) -> later)
                    .stream())
        .mapToDouble(MarkLook::litresPerMinute)
        .average();
  }

  /** The flow to set, in L/min: S + (G − S)/3; empty where there is no window. */
  public OptionalDouble aim() {
    if (state != State.WINDOW) {
      return OptionalDouble.empty();
    }
    double from = climbs.orElseThrow().high();
    return OptionalDouble.of(from + (clean.orElseThrow() - from) * AIM);
  }

  /** The flows to stay between, aim in the middle, in L/min; empty where there is no window. */
  public Optional<Band> flow() {
    return aim().isPresent()
        ? Optional.of(
            new Band(climbs.orElseThrow().high(), aim().getAsDouble(), clean.orElseThrow()))
        : Optional.empty();
  }

  /** The water under the rim at the aim, in mm, by the looks on both sides of it. */
  public OptionalDouble rimMm() {
    List<MarkLook> measured =
        marks.looks().stream().filter(look -> look.rimMm().isPresent()).toList();
    return at(measured, look -> look.rimMm().orElseThrow());
  }

  /** How far the valve is open at the aim, in turns. */
  public OptionalDouble turns() {
    return at(marks.looks(), MarkLook::turns);
  }

  /**
   * How far the valve is open at a flow, in turns, by the looks on both sides of it; empty outside
   * of what was looked at.
   *
   * @param litresPerMinute 0 to 1,000
   */
  public OptionalDouble turnsAt(double litresPerMinute) {
    return at(
        marks.looks(), Check.inRange("litresPerMinute", litresPerMinute, 0, 1000), MarkLook::turns);
  }

  /** Between the nearest looks below and above, straight; empty where one of them is missing. */
  private OptionalDouble at(List<MarkLook> looks, ToDoubleFunction<MarkLook> what) {
    return aim().isPresent() ? at(looks, aim().getAsDouble(), what) : OptionalDouble.empty();
  }

  private static OptionalDouble at(
      List<MarkLook> looks, double flow, ToDoubleFunction<MarkLook> what) {
    OptionalDouble under = nearest(looks, flow, true, MarkLook::litresPerMinute);
    OptionalDouble over = nearest(looks, flow, false, MarkLook::litresPerMinute);
    if (under.isEmpty() || over.isEmpty()) {
      return OptionalDouble.empty();
    }
    double low = nearest(looks, flow, true, what).orElseThrow();
    double high = nearest(looks, flow, false, what).orElseThrow();
    double between = over.getAsDouble() - under.getAsDouble();
    return OptionalDouble.of(
        between > 0 ? low + (high - low) * (flow - under.getAsDouble()) / between : low);
  }

  /** The mean of what is told of the looks at the nearest flow on one side. */
  private static OptionalDouble nearest(
      List<MarkLook> looks, double flow, boolean isBelow, ToDoubleFunction<MarkLook> what) {
    OptionalDouble at =
        isBelow
            ? looks.stream().mapToDouble(MarkLook::litresPerMinute).filter(one -> one <= flow).max()
            : looks.stream()
                .mapToDouble(MarkLook::litresPerMinute)
                .filter(one -> one >= flow)
                .min();
    return at.isEmpty()
        ? at
        : looks.stream()
            .filter(look -> look.litresPerMinute() == at.getAsDouble())
            .mapToDouble(what)
            .average();
  }

  /**
   * The share of such gold that goes, at most, where none of so many specks went: 1 − 0.05^(1/n),
   * the exact binomial limit at 95 % (C. J. Clopper and E. S. Pearson, Biometrika 26 (1934)
   * 404–413).
   *
   * @param specks 1 to 1e6
   */
  public static double losesAtMost(int specks) {
    return 1 - Math.pow(0.05, 1 / Check.inRange("specks", specks, 1, 1e6));
  }
}
