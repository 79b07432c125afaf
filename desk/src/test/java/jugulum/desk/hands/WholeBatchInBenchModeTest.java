package jugulum.desk.hands;

import static javafx.scene.input.KeyCode.CONTROL;
import static javafx.scene.input.KeyCode.ENTER;
import static javafx.scene.input.KeyCode.F11;
import static javafx.scene.input.KeyCode.N;
import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import jugulum.core.account.Worked;
import jugulum.core.ledger.Batch;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.Process;
import jugulum.core.ledger.Step;
import jugulum.core.ledger.StepId;
import jugulum.core.scale.ScaleView;
import jugulum.core.shop.ShopEdit;
import jugulum.core.task.Task;
import jugulum.core.task.Tasks;
import jugulum.core.weighing.Container;
import jugulum.desk.Person;
import jugulum.scale.played.PlayedScale;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.framework.junit5.ApplicationExtension;

/**
 * A bucket goes from receiving to vial by nothing but the first question asked and what lies on the
 * played scale.
 */
@ExtendWith(ApplicationExtension.class)
class WholeBatchInBenchModeTest {
  private static final int MOST_QUESTIONS = 120;
  private static final double PAN_G = 642;
  private static final double FEED_G = 2_400;

  @TempDir private Path folder;
  private double lies;
  private int looks;

  @Test
  void fromBucketToVialWithoutTheMouse() {
    try (Person person = Person.at(folder.resolve("wet.book"))) {
      person
          .workbench()
          .session()
          .change(new ShopEdit.KnowContainer(new Container("steel pan", PAN_G)));
      person.workbench().session().change(new ShopEdit.KnowScale(PlayedScale.kept("shed scale")));
      person.settle().press(CONTROL, N).write("Hollin 2").press(ENTER);
      person.until(() -> person.workbench().projections().current().get().worked().isPresent());
      person.press(F11).until(() -> first(person).isPresent());
      int asked = 0;
      while (!person.batch().closed()) {
        assertThat(asked++)
            .as("questions asked; the last: " + first(person))
            .isLessThan(MOST_QUESTIONS);
        answer(person, first(person).orElseThrow());
      }
      assertThat(person.batch().lots()).anyMatch(lot -> lot.material() == Material.GOLD);
      assertThat(worked(person).gold().won()).isPresent();
      assertThat(looks).as("looks at tailings that were weighed").isPositive();
      assertThat(weights(person))
          .as("every weight came from the scale")
          .isNotEmpty()
          .allMatch(weight -> weight.on().isPresent());
      assertThat(weights(person).getFirst().container()).contains("steel pan");
    }
  }

  private static List<Measure.SandWeight> weights(Person person) {
    return person.batch().lots().stream()
        .flatMap(lot -> lot.live(Measure.SandWeight.class))
        .toList();
  }

  private static Worked worked(Person person) {
    return person.workbench().projections().current().get().worked().orElseThrow();
  }

  /** What is asked first, worked out as the window does. */
  private static Optional<Task> first(Person person) {
    Worked worked = worked(person);
    return Tasks.of(
            worked,
            person.workbench().projections().shop().get(),
            worked.batch().route(),
            Instant.parse("2026-05-04T08:00:00Z"))
        .stream()
        .findFirst();
  }

  private void answer(Person person, Task task) {
    Batch before = person.batch();
    switch (task.kind()) {
      case WEIGH -> {
        weigh(person, expected(person, task));
        if (person.text("hands-question").contains("container alone")) {
          person.write("0").press(ENTER);
        }
        assertThat(person.text("hands-question")).contains("percent");
        person.press(ENTER);
      }
      case WEIGH_GOLD -> weigh(person, 0.84);
      case LOOK_OVER -> person.write("+").press(ENTER).press(ENTER);
      case LOOK -> {
        weigh(person, Math.min(task.parts().getFirst().high() / 2, 100));
        person.write("+").press(ENTER);
      }
      case PASS -> {
        StepId step = ((Task.Subject.OfStep) task.subject()).step();
        int made = person.batch().step(step).orElseThrow().passes().size();
        weigh(person, task.parts().getFirst().high() * (0.5 - 0.03 * made));
        person.press(ENTER).write("+".repeat(Math.max(0, 4 - 2 * made))).press(ENTER);
      }
      case SET -> {
        String usual = Double.toString(task.parts().getFirst().usual().orElseThrow());
        person.write(usual).press(ENTER);
      }
      case KEEP, CHOOSE_ROUTE -> person.write("2").press(ENTER);
      default -> person.press(ENTER);
    }
    person.until(() -> !person.batch().equals(before));
    assertThat(person.sees("hands-wrong")).as(task.toString()).isFalse();
    if (task.kind() == Task.Kind.LOOK && isOfARun(person, task)) {
      saysWhatToDo(person);
    }
  }

  private static boolean isOfARun(Person person, Task task) {
    LotId lot = ((Task.Subject.OfLot) task.subject()).lot();
    return worked(person)
        .network()
        .maker(lot)
        .filter(step -> step.process() instanceof Process.GravityRun)
        .isPresent();
  }

  /** Under what was taken stands what the look comes to. */
  private void saysWhatToDo(Person person) {
    person.until(() -> person.text("hands-took").contains("\n"));
    assertThat(person.text("hands-took"))
        .containsAnyOf("pays", "not worth the minutes", "Too little was panned");
    looks++;
  }

  /** The feed is a small bucket; what a step makes are equal parts of what it took. */
  private static double expected(Person person, Task task) {
    LotId lot = ((Task.Subject.OfLot) task.subject()).lot();
    Worked worked = worked(person);
    Optional<Step> maker = worked.network().maker(lot).filter(step -> !step.inputs().isEmpty());
    return maker
        .map(
            step ->
                worked.sand().mass(step.inputs().getFirst()).grams()
                    / step.outputs().size()
                    * 0.998)
        .orElse(FEED_G);
  }

  /** The pan first, while it is the feed; then all of it, and the key that takes it. */
  private void weigh(Person person, double grams) {
    boolean isFeed = person.batch().readings().findAny().isEmpty();
    if (isFeed || Math.abs(lies - grams) < 1) {
      lay(person, 0);
    }
    if (isFeed) {
      lay(person, PAN_G);
    }
    lay(person, isFeed ? PAN_G + grams : grams);
    person.press(ENTER);
  }

  private void lay(Person person, double grams) {
    lies = grams;
    person.workbench().scale().played().put(grams);
    person.until(
        () -> {
          ScaleView seen = person.workbench().scale().view().get();
          boolean stands =
              seen.state() == ScaleView.State.STEADY || seen.state() == ScaleView.State.EMPTY;
          return stands && Math.abs(seen.grams() - grams) < 0.02;
        });
  }
}
