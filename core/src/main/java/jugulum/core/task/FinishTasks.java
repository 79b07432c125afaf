package jugulum.core.task;

import java.util.List;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import jugulum.core.finish.Finishing;
import jugulum.core.ledger.FinishFact.Lifted;
import jugulum.core.ledger.FinishFact.Tool;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.Network;
import jugulum.core.ledger.Step;
import jugulum.core.task.Part.Ask;
import jugulum.core.task.Part.Unit;
import jugulum.core.task.Task.Kind;

/**
 * What is open while gold is finished: one step after the other, where somebody wants to be led.
 */
final class FinishTasks {
  private static final double SHORTEST_LIFT = 0.5;
  private static final double LONGEST_LIFT = 60;
  private static final double MOST_MG = 1e7;
  private static final int MOST_SPECKS = 1_000_000;

  /** Another turn, or no more. */
  enum Again {
    ANOTHER,
    NO_MORE
  }

  private FinishTasks() {}

  /** The next thing, alone: nothing is done beside it. */
  static List<Task> of(Network network, Step step) {
    Finishing so = Finishing.of(step);
    if (so.tool().isEmpty()) {
      return isWeighed(network, step) ? List.of() : List.of(tool(step));
    }
    return so.isLed() ? List.of(next(network, step, so)) : List.of();
  }

  /** Gold that is on the scale is finished. */
  private static boolean isWeighed(Network network, Step step) {
    return network
        .output(step, Material.GOLD)
        .filter(gold -> gold.live(Measure.GoldWeight.class).findAny().isPresent())
        .isPresent();
  }

  private static Task tool(Step step) {
    return Task.onStep(
        Kind.FINISH_TOOL,
        step.id(),
        choice(Ask.TOOL, Tool.values())
            .optional()
            .usually(OptionalDouble.of(Tool.BY_HAND.ordinal() + 1.0)));
  }

  private static Task next(Network network, Step step, Finishing so) {
    if (!so.isBegun()) {
      return Task.onStep(Kind.FINISH_AGAIN, step.id(), choice(Ask.AGAIN, Again.values()));
    }
    return so.next()
        .map(
            act ->
                Task.onStep(
                    Kind.FINISH_ACT,
                    step.id(),
                    Part.needed(Ask.ACT, Unit.YES, 1, 1).of(act.name())))
        .orElseGet(() -> so.isToLift() ? lift(network, step) : turn(step));
  }

  private static Task lift(Network network, Step step) {
    return Task.onStep(
        Kind.FINISH_LIFT,
        step.id(),
        Part.needed(Ask.LIFT, Unit.DIAL, SHORTEST_LIFT, LONGEST_LIFT)
            .optional()
            .usually(OptionalDouble.of(Finishing.liftSeconds(network, step))),
        choice(Ask.LIFTED_SAW, Lifted.values()));
  }

  private static Task turn(Step step) {
    return Task.onStep(
        Kind.FINISH_TURN,
        step.id(),
        Part.needed(Ask.TURN_GOLD, Unit.GOLD, 0, MOST_MG),
        Part.needed(Ask.SPECKS, Unit.COUNT, 0, MOST_SPECKS).optional());
  }

  private static Part choice(Ask ask, Enum<?>[] all) {
    return Part.needed(ask, Unit.CHOICE, 1, all.length)
        .from(Stream.of(all).map(Enum::name).toList());
  }
}
