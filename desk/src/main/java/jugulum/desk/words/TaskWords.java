package jugulum.desk.words;

import jugulum.core.ledger.FinishFact.Act;
import jugulum.core.ledger.FinishFact.Lifted;
import jugulum.core.ledger.FinishFact.Tool;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Measure.Smelt.Collector;
import jugulum.core.ledger.Measure.VisibleGold;
import jugulum.core.ledger.MeltFact.Stop;
import jugulum.core.ledger.Network;
import jugulum.core.ledger.StepId;
import jugulum.core.marks.OwnMarks;
import jugulum.core.task.Part;
import jugulum.core.task.Task;

/** Says what is open in a batch. */
public final class TaskWords {
  private TaskWords() {}

  /** What is to be done, with what it belongs to. */
  public static String text(Words words, Task task, Network network) {
    String what = subject(words, task, network);
    return switch (task.kind()) {
      case BEGIN -> words.of("task.BEGIN", what, RouteWords.does(words, task));
      case FINISH_ACT -> words.of("task.FINISH_ACT", what, ask(words, task.parts().getFirst()));
      case MELT_STOP -> words.of("task.MELT_STOP", what, ask(words, task.parts().getFirst()));
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

  /** What is asked for. */
  public static String ask(Words words, Part part) {
    return switch (part.ask()) {
      case SETTING -> words.of("hands.ask.SETTING", SheetWords.dial(words, part.name()));
      case CHECKED -> SheetWords.check(words, part.name());
      case STOP -> words.of("melt.stop", Stop.valueOf(part.name()));
      case ACT -> words.of("finish.act", Act.valueOf(part.name()));
      default -> words.of("hands.ask", part.ask());
    };
  }

  /** What is to be done where nothing is to be typed. */
  public static String act(Words words, Task task) {
    return task.kind() == Task.Kind.BEGIN
        ? words.of("hands.do.BEGIN", RouteWords.does(words, task))
        : words.of("hands.do." + task.kind());
  }

  /** What to mind when that is asked; empty where there is nothing. */
  public static String hint(Words words, Part part) {
    String usual = part.usual().isPresent() ? words.plain(part.usual().getAsDouble()) : "";
    return part.ask() == Part.Ask.ACT
        ? words.of(
            "finish.how", Act.valueOf(part.name()), words.plain(OwnMarks.WITHOUT_SAND_MINUTES))
        : hint(words, "hands.hint." + part.ask(), usual);
  }

  /** The same of what is done. */
  public static String hint(Words words, Task task) {
    return hint(words, "hands.mind." + task.kind(), MarkWords.runOn(words));
  }

  private static String hint(Words words, String key, String usual) {
    return words.has(key) ? words.of(key, usual) : "";
  }

  /** One of the things to choose from, by its place in the list. */
  public static String choice(Words words, Part part, int place) {
    String name = part.choices().get(place);
    return switch (part.ask()) {
      case COLLECTOR -> words.of("collector", Collector.valueOf(name));
      case VISIBLE -> words.of("visible", VisibleGold.State.valueOf(name));
      case TOOL -> words.of("finish.tool", Tool.valueOf(name));
      case LIFTED_SAW -> words.of("finish.saw", Lifted.valueOf(name));
      case AGAIN -> words.of("finish.again." + name);
      default -> name;
    };
  }

  /** What it belongs to: a lot, a step or the batch. */
  public static String subject(Words words, Task task, Network network) {
    return switch (task.subject()) {
      case Task.Subject.OfBatch _ -> network.batch().label().name();
      case Task.Subject.OfLot(LotId lot) ->
          network.lot(lot).map(one -> Sentences.lot(words, one)).orElse("");
      case Task.Subject.OfMelt(LotId lot, int crucible) ->
          network.lot(lot).map(one -> melt(words, one, crucible)).orElse("");
      case Task.Subject.OfStep(StepId step) ->
          network.batch().step(step).map(one -> Sentences.step(words, one, network)).orElse("");
    };
  }

  private static String melt(Words words, Lot lot, int crucible) {
    String name = Sentences.lot(words, lot);
    return crucible == 0
        ? words.of("melt.of", name)
        : words.of("melt.crucible", name, Integer.toString(crucible));
  }
}
