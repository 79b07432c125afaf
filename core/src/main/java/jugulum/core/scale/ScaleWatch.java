package jugulum.core.scale;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import jugulum.core.scale.Calm.Sample;
import jugulum.core.weighing.Container;

/**
 * What a scale has said lately, and what that means for whoever weighs on it. Each line heard makes
 * another; nothing is ever guessed from a line that was not understood.
 */
public final class ScaleWatch {
  /** A difference of exactly one step is one step, whatever the last bit of its numbers. */
  static final double ROUNDING = 1.000001;

  /** Drift is told over that time. */
  private static final Duration REMEMBERED = Duration.ofSeconds(10);

  /** A scale that sends always and has not for so long is silent. */
  private static final Duration SILENT = Duration.ofSeconds(2);

  private final ScaleRules rules;
  private final List<Sample> samples;
  private final Optional<Heard> fault;
  private final OptionalDouble zeroG;
  private final OptionalDouble zeroMovedG;
  private final Optional<Container> pan;
  private final OptionalDouble takenG;
  private final boolean isNet;
  private final boolean fromEmpty;

  private ScaleWatch(
      ScaleRules rules,
      List<Sample> samples,
      Optional<Heard> fault,
      OptionalDouble zeroG,
      OptionalDouble zeroMovedG,
      Optional<Container> pan,
      OptionalDouble takenG,
      boolean isNet,
      boolean fromEmpty) {
    this.rules = rules;
    this.samples = samples;
    this.fault = fault;
    this.zeroG = zeroG;
    this.zeroMovedG = zeroMovedG;
    this.pan = pan;
    this.takenG = takenG;
    this.isNet = isNet;
    this.fromEmpty = fromEmpty;
  }

  /** Before the first line. */
  public static ScaleWatch of(ScaleRules rules) {
    return new ScaleWatch(
        rules,
        List.of(),
        Optional.empty(),
        OptionalDouble.empty(),
        OptionalDouble.empty(),
        Optional.empty(),
        OptionalDouble.empty(),
        false,
        false);
  }

  /** What is known of the scale. */
  public ScaleRules rules() {
    return rules;
  }

  /** The same with other containers beside it, or another step. */
  public ScaleWatch with(ScaleRules other) {
    return new ScaleWatch(other, samples, fault, zeroG, zeroMovedG, pan, takenG, isNet, fromEmpty);
  }

  /**
   * After a line was heard.
   *
   * @param at when; not before the line heard last
   */
  public ScaleWatch hear(Instant at, Heard heard) {
    return switch (heard) {
      case Heard.Weight weight -> weigh(at, weight);
      case Heard.NoWeight _ -> faulty(heard, List.of());
      case Heard.Half _, Heard.Strange _, Heard.Garbled _ -> faulty(heard, samples);
    };
  }

  /** After the line to the scale broke off: what came before says nothing of what comes after. */
  public ScaleWatch lost() {
    return new ScaleWatch(
        rules,
        List.of(),
        Optional.empty(),
        zeroG,
        OptionalDouble.empty(),
        Optional.empty(),
        OptionalDouble.empty(),
        false,
        false);
  }

  /** After the load on it was taken: it is not ready again before another load stands. */
  public ScaleWatch taken() {
    OptionalDouble load = samples.isEmpty() ? OptionalDouble.empty() : OptionalDouble.of(restG());
    return new ScaleWatch(rules, samples, fault, zeroG, zeroMovedG, pan, load, isNet, fromEmpty);
  }

  /** The container known by its weight is not the one; its weight was the load itself. */
  public ScaleWatch withoutPan() {
    return new ScaleWatch(
        rules, samples, fault, zeroG, zeroMovedG, Optional.empty(), takenG, isNet, false);
  }

  private ScaleWatch faulty(Heard heard, List<Sample> kept) {
    return new ScaleWatch(
        rules, kept, Optional.of(heard), zeroG, zeroMovedG, pan, takenG, isNet, fromEmpty);
  }

  private ScaleWatch weigh(Instant at, Heard.Weight weight) {
    List<Sample> kept = new ArrayList<>(samples.size() + 1);
    boolean wasSilent =
        rules.sends() == Sends.ALWAYS
            && !samples.isEmpty()
            && samples.getLast().at().isBefore(at.minus(SILENT));
    if (!wasSilent) {
      samples.stream().filter(one -> !one.at().isBefore(at.minus(REMEMBERED))).forEach(kept::add);
    }
    kept.add(new Sample(at, weight.grams(), weight.steady()));
    boolean leftTheLoad =
        takenG.isPresent()
            && Math.abs(weight.grams() - takenG.getAsDouble())
                > ScaleRules.KNOWN_WITHIN_STEPS * rules.stepG() * ROUNDING;
    ScaleWatch next =
        new ScaleWatch(
            rules,
            List.copyOf(kept),
            Optional.empty(),
            zeroG,
            zeroMovedG,
            pan,
            leftTheLoad ? OptionalDouble.empty() : takenG,
            weight.isNet(),
            fromEmpty);
    return next.isSteady() ? next.atRest() : next;
  }

