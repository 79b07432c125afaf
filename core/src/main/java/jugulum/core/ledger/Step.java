package jugulum.core.ledger;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;

/**
 * One piece of work: it takes lots and makes lots.
 *
 * @param id its number within the batch
 * @param process what was done
 * @param inputs the lots it took, each wholly; empty only for receiving
 * @param outputs the lots it made
 * @param readings readings on the work itself, struck ones included
 * @param notes remarks, in order
 * @param startedAt when it was started
 * @param finishedAt when it was called done
 * @param withdrawn set when it was taken by mistake; its lots then do not count either
 */
public record Step(
    StepId id,
    Process process,
    List<LotId> inputs,
    List<LotId> outputs,
    List<Reading> readings,
    List<Note> notes,
    Instant startedAt,
    Optional<Instant> finishedAt,
    Optional<Struck> withdrawn) {

  /** Keeps its own copies of the lists. */
  public Step {
    inputs = List.copyOf(inputs);
    outputs = List.copyOf(outputs);
    readings = List.copyOf(readings);
    notes = List.copyOf(notes);
  }

  /** Whether it counts. */
  public boolean isLive() {
    return withdrawn.isEmpty();
  }

  /** The passes that count, in order. */
  public List<Measure.Pass> passes() {
    return live(Measure.Pass.class).map(reading -> (Measure.Pass) reading.measure()).toList();
  }

  /**
   * What its passes have gathered on the heap of magnetics so far, in grams; empty before the first
   * pass.
   */
  public OptionalDouble heapG() {
    OptionalDouble heap = OptionalDouble.empty();
    for (Measure.Pass pass : passes()) {
      heap =
          OptionalDouble.of(
              switch (pass.from()) {
                case SAND -> heap.orElse(0) + pass.keptG();
                case HEAP -> pass.keptG();
              });
    }
    return heap;
  }

  /**
   * What each stage of the magnet caught, in specks, for an estimate of what is still caught.
   * Passes over the sand trap gold anew, so the count begins with the last of them; several in a
   * row are one stage.
   *
   * @param speckMg the mean mass of a speck, in milligrams, for catches that were weighed
   */
  public List<Double> catches(double speckMg) {
    List<Double> catches = new ArrayList<>();
    Optional<Measure.Pass.From> before = Optional.empty();
    for (Measure.Pass pass : passes()) {
      boolean sand = pass.from() == Measure.Pass.From.SAND;
      boolean again = sand && before.equals(Optional.of(Measure.Pass.From.SAND));
      if (sand && !again) {
        catches.clear();
      }
      catches.add(pass.catchSpecks(speckMg) + (again ? catches.removeLast() : 0));
      before = Optional.of(pass.from());
    }
    return catches;
  }

  /** The readings of one kind that count, in order. */
  public Stream<Reading> live(Class<? extends Measure> kind) {
    return readings.stream()
        .filter(Reading::isLive)
        .filter(reading -> kind.isInstance(reading.measure()));
  }

  /** What was laid into its machine so far and weighed, in grams, 0 or more. */
  public double laidInG() {
    return live(Measure.Charge.class)
        .mapToDouble(reading -> ((Measure.Charge) reading.measure()).grams().orElse(0))
        .sum();
  }

  /** How a dial was set last; empty where nobody said. */
  public OptionalDouble setting(String dial) {
    return live(Measure.Setting.class)
        .map(reading -> (Measure.Setting) reading.measure())
        .filter(setting -> setting.dial().equals(dial))
        .mapToDouble(Measure.Setting::value)
        .reduce((_, later) -> later);
  }

  Step with(UnaryOperator<List<Reading>> change) {
    return new Step(
        id,
        process,
        inputs,
        outputs,
        change.apply(new ArrayList<>(readings)),
        notes,
        startedAt,
        finishedAt,
        withdrawn);
  }

  Step withOutput(LotId lot) {
    return new Step(
        id,
        process,
        inputs,
        append(outputs, lot),
        readings,
        notes,
        startedAt,
        finishedAt,
        withdrawn);
  }

  Step withNote(Note note) {
    return new Step(
        id,
        process,
        inputs,
        outputs,
        readings,
        append(notes, note),
        startedAt,
        finishedAt,
        withdrawn);
  }

  Step finished(Optional<Instant> when) {
    return new Step(id, process, inputs, outputs, readings, notes, startedAt, when, withdrawn);
  }

  Step withdrawn(Struck how) {
    return new Step(
        id, process, inputs, outputs, readings, notes, startedAt, finishedAt, Optional.of(how));
  }

  private static <T> List<T> append(List<T> list, T item) {
    return Stream.concat(list.stream(), Stream.of(item)).toList();
  }
}
