package jugulum.core.task;

import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Function;
import jugulum.core.finish.Finishing;
import jugulum.core.ledger.FinishFact;
import jugulum.core.ledger.FinishFact.Act;
import jugulum.core.ledger.FinishFact.Lifted;
import jugulum.core.ledger.FinishFact.Tool;
import jugulum.core.ledger.StepId;
import jugulum.core.task.FinishTasks.Again;
import jugulum.core.units.Typing;

/**
 * What is typed while gold is finished as a fact; that each part can be read was asked before.
 *
 * @param answers with the units of what is typed
 */
record FinishAnswers(Answers answers) {
  FinishFact fact(Task task, Function<Integer, Optional<String>> told) {
    return switch (task.kind()) {
      case FINISH_TOOL -> new FinishFact.On(Tool.values()[place(task, 0, told)]);
      case FINISH_ACT -> new FinishFact.Did(Act.valueOf(task.parts().getFirst().name()));
      case FINISH_LIFT ->
          new FinishFact.Lift(seconds(task, told), Lifted.values()[place(task, 1, told)]);
      case FINISH_TURN ->
          new FinishFact.Turn(
              Answers.understood(answers.littleMg(told.apply(0).orElseThrow())),
              OptionalDouble.empty(),
              Answers.count(told.apply(1)));
      case FINISH_AGAIN ->
          Again.values()[place(task, 0, told)] == Again.NO_MORE
              ? new FinishFact.Over()
              : new FinishFact.On(tool(task));
      default -> throw new IllegalArgumentException(task.kind() + " belongs to no finishing");
    };
  }

  private static int place(Task task, int part, Function<Integer, Optional<String>> told) {
    Part choice = task.parts().get(part);
    return told.apply(part)
        .map(text -> Answers.understood(Answers.choice(choice, text)))
        .orElseGet(() -> (int) choice.usual().orElseThrow() - 1);
  }

  private static double seconds(Task task, Function<Integer, Optional<String>> told) {
    Part part = task.parts().getFirst();
    return told.apply(0)
        .map(text -> Answers.understood(Typing.number(text, part.low(), part.high())))
        .orElseGet(() -> part.usual().orElseThrow());
  }

  private Tool tool(Task task) {
    StepId step = ((Task.Subject.OfStep) task.subject()).step();
    return answers
        .worked()
        .batch()
        .step(step)
        .flatMap(now -> Finishing.of(now).tool())
        .orElseThrow();
  }
}