  private ScaleWatch atRest() {
    double rest = restG();
    if (rules.isEmpty(rest)) {
      OptionalDouble moved =
          zeroG.isPresent() && !fromEmpty
              ? OptionalDouble.of(rest - zeroG.getAsDouble())
              : zeroMovedG;
      return new ScaleWatch(
          rules,
          samples,
          fault,
          OptionalDouble.of(rest),
          moved,
          Optional.empty(),
          OptionalDouble.empty(),
          isNet,
          true);
    }
    Optional<Container> known = fromEmpty && !isNet ? rules.known(rest) : Optional.empty();
    return new ScaleWatch(
        rules, samples, fault, zeroG, zeroMovedG, known.or(() -> pan), takenG, isNet, false);
  }

  private boolean isSteady() {
    if (samples.isEmpty()) {
      return false;
    }
    Sample last = samples.getLast();
    return switch (last.told()) {
      case NO -> false;
      case YES -> rules.sends() != Sends.ALWAYS || twiceTheSame(last);
      case NOT_TOLD -> rules.sends() == Sends.ON_KEY || Calm.share(samples, rules.stepG()) >= 1;
    };
  }

  /**
   * A scale that says so itself says it twice before it is believed: one line can be half of one.
   */
  private boolean twiceTheSame(Sample last) {
    if (samples.size() < 2) {
      return false;
    }
    Sample before = samples.get(samples.size() - 2);
    return before.told() == Heard.Steady.YES
        && Math.abs(before.grams() - last.grams()) <= rules.stepG() * ROUNDING;
  }

  /** What stands on it, in grams, while it is steady; else what it said last. */
  private double restG() {
    return samples.getLast().told() == Heard.Steady.NOT_TOLD && rules.sends() == Sends.ALWAYS
        ? Calm.median(samples)
        : samples.getLast().grams();
  }

  /** What the zero of the scale was last, in grams; empty until it stood empty. */
  public OptionalDouble zeroG() {
    return zeroG;
  }

  /** How far its zero had moved when the last load was off, in grams. */
  public OptionalDouble zeroMovedG() {
    return zeroMovedG;
  }

  /** The container that stands on it, known by its weight. */
  public Optional<Container> pan() {
    return pan;
  }

  /** What there is to see at a moment. */
  public ScaleView at(Instant now) {
    if (fault.isPresent()) {
      return ScaleView.fault(fault.get());
    }
    if (samples.isEmpty()
        || rules.sends() == Sends.ALWAYS && samples.getLast().at().isBefore(now.minus(SILENT))) {
      return ScaleView.SILENT;
    }
    boolean steady = isSteady();
    double grams = steady ? restG() : samples.getLast().grams();
    double pans = pan.map(Container::tareG).orElse(0.0);
    ScaleView.State state = state(grams, steady);
    boolean isPanAlone = rules.known(grams).equals(pan) && pan.isPresent();
    boolean ready = state == ScaleView.State.STEADY && !isPanAlone && takenG.isEmpty() && grams > 0;
    double calm = steady ? 1 : Calm.share(samples, rules.stepG());
    return new ScaleView(
        state, grams, grams - pans, isNet, pan, calm, ready, driftG(steady), Optional.empty());
  }

  private ScaleView.State state(double grams, boolean steady) {
    if (grams > rules.capacityG()) {
      return ScaleView.State.OVER;
    }
    if (!steady) {
      return ScaleView.State.MOVING;
    }
    return rules.isEmpty(grams) ? ScaleView.State.EMPTY : ScaleView.State.STEADY;
  }

  /** The change over ten seconds under one load. */
  private OptionalDouble driftG(boolean steady) {
    Sample first = samples.getFirst();
    boolean tenSeconds =
        !first.at().isAfter(samples.getLast().at().minus(REMEMBERED.minus(ScaleRules.REST)));
    double change = samples.getLast().grams() - first.grams();
    return steady && tenSeconds && Math.abs(change) <= DRIFT_STEPS * rules.stepG()
        ? OptionalDouble.of(change)
        : OptionalDouble.empty();
  }

  /** More than that in ten seconds is another load, no drift. */
  private static final int DRIFT_STEPS = 20;
}
