package jugulum.core.ledger;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import jugulum.core.ledger.Measure.Running;
import jugulum.core.stream.Refusal;
import jugulum.core.stream.Refusal.Told;

/**
 * What must hold for starting and stopping a machine: it starts before it stops, and time does not
 * run backwards.
 */
final class RunRules {
  private RunRules() {}

  static Optional<Refusal> refusal(
      Network network, StepId id, Optional<ReadingId> replaced, Measure measure, Instant at) {
    Step step = network.batch().step(id).orElseThrow();
    return switch (measure) {
      case Running running -> running(step, replaced, running, at);
      case Measure.Charge _ when replaced.isEmpty() -> backwards(at, step);
      default -> Optional.empty();
    };
  }

  /** A charge is recorded when it goes in: a clock set back would put it before what came first. */
  private static Optional<Refusal> backwards(Instant at, Step step) {
    Instant last =
        step.live(Running.class).map(Reading::moment).reduce(step.startedAt(), RunRules::later);
    return at.isBefore(last)
        ? Optional.of(Refusal.of(Reason.TIME_BACKWARDS, new Told.Moment(at), new Told.Moment(last)))
        : Optional.empty();
  }

  private static Optional<Refusal> running(
      Step step, Optional<ReadingId> replaced, Running told, Instant at) {
    Instant moment = told.toldAt().orElse(at);
    if (moment.isAfter(at)) {
      return Optional.of(
          Refusal.of(Reason.TIME_NOT_YET, new Told.Moment(moment), new Told.Moment(at)));
    }
    List<Reading> order = new ArrayList<>(step.live(Running.class).toList());
    Reading added =
        new Reading(
            replaced.orElse(new ReadingId(Integer.MAX_VALUE)),
            at,
            told,
            Optional.empty(),
            Optional.empty());
    int place =
        replaced
            .map(id -> order.stream().map(Reading::id).toList().indexOf(id))
            .filter(index -> index >= 0)
            .orElse(order.size());
    if (place < order.size()) {
      order.set(place, added);
    } else {
      order.add(added);
    }
    return inOrder(step, order, added);
  }

  /**
   * A start or stop left over because its partner was struck changes nothing, and stands in
   * nobody's way.
   */
  private static Optional<Refusal> inOrder(Step step, List<Reading> order, Reading added) {
    boolean told =
        order.getFirst().measure() instanceof Running first && first.toldAt().isPresent();
    Instant before = told ? Instant.MIN : step.startedAt();
    Running.State state = Running.State.STOPPED;
    for (Reading one : order) {
      Running.State next = ((Running) one.measure()).state();
      if (next == state && one != added) {
        continue;
      }
      if (one.moment().isBefore(before)) {
        return Optional.of(
            Refusal.of(
                Reason.TIME_BACKWARDS, new Told.Moment(one.moment()), new Told.Moment(before)));
      }
      if (next == state) {
        return Optional.of(
            Refusal.of(
                next == Running.State.STARTED ? Reason.ALREADY_RUNNING : Reason.NOT_RUNNING));
      }
      before = one.moment();
      state = next;
    }
    return Optional.empty();
  }

  private static Instant later(Instant one, Instant other) {
    return one.isAfter(other) ? one : other;
  }
}
