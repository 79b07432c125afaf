package jugulum.core.ledger;

import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;

/**
 * Everything recorded of one batch: an acyclic network of lots and steps. Immutable; {@link Ledger}
 * makes the next from an edit.
 *
 * @param id the batch
 * @param label what is written on the bucket
 * @param assumptions what is taken as given
 * @param lots all lots, in the order made, those of withdrawn steps included
 * @param steps all steps, in the order taken, withdrawn ones included
 * @param closed whether the job is done and nothing more may be recorded
 * @param route the way it is meant to go; empty where nobody chose one, and in older books
 */
public record Batch(
    BatchId id,
    Label label,
    Assumptions assumptions,
    List<Lot> lots,
    List<Step> steps,
    boolean closed,
    Optional<Route> route) {
  /** Keeps its own copies of the lists. */
  public Batch {
    lots = List.copyOf(lots);
    steps = List.copyOf(steps);
  }

  /** The lot of that number. */
  public Optional<Lot> lot(LotId id) {
    return lots.stream().filter(lot -> lot.id().equals(id)).findFirst();
  }

  /** The step of that number. */
  public Optional<Step> step(StepId id) {
    return steps.stream().filter(step -> step.id().equals(id)).findFirst();
  }

  /** The number the next step will have. */
  public StepId nextStep() {
    return new StepId(steps.stream().mapToInt(step -> step.id().number()).max().orElse(0) + 1);
  }

  /** Every reading, on lots and then on steps, struck ones included. */
  public Stream<Reading> readings() {
    return Stream.concat(
        lots.stream().flatMap(lot -> lot.readings().stream()),
        steps.stream().flatMap(step -> step.readings().stream()));
  }

  /** What it was put together of; empty for a batch that is no pool. */
  public Optional<Measure.PoolOf> pool() {
    return lots.stream()
        .filter(lot -> lot.material() == Material.FEED)
        .flatMap(lot -> lot.latest(Measure.PoolOf.class).stream())
        .findFirst();
  }

  Batch withLabel(Label other) {
    return new Batch(id, other, assumptions, lots, steps, closed, route);
  }

  Batch withAssumptions(Assumptions other) {
    return new Batch(id, label, other, lots, steps, closed, route);
  }

  Batch withClosed(boolean now) {
    return new Batch(id, label, assumptions, lots, steps, now, route);
  }

  Batch withRoute(Optional<Route> other) {
    return new Batch(id, label, assumptions, lots, steps, closed, other);
  }

  Batch withLots(UnaryOperator<List<Lot>> change) {
    return new Batch(id, label, assumptions, change.apply(lots), steps, closed, route);
  }

  Batch withSteps(UnaryOperator<List<Step>> change) {
    return new Batch(id, label, assumptions, lots, change.apply(steps), closed, route);
  }

  Batch with(Lot changed) {
    return withLots(
        all -> all.stream().map(lot -> lot.id().equals(changed.id()) ? changed : lot).toList());
  }

  Batch with(Step changed) {
    return withSteps(
        all -> all.stream().map(step -> step.id().equals(changed.id()) ? changed : step).toList());
  }
}
