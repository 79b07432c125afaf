package jugulum.desk.words;

import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Network;
import jugulum.core.ledger.StepId;
import jugulum.core.task.Task;

/** Says what is open in a batch. */
public final class TaskWords {
  private TaskWords() {}

  /** What is to be done, with what it belongs to. */
  public static String text(Task task, Network network) {
    String what = subject(task, network);
    return switch (task.kind()) {
      case BEGIN -> Words.of("task.BEGIN", what, RouteWords.does(task.leg().orElseThrow().does()));
      case CHECK, SET -> Words.of("task", task.kind(), what, detail(task));
      default -> Words.of("task", task.kind(), what);
    };
  }

  private static String detail(Task task) {
    String name = task.parts().getFirst().name();
    return task.kind() == Task.Kind.SET ? SheetWords.dial(name) : SheetWords.check(name);
  }

  private static String subject(Task task, Network network) {
    return switch (task.subject()) {
      case Task.Subject.OfBatch _ -> network.batch().label().name();
      case Task.Subject.OfLot(LotId lot) -> network.lot(lot).map(Sentences::lot).orElse("");
      case Task.Subject.OfStep(StepId step) ->
          network.batch().step(step).map(one -> Sentences.step(one, network)).orElse("");
    };
  }
}
