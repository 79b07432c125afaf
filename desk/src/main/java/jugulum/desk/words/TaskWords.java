package jugulum.desk.words;

import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Network;
import jugulum.core.ledger.StepId;
import jugulum.core.task.Task;

/** Says what is open in a batch. */
public final class TaskWords {
  private TaskWords() {}

  /** What is to be done, with what it belongs to. */
  public static String text(Words words, Task task, Network network) {
    String what = subject(words, task, network);
    return switch (task.kind()) {
      case BEGIN -> words.of("task.BEGIN", what, RouteWords.does(words, task));
      case CHECK, SET -> words.of("task", task.kind(), what, detail(words, task));
      default -> words.of("task", task.kind(), what);
    };
  }

  private static String detail(Words words, Task task) {
    String name = task.parts().getFirst().name();
    return task.kind() == Task.Kind.SET
        ? SheetWords.dial(words, name)
        : SheetWords.check(words, name);
  }

  /** What it belongs to: a lot, a step or the batch. */
  public static String subject(Words words, Task task, Network network) {
    return switch (task.subject()) {
      case Task.Subject.OfBatch _ -> network.batch().label().name();
      case Task.Subject.OfLot(LotId lot) ->
          network.lot(lot).map(one -> Sentences.lot(words, one)).orElse("");
      case Task.Subject.OfStep(StepId step) ->
          network.batch().step(step).map(one -> Sentences.step(words, one, network)).orElse("");
    };
  }
}
