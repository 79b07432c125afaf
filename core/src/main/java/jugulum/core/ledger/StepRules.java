package jugulum.core.ledger;

import java.util.List;
import java.util.Optional;
import jugulum.core.screens.Cut;
import jugulum.core.screens.Screen;
import jugulum.core.stream.Refusal;
import jugulum.core.stream.Refusal.Told;

/** What must hold for a step to be taken or withdrawn. */
final class StepRules {
  private StepRules() {}

  static Optional<Refusal> missing(Batch batch, StepId id) {
    boolean there = batch.step(id).filter(Step::isLive).isPresent();
    return there ? Optional.empty() : Optional.of(Refusal.of(Reason.NO_SUCH_STEP));
  }

  static Optional<Refusal> refusal(Network network, Edit.TakeStep take) {
    for (LotId input : take.inputs()) {
      if (network.lot(input).isEmpty()) {
        return Optional.of(Refusal.of(Reason.NO_SUCH_LOT));
      }
      if (network.taker(input).isPresent()
          || take.inputs().indexOf(input) != take.inputs().lastIndexOf(input)) {
        return Optional.of(Refusal.of(Reason.LOT_ALREADY_TAKEN));
      }
      Optional<Refusal> gone = network.lot(input).flatMap(StepRules::gone);
      if (gone.isPresent()) {
        return gone;
      }
    }
    if (take.inputs().isEmpty() && !(take.process() instanceof Process.Receive)) {
      return Optional.of(Refusal.of(Reason.NO_INPUT));
    }
    if (take.outputs().isEmpty()) {
      return Optional.of(Refusal.of(Reason.NO_OUTPUT));
    }
    return switch (take.process()) {
      case Process.Screening(List<Screen> stack, var _) ->
          screens(stack, network.lots(take.inputs()));
      case Process.Merging _ when take.inputs().size() < 2 ->
          Optional.of(Refusal.of(Reason.MERGE_NEEDS_TWO));
      case Process.Splitting _ when take.outputs().size() < 2 ->
          Optional.of(Refusal.of(Reason.SPLIT_NEEDS_TWO));
      default -> Optional.empty();
    };
  }

  /** Why nothing can be done with a lot any more. */
  static Optional<Refusal> gone(Lot lot) {
    return lot.latest(Measure.Pooled.class)
        .map(pooled -> Refusal.of(Reason.LOT_POOLED, new Told.Words(pooled.name())))
        .or(() -> lot.latest(Measure.Discarded.class).map(_ -> Refusal.of(Reason.LOT_DISCARDED)));
  }

  private static Optional<Refusal> screens(List<Screen> stack, List<Lot> feeds) {
    if (stack.isEmpty()) {
      return Optional.of(Refusal.of(Reason.SCREENS_MISSING));
    }
    Cut feed = feeds.stream().map(Lot::cut).reduce(Cut::spanning).orElse(Cut.ALL);
    for (int i = 0; i < stack.size(); i++) {
      Screen screen = stack.get(i);
      if (!(screen.openingMm() > feed.lowerMm() && screen.openingMm() < feed.upperMm())) {
        return Optional.of(Refusal.of(Reason.SCREEN_OUTSIDE_FEED, new Told.Words(screen.label())));
      }
      if (i > 0 && !(screen.openingMm() < stack.get(i - 1).openingMm())) {
        return Optional.of(Refusal.of(Reason.SCREENS_OUT_OF_ORDER, new Told.Words(screen.label())));
      }
    }
    return Optional.empty();
  }

  static Optional<Refusal> refusal(Network network, Edit.WithdrawStep withdraw) {
    Optional<Step> step =
        network.steps().stream().filter(one -> one.id().equals(withdraw.step())).findFirst();
    if (step.isEmpty()) {
      return Optional.of(Refusal.of(Reason.NO_SUCH_STEP));
    }
    if (withdraw.reason().isBlank()) {
      return Optional.of(Refusal.of(Reason.REASON_MISSING));
    }
    if (step.get().process() instanceof Process.Receive) {
      return Optional.of(Refusal.of(Reason.FEED_CANNOT_BE_WITHDRAWN));
    }
    boolean used = step.get().outputs().stream().anyMatch(lot -> network.taker(lot).isPresent());
    return used ? Optional.of(Refusal.of(Reason.OUTPUT_IN_USE)) : Optional.empty();
  }
}
