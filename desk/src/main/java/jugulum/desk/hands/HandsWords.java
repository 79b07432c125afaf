package jugulum.desk.hands;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import jugulum.core.account.Worked;
import jugulum.core.ledger.Route;
import jugulum.core.scale.ScaleView;
import jugulum.core.shop.Shop;
import jugulum.core.task.OneByOne;
import jugulum.core.task.Part;
import jugulum.core.task.Routes;
import jugulum.core.task.Task;
import jugulum.desk.words.Figures;
import jugulum.desk.words.RouteWords;
import jugulum.desk.words.TaskWords;
import jugulum.desk.words.Words;

/** What bench mode says. */
final class HandsWords {
  /** Less than so many steps is what any scale does. */
  private static final double MOVED_STEPS = 1.5;

  private HandsWords() {}

  /** What the question is about: a lot, a step or the batch. */
  static String about(Words words, OneByOne asking, Worked worked) {
    return asking
        .asked()
        .map(task -> TaskWords.subject(words, task, worked.network()))
        .orElseGet(() -> worked.batch().label().name());
  }

  /** The question. */
  static String question(Words words, OneByOne asking) {
    return asking
        .asked()
        .map(
            task ->
                asked(asking, task)
                    .map(part -> TaskWords.ask(words, part))
                    .orElseGet(() -> TaskWords.act(words, task)))
        .orElseGet(() -> words.of("hands.nothing"));
  }

  /** While an answer is being written its last part stands. */
  private static Optional<Part> asked(OneByOne asking, Task task) {
    return asking.part().or(() -> task.parts().stream().reduce((_, later) -> later));
  }

  /** What to mind; empty where there is nothing. */
  static String hint(Words words, OneByOne asking) {
    return asking
        .part()
        .map(part -> TaskWords.hint(words, part))
        .or(() -> asking.asked().map(task -> TaskWords.hint(words, task)))
        .orElse("");
  }

  /** What there is to choose from, each with its number. */
  static String choices(Words words, Part part, Shop shop) {
    List<Route> routes = Routes.toChoose(shop);
    return IntStream.range(0, part.choices().size())
        .mapToObj(
            i ->
                words.of(
                    "hands.choice",
                    Integer.toString(i + 1),
                    part.ask() == Part.Ask.ROUTE
                        ? RouteWords.name(words, routes.get(i))
                        : TaskWords.choice(words, part, i)))
        .collect(Collectors.joining("\n"));
  }

  /** What is on the scale, and what is taken off it; before that, what moved that should not. */
  static String onTheScale(
      Figures figures, ScaleView seen, double stepG, OptionalDouble zeroMovedG) {
    String moved = moved(figures, seen, stepG, zeroMovedG);
    return moved.isEmpty() ? load(figures, seen, stepG) : moved;
  }

  private static String moved(
      Figures figures, ScaleView seen, double stepG, OptionalDouble zeroMovedG) {
    Words words = figures.words();
    if (Math.abs(seen.driftG().orElse(0)) > stepG * MOVED_STEPS) {
      return words.of("hands.drifts", figures.read(Math.abs(seen.driftG().getAsDouble()), stepG));
    }
    return Math.abs(zeroMovedG.orElse(0)) > stepG * MOVED_STEPS
        ? words.of("hands.zero-moved", figures.read(Math.abs(zeroMovedG.getAsDouble()), stepG))
        : "";
  }

  private static String load(Figures figures, ScaleView seen, double stepG) {
    Words words = figures.words();
    String gross = figures.read(seen.grams(), stepG);
    return seen.pan()
        .map(pan -> words.of("hands.less", gross, pan.name(), figures.read(pan.tareG(), stepG)))
        .orElseGet(() -> seen.isNet() ? words.of("hands.net", gross) : "");
  }
}
