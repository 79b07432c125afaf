package jugulum.desk.bench;

import static javafx.scene.input.KeyCode.CONTROL;
import static javafx.scene.input.KeyCode.ENTER;
import static javafx.scene.input.KeyCode.ESCAPE;
import static javafx.scene.input.KeyCode.G;
import static javafx.scene.input.KeyCode.Z;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.TextInputControl;
import jugulum.core.ledger.Batch;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.Reading;
import jugulum.core.ledger.Step;
import jugulum.desk.OnTheDemoBook;
import jugulum.desk.Person;
import org.junit.jupiter.api.Test;
import org.testfx.util.WaitForAsyncUtils;

/** Whoever weighs looks at the scale: what is typed blind becomes that weight or nothing. */
class BlindTypingTest extends OnTheDemoBook {
  private static final String TYPED = "1.07 kg";
  private static final double GRAMS = 1070;

  private static List<Node> focusable(Node node, List<Node> found) {
    if (node.isVisible() && !node.isDisabled()) {
      if (node.isFocusTraversable() && !(node instanceof TextInputControl)) {
        found.add(node);
      }
      if (node instanceof Parent parent) {
        parent.getChildrenUnmodifiable().forEach(child -> focusable(child, found));
      }
    }
    return found;
  }

  private static List<Node> ways(Person person) {
    return WaitForAsyncUtils.waitForAsyncFx(
        10_000, () -> focusable(person.root().lookup("#panel-host"), new ArrayList<>()));
  }

  private static void focus(Node node) {
    WaitForAsyncUtils.waitForAsyncFx(
        10_000,
        () -> {
          node.requestFocus();
          return null;
        });
  }

  private static boolean isTyped(Reading reading) {
    return switch (reading.measure()) {
      case Measure.SandWeight weight -> Math.abs(weight.grossG() - GRAMS) < 1e-6;
      case Measure.Pass pass -> Math.abs(pass.liftedG() - GRAMS) < 1e-6;
      case Measure.PannedSample sample -> Math.abs(sample.sampleG() - GRAMS) < 1e-6;
      case Measure.GoldWeight gold -> Math.abs(gold.massG() - GRAMS) < 1e-6;
      default -> false;
    };
  }

  private static List<Reading> typed(List<Reading> readings) {
    return readings.stream().filter(BlindTypingTest::isTyped).toList();
  }

  private static int typedIn(Batch batch) {
    return batch.lots().stream().mapToInt(lot -> typed(lot.readings()).size()).sum()
        + batch.steps().stream().mapToInt(step -> typed(step.readings()).size()).sum();
  }

  /** What a batch holds, but for readings of that very weight. */
  private static String without(Batch batch) {
    StringBuilder held = new StringBuilder();
    for (Lot lot : batch.lots()) {
      held.append(lot.readings().size() - typed(lot.readings()).size()).append(' ');
    }
    for (Step step : batch.steps()) {
      held.append(step.isLive() ? '+' : '-')
          .append(step.finishedAt())
          .append(step.readings().size() - typed(step.readings()).size())
          .append(' ');
    }
    return held.append(batch.closed()).toString();
  }

  /** From the first and the last thing of every panel that can have the focus. */
  @Test
  void aWeightTypedIntoAnyPanelBecomesThatWeightOrNothing() {
    try (Person person = Person.at(book)) {
      List<Consumer<Person>> panels = new ArrayList<>();
      person.batch().lots().stream()
          .filter(lot -> lot.id().number() % 5 == 0)
          .forEach(lot -> panels.add(one -> one.open(lot.id().number())));
      person.batch().steps().forEach(step -> panels.add(one -> one.openStep(step.id().number())));
      String before = without(person.batch());
      int recorded = 0;
      for (Consumer<Person> panel : panels) {
        panel.accept(person);
        int many = ways(person).size();
        for (int at : new int[] {0, many - 1}) {
          panel.accept(person);
          List<Node> ways = ways(person);
          Node way = ways.get(Math.min(at, ways.size() - 1));
          focus(way);
          person.write(TYPED).press(ENTER);
          assertThat(without(person.batch())).as("typed at %s", way).isEqualTo(before);
          for (; typedIn(person.batch()) > 0; recorded++) {
            person.press(ESCAPE).press(CONTROL, Z);
          }
          person.press(ESCAPE);
        }
      }
      assertThat(recorded).as("weights that were taken").isPositive();
    }
  }

  /** As it was tried: a run was started with Enter, and the weight typed at once. */
  @Test
  void aWeightTypedAfterAStartStartsNothing() {
    try (Person person = Person.at(book)) {
      int steps = person.batch().steps().size();
      person.click("station-2-5").press(G).click("start-step");
      assertThat(person.batch().steps()).hasSize(steps + 1);
      person.write(TYPED).press(ENTER);
      assertThat(person.batch().steps()).hasSize(steps + 1);
      Step run = person.batch().steps().getLast();
      assertThat(run.readings()).as("nothing started, nothing charged").isEmpty();
      assertThat(
              person.batch().lots().stream()
                  .filter(lot -> run.outputs().contains(lot.id()))
                  .mapToInt(lot -> typed(lot.readings()).size())
                  .sum())
          .as("it is the weight of the concentrate")
          .isEqualTo(1);
    }
  }

  /** Where nothing is asked, the letters of a number press no button. */
  @Test
  void whereNothingIsAskedANumberFalls() {
    try (Person person = Person.at(book)) {
      person.openInOneFrame("Tarnbeck 7");
      person.settle().open(1);
      Batch before = person.batch();
      focus(ways(person).getFirst());
      person.write(TYPED);
      assertThat(person.text("notice")).contains("Nothing is asked");
      person.press(ENTER);
      assertThat(person.batch()).isEqualTo(before);
    }
  }
}
